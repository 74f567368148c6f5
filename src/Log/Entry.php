<?php

/** One line of the change log, as a handler hands it back. */

declare(strict_types=1);

namespace KeenThistle\Log;

use Symfony\Component\Uid\Uuid;

final readonly class Entry
{
    public Uuid $id;

    /**
     * @param string $kind plan_zone, dog, visit, booking, kit and others, 12 letters at most
     * @param string $subject the zone of a plan change, else the id of what changed
     * @param array<string, mixed>|null $before
     * @param array<string, mixed>|null $after
     * @param int $revision of the plan that this change made, 0 for other kinds
     */
    public function __construct(
        public ?Subject $dog,
        public string $kind,
        public string $subject,
        public string $summary,
        public ?array $before = null,
        public ?array $after = null,
        public int $revision = 0,
    ) {
        $this->id = Uuid::v7();
    }
}
