<?php

/** An error as the API tells it (RFC 9457), thrown from anywhere below a controller. */

declare(strict_types=1);

namespace KeenThistle\Http;

final class Problem extends \RuntimeException
{
    /**
     * @param string $type last part of the problem's type
     * @param list<array{field: string, message: string}> $errors
     * @param array<string, mixed> $extra further members of the document
     * @param array<string, string> $headers
     */
    private function __construct(
        public readonly int $status,
        public readonly string $type,
        string $title,
        public readonly array $errors = [],
        public readonly array $extra = [],
        public readonly array $headers = [],
    ) {
        parent::__construct($title);
    }

    public static function notFound(string $what): self
    {
        return new self(404, 'not-found', "There is no such $what in this salon.");
    }

    public static function signInNeeded(): self
    {
        return new self(401, 'sign-in-needed', 'Sign in to go on. What you typed is still here.');
    }

    public static function wrongCredentials(string $title): self
    {
        return new self(401, 'wrong-credentials', $title);
    }

    public static function forbidden(string $title = 'Your role does not allow this.'): self
    {
        return new self(403, 'forbidden', $title);
    }

    public static function tooManyTries(int $seconds): self
    {
        return new self(
            429,
            'too-many-tries',
            \sprintf('Too many tries. Wait %d seconds and try again.', $seconds),
            headers: ['Retry-After' => (string) $seconds],
        );
    }

    /** @param list<array{field: string, message: string}> $errors */
    public static function invalid(array $errors): self
    {
        return new self(422, 'invalid-input', 'Some of this cannot be accepted.', $errors);
    }

    public static function field(string $field, string $message): self
    {
        return self::invalid([['field' => $field, 'message' => $message]]);
    }

    public static function badRequest(string $title): self
    {
        return new self(400, 'bad-request', $title);
    }

    public static function versionNeeded(): self
    {
        return new self(428, 'version-needed', 'Name the version you changed in If-Match.');
    }

    /** @param array<string, mixed> $extra what the other person saved */
    public static function stale(string $title, array $extra): self
    {
        return new self(412, 'changed-meanwhile', $title, extra: $extra);
    }

    public static function conflict(string $title): self
    {
        return new self(409, 'conflict', $title);
    }

    public static function resting(): self
    {
        return new self(
            503,
            'resting',
            "The salon's server is not answering. What you typed is still here; try again in a moment.",
            headers: ['Retry-After' => '3'],
        );
    }

    public static function busy(): self
    {
        return new self(
            503,
            'busy',
            'Others are writing to the same just now. What you typed is still here; try again in a moment.',
            headers: ['Retry-After' => '2'],
        );
    }

    public static function noRoom(string $title): self
    {
        return new self(507, 'no-room', $title);
    }

    public static function unexpected(): self
    {
        return new self(500, 'unexpected', 'Something went wrong on our side. Nothing was changed; try again.');
    }

    public static function http(int $status): self
    {
        return match ($status) {
            404 => new self(404, 'not-found', 'There is nothing at this address.'),
            405 => new self(405, 'method-not-allowed', 'This address does not take that method.'),
            default => new self($status, 'http-'.$status, 'The request could not be answered.'),
        };
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return ['type' => '/problems/'.$this->type, 'title' => $this->getMessage(), 'status' => $this->status] +
            ([] === $this->errors ? [] : ['errors' => $this->errors]) +
            $this->extra;
    }
}
