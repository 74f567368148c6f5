<?php

/** Today's list: what is really done to every zone, and why not as on the card. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Today\Today;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class TodayView
{
    /**
     * @param list<TodayRowView> $zones
     * @param list<string> $stays_dry
     * @param list<array<string, mixed>> $warnings
     */
    public function __construct(
        public array $zones,
        #[Says('zones that are not as on the card')] public int $differs,
        #[Says('why the whole visit stops')] public ?string $stops,
        #[Says('whether something waits for the owner\'s word')] public bool $waits,
        #[Says('share of the body that waits, 0 to 1')] public float $asks_share,
        #[Says('the coat comes off: nothing is combed that goes')] public bool $comes_off,
        #[Says('zones that water and dryer stay away from')] public array $stays_dry,
        public int $visits,
        #[Gives('array<string, int>'), Says('how far it is matted, 1 to 4, by zone')] public object $mats,
        #[Gives('list<CautionView>')] public array $warnings,
    ) {
    }

    /** @param \Closure(Row): (string|null)|null $fillBack the day on which a patch is as long as the rest again */
    public static function of(Today $today, ?\Closure $fillBack = null): self
    {
        return new self(
            array_map(
                static fn (Row $r): TodayRowView => TodayRowView::of(
                    $r,
                    $r->exception && null !== $r->finished && null !== $fillBack ? $fillBack($r) : null,
                ),
                array_values($today->rows),
            ),
            $today->differs,
            $today->stop?->kind->words(),
            $today->waits(),
            round($today->asks, 3),
            $today->comesOff(),
            $today->dry,
            $today->visits,
            (object) self::mats($today),
            Caution::listToArray($today->notes),
        );
    }

    /** @return array<string, int> */
    private static function mats(Today $today): array
    {
        $out = [];
        foreach ($today->mats->zones as $z) {
            if ($z->mat->severity > 0) {
                $out[$z->mat->zone->id] = $z->mat->severity;
            }
        }

        return $out;
    }
}
