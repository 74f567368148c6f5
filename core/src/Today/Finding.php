<?php

/** One thing found on arrival or at the table, where it is, and what a vet has said of it. */

declare(strict_types=1);

namespace KeenThistle\Core\Today;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class Finding
{
    /**
     * @param Zone|null $zone null: of the whole dog
     * @param string|null $clearedBy the vet who cleared it for water and dryer, with the day; null: nobody
     */
    public function __construct(
        public FindingKind $kind,
        public ?Zone $zone = null,
        public ?string $clearedBy = null,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'kind' => Shape::enum(FindingKind::class, 'finding')->required(),
            'zone' => Zone::shape()->nullable()->describe('left out: of the whole dog'),
            'cleared_by' => Shape::line(1, 120)->nullable()->describe('the vet who cleared it for the bath, and when'),
        ]);
    }

    /** @throws InvalidInput where something of one place says no place (field "zone") */
    public static function fromFields(Fields $in): self
    {
        $kind = $in->enum('kind', FindingKind::class);
        $zone = $in->textOrNull('zone');
        if ($kind->stopsHere() && null === $zone) {
            throw InvalidInput::missing($in->pathOf('zone'), Say::it('today.where_it_is'));
        }

        return new self($kind, null === $zone ? null : Zone::of($zone), $in->textOrNull('cleared_by'));
    }
}
