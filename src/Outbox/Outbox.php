<?php

/** Keeps messages to owners until the sender has taken them: after the write that made them, each once. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Care\WriteRule;
use KeenThistle\Core\Handling\State;
use KeenThistle\Salon\Row;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Stamp\DelayStamp;
use Symfony\Component\Uid\Uuid;

/**
 * A message and its place in the queue are written in one transaction. A worker that dies with a message in hand has
 * it taken up by the next one: the sender is told the message's id, and knows it again.
 */
final readonly class Outbox
{
    public function __construct(
        private Connection $db,
        private EntityManagerInterface $manager,
        private MessageBusInterface $queue,
        private ClockInterface $clock,
    ) {
    }

    /** Inside a handler only. */
    public function post(Message $message): void
    {
        if (!$this->db->isTransactionActive()) {
            throw new \LogicException('A message is made with what it tells of, or not at all.');
        }
        $rule = $this->rule($message);
        if (null !== $rule && '' !== $rule->stopped) {
            [$message->state, $message->receipt] = ['stopped', $rule->stopped];
            $this->manager->persist($message);

            return;
        }
        $until = $rule?->notBefore?->setTimezone(new \DateTimeZone('UTC'));
        $message->notBefore = $until;
        $this->manager->persist($message);
        $wait = null === $until ? 0 : $until->getTimestamp() - $this->clock->now()->getTimestamp();
        $this->queue->dispatch(
            new HandOver((string) $message->id),
            $wait > 0 ? [new DelayStamp(1000 * $wait)] : [],
        );
    }

    /** Null: it goes to somebody who works here. */
    private function rule(Message $message): ?WriteRule
    {
        if (null === $message->dog) {
            return null;
        }
        $home = $message->dog->household;

        return WriteRule::of(
            State::from($message->dog->state),
            $message->client->writes ?? 'unasked',
            $message->kind,
            $home->quietFrom,
            $home->quietTo,
            $this->clock->now()->setTimezone(new \DateTimeZone($home->salon->timeZone)),
        );
    }

    /** @return array{to: string, text: string, tries: int}|null null: it is gone, has gone out, or was given up */
    public function take(string $id): ?array
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s');
        $mine = $this->db->executeStatement(
            "UPDATE message SET state = 'sending', claimed_at = ?, tries = tries + 1 WHERE id = ? AND ".
                "state IN ('waiting', 'sending') AND (not_before IS NULL OR not_before <= ?)",
            [$now, self::binary($id), $now],
        );
        $row =
            1 === (int) $mine
                ? $this->db->fetchAssociative(
                    'SELECT m.sent_to, m.text, m.tries, m.kind, d.state dog, c.writes FROM message m
                    LEFT JOIN dog d ON d.id = m.dog_id LEFT JOIN client c ON c.id = m.client_id WHERE m.id = ?',
                    [self::binary($id)],
                )
                : false;
        // What was said since it was put in the queue holds: a dog that has gone, a word that has changed.
        $why = \is_array($row) ? self::stopped($row) : '';
        if ('' !== $why) {
            $this->move($id, 'stopped', $why);

            return null;
        }

        return false === $row
            ? null
            : [
                'to' => Row::text($row['sent_to']),
                'text' => Row::text($row['text']),
                'tries' => Row::int($row['tries']) ?? 0,
            ];
    }

    /** @param array<string, mixed> $row */
    private static function stopped(array $row): string
    {
        if (null === $row['dog']) {
            return '';
        }
        $writes = null === $row['writes'] ? 'unasked' : Row::text($row['writes']);
        $state = State::from(Row::text($row['dog']));

        return WriteRule::of($state, $writes, Row::text($row['kind']), '', '', new \DateTimeImmutable())->stopped;
    }

    public function answered(string $id, Receipt $receipt): void
    {
        $this->move($id, $receipt->taken ? 'sent' : 'failed', $receipt->words);
    }

    /** It is tried again by itself. */
    public function notYet(string $id, string $why): void
    {
        $this->move($id, 'waiting', $why);
    }

    /** It was tried often enough: it is kept, and shown to whoever may try it again. */
    public function gaveUp(string $id, string $why): void
    {
        $this->move($id, 'failed', $why);
    }

    /** Puts a message back that had failed; where the card has another number now, it goes there. */
    public function again(Message $message): void
    {
        $client = $message->client;
        $to = $client?->address() ?? '';
        $this->db->executeStatement(
            "UPDATE message SET state = 'waiting', receipt = '', tries = 0, sent_to = ? WHERE id = ? AND ".
                "state = 'failed'",
            ['' === $to ? $message->to : $to, $message->id->toBinary()],
        );
        $this->queue->dispatch(new HandOver((string) $message->id));
    }

    /** Puts back into the queue what lost its place there; what is there twice goes out once. */
    public function queueLeft(\DateTimeImmutable $before): int
    {
        $left = $this->db->fetchFirstColumn(
            "SELECT id FROM message WHERE state IN ('waiting', 'sending') AND COALESCE(claimed_at, not_before, ".
                'at) < ?',
            [$before->format('Y-m-d H:i:s')],
        );
        foreach ($left as $id) {
            $this->queue->dispatch(new HandOver(Row::id($id)));
        }

        return \count($left);
    }

    private function move(string $id, string $state, string $words): void
    {
        $this->db->executeStatement("UPDATE message SET state = ?, receipt = ? WHERE id = ? AND state <> 'sent'", [
            $state,
            mb_substr($words, 0, 200),
            self::binary($id),
        ]);
    }

    private static function binary(string $id): string
    {
        return Uuid::fromString($id)->toBinary();
    }
}
