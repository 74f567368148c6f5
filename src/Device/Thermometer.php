<?php

/** Reads how hot a blade is. What ships is a stand-in; a real probe implements this. */

declare(strict_types=1);

namespace KeenThistle\Device;

interface Thermometer
{
    /**
     * @param string $blade label of the blade that is held to the probe
     * @param float $clipped seconds it has run today
     *
     * @return float °C
     */
    public function read(string $blade, float $clipped): float;
}
