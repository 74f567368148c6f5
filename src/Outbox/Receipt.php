<?php

/** What a sender answers. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

final readonly class Receipt
{
    public function __construct(public bool $taken, public string $words)
    {
    }
}
