<?php

/** One zone of a pattern on one dog: the verdict, what it would leave, and why. */

declare(strict_types=1);

namespace KeenThistle\Core\Pattern;

use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Shorthand\Way;

final readonly class Fit
{
    /**
     * @param Way $way what the card would get: the pattern's, or what stays of the dog's own in it
     * @param Length|null $finished what it leaves; null: unknown
     * @param Length|null $was what the card leaves now
     * @param string|null $instead how this kit makes it, where it lacks the tool
     * @param list<Caution> $cautions
     */
    public function __construct(
        public Verdict $verdict,
        public Way $way,
        public ?Length $finished,
        public ?Length $was,
        public string $why,
        public ?string $instead,
        public array $cautions,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'verdict' => $this->verdict->value,
            'finished_mm' => $this->finished?->rounded(),
            'was_mm' => $this->was?->rounded(),
            'difference_mm' => null === $this->finished || null === $this->was
                ? null
                : $this->finished->minusRounded($this->was),
            'why' => $this->why,
            'instead' => $this->instead,
            'warnings' => Caution::listToArray($this->cautions),
        ];
    }
}
