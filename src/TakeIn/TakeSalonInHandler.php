<?php

/** Takes a whole salon in from its file, into one that has no dogs yet: all of it or nothing. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\PhotoStore;
use KeenThistle\Arrival\Seal;
use KeenThistle\Book\Dog;
use KeenThistle\Book\DogIndex;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\InOut\SalonFormat;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<TakeSalonIn> */
final readonly class TakeSalonInHandler implements Handler
{
    /** What a salon that has begun has of its own: it gives way to what the file has. */
    private const BEGINNINGS = ['kit_item', 'price_list', 'place'];
    private const AT_ONCE = 200;

    public function __construct(
        private SalonFormat $format,
        private Packed $packed,
        private PhotoStore $photos,
        private Seal $seal,
        private DogIndex $index,
        private Scope $scope,
        private Connection $db,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $salon = $actor->salon->toBinary();
        foreach (['dog', 'visit', 'sale'] as $table) {
            if (false !== $this->db->fetchOne("SELECT 1 FROM $table WHERE salon_id = ? LIMIT 1", [$salon])) {
                throw Refused::conflict('A whole salon can be taken in only where no dog, visit or bill is yet.');
            }
        }
        $path = $this->packed->json($command->file);
        try {
            $file = new SalonFile($path, $this->format);
            $file->check();
            $ids = new NewIds($this->db, $file, $actor);
            $this->db->executeStatement('UPDATE staff SET place_id = NULL WHERE salon_id = ?', [$salon]);
            foreach (self::BEGINNINGS as $table) {
                $this->db->executeStatement("DELETE FROM $table WHERE salon_id = ?", [$salon]);
            }
            // What every row names is in the file: that was looked at.
            $this->db->executeStatement('SET SESSION foreign_key_checks = 0');
            try {
                $this->write($file, $ids, $actor);
            } finally {
                $this->db->executeStatement('SET SESSION foreign_key_checks = 1');
            }
            foreach ($file->idsOf('photo') as $id) {
                $old = (string) Uuid::fromBinary($id);
                $bytes = $this->packed->photo($command->file, $old);
                if (null !== $bytes) {
                    $this->photos->take($ids->of($old), $bytes);
                }
            }
        } finally {
            $this->packed->done($path, $command->file);
        }
        $this->manager->clear();
        $this->scope->apply($actor, $this->manager);
        foreach ($this->manager->getRepository(Dog::class)->findAll() as $dog) {
            $this->index->refresh($dog);
        }

        return new Outcome(
            ['rows' => $file->rows],
            [new Entry(null, 'import', (string) $actor->salon, "a whole salon is taken in, $file->rows rows")],
            allCards: true,
        );
    }

    private function write(SalonFile $file, NewIds $ids, Actor $actor): void
    {
        $waiting = [];
        $last = '';
        $sealed = [];
        $flush = function (string $table) use (&$waiting): void {
            $this->insert($table, $waiting);
            $waiting = [];
        };
        $n = 0;
        foreach ($file->all() as [$table, $row]) {
            if ($table !== $last || \count($waiting) >= self::AT_ONCE) {
                $flush($last);
            }
            $n = $table === $last ? $n + 1 : 1;
            $last = $table;
            $kept = $this->kept($table, $row, $ids);
            if ('agreement' === $table) {
                $kept = $this->sealed($row, $kept, $sealed);
            }
            if ('salon' === $table) {
                unset($kept['id']);
                $this->db->update('salon', $kept, ['id' => $actor->salon->toBinary()]);
                continue;
            }
            $waiting[] = $kept + ['#' => "$table $n"];
        }
        $flush($last);
    }

    /** @param list<array<string, mixed>> $rows */
    private function insert(string $table, array $rows): void
    {
        if ([] === $rows) {
            return;
        }
        $names = array_map(static fn (array $r): string => Row::text($r['#']), $rows);
        $rows = array_map(static fn (array $r): array => array_diff_key($r, ['#' => 1]), $rows);
        $columns = array_keys($rows[0]);
        $one = '('.implode(', ', array_fill(0, \count($columns), '?')).')';
        try {
            $this->db->executeStatement(
                "INSERT INTO `$table` (`".implode('`, `', $columns).'`) VALUES '.
                    implode(', ', array_fill(0, \count($rows), $one)),
                array_merge(...array_map(array_values(...), $rows)),
            );
        } catch (DriverException $e) {
            $about = 1 === preg_match("/column '(\\w+)' at row (\\d+)/", $e->getMessage(), $m)
                ? ($names[(int) $m[2] - 1] ?? $table)." $m[1]"
                : "$names[0] to ".$names[\count($names) - 1];
            throw InvalidInput::at($about, 'cannot be kept: too long, out of bounds, or there twice');
        }
    }

    /** @return array<string, mixed> as its columns hold it */
    private function kept(string $table, \stdClass $row, NewIds $ids): array
    {
        $out = [];
        foreach ($this->format->tables()[$table] as $column => $type) {
            $value = $row->$column;
            $out[$column] = match (true) {
                null === $value => null,
                'id' === rtrim($type, '?') => Uuid::fromString($ids->of(Row::text($value)))->toBinary(),
                \is_bool($value) => (int) $value,
                'json' === rtrim($type, '?') => SalonFile::renamed(
                    json_encode($value, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION),
                    $ids->of(...),
                ),
                'instant' === rtrim($type, '?') => str_replace(['T', 'Z'], [' ', ''], Row::text($value)),
                \is_string($value) => SalonFile::renamed($value, $ids->of(...)),
                default => $value,
            };
        }
        // What lets somebody in is in no file: who came along chooses a password by a link.
        $out += match ($table) {
            'staff' => ['password_hash' => '!', 'pin_hash' => '!', 'pin_failures' => 0],
            'agreement' => ['token' => bin2hex(random_bytes(20))],
            default => [],
        };
        if ('staff' === $table) {
            $out['login'] = $ids->login(Row::text($out['login']));
        }

        return $out;
    }

    /**
     * @param array<string, mixed> $kept
     * @param array<string, array{string, string}> $before seals by arrival, as they came and as they are kept
     *
     * @return array<string, mixed>
     */
    private function sealed(\stdClass $row, array $kept, array &$before): array
    {
        $arrival = Row::text($row->arrival_id);
        [$oldBefore, $newBefore] = $before[$arrival] ?? ['', ''];
        $covered = static fn (string $id, string $of, string $terms, string $seal): array => [
            $id,
            $of,
            (string) Row::int($row->number),
            true === $row->agreed ? 'agreed' : 'refused',
            Row::text($row->signed_by),
            Row::text($row->signature),
            str_replace(['T', 'Z'], [' ', ''], Row::text($row->at)),
            $terms,
            $seal,
        ];
        $seal = Row::text($row->seal);
        $kept['seal'] = $this->seal->again(
            $covered(Row::text($row->id), $arrival, Row::text($row->terms), $oldBefore),
            $covered(Row::id($kept['id']), Row::id($kept['arrival_id']), Row::text($kept['terms']), $newBefore),
            $seal,
        );
        $before[$arrival] = [$seal, $kept['seal']];

        return $kept;
    }
}
