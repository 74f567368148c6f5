<?php

/** What is said beside an item of the work so that nobody is hurt. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final class ItemCautions
{
    private const UNDERNEATH = ['belly', 'belly_patch', 'groin'];

    private function __construct()
    {
    }

    /**
     * @param list<string> $zones
     *
     * @return list<string>
     */
    public static function of(string $node, Job $job, array $zones, ?Cut $cut = null): array
    {
        $out = match ($node) {
            'comb_test' => CoatType::Corded === $job->coat ? [Say::it('order.cords_parted_by_hand')] : [],
            'mats_out' => [Say::it('order.never_scissors_between_mat_and_skin')],
            'mats_clip' => [Say::it('order.never_a_guard_never_scissors')],
            'close_work' => [Say::it('order.thin_skin_short_full_tooth_blade')],
            'pads' => [Say::it('order.webbing_between_the_pads_never_dig')],
            'nails' => [Say::it('order.quick_little_and_often_on_dark')],
            'ears' => [Say::it('order.smell_redness_or_discharge_do_not')],
            'teeth' => [Say::it('order.dog_toothpaste_only_stop_on_a_bite')],
            'bath' => [
                Say::it('order.lukewarm_no_soap_near_the_eyes'),
                ...[] === $job->dry
                    ? []
                    : [
                        Say::it(
                            'order.keep_water_off',
                            implode(', ', array_map(static fn (string $z): string => Zone::of($z)->label, $job->dry)),
                        ),
                    ],
            ],
            'dry' => $job->fearsDryer
                ? [Say::it('order.afraid_of_the_dryer_cool_and')]
                : [Say::it('order.nozzle_off_at_the_head_short')],
            'edges' => [Say::it('order.ear_edge_between_your_fingers_before')],
            default => [],
        };
        $face = array_filter($zones, static fn (string $z): bool => Zone::of($z)->face);
        if ([] !== $face && \in_array($node, ['scissor', 'thin'], true)) {
            $out[] = Say::it('order.scissors_parallel_to_the_eye_dogs');
        }
        if ([] !== array_intersect($zones, self::UNDERNEATH)) {
            $out[] = Say::it('order.find_and_cover');
            if (true === $cut?->isClipper() && 'against' === $cut->lay->value) {
                $out[] = Say::it('order.not_against_the_lay_here');
            }
        }

        return $out;
    }
}
