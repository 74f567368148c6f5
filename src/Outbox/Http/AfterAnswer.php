<?php

/** Hands messages over when the answer to the write that made them has gone out. */

declare(strict_types=1);

namespace KeenThistle\Outbox\Http;

use KeenThistle\Command\Http\KeyResolver;
use KeenThistle\Outbox\Outbox;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

#[AsEventListener]
final readonly class AfterAnswer
{
    public function __construct(private Outbox $outbox, private LoggerInterface $logger)
    {
    }

    public function __invoke(TerminateEvent $event): void
    {
        if (true !== $event->getRequest()->attributes->get(KeyResolver::WRITE)) {
            return;
        }
        try {
            $this->outbox->handOver();
        } catch (\Throwable $e) {
            $this->logger->error('messages could not be handed over: {message}', [
                'message' => $e->getMessage(),
                'exception' => $e,
            ]);
        }
    }
}
