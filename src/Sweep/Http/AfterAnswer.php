<?php

/** Sweeps when it is due, after the answer to a write has gone out. */

declare(strict_types=1);

namespace KeenThistle\Sweep\Http;

use KeenThistle\Command\Http\KeyResolver;
use KeenThistle\Sweep\Sweep;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

#[AsEventListener]
final readonly class AfterAnswer
{
    public function __construct(private Sweep $sweep, private LoggerInterface $logger)
    {
    }

    public function __invoke(TerminateEvent $event): void
    {
        if (true !== $event->getRequest()->attributes->get(KeyResolver::WRITE)) {
            return;
        }
        try {
            $this->sweep->whenDue();
        } catch (\Throwable $e) {
            $this->logger->error('sweeping failed: {message}', ['message' => $e->getMessage(), 'exception' => $e]);
        }
    }
}
