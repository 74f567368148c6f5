<?php

/** What went wrong at the table, in a sentence for the owner. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

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
        $where = '' === $this->zone ? '' : ' at the '.Zone::of($this->zone)->label;
        $what = match ($this->what) {
            'nick' => "A small nick$where.",
            'quicked' => "A claw was cut into the quick$where and bled.",
            'hot_blade' => "Skin warmed by a blade$where.",
            'slip' => "The dog slipped$where.",
            default => 'We stopped early: it was too much today.',
        };

        return $what.
            ('' === $this->action ? '' : " Done at once: $this->action.").
            ('' === $this->followUp ? '' : " Next: $this->followUp.");
    }
}
