<?php

/** The salon's house style and settings. A response record. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Core\Style\StyleTable;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Role;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'version',
        'name',
        'currency',
        'rate_minor',
        'mat_rate_minor',
        'mat_limit',
        'asks_for_vaccination',
        'hemisphere',
        'time_zone',
        'time_zones',
        'schools',
        'styles',
        'rights',
    ],
)]
final readonly class HouseStyleView
{
    /**
     * @param list<string> $time_zones
     * @param list<array{point: string, label: string, chosen: string, sides: list<array{id: string, what: string,
     *     why: string}>}> $schools
     * @param list<array{kind: string, name: string, drawing: string, why: string, own: bool}> $styles
     * @param list<array{right: string, words: string, roles: list<string>}> $rights
     */
    public function __construct(
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public string $currency,
        #[OA\Property] public int $rate_minor,
        #[OA\Property] public int $mat_rate_minor,
        #[OA\Property] public float $mat_limit,
        #[OA\Property] public bool $asks_for_vaccination,
        #[OA\Property] public string $hemisphere,
        #[OA\Property] public string $time_zone,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $time_zones,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['point', 'label', 'chosen', 'sides'],
                properties: [
                    new OA\Property('point', type: 'string'),
                    new OA\Property('label', type: 'string'),
                    new OA\Property('chosen', type: 'string'),
                    new OA\Property(
                        'sides',
                        type: 'array',
                        items: new OA\Items(
                            required: ['id', 'what', 'why'],
                            properties: [
                                new OA\Property('id', type: 'string'),
                                new OA\Property('what', type: 'string'),
                                new OA\Property('why', type: 'string'),
                            ],
                            type: 'object',
                        ),
                    ),
                ],
                type: 'object',
            ),
        )]
        public array $schools,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['kind', 'name', 'drawing', 'why', 'own'],
                properties: [
                    new OA\Property('kind', type: 'string'),
                    new OA\Property('name', type: 'string'),
                    new OA\Property('drawing', type: 'string'),
                    new OA\Property('why', type: 'string'),
                    new OA\Property('own', type: 'boolean'),
                ],
                type: 'object',
            ),
        )]
        public array $styles,
        #[OA\Property(
            type: 'array',
            description: 'who may do what',
            items: new OA\Items(
                required: ['right', 'words', 'roles'],
                properties: [
                    new OA\Property('right', type: 'string'),
                    new OA\Property('words', type: 'string'),
                    new OA\Property('roles', type: 'array', items: new OA\Items(type: 'string')),
                ],
            ),
        )]
        public array $rights,
    ) {
    }

    public static function of(Salon $salon): self
    {
        $chosen = $salon->schools + SchoolTable::defaults();
        $rows = [];
        foreach (SchoolTable::rows() as $point => [$label, $sides]) {
            $rows[] = [
                'point' => $point,
                'label' => $label,
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
            $salon->currency,
            $salon->rateMinor,
            $salon->matRateMinor,
            $salon->matLimit,
            $salon->asksForVaccination,
            $salon->hemisphere->value,
            $salon->timeZone,
            \DateTimeZone::listIdentifiers(),
            $rows,
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
