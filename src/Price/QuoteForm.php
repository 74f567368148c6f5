<?php

/** What is asked on the phone about a dog nobody has seen. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Timing\MattingTold;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Kilograms;
use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;

final readonly class QuoteForm
{
    public function __construct(
        #[Kilograms] public float $kg,
        #[Choice(CoatType::class, 'coat')] public CoatType $coat,
        #[Whole(0, 260), Says('weeks since it was groomed')] public int $weeks = 8,
        #[Choice(MattingTold::class, 'matting'), Says('as its owner says it')]
        public MattingTold $matting = MattingTold::None,
        #[Choice(Service::class, 'kind of visit')] public Service $kind = Service::Full,
    ) {
    }
}
