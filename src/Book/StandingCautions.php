<?php

/** The cautions that stand on a dog's card at all times. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Handling\Standing;
use KeenThistle\Core\Reason\Caution;

final class StandingCautions
{
    private function __construct()
    {
    }

    /** @return list<array{code: string, message: string, level: string}> worst first */
    public static function of(Dog $dog): array
    {
        return Caution::listToArray(self::standing($dog)->cautions());
    }

    public static function standing(Dog $dog): Standing
    {
        return new Standing(
            health: $dog->health,
            muzzle: $dog->muzzle,
            handling: $dog->handling,
            reactions: $dog->reactions,
            healthNote: $dog->healthNote,
            handlingNote: $dog->handlingNote,
            tailCarriage: $dog->tailCarriage,
            state: $dog->state,
        );
    }
}
