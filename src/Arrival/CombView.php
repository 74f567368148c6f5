<?php

/** A comb test with everything that follows from it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Input\Gives;

final readonly class CombView
{
    /**
     * @param list<MatView> $zones
     * @param list<array<string, mixed>> $reasons
     * @param list<array<string, mixed>> $warnings
     * @param list<string> $consent
     * @param list<array{field: string, message: string}> $questions
     * @param list<array<string, mixed>> $findings
     * @param list<OptionView> $options
     */
    public function __construct(
        public int $version,
        public ?int $stops_first,
        public ?int $stops_second,
        public float $load,
        public float $worked_out_minutes,
        public float $limit_minutes,
        public float $tender_limit_minutes,
        public array $zones,
        public ?float $even_mm,
        public bool $even_on_consent,
        #[Gives('list<ReasonView>')] public array $reasons,
        #[Gives('list<CautionView>')] public array $warnings,
        public array $consent,
        public array $questions,
        #[Gives('list<CautionView>')] public array $findings,
        public string $choice,
        public array $options,
    ) {
    }
}
