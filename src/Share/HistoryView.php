<?php

/** What one salon knows of a dog, as another may see it. A response record, and what a sealed copy holds. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

/**
 * @phpstan-type Facts list<array{what: string, says: string}>
 * @phpstan-type Zones list<array{zone: string, words: string, mm: float|null}>
 * @phpstan-type Past list<array{day: string, kind: string, minutes: int|null, load: float|null, note: string,
 *     zones: Zones}>
 */
final readonly class HistoryView
{
    /**
     * @param list<array{what: string, says: string}>|null $card
     * @param list<array{zone: string, words: string, mm: float|null}>|null $zones
     * @param list<string>|null $cautions
     * @param list<array{day: string, kind: string, minutes: int|null, load: float|null, note: string,
     *     zones: list<array{zone: string, words: string, mm: float|null}>}>|null $visits
     */
    public function __construct(
        #[Says('who knows it')] public string $salon,
        public string $dog,
        #[Says('of the moment it was made')] public string $made_at,
        #[Says('null: not to be seen')] public ?array $card,
        #[Says('null: not to be seen')] public ?array $zones,
        #[Says('null: not to be seen')] public ?array $cautions,
        #[Says('newest first; null: not to be seen')] public ?array $visits,
        #[Gives("'live'|'own'|'other'"), Says('live: as it is now; own: sealed here; other: sealed elsewhere')]
        public string $seal = 'live',
        #[Says('of a copy sealed elsewhere: what the other salon can tell as theirs')] public string $key = '',
    ) {
    }
}
