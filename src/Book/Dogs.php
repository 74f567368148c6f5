<?php

/** Finds a dog of this salon with its home and its people. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class Dogs
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    /** The dog with its household and people. @throws Refused 404 */
    public function get(Actor $actor, string $id): Dog
    {
        if (!Uuid::isValid($id)) {
            throw Refused::notFound('dog');
        }
        $dog = $this->manager
            ->createQuery(
                'SELECT d, o, h, c FROM '.
                    Dog::class.
                    ' d JOIN d.salon o JOIN d.household h LEFT JOIN h.clients c WHERE d.id = :id',
            )
            ->setParameter('id', Uuid::fromString($id), 'uuid')
            ->getOneOrNullResult();
        if ($dog instanceof Dog) {
            return $dog;
        }
        $this->scope->logIfForeign($actor, 'dog', $id, 'dog');
        throw Refused::notFound('dog');
    }
}
