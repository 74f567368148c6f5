<?php

/** What was shown is signed, or refused, and sealed. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Symfony\Contracts\EventDispatcher\EventDispatcherInterface;

/** @implements Handler<Agree> */
final readonly class AgreeHandler implements Handler
{
    public function __construct(
        private ArrivalRows $rows,
        private ArrivalAnswers $answers,
        private Seal $seal,
        private Scope $scope,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
        private TodayReader $today,
        private EventDispatcherInterface $events,
    ) {
    }

    /** @throws Refused 412 where something was changed after it was shown */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        $arrival = $this->rows->arrival($actor, $command->arrival);
        $signature = $form->line();
        $extras = array_column($arrival->extras, 'name');
        $away = $form->away;
        // What was signed without a signal stays as it was signed, whatever has been changed since.
        if (null !== $away && 'as_reckoned' !== $form->choice) {
            throw InvalidInput::at('choice', 'must be as_reckoned where no salon could be asked');
        }
        if (
            null === $away
            && ($form->comb_version !== $arrival->combVersion
            || $form->check_version !== $arrival->checkVersion
            || ($form->kind ?? $arrival->kind) !== $arrival->kind
            || ($form->extras ?? $extras) !== $extras)
        ) {
            throw Refused::stale('Something was changed after this was shown. Look at it once more, then sign.', [
                'version' => $arrival->combVersion,
            ]);
        }
        $arrival->choice = $form->choice;
        $view = $this->answers->of($actor, $arrival);
        $chosen =
            array_values(
                array_filter($view->comb->options, static fn (OptionView $o): bool => $o->choice === $arrival->choice),
            )[0] ?? throw InvalidInput::at('choice', 'is not one of the ways that are open today');
        if (null === $away && ($form->price_minor ?? $chosen->price_minor) !== $chosen->price_minor) {
            throw Refused::stale('The price was changed after this was shown. Look at it once more, then sign.', [
                'version' => $arrival->combVersion,
            ]);
        }
        $before = $this->rows->agreements($arrival);
        // Sealed to the second, as it is stored.
        $now = new \DateTimeImmutable($this->clock->now()->format('Y-m-d H:i:sP'));
        $agreement = new Agreement(
            Uuid::v7(),
            $arrival,
            $this->scope->person($actor),
            \count($before) + 1,
            $form->agreed,
            trim($form->signed_by),
            $signature,
            null === $away
                ? ShownTerms::of($arrival, $view, $chosen, $form->by)
                : ShownTerms::away($arrival, $view, $form, $this->today->alone($actor, $arrival, $away->mats())),
            $now->setTimezone($this->clock->now()->getTimezone()),
            bin2hex(random_bytes(16)),
        );
        $agreement->seal = $this->seal->of($agreement, [] === $before ? '' : $before[\count($before) - 1]->seal);
        $arrival->state = $form->agreed ? 'agreed' : 'refused';
        $this->manager->persist($agreement);
        $this->events->dispatch(new ArrivalChanged($arrival, $actor));
        $words = \sprintf(
            '%s %s%s: %s',
            $agreement->signedBy,
            $form->agreed ? 'agreed' : 'refused',
            'phone' === $form->by ? ' by phone' : '',
            $chosen->title,
        );

        return new Outcome(entries: [new Entry($arrival->dog, 'arrival', (string) $arrival->id, $words)]);
    }
}
