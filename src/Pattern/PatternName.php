<?php

/** Two patterns of a salon have two names. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Input\InvalidInput;

final class PatternName
{
    private function __construct()
    {
    }

    /** @throws InvalidInput where another pattern has the name that is being kept */
    public static function kept(EntityManagerInterface $manager): void
    {
        try {
            $manager->flush();
        } catch (UniqueConstraintViolationException) {
            throw InvalidInput::at('name', 'is the name of another pattern');
        }
    }
}
