<?php

/** Something was not done, with the reason in plain words; thrown from wherever it is found out. */

declare(strict_types=1);

namespace KeenThistle\Refusal;

/** Knows nothing of how it was asked for: the edge of requests makes a problem document of it (Http\Problem). */
final class Refused extends \RuntimeException
{
    /**
     * @param list<array{field: string, message: string}> $errors
     * @param array<string, mixed> $extra what else is to be known, such as what the other person saved
     * @param int|null $againInS seconds after which it may be tried again
     */
    private function __construct(
        public readonly Kind $kind,
        string $title,
        public readonly array $errors = [],
        public readonly array $extra = [],
        public readonly ?int $againInS = null,
    ) {
        parent::__construct($title);
    }

    public static function notFound(string $what): self
    {
        return new self(Kind::NotFound, "There is no such $what in this salon.");
    }

    /** @param string $title what has become of it */
    public static function gone(string $title): self
    {
        return new self(Kind::NotFound, $title);
    }

    public static function signInNeeded(): self
    {
        return new self(Kind::SignInNeeded, 'Sign in to go on. What you typed is still here.');
    }

    public static function tokenNeeded(): self
    {
        return new self(Kind::SignInNeeded, 'This token opens nothing: it has run out, was ended, or was never given.');
    }

    public static function wrongCredentials(string $title): self
    {
        return new self(Kind::WrongCredentials, $title);
    }

    public static function forbidden(string $title = 'Your role does not allow this.'): self
    {
        return new self(Kind::Forbidden, $title);
    }

    public static function tooManyTries(int $seconds): self
    {
        return new self(
            Kind::TooManyTries,
            \sprintf('Too many tries. Wait %d seconds and try again.', $seconds),
            againInS: $seconds,
        );
    }

    /** @param list<array{field: string, message: string}> $errors */
    public static function invalid(array $errors): self
    {
        return new self(Kind::InvalidInput, 'Some of this cannot be accepted.', $errors);
    }

    public static function field(string $field, string $message): self
    {
        return self::invalid([['field' => $field, 'message' => $message]]);
    }

    public static function badRequest(string $title): self
    {
        return new self(Kind::BadRequest, $title);
    }

    public static function versionNeeded(): self
    {
        return new self(Kind::VersionNeeded, 'Name the version you changed in If-Match.');
    }

    /** @param array<string, mixed> $extra what the other person saved */
    public static function stale(string $title, array $extra): self
    {
        return new self(Kind::ChangedMeanwhile, $title, extra: $extra);
    }

    public static function conflict(string $title): self
    {
        return new self(Kind::Conflict, $title);
    }

    public static function resting(): self
    {
        return new self(
            Kind::Resting,
            "The salon's server is not answering. What you typed is still here; try again in a moment.",
            againInS: 3,
        );
    }

    public static function busy(): self
    {
        return new self(
            Kind::Busy,
            'Others are writing to the same just now. What you typed is still here; try again in a moment.',
            againInS: 2,
        );
    }

    public static function noRoom(string $title): self
    {
        return new self(Kind::NoRoom, $title);
    }
}
