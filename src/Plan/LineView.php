<?php

/** A plan's line, read: what it means, what waits for a nod, what is wrong. A response record. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Recipe\RecipeView;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['line', 'revision', 'zones', 'changed', 'gone', 'spoken', 'faults', 'words'])]
final readonly class LineView
{
    /**
     * @param list<array{zone: string, recipe: RecipeView|null, finished_mm: float|null}> $zones
     * @param list<string> $changed
     * @param list<string> $gone
     * @param list<array{at: int, length: int, said: string, means: string}> $spoken
     * @param list<array{at: int, length: int, word: string, expected: string, nearest: string|null,
     *     message: string}> $faults
     * @param array<string, list<string>> $words
     */
    public function __construct(
        #[OA\Property(description: 'as it is written')] public string $line,
        #[OA\Property(description: 'of the plan, named in If-Match')] public int $revision,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['zone', 'recipe', 'finished_mm'],
                properties: [
                    new OA\Property('zone', type: 'string'),
                    new OA\Property('recipe', ref: RecipeView::class, nullable: true),
                    new OA\Property('finished_mm', type: 'number', nullable: true),
                ],
                type: 'object',
            ),
        )]
        public array $zones,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string'),
            description: 'zones that are otherwise than the plan has them',
        )]
        public array $changed,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string'),
            description: 'zones of the plan that the line leaves out',
        )]
        public array $gone,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['at', 'length', 'said', 'means'],
                properties: [
                    new OA\Property('at', type: 'integer'),
                    new OA\Property('length', type: 'integer'),
                    new OA\Property('said', type: 'string'),
                    new OA\Property('means', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $spoken,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['at', 'length', 'word', 'expected', 'nearest', 'message'],
                properties: [
                    new OA\Property('at', type: 'integer'),
                    new OA\Property('length', type: 'integer'),
                    new OA\Property('word', type: 'string'),
                    new OA\Property('expected', type: 'string'),
                    new OA\Property('nearest', type: 'string', nullable: true),
                    new OA\Property('message', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $faults,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')),
            description: 'closed lists for completion: zone, tool, mark, stop, reason',
        )]
        public array $words,
    ) {
    }
}
