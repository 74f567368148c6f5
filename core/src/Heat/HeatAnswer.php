<?php

/** Whether a blade may go on, and when to feel it next. */

declare(strict_types=1);

namespace KeenThistle\Core\Heat;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class HeatAnswer
{
    /**
     * @param 'ok'|'check'|'warn'|'stop' $level
     * @param list<Caution> $cautions
     * @param list<Reason> $reasons
     */
    public function __construct(
        public string $level,
        public int $every,
        public float $ran,
        public float $left,
        public ?string $rotation,
        public array $cautions,
        public array $reasons,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'level' => $this->level,
            'check_every_s' => $this->every,
            'clipped_s' => $this->ran,
            'next_check_in_s' => $this->left,
            'rotation' => $this->rotation,
            'warnings' => Caution::listToArray($this->cautions),
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
