<?php

/** Writes a piece of a salon's export; after the last one all pieces become one file to take along. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Command\Progress;
use KeenThistle\Staff\Actor;

/** @implements Handler<ExportSalon> */
final readonly class ExportSalonHandler implements Handler
{
    private const AT_ONCE = 2500;
    /** Of tables, large or small: a step is a few seconds of work, or its own writes are a fourth of all. */
    private const PIECES = 10;
    private const PAPERS = 10;

    public function __construct(
        private SalonFormat $format,
        private SalonRows $rows,
        private Exports $exports,
        private Packing $packing,
        private Papers $papers,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $tables = array_keys($this->format->tables());
        $kind = array_keys(Papers::KINDS)[$command->table - \count($tables)] ?? null;
        if ($command->table < \count($tables)) {
            return $this->rows($actor, $command, $tables);
        }
        if (null !== $kind && $command->papers) {
            return $this->papers($actor, $command, $kind);
        }
        $this->packing->pack($actor, $command->export);

        return new Outcome(progress: new Progress(0, null));
    }

    /** @param list<string> $tables */
    private function rows(Actor $actor, ExportSalon $next, array $tables): Outcome
    {
        $done = 0;
        for ($n = 0; $n < self::PIECES && isset($tables[$next->table]); ++$n) {
            $table = $tables[$next->table];
            $rows = $this->rows->piece($actor->salon, $table, $next->after, self::AT_ONCE);
            // A piece that is written twice is the same piece.
            $this->exports->piece($actor, $next->export, $table, $next->piece, $rows);
            $done += \count($rows);
            $last = end($rows);
            $id = false === $last ? '' : $last['id'];
            $next = self::AT_ONCE === \count($rows) && \is_string($id)
                ? new ExportSalon($next->export, $next->table, $id, $next->piece + 1, $next->papers)
                : new ExportSalon($next->export, $next->table + 1, papers: $next->papers);
        }

        return new Outcome(progress: new Progress($done, $next));
    }

    private function papers(Actor $actor, ExportSalon $command, string $kind): Outcome
    {
        $ids = $this->papers->after($actor, $kind, $command->after, self::PAPERS);
        foreach ($ids as $id) {
            [$name, $pdf] = $this->papers->one($actor, $kind, $id);
            $this->exports->paper($actor, $command->export, "$kind/$name", $pdf);
        }
        $last = end($ids);
        $rest = self::PAPERS === \count($ids) && false !== $last
            ? new ExportSalon($command->export, $command->table, $last, papers: true)
            : new ExportSalon($command->export, $command->table + 1, papers: true);

        return new Outcome(progress: new Progress(\count($ids), $rest));
    }
}
