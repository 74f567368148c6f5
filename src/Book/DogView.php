<?php

/** A dog with its people, as the card and the form need it. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Handling\State;
use KeenThistle\Core\Handling\Tail;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class DogView
{
    private const REACH = 'array{vet: string, emergency: string, may_collect: string}';

    /**
     * @param list<string> $markings
     * @param list<string> $health
     * @param list<string> $stops
     * @param list<string> $apart
     * @param list<string> $absent
     * @param array{vet: string, emergency: string, may_collect: string} $reach
     * @param list<array{name: string, phone: string, email: string}> $people
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        public string $breed,
        public string $sex,
        public ?string $born_on,
        public bool $born_estimated,
        public ?float $kg,
        public string $build,
        public string $muzzle,
        public string $ear_type,
        public string $ear_set,
        public string $tail_type,
        public string $tail_carriage,
        #[Says('how the tail may be moved while the rear is worked')] public string $tail_rule,
        public string $coat,
        public string $stage,
        public string $density,
        #[Says('colour of most of the coat; empty: not said')] public string $colour,
        public array $markings,
        public string $upkeep,
        public string $finish,
        public string $ground,
        public bool $hard_floor,
        public int $dewclaws,
        public bool $hand_stripped,
        public string $handling,
        public string $handling_note,
        public array $health,
        public string $health_note,
        public string $vet,
        public string $emergency,
        public string $may_collect,
        #[Says('vet, whom to call, who may fetch it: its own, or its home\'s'), Gives(self::REACH)]
        public array $reach,
        public bool $photo_consent,
        public string $state,
        #[Says('what its state stops, in words; empty: it comes')] public array $stops,
        public ?int $wish_weeks,
        #[Says('what was said on the phone before anybody had seen it')] public string $told,
        #[Says('how it is trimmed, as its paper card says it')] public string $paper,
        #[Says('last day that its proof of vaccination holds')] public ?string $vaccinated_until,
        #[Says('ids of dogs that it must not meet, as far as it is said of this one')] public array $apart,
        #[Says('it bears noise badly: not at the loud hour')] public bool $quiet,
        #[Says('ears and legs that it has not')] public array $absent,
        public string $household,
        public string $household_name,
        public array $people,
    ) {
    }

    /** @param bool $phones whether who looks may see how owners are reached */
    public static function of(Dog $d, bool $phones): self
    {
        $numbers = static fn (string $text): string => $phones
            ? $text
            : (string) preg_replace('/\+?\d[\d ()\/.-]{3,}\d/', '…', $text);

        $reach = Reach::of($d);

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
            $d->colour,
            $d->markings,
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
            [
                'vet' => $reach->vet,
                'emergency' => $numbers($reach->emergency),
                'may_collect' => $numbers($reach->mayCollect),
            ],
            $d->photoConsent,
            $d->state,
            State::from($d->state)->stops(),
            $d->wishWeeks,
            $d->told,
            $d->paper,
            $d->vaccinatedUntil?->format('Y-m-d'),
            $d->apart,
            $d->quiet,
            $d->absent,
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
