<?php

/** The answer of the recovery rule. */

declare(strict_types=1);

namespace KeenThistle\Core\Growth;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class Recovery
{
    public const NONE = 'none';
    public const MONTHS = 'months';
    public const AGREE_FIRST = 'agree_first';

    /**
     * @param float|null $weeks null where it will not recover by itself
     * @param list<Reason> $reasons
     * @param list<Caution> $cautions
     */
    public function __construct(
        public ?float $weeks,
        public string $level,
        public string $message,
        public array $reasons,
        public array $cautions,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'weeks' => null === $this->weeks ? null : round($this->weeks, 1),
            'level' => $this->level,
            'message' => $this->message,
            'reasons' => Reason::listToArray($this->reasons),
            'warnings' => Caution::listToArray($this->cautions),
        ];
    }
}
