<?php

/** A command as a row keeps it: its class and what it says, in JSON. */

declare(strict_types=1);

namespace KeenThistle\Work;

use KeenThistle\Command\Command;

final class Written
{
    private function __construct()
    {
    }

    public static function write(Command $command): string
    {
        return json_encode([$command::class, get_object_vars($command)], \JSON_THROW_ON_ERROR);
    }

    /** @throws \UnexpectedValueException for a command that this release does not know */
    public static function read(string $json): Command
    {
        $given = json_decode($json, true);
        [$class, $says] = \is_array($given) && 2 === \count($given) ? array_values($given) : [null, null];
        if (!\is_string($class) || !is_subclass_of($class, Command::class) || !\is_array($says)) {
            throw new \UnexpectedValueException('This work was begun by another release and is not known here.');
        }
        try {
            return new $class(...$says);
        } catch (\Error) {
            throw new \UnexpectedValueException('This work was begun by another release and is not known here.');
        }
    }
}
