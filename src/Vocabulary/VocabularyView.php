<?php

/** The response record of the closed lists. */

declare(strict_types=1);

namespace KeenThistle\Vocabulary;

use KeenThistle\Core\Care\FirstAid;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class VocabularyView
{
    /**
     * @param list<array<string, mixed>> $zones
     * @param list<array<string, mixed>> $severities
     * @param list<float> $spreads
     * @param list<FirstAid> $incidents
     */
    public function __construct(
        #[Gives(
            'list<array{id: string, label: string, group: string, side: string, tender: bool, thin_skin: bool, '.
                'share: float, meets: list<string>, shapes: list<string>}>',
        ),]
        public array $zones,
        public ListsView $lists,
        #[Gives('list<array{id: int, label: string, spread: float|null, asks_clearance: bool, passes: bool}>'),
            Says('how far a coat is matted: what is taken for each until somebody says more'),]
        public array $severities,
        #[Says('shares of a zone that a hand can tell apart')] public array $spreads,
        #[Gives(
            'list<array{id: string, label: string, now: list<string>, vet: string, acts: list<string>, again: int}>',
        ),
            Says('what can go wrong, what to do now, and in how many days somebody asks how the dog is'),]
        public array $incidents,
    ) {
    }
}
