<?php

/** How one zone stands in a groom, and who said so. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

final readonly class ZoneMark
{
    /**
     * @param array<string, mixed>|null $actual what was really used, as sent; null: as planned
     * @param string $carry "" as the plan says, "repeat" or "do_not_repeat"
     */
    public function __construct(
        public string $state,
        public string $why,
        public ?array $actual,
        public string $carry,
        public string $who,
        public string $device,
        public \DateTimeImmutable $at,
        public int $seq,
    ) {
    }

    public static function of(Tap $tap): self
    {
        $actual = $tap->data['actual'] ?? null;
        $map = [];
        foreach (\is_array($actual) ? $actual : [] as $name => $value) {
            $map[(string) $name] = $value;
        }

        return new self(
            $tap->text('state'),
            $tap->text('why'),
            \is_array($actual) ? $map : null,
            $tap->text('carry'),
            $tap->who,
            $tap->device,
            $tap->at,
            $tap->seq,
        );
    }

    /** Whether the other says the same, so that nobody need choose. */
    public function agrees(self $other): bool
    {
        return $this->state === $other->state && $this->actual === $other->actual && $this->carry === $other->carry;
    }

    /**
     * Whether a tap made without knowledge of this mark would overwrite it otherwise. @param int $saw the newest tap
     * its maker had seen
     */
    public function stands(self $other, int $saw): bool
    {
        return $this->seq > $saw && $this->device !== $other->device && !$this->agrees($other);
    }
}
