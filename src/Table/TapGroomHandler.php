<?php

/** Counts taps, each once, in its device's order. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Staff\Actor;

/** @implements Handler<TapGroom> */
final readonly class TapGroomHandler implements Handler
{
    public function __construct(private GroomRows $rows, private TakeTaps $take, private GroomToday $today)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $groom = $this->rows->forTaps($actor, $command->groom);
        $before = $groom->seq;
        [$tapped, $entries] = $this->take->of($actor, $groom, $command->device, $command->sentAt, $command->taps);
        $remade = array_filter(
            $tapped->all,
            static fn (Tap $t): bool => $t->seq > $before && !$t->held && \in_array($t->kind, Tap::REMAKES, true),
        );
        if ([] !== $remade) {
            $said = $this->today->again($actor, $groom, $tapped->board);
            $groom->notices = array_values(array_unique([...$said, ...$groom->notices]));
        }
        $other = array_filter(
            array_column($tapped->results, 'outcome'),
            static fn (string $o): bool => 'counted' !== $o,
        );

        return new Outcome(['ahead' => round($tapped->ahead, 1), 'other' => $other], $entries, inHand: $tapped);
    }
}
