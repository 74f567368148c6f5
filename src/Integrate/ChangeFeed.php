<?php

/** Changes in one order that does not change any more, so that who asks again and again misses none. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use Doctrine\DBAL\Connection;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Work\Sweeps;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/**
 * Ids are made before a transaction ends, so that a lower one may appear after a higher one was read. Therefore each
 * change is numbered when it is first seen by the feed, one salon at a time; the number is its place for good.
 */
final readonly class ChangeFeed implements Sweeps
{
    public const MOST = 500;
    /** No transaction lasts this long: what is older than the last that was numbered by more is numbered too. */
    private const OVERLAP_MS = 3_600_000;
    private const KEPT_DAYS = 90;
    private const WAIT_S = 3;

    public function __construct(private Connection $db, private ClockInterface $clock)
    {
    }

    /**
     * @param string $cursor as handed out before; empty: from the oldest that is kept
     *
     * @throws Refused for a cursor that is none, or older than what is kept
     */
    public function after(Uuid $salon, string $cursor, int $most): ChangesView
    {
        if (1 !== preg_match('/^\d{0,15}$/D', $cursor)) {
            throw Refused::field('after', 'must be a cursor as this feed has handed it out');
        }
        $this->number($salon);
        $oldest = $this->edge($salon, 'MIN');
        if ('' !== $cursor && $oldest > 0 && (int) $cursor + 1 < $oldest) {
            throw Refused::gone('What comes after this cursor is not kept any more. Read everything anew.');
        }
        $from = '' === $cursor ? max(0, $oldest - 1) : (int) $cursor;
        $rows = $this->rows($salon, $from, \PHP_INT_MAX, $most + 1);
        $some = \array_slice($rows, 0, $most);
        $last = end($some);

        return new ChangesView(
            array_map(self::view(...), $some),
            (string) (false === $last ? $from : Row::int($last['position'])),
            \count($rows) > $most,
        );
    }

    /** @return list<ChangeView> those after one position and up to another */
    public function between(Uuid $salon, int $after, int $upTo): array
    {
        return array_map(self::view(...), $this->rows($salon, $after, $upTo, self::MOST));
    }

    /** The position of the newest change, numbered now. */
    public function last(Uuid $salon): int
    {
        $this->number($salon);

        return $this->edge($salon, 'MAX');
    }

    /** The last position given out; what was not numbered yet comes after it. To be asked inside a transaction. */
    public function numbered(Uuid $salon): int
    {
        return $this->edge($salon, 'MAX');
    }

    public function swept(): string
    {
        return 'places in the feed';
    }

    /** @return int how many places went that nobody asks for any more */
    public function sweep(): int
    {
        $before = $this->clock->now()->modify('-'.self::KEPT_DAYS.' days')->getTimestamp();

        return (int) $this->db->executeStatement('DELETE FROM change_position WHERE change_id < ?', [
            Row::lowestId(1000 * $before),
        ]);
    }

    /** Never inside a transaction: a second one waits for the first, and has to see what it wrote. */
    private function number(Uuid $salon): void
    {
        if ($this->db->isTransactionActive()) {
            throw new \LogicException('The feed is numbered outside of transactions.');
        }
        $lock = 'feed.'.bin2hex($salon->toBinary());
        if (1 !== Row::int($this->db->fetchOne('SELECT GET_LOCK(?, ?)', [$lock, self::WAIT_S]))) {
            throw Refused::busy();
        }
        try {
            $raw = $salon->toBinary();
            $last = $this->db->fetchAssociative(
                'SELECT position, change_id FROM change_position WHERE salon_id = ? ORDER BY position DESC LIMIT 1',
                [$raw],
            );
            $position = false === $last ? 0 : (int) Row::int($last['position']);
            $now = 1000 * $this->clock->now()->getTimestamp();
            $from = false === $last ? $now : self::ms(Row::text($last['change_id']));
            $new = $this->db->fetchFirstColumn(
                'SELECT c.id FROM change_log c LEFT JOIN change_position p ON p.change_id = c.id
                WHERE c.salon_id = ? AND c.id >= ? AND p.change_id IS NULL ORDER BY c.id',
                [$raw, Row::lowestId($from - self::OVERLAP_MS)],
            );
            foreach (array_chunk($new, self::MOST) as $some) {
                $values = [];
                foreach ($some as $id) {
                    array_push($values, $raw, ++$position, $id);
                }
                $this->db->executeStatement(
                    'INSERT INTO change_position (salon_id, position, change_id) VALUES '.
                        implode(', ', array_fill(0, \count($some), '(?, ?, ?)')),
                    $values,
                );
            }
        } finally {
            $this->db->fetchOne('SELECT RELEASE_LOCK(?)', [$lock]);
        }
    }

    private function edge(Uuid $salon, string $which): int
    {
        $at = $this->db->fetchOne("SELECT $which(position) FROM change_position WHERE salon_id = ?", [
            $salon->toBinary(),
        ]);

        return Row::int($at) ?? 0;
    }

    /** @return list<array<string, mixed>> */
    private function rows(Uuid $salon, int $after, int $upTo, int $most): array
    {
        return $this->db->fetchAllAssociative(
            "SELECT p.position, c.id, c.at, c.kind, c.subject, c.dog_id, c.summary, s.name who FROM change_position p
            JOIN change_log c ON c.id = p.change_id JOIN staff s ON s.id = c.staff_id
            WHERE p.salon_id = ? AND p.position > ? AND p.position <= ? ORDER BY p.position LIMIT $most",
            [$salon->toBinary(), $after, $upTo],
        );
    }

    /** @param array<string, mixed> $r */
    private static function view(array $r): ChangeView
    {
        return new ChangeView(
            Row::id($r['id']),
            Row::instant($r['at']),
            Row::text($r['who']),
            Row::text($r['kind']),
            Row::text($r['subject']),
            null === $r['dog_id'] ? null : Row::id($r['dog_id']),
            Row::text($r['summary']),
        );
    }

    /** When an id was made. */
    private static function ms(string $id): int
    {
        return (int) hexdec(bin2hex(substr($id, 0, 6)));
    }
}
