<?php

/** Gives a calendar a new link, or takes its link back; links of before open nothing any more. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<ShareCalendar> */
final readonly class ShareCalendarHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Calendars $calendars,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $subject = $this->calendars->subject($actor, $command->subject);
        $link = $this->manager->getRepository(CalendarLink::class)->findOneBy(['subject' => $subject]);
        if (null === $link) {
            $link = new CalendarLink($this->scope->salon($actor), $subject);
            $this->manager->persist($link);
        }
        $link->open = $command->open;
        if ($command->open) {
            ++$link->round;
        }
        $what = $command->open ? 'a calendar has a new link' : 'the link of a calendar was taken back';

        return new Outcome(entries: [new Entry(null, 'calendar', (string) $link->id, $what)]);
    }
}
