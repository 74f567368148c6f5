<?php

/** How long a cut takes to grow back, and whether it must be agreed first. */

declare(strict_types=1);

namespace KeenThistle\Core\Growth;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

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
                \sprintf('%s wanted − %s left', $wanted->rounded(), $cut->rounded()),
            ),
            new Reason('growth', round($speed, 2), 'mm/week', 'this dog\'s growth and stage'),
        ];
        if ($missing <= 0) {
            return new Recovery(0.0, Recovery::NONE, 'Nothing to grow back.', $reasons, []);
        }
        $terminal = $coat->terminalMm();
        if (null !== $terminal) {
            $reasons[] = new Reason('terminal', $terminal, 'mm', "a {$coat->label()} coat stops here");
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
            null === $weeks => 'It will not recover by itself to this length: agree it first.',
            Recovery::AGREE_FIRST === $level => \sprintf(
                'About %d weeks; may not recover this year: agree it first.',
                (int) ceil($weeks),
            ),
            Recovery::MONTHS === $level => \sprintf('Months: about %d weeks.', (int) ceil($weeks)),
            default => \sprintf('About %d weeks.', (int) ceil($weeks)),
        };

        return new Recovery($weeks, $level, $message, $reasons, $fragile ? self::fragileCoat($coat) : []);
    }

    /** @return list<Caution> */
    private static function fragileCoat(CoatType $coat): array
    {
        return [
            new Caution(
                'may_come_back_different',
                \sprintf(
                    'A %s coat cut this short may stall or come back different. Informed consent first; ask a '.
                        'vet where skin or illness is the reason.',
                    $coat->label(),
                ),
                Caution::DANGER,
            ),
            new Caution(
                'sun_and_cold',
                'Until it is back the skin has less shelter from sun and cold: shade, and a coat in wet or frost.',
            ),
        ];
    }
}
