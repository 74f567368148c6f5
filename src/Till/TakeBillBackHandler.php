<?php

/** Takes lines of a bill back by a bill of their own: what was written stays as it is. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Money\Bill;
use KeenThistle\Core\Money\LineKind;
use KeenThistle\Core\Money\Way;
use KeenThistle\Diary\Booking;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<TakeBillBack> */
final readonly class TakeBillBackHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Book $book,
        private Connection $db,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws InvalidInput for lines that are not there, or went back before */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        $sale = $this->scope->get($actor, Sale::class, $command->sale, $this->manager, 'bill');
        // Two who take the same back wait for each other here.
        $this->db->executeQuery('SELECT id FROM sale WHERE id = ? FOR UPDATE', [$sale->id->toBinary()]);
        if (null !== $sale->reverses) {
            throw Refused::conflict('This bill takes another one back: write a new bill instead.');
        }
        $place = $this->scope->get($actor, Place::class, $form->place, $this->manager, 'place');
        $gone = $this->gone($sale);
        $left = array_values(array_diff(array_keys($sale->lines), $gone));
        $chosen = [] === $form->lines ? $left : array_values(array_unique($form->lines));
        foreach ($chosen as $i => $n) {
            if (!\in_array($n, $left, true)) {
                throw InvalidInput::at("lines[$i]", 'is not on this bill, or went back already');
            }
        }
        if ([] === $left) {
            throw Refused::conflict("Bill $sale->number went back already.");
        }
        $lines = $sale->lines();
        $back = Bill::back(
            array_map(static fn (int $n) => $lines[$n], $chosen),
            $form->way,
            Way::Voucher === $form->way ? $this->voucherOf($sale) : '',
        );
        $new = $this->book->write($actor, $place, $back);
        $new->reverses = $sale;
        $new->reversed = $chosen;
        $new->dog = $sale->dog;
        $new->why = trim($form->why);
        $this->unsell($sale, $chosen);
        $this->book->held($new, null === $sale->booking ? null : $this->manager->find(Booking::class, $sale->booking));
        if (\count($chosen) === \count($left)) {
            // What it settled is open again.
            if (null !== $sale->settles) {
                $this->book->mark($sale->settles, false);
            }
            $this->db->executeStatement('UPDATE sale SET settles = NULL WHERE id = ?', [$sale->id->toBinary()]);
        }

        return new Outcome(
            ['sale' => (string) $new->id],
            [Book::entry($new, "takes back of bill $sale->number ($new->why)")],
        );
    }

    /** @return list<int> */
    private function gone(Sale $sale): array
    {
        return array_merge(
            [],
            ...array_map(
                static fn (Sale $s): array => $s->reversed,
                $this->manager->getRepository(Sale::class)->findBy(['reverses' => $sale]),
            ),
        );
    }

    /** The one it was paid with. */
    private function voucherOf(Sale $sale): string
    {
        foreach ($sale->payments() as $p) {
            if (Way::Voucher === $p->way) {
                return $p->voucher;
            }
        }
        throw InvalidInput::at('way', 'cannot be a voucher: it was not paid with one');
    }

    /**
     * A voucher that goes back is worth nothing.
     *
     * @param list<int> $chosen
     */
    private function unsell(Sale $sale, array $chosen): void
    {
        foreach ($chosen as $n) {
            if (LineKind::Voucher->value !== $sale->lines[$n]['kind']) {
                continue;
            }
            $voucher = $this->manager->getRepository(Voucher::class)->findOneBy(['sale' => $sale->id]);
            if (null === $voucher || $voucher->left !== $voucher->minor) {
                throw Refused::conflict('That voucher has been used already.');
            }
            $voucher->left = 0;
        }
    }
}
