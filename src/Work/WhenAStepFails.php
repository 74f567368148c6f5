<?php

/** Keeps a job that was tried often enough, with why, for whoever may try it again. */

declare(strict_types=1);

namespace KeenThistle\Work;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerMessageFailedEvent;

#[AsEventListener]
final readonly class WhenAStepFails
{
    public function __construct(private Jobs $jobs)
    {
    }

    public function __invoke(WorkerMessageFailedEvent $event): void
    {
        $message = $event->getEnvelope()->getMessage();
        if ($message instanceof JobStep && !$event->willRetry()) {
            $this->jobs->gaveUp($message->job, Why::of($event->getThrowable()));
        }
    }
}
