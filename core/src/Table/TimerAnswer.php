<?php

/** How one timer stands. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class TimerAnswer
{
    /**
     * @param float $ran seconds since it began, or since it was last looked after
     * @param float|null $left seconds; 0 and below: due; null: it has no end
     * @param 'off'|'running'|'due'|'warn'|'stop' $level
     * @param bool $forgotten it has run so long that nobody can have meant it
     * @param list<Caution> $cautions
     * @param list<Reason> $reasons
     */
    public function __construct(
        public TimerKind $kind,
        public bool $running,
        public ?string $who,
        public ?\DateTimeImmutable $since,
        public ?string $blade,
        public float $ran,
        public ?int $limit,
        public ?float $left,
        public string $level,
        public bool $forgotten,
        public string $words,
        public array $cautions,
        public array $reasons,
    ) {
    }
}
