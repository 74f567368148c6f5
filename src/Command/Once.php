<?php

/** Every write goes through here, from wherever it comes: once per key, in one transaction, again after a lost race. */

declare(strict_types=1);

namespace KeenThistle\Command;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception as DbalException;
use Doctrine\DBAL\Exception\ConstraintViolationException;
use Doctrine\DBAL\Exception\DeadlockException;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\ForeignKeyConstraintViolationException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Doctrine\Persistence\ManagerRegistry;
use KeenThistle\Http\Problem;
use KeenThistle\Salon\LostRace;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;

/**
 * What is kept of a write is its status and the ids it made; a repeated key is answered from these. The same key with
 * another body is refused. A lock that was waited for in vain (1205) is not tried again: it is answered with 503.
 */
final readonly class Once
{
    private const TRIES = 8;
    private const BACK_OFF_S = 0.005;

    /** 1020: the row has changed since it was read; 1305: a deadlock has taken the savepoint of a flush with it. */
    private const AGAIN = [1020, 1213, 1305];

    public function __construct(
        private ManagerRegistry $doctrine,
        private Connection $db,
        private Scope $scope,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param callable(EntityManagerInterface): array<string, mixed> $write
     * @param callable(array<string, mixed>, EntityManagerInterface): (object|array<mixed>|null) $answer
     *
     * @return array{object|array<mixed>|null, bool} the answer, and whether this was the first time
     */
    public function do(Actor $actor, Wish $wish, callable $write, callable $answer, int $status): array
    {
        for ($try = 1;; ++$try) {
            try {
                return $this->attempt($actor, $wish, $write, $answer, $status);
            } catch (\Throwable $e) {
                $this->rollBack();
                if (!self::isLostRace($e)) {
                    throw $e;
                }
                if ($try >= self::TRIES) {
                    throw $e instanceof ConstraintViolationException
                        ? Problem::conflict('Somebody has just made the same. Look at it and try again.')
                        : Problem::busy();
                }
                // Apart from each other, or the same ones meet again.
                $this->clock->sleep(self::BACK_OFF_S * $try * (1 + (crc32($wish->key) % 7) / 7));
            }
        }
    }

    /**
     * @param callable(EntityManagerInterface): array<string, mixed> $write
     * @param callable(array<string, mixed>, EntityManagerInterface): (object|array<mixed>|null) $answer
     *
     * @return array{object|array<mixed>|null, bool}
     */
    private function attempt(Actor $actor, Wish $wish, callable $write, callable $answer, int $status): array
    {
        $row = ['salon' => $actor->salon->toBinary(), 'key' => $wish->key];
        $this->db->beginTransaction();
        // The key comes first: a second sender of the same key waits here, or finds it and changes nothing.
        $isNew =
            1 ===
            $this->db->executeStatement(
                'INSERT INTO request_key (salon_id, request_key, body_hash, created_at) VALUES (:salon, :key, '.
                    ':hash, :at) ON DUPLICATE KEY UPDATE request_key = VALUES(request_key)',
                $row + ['hash' => $wish->fingerprint, 'at' => $this->clock->now()->format('Y-m-d H:i:s')],
            );
        if (!$isNew) {
            $first = $this->db->fetchAssociative(
                'SELECT body_hash, result FROM request_key WHERE salon_id = :salon AND request_key = :key',
                $row,
            );
            $this->db->rollBack();
            if (false === $first || $first['body_hash'] !== $wish->fingerprint) {
                throw Problem::conflict('This Idempotency-Key was used for something else.');
            }

            return [
                $answer(self::ids(\is_string($first['result']) ? $first['result'] : '{}'), $this->manager()),
                false,
            ];
        }
        $manager = $this->manager();
        $this->scope->apply($actor, $manager);
        $ids = $write($manager);
        $manager->flush();
        $this->db->executeStatement(
            'UPDATE request_key SET status = :status, result = :result WHERE salon_id = :salon AND request_key = :key',
            $row + [
                'status' => $status,
                'result' => json_encode((object) $ids, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
            ],
        );
        // Before it is kept: what cannot be answered for is not kept either.
        $body = $answer($ids, $manager);
        $this->db->commit();

        return [$body, true];
    }

    /** @return array<string, mixed> */
    private static function ids(string $json): array
    {
        $ids = [];
        foreach ((array) json_decode($json, true, 8, \JSON_THROW_ON_ERROR) as $name => $value) {
            $ids[(string) $name] = $value;
        }

        return $ids;
    }

    private static function isLostRace(\Throwable $e): bool
    {
        return $e instanceof LostRace
            || $e instanceof OptimisticLockException
            || $e instanceof DeadlockException
            || $e instanceof UniqueConstraintViolationException
            || $e instanceof ForeignKeyConstraintViolationException
            || ($e instanceof DriverException && \in_array($e->getCode(), self::AGAIN, true));
    }

    private function manager(): EntityManagerInterface
    {
        $manager = $this->doctrine->getManager();
        \assert($manager instanceof EntityManagerInterface);

        return $manager;
    }

    /** After a deadlock the server has rolled back already, savepoints are gone: then the connection is given up. */
    private function rollBack(): void
    {
        try {
            while ($this->db->isTransactionActive()) {
                $this->db->rollBack();
            }
        } catch (DbalException) {
            $this->db->close();
        }
        $this->doctrine->resetManager();
    }
}
