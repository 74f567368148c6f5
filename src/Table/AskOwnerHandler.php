<?php

/** Sends the question by the outbox; the answer is recorded with the arrival's agreements. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Outbox\Message;
use KeenThistle\Outbox\Outbox;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;

/** @implements Handler<AskOwner> */
final readonly class AskOwnerHandler implements Handler
{
    public function __construct(
        private GroomRows $rows,
        private Scope $scope,
        private Outbox $outbox,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Refused 409 where nothing waits for the owner's word */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $groom = $this->rows->groom($actor, $command->groom, true);
        $draft = Asking::draft($groom);
        if (null !== $groom->closedAt || null === $draft) {
            throw Refused::conflict('Nothing of this visit waits for the owner\'s word.');
        }
        $text = trim($command->form->text ?? '');
        $text = '' === $text ? $draft : $text;
        $client = Finish::client($groom);
        $to = $client?->address() ?? '';
        $now = $this->clock->now();
        $who = $this->scope->person($actor);
        $this->outbox->post(new Message($groom->dog, $client, $who, $now, 'question', $to, $text));
        $groom->today['asked'] = ['at' => $now->format('Y-m-d\TH:i:s\Z'), 'who' => $who->name];

        return new Outcome(
            entries: [new Entry($groom->dog, 'message', (string) $groom->id, 'asked the owner about what was found')],
        );
    }
}
