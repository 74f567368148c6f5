<?php

/** Sends the home of the dog the link to a receipt. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Money\Labels;
use KeenThistle\Outbox\Message;
use KeenThistle\Outbox\Outbox;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** @implements Handler<SendReceipt> */
final readonly class SendReceiptHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Receipts $receipts,
        private Outbox $outbox,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
        #[Autowire('%env(SALON_ADDRESS)%')] private string $address,
    ) {
    }

    /** @throws Refused where nobody's address is known */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $sale = $this->scope->get($actor, Sale::class, $command->sale, $this->manager, 'bill');
        $client = $sale->dog?->household->first();
        $to = $client?->address() ?? '';
        if ('' === $to) {
            throw Refused::conflict('No home with a number or an address stands on this bill.');
        }
        $text = Labels::receiptMessage($sale->salon->name, $this->address.$this->receipts->path($sale));
        $this->outbox->post(new Message(
            $sale->dog,
            $client,
            $this->scope->person($actor),
            $this->clock->now(),
            'receipt',
            $to,
            $text,
        ));

        return new Outcome(entries: [Book::entry($sale, 'receipt sent')]);
    }
}
