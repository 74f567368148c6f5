<?php

/** Reads a whole sheet once more and begins the work, if every row is right or may be left out. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Work\Jobs;

/** @implements Handler<TakeSheetIn> */
final readonly class TakeSheetInHandler implements Handler
{
    public function __construct(private Imports $imports, private Jobs $jobs, private Scope $scope)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $import = $this->imports->get($actor, $command->import);
        $checked = Checked::of(
            $this->imports->sheet($actor, $import['id']),
            $command->columns,
            $actor,
            $this->scope,
        );
        if (0 < $checked->faulty && !$command->columns->leave) {
            throw InvalidInput::at(
                'leave',
                "is to be said: $checked->faulty rows have faults. Mend them in the sheet, or leave them out",
            );
        }
        $dogs = \count($checked->ready);
        if (0 === $dogs) {
            throw Refused::conflict('There is nothing in it to take in.');
        }
        $this->imports->move($import['id'], 'read', 'begun', 'This sheet has been taken in already.');
        $this->imports->ready($actor, $import['id'], $checked->ready);
        $about = "the dogs of $import[name] are taken in";
        $this->jobs->begin($actor, new TakeRowsIn($import['id']), $import['id'], $about, $dogs);

        return new Outcome(
            ['import' => $import['id']],
            [new Entry(null, 'import', $import['id'], "$dogs dogs of $import[name] are taken in")],
        );
    }
}
