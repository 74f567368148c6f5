<?php

/** Keeps where the van finds a home, and what it may take there. */

declare(strict_types=1);

namespace KeenThistle\Round;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Household;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Round\RoundWords;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<PutHomeOnMap> */
final readonly class PutHomeOnMapHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private RoadTimes $roads,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws Refused 412 where somebody else changed the home meanwhile */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $home = $this->scope->get($actor, Household::class, $command->home, $this->manager, 'home');
        if ($home->version !== $command->version) {
            throw Refused::stale('Somebody else changed this home meanwhile.', ['version' => $home->version]);
        }
        $form = $command->form;
        $spot = $this->roads->spots()[$form->spot] ?? null;
        if ('' !== $form->spot && null === $spot) {
            throw InvalidInput::at('spot', RoundWords::notOnTheMap($form->spot));
        }
        [$home->spot, $home->hasWater, $home->hasPower] = [$form->spot, $form->has_water, $form->has_power];
        $where = null === $spot ? 'not on the map any more' : "at $spot->name";

        return new Outcome(entries: [new Entry(null, 'home', (string) $home->id, "$home->name: the home is $where")]);
    }
}
