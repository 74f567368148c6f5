<?php

/** The end of a groom before it is closed. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;
use KeenThistle\Visit\NextView;

final readonly class FinishView
{
    /**
     * @param list<array{look: string, words: string, ok: bool, open: list<string>}> $look
     * @param list<array{phase: string, label: string, spent: float|null, estimate: float|null}> $phases
     * @param list<array{label: string, minor: int}> $price_terms
     * @param list<array{kind: string, on: string, why: string}> $next
     * @param list<array{zone: string, words: string, finished_mm: float|null, state: string, said: bool|null}> $agreed
     * @param list<array{zone: string, words: string, left_mm: float|null, grown_out_on: string}> $exceptions
     * @param list<array{clock: string, reset: bool, next_on: string|null, why: string}> $clocks
     * @param list<array<string, mixed>> $untold
     * @param list<array{title: string, lines: list<string>}> $care
     */
    public function __construct(
        #[Says('what the dog came for')] public string $kind,
        public array $look,
        public array $phases,
        public float $minutes,
        public ?float $estimate_minutes,
        public ?int $price_minor,
        public array $price_terms,
        #[Says('in the price; null: the salon knows of none')] public ?int $tax_minor,
        public array $next,
        #[Says('the next visit: what, when and why')] public ?NextView $next_visit,
        #[Says('places that a mat or the owner made what they are')] public array $agreed,
        #[Says('shorter than the style, and when they have grown out')] public array $exceptions,
        #[Says('the clocks this visit sets back, and those it does not')] public array $clocks,
        public string $phone,
        #[Says('what would be sent')] public string $message,
        #[Gives('list<array{id: string, what: string, zone: string}>'),
            Says('incidents the owner has not been told of'),]
        public array $untold,
        public array $care,
    ) {
    }
}
