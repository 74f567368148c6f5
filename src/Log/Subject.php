<?php

/** What a change is of: a dog, whose card says so. The log knows no more of it. */

declare(strict_types=1);

namespace KeenThistle\Log;

use Symfony\Component\Uid\Uuid;

interface Subject
{
    public function id(): Uuid;
}
