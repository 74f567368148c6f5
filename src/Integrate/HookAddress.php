<?php

/** Where a programme may be told of changes: over TLS, to a name, without a name and password in it. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Core\Input\InvalidInput;

final class HookAddress
{
    private function __construct()
    {
    }

    /** @throws InvalidInput */
    public static function check(string $address): void
    {
        if ('' === $address) {
            return;
        }
        $parts = parse_url($address);
        $host = \is_array($parts) ? $parts['host'] ?? '' : '';
        $good =
            \is_array($parts)
            && 'https' === ($parts['scheme'] ?? '')
            && !isset($parts['user'])
            && 1 === preg_match('/^(?=.{4,253}$)([a-z0-9]([a-z0-9-]*[a-z0-9])?\.)+[a-z]{2,}$/iD', $host);
        if (!$good) {
            throw InvalidInput::at('tell', 'must begin with https:// and name a server in words, not in numbers');
        }
    }
}
