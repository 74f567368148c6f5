<?php

/** Keeps which roads are shut on a day. */

declare(strict_types=1);

namespace KeenThistle\Round;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Round\RoundWords;
use KeenThistle\Core\Say\Say;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<ShutRoad> */
final readonly class ShutRoadHandler implements Handler
{
    private const TIME = '/^([01]\d|2[0-3]):[0-5]\d$|^24:00$/D';
    private const OF_A_DAY = 12;

    public function __construct(
        private Scope $scope,
        private RoadTimes $roads,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws Refused 404 for one that is open already */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        if (null === $form) {
            $shut = $this->scope->get($actor, RoadShut::class, $command->open, $this->manager, 'road');
            $this->manager->remove($shut);

            return self::said($shut, 'open after all', $this->roads);
        }
        if (!isset($this->roads->ways()[$form->way])) {
            throw InvalidInput::at('way', RoundWords::notOnTheMap($form->way));
        }
        foreach (['from' => $form->from, 'to' => $form->to] as $field => $time) {
            if (1 !== preg_match(self::TIME, $time)) {
                throw InvalidInput::at($field, RoundWords::mustBeATime());
            }
        }
        if ($form->to <= $form->from) {
            throw InvalidInput::at('to', RoundWords::mustBeAfterFrom());
        }
        $today = $this->scope->today($actor);
        if ($form->day->format('Y-m-d') < $today->format('Y-m-d')) {
            throw InvalidInput::at('day', RoundWords::mustBeToCome());
        }
        $there = $this->manager->getRepository(RoadShut::class)->count([
            'salon' => $this->scope->salon($actor),
            'day' => $form->day,
        ]);
        if ($there >= self::OF_A_DAY) {
            throw Refused::conflict('Twelve roads are shut that day already: take one of them back first.');
        }
        $shut = new RoadShut($this->scope->person($actor), $form->day, $form->way, $form->from, $form->to);
        $this->manager->persist($shut);

        return self::said($shut, 'shut', $this->roads);
    }

    private static function said(RoadShut $shut, string $how, RoadTimes $roads): Outcome
    {
        $name = $roads->ways()[$shut->way]->name ?? $shut->way;
        $when = Say::day($shut->day).", $shut->shutFrom to $shut->shutTo";

        return new Outcome(entries: [new Entry(null, 'road', (string) $shut->id, "$name: $how on $when")]);
    }
}
