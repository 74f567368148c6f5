<?php

/** Tells a programme of changes at another address, beginning with what changes from now on; or not any more. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;

/** @implements Handler<TellIntegration> */
final readonly class TellIntegrationHandler implements Handler
{
    public function __construct(private Integrations $integrations, private ChangeFeed $feed)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        HookAddress::check($command->tell);
        $one = $this->integrations->get($actor, $command->integration);
        if ('' !== $one->ended) {
            throw Refused::conflict("\"$one->name\" is let in no more: let it in anew.");
        }
        $this->integrations->tell($one->id, $command->tell, $this->feed->numbered($actor->salon));
        $said = '' === $command->tell ? 'is told of changes no more' : 'is told of changes at another address';

        return new Outcome(entries: [new Entry(null, 'connect', $one->id, "the programme \"$one->name\" $said")]);
    }
}
