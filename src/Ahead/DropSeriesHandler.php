<?php

/** Cancels the visits of a series that are still to come; what is done, and today's, stays. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Diary\Booking;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<DropSeries> */
final readonly class DropSeriesHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        if (!Uuid::isValid($command->series)) {
            throw Refused::notFound('series');
        }
        $this->scope->apply($actor, $this->manager);
        $its = $this->manager
            ->getRepository(Booking::class)
            ->findBy(['series' => Uuid::fromString($command->series), 'salon' => $this->scope->salon($actor)]);
        if ([] === $its) {
            throw Refused::notFound('series');
        }
        $today = $this->scope->today($actor)->format('Y-m-d');
        $entries = [];
        foreach ($its as $booking) {
            if ('booked' === $booking->state && $booking->day->format('Y-m-d') > $today) {
                $booking->cancel();
                $entries[] = $booking->entry('cancelled');
            }
        }

        return new Outcome(['cancelled' => \count($entries)], $entries);
    }
}
