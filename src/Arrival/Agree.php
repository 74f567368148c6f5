<?php

/** Use case: what was shown is signed, or refused, and sealed. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class Agree
{
    private const PATH = '/^M\d{1,3}(\.\d)?[ ,]\d{1,3}(\.\d)?([ ,]?[ML]?[ ,]?\d{1,3}(\.\d)?[ ,]\d{1,3}(\.\d)?)+$/';

    public function __construct(
        private ArrivalRows $rows,
        private ArrivalAnswers $reckoning,
        private Seal $seal,
        private Scope $scope,
        private ChangeRecorder $log,
        private ClockInterface $clock,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'agreed' => Shape::boolean()->required(),
            'signed_by' => Shape::line(1, 80)->required()->describe('name of who signs, or refuses'),
            'signature' => Shape::text(0, 20_000)
                ->default('')
                ->describe('SVG path data, M and L only, in a box of 600 × 200'),
            'comb_version' => Shape::integer(1, 1_000_000)->required()->describe('the comb test that was shown'),
            'check_version' => Shape::integer(1, 1_000_000)->required()->describe('the check that was shown'),
            'choice' => Shape::choice(Arrival::CHOICES, 'choice')->required()->describe('the way that was chosen'),
        ]);
    }

    public function __invoke(Actor $actor, EntityManagerInterface $manager, Arrival $arrival, Fields $in): void
    {
        $signature = trim($in->text('signature'));
        if ($in->bool('agreed') && '' === $signature) {
            throw InvalidInput::missing('signature', 'the owner signs on the tablet');
        }
        if ('' !== $signature && 1 !== preg_match(self::PATH, $signature)) {
            throw InvalidInput::at('signature', 'must be a drawn line: M and L with numbers up to 999');
        }
        if (
            $in->int('comb_version') !== $arrival->combVersion
            || $in->int('check_version') !== $arrival->checkVersion
        ) {
            throw Problem::stale('Something was changed after this was shown. Look at it once more, then sign.', [
                'version' => $arrival->combVersion,
            ]);
        }
        $arrival->choice = $in->text('choice');
        $view = $this->reckoning->of($actor, $arrival);
        $chosen =
            array_values(
                array_filter($view->comb->options, static fn (OptionView $o): bool => $o->choice === $arrival->choice),
            )[0] ?? throw InvalidInput::at('choice', 'is not one of the ways that are open today');
        $before = $this->rows->agreements($arrival);
        $who = $this->scope->person($actor);
        $terms = json_encode(
            [
                'dog' => $arrival->dog->name,
                'salon' => $arrival->salon->name,
                'day' => $view->day,
                'choice' => $chosen->choice,
                'title' => $chosen->title,
                'minutes' => $chosen->slot_minutes,
                'price_minor' => $chosen->price_minor,
                'price_terms' => $chosen->price_terms,
                'currency' => $arrival->salon->currency,
                'leaves_mm' => $chosen->leaves_mm,
                'back_message' => $chosen->back_message,
                'visits' => $chosen->visits,
                'consent' => $view->comb->consent,
                'warnings' => array_column($chosen->warnings, 'message'),
                'findings' => [
                    ...array_column($view->comb->findings, 'message'),
                    ...array_column($view->findings, 'message'),
                ],
                'load' => $view->comb->load,
                'zones' => array_map(
                    static fn (MatView $z): array => [
                        'zone' => $z->zone,
                        'severity' => $z->severity,
                        'words' => $z->words,
                        'leaves_mm' => $z->leaves_mm,
                        'fill_back_on' => $z->fill_back_on,
                    ],
                    array_values(
                        array_filter($view->comb->zones, static fn (MatView $z): bool => 'none' !== $z->decision),
                    ),
                ),
                'comb_version' => $arrival->combVersion,
                'check_version' => $arrival->checkVersion,
            ],
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        );
        $agreement = new Agreement(
            Uuid::v7(),
            $arrival,
            $who,
            \count($before) + 1,
            $in->bool('agreed'),
            trim($in->text('signed_by')),
            $signature,
            $terms,
            $this->clock
                ->now()
                ->setTime(
                    (int) $this->clock->now()->format('H'),
                    (int) $this->clock->now()->format('i'),
                    (int) $this->clock->now()->format('s'),
                ),
            bin2hex(random_bytes(16)),
        );
        $agreement->seal = $this->seal->of($agreement, [] === $before ? '' : $before[\count($before) - 1]->seal);
        $arrival->state = $in->bool('agreed') ? 'agreed' : 'refused';
        $manager->persist($agreement);
        $this->log->record(
            $actor,
            $manager,
            $arrival->dog,
            'arrival',
            (string) $arrival->id,
            \sprintf('%s %s: %s', $agreement->signedBy, $in->bool('agreed') ? 'agreed' : 'refused', $chosen->title),
        );
    }
}
