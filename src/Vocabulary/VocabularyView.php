<?php

/** The response record of the closed lists. */

declare(strict_types=1);

namespace KeenThistle\Vocabulary;

use KeenThistle\Input\Gives;

final readonly class VocabularyView
{
    /**
     * @param list<array<string, mixed>> $zones
     * @param array<string, list<array{id: string, label: string}>> $lists
     */
    public function __construct(
        #[Gives(
            'list<array{id: string, label: string, group: string, side: string, tender: bool, thin_skin: bool, '.
                'share: float, meets: list<string>, shapes: list<string>}>',
        )]
        public array $zones,
        public array $lists,
    ) {
    }
}
