<?php

/** Reads the log, a page at a time, newest first. */

declare(strict_types=1);

namespace KeenThistle\Log;

use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class LogReader
{
    private const PAGE = 40;

    public function __construct(private Scope $scope)
    {
    }

    /** @param Uuid|null $cursor the last entry of the page before */
    public function page(Actor $actor, ?Uuid $dog, ?Uuid $cursor): LogView
    {
        $where = (null === $dog ? '' : ' AND c.dog_id = :dog').(null === $cursor ? '' : ' AND c.id < :cursor');
        $parameters =
            (null === $dog ? [] : ['dog' => $dog->toBinary()]) +
            (null === $cursor ? [] : ['cursor' => $cursor->toBinary()]);
        $rows = $this->scope->rows(
            $actor,
            "SELECT c.id, c.at, c.kind, c.subject, c.summary, c.undone_by_id, c.dog_id, d.name dog, s.name who
                FROM change_log c JOIN staff s ON s.id = c.staff_id LEFT JOIN dog d ON d.id = c.dog_id
            WHERE c.salon_id = :salon $where ORDER BY c.id DESC LIMIT ".
                (self::PAGE + 1),
            $parameters,
        );
        $text = static fn (mixed $value): string => \is_string($value) ? $value : '';
        $entries = array_map(
            static fn (array $r): LogEntryView => new LogEntryView(
                (string) Uuid::fromBinary($text($r['id'])),
                Row::instant($r['at']),
                $text($r['who']),
                $text($r['kind']),
                $text($r['subject']),
                $text($r['summary']),
                \is_string($r['dog_id']) ? (string) Uuid::fromBinary($r['dog_id']) : null,
                \is_string($r['dog']) ? $r['dog'] : null,
                null !== $r['undone_by_id'],
                'plan_zone' === $r['kind'] && null === $r['undone_by_id'],
            ),
            \array_slice($rows, 0, self::PAGE),
        );
        $last = end($entries);

        return new LogView($entries, \count($rows) > self::PAGE && false !== $last ? $last->id : null);
    }
}
