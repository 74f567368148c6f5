<?php

/** One way to go on today, with what it takes and leaves. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class OptionView
{
    /**
     * @param list<string> $even_zones
     * @param list<string> $patches
     * @param list<array{on: string, zones: list<string>, minutes: float, price_minor: int}> $later
     * @param list<array{label: string, minor: int}> $price_terms
     * @param list<array{phase: string, minutes: float}> $phases
     * @param list<array<string, mixed>> $warnings
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        public string $choice,
        public string $title,
        public ?float $leaves_mm,
        #[Says('of an even length')] public ?string $even_blade,
        #[Says('zones that an even length goes over')] public array $even_zones,
        #[Gives('array<string, float>'), Says('mm by zone when it is done, where that is known')] public object $left,
        public array $patches,
        public float $matting_minutes,
        public float $minutes_50,
        public float $minutes_80,
        public int $slot_minutes,
        public ?int $price_minor,
        public array $price_terms,
        #[Says('in the price; null: the salon knows of none')] public ?int $tax_minor,
        public array $phases,
        public int $visits,
        public bool $today,
        #[Says('visits for mats after today\'s, where the coat is saved')] public array $later,
        #[Says('of all of them together')] public ?int $price_all_minor,
        public ?float $back_weeks,
        public ?string $back_message,
        #[Gives('list<CautionView>')] public array $warnings,
        #[Gives('list<ReasonView>')] public array $reasons,
    ) {
    }
}
