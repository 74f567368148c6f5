<?php

/** Closes a groom: the visit is recorded, the next ones are booked, the owner is told: all of it, or nothing. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Handling\State;
use KeenThistle\Core\Table\Board;
use KeenThistle\Diary\Booking;
use KeenThistle\Diary\Slots;
use KeenThistle\Log\Entry;
use KeenThistle\Outbox\Message;
use KeenThistle\Outbox\Outbox;
use KeenThistle\Owner\OwnerLink;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<CloseGroom> */
final readonly class CloseGroomHandler implements Handler
{
    public function __construct(
        private Slots $slots,
        private GroomRows $rows,
        private Finish $finish,
        private VisitRecorder $recorder,
        private ToolRuns $runs,
        private Scope $scope,
        private Outbox $outbox,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws Refused 409 where it is closed already */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        $groom = $this->rows->groom($actor, $command->groom, true);
        if (null !== $groom->closedAt) {
            throw Refused::conflict(
                \sprintf(
                    'This visit was closed already, by %s at %s: nothing was recorded twice.',
                    $groom->closedBy->name ?? 'somebody',
                    $groom->closedAt->setTimezone($actor->timeZone)->format('H:i'),
                ),
            );
        }
        $form->check($groom->arrival->day);
        $who = $this->scope->person($actor);
        $board = Board::of($this->rows->taps($actor, $groom));
        $now = $this->clock->now();
        [$visit, $recorded] = $this->recorder->record(
            $actor,
            (string) $groom->dog->id,
            GroomVisit::form($groom, $board, $form, $now),
            GroomVisit::zones($groom, $board, GroomVisit::kind($groom, $form)),
            GroomVisit::card($groom) ?? GroomReader::plan($groom),
        );
        $visit->leftOut = GroomVisit::leftOut($groom, $board);
        $visit->seen = GroomVisit::seen($groom);
        $entries = [$recorded, ...$this->book($actor, $groom, $who, $form->next)];
        $this->runs->record($this->manager, $groom, $board, $who, $now);
        $groom->close($who, $now);
        $groom->visit = $visit;
        $groom->careToken = bin2hex(random_bytes(16));
        $groom->linkUntil = $now->modify(OwnerLink::VALID);
        $next = array_map(
            static fn (NextVisit $n): array => ['kind' => $n->kind, 'on' => $n->on->format('Y-m-d')],
            $form->next,
        );
        $groom->care = ['sections' => $this->finish->care($actor, $groom, $board, $next)];
        $text = trim($form->message ?? '');
        if ('' !== $text) {
            $client = Finish::client($groom);
            $to = $client?->address() ?? '';
            $this->outbox->post(new Message($groom->dog, $client, $who, $now, 'ready', $to, $text));
            $entries[] = new Entry($groom->dog, 'message', (string) $groom->id, 'ready message');
        }

        return new Outcome(entries: $entries);
    }

    /**
     * Booked by who may book, where somebody is there; a wish for the desk else, with why. What is booked for that
     * moment already stays as it is.
     *
     * @param list<NextVisit> $next
     *
     * @return list<Entry>
     */
    private function book(Actor $actor, Groom $groom, Staff $who, array $next): array
    {
        $mayBook = $who->may(May::BOOK);
        $entries = [];
        foreach ($next as $n) {
            $there = $this->manager
                ->getRepository(Booking::class)
                ->findOneBy(['dog' => $groom->dog, 'slot' => Booking::slotOf($n->on, $n->time)]);
            if (null !== $there) {
                continue;
            }
            $person = null === $n->staff
                ? null
                : $this->scope->get($actor, Staff::class, $n->staff, $this->manager, 'person');
            $booking = new Booking(Uuid::v7(), $groom->dog, $person, $n->on, $n->time, $n->kind);
            $isHeld = State::from($groom->dog->state)->isBooked();
            $closed = $isHeld
                ? $this->slots->whyClosed($n->on, $n->time, $person)[1] ?? $this->slots->whyNot($booking)
                : 'no dates are held for it';
            $isBooked = $mayBook && '' === $closed;
            if (!$isBooked) {
                $booking->wish();
                $booking->staff = null;
                $booking->note = "wished by $who->name at the table".('' === $closed ? '' : "; $closed");
            }
            if ($isBooked) {
                $this->slots->take($booking);
            }
            $this->manager->persist($booking);
            $entries[] = $booking->entry($isBooked ? 'booked' : 'wished for the desk');
        }

        return $entries;
    }
}
