<?php

/** Writes the change log and tells open cards that they are old; called by every write. */

declare(strict_types=1);

namespace KeenThistle\Log;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Salon\Scope;
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
    public function record(EntityManagerInterface $manager, ?Dog $dog, string $kind, string $subject, string $summary, ?array $before = null, ?array $after = null, int $revision = 0): Change
    {
        $who = $manager->find(Staff::class, $this->scope->staff()->id);
        \assert($who instanceof Staff);
        $change = new Change(Uuid::v7(), $who->salon, $dog, $who, $this->clock->now(), $kind, $subject, $summary, $before, $after);
        $change->revision = $revision;
        $manager->persist($change);
        if (null !== $dog) {
            // In SQL, so that two writes at once both count.
            $manager->getConnection()->executeStatement('UPDATE dog SET card_version = card_version + 1 WHERE id = ?', [$dog->id->toBinary()]);
        }

        return $change;
    }
}
