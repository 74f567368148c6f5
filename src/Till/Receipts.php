<?php

/** Finds receipts by their links. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Owner\OwnerLink;
use KeenThistle\Owner\Secret;
use Symfony\Component\Clock\ClockInterface;

final readonly class Receipts
{
    public function __construct(
        private Secret $secret,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    /** A dog that has gone to another home since takes its receipts with it to nobody. */
    public function path(Sale $sale): string
    {
        $home = $sale->dog?->household->id->toBinary() ?? '';

        return '/receipt/'.$this->secret->token('receipt', $sale->id, $home);
    }

    /** Null: nobody made that link, or it has run out. */
    public function openedBy(string $token): ?Sale
    {
        $sale = $this->manager->find(Sale::class, Secret::id($token));
        if (null === $sale || !hash_equals($this->path($sale), "/receipt/$token")) {
            return null;
        }

        return OwnerLink::isOpen($sale->at->modify(OwnerLink::VALID), $this->clock->now()) ? $sale : null;
    }
}
