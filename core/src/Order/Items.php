<?php

/** The items of this dog's work: only what it has, by tool and zone, both sides together. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Zone\Zone;

final readonly class Items
{
    /** Work that is there whatever the dog. */
    private const ALWAYS = ['check', 'comb_test', 'nails', 'ears', 'look', 'finish', 'notes', 'handover'];
    private const WET = ['brush_out', 'bath', 'dry', 'comb_out'];
    /** What a small visit has of it. */
    private const TIDY = ['check', 'wipe', 'close_work', 'pads', 'nails', 'ears', 'look', 'notes', 'handover'];
    private const NAILS = ['check', 'nails', 'notes', 'handover'];
    private const UNDERNEATH = ['belly', 'belly_patch', 'groin'];

    public function __construct(private Job $job, private Schools $schools)
    {
    }

    /** @return list<WorkItem> in no order yet */
    public function all(): array
    {
        $items = [...$this->care(), ...$this->mats(), ...$this->cuts()];
        $allowed = match ($this->job->service) {
            Service::Tidy => self::TIDY,
            Service::Nails => self::NAILS,
            default => null,
        };
        $skip = array_map(static fn (Step $s): string => $s->value, $this->job->skip);
        if (\in_array('bath', $skip, true)) {
            $skip[] = 'dry';
        }
        $left = array_values(
            array_filter(
                $items,
                static fn (WorkItem $i): bool => !\in_array($i->step()->value, $skip, true)
                    && (null === $allowed || \in_array($i->node, $allowed, true)),
            ),
        );

        return (new ItemMinutes($this->job))->share(
            array_map((new SchoolEffects($this->schools, $this->job))->on(...), $left),
        );
    }

    /** Whether the dog is washed today. */
    public function washes(): bool
    {
        $strips = [] !== array_filter($this->job->zones, static fn (Cut $c): bool => 'strip' === $c->kind);

        return !$this->job->staysDry() && !($strips && $this->schools->is('strip', 'days_after'));
    }

    /** @return list<WorkItem> what is done to a dog whatever its trim */
    private function care(): array
    {
        $job = $this->job;
        $nodes = self::ALWAYS;
        $wet = self::WET;
        if (!$this->washes()) {
            $wet = ['brush_out'];
        }
        // Nothing is brushed that goes: unless the house brushes always.
        if ($job->comesOff) {
            $wet = array_diff($wet, ['comb_out'], $this->schools->is('brush_out', 'always') ? [] : ['brush_out']);
        }
        if (CoatType::Hairless === $job->coat) {
            $wet = array_diff($wet, ['brush_out', 'comb_out']);
        }
        $nodes = [...$nodes, ...$wet];
        if ('none' !== $job->rearSoil || $job->staysDry() || $this->rearNeedsWiping()) {
            $nodes[] = 'wipe';
        }
        if ($job->coat->isDouble()) {
            $nodes[] = 'rake';
        }
        if (\in_array(Step::Teeth, $job->wanted, true)) {
            $nodes[] = 'teeth';
        }
        if (\in_array(Step::Wipe, $job->wanted, true)) {
            $nodes[] = 'face';
        }

        return array_map(
            fn (string $node): WorkItem => new WorkItem(
                $node,
                self::usualTool($node, $job),
                'bath' === $node ? $this->washed() : [],
                Edge::title($node),
                Edge::step($node)->doneWhen(),
                null,
                self::cautions($node, $job, []),
            ),
            array_values($nodes),
        );
    }

    /** A rear that is scissored without a bath is wiped first. */
    private function rearNeedsWiping(): bool
    {
        if ($this->washes()) {
            return false;
        }
        foreach ($this->job->zones as $zone => $cut) {
            if ('rear' === $cut->node(Zone::of($zone))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> every zone of the trim, in the order it is washed */
    private function washed(): array
    {
        $zones = array_keys($this->job->zones);
        $rearFirst = $this->schools->is('washing_order', 'rear_first');
        $at = [];
        foreach ($zones as $zone) {
            $at[$zone] = self::fromTheRear(Zone::of($zone), $rearFirst);
        }
        usort(
            $zones,
            static fn (string $a, string $b): int => [$at[$a], Region::rank($a)] <=> [$at[$b], Region::rank($b)],
        );

        return $zones;
    }

    private static function fromTheRear(Zone $zone, bool $rearFirst): int
    {
        $place = match (true) {
            \in_array($zone->group, ['sanitary', 'tail', 'rear'], true) => 0,
            'body' === $zone->group => 1,
            'front' === $zone->group, 'feet' === $zone->group => 2,
            'neck' === $zone->group => 3,
            default => 4,
        };

        // The other school begins at the neck and leaves the head to the end as well.
        return $rearFirst || 4 === $place ? $place : 3 - $place;
    }

    /** @return list<WorkItem> mats to work out and mats to clip, by place and blade */
    private function mats(): array
    {
        $groups = $skin = [];
        foreach ($this->job->mats as $mat) {
            $node = $mat->node();
            if (null === $node) {
                continue;
            }
            $tool =
                'mats_clip' === $node && null !== $mat->blade
                    ? self::under($mat->blade)
                    : ('mats_clip' === $node
                        ? Say::it('order.todays_blade')
                        : $mat->tool());
            $zone = Zone::of($mat->zone);
            // By place: both sides together.
            $place = preg_replace('/_(left|right)$/', '', $zone->id);
            $groups["$node|$place|$tool"][] = $mat;
            if ($mat->skin) {
                $skin[] = $mat->zone;
            }
        }
        $items = [];
        foreach ($groups as $key => $mats) {
            [$node, , $tool] = explode('|', $key);
            $zones = self::sorted(array_map(static fn (MatWork $m): string => $m->zone, $mats));
            $minutes = array_filter(
                array_map(static fn (MatWork $m): ?float => $m->minutes, $mats),
                static fn (?float $m): bool => null !== $m,
            );
            $tender = [] !== array_filter($mats, static fn (MatWork $m): bool => $m->tender);
            $items[] = new WorkItem(
                $node,
                $tool,
                $zones,
                Edge::title($node),
                Edge::step($node)->doneWhen(),
                [] === $minutes ? null : array_sum($minutes),
                self::cautions($node, $this->job, $zones),
                null,
                [$tender ? 0 : 1, Region::rank($zones[0])],
                str_ends_with($tool, ' blade') ? substr($tool, 0, -6) : $tool,
            );
        }
        if ([] !== $skin) {
            $items[] = new WorkItem(
                'skin',
                null,
                self::sorted($skin),
                Edge::title('skin'),
                Say::it('order.whole_and_cool_broken_or_hot'),
                null,
                [Say::it('order.broken_or_hot_stop_here')],
            );
        }

        return $items;
    }

    private static function under(string $blade): string
    {
        return 'trimmer' === $blade ? Tool::trimmer()->words() : Tool::blade($blade)->words();
    }

    /** @return list<WorkItem> what takes hair off, by tool, lay and part of the dog */
    private function cuts(): array
    {
        $sides = $this->schools->is('outline', 'side_by_side');
        $groups = $areas = [];
        foreach ($this->job->zones as $id => $cut) {
            $zone = Zone::of($id);
            $node = $cut->node($zone);
            if (null === $node) {
                continue;
            }
            $outline = Edge::step($node)->makesTheOutline();
            $side = $sides && $outline ? ('right' === $zone->side ? 2 : ('left' === $zone->side ? 1 : 0)) : 0;
            $part = \in_array($node, ['clip', 'scissor', 'thin'], true) ? Region::of($zone)->value : '';
            $groups["$node|$cut->tool|{$cut->lay->value}|$part|$side"][$id] = $cut;
            $areas["$node|$cut->tool"] = ($areas["$node|$cut->tool"] ?? 0.0) + $zone->share();
        }
        $faceFirst = $this->schools->is('outline', 'face_first');
        $items = [];
        foreach ($groups as $key => $cuts) {
            [$node, $tool, , , $side] = explode('|', $key);
            $zones = self::sorted(array_keys($cuts), $faceFirst);
            $first = reset($cuts);
            $items[] = new WorkItem(
                $node,
                $tool,
                $zones,
                self::titled($node, $zones),
                Edge::step($node)->doneWhen(),
                null,
                self::cautions($node, $this->job, $zones, $first),
                $first->isClipper() || 'trimmer' === $first->kind ? $first->lay : null,
                [
                    (int) $side,
                    $faceFirst ? intdiv(Region::rank($zones[0], true), 100) : 0,
                    -round($areas["$node|$tool"], 6),
                    -$first->leaves,
                    Region::rank($zones[0], $faceFirst),
                ],
                $first->hand,
            );
        }

        return $items;
    }

    /** @param list<string> $zones */
    private static function titled(string $node, array $zones): string
    {
        if (!\in_array($node, ['clip', 'scissor', 'thin'], true)) {
            return Edge::title($node);
        }
        $part = Region::of(Zone::of($zones[0]));

        return Say::it(
            'order.part',
            Edge::title($node),
            Region::CloseWork === $part ? Say::it('order.underneath') : $part->title(),
        );
    }

    /**
     * @param list<string> $zones
     *
     * @return list<string> in working order
     */
    private static function sorted(array $zones, bool $faceFirst = false): array
    {
        $zones = array_values(array_unique($zones));
        usort(
            $zones,
            static fn (string $a, string $b): int => Region::rank($a, $faceFirst) <=> Region::rank($b, $faceFirst),
        );

        return $zones;
    }

    private static function usualTool(string $node, Job $job): ?string
    {
        return match ($node) {
            'comb_test', 'comb_out' => 'comb',
            'brush_out' => Say::it('order.slicker_and_comb'),
            'rake' => 'rake',
            'wipe', 'face' => Say::it('order.damp_cloth'),
            'teeth' => Say::it('order.dog_toothpaste'),
            'dry' => $job->fearsDryer ? Say::it('order.towels_then_a_cool_quiet_dryer') : 'dryer',
            default => null,
        };
    }

    /**
     * @param list<string> $zones
     *
     * @return list<string>
     */
    private static function cautions(string $node, Job $job, array $zones, ?Cut $cut = null): array
    {
        $out = match ($node) {
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
