<?php

/** A dog's day for a device without a signal. A response record. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Arrival\ArrivalView;
use KeenThistle\Input\Says;
use KeenThistle\Table\FinishView;
use KeenThistle\Table\GroomView;

final readonly class AwayDogView
{
    /**
     * @param list<FoundView> $found
     * @param list<ClippedView> $clipped
     * @param list<string> $texts
     * @param list<MatStepView> $mat_steps
     * @param list<AtMinutesView> $minutes
     */
    public function __construct(
        public string $dog,
        public string $on,
        #[Says('it is there; else as it would be, under an id that a device may give it')] public bool $arrived,
        public ArrivalView $arrival,
        #[Says('it is there; else as it would begin, under an id that a device may give it')] public bool $begun,
        public GroomView $groom,
        public FinishView $finish,
        #[Says('what the day is called where something is clipped out')] public string $clips_title,
        #[Says('what each finding comes to by itself')] public array $found,
        #[Says('zones as they stand where a mat is clipped')] public array $clipped,
        #[Says('words that findings name by number')] public array $texts,
        #[Says('steps for mats, and after which step each stands')] public array $mat_steps,
        #[Says('what the visit comes to by minutes on mats, by whole minutes')] public array $minutes,
    ) {
    }
}
