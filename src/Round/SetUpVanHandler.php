<?php

/** Keeps what a van holds and how its day goes. */

declare(strict_types=1);

namespace KeenThistle\Round;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Round\RoundWords;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<SetUpVan> */
final readonly class SetUpVanHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private RoadTimes $roads,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws Refused 409 for a room, 412 where somebody else changed it meanwhile */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $van = $this->scope->get($actor, Place::class, $command->van, $this->manager, 'place');
        if ('van' !== $van->kind) {
            throw Refused::conflict("$van->name is a room: only a van goes on a round.");
        }
        if ($van->version !== $command->version) {
            throw Refused::stale('Somebody else changed this van meanwhile.', ['version' => $van->version]);
        }
        $form = $command->form;
        $this->mustBeOnTheMap('base', $form->base);
        $refills = [];
        foreach ($form->refills as $n => $r) {
            $this->mustBeOnTheMap("refills[$n].at", $r->at);
            if (!$r->water && !$r->power) {
                throw InvalidInput::at("refills[$n].water", RoundWords::fillsNothing());
            }
            $refills[] = ['at' => $r->at, 'water' => $r->water, 'power' => $r->power, 'minutes' => $r->minutes];
        }
        $van->round = [
            'base' => $form->base,
            'tank' => $form->tank,
            'battery' => $form->battery,
            'early' => $form->early,
            'late' => $form->late,
            'refills' => $refills,
        ];

        return new Outcome(entries: [new Entry(null, 'place', (string) $van->id, "$van->name: its round changed")]);
    }

    private function mustBeOnTheMap(string $field, string $spot): void
    {
        if (!isset($this->roads->spots()[$spot])) {
            throw InvalidInput::at($field, RoundWords::notOnTheMap($spot));
        }
    }
}
