<?php

/** Takes a delivery out of the queue and hands it over, signed now. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Outbox\Receipt;
use KeenThistle\Outbox\SenderDown;
use KeenThistle\Outbox\Within;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

#[AsMessageHandler]
final readonly class OnDeliver
{
    private const SECONDS = 10;

    public function __construct(
        private Deliveries $deliveries,
        private Receiver $receiver,
        private Integrations $integrations,
        private ClockInterface $clock,
    ) {
    }

    /** @throws SenderDown it is tried again later */
    public function __invoke(Deliver $deliver): void
    {
        $due = $this->deliveries->take($deliver->delivery);
        if (null === $due) {
            return;
        }
        $secret = $this->integrations->secret($due['programme']);
        $signature = Signature::of($due['body'], $secret, $this->clock->now()->getTimestamp());
        try {
            $receipt = Within::seconds(
                self::SECONDS,
                fn (): Receipt => $this->receiver->give($deliver->delivery, $due['tell'], $due['body'], $signature),
            );
        } catch (SenderDown $e) {
            $this->deliveries->move($deliver->delivery, 'waiting', $e->getMessage());
            throw $e;
        }
        $this->deliveries->move($deliver->delivery, $receipt->taken ? 'taken' : 'failed', $receipt->words);
    }
}
