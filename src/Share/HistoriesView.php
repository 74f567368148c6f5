<?php

/** What was asked of others for a dog, and what others asked of it here. A response record. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class HistoriesView
{
    /**
     * @param list<AskView> $from
     * @param list<AskView> $to
     */
    public function __construct(
        #[Gives('list<AskView>'), Says('other salons\' of this dog')] public array $from,
        #[Gives('list<AskView>'), Says('others who ask for this salon\'s')] public array $to,
    ) {
    }
}
