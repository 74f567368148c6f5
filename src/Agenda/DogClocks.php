<?php

/** What sets a dog's clocks. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\IntervalView;

final readonly class DogClocks
{
    /** @param array<string, array{version: int, recipe: ZoneRecipe}> $plan by zone */
    public function __construct(
        public array $plan,
        public GrowthAndClocks $figures,
        public LengthRule $lengths,
        public bool $known,
    ) {
    }

    /** @param int|null $wish weeks */
    public function interval(?int $wish = null): IntervalView
    {
        return $this->figures->interval($this->plan, $this->lengths, $wish);
    }

    /** The last day that keeps the clocks of a kind of visit; null: nobody knows, or there is none. */
    public function due(Service $kind): ?string
    {
        $i = $this->interval();

        return !$this->known ? null : match ($kind) {
            Service::Full => $i->full_on,
            Service::Bath => $i->bath_on,
            Service::Tidy => $i->tidy_on,
            Service::Nails => $i->nails_on,
        };
    }
}
