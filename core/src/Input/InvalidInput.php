<?php

/** The one way a rule refuses its input. Exists so that every refusal names the field and what is allowed. */

declare(strict_types=1);

namespace KeenThistle\Core\Input;

use KeenThistle\Core\Say\Say;

/** Refused input: a field path such as "zones[2].spread" and a sentence saying what is allowed. */
final class InvalidInput extends \DomainException
{
    /** @var list<self> refusals of other fields found in the same input */
    private array $others = [];

    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function at(string $field, string $message): self
    {
        return new self($field, $message);
    }

    /** @param non-empty-list<self> $refusals several fields refused at once; the first speaks for all */
    public static function several(array $refusals): self
    {
        $first = new self($refusals[0]->field, $refusals[0]->getMessage());
        $first->others = array_merge(
            $refusals[0]->others,
            ...array_map(static fn (self $r): array => [$r, ...$r->others], \array_slice($refusals, 1)),
        );

        return $first;
    }

    /** @return list<array{field: string, message: string}> every refused field */
    public function all(): array
    {
        return array_map(static fn (self $r): array => ['field' => $r->field, 'message' => $r->getMessage()], [
            $this,
            ...$this->others,
        ]);
    }

    public static function missing(string $field, string $expected): self
    {
        return new self($field, Say::it('input.is_required', $expected));
    }

    public static function outside(string $field, float $min, float $max, string $unit = ''): self
    {
        return new self(
            $field,
            trim(Say::it('input.must_be_between', self::plain($min), self::plain($max), $unit)),
        );
    }

    /** @param list<string> $allowed */
    public static function notOneOf(string $field, string $given, array $allowed, string $what): self
    {
        $nearest = self::nearest($given, $allowed);
        $shown = mb_strlen($given) > 40 ? mb_substr($given, 0, 40).'…' : $given;

        return new self(
            $field,
            Say::it(
                'input.is_not_a_known_allowed',
                $shown,
                $what,
                null === $nearest ? '' : Say::it('input.did_you_mean', $nearest),
                implode(', ', $allowed),
            ),
        );
    }

    /** @param list<string> $allowed */
    private static function nearest(string $given, array $allowed): ?string
    {
        if ('' === $given || \strlen($given) > 40) {
            return null;
        }
        $best = null;
        $bestDistance = max(1, intdiv(\strlen($given), 3)) + 1;
        foreach ($allowed as $candidate) {
            $distance = levenshtein(strtolower($given), strtolower($candidate));
            if ($distance < $bestDistance) {
                $best = $candidate;
                $bestDistance = $distance;
            }
        }

        return $best;
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
