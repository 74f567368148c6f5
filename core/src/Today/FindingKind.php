<?php

/** What a hand or an eye can come upon on arrival, as far as it changes what is done today. */

declare(strict_types=1);

namespace KeenThistle\Core\Today;

use KeenThistle\Core\Say\Say;

enum FindingKind: string
{
    case Sore = 'sore';
    case Swelling = 'swelling';
    case HotSkin = 'hot_skin';
    case FreshOperation = 'fresh_operation';
    case Parasites = 'parasites';
    case LabouredBreathing = 'laboured_breathing';
    case Collapse = 'collapse';
    case Seizure = 'seizure';
    case Fleas = 'fleas';
    case Ticks = 'ticks';
    case Ear = 'ear';
    case RedEye = 'red_eye';
    case TornNail = 'torn_nail';
    case Lame = 'lame';

    /** Nothing is done at that place, and a vet looks. */
    public function stopsHere(): bool
    {
        return \in_array($this, [self::Sore, self::Swelling, self::HotSkin, self::FreshOperation], true);
    }

    /** Nothing is done at all today. */
    public function stopsTheVisit(): bool
    {
        return \in_array($this, [self::Parasites, self::LabouredBreathing, self::Collapse, self::Seizure], true);
    }

    /** No water and no dryer near it, unless a vet has cleared it. */
    public function staysDry(): bool
    {
        return self::Sore === $this || self::FreshOperation === $this;
    }

    /** @return list<string> beginnings of the zones at which nothing is done although the rest goes on */
    public function spares(): array
    {
        return match ($this) {
            self::Ear => ['ear_inner_'],
            self::RedEye => ['inner_eye_'],
            default => [],
        };
    }

    /** What is said at the table, and by whom it is seen to. */
    public function words(): string
    {
        return match ($this) {
            self::Sore => Say::it('today.sore'),
            self::Swelling => Say::it('today.swelling'),
            self::HotSkin => Say::it('today.hot_skin'),
            self::FreshOperation => Say::it('today.fresh_operation'),
            self::Parasites => Say::it('today.parasites'),
            self::LabouredBreathing => Say::it('today.laboured_breathing'),
            self::Collapse => Say::it('today.collapse'),
            self::Seizure => Say::it('today.seizure'),
            self::Fleas => Say::it('today.fleas'),
            self::Ticks => Say::it('today.ticks'),
            self::Ear => Say::it('today.ear'),
            self::RedEye => Say::it('today.red_eye'),
            self::TornNail => Say::it('today.torn_nail'),
            self::Lame => Say::it('today.lame'),
        };
    }

    /** Whether a vet is asked to look. */
    public function refers(): bool
    {
        return self::Fleas !== $this && self::Ticks !== $this;
    }
}
