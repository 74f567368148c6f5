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

    /** All that stand open of a dog: who looked after it before has no business with it any more. */
    public function closeOfDog(EntityManagerInterface $manager, Uuid $dog): void
    {
        $open = $manager->getConnection()->fetchAllAssociative(
            "SELECT 'agreement' what, g.id FROM agreement g JOIN arrival a ON a.id = g.arrival_id
            WHERE a.dog_id = :dog AND g.link_until > :now
            UNION ALL SELECT 'groom', g.id FROM groom g WHERE g.dog_id = :dog AND g.link_until > :now",
            ['dog' => $dog->toBinary(), 'now' => $this->clock->now()->format('Y-m-d H:i:s')],
        );
        foreach ($open as $link) {
            if (\is_string($link['id'])) {
                $what = 'groom' === $link['what'] ? 'groom' : 'agreement';
                $this->close($manager, $what, Uuid::fromBinary($link['id']));
            }
        }
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
