<?php

/** Reads what waits and what failed, of all salons, for whoever runs the server. */

declare(strict_types=1);

namespace KeenThistle\Work;

use Doctrine\DBAL\Connection;
use KeenThistle\Salon\Row;

/** Names the salon, the work and why, and nobody's dog, number or words. */
final readonly class WorkRows
{
    private const MOST = 50;

    public function __construct(private Connection $db)
    {
    }

    /** @return array{int, int} how many steps wait that are due, and the age of the oldest in seconds */
    public function waiting(): array
    {
        $row = $this->db->fetchAssociative(
            'SELECT COUNT(*) n, COALESCE(MAX(TIMESTAMPDIFF(SECOND, available_at, UTC_TIMESTAMP())), 0) s FROM '.
                "messenger_messages WHERE queue_name = 'work' AND available_at <= UTC_TIMESTAMP() AND ".
                "(delivered_at IS NULL OR delivered_at < '9999-12-31')",
        );

        return [Row::int($row['n'] ?? 0) ?? 0, Row::int($row['s'] ?? 0) ?? 0];
    }

    /** @return list<string> */
    public function open(): array
    {
        return $this->lines(
            "SELECT CONCAT(s.name, ': ', j.about, ', ', j.done, ' of ', j.total) FROM job j JOIN salon s ON ".
                "s.id = j.salon_id WHERE j.state = 'open' ORDER BY j.id LIMIT ".
                self::MOST,
        );
    }

    /** @return list<string> jobs, then messages, newest first */
    public function failed(): array
    {
        return [
            ...$this->lines(
                "SELECT CONCAT(j.at, ' ', s.name, ': ', j.about, ', ', j.done, ' of ', j.total, ': ', j.why) ".
                    "FROM job j JOIN salon s ON s.id = j.salon_id WHERE j.state = 'failed' ORDER BY j.id DESC LIMIT ".
                    self::MOST,
            ),
            ...$this->lines(
                "SELECT CONCAT(m.at, ' ', s.name, ': a message to an owner: ', m.receipt) FROM message m JOIN salon s ".
                    "ON s.id = m.salon_id WHERE m.state = 'failed' ORDER BY m.id DESC LIMIT ".
                    self::MOST,
            ),
        ];
    }

    /** @return list<string> */
    private function lines(string $sql): array
    {
        return array_map(Row::text(...), $this->db->fetchFirstColumn($sql));
    }
}
