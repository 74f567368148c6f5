<?php

/** The one way to do anything, from wherever it comes: once per key, in one transaction, again after a lost race. */

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
use KeenThistle\Log\ChangeLog;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\LostRace;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Psr\Container\ContainerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireLocator;

/**
 * What is kept of a command is what its handler gave; a repeated key is answered from that. The same key with another
 * wish is refused. A lock that was waited for in vain (1205) is not tried again: it is answered as busy.
 */
final readonly class Commands
{
    private const TRIES = 8;
    private const BACK_OFF_S = 0.005;

    /** 1020: the row has changed since it was read; 1305: a deadlock has taken the savepoint of a flush with it. */
    private const AGAIN = [1020, 1213, 1305];

    public function __construct(
        private ManagerRegistry $doctrine,
        private EntityManagerInterface $manager,
        private Connection $db,
        private Scope $scope,
        private ChangeLog $log,
        private ClockInterface $clock,
        private AsOf $asOf,
        #[AutowireLocator(Handler::class)] private ContainerInterface $handlers,
    ) {
    }

    /** One that was given without a signal is done as of when it was given. */
    public function run(Command $command, Actor $actor, Key $key): Done
    {
        return $this->asOf->shifted(
            $command instanceof MayComeLate ? -$key->ago : 0,
            fn (): Done => $this->tried($command, $actor, $key),
        );
    }

    private function tried(Command $command, Actor $actor, Key $key): Done
    {
        for ($try = 1;; ++$try) {
            try {
                return $this->attempt($command, $actor, $key);
            } catch (\Throwable $e) {
                $this->rollBack();
                if (!self::isLostRace($e)) {
                    throw $e;
                }
                if ($try >= self::TRIES) {
                    throw $e instanceof ConstraintViolationException
                        ? Refused::conflict('Somebody has just made the same. Look at it and try again.')
                        : Refused::busy();
                }
                // Apart from each other, or the same ones meet again.
                $this->clock->sleep(self::BACK_OFF_S * $try * (1 + (crc32($key->value) % 7) / 7));
            }
        }
    }

    private function attempt(Command $command, Actor $actor, Key $key): Done
    {
        $row = ['salon' => $actor->salon->toBinary(), 'key' => $key->value];
        $wish = hash('sha256', serialize($command));
        $this->db->beginTransaction();
        // The key comes first: a second sender of the same key waits here, or finds it and changes nothing.
        $isNew =
            1 ===
            $this->db->executeStatement(
                'INSERT INTO request_key (salon_id, request_key, body_hash, created_at) VALUES (:salon, :key, '.
                    ':hash, :at) ON DUPLICATE KEY UPDATE request_key = VALUES(request_key)',
                $row + ['hash' => $wish, 'at' => $this->clock->now()->format('Y-m-d H:i:s')],
            );
        if (!$isNew) {
            return $this->again($row, $wish);
        }
        $handler = $this->handlers->get($command::class.'Handler');
        \assert($handler instanceof Handler);
        $this->scope->apply($actor, $this->manager);
        $outcome = $handler($command, $actor);
        $this->manager->flush();
        $this->log->write($actor, $outcome->entries);
        if ($outcome->allCards) {
            // In SQL, so that two writes at once both count.
            $this->db->executeStatement('UPDATE salon SET kit_version = kit_version + 1 WHERE id = ?', [$row['salon']]);
        }
        $this->db->executeStatement(
            'UPDATE request_key SET status = 200, result = :result WHERE salon_id = :salon AND request_key = :key',
            $row + [
                'result' => json_encode((object) $outcome->kept, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
            ],
        );
        $this->db->commit();

        return new Done($outcome->kept, false, $outcome->inHand);
    }

    /** @param array{salon: string, key: string} $row */
    private function again(array $row, string $wish): Done
    {
        $first = $this->db->fetchAssociative(
            'SELECT body_hash, result FROM request_key WHERE salon_id = :salon AND request_key = :key',
            $row,
        );
        $this->db->rollBack();
        if (false === $first || $first['body_hash'] !== $wish) {
            throw Refused::conflict('This Idempotency-Key was used for something else.');
        }
        $kept = [];
        $json = \is_string($first['result']) ? $first['result'] : '{}';
        foreach ((array) json_decode($json, true, 8, \JSON_THROW_ON_ERROR) as $name => $value) {
            $kept[(string) $name] = $value;
        }

        return new Done($kept, true);
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
