<?php

/** A dog with its people, as the card and the form need it. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Handling\Tail;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'id',
        'version',
        'name',
        'breed',
        'sex',
        'born_on',
        'born_estimated',
        'kg',
        'build',
        'muzzle',
        'ear_type',
        'ear_set',
        'tail_type',
        'tail_carriage',
        'tail_rule',
        'coat',
        'stage',
        'density',
        'upkeep',
        'finish',
        'ground',
        'hard_floor',
        'dewclaws',
        'hand_stripped',
        'handling',
        'handling_note',
        'health',
        'health_note',
        'vet',
        'emergency',
        'may_collect',
        'photo_consent',
        'state',
        'wish_weeks',
        'household',
        'household_name',
        'people',
    ],
)]
final readonly class DogView
{
    /**
     * @param list<string> $health
     * @param list<array{name: string, phone: string, email: string}> $people
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public string $breed,
        #[OA\Property] public string $sex,
        #[OA\Property(nullable: true)] public ?string $born_on,
        #[OA\Property] public bool $born_estimated,
        #[OA\Property(nullable: true)] public ?float $kg,
        #[OA\Property] public string $build,
        #[OA\Property] public string $muzzle,
        #[OA\Property] public string $ear_type,
        #[OA\Property] public string $ear_set,
        #[OA\Property] public string $tail_type,
        #[OA\Property] public string $tail_carriage,
        #[OA\Property(description: 'how the tail may be moved while the rear is worked')] public string $tail_rule,
        #[OA\Property] public string $coat,
        #[OA\Property] public string $stage,
        #[OA\Property] public string $density,
        #[OA\Property] public string $upkeep,
        #[OA\Property] public string $finish,
        #[OA\Property] public string $ground,
        #[OA\Property] public bool $hard_floor,
        #[OA\Property] public int $dewclaws,
        #[OA\Property] public bool $hand_stripped,
        #[OA\Property] public string $handling,
        #[OA\Property] public string $handling_note,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $health,
        #[OA\Property] public string $health_note,
        #[OA\Property] public string $vet,
        #[OA\Property] public string $emergency,
        #[OA\Property] public string $may_collect,
        #[OA\Property] public bool $photo_consent,
        #[OA\Property] public string $state,
        #[OA\Property(nullable: true)] public ?int $wish_weeks,
        #[OA\Property] public string $household,
        #[OA\Property] public string $household_name,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['name', 'phone', 'email'],
                properties: [
                    new OA\Property('name', type: 'string'),
                    new OA\Property('phone', type: 'string'),
                    new OA\Property('email', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $people,
    ) {
    }

    /** @param bool $phones whether who looks may see how owners are reached */
    public static function of(Dog $d, bool $phones): self
    {
        $numbers = static fn (string $text): string => $phones
            ? $text
            : (string) preg_replace('/\+?\d[\d ()\/.-]{3,}\d/', '…', $text);

        return new self(
            (string) $d->id,
            $d->version,
            $d->name,
            $d->breed,
            $d->sex,
            $d->bornOn?->format('Y-m-d'),
            $d->bornEstimated,
            $d->kg,
            $d->build,
            $d->muzzle,
            $d->earType,
            $d->earSet,
            $d->tailType,
            $d->tailCarriage,
            Tail::rule($d->tailCarriage),
            $d->coat->value,
            $d->stage->value,
            $d->density,
            $d->upkeep->value,
            $d->finish->value,
            $d->ground->value,
            $d->hardFloor,
            $d->dewclaws,
            $d->handStripped,
            $d->handling->value,
            $d->handlingNote,
            $d->health,
            $d->healthNote,
            $d->vet,
            $numbers($d->emergency),
            $numbers($d->mayCollect),
            $d->photoConsent,
            $d->state,
            $d->wishWeeks,
            (string) $d->household->id,
            $d->household->name,
            array_map(
                static fn (Client $c): array => [
                    'name' => $c->name,
                    'phone' => $phones ? $c->phone : '',
                    'email' => $phones ? $c->email : '',
                ],
                array_values($d->household->clients->toArray()),
            ),
        );
    }
}
