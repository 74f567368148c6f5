<?php

/** One zone as it was done, planned or carried at one moment. */

declare(strict_types=1);

namespace KeenThistle\Core\Outlook;

use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Measure\Length;

final readonly class ZoneThen
{
    /** state of a zone that nobody cut at that moment: only what it carries is known */
    public const CARRIED = 'carried';

    /**
     * @param string $tool in words; "" where nothing was done
     * @param Lay|null $lay null where no blade ran
     * @param float|null $minutes its share; null: unknown
     * @param string $why it was otherwise than planned, or put off
     */
    public function __construct(
        public ?Length $length,
        public string $tool = '',
        public ?Lay $lay = null,
        public string $shape = '',
        public string $stop = '',
        public string $reason = '',
        public string $state = '',
        public ?float $minutes = null,
        public string $who = '',
        public string $why = '',
        public bool $exception = false,
    ) {
    }
}
