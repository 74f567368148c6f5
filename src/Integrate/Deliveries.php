<?php

/** What programmes are told: made of the feed, kept until taken, each change in one delivery. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use Doctrine\DBAL\Connection;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Work\Sweeps;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Uid\Uuid;

final readonly class Deliveries implements Sweeps
{
    private const AT_ONCE = 100;
    private const SHOWN = 30;
    private const KEPT_DAYS = 30;

    public function __construct(
        private Connection $db,
        private ChangeFeed $feed,
        private MessageBusInterface $queue,
        private ClockInterface $clock,
    ) {
    }

    /** Once the worker comes by: what is new for each programme that wants to be told. */
    public function whenDue(): int
    {
        $made = 0;
        $hooks = $this->db->fetchAllAssociative(
            "SELECT i.id, i.salon_id, i.told FROM integration i JOIN staff s ON s.id = i.staff_id AND s.active = 1
            WHERE i.tell <> '' AND i.ended_at IS NULL AND i.until_at > ? ORDER BY i.salon_id",
            [$this->clock->now()->format('Y-m-d H:i:s')],
        );
        foreach ($hooks as $hook) {
            $last = $this->feed->last(Uuid::fromBinary(Row::text($hook['salon_id'])));
            for ($told = (int) Row::int($hook['told']); $told < $last; $told = $upTo) {
                $upTo = min($last, $told + self::AT_ONCE);
                $made += $this->make(Row::text($hook['id']), Row::text($hook['salon_id']), $told, $upTo);
            }
        }

        return $made;
    }

    /** Its row, its place in the queue and how far the programme was told are written at once, by one worker of two. */
    private function make(string $programme, string $salon, int $told, int $upTo): int
    {
        return $this->db->transactional(function () use ($programme, $salon, $told, $upTo): int {
            $mine = $this->db->executeStatement('UPDATE integration SET told = ? WHERE id = ? AND told = ?', [
                $upTo,
                $programme,
                $told,
            ]);
            if (1 !== (int) $mine) {
                return 0;
            }
            $id = Uuid::v7();
            $this->db->insert('delivery', [
                'id' => $id->toBinary(),
                'salon_id' => $salon,
                'integration_id' => $programme,
                'after_position' => $told,
                'up_to' => $upTo,
                'at' => $this->clock->now()->format('Y-m-d H:i:s'),
            ]);
            $this->queue->dispatch(new Deliver((string) $id));

            return 1;
        });
    }

    /** @return array{programme: string, tell: string, body: string}|null null: taken, given up, or nobody to be told */
    public function take(string $id): ?array
    {
        $raw = Uuid::fromString($id)->toBinary();
        $mine = $this->db->executeStatement(
            "UPDATE delivery SET state = 'sending', tries = tries + 1, claimed_at = ? WHERE id = ? AND state IN ".
                "('waiting', 'sending')",
            [$this->clock->now()->format('Y-m-d H:i:s'), $raw],
        );
        $row =
            1 === (int) $mine
                ? $this->db->fetchAssociative(
                    'SELECT d.salon_id, d.integration_id, d.after_position, d.up_to, i.tell FROM delivery d
                    JOIN integration i ON i.id = d.integration_id WHERE d.id = ?',
                    [$raw],
                )
                : false;
        if (false === $row) {
            return null;
        }
        if ('' === Row::text($row['tell'])) {
            $this->move($id, 'failed', 'Nobody is told any more.');

            return null;
        }
        $changes = $this->feed->between(
            Uuid::fromBinary(Row::text($row['salon_id'])),
            (int) Row::int($row['after_position']),
            (int) Row::int($row['up_to']),
        );

        return [
            'programme' => Row::id($row['integration_id']),
            'tell' => Row::text($row['tell']),
            'body' => json_encode(
                ['delivery' => $id, 'cursor' => (string) Row::int($row['up_to']), 'changes' => $changes],
                \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
            ),
        ];
    }

    public function move(string $id, string $state, string $answer): void
    {
        $this->db->executeStatement("UPDATE delivery SET state = ?, answer = ? WHERE id = ? AND state <> 'taken'", [
            $state,
            mb_substr($answer, 0, 200),
            Uuid::fromString($id)->toBinary(),
        ]);
    }

    /** @throws Refused for one that is on its way or was taken */
    public function again(Actor $actor, string $id): void
    {
        $put = Uuid::isValid($id)
            ? $this->db->executeStatement(
                "UPDATE delivery SET state = 'waiting', tries = 0, answer = '' WHERE id = ? AND salon_id = ? AND ".
                    "state = 'failed'",
                [Uuid::fromString($id)->toBinary(), $actor->salon->toBinary()],
            )
            : 0;
        if (1 !== (int) $put) {
            throw \in_array($id, array_column($this->lately($actor), 'id'), true)
                ? Refused::conflict('This was taken or is on its way: there is nothing to tell again.')
                : Refused::notFound('delivery');
        }
        $this->queue->dispatch(new Deliver($id));
    }

    /** @return list<DeliveryView> newest first */
    public function lately(Actor $actor): array
    {
        return array_map(
            static fn (array $r): DeliveryView => new DeliveryView(
                Row::id($r['id']),
                Row::id($r['integration_id']),
                Row::instant($r['at']),
                (int) Row::int($r['up_to']) - (int) Row::int($r['after_position']),
                Row::text($r['state']),
                Row::text($r['answer']),
            ),
            $this->db->fetchAllAssociative(
                'SELECT id, integration_id, at, after_position, up_to, state, answer FROM delivery
                WHERE salon_id = ? ORDER BY id DESC LIMIT '.self::SHOWN,
                [$actor->salon->toBinary()],
            ),
        );
    }

    /** Puts back into the queue what lost its place there. */
    public function queueLeft(\DateTimeImmutable $before): int
    {
        $left = $this->db->fetchFirstColumn(
            "SELECT id FROM delivery WHERE state IN ('waiting', 'sending') AND COALESCE(claimed_at, at) < ?",
            [$before->format('Y-m-d H:i:s')],
        );
        foreach ($left as $id) {
            $this->queue->dispatch(new Deliver(Row::id($id)));
        }

        return \count($left);
    }

    public function swept(): string
    {
        return 'what programmes were told';
    }

    /** @return int how many went that are a month old */
    public function sweep(): int
    {
        return (int) $this->db->executeStatement('DELETE FROM delivery WHERE at < ?', [
            $this->clock->now()->modify('-'.self::KEPT_DAYS.' days')->format('Y-m-d H:i:s'),
        ]);
    }
}
