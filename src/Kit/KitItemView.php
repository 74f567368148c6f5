<?php

/** One tool: where it lives, what it leaves, how worn it is. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Wear\CareTable;
use KeenThistle\Core\Wear\WearAnswer;
use KeenThistle\Core\Wear\WearRule;
use KeenThistle\Reason\CautionView;
use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

/** @phpstan-import-type KitRow from KitReader */
#[OA\Schema(
    required: [
        'id',
        'version',
        'kind',
        'label',
        'place',
        'place_name',
        'keeper',
        'keeper_name',
        'note',
        'nominal_mm',
        'measured_mm',
        'measured_base',
        'measured_lay',
        'measured_on',
        'spread_mm',
        'care',
        'worn_min',
        'worn_share',
        'oil_in_min',
        'oil_due',
        'disinfect_due',
        'advice',
        'last_dog',
        'sharpen_in_min',
        'sharpen_on',
        'cautions',
        'reasons',
    ],
)]
final readonly class KitItemView
{
    /**
     * @param list<string> $care
     * @param list<array<string, mixed>> $cautions
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $label,
        #[OA\Property] public string $place,
        #[OA\Property] public string $place_name,
        #[OA\Property(nullable: true, description: 'whose own it is')] public ?string $keeper,
        #[OA\Property(nullable: true)] public ?string $keeper_name,
        #[OA\Property] public string $note,
        #[OA\Property(nullable: true)] public ?float $nominal_mm,
        #[OA\Property(nullable: true)] public ?float $measured_mm,
        #[OA\Property(nullable: true)] public ?string $measured_base,
        #[OA\Property(nullable: true)] public ?string $measured_lay,
        #[OA\Property(nullable: true)] public ?string $measured_on,
        #[OA\Property(nullable: true)] public ?float $spread_mm,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string'),
            description: 'what is written down for a tool of this kind',
        )]
        public array $care,
        #[OA\Property(nullable: true, description: 'what is told beside a tool of this kind')] public ?string $advice,
        #[OA\Property] public float $worn_min,
        #[OA\Property(nullable: true, description: '0 to 1 of what it may run before it is ground'),]
        public ?float $worn_share,
        #[OA\Property(nullable: true)] public ?float $oil_in_min,
        #[OA\Property] public bool $oil_due,
        #[OA\Property] public bool $disinfect_due,
        #[OA\Property(description: 'whose hair it cut last')] public string $last_dog,
        #[OA\Property(nullable: true)] public ?float $sharpen_in_min,
        #[OA\Property(nullable: true, description: 'the day it is likely due, from recent use and what is booked'),]
        public ?string $sharpen_on,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionView::class))] public array $cautions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonView::class))] public array $reasons,
    ) {
    }

    /** @param KitRow $row */
    public static function of(array $row, WearAnswer $wear): self
    {
        $mm = static fn (?int $um): ?float => null === $um ? null : $um / 1000;

        return new self(
            $row['id'],
            $row['version'],
            $row['kind'],
            $row['label'],
            $row['place'],
            $row['place_name'],
            $row['keeper'],
            $row['keeper_name'],
            $row['note'],
            $mm($row['nominal_um']),
            $mm($row['measured_um']),
            $row['measured_base'],
            $row['measured_lay'],
            $row['measured_on'],
            $row['spread'],
            CareTable::of($row['kind']),
            CareTable::advice($row['kind']),
            $wear->worn,
            null === $wear->sharpenIn ? null : round(min(1.0, $wear->worn / WearRule::SHARPEN_MINUTES), 3),
            $wear->oilIn,
            null !== $wear->oilIn && $wear->oilIn <= 0.0,
            $wear->disinfectDue,
            $wear->lastDog,
            $wear->sharpenIn,
            $wear->sharpenOn?->format('Y-m-d'),
            Caution::listToArray($wear->cautions),
            Reason::listToArray($wear->reasons),
        );
    }
}
