<?php

/** What an API route takes and gives; the OpenAPI document is generated from it. */

declare(strict_types=1);

namespace KeenThistle\Http;

#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Endpoint
{
    /**
     * @param class-string|null $gives response record
     * @param array{class-string, string}|null $takes class and static method giving the Shape of a body that is not
     *     an argument of its own
     * @param array<string, string> $query name => description
     */
    public function __construct(
        public string $summary,
        public ?string $gives = null,
        public ?array $takes = null,
        public array $query = [],
        public int $status = 200,
    ) {
    }
}
