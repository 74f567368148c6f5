<?php

/** How the house that runs the salon's book is. A response record. */

declare(strict_types=1);

namespace KeenThistle\Upkeep;

use KeenThistle\Input\Says;

final readonly class UpkeepView
{
    /**
     * @param list<string> $warnings
     * @param list<string> $news
     */
    public function __construct(
        #[Says('by its own clock')] public string $now,
        #[Says('what a manager should see to; none: all is well')] public array $warnings,
        public ?string $worker_seen,
        #[Says('when the last copy was written')] public ?string $copied_at,
        #[Says('bytes')] public ?int $copy_size,
        #[Says('bytes')] public int $disk_free,
        #[Says('bytes')] public int $disk_size,
        #[Says('what this release brings, a paragraph each')] public array $news,
        #[Says('changes with them')] public string $news_id,
        #[Says('where phones and tablets of the salon\'s network reach it; empty: this machine alone')]
        public string $lan_address,
        #[Says('SHA-256 of the salon\'s own root, as a device shows it')] public string $root_print,
    ) {
    }
}
