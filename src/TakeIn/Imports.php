<?php

/** Keeps what is taken in: the sheet as it came, what its columns are, what was made of which row. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use Doctrine\DBAL\Connection;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Work\Sweeps;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Uid\Uuid;

/** A sheet goes through read, begun, done and, where somebody thinks better of it, undone. */
final readonly class Imports implements Sweeps
{
    private const KEPT_S = 30 * 86_400;

    private Filesystem $files;

    public function __construct(
        #[Autowire('%env(EXPORT_DIR)%')] private string $folder,
        private Connection $db,
        private ClockInterface $clock,
    ) {
        $this->files = new Filesystem();
    }

    public function begin(Actor $actor, string $id, string $name, string $bytes): void
    {
        $this->files->dumpFile($this->path($actor, $id, 'csv'), $bytes);
        $this->db->insert('import', [
            'id' => Uuid::fromString($id)->toBinary(),
            'salon_id' => $actor->salon->toBinary(),
            'staff_id' => $actor->staff->toBinary(),
            'name' => mb_substr($name, 0, 120),
            'at' => $this->clock->now()->format('Y-m-d H:i:s'),
        ]);
    }

    /**
     * @return array{id: string, name: string, state: string, made: int, at: string, who: string}
     *
     * @throws Refused 404 for one of another salon, or none
     */
    public function get(Actor $actor, string $id): array
    {
        $rows = Uuid::isValid($id)
            ? $this->read($actor, 'AND i.id = ?', Uuid::fromString($id)->toBinary())
            : [];

        return $rows[0] ?? throw Refused::notFound('import');
    }

    /** @return list<array{id: string, name: string, state: string, made: int, at: string, who: string}> newest first */
    public function all(Actor $actor): array
    {
        return $this->read($actor, 'ORDER BY i.id DESC LIMIT 50');
    }

    /** @return list<array{id: string, name: string, state: string, made: int, at: string, who: string}> */
    private function read(Actor $actor, string $which, string ...$given): array
    {
        $rows = $this->db->fetchAllAssociative(
            'SELECT i.id, i.name, i.state, i.made, i.at, s.name who FROM import i JOIN staff s ON s.id = i.staff_id '.
                "WHERE i.salon_id = ? $which",
            [$actor->salon->toBinary(), ...array_values($given)],
        );

        return array_map(static fn (array $r): array => [
            'id' => Row::id($r['id']),
            'name' => Row::text($r['name']),
            'state' => Row::text($r['state']),
            'made' => Row::int($r['made']) ?? 0,
            'at' => Row::instant($r['at']),
            'who' => Row::text($r['who']),
        ], $rows);
    }

    /** @throws Refused 404 where the sheet is not kept any more */
    public function sheet(Actor $actor, string $id): Sheet
    {
        $path = $this->path($actor, $this->get($actor, $id)['id'], 'csv');

        return is_file($path)
            ? Sheet::of((string) file_get_contents($path))
            : throw Refused::gone('This file is not kept any more: choose it again.');
    }

    /** @param list<array{int, array<string, mixed>}> $rows number in the sheet, and the form of its dog */
    public function ready(Actor $actor, string $id, array $rows): void
    {
        $lines = array_map(
            static fn (array $row): string => json_encode($row, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
            $rows,
        );
        $this->files->dumpFile($this->path($actor, $id, 'rows'), implode("\n", $lines)."\n");
    }

    /** @return list<array{int, \stdClass}> */
    public function rows(Actor $actor, string $id, int $from, int $most): array
    {
        $in = new \SplFileObject($this->path($actor, $id, 'rows'));
        $out = [];
        for ($in->seek($from); !$in->eof() && \count($out) < $most; $in->next()) {
            $row = json_decode(\is_string($line = $in->current()) ? $line : '', false, 16);
            if (\is_array($row) && \is_int($row[0] ?? null) && ($row[1] ?? null) instanceof \stdClass) {
                $out[] = [$row[0], $row[1]];
            }
        }

        return $out;
    }

    public function made(string $id, int $row, Uuid $dog): void
    {
        $this->db->insert('imported', [
            'import_id' => Uuid::fromString($id)->toBinary(),
            'sheet_row' => $row,
            'dog_id' => $dog->toBinary(),
        ]);
    }

    public function now(string $id, string $state, int $more = 0): void
    {
        $this->db->executeStatement('UPDATE import SET state = ?, made = made + ? WHERE id = ?', [
            $state,
            $more,
            Uuid::fromString($id)->toBinary(),
        ]);
    }

    /**
     * Only one of two that come at once goes on.
     *
     * @throws Refused 409 where it is not as it should be
     */
    public function move(string $id, string $from, string $to, string $else): void
    {
        $moved = $this->db->executeStatement('UPDATE import SET state = ? WHERE id = ? AND state = ?', [
            $to,
            Uuid::fromString($id)->toBinary(),
            $from,
        ]);
        if (1 !== (int) $moved) {
            throw Refused::conflict($else);
        }
    }

    public function swept(): string
    {
        return 'sheets that were given';
    }

    /** @return int how many sheets went that are older than a month; what was made of them stays, and can be undone */
    public function sweep(): int
    {
        $old = $this->clock->now()->getTimestamp() - self::KEPT_S;
        $found = glob("$this->folder/.in/*/*");
        $gone = array_filter(
            false === $found ? [] : $found,
            static fn (string $f): bool => (int) filemtime($f) < $old,
        );
        $this->files->remove($gone);

        return \count($gone);
    }

    /** A whole salon's file, kept until the worker has taken it in. */
    public function keepSalon(Actor $actor, string $bytes): string
    {
        $path = $this->path($actor, (string) Uuid::v7(), 'salon');
        $this->files->dumpFile($path, $bytes);

        return $path;
    }

    private function path(Actor $actor, string $id, string $what): string
    {
        return "$this->folder/.in/$actor->salon/$id.$what";
    }
}
