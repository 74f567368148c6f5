<?php

/** Whose own a tool is. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;

final readonly class Keepers
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function of(Actor $actor, ?string $id): ?Staff
    {
        return null === $id || '' === $id
            ? null
            : $this->scope->get($actor, Staff::class, $id, $this->manager, 'person');
    }
}
