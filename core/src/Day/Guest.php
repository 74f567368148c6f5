<?php

/** A dog that is in the salon for a while, as far as the others there are concerned. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final readonly class Guest
{
    /**
     * @param int $from minutes from midnight
     * @param int $to minutes from midnight, after from
     * @param string $home dogs of one home are used to one another
     * @param list<string> $apart ids of dogs it must not meet
     * @param bool $quiet it bears noise badly
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $from,
        public int $to,
        public string $home = '',
        public array $apart = [],
        public bool $inHeat = false,
        public bool $entireMale = false,
        public bool $quiet = false,
    ) {
    }

    /** @param list<string> $health as recorded */
    public static function isInHeat(array $health): bool
    {
        return \in_array('in_season', $health, true);
    }

    /** @param string $sex as recorded */
    public static function isEntireMale(string $sex): bool
    {
        return 'male' === $sex;
    }
}
