<?php

/** Keeps what another salon may see of a dog; both salons have it in their log. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\ChangeLog;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Actors;

/** @implements Handler<AnswerHistory> */
final readonly class AnswerHistoryHandler implements Handler
{
    public function __construct(private Asks $asks, private Actors $actors, private ChangeLog $log)
    {
    }

    /** @throws Refused 404, 409 */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $ask = $this->asks->get($actor, $command->ask);
        if (null === $ask['from_dog'] || null === $ask['from_salon'] || !$ask['from_salon']->equals($actor->salon)) {
            throw Refused::notFound('history');
        }
        $isOpen = \in_array($ask['state'], ['asked', 'refused', 'revoked'], true);
        $parts = Parts::of($command->parts);
        if ([] !== $parts && !$command->byLink) {
            throw Refused::forbidden('Only its owner allows this, by their link.');
        }
        if ([] === $parts && !$isOpen && 'allowed' !== $ask['state']) {
            throw Refused::notFound('history');
        }
        $to = [] !== $parts ? 'allowed' : ('allowed' === $ask['state'] ? 'revoked' : 'refused');
        $this->asks->move($ask['id'], [$ask['state']], $to, $parts);
        $by = $command->byLink ? 'its owner' : 'the salon, in its owner\'s name,';
        $said = match ($to) {
            'allowed' => "$by lets $ask[asking] see: ".implode(', ', $parts),
            'revoked' => "$by lets $ask[asking] see nothing any more",
            default => "$by lets $ask[asking] see nothing",
        };
        $this->log->write($this->actors->inNameOf($ask['salon']), [
            new Entry(new DogOfAsk($ask['dog']), 'history', $ask['id'], "at $ask[named] $said"),
        ]);

        return new Outcome(entries: [new Entry(new DogOfAsk($ask['from_dog']), 'history', $ask['id'], $said)]);
    }
}
