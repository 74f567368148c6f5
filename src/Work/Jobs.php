<?php

/** Keeps the jobs: what goes on after an answer, step by step, as the person who began it. */

declare(strict_types=1);

namespace KeenThistle\Work;

use Doctrine\DBAL\Connection;
use KeenThistle\Command\Command;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Uid\Uuid;

/** A job and its place in the queue are written in the transaction that asks for it: both are there, or neither. */
final readonly class Jobs
{
    private const ROW = 'SELECT j.id, j.about, j.state, j.done, j.total, j.why, j.at, s.name who FROM job j
        JOIN staff s ON s.id = j.staff_id WHERE j.salon_id = :salon AND ';

    public function __construct(
        private Connection $db,
        private MessageBusInterface $queue,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Inside a handler only.
     *
     * @param Command $command what is to be done; its handler says in Outcome::$progress what is left of it
     * @param string $subject id of what it is done to: there one thing is done after the other
     * @param string $about what that is, for people
     * @param int $total things to do, as far as known
     *
     * @throws Refused 409 while another job goes on there
     */
    public function begin(Actor $actor, Command $command, string $subject, string $about, int $total): JobView
    {
        if (!$this->db->isTransactionActive()) {
            throw new \LogicException('A job is begun with what it follows from, or not at all.');
        }
        if ('open' === $this->on($actor, $subject)?->state) {
            throw Refused::conflict('The change before this one is still on its way to the cards: wait a moment.');
        }
        $id = Uuid::v7();
        $this->db->insert('job', [
            'id' => $id->toBinary(),
            'salon_id' => $actor->salon->toBinary(),
            'staff_id' => $actor->staff->toBinary(),
            'subject' => self::binary($subject),
            'about' => mb_substr(ucfirst($about), 0, 200),
            'command' => Written::write($command),
            'total' => $total,
            'at' => $this->now(),
        ]);
        $this->queue->dispatch(new JobStep((string) $id, 0));

        return $this->view($actor, (string) $id);
    }

    /** What was begun there last. */
    public function on(Actor $actor, string $subject): ?JobView
    {
        $row = $this->db->fetchAssociative(self::ROW.'j.subject = :subject ORDER BY j.id DESC LIMIT 1', [
            'salon' => $actor->salon->toBinary(),
            'subject' => self::binary($subject),
        ]);

        return false === $row ? null : self::row($row);
    }

    /** @throws Refused 404 */
    public function view(Actor $actor, string $id): JobView
    {
        $rows = Uuid::isValid($id)
            ? $this->db->fetchAllAssociative(self::ROW.'j.id = :id', [
                'salon' => $actor->salon->toBinary(),
                'id' => Uuid::fromString($id)->toBinary(),
            ])
            : [];

        return [] === $rows ? throw Refused::notFound('work') : self::row($rows[0]);
    }

    /** @return list<JobView> that came to no end, newest first */
    public function failed(Actor $actor): array
    {
        return array_map(
            self::row(...),
            $this->db->fetchAllAssociative(self::ROW."j.state = 'failed' ORDER BY j.id DESC LIMIT 50", [
                'salon' => $actor->salon->toBinary(),
            ]),
        );
    }

    /** @return array{Uuid, string, int}|null whose job it is, its state and its next step */
    public function next(string $id): ?array
    {
        $row = $this->db->fetchAssociative('SELECT staff_id, state, step FROM job WHERE id = ?', [self::binary($id)]);

        return false === $row
            ? null
            : [Uuid::fromBinary(Row::text($row['staff_id'])), Row::text($row['state']), Row::int($row['step']) ?? 0];
    }

    /** Locks the job and reads what is to be done in this step; null: that step was done already. */
    public function take(string $id, int $step): ?Command
    {
        $row = $this->db->fetchAssociative('SELECT command, step, state FROM job WHERE id = ? FOR UPDATE', [
            self::binary($id),
        ]);

        return false === $row || 'open' !== $row['state'] || $step !== Row::int($row['step'])
            ? null
            : Written::read(Row::text($row['command']));
    }

    /** A step is done: what is left goes back into the queue, in the same transaction. */
    public function stepped(string $id, int $step, int $done, ?Command $rest): void
    {
        $this->db->executeStatement(
            'UPDATE job SET step = step + 1, done = done + :done, total = GREATEST(total, done), why = \'\',
                state = :state, command = :command, ended_at = :ended WHERE id = :id',
            [
                'done' => $done,
                'state' => null === $rest ? 'done' : 'open',
                'command' => null === $rest ? '' : Written::write($rest),
                'ended' => null === $rest ? $this->now() : null,
                'id' => self::binary($id),
            ],
        );
        if (null !== $rest) {
            $this->queue->dispatch(new JobStep($id, $step + 1));
        }
    }

    /** It was tried often enough: it is kept, and shown to whoever may try it again. */
    public function gaveUp(string $id, string $why): void
    {
        $this->db->executeStatement("UPDATE job SET state = 'failed', why = ? WHERE id = ? AND state = 'open'", [
            mb_substr($why, 0, 300),
            self::binary($id),
        ]);
    }

    /** @throws Refused 404, or 409 where it has not failed */
    public function again(Actor $actor, string $id): void
    {
        $job = $this->view($actor, $id);
        if ('failed' !== $job->state) {
            throw Refused::conflict('This goes on by itself: there is nothing to try again.');
        }
        $this->db->executeStatement("UPDATE job SET state = 'open', why = '' WHERE id = ?", [self::binary($id)]);
        $this->queue->dispatch(new JobStep($id, $this->next($id)[2] ?? 0));
    }

    /** Puts back into the queue what lost its place there; a step that is there twice is done once. */
    public function queueLeft(\DateTimeImmutable $before): int
    {
        $left = $this->db->fetchAllAssociative("SELECT id, step FROM job WHERE state = 'open' AND at < ?", [
            $before->format('Y-m-d H:i:s'),
        ]);
        foreach ($left as $row) {
            $this->queue->dispatch(new JobStep(Row::id($row['id']), Row::int($row['step']) ?? 0));
        }

        return \count($left);
    }

    /** @param array<string, mixed> $row */
    private static function row(array $row): JobView
    {
        return new JobView(
            Row::id($row['id']),
            Row::text($row['about']),
            Row::text($row['state']),
            Row::int($row['done']) ?? 0,
            Row::int($row['total']) ?? 0,
            Row::text($row['why']),
            Row::text($row['who']),
            Row::instant($row['at']),
        );
    }

    private function now(): string
    {
        return $this->clock->now()->format('Y-m-d H:i:s');
    }

    private static function binary(string $id): string
    {
        return Uuid::fromString($id)->toBinary();
    }
}
