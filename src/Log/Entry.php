<?php

/** One line of the change log, as a handler hands it back. */

declare(strict_types=1);

namespace KeenThistle\Log;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;

final readonly class Entry
{
    /**
     * @param string $kind plan_zone, dog, visit, booking, kit and others, 12 letters at most
     * @param string $subject the zone of a plan change, else the id of what changed
     * @param array<string, mixed>|null $before
     * @param array<string, mixed>|null $after
     * @param int $revision of the plan that this change made, 0 for other kinds
     * @param Uuid|null $takesBack the change that this one takes back
     * @param Uuid|null $partOf the change that this one belongs to, to be taken back with it
     */
    public function __construct(
        public ?Subject $dog,
        public string $kind,
        public string $subject,
        public string $summary,
        public ?array $before = null,
        public ?array $after = null,
        public int $revision = 0,
        public ?Uuid $takesBack = null,
        public ?Uuid $partOf = null,
        public Uuid $id = new UuidV7(),
    ) {
    }

    /** The same change, made in order to take another one back. */
    public function takingBack(Uuid $change, string $summary): self
    {
        return new self(
            dog: $this->dog,
            kind: $this->kind,
            subject: $this->subject,
            summary: $summary,
            before: $this->before,
            after: $this->after,
            revision: $this->revision,
            takesBack: $change,
            partOf: $this->partOf,
            id: $this->id,
        );
    }
}
