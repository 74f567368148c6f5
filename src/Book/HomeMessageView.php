<?php

/** A message on the page of the home that it went to. A response record. */

declare(strict_types=1);

namespace KeenThistle\Book;

final readonly class HomeMessageView
{
    public function __construct(public string $at, public string $dog, public string $text, public string $state)
    {
    }
}
