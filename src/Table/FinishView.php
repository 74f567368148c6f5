<?php

/** The end of a groom before it is closed. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'look',
        'phases',
        'minutes',
        'estimate_minutes',
        'price_minor',
        'price_terms',
        'next',
        'phone',
        'message',
        'untold',
        'care',
    ],
)]
final readonly class FinishView
{
    /**
     * @param list<array{look: string, words: string, ok: bool, open: list<string>}> $look
     * @param list<array{phase: string, label: string, spent: float|null, estimate: float|null}> $phases
     * @param list<array{label: string, minor: int}> $price_terms
     * @param list<array{kind: string, on: string, why: string}> $next
     * @param list<array<string, mixed>> $untold
     * @param list<array{title: string, lines: list<string>}> $care
     */
    public function __construct(
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['look', 'words', 'ok', 'open'],
                properties: [
                    new OA\Property('look', type: 'string'),
                    new OA\Property('words', type: 'string'),
                    new OA\Property('ok', type: 'boolean'),
                    new OA\Property('open', type: 'array', items: new OA\Items(type: 'string')),
                ],
                type: 'object',
            ),
        )]
        public array $look,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['phase', 'label', 'spent', 'estimate'],
                properties: [
                    new OA\Property('phase', type: 'string'),
                    new OA\Property('label', type: 'string'),
                    new OA\Property('spent', type: 'number', nullable: true),
                    new OA\Property('estimate', type: 'number', nullable: true),
                ],
                type: 'object',
            ),
        )]
        public array $phases,
        #[OA\Property] public float $minutes,
        #[OA\Property(nullable: true)] public ?float $estimate_minutes,
        #[OA\Property(nullable: true)] public ?int $price_minor,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['label', 'minor'],
                properties: [new OA\Property('label', type: 'string'), new OA\Property('minor', type: 'integer')],
                type: 'object',
            ),
        )]
        public array $price_terms,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['kind', 'on', 'why'],
                properties: [
                    new OA\Property('kind', type: 'string'),
                    new OA\Property('on', type: 'string'),
                    new OA\Property('why', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $next,
        #[OA\Property] public string $phone,
        #[OA\Property(description: 'what would be sent')] public string $message,
        #[OA\Property(
            type: 'array',
            description: 'incidents the owner has not been told of',
            items: new OA\Items(
                required: ['id', 'what', 'zone'],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property('what', type: 'string'),
                    new OA\Property('zone', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $untold,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['title', 'lines'],
                properties: [
                    new OA\Property('title', type: 'string'),
                    new OA\Property('lines', type: 'array', items: new OA\Items(type: 'string')),
                ],
                type: 'object',
            ),
        )]
        public array $care,
    ) {
    }
}
