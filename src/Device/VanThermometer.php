<?php

/** Reads how warm it is in a van. What ships is a stand-in; a real probe implements this. */

declare(strict_types=1);

namespace KeenThistle\Device;

interface VanThermometer
{
    /**
     * @param string $van id of the place
     * @param \DateTimeImmutable $at by the salon's wall
     *
     * @return float|null °C; null: it does not answer
     */
    public function read(string $van, \DateTimeImmutable $at): ?float;
}
