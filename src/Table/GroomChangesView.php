<?php

/** What has changed in a groom since a device looked last. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use OpenApi\Attributes as OA;

/** What is not here, or null, is as it was; zones, steps and timers are those that were touched. */
#[OA\Schema(
    required: [
        'state',
        'seq',
        'now',
        'who',
        'people',
        'zones',
        'steps',
        'next',
        'after',
        'timers',
        'claws',
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
        'held',
    ],
)]
final readonly class GroomChangesView
{
    private const IN_GROOM = '#/components/schemas/GroomView/properties/';

    /**
     * @param list<array{name: string, at: string}> $people
     * @param list<ZoneMarkView> $zones
     * @param list<StepMarkView> $steps
     * @param list<TimerView> $timers
     * @param list<array<string, mixed>>|null $claws
     * @param list<array<string, mixed>>|null $strip_map
     * @param list<array<string, mixed>> $incidents
     * @param list<array{text: string, who: string, at: string}> $notes
     * @param array<string, mixed>|null $hand_over
     * @param array{ring: float, channel: float, arc: float}|null $extents
     * @param list<array{phase: string, label: string, spent: float|null, estimate: float|null}> $phases
     * @param list<array<string, mixed>> $held
     */
    public function __construct(
        #[OA\Property] public string $state,
        #[OA\Property] public int $seq,
        #[OA\Property] public string $now,
        #[OA\Property] public string $who,
        #[OA\Property(ref: self::IN_GROOM.'people')] public array $people,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ZoneMarkView::class))] public array $zones,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StepMarkView::class))] public array $steps,
        #[OA\Property(nullable: true)] public ?string $next,
        #[OA\Property(nullable: true)] public ?string $after,
        #[OA\Property(type: 'array', items: new OA\Items(ref: TimerView::class))] public array $timers,
        #[OA\Property(nullable: true, allOf: [new OA\Schema(ref: self::IN_GROOM.'claws')])] public ?array $claws,
        #[OA\Property(nullable: true, allOf: [new OA\Schema(ref: self::IN_GROOM.'pads')])] public ?object $pads,
        #[OA\Property(ref: self::IN_GROOM.'ears')] public object $ears,
        #[OA\Property(ref: self::IN_GROOM.'eyes')] public object $eyes,
        #[OA\Property(ref: self::IN_GROOM.'extents')] public ?array $extents,
        #[OA\Property(nullable: true, allOf: [new OA\Schema(ref: self::IN_GROOM.'strip_map')])]
        public ?array $strip_map,
        #[OA\Property(ref: self::IN_GROOM.'incidents')] public array $incidents,
        #[OA\Property(ref: self::IN_GROOM.'notes')] public array $notes,
        #[OA\Property(ref: self::IN_GROOM.'hand_over')] public ?array $hand_over,
        #[OA\Property(ref: self::IN_GROOM.'phases')] public array $phases,
        #[OA\Property(description: 'at work so far')] public float $minutes,
        #[OA\Property(ref: self::IN_GROOM.'held')] public array $held,
    ) {
    }
}
