<?php

/** A part of a paper note, with what it means in shorthand and what about that is not certain. */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

final readonly class PaperPart
{
    /**
     * @param string $line in shorthand; empty: it could not be read
     * @param list<string> $zones
     * @param list<string> $doubts why it is not sure
     */
    public function __construct(
        public string $said,
        public string $line,
        public array $zones,
        public bool $sure,
        public array $doubts,
    ) {
    }

    /** @param bool $keep whether what it means is still offered */
    public function unsure(string $why, bool $keep = true): self
    {
        return new self($this->said, $keep ? $this->line : '', $keep ? $this->zones : [], false, [
            ...$this->doubts,
            $why,
        ]);
    }

    /** @return array{said: string, line: string, sure: bool, doubts: list<string>} */
    public function toArray(): array
    {
        return ['said' => $this->said, 'line' => $this->line, 'sure' => $this->sure, 'doubts' => $this->doubts];
    }
}
