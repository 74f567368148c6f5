<?php

/** What each school says at the table: tools, tests, cautions and minutes of the items it is about. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Say\Say;

final readonly class SchoolEffects
{
    private const CAP_MINUTES = 10.0;

    public function __construct(private Schools $schools, private Job $job)
    {
    }

    public function on(WorkItem $item): WorkItem
    {
        $is = $this->schools->is(...);
        $item = match ($item->node) {
            'check' => $item->with([
                match (true) {
                    $is('voice', 'quiet') => Say::it('order.voice_quiet'),
                    $is('voice', 'marker') => Say::it('order.voice_marker'),
                    default => Say::it('order.voice_soothing'),
                },
                $is('reluctant', 'half_minute')
                    ? Say::it('order.reluctant_half_minute')
                    : Say::it('order.reluctant_staged'),
            ]),
            'comb_test' => $item->with(
                doneWhen: $is('mats', 'clip')
                    ? Say::it('order.comb_test_clip_early', $item->doneWhen)
                    : $item->doneWhen,
            ),
            'rake' => $is('undercoat_amount', 'capped')
                ? $item->with(
                    [Say::it('order.undercoat_capped', self::CAP_MINUTES)],
                    doneWhen: Say::it('order.the_time_for_it_is_up'),
                )
                : $item,
            'bath' => $this->bath($item),
            'dry' => $this->dry($item),
            'nails' => $item->with(
                tool: match (true) {
                    $is('nails', 'clip') => Say::it('order.nail_clippers'),
                    $is('nails', 'grind') => 'grinder',
                    default => Say::it('order.nail_clippers_then_grinder'),
                },
            ),
            'ears' => $is('ear_hair', 'advised')
                ? $item->with([Say::it('order.pulled_only_where_a_vet_advised')], Say::it('order.powder_pull_a_little'))
                : $item->with(tool: Say::it('order.cloth_and_cleaner')),
            'pads' => $item->with(
                doneWhen: $is('pads_way', 'flush') ? Say::it('order.pads_flush') : Say::it('order.pads_level'),
            ),
            'rear' => $item->with([
                $is('rear_tool', 'trimmer')
                    ? Say::it('order.rear_by_trimmer')
                    : Say::it('order.comb_as_a_shield_tail_only'),
            ]),
            'edges' => $item->with(
                doneWhen: $is('symmetry', 'measured')
                    ? Say::it('order.the_edges_measure_equal')
                    : Say::it('order.the_edges_look_level_from_the'),
            ),
            'look' => $item->with(
                doneWhen: $is('symmetry', 'measured')
                    ? Say::it('order.look_and_measure', $item->doneWhen)
                    : $item->doneWhen,
            ),
            default => $item,
        };

        return $this->clippers($this->face($item));
    }

    private function bath(WorkItem $item): WorkItem
    {
        $is = $this->schools->is(...);
        $strips = [] !== array_filter($this->job->zones, static fn (Cut $c): bool => 'strip' === $c->kind);

        return $item->with(
            [
                $is('washing_order', 'rear_first')
                    ? Say::it('order.wash_rear_first')
                    : Say::it('order.wash_neck_first'),
                $is('bath_frequency', 'monthly') ? Say::it('order.bath_monthly') : Say::it('order.bath_as_needed'),
                ...$strips ? [Say::it('order.light_and_lukewarm_after_a_strip')] : [],
            ],
            $is('shampoo', 'straight') ? Say::it('order.shampoo_straight') : Say::it('order.shampoo_diluted'),
            null,
            $is('shampoo', 'straight') ? 0.75 : 1.0,
        );
    }

    private function dry(WorkItem $item): WorkItem
    {
        $is = $this->schools->is(...);
        $nearly = $this->job->comesOff && $is('drying', 'nearly_dry');
        $doneWhen = match (true) {
            $nearly => Say::it('order.nearly_dry_for_a_shave_down'),
            !$is('drying_way', 'forced') => Say::it('order.clip_ready_is_asked'),
            default => null,
        };

        return $item->with(
            [],
            match (true) {
                $this->job->fearsDryer, $is('drying_way', 'forced') => null,
                $is('drying_way', 'cool') => Say::it('order.cool_dryer_and_brush'),
                default => Say::it('order.towel_and_air'),
            },
            $doneWhen,
            $nearly ? 0.7 : 1.0,
        );
    }

    /** Fringe and inner corners: the tool, and how. */
    private function face(WorkItem $item): WorkItem
    {
        $is = $this->schools->is(...);
        if (!$item->step()->cuts()) {
            return $item;
        }
        $out = [];
        if (\in_array('fringe', $item->zones, true)) {
            $out[] = $is('fringe', 'keep') ? Say::it('order.fringe_keep') : Say::it('order.fringe_sections');
        }
        foreach ($item->zones as $zone) {
            if (str_starts_with($zone, 'inner_eye_')) {
                $out[] = match (true) {
                    $is('inner_corner', 'thinning') => Say::it('order.corner_thinning'),
                    $is('inner_corner', 'trimmer') => Say::it('order.corner_trimmer'),
                    default => Say::it('order.corner_round_tip'),
                };
                break;
            }
        }

        return [] === $out ? $item : $item->with($out);
    }

    /** Pressure and lay of whatever runs. */
    private function clippers(WorkItem $item): WorkItem
    {
        $first = $this->job->zones[$item->zones[0] ?? ''] ?? null;
        if (null === $first || !$first->isClipper() || !$item->step()->cuts()) {
            return $item;
        }
        $is = $this->schools->is(...);
        $out = [];
        if ('blade' === $first->kind && $is('pressure', 'none')) {
            $out[] = Say::it('order.no_pressure_on_a_bare_blade');
        }
        if ('guard' === $first->kind && $is('pressure', 'medium')) {
            $out[] = Say::it('order.medium_pressure_with_a_guard');
        }
        if ('against' === $first->lay->value && $is('direction', 'with')) {
            $out[] = Say::it('order.this_card_goes_against');
        }

        return [] === $out ? $item : $item->with($out);
    }

    /** @return array{lay: string, base: string, template: string} what a new recipe begins with in this house */
    public static function defaults(Schools $schools): array
    {
        return [
            'lay' => $schools->is('direction', 'against') ? 'against' : 'with',
            'base' => $schools->is('base', 'short') ? '15' : '10',
            'template' => $schools->chosen['length_logic'],
        ];
    }
}
