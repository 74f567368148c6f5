<?php

/** Sweeps once a night, whichever worker comes first; and takes up what lost its place in the queue. */

declare(strict_types=1);

namespace KeenThistle\Sweep;

use Doctrine\DBAL\Connection;
use KeenThistle\Integrate\Deliveries;
use KeenThistle\Outbox\Outbox;
use KeenThistle\Upkeep\NightlyCopy;
use KeenThistle\Work\Jobs;
use Psr\Log\LoggerInterface;
use Symfony\Component\Clock\ClockInterface;

final readonly class Night
{
    /** UTC. A worker that was not there in the night does it when it comes. */
    private const HOUR = 2;

    public function __construct(
        private Connection $db,
        private Sweep $sweep,
        private Outbox $outbox,
        private Jobs $jobs,
        private Deliveries $deliveries,
        private NightlyCopy $copy,
        private ClockInterface $clock,
        private LoggerInterface $logger,
    ) {
    }

    /** @return bool whether it was this one's turn */
    public function whenDue(): bool
    {
        $now = $this->clock->now()->setTimezone(new \DateTimeZone('UTC'));
        $night = $now->modify(\sprintf('-%d hours', self::HOUR))->format('Y-m-d');
        $mine = $this->db->executeStatement('INSERT IGNORE INTO night (day, began_at) VALUES (?, ?)', [
            $night,
            $now->format('Y-m-d H:i:s'),
        ]);
        if (1 !== (int) $mine) {
            return false;
        }
        $this->takeUpLeft();
        $this->logger->notice('swept for the night', $this->sweep->all());
        $this->copy->write();

        return true;
    }

    /** A sign of life of the worker, for whoever looks after the house. */
    public function beat(): void
    {
        $this->db->executeStatement(
            "INSERT INTO beat (name, at) VALUES ('worker', :now) ON DUPLICATE KEY UPDATE at = :now",
            ['now' => $this->clock->now()->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s')],
        );
    }

    /** What has waited for an hour has no place in the queue any more. */
    public function takeUpLeft(): void
    {
        $before = $this->clock->now()->modify('-1 hour');
        $this->outbox->queueLeft($before);
        $this->jobs->queueLeft($before);
        $this->deliveries->queueLeft($before);
    }
}
