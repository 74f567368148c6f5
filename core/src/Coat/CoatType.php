<?php

/** The eleven coats the rules tell apart, with how each grows and knots. */

declare(strict_types=1);

namespace KeenThistle\Core\Coat;

/** Growth in mm/week, terminal length in mm (null: none) and matting rate per week, as set in the salon's rules. */
enum CoatType: string
{
    case Smooth = 'smooth';
    case ShortDouble = 'short_double';
    case LongDouble = 'long_double';
    case Wire = 'wire';
    case Curly = 'curly';
    case WavySingle = 'wavy_single';
    case SilkyDrop = 'silky_drop';
    case Feathered = 'feathered';
    case SlowFineLong = 'slow_fine_long';
    case Corded = 'corded';
    case Hairless = 'hairless';

    /** mm per week before anything is learned from the dog. */
    public function growthPerWeek(): float
    {
        return match ($this) {
            self::Smooth => 1.5,
            self::ShortDouble => 1.8,
            self::LongDouble => 2.0,
            self::Wire => 2.2,
            self::Curly => 2.9,
            self::WavySingle => 2.7,
            self::SilkyDrop => 2.8,
            self::Feathered => 2.0,
            self::SlowFineLong => 1.0,
            self::Corded => 2.0,
            self::Hairless => 0.0,
        };
    }

    /** The length in mm at which this coat stops, or null where it keeps growing. */
    public function terminalMm(): ?float
    {
        return match ($this) {
            self::Smooth => 15.0,
            self::ShortDouble => 40.0,
            self::LongDouble => 90.0,
            self::Wire => 50.0,
            self::Feathered => 80.0,
            self::SlowFineLong => 60.0,
            self::Curly, self::WavySingle, self::SilkyDrop, self::Corded, self::Hairless => null,
        };
    }

    /** Matting load a week of neglect adds at full length. */
    public function mattingPerWeek(): float
    {
        return match ($this) {
            self::Curly, self::WavySingle => 6.0,
            self::SilkyDrop => 5.0,
            self::Feathered, self::LongDouble, self::SlowFineLong => 3.0,
            self::Wire => 2.0,
            self::ShortDouble => 1.0,
            self::Corded, self::Smooth, self::Hairless => 0.0,
        };
    }

    public function isDouble(): bool
    {
        return self::ShortDouble === $this || self::LongDouble === $this;
    }

    /** Coats whose hair keeps growing into the eyes. */
    public function growsOverTheFace(): bool
    {
        return \in_array(
            $this,
            [self::Wire, self::Curly, self::WavySingle, self::SilkyDrop, self::SlowFineLong, self::Corded],
            true,
        );
    }

    /** Coats whose sanitary hair grows back. */
    public function growsAtTheRear(): bool
    {
        return !\in_array($this, [self::Smooth, self::ShortDouble, self::Hairless], true);
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
