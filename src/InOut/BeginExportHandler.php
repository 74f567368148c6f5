<?php

/** Begins an export: the worker writes it, piece by piece. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Work\Jobs;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<BeginExport> */
final readonly class BeginExportHandler implements Handler
{
    public function __construct(private Jobs $jobs, private SalonRows $rows, private Papers $papers)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $id = (string) Uuid::v7();
        $job = $this->jobs->begin(
            $actor,
            new ExportSalon($id, papers: $command->papers),
            $id,
            'everything of the salon, to take along',
            $this->rows->count($actor->salon) + ($command->papers ? $this->papers->count($actor) : 0),
        );

        $entry = new Entry(null, 'export', $id, 'everything of the salon is exported');

        return new Outcome(['job' => $job->id], [$entry]);
    }
}
