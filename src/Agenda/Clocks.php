<?php

/** Reads what sets a dog's clocks: its plan, its visits, the kit. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Book\Dog;
use KeenThistle\Kit\KitReader;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;

final readonly class Clocks
{
    public function __construct(
        private Scope $scope,
        private Plans $plans,
        private Visits $visits,
        private KitReader $kit,
    ) {
    }

    /** Without a plan or a visit no date is more than a guess: then nothing is said of clocks. */
    public function of(Actor $actor, Dog $dog): DogClocks
    {
        $plan = $this->plans->of($actor, $dog)[1];
        $visits = $this->visits->past($actor, $dog);
        $figures = new GrowthAndClocks($dog, new History($visits), $this->scope->today($actor));

        return new DogClocks($plan, $figures, $this->kit->lengths($actor), [] !== $plan && [] !== $visits);
    }
}
