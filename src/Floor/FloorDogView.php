<?php

/** One dog on the floor. A response record. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;
use KeenThistle\Table\TimerView;

final readonly class FloorDogView
{
    /**
     * @param list<TimerView> $timers
     * @param list<string> $cautions
     * @param list<array{name: string, word: string}> $collectors
     * @param array{with: string, at: string}|null $left_with
     */
    public function __construct(
        public string $dog,
        public string $name,
        public string $home,
        public string $phone,
        public ?string $booking,
        public ?string $arrival,
        public ?string $groom,
        public string $kind,
        #[Says('expected, here, table, rests, ready or gone')] public string $stage,
        #[Says('prepare, bath, dry, strip, cut or ready, while it is at the table')] public ?string $part,
        #[Says('when that began, or it came, or it was ready')] public ?string $since,
        public ?string $place,
        #[Says('who has it now, else who it is booked with')] public ?string $who,
        #[Says('"HH:MM", as all times here; null: nobody booked it')] public ?string $booked,
        public ?string $promised,
        #[Says('when it will be ready as things stand')] public ?string $ready,
        #[Says('minutes from now to what was promised; below 0: past it')] public ?int $left,
        #[Says('minutes it will be past what was promised')] public int $late,
        #[Says('what comes next for it, and when')] public ?string $next,
        public ?string $next_at,
        #[Says('minutes it has stood since nothing was done')] public ?int $waits,
        #[Says('those that run')] public array $timers,
        #[Says('health and handling, worst first')] public array $cautions,
        #[Says('who may fetch it')] public array $collectors,
        #[Gives('array{with: string, at: string}|null')] public ?array $left_with,
        #[Says('what its owner said of the date: yes, ring (about another day), or nothing yet')]
        public string $answer,
        #[Says('what has changed at home, in the owner’s words')] public string $told,
        #[Says('what is missing of the proof of vaccination; empty: nothing')] public string $proof,
        #[Says('minutes past its time that it has not come')] public int $missing,
        #[Says('of the booking')] public int $version,
        public bool $paid,
        #[Says('minutes past the time it was told, that its owner has not come')] public int $fetched_late,
        public int $late_fee_minor,
    ) {
    }
}
