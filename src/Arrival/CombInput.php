<?php

/** Reads a comb test from a request, and hands a stored one to the rule. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Check\CheckRule;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Zone\Zone;

/**
 * @phpstan-import-type Comb from Arrival
 * @phpstan-import-type MatRow from Arrival
 */
final class CombInput
{
    private function __construct()
    {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'stops_first' => Shape::integer(0, 999)->nullable()->describe('stops of the comb in the first pass'),
            'stops_second' => Shape::integer(0, 999)->nullable()->describe('stops in the second pass'),
            'zones' => Shape::list(
                Shape::object(
                    Mat::fields() + [
                        'skin' => Shape::choice(CheckRule::SKIN_UNDER, 'finding')
                            ->nullable()
                            ->describe('what the skin there looks like'),
                    ],
                ),
                0,
                80,
            )->required(),
            'choice' => Shape::choice(Arrival::CHOICES, 'choice')->nullable(),
        ]);
    }

    /**
     * @return Comb
     *
     * @throws InvalidInput for a zone that is there twice, or an overrule that cannot be done or says no reason
     */
    public static function comb(Fields $in): array
    {
        $zones = [];
        foreach ($in->objects('zones') as $z) {
            $mat = Mat::fromFields($z);
            if (isset($zones[$mat->zone->id])) {
                throw InvalidInput::at($z->pathOf('zone'), 'is there twice');
            }
            if (null !== $mat->overrule && '' === trim($mat->why)) {
                throw InvalidInput::missing($z->pathOf('why'), 'say why the decision is overruled');
            }
            $zones[$mat->zone->id] = [
                'zone' => $mat->zone->id,
                'severity' => $mat->severity,
                'spread' => $z->floatOrNull('spread'),
                'clearance' => $mat->clearance,
                'overrule' => $mat->overrule?->value,
                'why' => trim($mat->why),
                'skin' => $z->textOrNull('skin'),
            ];
        }

        return [
            'stops_first' => $in->intOrNull('stops_first'),
            'stops_second' => $in->intOrNull('stops_second'),
            'zones' => array_values($zones),
        ];
    }

    /**
     * @param Comb $comb
     *
     * @return list<Mat>
     */
    public static function mats(array $comb): array
    {
        return array_map(
            static fn (array $r): Mat => new Mat(
                Zone::of($r['zone']),
                $r['severity'],
                Mat::share($r['severity'], $r['spread']),
                $r['clearance'],
                null === $r['overrule'] ? null : Decision::from($r['overrule']),
                $r['why'],
            ),
            $comb['zones'],
        );
    }
}
