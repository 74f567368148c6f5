<?php

/** What has changed in a groom since a device looked last. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

/** What is not here, or null, is as it was; zones, steps and timers are those that were touched. */
final readonly class GroomChangesView
{
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
        public string $state,
        public int $seq,
        public string $now,
        public string $who,
        public array $people,
        public array $zones,
        public array $steps,
        public ?string $next,
        public ?string $after,
        public array $timers,
        #[Gives(GroomView::CLAWS.'|null')] public ?array $claws,
        #[Gives(GroomView::PADS.'|null')] public ?object $pads,
        #[Gives('array<string, string>')] public object $ears,
        #[Gives('array<string, string>')] public object $eyes,
        #[Gives(GroomView::EXTENTS)] public ?array $extents,
        #[Gives(GroomView::STRIP_MAP.'|null')] public ?array $strip_map,
        #[Gives(GroomView::INCIDENTS)] public array $incidents,
        public array $notes,
        #[Gives(GroomView::HAND_OVER.'|null')] public ?array $hand_over,
        public array $phases,
        #[Says('at work so far')] public float $minutes,
        #[Says('how often today\'s list was made; it is read again where this moves')] public int $made,
        public ?bool $ready,
        public bool $tires,
        public float $rest_in,
        #[Gives(GroomView::HELD)] public array $held,
    ) {
    }
}
