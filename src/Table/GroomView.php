<?php

/** A groom as it stands. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Book\DogView;
use KeenThistle\Reason\CautionView;
use KeenThistle\Visit\ClockView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'id',
        'dog',
        'arrival',
        'place',
        'place_name',
        'state',
        'seq',
        'opened_at',
        'now',
        'who',
        'people',
        'cautions',
        'notices',
        'zones',
        'steps',
        'next',
        'after',
        'timers',
        'heat_every',
        'claws',
        'nails_next_on',
        'dewclaws_next_on',
        'pads',
        'ears',
        'eyes',
        'extents',
        'strip_map',
        'incidents',
        'notes',
        'hand_over',
        'phases',
        'minutes',
        'estimate_minutes',
        'held',
        'closed_by',
        'closed_at',
        'visit',
        'care_link',
        'clocks',
    ],
)]
final readonly class GroomView
{
    /**
     * @param list<array{name: string, at: string}> $people
     * @param list<array<string, mixed>> $cautions
     * @param list<string> $notices
     * @param list<TableZoneView> $zones
     * @param list<TableStepView> $steps
     * @param list<TimerView> $timers
     * @param list<array<string, mixed>> $claws
     * @param list<array<string, mixed>> $strip_map
     * @param list<array<string, mixed>> $incidents
     * @param list<array{text: string, who: string, at: string}> $notes
     * @param array<string, mixed>|null $hand_over
     * @param array{ring: float, channel: float, arc: float}|null $extents
     * @param list<array{phase: string, label: string, spent: float|null, estimate: float|null}> $phases
     * @param list<array<string, mixed>> $held
     * @param list<ClockView> $clocks
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(ref: DogView::class)] public DogView $dog,
        #[OA\Property(description: 'id')] public string $arrival,
        #[OA\Property] public string $place,
        #[OA\Property] public string $place_name,
        #[OA\Property(description: 'open, paused or closed')] public string $state,
        #[OA\Property(description: 'the newest tap')] public int $seq,
        #[OA\Property] public string $opened_at,
        #[OA\Property(description: 'the server\'s clock')] public string $now,
        #[OA\Property(description: 'who has the dog')] public string $who,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['name', 'at'],
                properties: [new OA\Property('name', type: 'string'), new OA\Property('at', type: 'string')],
                type: 'object',
            ),
        )]
        public array $people,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionView::class))] public array $cautions,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $notices,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TableZoneView::class))] public array $zones,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TableStepView::class))] public array $steps,
        #[OA\Property(nullable: true, description: 'key of the step that is next')] public ?string $next,
        #[OA\Property(nullable: true, description: 'key of the step after that')] public ?string $after,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TimerView::class))] public array $timers,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'integer'),
            description: 'seconds between touches by blade, for a tablet without a network',
        )]
        public object $heat_every,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['foot', 'claw', 'dewclaw', 'action', 'why', 'smooth', 'state'],
                properties: [
                    new OA\Property('foot', type: 'string'),
                    new OA\Property('claw', type: 'integer'),
                    new OA\Property('dewclaw', type: 'boolean'),
                    new OA\Property('action', type: 'string'),
                    new OA\Property('why', type: 'string'),
                    new OA\Property('smooth', type: 'boolean'),
                    new OA\Property('state', type: 'string', nullable: true),
                ],
                type: 'object',
            ),
        )]
        public array $claws,
        #[OA\Property] public string $nails_next_on,
        #[OA\Property(nullable: true)] public ?string $dewclaws_next_on,
        #[OA\Property(
            type: 'object',
            description: 'foot => {found, left}',
            additionalProperties: new OA\AdditionalProperties(
                required: ['found', 'left'],
                properties: [
                    new OA\Property('found', type: 'integer', nullable: true),
                    new OA\Property('left', type: 'integer', nullable: true),
                ],
                type: 'object',
            ),
        )]
        public object $pads,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'string'),
            description: '"left.inside" => state',
        )]
        public object $ears,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),]
        public object $eyes,
        #[OA\Property(
            type: 'object',
            nullable: true,
            required: ['ring', 'channel', 'arc'],
            properties: [
                new OA\Property('ring', type: 'number'),
                new OA\Property('channel', type: 'number'),
                new OA\Property('arc', type: 'number'),
            ],
        )]
        public ?array $extents,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['zone', 'day'],
                properties: [
                    new OA\Property('zone', type: 'string'),
                    new OA\Property('day', type: 'string', nullable: true),
                ],
                type: 'object',
            ),
        )]
        public array $strip_map,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['id', 'what', 'zone', 'tool', 'action', 'told', 'follow_up', 'who', 'at'],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property('what', type: 'string'),
                    new OA\Property('zone', type: 'string'),
                    new OA\Property('tool', type: 'string'),
                    new OA\Property('action', type: 'string'),
                    new OA\Property('told', type: 'boolean'),
                    new OA\Property('follow_up', type: 'string'),
                    new OA\Property('who', type: 'string'),
                    new OA\Property('at', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $incidents,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['text', 'who', 'at'],
                properties: [
                    new OA\Property('text', type: 'string'),
                    new OA\Property('who', type: 'string'),
                    new OA\Property('at', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $notes,
        #[OA\Property(
            type: 'object',
            nullable: true,
            required: ['to', 'side', 'next', 'note', 'who', 'at'],
            properties: [
                new OA\Property('to', type: 'string'),
                new OA\Property('side', type: 'string'),
                new OA\Property('next', type: 'string'),
                new OA\Property('note', type: 'string'),
                new OA\Property('who', type: 'string'),
                new OA\Property('at', type: 'string'),
            ],
        )]
        public ?array $hand_over,
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
        #[OA\Property(description: 'at work so far')] public float $minutes,
        #[OA\Property(nullable: true)] public ?float $estimate_minutes,
        #[OA\Property(
            type: 'array',
            description: 'taps that said otherwise than somebody else had, and wait for a choice',
            items: new OA\Items(
                required: ['id', 'zone', 'who', 'at', 'device', 'mine', 'theirs', 'theirs_who'],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property('zone', type: 'string'),
                    new OA\Property('who', type: 'string'),
                    new OA\Property('at', type: 'string'),
                    new OA\Property('device', type: 'string'),
                    new OA\Property('mine', type: 'string'),
                    new OA\Property('theirs', type: 'string'),
                    new OA\Property('theirs_who', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $held,
        #[OA\Property(nullable: true)] public ?string $closed_by,
        #[OA\Property(nullable: true)] public ?string $closed_at,
        #[OA\Property(nullable: true)] public ?string $visit,
        #[OA\Property(nullable: true)] public ?string $care_link,
        #[OA\Property(
            type: 'array',
            description: 'when each is due again if the dog leaves as planned',
            items: new OA\Items(ref: ClockView::class),
        )]
        public array $clocks,
    ) {
    }
}
