<?php

/** What is done about the mats of one zone today. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\ZoneDecision;
use KeenThistle\Core\Say\Say;

final readonly class MatWork
{
    /**
     * @param string|null $blade under it; null: nothing of ours goes there
     * @param bool $corded cords are parted by hand, never combed
     * @param bool $skin whether the skin is looked at, as an item of its own, once it is off
     */
    public function __construct(
        public string $zone,
        public Decision $decision,
        public ?string $blade = null,
        public int $severity = 0,
        public bool $tender = false,
        public bool $skin = false,
        public ?float $minutes = null,
        public bool $corded = false,
    ) {
    }

    public static function of(ZoneDecision $z): self
    {
        return new self(
            $z->mat->zone->id,
            $z->decision,
            $z->under?->blade,
            $z->mat->severity,
            $z->mat->zone->tender,
            $z->decision->takesTheHair() && !$z->mat->hasClearance(),
            $z->minutes,
            $z->corded,
        );
    }

    /** Worked out, clipped before the bath, or nothing of its own: the even pass takes it. */
    public function node(): ?string
    {
        return match (true) {
            $this->decision->isWorkingOut(), Decision::Rake === $this->decision => 'mats_out',
            Decision::Clip === $this->decision => null === $this->blade ? null : 'mats_clip',
            Decision::ComesOff === $this->decision => $this->severity >= 3 ? 'mats_clip' : null,
            default => null,
        };
    }

    public function tool(): string
    {
        return match (true) {
            Decision::Rake === $this->decision => 'rake',
            $this->corded => Say::it('order.hands'),
            default => 'comb',
        };
    }
}
