<?php

/** Reminds owners of what is booked, at hours at which people are up, once a date. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Key;
use KeenThistle\Core\Care\DateRule;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Actors;
use Psr\Log\LoggerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class Reminders
{
    /** In one go of the worker, which has other things to do as well. */
    private const MOST = 50;
    /** Who was written to so lately has not forgotten. */
    private const LATELY = '-1 day';

    public function __construct(
        private Connection $db,
        private EntityManagerInterface $manager,
        private Commands $commands,
        private Actors $actors,
        private ClockInterface $clock,
        private LoggerInterface $logger,
    ) {
    }

    /** @return int how many went into the outbox */
    public function whenDue(): int
    {
        $sent = 0;
        // What the worker did before may have been for one salon alone.
        $filters = $this->manager->getFilters();
        if ($filters->isEnabled('salon')) {
            $filters->disable('salon');
        }
        $due = [];
        foreach ($this->manager->getRepository(Salon::class)->findAll() as $salon) {
            $now = $this->clock->now()->setTimezone(new \DateTimeZone($salon->timeZone));
            foreach ($this->open($salon, $now) as $row) {
                if (DateRule::isTimeToRemind($now, Row::text($row['day']), $salon->remindDays)) {
                    $person = \is_string($row['staff_id']) ? Uuid::fromBinary($row['staff_id']) : null;
                    $due[] = [$row, $this->actors->inNameOf($salon->id, $person)];
                }
            }
        }
        foreach ($due as [$row, $by]) {
            $sent += $this->remind($row, $by);
        }

        return $sent;
    }

    /**
     * What nobody was written to about since it stands: a date that has moved is a new one.
     *
     * @return list<array<string, mixed>>
     */
    private function open(Salon $salon, \DateTimeImmutable $now): array
    {
        return $this->db->fetchAllAssociative(
            "SELECT b.id, b.day, b.time, b.staff_id FROM booking b WHERE b.salon_id = :salon AND b.state = 'booked'
                AND b.day > :today AND b.day <= :last AND (b.reminded IS NULL OR b.reminded <> b.slot)
                AND (b.asked_at IS NULL OR b.asked_at < :lately)
            ORDER BY b.day, b.time LIMIT ".self::MOST,
            [
                'salon' => $salon->id->toBinary(),
                'today' => $now->format('Y-m-d'),
                'last' => $now->modify("+$salon->remindDays days")->format('Y-m-d'),
                'lately' => $this->clock->now()->modify(self::LATELY)->format('Y-m-d H:i:s'),
            ],
        );
    }

    /** @param array<string, mixed> $row */
    private function remind(array $row, Actor $by): int
    {
        $id = Row::id($row['id']);
        try {
            $key = new Key(substr(hash('xxh128', "remind $id ".Row::text($row['day']).Row::text($row['time'])), 0, 32));
            $this->commands->run(new WriteOfDate($id, true), $by, $key);
            $sent = 1;
        } catch (Refused $e) {
            $this->logger->info('no reminder of {id}: {why}', ['id' => $id, 'why' => $e->getMessage()]);

            $sent = 0;
        }
        $this->db->executeStatement('UPDATE booking SET reminded = slot WHERE id = ?', [$row['id']]);

        return $sent;
    }
}
