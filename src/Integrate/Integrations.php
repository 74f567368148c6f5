<?php

/** Keeps the programmes that are let in, and knows one by its token. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use Doctrine\DBAL\Connection;
use KeenThistle\Owner\Secret;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Actors;
use KeenThistle\Staff\Security\SignedIn;
use KeenThistle\Staff\Security\Tokens;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** A token follows from the row's id and the server's key: the database alone opens nothing. */
final readonly class Integrations implements Tokens
{
    public const A_MINUTE = 300;

    public function __construct(
        private Connection $db,
        private Secret $secret,
        private Actors $actors,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param list<string> $may
     * @param int $last position in the feed after which it is told
     */
    public function make(Actor $actor, IntegrationForm $form, array $may, int $last): string
    {
        $id = Uuid::v7();
        $now = $this->clock->now();
        $this->db->insert('integration', [
            'id' => $id->toBinary(),
            'salon_id' => $actor->salon->toBinary(),
            'staff_id' => $actor->staff->toBinary(),
            'name' => $form->name,
            'may' => json_encode($may, \JSON_THROW_ON_ERROR),
            'made_at' => $now->format('Y-m-d H:i:s'),
            'until_at' => $now->modify("+$form->days days")->format('Y-m-d H:i:s'),
            'tell' => $form->tell,
            'told' => $last,
        ]);

        return (string) $id;
    }

    /** How many are let in just now. */
    public function open(Actor $actor): int
    {
        return \count(
            array_filter($this->all($actor), static fn (IntegrationView $i): bool => 'open' === $i->state),
        );
    }

    /** @throws Refused 404 for one of another salon, or none */
    public function get(Actor $actor, string $id): IntegrationView
    {
        foreach ($this->all($actor) as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }
        throw Refused::notFound('programme');
    }

    /** @return list<IntegrationView> newest first */
    public function all(Actor $actor): array
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s');

        return array_map(
            static fn (array $r): IntegrationView => new IntegrationView(
                Row::id($r['id']),
                Row::text($r['name']),
                Row::text($r['who']),
                Row::texts($r['may']),
                Row::instant($r['made_at']),
                Row::instant($r['until_at']),
                null === $r['ended_at'] ? '' : Row::instant($r['ended_at']),
                null === $r['used_at'] ? '' : Row::instant($r['used_at']),
                match (true) {
                    null !== $r['ended_at'] => 'ended',
                    Row::text($r['until_at']) <= $now => 'run out',
                    1 !== Row::int($r['active']) => 'nobody',
                    default => 'open',
                },
                Row::text($r['tell']),
            ),
            $this->db->fetchAllAssociative(
                'SELECT i.id, i.name, i.may, i.made_at, i.until_at, i.ended_at, i.used_at, i.tell, s.name who, s.active
                FROM integration i JOIN staff s ON s.id = i.staff_id WHERE i.salon_id = ? ORDER BY i.id DESC LIMIT 100',
                [$actor->salon->toBinary()],
            ),
        );
    }

    /** @return bool whether it was open */
    public function end(string $id): bool
    {
        return 1 === (int) $this->db->executeStatement(
            "UPDATE integration SET ended_at = ?, tell = '' WHERE id = ? AND ended_at IS NULL",
            [$this->clock->now()->format('Y-m-d H:i:s'), Uuid::fromString($id)->toBinary()],
        );
    }

    public function tell(string $id, string $address, int $last): void
    {
        $this->db->executeStatement('UPDATE integration SET tell = ?, told = ? WHERE id = ?', [
            $address,
            $last,
            Uuid::fromString($id)->toBinary(),
        ]);
    }

    public function token(string $id): string
    {
        return $this->secret->token('integration', Uuid::fromString($id));
    }

    /** What what it is told is signed with. */
    public function secret(string $id): string
    {
        return $this->secret->token('hook', Uuid::fromString($id));
    }

    public function who(string $token): ?SignedIn
    {
        $id = Secret::id($token);
        if (!hash_equals($this->token((string) $id), $token)) {
            return null;
        }
        $row = $this->db->fetchAssociative(
            'SELECT staff_id, name, may FROM integration WHERE id = ? AND ended_at IS NULL AND until_at > ?',
            [$id->toBinary(), $this->clock->now()->format('Y-m-d H:i:s')],
        );
        $person = false === $row ? null : $this->actors->of(Uuid::fromBinary(Row::text($row['staff_id'])));
        if (false === $row || null === $person) {
            return null;
        }
        $only = array_map(Rights::role(...), Row::texts($row['may']));

        return new SignedIn($person[0]->through(Row::text($row['name']), $only), $person[1], (string) $id);
    }

    public function count(string $id): void
    {
        $now = $this->clock->now();
        $minute = intdiv($now->getTimestamp(), 60);
        $raw = Uuid::fromString($id)->toBinary();
        $this->db->executeStatement(
            'UPDATE integration SET calls = IF(minute = :minute, calls + 1, 1), minute = :minute, used_at = :now '.
                'WHERE id = :id',
            ['minute' => $minute, 'now' => $now->format('Y-m-d H:i:s'), 'id' => $raw],
        );
        $calls = $this->db->fetchOne('SELECT calls FROM integration WHERE id = ?', [$raw]);
        if (Row::int($calls) > self::A_MINUTE) {
            throw Refused::tooManyTries(60 * ($minute + 1) - $now->getTimestamp());
        }
    }
}
