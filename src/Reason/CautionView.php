<?php

/** A warning. A response record. */

declare(strict_types=1);

namespace KeenThistle\Reason;

use KeenThistle\Input\Gives;

#[Gives('array{code: string, message: string, level: \'note\'|\'caution\'|\'danger\'}')]
final class CautionView
{
}
