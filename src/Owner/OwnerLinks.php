<?php

/** Takes back what a link for an owner opens, and the PDF that was made of it. */

declare(strict_types=1);

namespace KeenThistle\Owner;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class OwnerLinks
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @param 'agreement'|'groom' $table what the link opens */
    public function close(EntityManagerInterface $manager, string $table, Uuid $id): void
    {
        $manager
            ->getConnection()
            ->executeStatement("UPDATE $table SET link_until = ? WHERE id = ?", [
                $this->clock->now()->format('Y-m-d H:i:s'),
                $id->toBinary(),
            ]);
        $manager->getConnection()->executeStatement('DELETE FROM owner_pdf WHERE id = ?', [$id->toBinary()]);
    }
}
