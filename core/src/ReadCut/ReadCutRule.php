<?php

/** What was used last time: recipes read off the lengths that are found, with how likely each is. */

declare(strict_types=1);

namespace KeenThistle\Core\ReadCut;

use KeenThistle\Core\Growth\Growth;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class ReadCutRule
{
    private const WITH_THE_LAY = 2.0;
    private const MEASURING_SD_MM = 1.0;
    private const TOOL_SD = 0.1;
    private const LONGEST_QUARTERS = 104;

    /** @var list<array{recipe: Recipe, finished: Length, prior: float}> */
    private array $candidates;

    /** @param KitMatch $kit the tools that are usual where the dog comes from */
    public function __construct(KitMatch $kit, private Growth $growth, LengthRule $lengths = new LengthRule())
    {
        $candidates = [];
        foreach ($kit->recipes(Lay::cases()) as $recipe) {
            $finished = $lengths->planned($recipe)->finished;
            if (null !== $finished) {
                $prior = Lay::With === $recipe->lay ? self::WITH_THE_LAY : 1.0;
                $candidates[] = ['recipe' => $recipe, 'finished' => $finished, 'prior' => $prior];
            }
        }
        $this->candidates = $candidates;
    }

    /**
     * @param array<string, Length> $found by zone
     * @param float|null $weeks since the cut; null: read off the lengths, one for all zones
     *
     * @return array{weeks: float|null, zones: list<array{zone: string, guesses: list<array<string, mixed>>}>,
     *     reasons: list<array<string, mixed>>} guesses likeliest first; weeks null where there is nothing to read
     */
    public function read(array $found, ?float $weeks): array
    {
        $read = [] === $this->candidates ? null : $weeks ?? $this->likeliestWeeks($found);
        $zones = [];
        foreach ($found as $zone => $length) {
            $zones[] = ['zone' => $zone, 'guesses' => null === $read ? [] : $this->guesses($length, $read)];
        }
        $speed = round($this->growth->mmPerWeek, 2);
        $grown = new Reason('growth', $speed, 'mm/week', Say::it('interval.usual_for_this_coat'));
        $since = new Reason(
            'weeks',
            $read ?? 0,
            'weeks',
            null === $weeks ? Say::it('read.weeks_that_explain_the_lengths_best') : Say::it('read.weeks_as_told'),
        );

        return ['weeks' => $read, 'zones' => $zones, 'reasons' => Reason::listToArray([$since, $grown])];
    }

    /** @param array<string, Length> $found */
    private function likeliestWeeks(array $found): float
    {
        $best = null;
        $weeks = 0.0;
        for ($quarter = 0; $quarter <= self::LONGEST_QUARTERS; ++$quarter) {
            $sum = 0.0;
            foreach ($found as $length) {
                $sum += $this->logEvidence($length, $quarter / 4);
            }
            if (null === $best || $sum > $best + 1e-9) {
                $best = $sum;
                $weeks = $quarter / 4;
            }
        }

        return $weeks;
    }

    private function logEvidence(Length $found, float $weeks): float
    {
        $logs = $this->logs($found, $weeks);
        $most = [] === $logs ? 0.0 : max($logs);

        return $most + log(array_sum(array_map(static fn (float $l): float => exp($l - $most), $logs)));
    }

    /** @return list<float> logarithm of prior times likelihood, by candidate; far tails do not become nothing */
    private function logs(Length $found, float $weeks): array
    {
        $out = [];
        foreach ($this->candidates as $c) {
            $finished = $c['finished'];
            $variance =
                self::MEASURING_SD_MM ** 2 +
                ($weeks * $this->growth->sd) ** 2 +
                (self::TOOL_SD * $finished->mm()) ** 2;
            $off = $found->mm() - $this->growth->after($finished, $weeks)->mm();
            $out[] = log($c['prior']) - log($variance) / 2 - $off ** 2 / (2 * $variance);
        }

        return $out;
    }

    /** @return list<array<string, mixed>> */
    private function guesses(Length $found, float $weeks): array
    {
        $logs = $this->logs($found, $weeks);
        $most = [] === $logs ? 0.0 : max($logs);
        $all = array_sum(array_map(static fn (float $l): float => exp($l - $most), $logs));
        $out = [];
        foreach ($this->candidates as $i => $c) {
            $out[] = [
                'tool' => $c['recipe']->tool->toArray(),
                'lay' => $c['recipe']->lay->value,
                'words' => $c['recipe']->tool->words(),
                'finished_mm' => $c['finished']->rounded(),
                'grown_mm' => $this->growth->after($c['finished'], $weeks)->rounded(),
                'p' => round(exp($logs[$i] - $most) / $all, 4),
            ];
        }
        usort($out, static fn (array $a, array $b): int => $b['p'] <=> $a['p']);

        return $out;
    }
}
