<?php

/**
 * Measures a tool from several readings: their mean, how far they lie apart, and whether it is the tool it is said to
 * be.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Kit;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

/**
 * Source: rules.md §1 and the starting points stated here; a salon's own readings replace the table, never the other
 * way round.
 */
final readonly class MeasureRule
{
    /** A careful measurement: one place, five strokes apart. */
    public const READINGS = 5;
    public const MOST = 12;
    /** Readings of one tool lie this close: the more of a share of the mean and a least, mm. */
    private const SPREAD_SHARE = 0.15;
    private const SPREAD_LEAST = 0.4;
    /** Further off what it is marked for than this share, it may be another tool. */
    private const OFF = 0.4;

    /**
     * @param list<Length> $readings 1 to 12
     * @param Length|null $expected what tool, base and lay leave by the table; null: nothing to compare
     * @param string|null $label of a bare blade
     *
     * @throws InvalidInput without a reading, or with one of nothing
     */
    public function judge(
        array $readings,
        ?Length $expected = null,
        ?string $label = null,
        string $field = 'readings',
    ): Measured {
        if ([] === $readings || \count($readings) > self::MOST) {
            throw InvalidInput::at($field, Say::it('kit.must_hold_1_to_readings_make', self::MOST, self::READINGS));
        }
        $um = array_map(static fn (Length $l): int => $l->micrometres(), $readings);
        if (0 === min($um)) {
            throw InvalidInput::at(
                $field.'['.array_search(0, $um, true).']',
                Say::it('kit.is_0_a_tool_leaves_something'),
            );
        }
        $mean = Length::ofMicrometres((int) round(array_sum($um) / \count($um)));
        $spread = (max($um) - min($um)) / 1000;
        $usual = max(self::SPREAD_LEAST, self::SPREAD_SHARE * $mean->mm());
        $off =
            null === $expected || 0 === $expected->micrometres()
                ? null
                : ($mean->micrometres() - $expected->micrometres()) / $expected->micrometres();
        $like = null === $label ? null : self::like($mean, $label);
        $questions = [];
        if ($spread > $usual) {
            $questions[] = new Caution(
                'spread',
                Say::it('kit.the_readings_lie_mm_apart_up', round($spread, 1), round($usual, 1)),
            );
        }
        if (null !== $off && null !== $expected && abs($off) > self::OFF) {
            $questions[] = new Caution(
                'nominal',
                Say::it(
                    'kit.mm_were_measured_where_mm_are',
                    $mean->rounded(),
                    $expected->rounded(),
                    (int) round(100 * abs($off)),
                    $off > 0 ? 'more' : 'less',
                    null === $like ? '' : Say::it('kit.it_measures_like_a', $like),
                ),
            );
        }

        return new Measured($mean, $spread, $off, $questions, $like, [
            new Reason(
                'mean',
                $mean->rounded(),
                'mm',
                1 === \count($um) ? Say::it('kit.one_reading') : Say::it('kit.of_readings', \count($um)),
            ),
            new Reason(
                'spread',
                round($spread, 2),
                'mm',
                Say::it(
                    'kit.between_the_longest_and_the_shortest',
                    round($usual, 2),
                    100 * self::SPREAD_SHARE,
                    self::SPREAD_LEAST,
                ),
            ),
            ...null === $off || null === $expected
                ? []
                : [
                    new Reason(
                        'expected',
                        $expected->rounded(),
                        'mm',
                        Say::it('kit.by_the_table_asked_about_from', 100 * self::OFF),
                    ),
                ],
        ]);
    }

    /** The nearest blade by its own length where that is another one. */
    private static function like(Length $mean, string $label): ?string
    {
        $best = $label;
        $least = abs(BladeTable::residual($label)->micrometres() - $mean->micrometres());
        foreach (BladeTable::labels() as $other) {
            $far = abs(BladeTable::residual($other)->micrometres() - $mean->micrometres());
            if ($far < $least) {
                [$best, $least] = [$other, $far];
            }
        }

        return $best === $label ? null : $best;
    }
}
