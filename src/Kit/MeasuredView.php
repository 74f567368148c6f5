<?php

/** What readings say together. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Kit\Measured;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Reason\CautionView;
use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['mean_mm', 'inch', 'spread_mm', 'questions', 'reasons', 'cards'])]
final readonly class MeasuredView
{
    /**
     * @param list<array<string, mixed>> $questions
     * @param list<array<string, mixed>> $reasons
     */
    private function __construct(
        #[OA\Property] public float $mean_mm,
        #[OA\Property] public string $inch,
        #[OA\Property] public float $spread_mm,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(ref: CautionView::class),
            description: 'none: it can be believed',
        )]
        public array $questions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonView::class))] public array $reasons,
        #[OA\Property(description: 'cards that name the tool')] public int $cards,
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
