<?php

/** Adds a product. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<AddProduct> */
final readonly class AddProductHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $product = new Product(Uuid::v7(), $this->scope->salon($actor), '', 'shampoo', 1.0);
        $command->product->into($product);
        $this->manager->persist($product);

        return new Outcome(entries: [$product->entry('new')]);
    }
}
