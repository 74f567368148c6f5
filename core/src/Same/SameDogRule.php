<?php

/** Whether two records are likely one dog: somebody looks at them then; nothing is made one by itself. */

declare(strict_types=1);

namespace KeenThistle\Core\Same;

use KeenThistle\Core\Say\Say;

final class SameDogRule
{
    /** Figures at the end of a number by which it is the same, whatever stands before: a country, a zero. */
    private const FIGURES = 7;
    private const FEWEST_FIGURES = 6;
    /** A name alone is no sign: half the town has a Bella. */
    private const ENOUGH = 3;

    private function __construct()
    {
    }

    /** @return list<string> what they have in common, in words; empty: they are likely two */
    public static function signs(Record $a, Record $b): array
    {
        $isNamed = self::plain($a->name) === self::plain($b->name);
        $owner = self::plain($a->owner);
        $phone = self::figures($a->phone);
        $isOwner = '' !== $owner && self::plain($b->owner) === $owner;
        $isPhone = \strlen($phone) >= self::FEWEST_FIGURES && self::figures($b->phone) === $phone;
        $breed = self::plain($a->breed);
        $signs = array_keys(array_filter([
            Say::it('same.name') => $isNamed,
            Say::it('same.owner') => $isOwner,
            Say::it('same.phone') => $isPhone,
            Say::it('same.breed') => '' !== $breed && self::plain($b->breed) === $breed,
            Say::it('same.build_and_coat') => $a->build === $b->build && $a->coat === $b->coat,
        ], static fn (bool $holds): bool => $holds));
        // Dogs of one home are often alike: there the name must be the same too, or a slip away from it.
        if (!$isNamed && !self::isSlip(self::plain($a->name), self::plain($b->name))) {
            return [];
        }

        return ($isOwner || $isPhone) && \count($signs) >= 2 || \count($signs) >= self::ENOUGH ? $signs : [];
    }

    /** One letter too many, too few or wrong; names of a letter or two are no slip of each other. */
    private static function isSlip(string $a, string $b): bool
    {
        return min(\strlen($a), \strlen($b)) > 2 && levenshtein($a, $b) <= 1;
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower(mb_scrub($text)));
    }

    private static function figures(string $phone): string
    {
        return substr((string) preg_replace('/\D+/', '', $phone), -self::FIGURES);
    }
}
