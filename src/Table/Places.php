<?php

/** Where somebody works: the place they name, else their own, else the salon's first. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class Places
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    /** @param string $hint what is asked for where the salon has no place at all */
    public function of(Actor $actor, ?string $id, string $hint): Place
    {
        if (null !== $id && '' !== $id) {
            return $this->scope->get($actor, Place::class, $id, $this->manager, 'place');
        }

        return $this->scope->person($actor)->place ??
            ($this->manager->getRepository(Place::class)->findOneBy(['open' => true], ['position' => 'ASC']) ??
                throw InvalidInput::missing('place', $hint));
    }
}
