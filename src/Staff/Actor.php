<?php

/** Who acts, in which salon and with what right: the first thing every handler and every query is told. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Symfony\Component\Uid\Uuid;

/**
 * Place: where they usually work. Made once per request, or by a job, a queue or the shell. Holds ids, never entities, so that it outlives a manager.
 */
final readonly class Actor
{
    public function __construct(
        public Uuid $salon,
        public Uuid $staff,
        public string $login,
        public Role $role,
        public \DateTimeZone $timeZone,
        public ?Uuid $place = null,
        public string $language = 'en',
    ) {
    }

    public static function of(Staff $staff): self
    {
        return new self(
            $staff->salon->id,
            $staff->id,
            $staff->login,
            $staff->role,
            new \DateTimeZone($staff->salon->timeZone),
            $staff->place?->id,
        );
    }

    /** @param string $permission one of May's constants */
    public function may(string $permission): bool
    {
        return \in_array($permission, $this->role->permissions(), true);
    }
}
