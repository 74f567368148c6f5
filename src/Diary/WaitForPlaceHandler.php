<?php

/** A dog waits once for a kind of visit: said again, it waits for what was said last. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Handling\State;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<WaitForPlace> */
final readonly class WaitForPlaceHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    /** @throws InvalidInput for days that are over, or an end before its beginning */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        if (!State::from($dog->state)->isBooked()) {
            throw Refused::conflict("No dates are held for $dog->name: change its state first.");
        }
        $form = $command->form;
        $today = $this->scope->today($actor);
        if ($form->until->format('Y-m-d') < $today->format('Y-m-d') || $form->until > $today->modify('+1 year')) {
            throw InvalidInput::at('until', 'must be from today to a year from now');
        }
        if ($form->since > $form->until) {
            throw InvalidInput::at('since', 'must not be after the last day');
        }
        $waiting = $this->manager
            ->getRepository(WaitingDog::class)
            ->findOneBy(['dog' => $dog, 'kind' => $form->kind]);
        if (null === $waiting) {
            $waiting = new WaitingDog(Uuid::v7(), $dog, $form->kind, $form->since, $form->until);
            $this->manager->persist($waiting);
        }
        $waiting->since = $form->since;
        $waiting->until = $form->until;
        $waiting->note = trim($form->note);
        $waiting->staff = '' === ($form->staff ?? '')
            ? null
            : $this->scope->get($actor, Staff::class, (string) $form->staff, $this->manager, 'person');

        return new Outcome(['waiting' => (string) $waiting->id], [
            new Entry(
                $dog,
                'booking',
                (string) $waiting->id,
                \sprintf(
                    'waits for a place: %s, %s to %s',
                    $form->kind,
                    Say::day($form->since),
                    Say::day($form->until),
                ),
            ),
        ]);
    }
}
