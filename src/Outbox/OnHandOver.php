<?php

/** Takes a message out of the queue and hands it over to the sender. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\Exception\UnrecoverableMessageHandlingException;

#[AsMessageHandler]
final readonly class OnHandOver
{
    private const SECONDS = 10;
    /** What ends the worker every time it is taken up would do so for ever. */
    private const MOST = 20;

    public function __construct(private Outbox $outbox, private Sender $sender)
    {
    }

    /** @throws SenderDown it is tried again later */
    public function __invoke(HandOver $hand): void
    {
        $message = $this->outbox->take($hand->message);
        if (null === $message) {
            return;
        }
        if ($message['tries'] > self::MOST) {
            throw new UnrecoverableMessageHandlingException('Sending this ended before an answer, again and again.');
        }
        try {
            $receipt = Within::seconds(
                self::SECONDS,
                fn (): Receipt => $this->sender->send($hand->message, $message['to'], $message['text']),
            );
        } catch (SenderDown $e) {
            $this->outbox->notYet($hand->message, $e->getMessage());
            throw $e;
        }
        $this->outbox->answered($hand->message, $receipt);
    }
}
