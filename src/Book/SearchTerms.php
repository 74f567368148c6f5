<?php

/** The words a dog is found by, spelled so that accents, case and one slip of the finger do not matter. */

declare(strict_types=1);

namespace KeenThistle\Book;

final class SearchTerms
{
    public const NAME = 0;
    public const PEOPLE = 1;
    public const BREED = 2;
    public const PHONE = 3;
    /** Words with one letter left out, for finding across a typo. */
    public const NEAR = 4;
    private const LONGEST = 24;
    private const NEAR_FROM = 4;
    private const NEAR_TO = 12;

    private static ?\Transliterator $transliterator = null;

    private function __construct()
    {
    }

    /** @return list<string> plain lower-case words */
    public static function words(string $text): array
    {
        // Loading the tables of all scripts takes as long as the search: plain letters do not need them.
        $plain = mb_check_encoding($text, 'ASCII') ? strtolower($text) : self::latin($text);
        $words = trim((string) preg_replace('/[^a-z0-9]+/', ' ', $plain));

        return '' === $words
            ? []
            : array_map(static fn (string $w): string => substr($w, 0, self::LONGEST), explode(' ', $words));
    }

    private static function latin(string $text): string
    {
        self::$transliterator ??=
            \Transliterator::create('Any-Latin; Latin-ASCII; Lower()') ??
            throw new \LogicException('PHP\'s intl extension has no transliterator.');

        return (string) self::$transliterator->transliterate(mb_scrub($text));
    }

    public static function digits(string $phone): string
    {
        return substr((string) preg_replace('/\D+/', '', $phone), 0, self::LONGEST);
    }

    /** @return list<string> the word with each letter left out once; empty for words too short or long to guess at */
    public static function near(string $word): array
    {
        $length = \strlen($word);
        if ($length < self::NEAR_FROM || $length > self::NEAR_TO || ctype_digit($word)) {
            return [];
        }
        $out = [];
        for ($i = 0; $i < $length; ++$i) {
            $out[] = substr($word, 0, $i).substr($word, $i + 1);
        }

        return array_values(array_unique($out));
    }

    /**
     * @param list<string> $people names of household and clients
     * @param list<string> $phones
     *
     * @return list<array{int, string}> field and term, each once
     */
    public static function of(string $name, string $breed, array $people, array $phones): array
    {
        $terms = [];
        $add = static function (int $field, string $term) use (&$terms): void {
            $terms["$field|$term"] = [$field, $term];
        };
        foreach ([[self::NAME, [$name]], [self::PEOPLE, $people], [self::BREED, [$breed]]] as [$field, $texts]) {
            foreach ($texts as $text) {
                foreach (self::words($text) as $word) {
                    $add($field, $word);
                    foreach (self::near($word) as $near) {
                        $add(self::NEAR, $near);
                    }
                }
            }
        }
        foreach ($phones as $phone) {
            $digits = self::digits($phone);
            for ($i = 0; $i <= \strlen($digits) - 3; ++$i) {
                $add(self::PHONE, substr($digits, $i));
            }
        }

        return array_values($terms);
    }

    /**
     * Whether every typed word is at most one slip (a letter too many, too few, wrong or swapped) from how some term
     * begins.
     *
     * @param list<string> $words
     * @param list<string> $terms
     */
    public static function allNear(array $words, array $terms): bool
    {
        foreach ($words as $word) {
            $near = false;
            foreach ($terms as $term) {
                for ($length = \strlen($word) - 1; !$near && $length <= \strlen($word) + 1; ++$length) {
                    $near = self::oneSlip($word, substr($term, 0, $length));
                }
            }
            if (!$near) {
                return false;
            }
        }

        return true;
    }

    private static function oneSlip(string $typed, string $meant): bool
    {
        if (levenshtein($typed, $meant) <= 1) {
            return true;
        }
        if (\strlen($typed) !== \strlen($meant)) {
            return false;
        }
        for ($i = 0; $i < \strlen($typed) - 1; ++$i) {
            if ($typed[$i] !== $meant[$i]) {
                return $typed[$i] === $meant[$i + 1]
                    && $typed[$i + 1] === $meant[$i]
                    && substr($typed, $i + 2) === substr($meant, $i + 2);
            }
        }

        return false;
    }
}
