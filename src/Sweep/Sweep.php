<?php

/**
 * Takes away what has had its time: keys of writes, sessions, tries at signing in, photos no row names, owners' PDFs.
 */

declare(strict_types=1);

namespace KeenThistle\Sweep;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KeenThistle\Arrival\PhotoStore;
use KeenThistle\Work\Sweeps;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\Uid\Uuid;

final readonly class Sweep
{
    private const AT_ONCE = 5000;

    /** @param iterable<Sweeps> $others */
    public function __construct(
        private Connection $db,
        private PhotoStore $photos,
        #[AutowireIterator(Sweeps::class)] private iterable $others,
        private ClockInterface $clock,
    ) {
    }

    /** @return array<string, int> what went, and how many */
    public function all(): array
    {
        $now = $this->clock->now();
        $day = static fn (string $ago): string => $now->modify($ago)->format('Y-m-d H:i:s');

        $gone = [
            'keys of writes' => $this->rows('DELETE FROM request_key WHERE created_at < ?', $day('-48 hours')),
            'sign-ins' => $this->rows(
                'DELETE FROM sign_in WHERE at < ?',
                $now->modify('-1 year')->format('Y-m-d H:i:s'),
            ),
            'sessions' => $this->rows('DELETE FROM sessions WHERE sess_lifetime < ?', $now->getTimestamp()),
            'tries at signing in' => $this->rows('DELETE FROM sign_in_try WHERE last_at < ?', $day('-2 days')),
            'PDFs of owners' => $this->rows('DELETE FROM owner_pdf WHERE made_at < ?', $day('-30 days')),
            'jobs that came to an end' => $this->rows('DELETE FROM job WHERE ended_at < ?', $day('-30 days')),
            'nights' => $this->rows('DELETE FROM night WHERE day < ?', $day('-60 days')),
            'files of photos' => $this->photos->sweep($now, $this->known(...)),
        ];
        foreach ($this->others as $other) {
            $gone[$other->swept()] = $other->sweep();
        }

        return $gone;
    }

    /** In pieces, so that no transaction is long. */
    private function rows(string $delete, int|string $before): int
    {
        $all = 0;
        do {
            $all += $gone = (int) $this->db->executeStatement($delete.' LIMIT '.self::AT_ONCE, [$before]);
        } while (self::AT_ONCE === $gone);

        return $all;
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string> those that have a row
     */
    private function known(array $ids): array
    {
        $known = [];
        foreach (array_chunk($ids, 500) as $some) {
            $found = $this->db->fetchFirstColumn(
                'SELECT id FROM photo WHERE id IN (?)',
                [
                    array_map(
                        static fn (string $id): string => Uuid::fromString($id)->toBinary(),
                        array_filter($some, Uuid::isValid(...)),
                    ),
                ],
                [ArrayParameterType::BINARY],
            );
            foreach ($found as $id) {
                $known[] = \is_string($id) ? (string) Uuid::fromBinary($id) : '';
            }
        }

        return $known;
    }
}
