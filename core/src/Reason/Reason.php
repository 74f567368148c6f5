<?php

/** One term of a computed figure. Exists so that every number on a screen can answer "why?". */

declare(strict_types=1);

namespace KeenThistle\Core\Reason;

/** A term, its value and unit, and where it came from: a table, a setting, a measurement, a visit. */
final readonly class Reason
{
    /** @param string $visit id of the visit the term came from, empty when it came from none */
    public function __construct(
        public string $term,
        public float|int|string $value,
        public string $unit,
        public string $source,
        public string $visit = '',
    ) {
    }

    /** @return array{term: string, value: float|int|string, unit: string, source: string, visit?: string} */
    public function toArray(): array
    {
        $out = ['term' => $this->term, 'value' => $this->value, 'unit' => $this->unit, 'source' => $this->source];
        if ('' !== $this->visit) {
            $out['visit'] = $this->visit;
        }

        return $out;
    }

    /**
     * @param list<self> $reasons
     *
     * @return list<array{term: string, value: float|int|string, unit: string, source: string, visit?: string}>
     */
    public static function listToArray(array $reasons): array
    {
        return array_map(static fn (self $r): array => $r->toArray(), $reasons);
    }
}
