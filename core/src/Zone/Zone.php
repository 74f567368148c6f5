<?php

/** One place on the dog that has its own recipe. */

declare(strict_types=1);

namespace KeenThistle\Core\Zone;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;

final readonly class Zone
{
    /**
     * @param int $hundredths share of the body surface in hundredths of a per cent
     * @param bool $tender has its own limit on working mats out
     * @param bool $thinSkin a skip-tooth blade nicks here
     * @param bool $face hair here grows into the eyes or mouth
     * @param string $side "left", "front right"… or empty
     */
    public function __construct(
        public string $id,
        public int $hundredths,
        public bool $tender,
        public bool $thinSkin,
        public bool $face,
        public string $group,
        public string $label,
        public string $side,
    ) {
    }

    /** @throws InvalidInput naming the nearest zone */
    public static function of(string $id, string $field = 'zone'): self
    {
        return ZoneTable::all()[$id] ?? throw InvalidInput::notOneOf($field, $id, ZoneTable::ids(), 'zone');
    }

    public static function shape(): Shape
    {
        return Shape::choice(ZoneTable::ids(), 'zone');
    }

    /** Hair here grows into the eye. */
    public function isAtTheEye(): bool
    {
        return 1 === preg_match('/^(inner_eye_|fringe$|brow$|stop$)/', $this->id);
    }

    /** Share of the body surface, 0 to 1. */
    public function share(): float
    {
        return $this->hundredths / 10_000;
    }

    /** @return list<self> the zones that meet this one */
    public function neighbours(): array
    {
        return array_map(static fn (string $id): self => self::of($id), ZoneTable::meeting($this->id));
    }
}
