<?php

/** How long a cut takes to grow back, and whether it must be agreed first. */

declare(strict_types=1);

namespace KeenThistle\Core\Growth;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class RecoveryRule
{
    private const DOUBLE_COAT_MM = 25.0;

    /** Weeks until a zone cut to $cut is back to $wanted. */
    public function weeksBack(
        Growth $growth,
        Length $cut,
        Length $wanted,
        CoatStage $stage = CoatStage::Adult,
    ): Recovery {
        $coat = $growth->coat;
        $missing = $wanted->mm() - $cut->mm();
        $speed = $growth->speed($stage);
        $reasons = [
            new Reason(
                'missing',
                round(max(0.0, $missing), 1),
                'mm',
                Say::it('growth.wanted_left', $wanted->rounded(), $cut->rounded()),
            ),
            new Reason('growth', round($speed, 2), 'mm/week', Say::it('growth.this_dogs_growth_and_stage')),
        ];
        if ($missing <= 0) {
            return new Recovery(0.0, Recovery::NONE, Say::it('growth.nothing_to_grow_back'), $reasons, []);
        }
        $terminal = $coat->terminalMm();
        if (null !== $terminal) {
            $reasons[] = new Reason('terminal', $terminal, 'mm', Say::it('growth.a_coat_stops_here', $coat->label()));
        }
        $never = 0.0 === $speed || (null !== $terminal && $wanted->mm() > $terminal);
        $weeks = $never ? null : $missing / $speed;
        $fragile =
            ($coat->isDouble() && $cut->mm() < self::DOUBLE_COAT_MM)
            || (CoatType::SlowFineLong === $coat && $cut->mm() < $wanted->mm() / 2);
        $level = match (true) {
            $fragile, null === $weeks, $weeks >= 26 => Recovery::AGREE_FIRST,
            $weeks >= 8 => Recovery::MONTHS,
            default => Recovery::NONE,
        };
        $message = match (true) {
            null === $weeks => Say::it('growth.it_will_not_recover_by_itself'),
            Recovery::AGREE_FIRST === $level => Say::it('growth.about_weeks_may_not_recover_this', (int) ceil($weeks)),
            Recovery::MONTHS === $level => Say::it('growth.months_about_weeks', (int) ceil($weeks)),
            default => Say::it('growth.about_weeks', (int) ceil($weeks)),
        };

        return new Recovery($weeks, $level, $message, $reasons, $fragile ? self::fragileCoat($coat) : []);
    }

    /** @return list<Caution> */
    private static function fragileCoat(CoatType $coat): array
    {
        return [
            new Caution(
                'may_come_back_different',
                Say::it('growth.a_coat_cut_this_short_may', $coat->label()),
                Caution::DANGER,
            ),
            new Caution('sun_and_cold', Say::it('growth.until_it_is_back_the_skin')),
        ];
    }
}
