<?php

/** When the outline has grown out of shape. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class ShapeClock
{
    /** Share of the clipped and scissored area that is due when the outline is. */
    public const AREA = 0.2;
    private const LONGEST = 260;

    /** The week at which a fifth of the clipped or scissored area is due; null where that never comes. */
    public function of(Facts $facts): ?Clock
    {
        ['area' => $area, 'due' => $due] = $this->due($facts);
        $sum = 0;
        foreach ($due as [$weeks, $z]) {
            $sum += $z->zone->hundredths;
            if ($sum >= self::AREA * $area - 1e-9) {
                return new Clock('shape', $weeks, [
                    new Reason(
                        'due_length',
                        round(
                            $facts->finish->dueMm(
                                $z->finished ?? throw new \LogicException('An outline has a length.'),
                            ),
                            1,
                        ),
                        'mm',
                        Say::it(
                            'interval.finish_the_more_of_and_mm',
                            $facts->finish->value,
                            $facts->finish->ratio(),
                            $facts->finish->limitMm(),
                        ),
                    ),
                    new Reason(
                        'finished',
                        $z->finished->rounded(),
                        'mm',
                        Say::it('interval.as_it_was_left', $z->zone->label),
                    ),
                    new Reason(
                        'growth',
                        round($facts->speed($weeks), 2),
                        'mm/week',
                        0 === $facts->growth->n
                            ? Say::it('interval.usual_for_this_coat')
                            : Say::it('interval.learned_from_visits', $facts->growth->n),
                    ),
                    new Reason(
                        'area',
                        round((100 * $sum) / $area),
                        '%',
                        Say::it('interval.of_the_clipped_and_scissored_coat'),
                    ),
                ]);
            }
        }

        return null;
    }

    /**
     * @return array{area: int, due: list<array{float, ZoneLeft}>} area in hundredths; weeks at which each zone is due,
     *     the earliest first, without those that never are
     */
    public function due(Facts $facts): array
    {
        $area = 0;
        $due = $byLength = [];
        foreach ($facts->zones as $z) {
            if (!$z->hasOutline() || null === $z->finished) {
                continue;
            }
            $area += $z->zone->hundredths;
            // Zones share few lengths, and nothing else of a zone counts here.
            $length = $z->finished->micrometres();
            $byLength[$length] ??= [$this->weeksUntilDue($facts, $z->finished)];
            $weeks = $byLength[$length][0];
            if (null !== $weeks) {
                $due[] = [$weeks, $z];
            }
        }
        usort($due, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return ['area' => $area, 'due' => $due];
    }

    private function weeksUntilDue(Facts $facts, Length $finished): ?float
    {
        $due = $facts->finish->dueMm($finished);
        $terminal = $facts->growth->coat->terminalMm();
        if (null !== $terminal && $due > $terminal) {
            return null;
        }
        $missing = $due - $finished->mm();
        if (null === $facts->from) {
            $speed = $facts->speed(1);

            return $speed <= 0 ? null : $missing / $speed;
        }
        for ($week = 0; $week < self::LONGEST; ++$week) {
            $grown = $facts->growth->speed($facts->stage, Season::month($facts->from, $week), $facts->season);
            if ($grown >= $missing && $grown > 0) {
                return $week + $missing / $grown;
            }
            $missing -= $grown;
        }

        return null;
    }
}
