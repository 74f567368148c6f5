<?php

/** What the tests of the matting rule share. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\MattingAnswer;
use KeenThistle\Core\Matting\MattingRule;
use KeenThistle\Core\Zone\Zone;
use PHPUnit\Framework\TestCase;

abstract class MattingCase extends TestCase
{
    use TestTrait;

    protected static function mat(
        string $zone,
        int $severity,
        float $spread = 1.0,
        ?bool $clearance = null,
        ?Decision $overrule = null,
    ): Mat {
        return new Mat(Zone::of($zone), $severity, $spread, $clearance, $overrule);
    }

    /** @param list<Mat> $mats */
    protected static function reckon(
        array $mats,
        Handling $handling = Handling::Calm,
        float $kg = 10.0,
        CoatType $coat = CoatType::Curly,
        bool $stripped = false,
        ?int $rate = null,
        bool $clipsEarly = false,
        bool $experienced = false,
    ): MattingAnswer {
        return (new MattingRule($kg, $handling, $coat, $stripped, $rate, $clipsEarly, $experienced))->reckon($mats);
    }

    /** @return array<string, string> */
    protected static function decisions(MattingAnswer $answer): array
    {
        $out = [];
        foreach ($answer->zones as $z) {
            $out[$z->mat->zone->id] = $z->decision->value;
        }

        return $out;
    }
}
