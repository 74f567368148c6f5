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
use KeenThistle\Core\Money\Payment;
use KeenThistle\Core\Money\Way;
use KeenThistle\Core\Say\Say;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;

/** @implements Handler<SettleBill> */
final readonly class SettleBillHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Drafts $drafts,
        private Book $book,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws InvalidInput where it does not add up */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        $place = $this->scope->get($actor, Place::class, $form->place, $this->manager, 'place');
        $draft = match (true) {
            null !== $form->arrival => $this->drafts->ofArrival($actor, $form->arrival),
            null !== $form->booking => $this->drafts->ofBooking($actor, $form->booking),
            default => new Draft(null, null, null, []),
        };
        $due = Bill::total($draft->lines);
        if ($due !== $form->due_minor) {
            throw Refused::stale('What is due has changed since this was shown. Look at it once more.', [
                'theirs' => ['due_minor' => $due],
                'version' => 0,
            ]);
        }
        $lines = [...$draft->lines, ...$this->onTop($actor, $form, $draft)];
        $sold = $form->voucher_minor > 0
            ? new Voucher($this->scope->salon($actor), $form->voucher_minor)
            : null;
        if (null !== $sold) {
            $lines[] = new Line(LineKind::Voucher, Labels::of(LineKind::Voucher, $sold->code), $sold->minor);
        }
        [$payments, $left] = $this->payments($form);
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

    /** @return list<Line> */
    private function onTop(Actor $actor, SaleForm $form, Draft $draft): array
    {
        $lines = [];
        foreach ($form->products as $p) {
            $name = 1 === $p->count ? trim($p->name) : "$p->count × ".trim($p->name);
            $lines[] = new Line(LineKind::Product, $name, $p->minor * $p->count, $p->tax_percent);
        }
        if (0 !== $form->adjust_minor) {
            $why = trim($form->adjust_why);
            if ('' === $why) {
                throw InvalidInput::at('adjust_why', 'is needed: the owner reads it on the receipt');
            }
            $tax = $this->scope->salon($actor)->pricesOn($this->scope->today($actor))->taxPercent;
            $worker = $draft->lines[0]->person ?? '';
            $lines[] = new Line(LineKind::Adjusted, $why, $form->adjust_minor, $tax, $worker);
        }
        if ($form->tip_minor > 0) {
            $lines[] = new Line(
                LineKind::Tip,
                Labels::of(LineKind::Tip),
                $form->tip_minor,
                person: $this->tipped($actor, $form, $draft),
            );
        }
        if ($form->deposit_minor > 0) {
            if (null === $draft->booking || null !== $draft->settles) {
                throw InvalidInput::at('deposit_minor', 'is taken for a visit that is booked');
            }
            $about = $draft->booking->dog->name.', '.Say::day($draft->booking->day);
            $lines[] = new Line(LineKind::Deposit, Labels::of(LineKind::Deposit, $about), $form->deposit_minor);
        }

        return $lines;
    }

    private function tipped(Actor $actor, SaleForm $form, Draft $draft): string
    {
        if (null !== $form->tip_person) {
            return (string) $this->scope->get(
                $actor,
                Staff::class,
                $form->tip_person,
                $this->manager,
                'person',
            )->id;
        }
        $worker = $draft->lines[0]->person ?? '';

        return '' === $worker ? (string) $actor->staff : $worker;
    }

    /** @return array{list<Payment>, array<string, int>} and what is left on the vouchers that are named */
    private function payments(SaleForm $form): array
    {
        $payments = $left = [];
        foreach ($form->payments as $p) {
            $code = Way::Voucher === $p->way ? Voucher::typed($p->voucher) : '';
            $payments[] = new Payment($p->way, $p->minor, $code);
            $voucher = '' === $code
                ? null
                : $this->manager->getRepository(Voucher::class)->findOneBy(['code' => $code]);
            if (null !== $voucher) {
                $left[$code] = $voucher->left;
            }
        }

        return [$payments, $left];
    }
}
