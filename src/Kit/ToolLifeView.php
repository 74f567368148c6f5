<?php

/** One tool with its life. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Input\Says;

final readonly class ToolLifeView
{
    /**
     * @param list<array{id: string, kind: string, at: string, minutes: float, dirt: string, celsius: float|null,
     *     dog: string|null, who: string}> $entries
     */
    public function __construct(
        public KitItemView $item,
        #[Says('newest first')] public array $entries,
        public NeededByView $reach,
        #[Says('id of what its last measurement changed')] public ?string $derivation,
    ) {
    }
}
