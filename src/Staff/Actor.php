<?php

/** Who acts, in which salon and with what right: the first thing every handler and every query is told. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Symfony\Component\Uid\Uuid;

/**
 * Made once per request, or by a job, a queue or the shell. Holds ids, never entities, so that it outlives a manager;
 * the place is where they usually work.
 */
final readonly class Actor
{
    /** @param list<string>|null $only what a programme may in their name; null: all that they may */
    public function __construct(
        public Uuid $salon,
        public Uuid $staff,
        public string $login,
        public Role $role,
        public \DateTimeZone $timeZone,
        public ?Uuid $place = null,
        public string $language = 'en',
        public ?string $programme = null,
        private ?array $only = null,
    ) {
    }

    /**
     * The same person, through a programme of that name.
     *
     * @param list<string> $only what it may, of what they may
     */
    public function through(string $programme, array $only): self
    {
        return new self(
            $this->salon,
            $this->staff,
            $this->login,
            $this->role,
            $this->timeZone,
            $this->place,
            $this->language,
            $programme,
            $only,
        );
    }

    /** @return list<string> */
    public function permissions(): array
    {
        $may = $this->role->permissions();

        return null === $this->only ? $may : array_values(array_intersect($may, $this->only));
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
            $staff->language ?? $staff->salon->language,
        );
    }

    /** @param string $permission one of May's constants */
    public function may(string $permission): bool
    {
        return \in_array($permission, $this->permissions(), true);
    }

    /** The salon's own day that an instant falls on, at midnight in UTC, as columns of days keep it. */
    public function day(\DateTimeImmutable $now): \DateTimeImmutable
    {
        return new \DateTimeImmutable($now->setTimezone($this->timeZone)->format('Y-m-d'), new \DateTimeZone('UTC'));
    }

    /** The instant at which that day began here, in UTC. */
    public function dayBegan(\DateTimeImmutable $now): \DateTimeImmutable
    {
        return $now
            ->setTimezone($this->timeZone)
            ->setTime(0, 0)
            ->setTimezone(new \DateTimeZone('UTC'));
    }
}
