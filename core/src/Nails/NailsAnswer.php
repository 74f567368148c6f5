<?php

/** Today's action claw by claw, and the dates that follow. */

declare(strict_types=1);

namespace KeenThistle\Core\Nails;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class NailsAnswer
{
    /**
     * @param list<array{foot: string, claw: int, dewclaw: bool, action: string, why: string, smooth: bool,
     *     done_when: string}> $claws
     * @param array{visits: int, every_days: int, until: string, kind: string, next_on: string}|null $plan visits for
     *     nails only: the groom is not moved by one claw
     * @param int $notSeen claws that nobody looked at yet
     * @param list<Caution> $cautions
     * @param list<Reason> $reasons
     */
    public function __construct(
        public array $claws,
        public string $next,
        public ?string $nextDewclaws,
        public ?array $plan,
        public array $cautions,
        public array $reasons,
        public int $notSeen = 0,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'claws' => $this->claws,
            'next_on' => $this->next,
            'dewclaws_next_on' => $this->nextDewclaws,
            'not_seen' => $this->notSeen,
            'often_and_little' => $this->plan,
            'warnings' => Caution::listToArray($this->cautions),
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
