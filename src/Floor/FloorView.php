<?php

/** Today as it runs. A response record. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class FloorView
{
    private const MOVE =
        'list<array{dog: string, name: string, part: string, was: string, was_with: string|null, now: string, '.
        'with: string|null}>';
    private const PERSON =
        'list<array{id: string, name: string, place: string, dog: string|null, part: string|null, '.
        'next: string|null, next_at: string|null, over: int}>';

    /**
     * @param list<FloorDogView> $dogs
     * @param list<array<string, mixed>> $people
     * @param list<array<string, mixed>> $moves
     * @param list<string> $crowded
     * @param list<string> $apart
     * @param list<array{names: list<string>, begun: bool, why: string}> $unfit
     * @param list<string> $unheard
     */
    public function __construct(
        public string $now,
        public string $today,
        #[Says('what is late first, then who is here, who comes next, who can go home, who is gone')]
        public array $dogs,
        #[Gives(self::PERSON), Says('who works today: with which dog, and which next')] public array $people,
        #[Gives(self::MOVE), Says('what is best moved, against the day as it was laid out, so that promises are kept')]
        public array $moves,
        #[Says('more dogs at a kind of station than there are of it')] public array $crowded,
        #[Says('who must not meet and would, who bears noise badly and is there while it is loud')] public array $apart,
        #[Says('what has no room in what is left of the day; begun: it is at the table already')]
        public array $unfit,
        public int $late,
        #[Says('who works alone in a van and has not been heard of: call')] public array $unheard,
    ) {
    }
}
