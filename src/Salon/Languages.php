<?php

/** The languages that ship: the two ways English is written; another one is a catalogue and a line here. */

declare(strict_types=1);

namespace KeenThistle\Salon;

final class Languages
{
    public const ALL = ['en', 'en-US'];

    private function __construct()
    {
    }
}
