<?php

/** What the tests of today's list share. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\TestTrait;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Today\Facts;
use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Today\Today;
use KeenThistle\Core\Today\TodayRule;
use KeenThistle\Core\Today\Wanted;
use KeenThistle\Core\Zone\Zone;
use PHPUnit\Framework\TestCase;

abstract class TodayCase extends TestCase
{
    use TestTrait;

    protected static function guard(float $mm = 16.0, Lay $lay = Lay::With): Wanted
    {
        return new Wanted(new Recipe(Tool::guard(Length::ofMillimetres($mm), '10'), $lay));
    }

    protected static function bare(string $label, Lay $lay = Lay::With): Wanted
    {
        return new Wanted(new Recipe(Tool::blade($label), $lay));
    }

    protected static function byHand(string $kind = 'scissor', ?float $mm = null): Wanted
    {
        return new Wanted(new Recipe(Tool::hand($kind), Lay::With, null === $mm ? null : Length::ofMillimetres($mm)));
    }

    protected static function mat(string $zone, int $severity, float $spread = 1.0, ?bool $clearance = null): Mat
    {
        return new Mat(Zone::of($zone), $severity, $spread, $clearance);
    }

    /**
     * @param list<string> $zones
     *
     * @return array<string, Wanted>
     */
    protected static function all(array $zones, Wanted $wanted): array
    {
        return array_fill_keys($zones, $wanted);
    }

    protected static function today(Facts $facts): Today
    {
        return (new TodayRule())->of($facts);
    }

    /**
     * Many figures from one: a long vector of them takes for ever to shrink.
     *
     * @return list<int>
     */
    protected static function seeds(int $from, int $many): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($from));

        return array_map(static fn (): int => $random->getInt(0, 9_999_999), range(1, $many));
    }

    /** @return array<string, string> zone => state, or what is done */
    protected static function said(Today $today): array
    {
        return array_map(
            static fn (Row $r): string => Row::PLANNED === $r->state
                ? "$r->from: ".$r->tool?->words()
                : "$r->from: $r->state",
            $today->rows,
        );
    }
}
