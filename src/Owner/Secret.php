<?php

/** The part of a link that nobody guesses: it follows from an id and the server's key, and is kept nowhere. */

declare(strict_types=1);

namespace KeenThistle\Owner;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Uid\Uuid;

final readonly class Secret
{
    public const PATTERN = '[0-9a-f]{64}';

    private const BYTES = 16;

    public function __construct(#[Autowire('%kernel.secret%'), \SensitiveParameter] private string $secret)
    {
    }

    /**
     * @param string $for what it opens: another purpose, another secret
     * @param string $with what else has to be as it was when the link was made
     */
    public function token(string $for, Uuid $id, string $with = ''): string
    {
        $raw = $id->toBinary();

        return bin2hex($raw.substr(hash_hmac('sha256', "$for $raw$with", $this->secret, true), 0, self::BYTES));
    }

    /** The id that a token claims to be of; what it opens has to make the same token. */
    public static function id(string $token): Uuid
    {
        $raw = 1 === preg_match('/^'.self::PATTERN.'$/D', $token) ? (string) hex2bin($token) : str_repeat("\0", 32);

        return Uuid::fromBinary(substr($raw, 0, self::BYTES));
    }
}
