<?php

/** A dog of either salon, as its log names it. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Log\Subject;
use Symfony\Component\Uid\Uuid;

final readonly class DogOfAsk implements Subject
{
    public function __construct(private Uuid $id)
    {
    }

    public function id(): Uuid
    {
        return $this->id;
    }
}
