<?php

/** What is changed of a home's people on one dog's card stands on the others' too. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\EntityManagerInterface;

final readonly class Homes
{
    public function __construct(private DogIndex $index)
    {
    }

    /** Open forms and cards of the other dogs of this home are old now. */
    public function changed(EntityManagerInterface $manager, Dog $dog): void
    {
        foreach ($manager->getRepository(Dog::class)->findBy(['household' => $dog->household]) as $other) {
            $this->index->refresh($other);
        }
        $manager
            ->getConnection()
            ->executeStatement(
                'UPDATE dog SET version = version + 1, row_version = row_version + 1, card_version = '.
                    'card_version + 1 WHERE household_id = ? AND id <> ?',
                [$dog->household->id->toBinary(), $dog->id->toBinary()],
            );
    }
}
