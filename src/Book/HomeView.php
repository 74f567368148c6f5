<?php

/** A home: its people, its dogs, what went to it last. A response record. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class HomeView
{
    /**
     * @param list<HomePersonView>  $people
     * @param list<HomeOtherView>   $others
     * @param list<HomeDogView>     $dogs
     * @param list<HomeMessageView> $messages
     * @param list<HomeEventView>   $visits
     * @param list<HomeEventView>   $agreements
     * @param list<HomeConsentView> $consents
     * @param list<string>          $open
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        public string $note,
        #[Gives('list<HomePersonView>')] public array $people,
        #[Gives('list<HomeOtherView>')] public array $others,
        public string $vet,
        #[Says('HH:MM, from when nobody writes to them; empty: at any time')] public string $quiet_from,
        public string $quiet_to,
        #[Says('where the van finds it, an id on the road map; empty: not said')] public string $spot,
        #[Says('the van may take water there')] public bool $has_water,
        #[Says('it may be plugged in there')] public bool $has_power,
        #[Says('what somebody should see to, in sentences')] public array $open,
        #[Gives('list<HomeDogView>')] public array $dogs,
        #[Says('what went to its people, newest first'), Gives('list<HomeMessageView>')] public array $messages,
        #[Says('the newest, of all its dogs'), Gives('list<HomeEventView>')] public array $visits,
        #[Gives('list<HomeEventView>')] public array $agreements,
        #[Says('what its people said yes or no to, newest first'), Gives('list<HomeConsentView>')]
        public array $consents,
    ) {
    }
}
