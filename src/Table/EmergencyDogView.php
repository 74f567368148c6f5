<?php

/** Of a dog when something happens: who to call, which vet, what it weighs and has. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class EmergencyDogView
{
    /**
     * @param list<array{name: string, phone: string}> $people
     * @param list<array<string, mixed>> $cautions
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $breed,
        public ?float $kg,
        #[Says('the owner first, then who else may be called')] public array $people,
        #[Says('its vet, as the card has it')] public string $vet,
        #[Gives('list<CautionView>'), Says('conditions')] public array $cautions,
        #[Says('id of its open groom')] public ?string $groom,
        #[Says('here today')] public bool $here,
    ) {
    }
}
