<?php

/** Makes a plan what its line says. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<KeepLine> */
final readonly class KeepLineHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Lines $lines,
        private Plans $plans,
        private ZoneChanges $changes,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws Refused 412 with their line where somebody changed the plan meanwhile */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $read = $this->lines->accepted($actor, $command->line);
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        [$revision, $rows] = $this->plans->of($actor, $dog);
        $plan = Lines::recipes($rows);
        if ($revision !== $command->revision) {
            throw Refused::stale('Somebody changed this plan meanwhile.', [
                'version' => $revision,
                'theirs_line' => PlanLine::of($plan),
            ]);
        }
        $wishes = [];
        foreach (array_merge(...Lines::differences($plan, $read->plan)) as $zone) {
            $wishes[$zone] = [
                'version' => $rows[$zone]['version'] ?? 0,
                'recipe' => isset($read->plan[$zone]) ? PlanLine::recipe($read->plan[$zone]) : new ZoneRecipe(),
            ];
        }
        $done = $this->changes->make($actor, $dog, $wishes, $revision);

        return new Outcome(['revision' => $done->revision], array_values($done->entries));
    }
}
