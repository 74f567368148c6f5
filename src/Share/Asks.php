<?php

/** Keeps who asked whom for a dog's history, and what its owner said. The one place that reads across salons. */

declare(strict_types=1);

namespace KeenThistle\Share;

use Doctrine\DBAL\Connection;
use KeenThistle\Book\Dog;
use KeenThistle\Owner\Secret;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/**
 * @phpstan-type Ask array{id: string, salon: Uuid, dog: Uuid, named: string, asking: string, there: string,
 *     from_salon: Uuid|null, from_dog: Uuid|null, home: Uuid|null, from_name: string, state: string,
 *     asked_at: string, parts: list<string>, since: string|null, ended_at: string|null, seen_on: string|null}
 */
final readonly class Asks
{
    private const OPEN_OF_A_DOG = 5;
    private const OF_A_DAY = 30;
    private const LEAST_DIGITS = 6;
    private const READ =
        'SELECT h.id, h.salon_id, h.dog_id, h.named, a.name asking, COALESCE(f.name, h.named) there,
            h.from_salon_id, h.from_dog_id, d.household_id home, COALESCE(d.name, \'\') from_name, h.state,
            h.asked_at, h.parts, h.since, h.ended_at, h.seen_on
        FROM history_ask h JOIN salon a ON a.id = h.salon_id LEFT JOIN salon f ON f.id = h.from_salon_id
        LEFT JOIN dog d ON d.id = h.from_dog_id ';

    public function __construct(private Connection $db, private Secret $secret, private ClockInterface $clock)
    {
    }

    /** @throws Refused too many are open, or were asked today: nobody tries out who goes where */
    public function mayAsk(Actor $actor, Dog $dog): void
    {
        $open = $this->db->fetchOne("SELECT COUNT(*) FROM history_ask WHERE dog_id = ? AND state = 'asked'", [
            $dog->id->toBinary(),
        ]);
        $today = $this->db->fetchOne('SELECT COUNT(*) FROM history_ask WHERE salon_id = ? AND asked_at > ?', [
            $actor->salon->toBinary(),
            $this->clock->now()->modify('-1 day')->format('Y-m-d H:i:s'),
        ]);
        if (Row::int($open) >= self::OPEN_OF_A_DOG || Row::int($today) >= self::OF_A_DAY) {
            throw Refused::conflict('Enough salons were asked for now. Wait for their answers, or ask tomorrow.');
        }
        foreach ($dog->household->clients as $person) {
            if ('' !== $person->phone || '' !== $person->email) {
                return;
            }
        }
        throw Refused::conflict('Nobody of its home has a number or an address by which the other salon knows them.');
    }

    /**
     * A dog of that name whose owner is reached the same way.
     *
     * @return array{salon: Uuid, dog: Uuid, client: Uuid}|null
     */
    public function known(Dog $dog, string $salon): ?array
    {
        $rows = $this->db->fetchAllAssociative(
            "SELECT d.salon_id, d.id, c.id client, c.phone, c.email FROM dog d JOIN salon s ON s.id = d.salon_id
            JOIN client c ON c.household_id = d.household_id
            WHERE LOWER(s.name) = LOWER(?) AND d.salon_id <> ? AND LOWER(d.name) = LOWER(?)
                AND d.state IN ('active', 'paused', 'moved') ORDER BY d.id, c.id LIMIT 200",
            [$salon, $dog->salon->id->toBinary(), $dog->name],
        );
        foreach ($rows as $row) {
            foreach ($dog->household->clients as $person) {
                $samePhone = self::digits($person->phone) === self::digits(Row::text($row['phone']))
                    && \strlen(self::digits($person->phone)) >= self::LEAST_DIGITS;
                $sameMail = '' !== $person->email && 0 === strcasecmp($person->email, Row::text($row['email']));
                if ($samePhone || $sameMail) {
                    return [
                        'salon' => Uuid::fromBinary(Row::text($row['salon_id'])),
                        'dog' => Uuid::fromBinary(Row::text($row['id'])),
                        'client' => Uuid::fromBinary(Row::text($row['client'])),
                    ];
                }
            }
        }

        return null;
    }

    /** @param array{salon: Uuid, dog: Uuid, client: Uuid}|null $known */
    public function ask(Actor $actor, Dog $dog, string $salon, ?array $known): string
    {
        $id = Uuid::v7();
        $this->db->insert('history_ask', [
            'id' => $id->toBinary(),
            'salon_id' => $actor->salon->toBinary(),
            'dog_id' => $dog->id->toBinary(),
            'staff_id' => $actor->staff->toBinary(),
            'named' => $salon,
            'from_salon_id' => null === $known ? null : $known['salon']->toBinary(),
            'from_dog_id' => null === $known ? null : $known['dog']->toBinary(),
            'asked_at' => $this->clock->now()->format('Y-m-d H:i:s'),
        ]);

        return (string) $id;
    }

    /** A file that was brought along. */
    public function keep(Actor $actor, Dog $dog, string $salon, string $copy): string
    {
        $id = $this->ask($actor, $dog, $salon, null);
        $this->db->executeStatement("UPDATE history_ask SET state = 'file', since = asked_at, copy = ? WHERE id = ?", [
            $copy,
            Uuid::fromString($id)->toBinary(),
        ]);

        return $id;
    }

    public function copy(string $id): string
    {
        $copy = $this->db->fetchOne('SELECT copy FROM history_ask WHERE id = ?', [Uuid::fromString($id)->toBinary()]);

        return \is_string($copy) ? $copy : '';
    }

    /** @return list<Ask> what was asked of others for this dog, newest first */
    public function by(Actor $actor, Dog $dog): array
    {
        return $this->read('WHERE h.salon_id = ? AND h.dog_id = ? ORDER BY h.id DESC LIMIT 50', [
            $actor->salon->toBinary(),
            $dog->id->toBinary(),
        ]);
    }

    /** @return list<Ask> what others asked of this dog here, newest first */
    public function of(Actor $actor, Dog $dog): array
    {
        return $this->read('WHERE h.from_salon_id = ? AND h.from_dog_id = ? ORDER BY h.id DESC LIMIT 50', [
            $actor->salon->toBinary(),
            $dog->id->toBinary(),
        ]);
    }

    /**
     * @return Ask one that this salon has asked, or was asked
     *
     * @throws Refused 404
     */
    public function get(Actor $actor, string $id): array
    {
        $raw = $actor->salon->toBinary();
        $found = Uuid::isValid($id)
            ? $this->read('WHERE h.id = ? AND (h.salon_id = ? OR h.from_salon_id = ?)', [
                Uuid::fromString($id)->toBinary(),
                $raw,
                $raw,
            ])
            : [];

        return $found[0] ?? throw Refused::notFound('history');
    }

    /** The path of the page at which its owner answers; in another home it is another one. */
    public function path(string $id, Uuid $home): string
    {
        return '/history/'.$this->secret->token('history', Uuid::fromString($id), $home->toBinary());
    }

    /** @return Ask|null */
    public function openedBy(string $token): ?array
    {
        $id = Secret::id($token);
        $ask = $this->read('WHERE h.id = ? AND h.from_dog_id IS NOT NULL', [$id->toBinary()])[0] ?? null;

        if (null === $ask || null === $ask['home']) {
            return null;
        }

        return hash_equals($this->path((string) $id, $ask['home']), "/history/$token") ? $ask : null;
    }

    /**
     * @param list<string> $from states it may have
     * @param list<string> $parts
     *
     * @throws Refused 409 where it is not as it should be
     */
    public function move(string $id, array $from, string $to, array $parts): void
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s');
        $marks = implode(', ', array_fill(0, \count($from), '?'));
        $moved = $this->db->executeStatement(
            "UPDATE history_ask SET state = ?, parts = ?, since = IF(? = 'allowed', ?, since),
                ended_at = IF(? = 'allowed', NULL, ?) WHERE id = ? AND state IN ($marks)",
            [$to, json_encode($parts, \JSON_THROW_ON_ERROR), $to, $now, $to, $now, Uuid::fromString($id)->toBinary(),
                ...$from],
        );
        if (1 !== (int) $moved) {
            throw Refused::conflict('This was answered meanwhile. Look at it again.');
        }
    }

    /** @return bool whether it is the first look of the day, which the log keeps */
    public function seen(string $id, string $day): bool
    {
        return 1 === (int) $this->db->executeStatement(
            'UPDATE history_ask SET seen_on = ? WHERE id = ? AND (seen_on IS NULL OR seen_on < ?)',
            [$day, Uuid::fromString($id)->toBinary(), $day],
        );
    }

    /**
     * @param list<mixed> $with
     *
     * @return list<Ask>
     */
    private function read(string $which, array $with): array
    {
        $id = static fn (mixed $raw): ?Uuid => \is_string($raw) ? Uuid::fromBinary($raw) : null;
        $instant = static fn (mixed $at): ?string => null === $at ? null : Row::instant($at);

        return array_map(static fn (array $r): array => [
            'id' => Row::id($r['id']),
            'salon' => Uuid::fromBinary(Row::text($r['salon_id'])),
            'dog' => Uuid::fromBinary(Row::text($r['dog_id'])),
            'named' => Row::text($r['named']),
            'asking' => Row::text($r['asking']),
            'there' => Row::text($r['there']),
            'from_salon' => $id($r['from_salon_id']),
            'from_dog' => $id($r['from_dog_id']),
            'home' => $id($r['home']),
            'from_name' => Row::text($r['from_name']),
            'state' => Row::text($r['state']),
            'asked_at' => Row::instant($r['asked_at']),
            'parts' => Row::texts($r['parts']),
            'since' => $instant($r['since']),
            'ended_at' => $instant($r['ended_at']),
            'seen_on' => null === $r['seen_on'] ? null : Row::text($r['seen_on']),
        ], $this->db->fetchAllAssociative(self::READ.$which, $with));
    }

    private static function digits(string $phone): string
    {
        return (string) preg_replace('/\D/', '', $phone);
    }
}
