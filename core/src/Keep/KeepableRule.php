<?php

/** The length this home can keep: the longest one at the wished interval, and what each usual length asks for. */

declare(strict_types=1);

namespace KeenThistle\Core\Keep;

use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Work;

final readonly class KeepableRule
{
    private const USUAL_MM = [1.5, 3, 6, 10, 13, 16, 19, 22, 25, 30];
    private const WEEKS_A_YEAR = 52;

    /** From the least combing to the most. */
    private const STEPS = [Upkeep::Rarely, Upkeep::SurfaceOnly, Upkeep::Weekly, Upkeep::AlternateDays, Upkeep::Daily];

    /**
     * @param int $weeks wished between visits
     * @param float|null $kg null: no minutes are said
     * @param float|null $rate minor currency units a minute; null: no money is said
     *
     * @return array{longest_mm: int|null, lengths: list<array<string, mixed>>,
     *     more_combing: array{upkeep: string, longest_mm: int|null, words: string}|null,
     *     reasons: list<array<string, mixed>>}
     */
    public function answer(
        Home $home,
        int $weeks,
        ?float $kg = null,
        Handling $handling = Handling::Calm,
        ?float $rate = null,
    ): array {
        $more = self::more($home->upkeep);
        $better = null === $more ? null : $home->with($more);

        return [
            'longest_mm' => $home->longest($weeks),
            'lengths' => array_map(
                fn (float|int $mm): array => $this->length((float) $mm, $home, $better, $kg, $handling, $rate),
                self::USUAL_MM,
            ),
            'more_combing' => null === $better ? null : [
                'upkeep' => $better->upkeep->value,
                'longest_mm' => $better->longest($weeks),
                'words' => self::buys($better, $weeks),
            ],
            'reasons' => Reason::listToArray(self::reasons($home, $weeks)),
        ];
    }

    /** The next step of combing at home; null: it is combed daily already. */
    public static function more(Upkeep $upkeep): ?Upkeep
    {
        return self::STEPS[1 + (int) array_search($upkeep, self::STEPS, true)] ?? null;
    }

    /** What a home could keep at this interval, said in one sentence. */
    public static function buys(Home $home, int $weeks): string
    {
        $longest = $home->longest($weeks);
        $how = $home->upkeep->label();

        return match ($longest) {
            null => Say::it('keep.any_length_keeps', $how, $weeks),
            0 => Say::it('keep.no_length_keeps', $how, $weeks),
            default => Say::it('keep.up_to_mm_keeps', $how, $longest, $weeks),
        };
    }

    /** @return array<string, mixed> */
    private function length(
        float $mm,
        Home $home,
        ?Home $better,
        ?float $kg,
        Handling $handling,
        ?float $rate,
    ): array {
        $weeks = $home->interval($mm);
        $year = null === $kg || null === $weeks ? null : self::WEEKS_A_YEAR / max(1, $weeks);
        $minutes = null;
        if (null !== $year && null !== $kg) {
            $visit = (new MinutesRule())->estimate(new Work($kg, $home->coat, $handling, meanMm: $mm));
            $minutes = (int) round($visit->likely * $year);
        }

        return [
            'mm' => $mm,
            'weeks' => $weeks,
            'weeks_with_more_combing' => $better?->interval($mm),
            'minutes_a_year' => $minutes,
            'cost_a_year_minor' => null === $minutes || null === $rate ? null : (int) round($minutes * $rate),
        ];
    }

    /** @return list<Reason> */
    private static function reasons(Home $home, int $weeks): array
    {
        return [
            new Reason(
                'matting_rate',
                $home->coat->mattingPerWeek(),
                'load/week',
                Say::it('interval.usual_for_a_coat_at_full', $home->coat->label()),
            ),
            new Reason('upkeep', $home->upkeep->mattingFactor(), 'factor', $home->upkeep->label()),
            new Reason('stage', $home->stage->mattingFactor(), 'factor', $home->stage->value.' coat'),
            new Reason(
                'learned',
                round($home->learned, 2),
                'factor',
                Say::it('interval.what_earlier_arrivals_found_against_what'),
            ),
            new Reason(
                'growth',
                round($home->mmPerWeek, 2),
                'mm/week',
                Say::it('keep.half_way_it_is_this_much_longer', round(($home->mmPerWeek * $weeks) / 2, 1)),
            ),
            new Reason('limit', $home->limit, 'load', Say::it('interval.the_salons_limit')),
        ];
    }
}
