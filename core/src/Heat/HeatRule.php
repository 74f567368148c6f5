<?php

/** Hot blades: when to feel one again, and what a reading means. */

declare(strict_types=1);

namespace KeenThistle\Core\Heat;

use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

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
                    \sprintf(
                        'Stop: %s °C. %s Feel the skin where it ran; redness is told and noted.',
                        $celsius,
                        self::swap($spares),
                    ),
                    Caution::DANGER,
                ),
            ],
            'warn' => [new Caution('blade_warm', \sprintf('%s °C and warming. %s', $celsius, self::swap($spares)))],
            'check' => [new Caution('touch_check', 'Feel the blade on the back of your hand now.')],
            default => [],
        };

        return new HeatAnswer(
            $level,
            $every,
            round($ran, 1),
            max(0.0, round($left, 1)),
            $spares > 0
                ? \sprintf('two or more of size %s: change over at every check, one cools while the other cuts', $blade)
                : null,
            $cautions,
            [
                new Reason(
                    'every',
                    $every,
                    's',
                    match ($every) {
                        self::FINE => 'fine blades heat fastest',
                        self::SHORT => 'a 15 or 10',
                        default => 'longer blades heat slowly',
                    },
                ),
                new Reason(
                    'clipped',
                    round($ran, 1),
                    's',
                    null === $checked ? 'running since the start' : 'running since it was last felt',
                ),
                ...null === $celsius
                    ? []
                    : [
                        new Reason(
                            'reading',
                            $celsius,
                            '°C',
                            \sprintf('warns from %s °C, stops from %s °C', self::WARN_FROM, self::STOP_FROM),
                        ),
                    ],
            ],
        );
    }

    private static function swap(int $spares): string
    {
        return $spares > 0
            ? 'Change to the cool one of the same size.'
            : 'No other of this size: lay it on cold metal, oil it, work with shears meanwhile.';
    }
}
