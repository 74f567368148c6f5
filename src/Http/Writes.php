<?php

/** Every write goes through here: once per Idempotency-Key, in one transaction, again after a deadlock. */

declare(strict_types=1);

namespace KeenThistle\Http;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use KeenThistle\Salon\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** A repeated key gets the first answer again; the same key with another body is refused. */
final readonly class Writes
{
    private const TRIES = 3;

    public function __construct(private ManagerRegistry $doctrine, private Connection $db, private Scope $scope, private ClockInterface $clock)
    {
    }

    /** @param callable(EntityManagerInterface): Response $write flushed here */
    public function once(Request $request, callable $write): Response
    {
        $key = $request->headers->get('Idempotency-Key', '');
        if (1 !== preg_match('/^[A-Za-z0-9_-]{8,64}$/', $key)) {
            throw Problem::badRequest('A write needs an Idempotency-Key of 8 to 64 letters and digits.');
        }
        for ($try = 1;; ++$try) {
            try {
                return $this->attempt($request, $key, $write);
            } catch (RetryableException $e) {
                $this->rollBack();
                if ($try >= self::TRIES) {
                    throw $e;
                }
            } catch (\Throwable $e) {
                $this->rollBack();
                throw $e;
            }
        }
    }

    /** @param callable(EntityManagerInterface): Response $write */
    private function attempt(Request $request, string $key, callable $write): Response
    {
        $salon = $this->scope->salonId()->toBinary();
        $hash = hash('sha256', $request->getMethod().' '.$request->getPathInfo().' '.$request->headers->get('If-Match', '').' '.$request->getContent());
        $this->db->beginTransaction();
        $isNew = 1 === $this->db->executeStatement(
            'INSERT IGNORE INTO request_key (salon_id, request_key, body_hash, created_at) VALUES (:salon, :key, :hash, :at)',
            ['salon' => $salon, 'key' => $key, 'hash' => $hash, 'at' => $this->clock->now()->format('Y-m-d H:i:s')],
        );
        if (!$isNew) {
            $first = $this->db->fetchAssociative('SELECT body_hash, status, response FROM request_key WHERE salon_id = :salon AND request_key = :key', ['salon' => $salon, 'key' => $key]);
            $this->db->rollBack();
            if (false === $first || $first['body_hash'] !== $hash) {
                throw Problem::conflict('This Idempotency-Key was used for something else.');
            }

            return self::again($first);
        }
        $manager = $this->doctrine->getManager();
        \assert($manager instanceof EntityManagerInterface);
        $this->scope->apply($manager);
        $response = $write($manager);
        $manager->flush();
        $this->db->executeStatement('UPDATE request_key SET status = :status, response = :body WHERE salon_id = :salon AND request_key = :key', [
            'status' => $response->getStatusCode(), 'body' => (string) $response->getContent(), 'salon' => $salon, 'key' => $key,
        ]);
        $this->db->commit();

        return $response;
    }

    /** @param array<string, mixed> $first */
    private static function again(array $first): Response
    {
        $status = is_numeric($first['status']) ? (int) $first['status'] : 200;
        $response = new Response(\is_string($first['response']) ? $first['response'] : '', $status);
        $response->headers->set('Content-Type', 'application/json');
        $response->headers->set('Idempotent-Replay', 'true');

        return $response;
    }

    private function rollBack(): void
    {
        while ($this->db->isTransactionActive()) {
            $this->db->rollBack();
        }
        $this->doctrine->resetManager();
    }
}
