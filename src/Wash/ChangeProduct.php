<?php

/** Change a product, its stock, or take it out of use. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Command\Command;

final readonly class ChangeProduct implements Command
{
    public function __construct(public string $id, public int $version, public ProductForm $product)
    {
    }
}
