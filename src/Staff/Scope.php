<?php

/** Keeps salons apart: who acts is named with every query, and this one place applies their salon to it. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Salon;
use KeenThistle\Salon\SalonOwned;
use Psr\Log\LoggerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class Scope
{
    public function __construct(
        private Connection $db,
        private EntityManagerInterface $manager,
        private LoggerInterface $logger,
        private ClockInterface $clock,
    ) {
    }

    /** Who acts, as they are kept. */
    public function person(Actor $actor): Staff
    {
        return $this->manager->find(Staff::class, $actor->staff) ??
            throw new \LogicException('Who acts is in the salon.');
    }

    public function salon(Actor $actor): Salon
    {
        return $this->manager->find(Salon::class, $actor->salon) ?? throw new \LogicException('Who acts has a salon.');
    }

    /** The day it is in this salon, at midnight in UTC. */
    public function today(Actor $actor): \DateTimeImmutable
    {
        return $actor->day($this->clock->now());
    }

    /** The instant at which this salon's day began, in UTC. */
    public function dayBegan(Actor $actor): \DateTimeImmutable
    {
        return $actor->dayBegan($this->clock->now());
    }

    /** Switches the filter on for a manager; without a person there is no salon and nothing to see. */
    public function apply(Actor $actor, EntityManagerInterface $manager): void
    {
        $manager->getFilters()->enable('salon')->setParameter('salon', bin2hex($actor->salon->toBinary()));
    }

    /**
     * A row of this salon by its id as it came in the address.
     *
     * @template T of SalonOwned
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws Refused 404 for an unknown id; an id of another salon looks the same from outside and is logged
     */
    public function get(Actor $actor, string $class, string $id, EntityManagerInterface $manager, string $what): object
    {
        if (!Uuid::isValid($id)) {
            throw Refused::notFound($what);
        }
        $this->apply($actor, $manager);
        $row = $manager->find($class, Uuid::fromString($id));
        if (null !== $row) {
            return $row;
        }
        $this->logIfForeign($actor, $manager->getClassMetadata($class)->getTableName(), $id, $what);
        throw Refused::notFound($what);
    }

    /**
     * Reads rows with SQL that must name :salon.
     *
     * @param array<string, mixed> $parameters
     *
     * @return list<array<string, mixed>>
     */
    public function rows(Actor $actor, string $sql, array $parameters = []): array
    {
        if (!str_contains($sql, ':salon')) {
            throw new \LogicException('A query without :salon would read across salons.');
        }

        return $this->db->fetchAllAssociative($sql, ['salon' => $actor->salon->toBinary()] + $parameters);
    }

    public function logIfForeign(Actor $actor, string $table, string $id, string $what): void
    {
        if (false !== $this->db->fetchOne("SELECT 1 FROM $table WHERE id = ?", [Uuid::fromString($id)->toBinary()])) {
            $this->logger->warning('{staff} asked for a {what} of another salon: {id}', [
                'staff' => $actor->login,
                'what' => $what,
                'id' => $id,
            ]);
        }
    }
}
