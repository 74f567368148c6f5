<?php

/** A new product stands on the shelf. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Command\Command;

final readonly class AddProduct implements Command
{
    public function __construct(public ProductForm $product)
    {
    }
}
