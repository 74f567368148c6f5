<?php

/** The steps of a groom: what each needs in the hand, when it is done, and where it usually stands. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\Phase;
use KeenThistle\Core\Zone\Zone;

enum Step: string
{
    case Check = 'check';
    case CombTest = 'comb_test';
    case Knots = 'knots';
    case Undercoat = 'undercoat';
    case CloseWork = 'close_work';
    case Pads = 'pads';
    case Nails = 'nails';
    case Ears = 'ears';
    case Bath = 'bath';
    case Dry = 'dry';
    case CombOut = 'comb_out';
    case Body = 'body';
    case Legs = 'legs';
    case Head = 'head';
    case EarEdges = 'ear_edges';
    case Feet = 'feet';
    case Rear = 'rear';
    case Look = 'look';
    case Finish = 'finish';
    case Notes = 'notes';
    case Handover = 'handover';

    public function title(): string
    {
        return match ($this) {
            self::CombTest => Say::it('order.comb_test'),
            self::CloseWork => Say::it('order.close_work_sanitary_belly'),
            self::Pads => Say::it('order.pads_and_between_the_toes'),
            self::Ears => Say::it('order.ears_what_is_visible'),
            self::CombOut => Say::it('order.comb_out_to_the_skin'),
            self::Head => Say::it('order.neck_head_face'),
            self::EarEdges => Say::it('order.ear_edges'),
            self::Feet => Say::it('order.outline_of_the_feet'),
            self::Rear => Say::it('order.tail_and_rear'),
            self::Look => Say::it('order.look_from_all_sides'),
            default => $this->value,
        };
    }

    public function doneWhen(): string
    {
        return match ($this) {
            self::Check => Say::it('order.every_part_has_been_felt_and'),
            self::CombTest => Say::it('order.a_comb_has_gone_to_the'),
            self::Knots => Say::it('order.the_comb_passes_or_the_place'),
            self::Undercoat => Say::it('order.the_rake_brings_nothing_more_or'),
            self::CloseWork => Say::it('order.nothing_catches_skin_unmarked'),
            self::Pads => Say::it('order.pads_are_bare_the_webbing_untouched'),
            self::Nails => Say::it('order.no_claw_touches_the_floor_when'),
            self::Ears => Say::it('order.what_can_be_seen_is_clean'),
            self::Bath => Say::it('order.water_runs_clear_nothing_slides_under'),
            self::Dry => Say::it('order.dry_at_the_skin_behind_ears'),
            self::CombOut => Say::it('order.a_comb_falls_through_from_skin'),
            self::Body => Say::it('order.no_line_and_no_step_in'),
            self::Legs => Say::it('order.columns_match_from_the_front_elbows'),
            self::Head => Say::it('order.both_eyes_are_free_left_equals'),
            self::EarEdges => Say::it('order.the_edges_look_level_from_the'),
            self::Feet => Say::it('order.the_foot_is_round_on_the'),
            self::Rear => Say::it('order.clean_under_the_tail_nothing_long'),
            self::Look => Say::it('order.it_walked_off_and_came_back'),
            self::Finish => Say::it('order.combed_neckwear_two_fingers_loose'),
            self::Notes => Say::it('order.what_was_different_is_written_down'),
            self::Handover => Say::it('order.the_owner_has_seen_what_was'),
        };
    }

    /** Where the clippers or shears of a zone belong. */
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
            'head' === $zone->group, 'neck' === $zone->group => self::Head,
            'tail' === $zone->group,
            'tail_root_arc' === $zone->id,
            str_starts_with($zone->id, 'breeches_'),
            'rump' === $zone->id => self::Rear,
            str_starts_with($zone->id, 'thigh_'),
            str_starts_with($zone->id, 'hock_'),
            'front' === $zone->group => self::Legs,
            default => self::Body,
        };
    }

    /** Whether this step cuts an outline that the dog is looked at for. */
    public function cuts(): bool
    {
        return \in_array($this, [self::Body, self::Legs, self::Head, self::EarEdges, self::Feet, self::Rear], true);
    }

    /** The phase of the estimate that its minutes are counted to; what cuts an outline is counted by its tool. */
    public function phase(): Phase
    {
        return match ($this) {
            self::Check, self::CombTest => Phase::Check,
            self::Knots => Phase::Knots,
            self::CloseWork => Phase::CloseWork,
            self::Pads, self::Nails, self::Ears => Phase::NailsPadsEars,
            self::Bath => Phase::Bath,
            self::Dry => Phase::Dry,
            self::Undercoat, self::CombOut => Phase::CombOut,
            self::Body, self::Legs, self::Head, self::EarEdges, self::Feet, self::Rear => Phase::Clip,
            self::Look, self::Finish => Phase::Finish,
            self::Notes, self::Handover => Phase::Notes,
        };
    }
}
