<?php

/** One tool: where it lives, what it leaves, how worn it is. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Wear\CareTable;
use KeenThistle\Core\Wear\WearAnswer;
use KeenThistle\Core\Wear\WearRule;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

/** @phpstan-import-type KitRow from KitReader */
final readonly class KitItemView
{
    /**
     * @param list<string> $care
     * @param list<array<string, mixed>> $cautions
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $kind,
        public string $label,
        public string $place,
        public string $place_name,
        #[Says('whose own it is')] public ?string $keeper,
        public ?string $keeper_name,
        public string $note,
        public ?float $nominal_mm,
        public ?float $measured_mm,
        #[Gives("'10'|'15'|'30'|'40'|null")] public ?string $measured_base,
        #[Gives("'with'|'across'|'against'|null")] public ?string $measured_lay,
        public ?string $measured_on,
        public ?float $spread_mm,
        #[Says('what is written down for a tool of this kind')] public array $care,
        #[Says('what is told beside a tool of this kind')] public ?string $advice,
        public float $worn_min,
        #[Says('0 to 1 of what it may run before it is ground')] public ?float $worn_share,
        public ?float $oil_in_min,
        public bool $oil_due,
        public bool $disinfect_due,
        #[Says('whose hair it cut last')] public string $last_dog,
        public ?float $sharpen_in_min,
        #[Says('the day it is likely due, from recent use and what is booked')] public ?string $sharpen_on,
        #[Gives('list<CautionView>')] public array $cautions,
        #[Gives('list<ReasonView>')] public array $reasons,
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
