<?php

/** Who signed in where: kept to be read by the manager, seen and ended one by one by whose they are. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Doctrine\DBAL\Connection;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class SignIns
{
    private const PAGE = 50;
    /** A session ends by itself after so many seconds, as framework.yaml has it. */
    private const LASTS = 43200;
    private const BROWSERS = [
        'Edg' => 'Edge',
        'Firefox' => 'Firefox',
        'Chrome' => 'Chrome',
        'CriOS' => 'Chrome',
        'Safari' => 'Safari',
    ];
    private const SYSTEMS = [
        'iPhone' => 'a phone',
        'iPad' => 'a tablet',
        'Android' => 'Android',
        'Windows' => 'Windows',
        'Mac OS' => 'a Mac',
        'Linux' => 'Linux',
    ];

    public function __construct(
        private Connection $db,
        private Scope $scope,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param string $how password, pin or refused
     * @param string $agent what the browser says of itself
     *
     * @return string its id
     */
    public function note(Actor $who, string $how, string $agent): string
    {
        $id = Uuid::v7();
        $this->db->insert('sign_in', [
            'id' => $id->toBinary(),
            'salon_id' => $who->salon->toBinary(),
            'staff_id' => $who->staff->toBinary(),
            'at' => $this->now(),
            'how' => $how,
            'device' => self::device($agent),
            'ended_at' => 'refused' === $how ? $this->now() : null,
        ]);

        return (string) $id;
    }

    public function over(string $id): void
    {
        $this->db->executeStatement('UPDATE sign_in SET ended_at = ? WHERE id = ? AND ended_at IS NULL', [
            $this->now(),
            Uuid::fromString($id)->toBinary(),
        ]);
    }

    /**
     * @param string $here the one that asks
     *
     * @return list<SignInView> one's own that are open, newest first
     */
    public function open(Actor $actor, string $here): array
    {
        $rows = $this->scope->rows(
            $actor,
            'SELECT i.id, i.at, i.how, i.device, i.ended_at, s.name FROM sign_in i JOIN staff s ON s.id = i.staff_id
            WHERE i.salon_id = :salon AND i.staff_id = :me AND i.ended_at IS NULL AND i.at > :since
            ORDER BY i.id DESC LIMIT 50',
            [
                'me' => $actor->staff->toBinary(),
                'since' => $this->clock->now()->modify('-'.self::LASTS.' seconds')->format('Y-m-d H:i:s'),
            ],
        );

        return array_map(static fn (array $r): SignInView => self::view($r, $here), $rows);
    }

    /** @throws Refused 404 for one that is not one's own */
    public function end(Actor $actor, string $id): void
    {
        $done = Uuid::isValid($id)
            ? $this->db->executeStatement(
                'UPDATE sign_in SET ended_at = COALESCE(ended_at, ?) WHERE id = ? AND staff_id = ? '.
                    "AND salon_id = ? AND how <> 'refused'",
                [
                    $this->now(),
                    Uuid::fromString($id)->toBinary(),
                    $actor->staff->toBinary(),
                    $actor->salon->toBinary(),
                ],
            )
            : 0;
        if (1 > (int) $done && !$this->isMine($actor, $id)) {
            throw Refused::notFound('sign-in');
        }
    }

    /** @param string $cursor the last of the page before; "": from the newest on: of the salon, newest first */
    public function page(Actor $actor, string $cursor): SignInsView
    {
        $after = '' !== $cursor;
        $rows = $this->scope->rows(
            $actor,
            'SELECT i.id, i.at, i.how, i.device, i.ended_at, s.name FROM sign_in i JOIN staff s ON s.id = i.staff_id
            WHERE i.salon_id = :salon '.
                ($after ? 'AND i.id < :cursor ' : '').
                'ORDER BY i.id DESC LIMIT '.
                (self::PAGE + 1),
            $after ? ['cursor' => Uuid::fromString($cursor)->toBinary()] : [],
        );

        $page = array_map(
            static fn (array $r): SignInView => self::view($r, ''),
            \array_slice($rows, 0, self::PAGE),
        );
        $last = end($page);

        return new SignInsView($page, \count($rows) > self::PAGE && false !== $last ? $last->id : null);
    }

    private function isMine(Actor $actor, string $id): bool
    {
        return Uuid::isValid($id)
            && false !== $this->db->fetchOne('SELECT 1 FROM sign_in WHERE id = ? AND staff_id = ?', [
                Uuid::fromString($id)->toBinary(),
                $actor->staff->toBinary(),
            ]);
    }

    /** @param array<string, mixed> $r */
    private static function view(array $r, string $here): SignInView
    {
        $id = Row::id($r['id']);

        return new SignInView(
            $id,
            Row::text($r['name']),
            Row::instant($r['at']),
            Row::text($r['how']),
            Row::text($r['device']),
            null === $r['ended_at'] ? null : Row::instant($r['ended_at']),
            $id === $here,
        );
    }

    /** Told apart well enough by somebody who looks for their own; nothing more is kept of it. */
    private static function device(string $agent): string
    {
        $of = static function (array $names) use ($agent): string {
            foreach ($names as $part => $name) {
                if (str_contains($agent, (string) $part)) {
                    return \is_string($name) ? $name : '';
                }
            }

            return '';
        };
        [$browser, $system] = [$of(self::BROWSERS), $of(self::SYSTEMS)];

        return match (true) {
            '' === $browser && '' === $system => 'a device',
            '' === $system => $browser,
            default => ('' === $browser ? 'A browser' : $browser)." on $system",
        };
    }

    private function now(): string
    {
        return $this->clock->now()->format('Y-m-d H:i:s');
    }
}
