<?php

/** Hot blades: when to feel one again, and what a reading means. */

declare(strict_types=1);

namespace KeenThistle\Core\Heat;

use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class HeatRule
{
    public const WARN_FROM = 38.0;
    public const STOP_FROM = 42.0;
    private const FINE = 90;
    private const SHORT = 120;
    private const LONG = 180;

    /** Seconds of clipping between two touches. @param string $blade the blade that cuts: under a guard, its base */
    public function every(string $blade): int
    {
        BladeTable::residual($blade);

        return match (true) {
            \in_array($blade, ['toe', '50', '40', '30'], true) => self::FINE,
            \in_array($blade, ['15', '10'], true) => self::SHORT,
            default => self::LONG,
        };
    }

    /**
     * @param list<array{from: float, to: float}> $clipping seconds since the groom began while the clipper ran, in
     *     any order
     * @param float|null $checked seconds when it was felt last
     * @param float $now seconds since the groom began
     * @param float|null $celsius the newest reading
     * @param int $spares cool blades of the same size in reach
     */
    public function now(
        string $blade,
        array $clipping,
        ?float $checked,
        float $now,
        ?float $celsius,
        int $spares,
    ): HeatAnswer {
        $every = $this->every($blade);
        $ran = 0.0;
        foreach ($clipping as $span) {
            $ran += max(0.0, min($span['to'], $now) - max($span['from'], $checked ?? 0.0));
        }
        $left = $every - $ran;
        $level = match (true) {
            null !== $celsius && $celsius >= self::STOP_FROM => 'stop',
            null !== $celsius && $celsius >= self::WARN_FROM => 'warn',
            $left <= 0 => 'check',
            default => 'ok',
        };
        $cautions = match ($level) {
            'stop' => [
                new Caution(
                    'blade_hot',
                    Say::it('heat.stop_c_feel_the_skin_where', $celsius, self::swap($spares)),
                    Caution::DANGER,
                ),
            ],
            'warn' => [new Caution('blade_warm', Say::it('heat.c_and_warming', $celsius, self::swap($spares)))],
            'check' => [new Caution('touch_check', Say::it('heat.feel_the_blade_on_the_back'))],
            default => [],
        };

        return new HeatAnswer(
            $level,
            $every,
            round($ran, 1),
            max(0.0, round($left, 1)),
            $spares > 0 ? Say::it('heat.two_or_more_of_size_change', $blade) : null,
            $cautions,
            [
                new Reason(
                    'every',
                    $every,
                    's',
                    match ($every) {
                        self::FINE => Say::it('heat.fine_blades_heat_fastest'),
                        self::SHORT => Say::it('heat.a_15_or_10'),
                        default => Say::it('heat.longer_blades_heat_slowly'),
                    },
                ),
                new Reason(
                    'clipped',
                    round($ran, 1),
                    's',
                    null === $checked
                        ? Say::it('heat.running_since_the_start')
                        : Say::it('heat.running_since_it_was_last_felt'),
                ),
                ...null === $celsius
                    ? []
                    : [
                        new Reason(
                            'reading',
                            $celsius,
                            '°C',
                            Say::it('heat.warns_from_c_stops_from_c', self::WARN_FROM, self::STOP_FROM),
                        ),
                    ],
            ],
        );
    }

    private static function swap(int $spares): string
    {
        return $spares > 0 ? Say::it('heat.change_to_the_cool_one_of') : Say::it('heat.no_other_of_this_size_lay');
    }
}
