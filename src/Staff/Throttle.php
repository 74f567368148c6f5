<?php

/** Slows down guessing of passwords and PINs: counts before it looks, grows with every failure, agrees across nodes. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Doctrine\DBAL\Connection;
use KeenThistle\Refusal\Refused;
use Symfony\Component\Clock\ClockInterface;

/**
 * A scope is what guesses are counted for: a person from one network, a person from anywhere, a network, a salon. Each
 * try counts as a failure until it has succeeded, so that many at once are no way round. Failures are forgotten when
 * none has come for a day.
 */
class Throttle
{
    /** Wait in seconds after the first failure too many; doubled with each further one. */
    private const WAIT_S = 300;
    private const LONGEST_S = 3600;
    private const FORGET_S = 86_400;
    private const LIMITS = ['person_here' => 5, 'person' => 30, 'network' => 40, 'salon_pins' => 20];

    public function __construct(private readonly Connection $db, private readonly ClockInterface $clock)
    {
    }

    /**
     * Counts a try, before the secret is looked at.
     *
     * @param array<string, string> $scopes kind (of LIMITS) => whose
     *
     * @throws Refused 429 when there were too many failures lately
     */
    public function attempt(array $scopes): void
    {
        $now = $this->clock->now();
        $this->refuse($this->until($scopes, $now), $now);
        foreach ($scopes as $kind => $whose) {
            $this->db->executeStatement(
                'INSERT INTO sign_in_try (id, failures, last_at) VALUES (:id, 1, :now) ON DUPLICATE KEY UPDATE
                    failures = IF(last_at < :forget, 1, failures + 1),
                    blocked_until = IF(failures > :limit, DATE_ADD(:now, INTERVAL LEAST(:wait * POW(2,
                    LEAST(failures - :limit - 1, 10)), :longest) SECOND), NULL),
                    last_at = :now',
                [
                    'id' => self::id($kind, $whose),
                    'now' => self::text($now),
                    'forget' => self::text($now->modify('-'.self::FORGET_S.' seconds')),
                    'limit' => self::LIMITS[$kind],
                    'wait' => self::WAIT_S,
                    'longest' => self::LONGEST_S,
                ],
            );
        }
        // Those that came at the same moment are over the limit now.
        $this->refuse($this->until($scopes, $now), $now);
    }

    /**
     * The person is who they say: their failures are forgotten, the network's only this try.
     *
     * @param array<string, string> $scopes as given to attempt()
     */
    public function succeeded(array $scopes): void
    {
        foreach ($scopes as $kind => $whose) {
            $this->db->executeStatement(
                str_starts_with($kind, 'person')
                    ? 'DELETE FROM sign_in_try WHERE id = :id'
                    : 'UPDATE sign_in_try SET failures = GREATEST(0, failures - 1) WHERE id = :id',
                ['id' => self::id($kind, $whose)],
            );
        }
    }

    /** The network an address belongs to: an IPv6 customer has a /64 to choose addresses from. */
    public static function network(string $address): string
    {
        $bytes = @inet_pton($address);
        if (false === $bytes || 4 === \strlen($bytes)) {
            return $address;
        }
        if (str_starts_with($bytes, str_repeat("\0", 10)."\xFF\xFF")) {
            return (string) inet_ntop(substr($bytes, 12));
        }

        return inet_ntop(substr($bytes, 0, 8).str_repeat("\0", 8)).'/64';
    }

    /** @param array<string, string> $scopes */
    private function until(array $scopes, \DateTimeImmutable $now): ?\DateTimeImmutable
    {
        $ids = [];
        foreach ($scopes as $kind => $whose) {
            $ids[] = self::id($kind, $whose);
        }
        $until = $this->db->fetchOne(
            'SELECT MAX(blocked_until) FROM sign_in_try WHERE blocked_until > ? AND id IN ('.
                implode(', ', array_fill(0, \count($ids), '?')).
                ')',
            [self::text($now), ...$ids],
        );

        return \is_string($until) ? new \DateTimeImmutable($until, new \DateTimeZone('UTC')) : null;
    }

    private function refuse(?\DateTimeImmutable $until, \DateTimeImmutable $now): void
    {
        if (null !== $until) {
            throw Refused::tooManyTries(max(1, $until->getTimestamp() - $now->getTimestamp()));
        }
    }

    private static function id(string $kind, string $whose): string
    {
        return hash('xxh128', "$kind $whose");
    }

    private static function text(\DateTimeImmutable $at): string
    {
        return $at->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s');
    }
}
