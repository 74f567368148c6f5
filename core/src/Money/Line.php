<?php

/** One line of a bill: what for, how much with its tax, and who earned it. */

declare(strict_types=1);

namespace KeenThistle\Core\Money;

final readonly class Line
{
    /**
     * @param int $minor what the owner pays for it, tax included; below 0: taken off, or given back
     * @param float $taxPercent 0 for what is not taxed
     * @param string $person id of who earned it; empty: the salon
     */
    public function __construct(
        public LineKind $kind,
        public string $label,
        public int $minor,
        public float $taxPercent = 0.0,
        public string $person = '',
    ) {
    }

    /** The same taken back. */
    public function reversed(): self
    {
        return new self($this->kind, $this->label, -$this->minor, $this->taxPercent, $this->person);
    }

    /** @return array{kind: string, label: string, minor: int, tax_percent: float, person: string} */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'label' => $this->label,
            'minor' => $this->minor,
            'tax_percent' => $this->taxPercent,
            'person' => $this->person,
        ];
    }

    /** @param array{kind: string, label: string, minor: int, tax_percent: int|float, person: string} $line */
    public static function fromArray(array $line): self
    {
        return new self(
            LineKind::from($line['kind']),
            $line['label'],
            $line['minor'],
            (float) $line['tax_percent'],
            $line['person'],
        );
    }
}
