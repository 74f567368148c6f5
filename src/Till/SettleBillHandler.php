<?php

/** Settles a bill: what is due by the salon's own rows, what comes on top, and what was handed over. */

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
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<SettleBill> */
final readonly class SettleBillHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private OnTop $onTop,
        private Book $book,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws InvalidInput where it does not add up */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        $place = $this->scope->get($actor, Place::class, $form->place, $this->manager, 'place');
        $draft = $this->onTop->draft($actor, $form);
        $due = Bill::total($draft->lines);
        if ($due !== $form->due_minor) {
            throw Refused::stale('What is due has changed since this was shown. Look at it once more.', [
                'theirs' => ['due_minor' => $due],
                'version' => 0,
            ]);
        }
        $lines = [...$draft->lines, ...$this->onTop->lines($actor, $form, $draft)];
        if (0 !== $form->adjust_minor && '' === trim($form->adjust_why)) {
            throw InvalidInput::at('adjust_why', 'is needed: the owner reads it on the receipt');
        }
        $sold = $form->voucher_minor > 0
            ? new Voucher($this->scope->salon($actor), $form->voucher_minor)
            : null;
        if (null !== $sold) {
            $lines[] = new Line(LineKind::Voucher, Labels::of(LineKind::Voucher, $sold->code), $sold->minor);
        }
        [$payments, $left] = $this->onTop->payments($form);
        $bill = Bill::of($lines, $payments, $left);
        $sale = $this->book->write($actor, $place, $bill, $draft->settles);
        $sale->dog = $draft->dog;
        $this->book->held($sale, $draft->booking);
        if (null !== $sold) {
            $sold->sale = $sale->id;
            $this->manager->persist($sold);
        }

        return new Outcome(['sale' => (string) $sale->id], [Book::entry($sale, 'paid')]);
    }
}
