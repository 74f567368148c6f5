<?php

/** What a field of a form may be: an attribute on a parameter of the record that holds it. */

declare(strict_types=1);

namespace KeenThistle\Input;

use KeenThistle\Core\Input\Shape;

interface Rule
{
    public function shape(): Shape;
}
