<?php

/** The id of something new: as a device without a signal gave it, else our own. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Input\InvalidInput;
use Symfony\Component\Uid\Uuid;

final class GivenId
{
    private function __construct()
    {
    }

    /** @throws InvalidInput for what is no id */
    public static function of(?string $given): Uuid
    {
        if (null === $given) {
            return Uuid::v7();
        }

        return Uuid::isValid($given) ? Uuid::fromString($given) : throw InvalidInput::at('id', 'must be a UUID');
    }
}
