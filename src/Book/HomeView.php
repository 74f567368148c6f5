<?php

/** A home: its people, its dogs, what went to it last. A response record. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class HomeView
{
    /**
     * @param list<array{id: string, name: string, phone: string, email: string}> $people
     * @param list<HomeDogView>                                                     $dogs
     * @param list<HomeMessageView>                                                 $messages
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        public string $note,
        public array $people,
        #[Gives('list<HomeDogView>')] public array $dogs,
        #[Says('what went to its people, newest first'), Gives('list<HomeMessageView>')] public array $messages,
    ) {
    }
}
