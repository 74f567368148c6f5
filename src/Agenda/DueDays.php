<?php

/** Keeps with each dog the day its next visit is due, so that who is overdue is found without reckoning them all. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Actors;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class DueDays
{
    /** In one go of the worker, which has other things to do as well. */
    private const MOST = 40;
    private const KINDS = [Service::Full, Service::Bath, Service::Tidy];

    public function __construct(
        private Connection $db,
        private EntityManagerInterface $manager,
        private Clocks $clocks,
        private Scope $scope,
        private Actors $who,
    ) {
    }

    /** @return int how many dogs were reckoned whose card has changed since */
    public function whenStale(int $most = self::MOST): int
    {
        $rows = $this->db->fetchAllAssociative(
            'SELECT id, salon_id, card_version FROM dog WHERE due_version <> card_version LIMIT '.$most,
        );
        $actors = [];
        foreach ($rows as $row) {
            $salon = Row::id($row['salon_id']);
            $actors[$salon] ??= $this->who->inNameOf(Uuid::fromString($salon));
            [$on, $kind] = $this->due($actors[$salon], Row::id($row['id']));
            // A card that has changed meanwhile is reckoned again.
            $this->db->executeStatement(
                'UPDATE dog SET due_on = ?, due_kind = ?, due_version = ? WHERE id = ?',
                [$on, $kind, $row['card_version'], $row['id']],
            );
        }
        $this->manager->clear();

        return \count($rows);
    }

    /** @return array{string|null, string} the first day on which one of its kinds of visit is due */
    private function due(Actor $actor, string $id): array
    {
        $this->scope->apply($actor, $this->manager);
        $dog = $this->manager->find(Dog::class, Uuid::fromString($id));
        if (null === $dog) {
            return [null, ''];
        }
        $clocks = $this->clocks->of($actor, $dog);
        $first = [null, ''];
        foreach (self::KINDS as $kind) {
            $on = $clocks->due($kind);
            if (null !== $on && (null === $first[0] || $on < $first[0])) {
                $first = [$on, $kind->value];
            }
        }

        return $first;
    }
}
