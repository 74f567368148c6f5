<?php

/** The welfare limits on working mats out: what is over them is clipped, most minutes first, and both of a pair. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Measure\Surface;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

/**
 * Calm first, then every stricter tolerance down to this dog's own: what a kinder one clips stays clipped. Tangles and
 * raking are ordinary brushing and never count; separate mats never turn to clip for the whole visit's sake.
 *
 * @phpstan-type Over array{minutes: float, limit: float, of: string}
 */
final class Limits
{
    public const VISIT_MINUTES = 20.0;
    private const TENDER_MINUTES = 5.0;
    private const RAKE_MINUTES = 90.0;
    private const EPSILON = 1e-9;

    /** @var array<int, list<Over>> what each mat was over; empty: nothing */
    public array $why = [];

    /** @var array<int, float> minutes of working out that the limits look at, by mat */
    private array $minutes = [];

    /** @var array<string, int> zone => mat */
    private array $at = [];

    /**
     * @param list<Mat> $mats
     * @param array<int, Decision> $decisions by mat, before any limit
     * @param float $tolerance share of the limits that this dog can be asked to bear
     * @param float $cm2 body surface
     * @param bool $halved whether the salon clips early
     */
    public function __construct(
        private readonly array $mats,
        private array $decisions,
        private readonly float $tolerance,
        private readonly float $cm2,
        private readonly bool $halved = false,
    ) {
        foreach ($mats as $i => $mat) {
            $this->why[$i] = [];
            $this->minutes[$i] =
                $mat->severity >= 2 && $decisions[$i]->isWorkingOut() ? $mat->minutes($decisions[$i], $cm2) : 0.0;
            $this->at[$mat->zone->id] = $i;
        }
    }

    /** How much of a visit a dog of this size bears: small dogs less, large ones more. */
    public static function size(float $cm2): float
    {
        return min(1.6, max(0.7, sqrt($cm2 / 10_000 / 0.47)));
    }

    /** Minutes of working out in one visit at a tolerance. */
    public function visit(?float $tolerance = null): float
    {
        return self::VISIT_MINUTES * self::size($this->cm2) * ($tolerance ?? $this->tolerance) * $this->half();
    }

    /** Minutes of working out in one tender zone. */
    public function tender(?float $tolerance = null): float
    {
        return self::TENDER_MINUTES * ($tolerance ?? $this->tolerance) * $this->half();
    }

    /** Minutes under the rake in one visit, rests left out. */
    public function raking(): float
    {
        return self::RAKE_MINUTES * $this->tolerance;
    }

    /** @return array<int, Decision> by mat */
    public function decide(): array
    {
        foreach ([1.0, 0.6, 0.3] as $tolerance) {
            if ($tolerance < $this->tolerance - self::EPSILON) {
                break;
            }
            foreach ($this->mats as $i => $mat) {
                if ($mat->zone->tender && $this->minutes[$i] > $this->tender($tolerance) + self::EPSILON) {
                    $this->clip($i, $this->tender($tolerance), Say::it('matting.a_tender_zone'));
                }
            }
            $this->fit($tolerance);
        }

        return $this->decisions;
    }

    /** Tight mats turn to clip, most minutes first, until what is left of them fits the visit. */
    private function fit(float $tolerance): void
    {
        $tight = array_keys(array_filter($this->mats, static fn (Mat $m): bool => 3 === $m->severity));
        usort(
            $tight,
            fn (int $a, int $b): int => [$this->minutes[$b], $this->mats[$a]->zone->id] <=>
                [$this->minutes[$a], $this->mats[$b]->zone->id],
        );
        $sum = fn (): float => array_sum(array_map(fn (int $i): float => $this->minutes[$i], $tight));
        foreach ($tight as $i) {
            if ($sum() <= $this->visit($tolerance) + self::EPSILON) {
                return;
            }
            $this->clip($i, $this->visit($tolerance), Say::it('matting.the_most_minutes_while_the_visit'));
        }
    }

    private function clip(int $i, float $limit, string $of): void
    {
        if (0.0 === $this->minutes[$i] || null !== $this->mats[$i]->overrule) {
            return;
        }
        $this->turn($i, ['minutes' => $this->minutes[$i], 'limit' => $limit, 'of' => $of]);
        $other = $this->at[self::otherSide($this->mats[$i]->zone)] ?? null;
        if (null === $other || 0.0 === $this->minutes[$other] || null !== $this->mats[$other]->overrule) {
            return;
        }
        $mat = $this->mats[$other];
        if (3 === $mat->severity || $mat->zone->tender) {
            $this->turn(
                $other,
                [
                    'minutes' => $this->minutes[$other],
                    'limit' => $limit,
                    'of' => Say::it('matting.the_other_side_is_clipped'),
                ],
            );
        }
    }

    /** @param Over $over */
    private function turn(int $i, array $over): void
    {
        $this->decisions[$i] = Decision::Clip;
        $this->minutes[$i] = 0.0;
        $this->why[$i][] = $over;
    }

    /** The same place on the other side; the zone itself where it has none. */
    private static function otherSide(Zone $zone): string
    {
        return strtr($zone->id, ['_left' => '_right', '_right' => '_left']);
    }

    private function half(): float
    {
        return $this->halved ? 0.5 : 1.0;
    }
}
