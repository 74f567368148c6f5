<?php

/** The salon's house style and settings. A response record. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use KeenThistle\Core\Order\Schools as Sides;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Core\Style\StyleTable;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Role;

final readonly class HouseStyleView
{
    /**
     * @param list<string> $time_zones
     * @param list<array{point: string, label: string, changes: string, chosen: string,
     *     sides: list<array{id: string, what: string, why: string}>}> $schools
     * @param list<array{label: string, points: list<string>}> $school_groups
     * @param list<array{kind: string, name: string, drawing: string, why: string, own: bool}> $styles
     * @param list<array{right: string, words: string, roles: list<string>}> $rights
     */
    public function __construct(
        public int $version,
        public string $name,
        public float $mat_limit,
        public bool $asks_for_vaccination,
        public int $remind_days,
        #[Says('heavier dogs take a lift table, or two people')] public float $lift_kg,
        public string $hemisphere,
        public string $time_zone,
        public array $time_zones,
        #[Gives("'en'|'en-US'")] public string $language,
        #[Gives("'metric'|'us'")] public string $units,
        #[Says('months the texts of messages are kept; 0: for ever')] public int $keep_messages_months,
        #[Says('years until a home that nobody comes from is erased; 0: never')] public int $keep_gone_years,
        public array $schools,
        #[Says('the points by what of the work they change')] public array $school_groups,
        public array $styles,
        #[Says('who may do what')] public array $rights,
    ) {
    }

    public static function of(Salon $salon): self
    {
        $chosen = (new Sides($salon->schools))->chosen;
        $rows = [];
        foreach (SchoolTable::rows() as $point => [$label, $sides, $changes]) {
            $rows[] = [
                'point' => $point,
                'label' => $label,
                'changes' => $changes,
                'chosen' => $chosen[$point],
                'sides' => array_map(
                    static fn (string|int $id, array $side): array => [
                        'id' => (string) $id,
                        'what' => $side[0],
                        'why' => $side[1],
                    ],
                    array_keys($sides),
                    array_values($sides),
                ),
            ];
        }

        return new self(
            $salon->houseVersion,
            $salon->name,
            $salon->matLimit,
            $salon->asksForVaccination,
            $salon->remindDays,
            $salon->liftKg,
            $salon->hemisphere->value,
            $salon->timeZone,
            \DateTimeZone::listIdentifiers(),
            $salon->language,
            $salon->units,
            $salon->keepMessagesMonths,
            $salon->keepGoneYears,
            $rows,
            array_map(
                static fn (array $g): array => ['label' => $g[0], 'points' => $g[1]],
                array_values(SchoolTable::groups()),
            ),
            [
                ...array_map(static fn (array $s): array => $s + ['own' => false], StyleTable::all()),
                ...array_map(static fn (array $s): array => $s + ['why' => 'our own', 'own' => true], $salon->styles),
            ],
            self::rightsOfRoles(),
        );
    }

    /** @return list<array{right: string, words: string, roles: list<string>}> as routes check them */
    private static function rightsOfRoles(): array
    {
        $out = [];
        foreach (May::WORDS as $right => $words) {
            $roles = array_filter(
                Role::cases(),
                static fn (Role $r): bool => \in_array($right, $r->permissions(), true),
            );
            $out[] = [
                'right' => strtolower(substr($right, 5)),
                'words' => $words,
                'roles' => array_map(static fn (Role $r): string => $r->label(), array_values($roles)),
            ];
        }

        return $out;
    }
}
