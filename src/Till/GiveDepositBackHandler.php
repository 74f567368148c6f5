<?php

/** Gives back what is still held for a visit, by a bill of its own. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Money\Bill;
use KeenThistle\Core\Money\Labels;
use KeenThistle\Core\Money\Line;
use KeenThistle\Core\Money\LineKind;
use KeenThistle\Core\Money\Way;
use KeenThistle\Core\Say\Say;
use KeenThistle\Diary\Booking;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<GiveDepositBack> */
final readonly class GiveDepositBackHandler implements Handler
{
    public function __construct(private Scope $scope, private Book $book, private EntityManagerInterface $manager)
    {
    }

    /** @throws Refused where nothing is held */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        $booking = $this->scope->get($actor, Booking::class, $command->booking, $this->manager, 'booking');
        $place = $this->scope->get($actor, Place::class, $form->place, $this->manager, 'place');
        if (0 === $booking->deposit) {
            throw Refused::conflict('Nothing is held for this visit any more.');
        }
        if (Way::Voucher === $form->way) {
            throw InvalidInput::at('way', 'must be cash, card or transfer');
        }
        $about = Labels::of(LineKind::Deposit, $booking->dog->name.', '.Say::day($booking->day));
        $bill = Bill::back([new Line(LineKind::Deposit, $about, $booking->deposit)], $form->way);
        $sale = $this->book->write($actor, $place, $bill);
        $sale->dog = $booking->dog;
        $sale->why = 'deposit given back';
        $this->book->held($sale, $booking);

        return new Outcome(['sale' => (string) $sale->id], [Book::entry($sale, 'deposit given back')]);
    }
}
