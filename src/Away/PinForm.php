<?php

/** One's own PIN, to lock with it what a device keeps. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class PinForm
{
    public function __construct(#[Text(1, 8), Says('one\'s own PIN'), \SensitiveParameter] public string $pin)
    {
    }
}
