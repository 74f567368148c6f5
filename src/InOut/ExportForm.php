<?php

/** What goes along in an export. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Input\Says;

final readonly class ExportForm
{
    public function __construct(
        #[Says('cards, agreements, home-care sheets and receipts as PDF too: it takes up to a second for each')]
        public bool $papers = false,
    ) {
    }
}
