<?php

/** A groom as it stands. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Book\DogView;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;
use KeenThistle\Visit\ClockView;

final readonly class GroomView
{
    /** Types that are also in what a tap has changed. */
    public const CLAWS =
        'list<array{foot: string, claw: int, dewclaw: bool, action: string, why: string, '.
        'smooth: bool, state: string|null}>';
    public const INCIDENTS =
        'list<array{id: string, what: string, zone: string, tool: string, action: string, '.
        'told: bool, follow_up: string, follow_up_on: string, who: string, at: string}>';
    public const HELD =
        'list<array{id: string, zone: string, who: string, at: string, device: string, '.
        'mine: string, theirs: string, theirs_who: string}>';
    public const HAND_OVER = 'array{to: string, side: string, next: string, note: string, who: string, at: string}';
    public const ASK = 'array{text: string, asked_at: string|null, who: string|null}|null';
    public const PADS = 'array<string, array{found: int|null, left: int|null}>';
    public const STRIP_MAP = 'list<array{zone: string, day: string|null}>';
    public const EXTENTS = 'array{ring: float, channel: float, arc: float}|null';

    /**
     * @param list<array{name: string, at: string}> $people
     * @param list<array<string, mixed>> $cautions
     * @param list<string> $notices
     * @param array<mixed>|null $today
     * @param array<mixed>|null $agreed
     * @param array{text: string, asked_at: string|null, who: string|null}|null $ask
     * @param list<TableZoneView> $zones
     * @param list<array{zone: string, other: string}> $hard_lines
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
        public string $id,
        public DogView $dog,
        #[Says('id')] public string $arrival,
        public string $place,
        public string $place_name,
        #[Says('open, paused or closed')] public string $state,
        #[Says('the newest tap')] public int $seq,
        public string $opened_at,
        #[Says('the server\'s clock')] public string $now,
        #[Says('who has the dog')] public string $who,
        public array $people,
        #[Gives('list<CautionView>')] public array $cautions,
        public array $notices,
        #[Gives('TodayView|null'), Says('null: opened before today\'s lists were kept')] public ?array $today,
        #[Gives('AgreedView|null'), Says('the newest word of the owner')] public ?array $agreed,
        #[Says('how often today\'s list was made; it is read again where this moves')] public int $made,
        #[Says('whether it is to be asked if the coat is bone dry where guards go')] public bool $asks_ready,
        #[Says('what was said to that; null: nothing yet')] public ?bool $ready,
        #[Says('seen to tire today')] public bool $tires,
        #[Says('minutes on the table until a rest with water')] public int $rest_every,
        #[Says('minutes until the next rest; below 0: over due')] public float $rest_in,
        #[Gives(self::ASK), Says('what waits for the owner\'s word, ready to send')] public ?array $ask,
        public array $zones,
        #[Says('zones between which a hard line is wanted')] public array $hard_lines,
        public array $steps,
        #[Says('key of the step that is next')] public ?string $next,
        #[Says('key of the step after that')] public ?string $after,
        public array $timers,
        #[Gives('array<string, int>'),
            Says('seconds between touches by blade, for a tablet without a network'),]
        public object $heat_every,
        #[Gives(self::CLAWS)] public array $claws,
        public string $nails_next_on,
        public ?string $dewclaws_next_on,
        #[Gives(self::PADS), Says('foot => {found, left}')] public object $pads,
        #[Gives('array<string, string>'), Says('"left.inside" => state')] public object $ears,
        #[Gives('array<string, string>')] public object $eyes,
        public ?array $extents,
        #[Gives(self::STRIP_MAP)] public array $strip_map,
        #[Gives(self::INCIDENTS)] public array $incidents,
        public array $notes,
        #[Gives(self::HAND_OVER.'|null')] public ?array $hand_over,
        public array $phases,
        #[Says('at work so far')] public float $minutes,
        public ?float $estimate_minutes,
        #[Gives(self::HELD),
            Says('taps that said otherwise than somebody else had, and wait for a choice'),]
        public array $held,
        public ?string $closed_by,
        public ?string $closed_at,
        public ?string $visit,
        public ?string $care_link,
        #[Says('when each is due again if the dog leaves as planned')] public array $clocks,
    ) {
    }
}
