<?php

/** Mixes bottles and takes the concentrate from the stock. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Wash\BottleRule;
use KeenThistle\Core\Wash\MixRule;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<MixBottles> */
final readonly class MixBottlesHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $product = $this->scope->get($actor, Product::class, $command->mix->product, $this->manager, 'product');
        $this->manager->refresh($product, LockMode::PESSIMISTIC_WRITE);
        $staff = $this->scope->person($actor);
        $today = $this->scope->today($actor);
        $mix = (new MixRule())->litres($command->mix->litres, $product->ratio);
        $fill = (new BottleRule())->fill(
            $mix,
            $product->name,
            $product->ratio,
            $product->bottleMl,
            $today,
            $product->labelDays,
            $command->mix->discard_by,
            $product->litreMinor,
            $product->stockMl,
        );
        $count = \is_int($fill['bottles']) ? $fill['bottles'] : 1;
        $by = new \DateTimeImmutable(\is_string($fill['discard_by']) ? $fill['discard_by'] : 'today');
        $left = 1000 * $mix->litres;
        for ($i = 0; $i < $count; ++$i) {
            $ml = min($left, (float) $product->bottleMl);
            $left -= $ml;
            $concentrate = ($mix->concentrate * $ml) / (1000 * $mix->litres);
            $this->manager->persist(new Bottle(Uuid::v7(), $product, $staff, $ml, $concentrate, $today, $by));
        }
        // The jug may hold more than was counted: what is poured is poured.
        $product->stockMl = max(0.0, round($product->stockMl - $mix->concentrate, 1));
        $words = \sprintf('%s l mixed, %d %s', round($mix->litres, 2), $count, 1 === $count ? 'bottle' : 'bottles');

        return new Outcome(entries: [$product->entry($words)]);
    }
}
