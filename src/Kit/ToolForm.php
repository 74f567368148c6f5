<?php

/** Where a tool lives, whose it is, whether it is in use. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class ToolForm
{
    public function __construct(
        #[Text(1, 36)] public string $place,
        #[Text(0, 36)] public ?string $keeper = null,
        #[Line(0, 200)] public string $note = '',
        #[Says('false: retired; its entries stay')] public bool $active = true,
    ) {
    }
}
