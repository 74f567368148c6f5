<?php

/** How somebody wants their screens, on whatever device they sign in. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Says;
use KeenThistle\Salon\Languages;

final readonly class ScreenForm
{
    public const THEMES = ['device', 'light', 'dark'];

    public function __construct(
        #[Choice(self::THEMES, 'theme')] public string $theme = 'device',
        #[Says('the dog on the right, what is tapped on the left')] public bool $left_handed = false,
        #[Choice(Languages::ALL, 'language'), Says('null: the salon\'s')] public ?string $language = null,
    ) {
    }
}
