<?php

/** Keeps what a programme did not take after five tries, with why, for whoever may try it again. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Outbox\SenderDown;
use KeenThistle\Work\Why;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerMessageFailedEvent;
use Symfony\Component\Messenger\Exception\HandlerFailedException;

#[AsEventListener]
final readonly class WhenTellingFails
{
    public function __construct(private Deliveries $deliveries)
    {
    }

    public function __invoke(WorkerMessageFailedEvent $event): void
    {
        $message = $event->getEnvelope()->getMessage();
        if (!($message instanceof Deliver) || $event->willRetry()) {
            return;
        }
        $e = $event->getThrowable();
        $cause = $e instanceof HandlerFailedException ? $e->getPrevious() : $e;
        $this->deliveries->move(
            $message->delivery,
            'failed',
            $cause instanceof SenderDown ? 'Tried five times. '.$cause->getMessage() : Why::of($e),
        );
    }
}
