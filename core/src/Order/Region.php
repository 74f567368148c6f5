<?php

/** The parts of a dog as a groomer goes over them: in which order they are worked, and looked at in the end. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;

enum Region: string
{
    case CloseWork = 'close_work';
    case Pads = 'pads';
    case Body = 'body';
    case Legs = 'legs';
    case Neck = 'neck';
    case Head = 'head';
    case EarEdges = 'ear_edges';
    case Feet = 'feet';
    case Rear = 'rear';

    private const HEAD_FIRST = ['head' => 0, 'ear_edges' => 1, 'neck' => 2, 'body' => 3, 'legs' => 4];

    public static function of(Zone $zone): self
    {
        return match (true) {
            str_starts_with($zone->id, 'pads_'), str_starts_with($zone->id, 'between_toes_') => self::Pads,
            str_starts_with($zone->id, 'toe_outline_') => self::Feet,
            'sanitary' === $zone->group && 'tail_root_arc' !== $zone->id,
            'belly' === $zone->id,
            str_starts_with($zone->id, 'armpit_'),
            str_starts_with($zone->id, 'inner_thigh_') => self::CloseWork,
            str_starts_with($zone->id, 'ear_feather_') => self::EarEdges,
            'head' === $zone->group => self::Head,
            'neck' === $zone->group => self::Neck,
            'tail' === $zone->group,
            'tail_root_arc' === $zone->id,
            str_starts_with($zone->id, 'breeches_') => self::Rear,
            str_starts_with($zone->id, 'thigh_'),
            str_starts_with($zone->id, 'hock_'),
            'front' === $zone->group => self::Legs,
            default => self::Body,
        };
    }

    /** Where in the work this part comes, and a zone within it: body, legs, neck, head unless the face goes first. */
    public static function rank(string $zone, bool $faceFirst = false): int
    {
        return self::ranks($faceFirst)[$zone] ?? throw new \LogicException("$zone is no zone.");
    }

    /** @return array<string, int> by zone, reckoned once: what sorts asks for it again and again */
    private static function ranks(bool $faceFirst): array
    {
        /** @var array<int, array<string, int>> $known */
        static $known = [];
        if (!isset($known[(int) $faceFirst])) {
            $ranks = [];
            foreach (ZoneTable::ids() as $at => $zone) {
                $region = self::of(Zone::of($zone));
                $usual = (int) array_search($region, self::cases(), true);
                $ranks[$zone] = 100 * ($faceFirst ? self::HEAD_FIRST[$region->value] ?? 10 + $usual : $usual) + $at;
            }
            $known[(int) $faceFirst] = $ranks;
        }

        return $known[(int) $faceFirst];
    }

    public function title(): string
    {
        return match ($this) {
            self::CloseWork => Say::it('order.close_work_sanitary_belly'),
            self::Pads => Say::it('order.pads_and_between_the_toes'),
            self::EarEdges => Say::it('order.ear_edges'),
            self::Feet => Say::it('order.outline_of_the_feet'),
            self::Rear => Say::it('order.tail_and_rear'),
            self::Head => Say::it('order.head_face'),
            default => $this->value,
        };
    }

    public function doneWhen(): string
    {
        return match ($this) {
            self::CloseWork => Say::it('order.nothing_catches_skin_unmarked'),
            self::Pads => Say::it('order.pads_are_bare_the_webbing_untouched'),
            self::Body => Say::it('order.no_line_and_no_step_in'),
            self::Legs => Say::it('order.columns_match_from_the_front_elbows'),
            self::Neck => Say::it('order.the_neck_runs_into_the_shoulder'),
            self::Head => Say::it('order.both_eyes_are_free_left_equals'),
            self::EarEdges => Say::it('order.the_edges_look_level_from_the'),
            self::Feet => Say::it('order.the_foot_is_round_on_the'),
            self::Rear => Say::it('order.clean_under_the_tail_nothing_long'),
        };
    }
}
