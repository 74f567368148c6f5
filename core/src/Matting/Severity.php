<?php

/** How far a coat is matted in one place: what it is called, and what is taken for it until somebody says more. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class Severity
{
    /** What a comb comes upon is seldom all of a zone: half of it, until it is said. */
    private const BEGINS_AT = 0.5;
    /** Shares a hand can tell apart. */
    public const SPREADS = [0.25, 0.5, 0.75, 1.0];

    /**
     * @param float|null $spread share of the zone it begins with; null: nothing is matted
     * @param bool $asksClearance whether it is asked if a comb tooth passes under it
     * @param bool $passes what is taken for it where nobody said
     */
    private function __construct(
        public int $id,
        public string $label,
        public ?float $spread,
        public bool $asksClearance,
        public bool $passes,
    ) {
    }

    /** @return list<self> from clear to felted */
    public static function all(): array
    {
        $names = [
            Say::it('matting.severity_clear'),
            Say::it('matting.severity_tangles'),
            Say::it('matting.severity_separate'),
            Say::it('matting.severity_tight'),
            Say::it('matting.severity_felted'),
        ];
        $some = Zone::of('back');

        return array_map(
            static fn (string $label, int $id): self => new self(
                $id,
                $label,
                0 === $id ? null : self::BEGINS_AT,
                $id > 0 && $id < 4,
                (new Mat($some, $id, 1.0))->hasClearance(),
            ),
            $names,
            array_keys($names),
        );
    }
}
