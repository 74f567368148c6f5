<?php

/** An error as the API tells it (RFC 9457). */

declare(strict_types=1);

namespace KeenThistle\Http;

use KeenThistle\Refusal\Kind;
use KeenThistle\Refusal\Refused;

final readonly class Problem
{
    /**
     * @param string $type last part of the problem's type
     * @param list<array{field: string, message: string}> $errors
     * @param array<string, mixed> $extra further members of the document
     * @param array<string, string> $headers
     */
    private function __construct(
        public int $status,
        private string $type,
        private string $title,
        private array $errors = [],
        private array $extra = [],
        public array $headers = [],
    ) {
    }

    public static function of(Refused $refused): self
    {
        return new self(
            self::status($refused->kind),
            $refused->kind->value,
            $refused->getMessage(),
            $refused->errors,
            $refused->extra,
            null === $refused->againInS ? [] : ['Retry-After' => (string) $refused->againInS],
        );
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

    public static function status(Kind $kind): int
    {
        return match ($kind) {
            Kind::BadRequest => 400,
            Kind::SignInNeeded, Kind::WrongCredentials => 401,
            Kind::Forbidden => 403,
            Kind::NotFound => 404,
            Kind::Conflict => 409,
            Kind::ChangedMeanwhile => 412,
            Kind::InvalidInput => 422,
            Kind::VersionNeeded => 428,
            Kind::TooManyTries => 429,
            Kind::Busy, Kind::Resting => 503,
            Kind::NoRoom => 507,
        };
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return ['type' => '/problems/'.$this->type, 'title' => $this->title, 'status' => $this->status] +
            ([] === $this->errors ? [] : ['errors' => $this->errors]) +
            $this->extra;
    }
}
