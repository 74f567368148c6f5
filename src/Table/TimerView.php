<?php

/** How a timer stands at the moment of the answer. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Table\TimerAnswer;
use KeenThistle\Reason\CautionView;
use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'timer',
        'label',
        'running',
        'who',
        'since',
        'blade',
        'ran_s',
        'limit_s',
        'left_s',
        'level',
        'forgotten',
        'words',
        'due_words',
        'cautions',
        'reasons',
    ],
)]
final readonly class TimerView
{
    /**
     * @param list<array<string, mixed>> $cautions
     * @param list<array<string, mixed>> $reasons
     */
    private function __construct(
        #[OA\Property] public string $timer,
        #[OA\Property] public string $label,
        #[OA\Property] public bool $running,
        #[OA\Property(nullable: true)] public ?string $who,
        #[OA\Property(nullable: true)] public ?string $since,
        #[OA\Property(nullable: true)] public ?string $blade,
        #[OA\Property] public float $ran_s,
        #[OA\Property(nullable: true)] public ?int $limit_s,
        #[OA\Property(nullable: true)] public ?float $left_s,
        #[OA\Property(description: 'off, running, due, warn or stop')] public string $level,
        #[OA\Property(description: 'it has run so long that its device may have died')] public bool $forgotten,
        #[OA\Property] public string $words,
        #[OA\Property(description: 'said when its time is up')] public string $due_words,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionView::class))] public array $cautions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonView::class))] public array $reasons,
    ) {
    }

    public static function of(TimerAnswer $t): self
    {
        return new self(
            $t->kind->value,
            $t->kind->label(),
            $t->running,
            $t->who,
            $t->since?->format('Y-m-d\TH:i:s\Z'),
            $t->blade,
            round($t->ran, 1),
            $t->limit,
            null === $t->left ? null : round($t->left, 1),
            $t->level,
            $t->forgotten,
            $t->words,
            $t->kind->due(),
            Caution::listToArray($t->cautions),
            Reason::listToArray($t->reasons),
        );
    }
}
