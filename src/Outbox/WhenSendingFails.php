<?php

/** Keeps a message that was tried often enough, with why, for whoever may try it again. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use KeenThistle\Work\Why;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerMessageFailedEvent;
use Symfony\Component\Messenger\Exception\HandlerFailedException;

#[AsEventListener]
final readonly class WhenSendingFails
{
    public function __construct(private Outbox $outbox)
    {
    }

    public function __invoke(WorkerMessageFailedEvent $event): void
    {
        $message = $event->getEnvelope()->getMessage();
        if (!($message instanceof HandOver) || $event->willRetry()) {
            return;
        }
        $e = $event->getThrowable();
        $cause = $e instanceof HandlerFailedException ? $e->getPrevious() : $e;
        $this->outbox->gaveUp(
            $message->message,
            $cause instanceof SenderDown ? 'Tried five times. '.$cause->getMessage() : Why::of($e),
        );
    }
}
