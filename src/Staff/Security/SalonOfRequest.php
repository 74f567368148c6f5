<?php

/** Keeps an entity manager to the salon of who is asking, from the moment it is made; most requests make none. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use Doctrine\Bundle\DoctrineBundle\ManagerConfigurator;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Staff\Actor;
use Symfony\Component\DependencyInjection\Attribute\AsDecorator;
use Symfony\Component\DependencyInjection\Attribute\AutowireDecorated;
use Symfony\Component\VarExporter\LazyObjectInterface;
use Symfony\Contracts\Service\ResetInterface;

#[AsDecorator('doctrine.orm.default_manager_configurator')]
final class SalonOfRequest implements ResetInterface
{
    private ?string $salon = null;

    public function __construct(#[AutowireDecorated] private readonly ManagerConfigurator $inner)
    {
    }

    public function is(Actor $actor, EntityManagerInterface $manager): void
    {
        $this->salon = bin2hex($actor->salon->toBinary());
        if (!($manager instanceof LazyObjectInterface) || $manager->isLazyObjectInitialized()) {
            $this->keep($manager);
        }
    }

    /** Called by the container for every manager it makes. */
    public function configure(EntityManagerInterface $manager): void
    {
        $this->inner->configure($manager);
        $this->keep($manager);
    }

    public function reset(): void
    {
        $this->salon = null;
    }

    private function keep(EntityManagerInterface $manager): void
    {
        if (null !== $this->salon) {
            $manager->getFilters()->enable('salon')->setParameter('salon', $this->salon);
        }
    }
}
