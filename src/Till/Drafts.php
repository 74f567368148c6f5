<?php

/** Finds what somebody is about to pay: for a dog that is ready, for a visit nobody came to, for a deposit. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Core\Money\Bill;
use KeenThistle\Core\Money\Labels;
use KeenThistle\Core\Money\Line;
use KeenThistle\Core\Money\LineKind;
use KeenThistle\Core\Say\Say;
use KeenThistle\Diary\Booking;
use KeenThistle\Floor\Today;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Table\Groom;

final readonly class Drafts
{
    public function __construct(private Scope $scope, private Today $today, private EntityManagerInterface $manager)
    {
    }

    /** @throws Refused where its table is not closed, or it was paid */
    public function ofArrival(Actor $actor, string $id): Draft
    {
        $arrival = $this->scope->get($actor, Arrival::class, $id, $this->manager, 'arrival');
        $settles = 'a:'.$arrival->id->toBase32();
        $this->mustBeOpen($settles, $arrival->dog->name);
        $groom = $this->manager
            ->getRepository(Groom::class)
            ->findOneBy(['arrival' => $arrival], ['openedAt' => 'DESC']);
        if (null === $groom?->closedAt) {
            throw Refused::conflict("{$arrival->dog->name} is not ready: finish at the table first.");
        }
        $tax = $arrival->salon->pricesOn($arrival->day)->taxPercent;
        $lines = [];
        $price = $groom->estimate['price_minor'] ?? null;
        if (null !== $price) {
            $by = (string) ($groom->closedBy ?? $groom->openedBy)->id;
            $lines[] = new Line(LineKind::Work, Labels::work($arrival->kind), $price, $tax, $by);
        }
        $late = $this->today->lateFee($actor, $arrival);
        if ($late > 0) {
            $lines[] = new Line(LineKind::Late, Labels::of(LineKind::Late), $late, $tax);
        }
        $booking = $this->manager
            ->getRepository(Booking::class)
            ->findOneBy(['dog' => $arrival->dog, 'day' => $arrival->day, 'state' => 'booked'], ['time' => 'ASC']);

        return new Draft(
            $settles,
            $arrival->dog,
            $booking,
            self::withDeposit($lines, $booking),
            $groom->estimate['price_terms'] ?? [],
        );
    }

    /** @throws Refused where nothing is asked for it, or it was paid */
    public function ofBooking(Actor $actor, string $id): Draft
    {
        $booking = $this->scope->get($actor, Booking::class, $id, $this->manager, 'booking');
        if ('booked' === $booking->state) {
            // Only a deposit is taken for what is still to come.
            return new Draft(null, $booking->dog, $booking, []);
        }
        $settles = 'b:'.$booking->id->toBase32();
        $this->mustBeOpen($settles, $booking->dog->name);
        if (0 === $booking->charge || '' !== $booking->letGo) {
            throw Refused::conflict('Nothing is asked for this visit.');
        }
        $kind = 'missed' === $booking->state ? LineKind::Missed : LineKind::Cancelled;
        $line = new Line($kind, Labels::of($kind, Say::day($booking->day)), $booking->charge);

        return new Draft($settles, $booking->dog, $booking, self::withDeposit([$line], $booking));
    }

    private function mustBeOpen(string $settles, string $name): void
    {
        $paid = $this->manager->getRepository(Sale::class)->findOneBy(['settles' => $settles]);
        if (null !== $paid) {
            throw Refused::conflict("$name was paid for already: bill $paid->number, by {$paid->staff->name}.");
        }
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<Line> with as much of the deposit as there is to pay
     */
    public static function withDeposit(array $lines, ?Booking $booking): array
    {
        $used = min($booking->deposit ?? 0, Bill::total($lines));

        return $used <= 0
            ? $lines
            : [...$lines, new Line(LineKind::DepositUsed, Labels::of(LineKind::DepositUsed), -$used)];
    }
}
