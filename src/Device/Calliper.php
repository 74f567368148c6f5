<?php

/** Reads a length between its jaws. What ships is a stand-in; a real calliper implements this. */

declare(strict_types=1);

namespace KeenThistle\Device;

interface Calliper
{
    /**
     * @param string $tool what is measured, as the kit calls it
     * @param float $likely mm that tool, base and lay leave by the table: a real calliper has no use for it
     * @param int $stroke which of the readings this is, from 0
     *
     * @return float mm
     */
    public function read(string $tool, float $likely, int $stroke): float;
}
