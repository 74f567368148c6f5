<?php

/** Changes a price list that nothing was charged by yet. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Staff\Actor;

/** @implements Handler<ChangePrices> */
final readonly class ChangePricesHandler implements Handler
{
    public function __construct(private PriceRows $rows)
    {
    }

    /** @throws InvalidInput for a day that is past or taken, an extra named twice */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $list = $this->rows->open($actor, $command->list, $command->version);
        $this->rows->mustBeFree($actor, $command->form->begins, $list);
        $list->begins = $command->form->begins;
        $command->form->onto($list);

        return new Outcome(entries: [PriceRows::entry($list, 'changed')], allCards: true);
    }
}
