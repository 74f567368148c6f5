<?php

/** Lets no entity be updated that carries no version, so that no write can ever silently replace another one. */

declare(strict_types=1);

namespace KeenThistle\Salon;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;

#[AsDoctrineListener(Events::onFlush)]
final readonly class VersionGuard
{
    public function onFlush(OnFlushEventArgs $event): void
    {
        $manager = $event->getObjectManager();
        foreach ($manager->getUnitOfWork()->getScheduledEntityUpdates() as $entity) {
            if (!$manager->getClassMetadata($entity::class)->isVersioned) {
                throw new \LogicException(
                    \sprintf(
                        '%s is updated but has no version: two people could overwrite each other.',
                        $entity::class,
                    ),
                );
            }
        }
    }
}
