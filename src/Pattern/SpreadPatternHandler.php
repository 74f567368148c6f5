<?php

/** Lets cards follow a change of their pattern, all in the same few statements. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Command\Progress;
use KeenThistle\Log\Change;
use KeenThistle\Plan\ChangedPlan;
use KeenThistle\Plan\PlanLine;
use KeenThistle\Plan\Plans;
use KeenThistle\Plan\ZoneChanges;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<SpreadPattern> */
final readonly class SpreadPatternHandler implements Handler
{
    public function __construct(
        private PatternRows $rows,
        private ZoneChanges $changes,
        private FollowStore $follows,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $change = $this->scope->get($actor, Change::class, $command->change, $this->manager, 'change');
        [$old, $new] = [PatternChange::line($change->before), PatternChange::line($change->after)];
        $version = PatternChange::version($change);
        [$some, $rest] = Some::of($command->dogs);
        $follows = array_values(
            array_filter(
                $this->rows->following($actor, $change->subject, $some),
                static fn (Follow $f): bool => $f->taken < $version,
            ),
        );
        $writes = [];
        foreach ($this->rows->spread($actor, $follows, $old, $new) as $spread) {
            $wishes = [];
            foreach ($spread['take'] as $zone => $fit) {
                $wishes[$zone] = PlanLine::recipe($fit->way);
            }
            foreach ($spread['out'] as $zone) {
                $wishes[$zone] = new ZoneRecipe();
            }
            $plan = $spread['plan'];
            $writes[] = [
                'dog' => $spread['follow']->dog,
                'before' => Plans::recipes($plan),
                'wishes' => Plans::wishes($wishes, $plan),
            ];
            $spread['follow']->own = array_values(
                array_unique([...$spread['follow']->own, ...array_keys($spread['stay'])]),
            );
        }
        $done = $this->changes->write($actor, $writes, partOf: $change->id);
        $this->follows->took($actor, $follows, $version);
        $entries = array_map(static fn (ChangedPlan $p): array => array_values($p->entries), array_values($done));

        return new Outcome(
            entries: array_merge(...$entries),
            progress: new Progress(\count($some), [] === $rest ? null : new SpreadPattern($command->change, $rest)),
        );
    }
}
