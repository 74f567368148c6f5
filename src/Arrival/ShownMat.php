<?php

/** One place as the comb had found it when an owner was shown what is done there. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Number;
use KeenThistle\Input\Shaped;
use KeenThistle\Input\Whole;

final readonly class ShownMat
{
    public function __construct(
        #[Shaped([Zone::class, 'shape'])] public string $zone,
        #[Whole(0, 4)] public int $severity,
        #[Number(0, 1, 'share of the zone')] public ?float $spread = null,
        public ?bool $clearance = null,
        #[Choice(Decision::class, 'decision')] public ?Decision $overrule = null,
        #[Line(0, 200)] public string $why = '',
    ) {
    }

    public function mat(): Mat
    {
        return new Mat(
            Zone::of($this->zone),
            $this->severity,
            Mat::share($this->severity, $this->spread),
            $this->clearance,
            $this->overrule,
            $this->why,
        );
    }
}
