<?php

/** What the tests of patterns share. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Pattern\Fit;
use KeenThistle\Core\Pattern\FitRule;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Zone\Zone;
use PHPUnit\Framework\TestCase;

abstract class PatternCase extends TestCase
{
    use TestTrait;

    protected static function rule(CoatType $coat): FitRule
    {
        return new FitRule($coat, CoatStage::Adult, false, (new GrowthRule())->learn($coat), new LengthRule());
    }

    protected static function fit(
        CoatType $coat,
        string $pattern,
        string $own,
        float $carried,
        ?KitMatch $kit = null,
    ): Fit {
        $parsed = Notation::parse($pattern);
        self::assertSame([], $parsed->faults);
        $zone = array_key_first($parsed->plan) ?? throw new \LogicException('A pattern has a zone.');

        return (new FitRule(
            $coat,
            CoatStage::Adult,
            CoatType::Wire === $coat,
            (new GrowthRule())->learn($coat),
            new LengthRule(),
            $kit,
        ))->zone(
            Zone::of($zone),
            $parsed->plan[$zone],
            Notation::parse($own)->plan[$zone] ?? null,
            Length::ofMillimetres($carried),
        );
    }
}
