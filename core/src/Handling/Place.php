<?php

/** Where on the dog: a clipper at the face is not a clipper on the back. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

enum Place: string
{
    case Face = 'face';
    case Ears = 'ears';
    case FrontFeet = 'front_feet';
    case HindFeet = 'hind_feet';
    case Rear = 'rear';
    case Belly = 'belly';
    case Tail = 'tail';
    case Body = 'body';

    private const UNDERNEATH = ['belly', 'belly_patch', 'groin', 'sheath_or_vulva'];

    public static function of(Zone $zone): self
    {
        return match (true) {
            str_starts_with($zone->id, 'ear_') => self::Ears,
            'head' === $zone->group => self::Face,
            'feet' === $zone->group => str_starts_with($zone->side, 'front') ? self::FrontFeet : self::HindFeet,
            \in_array($zone->id, self::UNDERNEATH, true),
            str_starts_with($zone->id, 'armpit_'),
            str_starts_with($zone->id, 'inner_thigh_') => self::Belly,
            'sanitary' === $zone->group, str_starts_with($zone->id, 'breeches_') => self::Rear,
            'tail' === $zone->group => self::Tail,
            default => self::Body,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Face => Say::it('handling.place_face'),
            self::Ears => Say::it('handling.place_ears'),
            self::FrontFeet => Say::it('handling.place_front_feet'),
            self::HindFeet => Say::it('handling.place_hind_feet'),
            self::Rear => Say::it('handling.place_rear'),
            self::Belly => Say::it('handling.place_belly'),
            self::Tail => Say::it('handling.place_tail'),
            self::Body => Say::it('handling.place_body'),
        };
    }
}
