<?php

/** Begins a price list on a day that has none. */

declare(strict_types=1);

namespace KeenThistle\Price;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Salon\PriceList;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<BeginPrices> */
final readonly class BeginPricesHandler implements Handler
{
    public function __construct(private PriceRows $rows, private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    /** @throws InvalidInput for a day that is past or taken, an extra named twice */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->form;
        $this->rows->mustBeFree($actor, $form->begins);
        $salon = $this->scope->salon($actor);
        $list = new PriceList(Uuid::v7(), $salon, $form->begins);
        $form->onto($list);
        $this->manager->persist($list);
        $salon->prices->add($list);

        return new Outcome(['list' => (string) $list->id], [PriceRows::entry($list, 'written down')], allCards: true);
    }
}
