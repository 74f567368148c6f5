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
            throw InvalidInput::at(
                $field,
                \sprintf('must hold 1 to %d readings; %d make a careful one', self::MOST, self::READINGS),
            );
        }
        $um = array_map(static fn (Length $l): int => $l->micrometres(), $readings);
        if (0 === min($um)) {
            throw InvalidInput::at(
                $field.'['.array_search(0, $um, true).']',
                'is 0: a tool leaves something. Take that reading again',
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
                \sprintf(
                    'The readings lie %s mm apart; up to %s mm is usual. Was it the same tool and the same place '.
                        'each time, the coat dry and combed?',
                    round($spread, 1),
                    round($usual, 1),
                ),
            );
        }
        if (null !== $off && null !== $expected && abs($off) > self::OFF) {
            $questions[] = new Caution(
                'nominal',
                \sprintf(
                    '%s mm were measured where %s mm are expected: %d %% %s. Is this the right tool%s?',
                    $mean->rounded(),
                    $expected->rounded(),
                    (int) round(100 * abs($off)),
                    $off > 0 ? 'more' : 'less',
                    null === $like ? '' : "; it measures like a $like",
                ),
            );
        }

        return new Measured($mean, $spread, $off, $questions, $like, [
            new Reason(
                'mean',
                $mean->rounded(),
                'mm',
                1 === \count($um) ? 'one reading' : \sprintf('of %d readings', \count($um)),
            ),
            new Reason(
                'spread',
                round($spread, 2),
                'mm',
                \sprintf(
                    'between the longest and the shortest; usual is up to %s mm: the more of %d %% and %s mm',
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
                        \sprintf('by the table; asked about from %d %% off', 100 * self::OFF),
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
