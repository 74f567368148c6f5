<?php

/**
 * A hair or tool length. Exists so that millimetres are never added to inches and rounding happens once, at the edge.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Measure;

use KeenThistle\Core\Input\InvalidInput;

/**
 * An immutable length of 0 to 400 mm, held as whole micrometres so that sums are exact.
 */
final readonly class Length
{
    public const MAX_MM = 400.0;
    private const MICROMETRES_PER_INCH = 25_400;

    private function __construct(private int $micrometres)
    {
    }

    /**
     * @param float $mm millimetres, 0 to 400
     * @param string $field the input field to name when the value is refused
     *
     * @throws InvalidInput when the value is not finite or outside 0–400 mm
     */
    public static function ofMillimetres(float $mm, string $field = 'mm'): self
    {
        if (!is_finite($mm) || $mm < 0.0 || $mm > self::MAX_MM) {
            throw InvalidInput::outside($field, 0.0, self::MAX_MM, 'mm');
        }

        return new self((int) round($mm * 1000));
    }

    /** @throws InvalidInput when negative or above 400 000 µm */
    public static function ofMicrometres(int $micrometres): self
    {
        return self::ofMillimetres($micrometres / 1000);
    }

    public function micrometres(): int
    {
        return $this->micrometres;
    }

    /** Millimetres, unrounded. */
    public function mm(): float
    {
        return $this->micrometres / 1000;
    }

    /** Millimetres rounded half up to 0.1, as every answer shows them. */
    public function rounded(): float
    {
        return self::tenths($this->micrometres);
    }

    /** Difference in millimetres rounded to 0.1; negative when this is the shorter one. */
    public function minusRounded(self $other): float
    {
        return self::tenths($this->micrometres - $other->micrometres);
    }

    /** @throws InvalidInput when the sum leaves 0–400 mm */
    public function plus(self $other): self
    {
        return self::ofMicrometres($this->micrometres + $other->micrometres);
    }

    /** Scales by a factor (a lay factor, a range), rounding to the nearest micrometre, never above 400 mm. */
    public function times(float $factor): self
    {
        return new self((int) min(self::MAX_MM * 1000, max(0, round($this->micrometres * $factor))));
    }

    public function shorterThan(self $other): bool
    {
        return $this->micrometres < $other->micrometres;
    }

    /**
     * The nearest 1/32 inch, reduced: "1/16", "1 3/16", "2"; "<1/32" below a thirty-second; "0" for nothing.
     */
    public function inches(): string
    {
        if (0 === $this->micrometres) {
            return '0';
        }
        if ($this->micrometres * 32 < self::MICROMETRES_PER_INCH) {
            return '<1/32';
        }
        $parts = (int) round(($this->micrometres * 32) / self::MICROMETRES_PER_INCH);
        $whole = intdiv($parts, 32);
        $parts %= 32;
        if (0 === $parts) {
            return (string) $whole;
        }
        $below = 32;
        while (0 === $parts % 2) {
            $parts = intdiv($parts, 2);
            $below = intdiv($below, 2);
        }

        return (0 === $whole ? '' : $whole.' ').$parts.'/'.$below;
    }

    private static function tenths(int $micrometres): float
    {
        return round($micrometres / 100) / 10;
    }
}
