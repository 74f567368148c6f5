<?php

/** Learns a dog's growth from what its coat did between visits. */

declare(strict_types=1);

namespace KeenThistle\Core\Growth;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

/** Normal–normal by precision: the coat's mean with a quarter of it as sd, each visit with 2/weeks mm/week. */
final readonly class GrowthRule
{
    private const PRIOR_SD = 0.25;
    private const MEASURING_SD_MM = 2.0;
    private const NEAR_TERMINAL_MM = 1.0;

    public function __construct(private Season $season = Season::North)
    {
    }

    /** @param list<Observation> $observations */
    public function learn(CoatType $coat, array $observations = []): Growth
    {
        $prior = $coat->growthPerWeek();
        if (0.0 === $prior) {
            return new Growth($coat, 0.0, 0.0, 0, [
                new Reason('growth', 0.0, 'mm/week', Say::it('growth.a_hairless_coat_does_not_grow')),
            ]);
        }
        $priorSd = self::PRIOR_SD * $prior;
        $reasons = [
            new Reason('prior', $prior, 'mm/week', Say::it('growth.usual_for_a_coat_sd', $coat->label(), $priorSd)),
        ];
        $precision = 1 / $priorSd ** 2;
        $weighted = $prior * $precision;
        $visits = $this->visits($coat, $observations, $reasons);
        foreach ($visits as [$rate, $sd, $visit]) {
            $precision += 1 / $sd ** 2;
            $weighted += $rate / $sd ** 2;
            $reasons[] = new Reason(
                'observed',
                round($rate, 2),
                'mm/week',
                Say::it('growth.arrival_against_what_was_left_sd', $sd),
                $visit,
            );
        }
        $mean = $weighted / $precision;
        $n = \count($visits);
        $reasons[] = new Reason(
            'growth',
            round($mean, 2),
            'mm/week',
            0 === $n
                ? Say::it('growth.nothing_learned_yet')
                : Say::it('growth.learned_from', $n, 1 === $n ? 'visit' : 'visits'),
        );

        return new Growth($coat, $mean, sqrt(1 / $precision), $n, $reasons);
    }

    /**
     * @param list<Observation> $observations
     * @param list<Reason> $reasons what was left out is added here
     *
     * @return list<array{float, float, string}> rate, sd, visit
     */
    private function visits(CoatType $coat, array $observations, array &$reasons): array
    {
        $byVisit = [];
        foreach ($observations as $i => $o) {
            $terminal = $coat->terminalMm();
            $why = match (true) {
                $o->ownerCut => Say::it('growth.left_out_the_owner_cut_in'),
                null !== $terminal && $o->arrival->mm() >= $terminal - self::NEAR_TERMINAL_MM => Say::it(
                    'growth.left_out_the_coat_had_stopped',
                ),
                default => null,
            };
            if (null !== $why) {
                $reasons[] = new Reason('left_out', $o->arrival->rounded(), 'mm', $why, $o->visit);
                continue;
            }
            $byVisit['' === $o->visit ? "#$i" : $o->visit][] = $o;
        }
        $out = [];
        foreach ($byVisit as $zones) {
            $rates = array_map(fn (Observation $o): float => $o->rate($this->season), $zones);
            $weeks = array_sum(array_map(static fn (Observation $o): float => $o->weeks, $zones)) / \count($zones);
            $out[] = [array_sum($rates) / \count($rates), self::MEASURING_SD_MM / $weeks, $zones[0]->visit];
        }

        return $out;
    }
}
