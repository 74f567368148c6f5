<?php

/** Write everything of a salon into a file, or the next piece of it. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Command\Command;

final readonly class ExportSalon implements Command
{
    /**
     * @param string $export its id
     * @param int $table the next one; behind the last of them are the papers
     * @param string $after id of the last row of it that was written
     * @param int $piece number of the next piece
     * @param bool $papers whether they go along
     */
    public function __construct(
        public string $export,
        public int $table = 0,
        public string $after = '',
        public int $piece = 0,
        public bool $papers = false,
    ) {
    }
}
