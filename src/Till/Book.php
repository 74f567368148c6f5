<?php

/** Writes bills into the till's book: numbered without a gap, with what they do to deposits and vouchers. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Money\Bill;
use KeenThistle\Core\Money\LineKind;
use KeenThistle\Core\Money\Way;
use KeenThistle\Diary\Booking;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class Book
{
    private const HUNDREDTHS = 100;

    public function __construct(
        private Scope $scope,
        private Connection $db,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {
    }

    /** Of two at once the second number is taken: it is tried again. */
    public function write(Actor $actor, Place $place, Bill $bill, ?string $settles = null): Sale
    {
        $last = $this->db->fetchOne('SELECT MAX(number) FROM sale WHERE salon_id = ? FOR UPDATE', [
            $actor->salon->toBinary(),
        ]);
        $sale = new Sale(
            Uuid::v7(),
            1 + (Row::int($last) ?? 0),
            $place,
            $this->scope->person($actor),
            $this->scope->today($actor),
            $this->clock->now(),
            $bill,
        );
        $sale->settles = $settles;
        $this->manager->persist($sale);
        if (null !== $settles) {
            $this->mark($settles, true);
        }

        return $sale;
    }

    /** @param string $settles as Sale has it */
    public function mark(string $settles, bool $paid): void
    {
        [$of, $id] = explode(':', $settles);
        $this->db->executeStatement('UPDATE '.('a' === $of ? 'arrival' : 'booking').' SET paid = ? WHERE id = ?', [
            (int) $paid,
            Uuid::fromBase32($id)->toBinary(),
        ]);
    }

    /**
     * What is held for owners follows: a deposit with its visit, what is left on vouchers.
     *
     * @throws Refused where more would go back than is still held
     */
    public function held(Sale $sale, ?Booking $booking): void
    {
        foreach ($sale->lines() as $line) {
            $change = match ($line->kind) {
                LineKind::Deposit, LineKind::DepositUsed => $line->minor,
                default => 0,
            };
            if (0 === $change) {
                continue;
            }
            if (null === $booking || $booking->deposit + $change < 0) {
                throw Refused::conflict('That deposit has been used, or given back, already.');
            }
            $booking->deposit += $change;
            $sale->booking = $booking->id;
        }
        foreach ($sale->payments() as $payment) {
            if (Way::Voucher === $payment->way) {
                $voucher = $this->voucher($payment->voucher);
                $voucher->left -= $payment->minor;
                if ($voucher->left > $voucher->minor) {
                    throw Refused::conflict('That is more than the voucher was worth: give it back another way.');
                }
            }
        }
    }

    public function voucher(string $code): Voucher
    {
        return $this->manager->getRepository(Voucher::class)->findOneBy(['code' => Voucher::typed($code)])
            ?? throw Refused::conflict("There is no voucher $code.");
    }

    public static function entry(Sale $sale, string $what): Entry
    {
        return new Entry(
            $sale->dog,
            'till',
            (string) $sale->id,
            \sprintf(
                'bill %d: %s, %s %s',
                $sale->number,
                $what,
                number_format($sale->total / self::HUNDREDTHS, 2, '.', ''),
                $sale->salon->currency,
            ),
        );
    }
}
