<?php

/** Once a minute, between what the worker does: is the night's work due, is anybody to be reminded, is a card new? */

declare(strict_types=1);

namespace KeenThistle\Sweep;

use KeenThistle\Agenda\DueDays;
use KeenThistle\Diary\Reminders;
use KeenThistle\Integrate\Deliveries;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;
use Symfony\Component\Messenger\Event\WorkerStartedEvent;

final class WhileTheWorkerRuns
{
    private const EVERY_S = 60;
    private const TELLS_S = 5;

    private int $looked = 0;
    /** When it last gave a sign of life, busy or not. */
    private int $told = 0;
    /** When programmes were last told what is new. */
    private int $tells = 0;
    private int $busy = 0;

    public function __construct(
        private readonly Night $night,
        private readonly Reminders $reminders,
        private readonly DueDays $due,
        private readonly Deliveries $deliveries,
        private readonly ClockInterface $clock,
    ) {
    }

    #[AsEventListener]
    public function started(WorkerStartedEvent $event): void
    {
        $this->looked = $this->tells = $this->busy = $this->clock->now()->getTimestamp();
        $this->night->beat();
        $this->night->takeUpLeft();
    }

    #[AsEventListener]
    public function running(WorkerRunningEvent $event): void
    {
        $now = $this->clock->now()->getTimestamp();
        if ($now - $this->told >= self::EVERY_S) {
            $this->told = $now;
            $this->night->beat();
        }
        $this->tell($event->isWorkerIdle(), $now);
        if ($event->isWorkerIdle() && $now - $this->looked >= self::EVERY_S) {
            $this->looked = $now;
            $this->night->whenDue();
            $this->reminders->whenDue();
            $this->due->whenStale();
        }
    }

    /** What is new, to programmes: shortly after the work is done, and once a minute where there is always some. */
    private function tell(bool $isIdle, int $now): void
    {
        $this->busy = $isIdle ? $this->busy : $now;
        $quiet = $now - max($this->busy, $this->tells);
        if ($isIdle && ($quiet >= self::TELLS_S || $now - $this->tells >= self::EVERY_S)) {
            $this->tells = $now;
            $this->deliveries->whenDue();
        }
    }
}
