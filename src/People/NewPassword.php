<?php

/** A new password, by a link that a manager has handed over. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class NewPassword
{
    public function __construct(#[Text(1, Passwords::MOST), Says('the new password')] public string $password)
    {
    }
}
