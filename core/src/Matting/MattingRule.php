<?php

/** Comb or clip: what a comb test comes to, with a welfare limit on how long a dog is worked on. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Measure\Surface;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class MattingRule
{
    public const VISIT_MINUTES = 20.0;
    private const TENDER_MINUTES = 5.0;
    public const FREE_MINUTES = 5.0;
    private const EVEN_FROM = 0.3;
    private const EPSILON = 1e-9;

    /** @param int|null $rate minor currency units per matting minute */
    public function __construct(
        private float $kg,
        private Handling $handling,
        private CoatType $coat,
        private bool $handStripped = false,
        private ?int $rate = null,
    ) {
    }

    /** @param list<Mat> $mats each zone once */
    public function reckon(array $mats): MattingAnswer
    {
        [$kg, $handling, $coat, $rate] = [$this->kg, $this->handling, $this->coat, $this->rate];
        $cm2 = Surface::cm2($kg);
        $decisions = $why = [];
        foreach ($mats as $i => $mat) {
            $decisions[$i] = $mat->overrule ?? $mat->firstDecision();
            $why[$i] = [];
        }
        // Calm first, then every stricter limit down to this dog's own: what a kinder one clips stays clipped.
        foreach ([1.0, 0.6, 0.3] as $factor) {
            if ($factor < $handling->toleranceFactor() - self::EPSILON) {
                break;
            }
            $this->limit($mats, $decisions, $why, $cm2, $factor);
        }
        $zones = $this->zones($mats, $decisions, $why, $cm2);
        $factor = $handling->toleranceFactor();
        $minutes = array_sum(array_map(static fn (ZoneDecision $z): float => $z->minutes, $zones));
        $worked = array_sum(array_map(static fn (ZoneDecision $z): float => $z->workedOut, $zones));
        $load = array_sum(array_map(static fn (Mat $m): float => $m->load(), $mats));
        $fee = null === $rate ? null : (int) round(max(0.0, $minutes - self::FREE_MINUTES) * $rate);
        [$even, $clipped] = self::evenOut($zones);
        $consentOnly = null !== $even && ($coat->isDouble() || (CoatType::Wire === $coat && $this->handStripped));
        $words = new MattingWords();

        return new MattingAnswer(
            $load,
            $zones,
            $minutes,
            $worked,
            self::VISIT_MINUTES * $factor,
            self::TENDER_MINUTES * $factor,
            $fee,
            $even,
            $consentOnly,
            $clipped,
            $words->consent($zones, $consentOnly ? null : $even, $fee),
            $words->cautions(
                $zones,
                $coat,
                $worked,
                self::VISIT_MINUTES * $factor,
                self::TENDER_MINUTES * $factor,
                $consentOnly,
            ),
            $words->questions($mats),
            [
                new Reason('surface', round(Surface::m2($kg), 3), 'm²', Say::it('matting.0_101_kg_to_the_power', $kg)),
                new Reason(
                    'limit',
                    round(self::VISIT_MINUTES * $factor, 1),
                    'min',
                    Say::it(
                        'matting.min_of_working_out_a_visit',
                        self::VISIT_MINUTES,
                        $factor,
                        str_replace('_', ' ', $handling->value),
                    ),
                ),
                new Reason(
                    'tender_limit',
                    round(self::TENDER_MINUTES * $factor, 1),
                    'min',
                    Say::it('matting.for_each_tender_zone'),
                ),
                ...null === $fee
                    ? []
                    : [
                        new Reason(
                            'fee',
                            $fee,
                            'minor',
                            Say::it('matting.minutes_past_the_first', self::FREE_MINUTES, $rate),
                        ),
                    ],
            ],
        );
    }

    /**
     * Clips what is over a limit at this tolerance.
     *
     * @param list<Mat> $mats
     * @param array<int, Decision> $decisions
     * @param array<int, list<array{minutes: float, limit: float, of: string}>> $why what was over a limit
     */
    private function limit(array $mats, array &$decisions, array &$why, float $cm2, float $factor): void
    {
        $total = 0.0;
        $minutes = $open = [];
        foreach ($mats as $i => $mat) {
            $minutes[$i] = Decision::Clip === $decisions[$i] ? 0.0 : $mat->minutes($decisions[$i], $cm2);
            $mayClip = $minutes[$i] > 0 && null === $mat->overrule;
            if ($mayClip && $mat->zone->tender && $minutes[$i] > self::TENDER_MINUTES * $factor + self::EPSILON) {
                $why[$i][] = [
                    'minutes' => $minutes[$i],
                    'limit' => self::TENDER_MINUTES * $factor,
                    'of' => Say::it('matting.a_tender_zone'),
                ];
                $decisions[$i] = Decision::Clip;
                continue;
            }
            $total += $minutes[$i];
            if ($mayClip) {
                $open[] = $i;
            }
        }
        if ($total <= self::VISIT_MINUTES * $factor + self::EPSILON) {
            return;
        }
        usort($open, static fn (int $a, int $b): int => $minutes[$b] <=> $minutes[$a]);
        foreach ($open as $i) {
            if ($total <= self::VISIT_MINUTES * $factor + self::EPSILON) {
                break;
            }
            $total -= $minutes[$i];
            $why[$i][] = [
                'minutes' => $minutes[$i],
                'limit' => self::VISIT_MINUTES * $factor,
                'of' => Say::it('matting.the_most_minutes_while_the_visit'),
            ];
            $decisions[$i] = Decision::Clip;
        }
    }

    /**
     * @param list<Mat> $mats
     * @param array<int, Decision> $decisions
     * @param array<int, list<array{minutes: float, limit: float, of: string}>> $why what was over a limit
     *
     * @return list<ZoneDecision>
     */
    private function zones(array $mats, array $decisions, array $why, float $cm2): array
    {
        $zones = [];
        foreach ($mats as $i => $mat) {
            $minutes = $mat->minutes($decisions[$i], $cm2);
            $clipped = Decision::Clip === $decisions[$i];
            $zones[] = new ZoneDecision(
                $mat,
                $decisions[$i],
                $clipped ? UnderBlade::for($mat) : null,
                $minutes,
                $clipped ? 0.0 : $minutes,
                $why[$i],
            );
        }

        return $zones;
    }

    /**
     * The longest length that every clipped zone that is not tender still allows, once those are more than 30 % of
     * the body.
     *
     * @param list<ZoneDecision> $zones
     *
     * @return array{array{blade: string, mm: float}|null, float}
     */
    private static function evenOut(array $zones): array
    {
        $clipped = array_filter(
            $zones,
            static fn (ZoneDecision $z): bool => Decision::Clip === $z->decision && !$z->mat->zone->tender,
        );
        $share = array_sum(array_map(static fn (ZoneDecision $z): float => $z->mat->matted(), $clipped));
        $even = null;
        if ($share > self::EVEN_FROM + self::EPSILON) {
            foreach ($clipped as $z) {
                $left = $z->under?->leaves();
                if (null !== $left && null !== $z->under?->blade && (null === $even || $left->mm() < $even['mm'])) {
                    $even = ['blade' => $z->under->blade, 'mm' => $left->mm()];
                }
            }
        }

        return [$even, $share];
    }
}
