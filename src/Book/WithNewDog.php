<?php

/** What begins with a new dog, such as its plan: each module says so itself, the book knows none of them. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

#[AutoconfigureTag]
interface WithNewDog
{
    /** Called in the transaction that keeps the dog. */
    public function begin(Dog $dog, EntityManagerInterface $manager): void;
}
