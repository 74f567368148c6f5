<?php

/** What of a dog another salon may be let see; money and notes for one's own salon are in none of it. */

declare(strict_types=1);

namespace KeenThistle\Share;

final class Parts
{
    /** As its owner reads them. */
    public const WORDS = [
        'card' => 'the card: coat, build, how it is handled, what is left where',
        'cautions' => 'cautions: health, medicine, what it does not bear',
        'visits' => 'visits: when, what was done, what was found',
    ];

    private function __construct()
    {
    }

    /**
     * @param array<mixed> $asked
     *
     * @return list<string>
     */
    public static function of(array $asked): array
    {
        return array_values(array_intersect(array_keys(self::WORDS), array_filter($asked, is_string(...))));
    }
}
