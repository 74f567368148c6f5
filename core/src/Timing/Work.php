<?php

/** What is to be done on one dog, as the minutes rule needs to know it. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Zone\Zone;

final readonly class Work
{
    private const MIDDLING_MM = 25.0;

    /**
     * @param float $matting minutes of working out and clipping under
     * @param int $newThings tools, people or places new to the dog
     * @param float $weeksLate past the clock that decides, 0 or more
     * @param array<string, Method>|null $zones zone id => method; null: as its coat is usually done
     * @param list<array{estimate: float, actual: float, kind?: string}> $dogVisits oldest first
     * @param list<array{estimate: float, actual: float, kind?: string}> $groomerVisits oldest first
     * @param list<array{label: string, minor: int}> $fees agreed
     * @param Charges|null $charges null: nobody asks what it costs
     * @param float|null $meanMm mean length on arrival; null where nobody knows
     * @param bool $combsOut false: the coat comes off, nobody combs it to the skin
     * @param float $extraMinutes of what comes on top at a price of its own, whatever the dog is like
     */
    public function __construct(
        public float $kg,
        public CoatType $coat,
        public Handling $handling = Handling::Calm,
        public Service $service = Service::Full,
        public float $matting = 0.0,
        public int $newThings = 0,
        public float $weeksLate = 0.0,
        public ?array $zones = null,
        public array $dogVisits = [],
        public array $groomerVisits = [],
        public array $fees = [],
        public ?Charges $charges = null,
        public ?float $meanMm = null,
        public DryWay $dryWay = DryWay::Forced,
        public bool $combsOut = true,
        public float $extraMinutes = 0.0,
    ) {
    }

    /** The same with so many minutes on mats. */
    public function withMatting(float $minutes): self
    {
        return new self(
            $this->kg,
            $this->coat,
            $this->handling,
            $this->service,
            $minutes,
            $this->newThings,
            $this->weeksLate,
            $this->zones,
            $this->dogVisits,
            $this->groomerVisits,
            $this->fees,
            $this->charges,
            $this->meanMm,
            $this->dryWay,
            $this->combsOut,
            $this->extraMinutes,
        );
    }

    /** Drying takes longer in a long coat, and without a strong dryer. */
    public function dryFactor(): float
    {
        $length = 0.6 + (0.4 * ($this->meanMm ?? self::MIDDLING_MM)) / self::MIDDLING_MM;

        return min(1.6, $length) * $this->dryWay->factor();
    }

    /** @return array{float, float, float} shares of the body that are clipped, scissored and stripped */
    public function shares(): array
    {
        if (null === $this->zones) {
            return [1.0, 0.0, 0.0];
        }
        $shares = [0.0, 0.0, 0.0];
        foreach ($this->zones as $id => $method) {
            $kind = match ($method) {
                Method::Clip, Method::Guard, Method::ShaveOut => 0,
                Method::Scissor, Method::Thin => 1,
                Method::Strip => 2,
                Method::Card, Method::Leave => null,
            };
            if (null !== $kind) {
                $shares[$kind] += Zone::of($id)->share();
            }
        }

        return [$shares[0], $shares[1], $shares[2]];
    }
}
