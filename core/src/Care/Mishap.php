<?php

/** What went wrong at the table, in a sentence for the owner. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class Mishap
{
    /**
     * @param string $zone "" where it has no place
     * @param string $followUpOn the day somebody asks after it, in words; "": none
     */
    public function __construct(
        public string $what,
        public string $zone,
        public string $action,
        public string $followUp,
        public string $followUpOn = '',
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
            'guard_off' => Say::it('care.a_guard_came_off', $where),
            'bite' => Say::it('care.there_was_a_bite', $where),
            'fall' => Say::it('care.it_fell_or_got_away', $where),
            'rash' => Say::it('care.the_skin_reacted', $where),
            'collapse' => Say::it('care.it_collapsed'),
            default => Say::it('care.we_stopped_early_it_was_too'),
        };

        return $what.
            ('' === $this->action ? '' : Say::it('care.done_at_once', $this->action)).
            ('' === $this->followUp ? '' : Say::it('care.next', $this->followUp)).
            ('' === $this->followUpOn ? '' : Say::it('care.asked_after_on', $this->followUpOn));
    }
}
