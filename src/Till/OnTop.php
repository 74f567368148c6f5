<?php

/** Reads a bill as it is typed: what is due, what comes on top, what is handed over. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Money\Bill;
use KeenThistle\Core\Money\Labels;
use KeenThistle\Core\Money\Line;
use KeenThistle\Core\Money\LineKind;
use KeenThistle\Core\Money\Payment;
use KeenThistle\Core\Money\Way;
use KeenThistle\Core\Say\Say;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;

final readonly class OnTop
{
    public function __construct(
        private Scope $scope,
        private Drafts $drafts,
        private EntityManagerInterface $manager,
    ) {
    }

    public function draft(Actor $actor, SaleForm $form): Draft
    {
        return match (true) {
            null !== $form->arrival => $this->drafts->ofArrival($actor, $form->arrival),
            null !== $form->booking => $this->drafts->ofBooking($actor, $form->booking),
            default => new Draft(null, null, null, []),
        };
    }

    /** What it comes to so far; nothing is written. */
    public function sum(Actor $actor, SaleForm $form): SumView
    {
        $draft = $this->draft($actor, $form);
        $lines = [...$draft->lines, ...$this->lines($actor, $form, $draft)];
        $total = Bill::total($lines) + $form->voucher_minor;
        $meets = Bill::meets($total, $this->payments($form)[0]);

        return new SumView($total, $meets['missing'], $meets['change'], $meets['over'], Bill::taxes($lines));
    }

    /** @return list<Line> */
    public function lines(Actor $actor, SaleForm $form, Draft $draft): array
    {
        $lines = [];
        foreach ($form->products as $p) {
            $name = 1 === $p->count ? trim($p->name) : "$p->count × ".trim($p->name);
            $lines[] = new Line(LineKind::Product, $name, $p->minor * $p->count, $p->tax_percent);
        }
        if (0 !== $form->adjust_minor) {
            $tax = $this->scope->salon($actor)->pricesOn($this->scope->today($actor))->taxPercent;
            $worker = $draft->lines[0]->person ?? '';
            $lines[] = new Line(LineKind::Adjusted, trim($form->adjust_why), $form->adjust_minor, $tax, $worker);
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
    public function payments(SaleForm $form): array
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
