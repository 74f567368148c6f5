<?php

/** Writes the change log and tells open cards that they are old; called by every write. */

declare(strict_types=1);

namespace KeenThistle\Log;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class ChangeRecorder
{
    public function __construct(private Scope $scope, private ClockInterface $clock)
    {
    }

    /**
     * @param array<string, mixed>|null $before
     * @param array<string, mixed>|null $after
     */
    public function record(
        EntityManagerInterface $manager,
        ?Subject $dog,
        string $kind,
        string $subject,
        string $summary,
        ?array $before = null,
        ?array $after = null,
    ): Change {
        $change = $this->entry($manager, $dog, $kind, $subject, $summary, $before, $after);
        if (null !== $dog) {
            $this->touch($manager, $dog);
        }

        return $change;
    }

    /**
     * Only the entry; who writes several touches the card once.
     *
     * @param array<string, mixed>|null $before
     * @param array<string, mixed>|null $after
     */
    public function entry(
        EntityManagerInterface $manager,
        ?Subject $dog,
        string $kind,
        string $subject,
        string $summary,
        ?array $before = null,
        ?array $after = null,
        int $revision = 0,
    ): Change {
        $who = $manager->find(Staff::class, $this->scope->staff()->id);
        \assert($who instanceof Staff);
        $change = new Change(
            Uuid::v7(),
            $who->salon,
            $dog,
            $who,
            $this->clock->now(),
            $kind,
            $subject,
            $summary,
            $before,
            $after,
        );
        $change->revision = $revision;
        $manager->persist($change);

        return $change;
    }

    /** Open cards of this dog are old now. In SQL, so that two writes at once both count. */
    public function touch(EntityManagerInterface $manager, Subject $dog): void
    {
        $manager
            ->getConnection()
            ->executeStatement('UPDATE dog SET card_version = card_version + 1 WHERE id = ?', [$dog->id()->toBinary()]);
    }
}
