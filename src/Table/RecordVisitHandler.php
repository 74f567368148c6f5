<?php

/** Records a visit. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Staff\Actor;

/** @implements Handler<RecordVisit> */
final readonly class RecordVisitHandler implements Handler
{
    public function __construct(private VisitRecorder $recorder)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        [$visit, $entry] = $this->recorder->record(
            $actor,
            $command->dog,
            $command->visit,
            $command->visit->recorded(),
        );

        return new Outcome(['id' => (string) $visit->id, 'day' => $visit->day->format('Y-m-d')], [$entry]);
    }
}
