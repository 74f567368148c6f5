<?php

/** Drops a price list that has not begun: the one before it goes on. */

declare(strict_types=1);

namespace KeenThistle\Price;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;

/** @implements Handler<DropPrices> */
final readonly class DropPricesHandler implements Handler
{
    public function __construct(private PriceRows $rows, private EntityManagerInterface $manager)
    {
    }

    /** @throws Refused for the only list there is, or where somebody was faster */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $list = $this->rows->open($actor, $command->list, $command->version);
        if (1 === $list->salon->prices->count()) {
            throw Refused::conflict('A salon has prices: change these instead.');
        }
        // Counted: of many at once one drops it, and only that one is told so.
        $gone = $this->manager
            ->getConnection()
            ->executeStatement('DELETE FROM price_list WHERE id = ? AND version = ?', [
                $list->id->toBinary(),
                $command->version,
            ]);
        if (1 !== $gone) {
            throw Refused::stale('Somebody changed or dropped these prices meanwhile.', ['version' => $list->version]);
        }
        $list->salon->prices->removeElement($list);
        $this->manager->detach($list);

        return new Outcome(entries: [PriceRows::entry($list, 'dropped')], allCards: true);
    }
}
