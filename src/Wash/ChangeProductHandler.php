<?php

/** Changes a product. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<ChangeProduct> */
final readonly class ChangeProductHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $product = $this->scope->get($actor, Product::class, $command->id, $this->manager, 'product');
        if ($product->version !== $command->version) {
            throw Refused::stale('Somebody changed this product meanwhile, or mixed from it.', [
                'version' => $product->version,
                'theirs_stock_ml' => $product->stockMl,
            ]);
        }
        $command->product->into($product);

        return new Outcome(entries: [$product->entry($product->active ? 'changed' : 'out of use')]);
    }
}
