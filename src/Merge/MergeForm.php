<?php

/** Which other record is the same dog. */

declare(strict_types=1);

namespace KeenThistle\Merge;

use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class MergeForm
{
    public function __construct(
        #[Text(36, 36), Says('id of the other record: what hangs on it comes to this one')] public string $other,
    ) {
    }
}
