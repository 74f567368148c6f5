<?php

/** Who fetches a dog. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class CollectedForm
{
    public function __construct(
        #[Line(1, 120), Says('the name')] public string $with,
        #[Text(0, 200), Says('what the owner said, asked about somebody who is not on the list')]
        public string $owner_said = '',
    ) {
    }
}
