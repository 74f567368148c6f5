<?php

/** What the owner really does at home between visits. */

declare(strict_types=1);

namespace KeenThistle\Core\Coat;

use KeenThistle\Core\Say\Say;

enum Upkeep: string
{
    case Daily = 'daily';
    case AlternateDays = 'alternate_days';
    case Weekly = 'weekly';
    case SurfaceOnly = 'surface_only';
    case Rarely = 'rarely';

    /** Share of the coat's own matting rate that is left after this much combing. */
    public function mattingFactor(): float
    {
        return match ($this) {
            self::Daily => 0.1,
            self::AlternateDays => 0.25,
            self::Weekly => 0.6,
            self::SurfaceOnly => 0.8,
            self::Rarely => 1.0,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Daily => Say::it('coat.combed_to_the_skin_daily'),
            self::AlternateDays => Say::it('coat.combed_every_other_day'),
            self::Weekly => Say::it('coat.combed_weekly'),
            self::SurfaceOnly => Say::it('coat.brushed_over_the_surface_only'),
            self::Rarely => Say::it('coat.rarely_combed'),
        };
    }
}
