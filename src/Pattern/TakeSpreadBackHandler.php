<?php

/** Puts cards back to what they were before their pattern changed, but for zones somebody changed since. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Command\Progress;
use KeenThistle\Log\Change;
use KeenThistle\Plan\Plans;
use KeenThistle\Plan\ZoneChanges;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<TakeSpreadBack> */
final readonly class TakeSpreadBackHandler implements Handler
{
    public function __construct(
        private PatternRows $rows,
        private SpreadRows $spread,
        private Plans $plans,
        private ZoneChanges $changes,
        private FollowStore $follows,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $change = $this->scope->get($actor, Change::class, $command->change, $this->manager, 'change');
        if ($change->subject !== $command->pattern) {
            throw Refused::notFound('change');
        }
        [$some, $rest] = Some::of($command->dogs);
        $follows = $this->rows->following($actor, $change->subject, $some);
        $dogs = array_column(
            array_map(static fn (Follow $f): array => ['id' => (string) $f->dog->id, 'dog' => $f->dog], $follows),
            'dog',
            'id',
        );
        $plans = $this->plans->ofDogs($actor, array_values($dogs));
        $wishes = $back = [];
        foreach ($this->spread->parts($actor, $change->id, array_keys($dogs)) as $part) {
            $there = $plans[$part['dog']][$part['zone']] ?? null;
            // Somebody's later word stands.
            if (null !== $there && $there['recipe']->equals($part['after'])) {
                $wishes[$part['dog']][$part['zone']] = $part['before'];
                $back[$part['dog']][$part['zone']] = $part;
            }
        }
        $writes = [];
        foreach ($wishes as $dog => $zones) {
            $writes[] = [
                'dog' => $dogs[$dog],
                'before' => Plans::recipes($plans[$dog]),
                'wishes' => Plans::wishes($zones, $plans[$dog]),
            ];
        }
        $entries = [];
        foreach ($this->changes->write($actor, $writes) as $dog => $done) {
            foreach ($done->entries as $zone => $entry) {
                $part = $back[$dog][$zone];
                $entries[] = $entry->takingBack($part['id'], 'taken back: '.$part['summary']);
            }
        }
        $this->follows->took($actor, $follows, PatternChange::version($change) - 1);

        $left = [] === $rest ? null : new TakeSpreadBack($command->pattern, $command->change, $rest);

        return new Outcome(entries: $entries, progress: new Progress(\count($some), $left));
    }
}
