<?php

/** Writes the change log and tells open cards that they are old; called by every write. */

declare(strict_types=1);

namespace KeenThistle\Log;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Staff\Actor;
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
        Actor $actor,
        EntityManagerInterface $manager,
        ?Subject $dog,
        string $kind,
        string $subject,
        string $summary,
        ?array $before = null,
        ?array $after = null,
    ): Change {
        $change = $this->entry($actor, $manager, $dog, $kind, $subject, $summary, $before, $after);
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
        Actor $actor,
        EntityManagerInterface $manager,
        ?Subject $dog,
        string $kind,
        string $subject,
        string $summary,
        ?array $before = null,
        ?array $after = null,
        int $revision = 0,
    ): Change {
        $who = $manager->find(Staff::class, $actor->staff);
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

    /**
     * Many entries of one wish in one statement; who writes them touches the card once.
     *
     * @param array<string, array{summary: string, before: array<string, mixed>, after: array<string, mixed>}> $entries
     *     by subject
     *
     * @return array<string, string> ids in the log, by subject
     */
    public function several(
        Actor $actor,
        EntityManagerInterface $manager,
        Subject $dog,
        string $kind,
        array $entries,
        int $revision,
    ): array {
        if ([] === $entries) {
            return [];
        }
        $who = $this->scope->person($actor);
        $ids = $rows = $values = [];
        foreach ($entries as $subject => $entry) {
            $id = Uuid::v7();
            $ids[$subject] = (string) $id;
            $rows[] = '(?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)';
            array_push(
                $values,
                $id->toBinary(),
                $who->salon->id->toBinary(),
                $dog->id()->toBinary(),
                $who->id->toBinary(),
                $this->clock->now()->format('Y-m-d H:i:s'),
                $kind,
                $subject,
                mb_substr($entry['summary'], 0, 300),
                json_encode($entry['before'], \JSON_THROW_ON_ERROR),
                json_encode($entry['after'], \JSON_THROW_ON_ERROR),
                $revision,
            );
        }
        $manager->getConnection()->executeStatement(
            'INSERT INTO change_log
                (id, salon_id, dog_id, staff_id, at, kind, subject, summary, was, became, revision)
            VALUES '.implode(', ', $rows),
            $values,
        );

        return $ids;
    }

    /** Open cards of this dog are old now. In SQL, so that two writes at once both count. */
    public function touch(EntityManagerInterface $manager, Subject $dog): void
    {
        $manager
            ->getConnection()
            ->executeStatement('UPDATE dog SET card_version = card_version + 1 WHERE id = ?', [$dog->id()->toBinary()]);
    }
}
