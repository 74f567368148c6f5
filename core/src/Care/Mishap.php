<?php

/** What went wrong at the table, in a sentence for the owner. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class Mishap
{
    /** @param string $zone "" where it has no place */
    public function __construct(
        public string $what,
        public string $zone,
        public string $action,
        public string $followUp,
    ) {
    }

    public function sentence(): string
    {
        $where = '' === $this->zone ? '' : Say::it('care.at_the', Zone::of($this->zone)->label);
        $what = match ($this->what) {
            'nick' => Say::it('care.a_small_nick', $where),
            'quicked' => Say::it('care.a_claw_was_cut_into_the', $where),
            'hot_blade' => Say::it('care.skin_warmed_by_a_blade', $where),
            'slip' => Say::it('care.the_dog_slipped', $where),
            default => Say::it('care.we_stopped_early_it_was_too'),
        };

        return $what.
            ('' === $this->action ? '' : Say::it('care.done_at_once', $this->action)).
            ('' === $this->followUp ? '' : Say::it('care.next', $this->followUp));
    }
}
