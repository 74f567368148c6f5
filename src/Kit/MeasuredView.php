<?php

/** What readings say together. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Kit\Measured;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class MeasuredView
{
    /**
     * @param list<array<string, mixed>> $questions
     * @param list<array<string, mixed>> $reasons
     */
    private function __construct(
        public float $mean_mm,
        public string $inch,
        public float $spread_mm,
        #[Gives('list<CautionView>'), Says('none: it can be believed')] public array $questions,
        #[Gives('list<ReasonView>')] public array $reasons,
        #[Says('cards that name the tool')] public int $cards,
    ) {
    }

    public static function of(Measured $m, int $cards): self
    {
        return new self(
            $m->mean->rounded(),
            $m->mean->inches(),
            round($m->spread, 2),
            Caution::listToArray($m->questions),
            Reason::listToArray($m->reasons),
            $cards,
        );
    }
}
