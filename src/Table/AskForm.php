<?php

/** What the owner is asked. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class AskForm
{
    public function __construct(
        #[Text(0, 1000), Says('left out: the draft as it is shown')] public ?string $text = null,
    ) {
    }
}
