<?php

/** A salon's schools as a form has them, held against the order of work. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Order\SchoolTable;

final class Schools
{
    /** A dog with something of everything, to see what a school would break. */
    private const PROBE = ['back' => 'guard', 'groin' => '10', 'pads_front_left' => 'toe', 'rump' => 'shears'];

    private function __construct()
    {
    }

    /** @return array<string, string> a side for every point */
    public static function chosen(?Fields $given): array
    {
        $schools = [];
        foreach (array_keys(SchoolTable::rows()) as $point) {
            $schools[$point] = null === $given ? SchoolTable::defaults()[$point] : $given->text($point);
        }

        return $schools;
    }

    /**
     * A damp coat under a guard is a matter of each card, so no guard is tried here.
     *
     * @param array<string, string> $schools
     *
     * @throws InvalidInput naming the pair that cannot both hold
     */
    public static function hold(array $schools): void
    {
        (new OrderRule())->order(
            new Job(self::PROBE, CoatType::LongDouble, matted: true),
            SchoolTable::schools($schools),
        );
    }
}
