<?php

/** The steps of a groom: what each needs in the hand, when it is done, and where it usually stands. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

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
            self::CombTest => 'comb test',
            self::CloseWork => 'close work: sanitary, belly',
            self::Pads => 'pads and between the toes',
            self::Ears => 'ears, what is visible',
            self::CombOut => 'comb out to the skin',
            self::Head => 'neck, head, face',
            self::EarEdges => 'ear edges',
            self::Feet => 'outline of the feet',
            self::Rear => 'tail and rear',
            self::Look => 'look from all sides',
            default => $this->value,
        };
    }

    public function doneWhen(): string
    {
        return match ($this) {
            self::Check => 'every part has been felt and the owner\'s word is noted',
            self::CombTest => 'a comb has gone to the skin in every zone, twice',
            self::Knots => 'the comb passes, or the place is marked to be clipped',
            self::Undercoat => 'the rake brings nothing more, or the time for it is up',
            self::CloseWork => 'nothing catches, skin unmarked',
            self::Pads => 'pads are bare, the webbing untouched',
            self::Nails => 'no claw touches the floor when it stands, edges smooth',
            self::Ears => 'what can be seen is clean and dry',
            self::Bath => 'water runs clear, nothing slides under the hand',
            self::Dry => 'dry at the skin behind ears, armpits and groin',
            self::CombOut => 'a comb falls through from skin to tip everywhere',
            self::Body => 'no line and no step in raking light',
            self::Legs => 'columns match from the front, elbows free',
            self::Head => 'both eyes are free, left equals right from the front',
            self::EarEdges => 'the edges look level from the front',
            self::Feet => 'the foot is round on the floor, not in the hand',
            self::Rear => 'clean under the tail, nothing long to soil',
            self::Look => 'it walked off and came back, and nothing asks for scissors',
            self::Finish => 'combed, neckwear two fingers loose',
            self::Notes => 'what was different is written down, next date chosen',
            self::Handover => 'the owner has seen what was found',
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
