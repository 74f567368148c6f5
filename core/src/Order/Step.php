<?php

/** The steps of a groom: what kind of work an item is, and where it usually stands. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\Phase;

enum Step: string
{
    case Check = 'check';
    case CombTest = 'comb_test';
    case MatsOut = 'mats_out';
    case MatsClip = 'mats_clip';
    case Wipe = 'wipe';
    case CloseWork = 'close_work';
    case Pads = 'pads';
    case Nails = 'nails';
    case Ears = 'ears';
    case Teeth = 'teeth';
    case BrushOut = 'brush_out';
    case Bath = 'bath';
    case Dry = 'dry';
    case CombOut = 'comb_out';
    case Strip = 'strip';
    case Rake = 'rake';
    case Clip = 'clip';
    case Scissor = 'scissor';
    case Thin = 'thin';
    case Edges = 'edges';
    case Feet = 'feet';
    case Rear = 'rear';
    case Look = 'look';
    case Finish = 'finish';
    case Notes = 'notes';
    case Handover = 'handover';

    /** Steps as grooms of an earlier release have them. */
    private const BEFORE = [
        'knots' => self::MatsOut,
        'undercoat' => self::Rake,
        'body' => self::Clip,
        'legs' => self::Clip,
        'head' => self::Scissor,
        'ear_edges' => self::Edges,
    ];

    /** As it was stored, by this release or the one before; null: nothing we know. */
    public static function ofStored(string $step): ?self
    {
        return self::tryFrom($step) ?? (Edge::PARTS[$step] ?? (self::BEFORE[$step] ?? null));
    }

    public function title(): string
    {
        return match ($this) {
            self::CombTest => Say::it('order.comb_test'),
            self::MatsOut => Say::it('order.mats_worked_out'),
            self::MatsClip => Say::it('order.mats_clipped'),
            self::Wipe => Say::it('order.wiped_clean'),
            self::CloseWork => Say::it('order.close_work_sanitary_belly'),
            self::Pads => Say::it('order.pads_and_between_the_toes'),
            self::Ears => Say::it('order.ears_what_is_visible'),
            self::BrushOut => Say::it('order.brush_out'),
            self::CombOut => Say::it('order.comb_out_to_the_skin'),
            self::Strip => Say::it('order.strip_by_hand'),
            self::Rake => Say::it('order.undercoat_out'),
            self::Edges => Say::it('order.ear_edges'),
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
            self::MatsOut => Say::it('order.the_comb_passes_or_the_place'),
            self::MatsClip => Say::it('order.the_mat_is_off_the_skin_seen'),
            self::Wipe => Say::it('order.no_soil_where_a_comb_goes'),
            self::CloseWork => Say::it('order.nothing_catches_skin_unmarked'),
            self::Pads => Say::it('order.pads_are_bare_the_webbing_untouched'),
            self::Nails => Say::it('order.no_claw_touches_the_floor_when'),
            self::Ears => Say::it('order.what_can_be_seen_is_clean'),
            self::Teeth => Say::it('order.wiped_or_brushed_as_far_as'),
            self::BrushOut => Say::it('order.a_brush_and_a_comb_pass'),
            self::Bath => Say::it('order.water_runs_clear_nothing_slides_under'),
            self::Dry => Say::it('order.dry_at_the_skin_behind_ears'),
            self::CombOut => Say::it('order.a_comb_falls_through_from_skin'),
            self::Strip => Say::it('order.dead_hair_lets_go_no_skin_shows'),
            self::Rake => Say::it('order.the_rake_brings_nothing_more'),
            self::Clip => Say::it('order.no_line_and_no_step_in'),
            self::Scissor => Say::it('order.columns_match_from_the_front_elbows'),
            self::Thin => Say::it('order.no_edge_is_seen_both_eyes_are_free'),
            self::Edges => Say::it('order.the_edges_are_clean'),
            self::Feet => Say::it('order.the_foot_is_round_on_the'),
            self::Rear => Say::it('order.clean_under_the_tail_nothing_long'),
            self::Look => Say::it('order.it_walked_off_and_came_back'),
            self::Finish => Say::it('order.combed_neckwear_two_fingers_loose'),
            self::Notes => Say::it('order.what_was_different_is_written_down'),
            self::Handover => Say::it('order.the_owner_has_seen_what_was'),
        };
    }

    /** Whether this step takes hair off the zones it names. */
    public function cuts(): bool
    {
        return \in_array($this, [self::CloseWork, self::Pads, self::MatsClip, self::Strip], true)
            || $this->makesTheOutline();
    }

    /** Whether it sets the outline the dog is looked at for: only on a dry coat, combed to the skin. */
    public function makesTheOutline(): bool
    {
        return \in_array($this, [self::Clip, self::Scissor, self::Thin, self::Edges, self::Feet, self::Rear], true);
    }

    /**
     * What of the work one word may tell of at once, where every step of it went as planned; empty: somebody looks
     * at this one for itself: skin, mats, nails, ears, whether it is dry, the whole dog at the end.
     */
    public function together(): string
    {
        return match ($this) {
            self::Wipe, self::CloseWork, self::Pads => Say::it('order.together_close_work'),
            self::BrushOut, self::Bath => Say::it('order.together_bath'),
            self::Clip => Say::it('order.together_clip'),
            self::Scissor, self::Thin, self::Edges, self::Feet, self::Rear => Say::it('order.together_scissor'),
            self::Finish, self::Notes, self::Handover => Say::it('order.together_end'),
            default => '',
        };
    }

    /** The phase of the estimate that its minutes are counted to. */
    public function phase(): Phase
    {
        return match ($this) {
            self::Check, self::CombTest => Phase::Check,
            self::MatsOut, self::MatsClip => Phase::Knots,
            self::Wipe, self::CloseWork => Phase::CloseWork,
            self::Pads, self::Nails, self::Ears, self::Teeth => Phase::NailsPadsEars,
            self::Bath => Phase::Bath,
            self::Dry => Phase::Dry,
            self::BrushOut, self::Rake, self::CombOut => Phase::CombOut,
            self::Strip => Phase::Strip,
            self::Clip => Phase::Clip,
            self::Scissor, self::Thin, self::Edges, self::Feet, self::Rear => Phase::Scissor,
            self::Look, self::Finish => Phase::Finish,
            self::Notes, self::Handover => Phase::Notes,
        };
    }
}
