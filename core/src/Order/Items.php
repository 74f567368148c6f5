<?php

/** The items of this dog's work: only what it has, by tool and zone, both sides together. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Zone\Zone;

final readonly class Items
{
    /** What a small visit has of it. */
    private const TIDY = ['check', 'wipe', 'close_work', 'pads', 'nails', 'ears', 'look', 'notes', 'handover'];
    private const BATH = [
        ...self::TIDY,
        'comb_test',
        'mats_out',
        'mats_clip',
        'skin',
        'face',
        'teeth',
        'brush_out',
        'rake',
        'bath',
        'dry',
        'comb_out',
    ];
    /** How eyes are freed at a bath or a tidy. */
    private const EYES = ['clip', 'scissor', 'thin'];
    private const NAILS = ['check', 'nails', 'notes', 'handover'];

    public function __construct(private Job $job, private Schools $schools)
    {
    }

    /** @return list<WorkItem> in no order yet */
    public function all(): array
    {
        $items = [...(new Care($this->job, $this->schools))->items(), ...$this->mats(), ...$this->cuts()];
        $allowed = match ($this->job->service) {
            Service::Tidy => self::TIDY,
            Service::Nails => self::NAILS,
            Service::Bath => self::BATH,
            Service::Full => null,
        };
        $skip = array_map(static fn (Step $s): string => $s->value, $this->job->skip);
        if (\in_array('bath', $skip, true)) {
            $skip[] = 'dry';
        }
        $left = array_values(
            array_filter(
                $items,
                static fn (WorkItem $i): bool => !\in_array($i->step()->value, $skip, true)
                    && (null === $allowed || \in_array($i->node, [...$allowed, ...self::EYES], true)),
            ),
        );

        return (new ItemMinutes($this->job))->share(
            array_map((new SchoolEffects($this->schools, $this->job))->on(...), $left),
        );
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
                ItemCautions::of($node, $this->job, $zones),
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

    /** Whether this visit cuts here: all of it at a full groom, else close work and what grows into the eyes. */
    private function asks(string $node, Zone $zone): bool
    {
        return match ($this->job->service) {
            Service::Full => true,
            Service::Nails => false,
            Service::Tidy, Service::Bath => \in_array($node, self::TIDY, true)
                || ($zone->isAtTheEye() && \in_array($node, self::EYES, true)),
        };
    }

    /** @return list<WorkItem> what takes hair off, by tool, lay and part of the dog */
    private function cuts(): array
    {
        $sides = $this->schools->is('outline', 'side_by_side');
        $groups = $areas = [];
        foreach ($this->job->zones as $id => $cut) {
            $zone = Zone::of($id);
            $node = $cut->node($zone);
            if (null === $node || !$this->asks($node, $zone)) {
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
                ItemCautions::of($node, $this->job, $zones, $first),
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
}
