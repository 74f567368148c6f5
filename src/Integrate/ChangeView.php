<?php

/** One change, thin: what was changed is read by its own route. A response record. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Input\Says;

final readonly class ChangeView
{
    public function __construct(
        #[Says('the same change has the same id, however often it comes')] public string $id,
        public string $at,
        public string $who,
        #[Says('plan_zone, dog, visit, booking, kit and so on')] public string $kind,
        #[Says('the zone of a plan change, else the id of what changed')] public string $subject,
        public ?string $dog,
        public string $summary,
    ) {
    }
}
