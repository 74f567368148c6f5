<?php

/** A salon's schools as a form has them, held against the order of work. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Order\Cut;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Order\Schools as Sides;
use KeenThistle\Core\Order\SchoolTable;

final class Schools
{
    /** A dog with something of everything, to see what a school would break. */
    private const PROBE = ['back' => '16 over 10', 'groin' => '10', 'pads_front_left' => 'toe', 'rump' => 'scissors'];

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
     * @param array<string, string> $schools
     *
     * @throws InvalidInput naming the pair that cannot both hold
     */
    public static function hold(array $schools): void
    {
        (new OrderRule())->order(
            new Job(
                array_map(static fn (string $tool): Cut => Cut::said($tool, false, null, Lay::With), self::PROBE),
                CoatType::LongDouble,
            ),
            new Sides($schools),
        );
    }
}
