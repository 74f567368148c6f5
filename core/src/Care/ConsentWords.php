<?php

/** What people say yes or no to, in the words that are kept with the day they said it. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Say\Say;

final class ConsentWords
{
    private function __construct()
    {
    }

    /** @param string $writes one of WriteRule::CONSENT */
    public static function messages(string $writes): string
    {
        return match ($writes) {
            'yes' => Say::it('consent.messages_yes'),
            'no' => Say::it('consent.messages_no'),
            default => Say::it('consent.messages_unasked'),
        };
    }

    public static function photos(bool $given): string
    {
        return $given ? Say::it('consent.photos_yes') : Say::it('consent.photos_no');
    }
}
