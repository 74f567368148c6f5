<?php

/** Keeps salons apart: the signed-in person's salon, applied to every query in this one place. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Http\Problem;
use KeenThistle\Salon\Salon;
use KeenThistle\Salon\SalonOwned;
use Psr\Log\LoggerInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class Scope
{
    public function __construct(
        private Security $security,
        private Connection $db,
        private LoggerInterface $logger,
        private ClockInterface $clock,
    ) {
    }

    public function staff(): Staff
    {
        $staff = $this->security->getUser();

        return $staff instanceof Staff ? $staff : throw Problem::signInNeeded();
    }

    public function salonId(): Uuid
    {
        return $this->staff()->salon->id;
    }

    public function salon(): Salon
    {
        return $this->staff()->salon;
    }

    /** The day it is in this salon, at midnight in UTC. */
    public function today(): \DateTimeImmutable
    {
        return $this->salon()->day($this->clock->now());
    }

    /** The instant at which this salon's day began, in UTC. */
    public function dayBegan(): \DateTimeImmutable
    {
        return $this->salon()->dayBegan($this->clock->now());
    }

    /** Switches the filter on for a manager; without a person there is no salon and nothing to see. */
    public function apply(EntityManagerInterface $manager): void
    {
        $manager->getFilters()->enable('salon')->setParameter('salon', bin2hex($this->salonId()->toBinary()));
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
     * @throws Problem 404 for an unknown id; an id of another salon looks the same from outside and is logged
     */
    public function get(string $class, string $id, EntityManagerInterface $manager, string $what): object
    {
        if (!Uuid::isValid($id)) {
            throw Problem::notFound($what);
        }
        $this->apply($manager);
        $row = $manager->find($class, Uuid::fromString($id));
        if (null !== $row) {
            return $row;
        }
        $this->logIfForeign($manager->getClassMetadata($class)->getTableName(), $id, $what);
        throw Problem::notFound($what);
    }

    /**
     * Reads rows with SQL that must name :salon.
     *
     * @param array<string, mixed> $parameters
     *
     * @return list<array<string, mixed>>
     */
    public function rows(string $sql, array $parameters = []): array
    {
        if (!str_contains($sql, ':salon')) {
            throw new \LogicException('A query without :salon would read across salons.');
        }

        return $this->db->fetchAllAssociative($sql, ['salon' => $this->salonId()->toBinary()] + $parameters);
    }

    public function logIfForeign(string $table, string $id, string $what): void
    {
        if (false !== $this->db->fetchOne("SELECT 1 FROM $table WHERE id = ?", [Uuid::fromString($id)->toBinary()])) {
            $this->logger->warning('{staff} asked for a {what} of another salon: {id}', [
                'staff' => $this->staff()->login,
                'what' => $what,
                'id' => $id,
            ]);
        }
    }
}
