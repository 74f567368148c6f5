<?php

/** The response record of a recipe being tried on a dog. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Reason\CautionView;
use KeenThistle\Reason\ReasonView;
use KeenThistle\Recipe\ToolView;
use KeenThistle\Visit\HereView;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['zone', 'length', 'blends', 'recovery', 'here', 'options'])]
final readonly class AnswerView
{
    /**
     * @param array<string, mixed> $length
     * @param list<array<string, mixed>> $blends
     * @param array<string, mixed>|null $recovery
     * @param list<array<string, mixed>> $options
     */
    public function __construct(
        #[OA\Property] public string $zone,
        #[OA\Property(
            required: ['finished_mm', 'low_mm', 'high_mm', 'inch', 'estimated', 'reasons', 'warnings'],
            properties: [
                new OA\Property('finished_mm', type: 'number', nullable: true),
                new OA\Property('low_mm', type: 'number', nullable: true),
                new OA\Property('high_mm', type: 'number', nullable: true),
                new OA\Property('inch', type: 'string', nullable: true),
                new OA\Property('estimated', type: 'boolean'),
                new OA\Property('reasons', type: 'array', items: new OA\Items(ref: ReasonView::class)),
                new OA\Property('warnings', type: 'array', items: new OA\Items(ref: CautionView::class)),
            ],
            type: 'object',
        )]
        public array $length,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['zone', 'label', 'finished_mm', 'blend', 'words', 'reasons'],
                properties: [
                    new OA\Property('zone', type: 'string'),
                    new OA\Property('label', type: 'string'),
                    new OA\Property('finished_mm', type: 'number'),
                    new OA\Property('blend', type: 'string', enum: ['none', 'shears', 'ladder', 'hard_line']),
                    new OA\Property('words', type: 'string'),
                    new OA\Property('reasons', type: 'array', items: new OA\Items(ref: ReasonView::class)),
                ],
                type: 'object',
            ),
        )]
        public array $blends,
        #[OA\Property(
            required: ['weeks', 'level', 'message', 'back_to_mm', 'reasons', 'warnings'],
            properties: [
                new OA\Property('weeks', type: 'number', nullable: true),
                new OA\Property('level', type: 'string', enum: ['none', 'months', 'agree_first']),
                new OA\Property('message', type: 'string'),
                new OA\Property('back_to_mm', type: 'number'),
                new OA\Property('reasons', type: 'array', items: new OA\Items(ref: ReasonView::class)),
                new OA\Property('warnings', type: 'array', items: new OA\Items(ref: CautionView::class)),
            ],
            type: 'object',
            nullable: true,
        )]
        public ?array $recovery,
        #[OA\Property(ref: HereView::class)] public HereView $here,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['tool', 'lay', 'words', 'finished_mm', 'difference_mm', 'close'],
                properties: [
                    new OA\Property('tool', ref: ToolView::class),
                    new OA\Property('lay', type: 'string'),
                    new OA\Property('words', type: 'string'),
                    new OA\Property('finished_mm', type: 'number'),
                    new OA\Property('inch', type: 'string'),
                    new OA\Property('difference_mm', type: 'number'),
                    new OA\Property('close', type: 'boolean'),
                    new OA\Property('tool_changes', type: 'integer'),
                ],
                type: 'object',
            ),
        )]
        public array $options,
    ) {
    }
}
