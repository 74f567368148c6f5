<?php

/** A whole salon in its open format, looked through before any of it is taken in: types, references, versions. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\InOut\SalonFormat;
use Symfony\Component\Uid\Uuid;

final class SalonFile
{
    private const FAULTS = 20;
    private const ID = '/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/';

    /** @var array<string, array<string, true>> ids in binary by table */
    private array $ids = [];
    public int $rows = 0;

    public function __construct(private readonly string $path, private readonly SalonFormat $format)
    {
    }

    /** @return \Generator<int, array{string, \stdClass}> */
    public function all(): \Generator
    {
        return (new JsonRows($this->path))->all();
    }

    /**
     * @throws InvalidInput naming table, row and field, or the version
     */
    public function check(): void
    {
        $tables = $this->format->tables();
        $faults = $count = [];
        $say = static function (string $where, string $what) use (&$faults): void {
            $faults[] = InvalidInput::at($where, $what);
            if (\count($faults) >= self::FAULTS) {
                throw InvalidInput::several($faults);
            }
        };
        $rows = $this->all();
        foreach ($rows as [$table, $row]) {
            $n = $count[$table] = ($count[$table] ?? 0) + 1;
            if (!isset($tables[$table])) {
                $say($table, 'is no table of a salon');
                continue;
            }
            ++$this->rows;
            foreach ($tables[$table] as $column => $type) {
                $wrong = self::wrong($row->$column ?? null, $type, property_exists($row, $column));
                if ('' !== $wrong) {
                    $say("$table $n $column", $wrong);
                }
            }
            foreach (array_keys(array_diff_key(get_object_vars($row), $tables[$table])) as $unknown) {
                $say("$table $n $unknown", 'is no column of it');
            }
            if (\is_string($row->id ?? null) && Uuid::isValid($row->id)) {
                $id = Uuid::fromString($row->id)->toBinary();
                if (isset($this->ids[$table][$id])) {
                    $say("$table $n id", 'stands twice');
                }
                $this->ids[$table][$id] = true;
            }
        }
        $head = $rows->getReturn();
        self::checkHead(\is_string($head) ? $head : '');
        foreach (array_diff(array_keys($tables), array_keys($count)) as $missing) {
            if ('salon' === $missing) {
                $say('salon', 'is not in it');
            }
        }
        if (1 < ($count['salon'] ?? 0)) {
            $say('salon', 'is in it more than once');
        }
        $this->checkReferences($say);
        if ([] !== $faults) {
            throw InvalidInput::several($faults);
        }
    }

    public function has(string $id): bool
    {
        foreach ($this->ids as $ids) {
            if (isset($ids[$id])) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> in binary, of all tables */
    public function ids(): array
    {
        $out = [];
        foreach (array_keys($this->ids) as $table) {
            $out = [...$out, ...$this->idsOf($table)];
        }

        return $out;
    }

    /** @return list<string> in binary */
    public function idsOf(string $table): array
    {
        return array_map(strval(...), array_keys($this->ids[$table] ?? []));
    }

    /** @param callable(string): string $to of an id in the file, wherever it stands in a text */
    public static function renamed(string $text, callable $to): string
    {
        return (string) preg_replace_callback(self::ID, static fn (array $m): string => $to($m[0]), $text);
    }

    /** @param callable(string, string): void $say */
    private function checkReferences(callable $say): void
    {
        $references = $this->format->references();
        $count = [];
        foreach ($this->all() as [$table, $row]) {
            $n = $count[$table] = ($count[$table] ?? 0) + 1;
            foreach ($references[$table] ?? [] as $column => $to) {
                $id = $row->$column ?? null;
                $raw = \is_string($id) && Uuid::isValid($id) ? Uuid::fromString($id)->toBinary() : null;
                if (null !== $raw && !isset($this->ids[$to][$raw])) {
                    $say("$table $n $column", "names a row of $to that is not in the file");
                }
            }
        }
    }

    private static function checkHead(string $json): void
    {
        $head = json_decode($json, false, 8);
        $version = $head instanceof \stdClass ? $head->version ?? null : null;
        if (!$head instanceof \stdClass || SalonFormat::NAME !== ($head->format ?? null) || !\is_int($version)) {
            throw InvalidInput::at('format', 'must be '.SalonFormat::NAME);
        }
        if ($version > SalonFormat::VERSION) {
            throw InvalidInput::at('version', \sprintf(
                'is %d, of a later release; this one reads up to %d: update it first',
                $version,
                SalonFormat::VERSION,
            ));
        }
    }

    private static function wrong(mixed $value, string $type, bool $isThere): string
    {
        if (!$isThere) {
            return 'is missing';
        }
        if (null === $value) {
            return str_ends_with($type, '?') ? '' : 'must not be empty';
        }

        return match (rtrim($type, '?')) {
            'integer' => \is_int($value) ? '' : 'must be a whole number',
            'number' => \is_int($value) || \is_float($value) ? '' : 'must be a number',
            'boolean' => \is_bool($value) ? '' : 'must be true or false',
            'json' => \is_array($value) || $value instanceof \stdClass ? '' : 'must be a list or an object',
            'id' => \is_string($value) && Uuid::isValid($value) ? '' : 'must be an id',
            'day' => \is_string($value) && 1 === preg_match('/^\d{4}-\d\d-\d\d$/D', $value) ? '' : 'must be a day',
            'instant' => \is_string($value) && 1 === preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/D', $value)
                ? ''
                : 'must be an instant in UTC',
            default => \is_string($value) ? '' : 'must be text',
        };
    }
}
