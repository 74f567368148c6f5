<?php

/** What can be said on the phone of a dog nobody has seen: a span of minutes and money, done again at arrival. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Measure\Surface;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class QuoteRule
{
    /** Surface of the dog for which matting as told is given. */
    private const M2 = 0.5;
    /** Weeks after which a coat nobody has groomed takes longer for each more. */
    private const USUAL_WEEKS = 8;
    /** Room, people and dryer are new to it. */
    private const NEW_THINGS = 3;

    /** @param int $weeks since it was groomed */
    public function of(
        float $kg,
        CoatType $coat,
        int $weeks,
        MattingTold $told,
        Service $service,
        ?Charges $charges,
    ): Quote {
        $late = (float) max(0, $weeks - self::USUAL_WEEKS);
        [$least, $most] = $told->minutes();
        $size = Surface::m2($kg) / self::M2;
        $work = static fn (Handling $handling, float $matting, float $late, int $new): Work => new Work(
            $kg,
            $coat,
            $handling,
            $service,
            $matting * $size,
            $new,
            $late,
            charges: $charges,
            combsOut: $told->combsOut(),
        );
        $rule = new MinutesRule();
        $low = $rule->estimate($work(Handling::Calm, $least, 0.0, 0));
        $high = $rule->estimate($work(Handling::Fidgety, $most, $late, self::NEW_THINGS));
        $cautions = [new Caution('seen_first', Say::it('quote.said_again_when_seen'))];
        if (MattingTold::Felt === $told) {
            $cautions[] = new Caution('felt', Say::it('quote.felt_comes_off'));
        }

        return new Quote(
            (int) (5 * floor($low->likely / 5)),
            $high->slot,
            $low->price,
            $high->price,
            [
                new Reason('low', round($low->likely, 1), 'min', Say::it('quote.calm_and_as_told')),
                new Reason('high', round($high->sure, 1), 'min', Say::it('quote.fidgety_new_and_more_matted')),
                new Reason('matting', round($most * $size, 1), 'min', $told->words()),
                new Reason('late', $late, 'weeks', Say::it('quote.past_the_usual_weeks', self::USUAL_WEEKS)),
            ],
            $cautions,
        );
    }
}
