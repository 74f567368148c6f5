<?php

/** One zone of today's list. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Today\Row;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class TodayRowView
{
    /** @param array<string, mixed>|null $tool */
    public function __construct(
        public string $zone,
        #[Gives('ToolView|null')] public ?array $tool,
        public ?string $words,
        public ?string $lay,
        #[Says('finding, handling, mat, agreement, hand, last or card')] public string $from,
        #[Says('planned, waits_for_agreement, waits_for_dry, deferred, not_touched or done')] public string $state,
        #[Says('a patch: never copied as style')] public bool $exception,
        #[Says('repeat or do_not_repeat')] public string $carry,
        #[Says('what it is next time, in words; empty: as on the card')] public string $next,
        #[Says('when a patch is as long as the rest again')] public ?string $fill_back_on,
        #[Says('why not as on the card')] public string $why,
        public ?float $finished_mm,
        #[Says('what a vet is asked')] public ?string $refer,
        #[Says('the day it waits for')] public ?string $date,
        #[Says('what the card says there')] public ?string $card,
        #[Says('whether it is other than on the card')] public bool $differs,
    ) {
    }

    public static function of(Row $row, ?string $fillBack = null): self
    {
        return new self(
            $row->zone->id,
            $row->tool?->toArray(),
            $row->tool?->words(),
            $row->lay?->value,
            $row->from,
            $row->state,
            $row->exception,
            $row->carry,
            $row->next(),
            $fillBack,
            $row->why,
            $row->finished?->rounded(),
            $row->refer,
            $row->date,
            $row->card?->recipe->tool->words(),
            $row->differs(),
        );
    }
}
