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
    public const FREE_MINUTES = 5.0;
    /** Finding the skin, holding and looking after: once a place. */
    private const SET_UP_MINUTES = 1.0;
    private const EVEN_FROM = 0.3;
    private const EPSILON = 1e-9;

    /**
     * @param float|null $rate minor currency units per matting minute
     * @param bool $clipsEarly the school of clipping early: tender mats and tight ones at once, limits halved
     * @param bool $experienced whether an experienced groomer is at the table
     */
    public function __construct(
        private float $kg,
        private Handling $handling,
        private CoatType $coat,
        private bool $handStripped = false,
        private ?float $rate = null,
        private bool $clipsEarly = false,
        private bool $experienced = false,
    ) {
    }

    /**
     * @param list<Mat> $mats each zone once
     * @param list<string> $evened zones that one agreed even length goes over: nothing there is worked out
     */
    public function reckon(array $mats, array $evened = []): MattingAnswer
    {
        $cm2 = Surface::cm2($this->kg);
        $limits = new Limits(
            $mats,
            array_map($this->first(...), $mats),
            $this->handling->toleranceFactor(),
            $cm2,
            $this->clipsEarly,
        );
        $decisions = $limits->decide();
        foreach ($mats as $i => $mat) {
            if (
                \in_array($mat->zone->id, $evened, true)
                && !\in_array($decisions[$i], [Decision::None, Decision::ComesOff], true)
            ) {
                $decisions[$i] = Decision::Clip;
            }
        }
        $zones = $this->zones($mats, $decisions, $limits, $cm2, $evened);
        $sum = static fn (\Closure $of): float => array_sum(array_map($of, $zones));
        $minutes = $sum(static fn (ZoneDecision $z): float => $z->minutes);
        $charged = $sum(static fn (ZoneDecision $z): float => Decision::ComesOff === $z->decision ? 0.0 : $z->minutes);
        $worked = $sum(static fn (ZoneDecision $z): float => $z->workedOut);
        $raked = $sum(static fn (ZoneDecision $z): float => Decision::Rake === $z->decision ? $z->minutes : 0.0);
        $load = array_sum(array_map(static fn (Mat $m): float => $m->load(), $mats));
        $fee = null === $this->rate ? null : (int) round(max(0.0, $charged - self::FREE_MINUTES) * $this->rate);
        [$even, $clipped] = self::evenOut($zones);
        $consentOnly = null !== $even && $this->isPatchedFirst();
        $words = new MattingWords();

        return new MattingAnswer(
            $load,
            $zones,
            $minutes,
            $charged,
            $worked,
            $raked,
            $limits->visit(),
            $limits->tender(),
            $limits->raking(),
            $fee,
            $even,
            $consentOnly,
            $clipped,
            $words->consent($zones, $consentOnly ? null : $even, $fee),
            $words->cautions($zones, $this->coat, $worked, $limits->visit(), $limits->tender(), $consentOnly),
            $words->questions($mats),
            $this->reasons($limits, $fee, $cm2),
        );
    }

    /** What the rule decides before any limit; a groomer's own decision stands, but what comes off anyway comes off. */
    private function first(Mat $mat): Decision
    {
        if (0.0 === $mat->matted()) {
            return Decision::None;
        }
        if (null !== $mat->overrule) {
            return $mat->overrule;
        }
        $tender = $mat->zone->tender;

        return match (true) {
            $mat->comesOff() => Decision::ComesOff,
            4 === $mat->severity, 3 === $mat->severity && !$mat->hasClearance() => Decision::Clip,
            $this->clipsEarly && (3 === $mat->severity || (2 === $mat->severity && $tender)) => Decision::Clip,
            3 === $mat->severity => Decision::Split,
            $this->coat->isDouble() && !$tender => Decision::Rake,
            2 === $mat->severity => Decision::Loosen,
            default => Decision::Comb,
        };
    }

    /** Coats that a whole clip can spoil: patches first, the whole only where the owner knows and agrees. */
    private function isPatchedFirst(): bool
    {
        return $this->coat->isDouble()
            || CoatType::SlowFineLong === $this->coat
            || (CoatType::Wire === $this->coat && $this->handStripped);
    }

    /**
     * @param list<Mat> $mats
     * @param array<int, Decision> $decisions
     * @param list<string> $evened
     *
     * @return list<ZoneDecision>
     */
    private function zones(array $mats, array $decisions, Limits $limits, float $cm2, array $evened): array
    {
        $still = \in_array($this->handling, [Handling::Calm, Handling::TwoPerson], true);
        $zones = $begun = [];
        foreach ($mats as $i => $mat) {
            $decision = $decisions[$i];
            $minutes = $mat->minutes($decision, $cm2);
            $setsUp =
                $mat->severity >= 2
                && $mat->matted() > 0
                && Decision::ComesOff !== $decision
                && !isset($begun[$mat->place()]);
            if ($setsUp) {
                $begun[$mat->place()] = true;
            }
            $zones[] = new ZoneDecision(
                $mat,
                $decision,
                Decision::Clip === $decision ? UnderBlade::for($mat, $this->experienced, $still) : null,
                $minutes + ($setsUp ? self::SET_UP_MINUTES : 0.0),
                $mat->severity >= 2 && $decision->isWorkingOut() ? $minutes : 0.0,
                $limits->why[$i],
                $setsUp,
                \in_array($mat->zone->id, $evened, true),
                CoatType::Corded === $this->coat,
            );
        }

        return $zones;
    }

    /** @return list<Reason> */
    private function reasons(Limits $limits, ?int $fee, float $cm2): array
    {
        $out = [
            new Reason(
                'surface',
                round(Surface::m2($this->kg), 3),
                'm²',
                Say::it('matting.0_101_kg_to_the_power', $this->kg),
            ),
            new Reason(
                'limit',
                round($limits->visit(), 1),
                'min',
                Say::it(
                    'matting.min_of_working_out_a_visit',
                    Limits::VISIT_MINUTES,
                    round(Limits::size($cm2), 2),
                    $this->handling->toleranceFactor(),
                    str_replace('_', ' ', $this->handling->value),
                ),
            ),
            new Reason('tender_limit', round($limits->tender(), 1), 'min', Say::it('matting.for_each_tender_zone')),
        ];
        if ($this->clipsEarly) {
            $out[] = new Reason('school', 'clip', '', Say::it('matting.clip_early_halves_the_limits'));
        }
        if (null !== $fee && null !== $this->rate) {
            $out[] = new Reason(
                'fee',
                $fee,
                'minor',
                Say::it('matting.minutes_past_the_first', self::FREE_MINUTES, round($this->rate, 2)),
            );
        }

        return $out;
    }

    /**
     * The longest length that every clipped zone with a coat to speak of still allows, once those are more than 30 % of
     * the body; tender zones, elbow and hock stay patches of their own.
     *
     * @param list<ZoneDecision> $zones
     *
     * @return array{array{blade: string, mm: float}|null, float}
     */
    private static function evenOut(array $zones): array
    {
        $clipped = array_filter(
            $zones,
            static fn (ZoneDecision $z): bool => Decision::Clip === $z->decision && !$z->mat->isClose(),
        );
        $share = array_sum(array_map(static fn (ZoneDecision $z): float => $z->mat->matted(), $clipped));

        return [$share > self::EVEN_FROM + self::EPSILON ? self::longest($clipped) : null, $share];
    }

    /**
     * @param array<ZoneDecision> $clipped
     *
     * @return array{blade: string, mm: float}|null what every one of them still allows
     */
    public static function longest(array $clipped): ?array
    {
        $even = null;
        foreach ($clipped as $z) {
            $left = $z->under?->leaves();
            if (null !== $left && null !== $z->under?->blade && (null === $even || $left->mm() < $even['mm'])) {
                $even = ['blade' => $z->under->blade, 'mm' => $left->mm()];
            }
        }

        return $even;
    }
}
