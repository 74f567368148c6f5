<?php

/** Readings of a tool. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Kit\Measured;
use KeenThistle\Core\Kit\MeasureRule;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Input\Choice;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Number;
use KeenThistle\Input\Says;

final readonly class MeasureForm
{
    /** @param list<float>|null $readings_mm */
    public function __construct(
        #[Number(0.1, Length::MAX_MM, 'mm, one reading; null and no readings: the measurement is taken away')]
        public ?float $measured_mm = null,
        #[ListOf(new Number(0.05, Length::MAX_MM, 'mm'), 1, MeasureRule::MOST)]
        #[Says('five make a careful measurement')]
        public ?array $readings_mm = null,
        #[Choice(BladeTable::GUARD_BASES, 'base blade')] public ?string $base = null,
        #[Choice(Lay::class, 'lay')] public Lay $lay = Lay::With,
        #[Says('what is asked about has been looked at: it is so')] public bool $confirmed = false,
    ) {
    }

    /** Null where the measurement is taken away. @throws InvalidInput */
    public function judge(string $kind, string $label, ?int $nominal): ?Measured
    {
        $expected = Expected::length($kind, $label, $nominal, $this->base, $this->lay);
        $field = null !== $this->readings_mm ? 'readings_mm' : 'measured_mm';
        $given = $this->readings_mm ?? (null === $this->measured_mm ? [] : [$this->measured_mm]);
        $readings = [];
        foreach ($given as $i => $mm) {
            $readings[] = Length::ofMillimetres($mm, "{$field}[$i]");
        }

        return [] === $readings
            ? null
            : (new MeasureRule())->judge(
                $readings,
                $expected,
                'blade' === $kind && Lay::With === $this->lay ? $label : null,
                $field,
            );
    }
}
