<?php

/** Keeps exports of a salon as files: pieces while one is written, then one zip, for a week. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Work\Sweeps;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Uid\Uuid;

final readonly class Exports implements Sweeps
{
    private const KEPT_S = 7 * 86_400;

    private Filesystem $files;

    public function __construct(
        #[Autowire('%env(EXPORT_DIR)%')] private string $folder,
        private ClockInterface $clock,
    ) {
        $this->files = new Filesystem();
    }

    /** @param list<array<string, mixed>> $rows */
    public function piece(Actor $actor, string $export, string $table, int $n, array $rows): void
    {
        $lines = array_map(
            static fn (array $row): string => json_encode(
                $row,
                \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION,
            ),
            $rows,
        );
        $name = \sprintf('%s-%06d', $table, $n);
        $pieces = $this->pieces($actor, $export);
        // As they stand in the list of a table: packing then has only to put pieces together.
        $this->files->dumpFile("$pieces/$name", implode(",\n", $lines));
        $this->files->dumpFile("$pieces/csv/$name", Csv::of($rows));
    }

    public function paper(Actor $actor, string $export, string $name, string $pdf): void
    {
        $this->files->dumpFile($this->pieces($actor, $export)."/papers/$name", $pdf);
    }

    /**
     * @param string $as folder of the pieces as CSV; empty: as JSON, a row a line
     *
     * @return list<string> files of a table, in their order
     */
    public function piecesOf(Actor $actor, string $export, string $table, string $as = ''): array
    {
        $found = glob($this->pieces($actor, $export)."$as/$table-*");

        return false === $found ? [] : $found;
    }

    public function pieces(Actor $actor, string $export): string
    {
        return "$this->folder/$actor->salon/$export.pieces";
    }

    public function path(Actor $actor, string $export): string
    {
        return "$this->folder/$actor->salon/$export.zip";
    }

    public function done(Actor $actor, string $export): void
    {
        $this->files->remove($this->pieces($actor, $export));
    }

    /** @throws Refused 404 for one that is not there (any more), or is another salon's */
    public function file(Actor $actor, string $export): string
    {
        $path = Uuid::isValid($export) ? $this->path($actor, Uuid::fromString($export)->toRfc4122()) : '';

        return '' !== $path && is_file($path) ? $path : throw Refused::notFound('export');
    }

    /** @return list<array{id: string, at: string, bytes: int}> the newest first */
    public function all(Actor $actor): array
    {
        $out = [];
        $found = glob("$this->folder/$actor->salon/*.zip");
        foreach (false === $found ? [] : $found as $file) {
            $out[] = [
                'id' => basename($file, '.zip'),
                'at' => gmdate('Y-m-d\TH:i:s\Z', (int) filemtime($file)),
                'bytes' => (int) filesize($file),
            ];
        }

        return array_reverse($out);
    }

    public function swept(): string
    {
        return 'exports';
    }

    /** @return int how many went that are older than a week */
    public function sweep(): int
    {
        $old = $this->clock->now()->getTimestamp() - self::KEPT_S;
        $found = glob("$this->folder/*/*");
        $gone = array_filter(
            false === $found ? [] : $found,
            static fn (string $f): bool => (int) filemtime($f) < $old,
        );
        $this->files->remove($gone);

        return \count($gone);
    }
}
