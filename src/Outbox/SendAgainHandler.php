<?php

/** Puts a message back into the queue that did not go out. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<SendAgain> */
final readonly class SendAgainHandler implements Handler
{
    public function __construct(
        private Outbox $outbox,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $message = $this->scope->get($actor, Message::class, $command->message, $this->manager, 'message');
        if ('failed' !== $message->state) {
            throw Refused::conflict('This message has gone out or is on its way: there is nothing to send again.');
        }
        $this->outbox->again($message);

        return new Outcome(entries: [new Entry($message->dog, 'message', (string) $message->id, 'message sent again')]);
    }
}
