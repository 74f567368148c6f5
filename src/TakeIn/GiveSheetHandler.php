<?php

/** Keeps a sheet that can be read; what cannot is refused at once, with what to do. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Staff\Actor;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<GiveSheet> */
final readonly class GiveSheetHandler implements Handler
{
    public function __construct(private Imports $imports)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        Sheet::of($command->bytes);
        $id = (string) Uuid::v7();
        $this->imports->begin($actor, $id, $command->name, $command->bytes);

        return new Outcome(['import' => $id]);
    }
}
