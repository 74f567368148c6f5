<?php

/** A dog then and now, and in the weeks to come. A response record. */

declare(strict_types=1);

namespace KeenThistle\Outlook;

use KeenThistle\Book\DogView;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;
use KeenThistle\Visit\GrowthView;

/**
 * @phpstan-type Side array{id: string, day: string, title: string, who: string|null, place: string|null,
 *     minutes: int|null, load: float|null, note: string, zones: list<array{zone: string, mm: float|null,
 *     tool: string,
 *     state: string, exception: bool}>, photos: list<array{id: string, moment: string, zone: string}>}
 */
final readonly class ThenView
{
    /**
     * @param list<array{id: string, day: string, kind: string, who: string}> $visits
     * @param Side $then
     * @param Side $now
     * @param list<array{zone: string, label: string, mm: float|null, changes: list<array{of: string, was: string,
     *     is: string}>, why: string}> $differences
     * @param array<string, float> $natural
     * @param array<string, mixed> $outlook
     */
    public function __construct(
        public DogView $dog,
        public string $today,
        #[Says('newest first')] public array $visits,
        #[Gives('SideView')] public array $then,
        #[Gives('SideView')] public array $now,
        #[Says('the largest difference of length first')] public array $differences,
        public GrowthView $growth,
        #[Says('mm this coat usually carries; for the drawing only')] public array $natural,
        #[Gives(
            'array{weeks: list<float>, zones: array<string, array{mm: list<float>, low: list<float>, '.
                'high: list<float>}>, load: list<float>, mats: list<array{week: float, zone: string, '.
                'severity: int}>, clocks: list<array{clock: string, weeks: float, reasons: list<ReasonView>}>, '.
                'reasons: list<ReasonView>, from: string, elapsed_weeks: float, limit: float}',
        )]
        public array $outlook,
    ) {
    }
}
