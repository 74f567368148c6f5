<?php

/** One of the two moments. A response record. */

declare(strict_types=1);

namespace KeenThistle\Outlook;

use KeenThistle\Input\Gives;

#[Gives(
    'array{id: string, day: string, title: string, who: string|null, place: string|null, minutes: int|null, '.
        'load: float|null, note: string, zones: list<array{zone: string, mm: float|null, tool: string, '.
        'state: string, exception: bool}>, photos: list<array{id: string, moment: string, zone: string}>}',
)]
final class SideView
{
}
