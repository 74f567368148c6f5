<?php

/** Lets go what house terms ask for a visit, with why; an empty why takes that back. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Diary\Booking;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<LetGo> */
final readonly class LetGoHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    /** @throws Refused where nothing is asked, or it was paid */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $booking = $this->scope->get($actor, Booking::class, $command->booking, $this->manager, 'booking');
        $booking->mustBe($command->version);
        if (0 === $booking->charge) {
            throw Refused::conflict('Nothing is asked for this visit.');
        }
        $paid = $this->manager
            ->getRepository(Sale::class)
            ->findOneBy(['settles' => 'b:'.$booking->id->toBase32()]);
        if (null !== $paid) {
            throw Refused::conflict("It was paid already: bill $paid->number. Take that back first.");
        }
        $booking->letGo = trim($command->why);

        return new Outcome(entries: [
            $booking->entry('' === $booking->letGo ? 'charged after all' : "let go ($booking->letGo)"),
        ]);
    }
}
