<?php

/** Reads what has gone out, a page at a time, newest first. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class Messages
{
    private const PAGE = 40;

    public function __construct(private Scope $scope)
    {
    }

    /** @param Uuid|null $cursor the last message of the page before */
    public function page(Actor $actor, ?Uuid $cursor): OutboxView
    {
        $text = static fn (mixed $value): string => \is_string($value) ? $value : '';
        $rows = $this->scope->rows(
            $actor,
            'SELECT m.id, m.at, m.kind, m.sent_to, m.text, m.state, m.receipt, m.dog_id, d.name dog, c.name
                client, s.name who FROM message m LEFT JOIN dog d ON d.id = m.dog_id
                JOIN staff s ON s.id = m.staff_id LEFT JOIN client c ON c.id = m.client_id
            WHERE m.salon_id = :salon '.
                // A link that lets somebody in is read by whoever may let them in.
                ($actor->may(May::PEOPLE) ? '' : 'AND m.dog_id IS NOT NULL ').
                (null === $cursor ? '' : 'AND m.id < :cursor').
                ' ORDER BY m.id DESC LIMIT '.
                (self::PAGE + 1),
            null === $cursor ? [] : ['cursor' => $cursor->toBinary()],
        );
        $phones = $actor->may(May::PHONE);
        $messages = array_map(
            static fn (array $r): array => [
                'id' => (string) Uuid::fromBinary($text($r['id'])),
                'at' => Row::instant($r['at']),
                'kind' => $text($r['kind']),
                'to' => $phones ? $text($r['sent_to']) : '',
                'client' => $text($r['client']),
                'text' => $text($r['text']),
                'state' => $text($r['state']),
                'receipt' => $text($r['receipt']),
                'dog_id' => \is_string($r['dog_id']) ? (string) Uuid::fromBinary($r['dog_id']) : '',
                'dog' => $text($r['dog']),
                'who' => $text($r['who']),
            ],
            \array_slice($rows, 0, self::PAGE),
        );
        $last = end($messages);

        return new OutboxView($messages, \count($rows) > self::PAGE && false !== $last ? $last['id'] : null);
    }
}
