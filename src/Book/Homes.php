<?php

/** What is changed of a home's people on one dog's card stands on the others' too. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Salon\Salon;
use Symfony\Component\Uid\Uuid;

final readonly class Homes
{
    public function __construct(private DogIndex $index)
    {
    }

    /** A new home with its first person; called by the last word of their name. */
    public function begin(EntityManagerInterface $manager, Salon $salon, OwnerForm $owner): Household
    {
        $name = trim($owner->name);
        $words = explode(' ', $name);
        $home = new Household(Uuid::v7(), $salon, end($words));
        $client = new Client(Uuid::v7(), $home, $name, trim($owner->phone));
        $client->email = trim($owner->email);
        $manager->persist($home);

        return $home;
    }

    /** Open forms and cards of the other dogs of this home are old now, and so is its own page. */
    public function changed(EntityManagerInterface $manager, Dog $dog): void
    {
        foreach ($manager->getRepository(Dog::class)->findBy(['household' => $dog->household]) as $other) {
            $this->index->refresh($other);
        }
        $home = $dog->household->id->toBinary();
        $db = $manager->getConnection();
        $db->executeStatement(
            'UPDATE dog SET version = version + 1, row_version = row_version + 1, card_version = '.
                'card_version + 1 WHERE household_id = ? AND id <> ?',
            [$home, $dog->id->toBinary()],
        );
        $db->executeStatement('UPDATE household SET version = version + 1 WHERE id = ?', [$home]);
    }
}
