<?php

/**
 * Hands messages over to the sender after the write that made them is kept: each once, whatever is tried again or
 * dies.
 */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;

/**
 * Whoever claims a message sends it. One that was claimed and never answered stays "sending": it may have gone out, so
 * it is not sent again by itself.
 */
final readonly class Outbox
{
    private const AT_ONCE = 10;

    public function __construct(
        private Connection $db,
        private Sender $sender,
        private ClockInterface $clock,
    ) {
    }

    /** @return int how many went to the sender */
    public function handOver(): int
    {
        $sent = 0;
        foreach (
            $this->db->fetchAllAssociative(
                "SELECT id, sent_to, text FROM message WHERE state = 'waiting' ORDER BY id LIMIT ".self::AT_ONCE,
            ) as $m
        ) {
            $mine = $this->db->executeStatement(
                "UPDATE message SET state = 'sending', claimed_at = ? WHERE id = ? AND state = 'waiting'",
                [$this->clock->now()->format('Y-m-d H:i:s'), $m['id']],
            );
            if (1 !== (int) $mine || !\is_string($m['sent_to']) || !\is_string($m['text'])) {
                continue;
            }
            $receipt = $this->sender->send($m['sent_to'], $m['text']);
            $this->db->executeStatement('UPDATE message SET state = ?, receipt = ? WHERE id = ?', [
                $receipt->taken ? 'sent' : 'failed',
                mb_substr($receipt->words, 0, 200),
                $m['id'],
            ]);
            ++$sent;
        }

        return $sent;
    }
}
