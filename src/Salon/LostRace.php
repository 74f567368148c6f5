<?php

/** Somebody else wrote a row between our reading and our writing it: nothing of ours was kept, so it is done again. */

declare(strict_types=1);

namespace KeenThistle\Salon;

final class LostRace extends \RuntimeException
{
    private function __construct(string $message)
    {
        parent::__construct($message);
    }

    public static function rows(string $table, int $wanted, int $changed): self
    {
        return new self(\sprintf('%d of %d rows of %s were as they had been read', $changed, $wanted, $table));
    }
}
