<?php

/** What the words of a breed or cross usually mean for build and coat: a first guess for a new dog, looked at after. */

declare(strict_types=1);

namespace KeenThistle\Core\Coat;

use KeenThistle\Core\Say\Say;

final readonly class BreedWords
{
    /** A kind of dog; the last one named counts most, as the noun stands last. */
    private const KINDS = [
        'terrier' => [
            'coat' => 'wire',
            'build' => 'square',
            'muzzle' => 'long',
            'ear_type' => 'button',
            'ear_set' => 'high',
            'tail_type' => 'long',
            'tail_carriage' => 'up',
        ],
        'schnauzer' => [
            'coat' => 'wire',
            'build' => 'square',
            'muzzle' => 'long',
            'ear_type' => 'button',
            'ear_set' => 'high',
            'tail_type' => 'long',
            'tail_carriage' => 'up',
        ],
        'griffon' => [
            'coat' => 'wire',
            'build' => 'square',
            'muzzle' => 'medium',
            'ear_type' => 'drop',
            'ear_set' => 'level',
            'tail_type' => 'long',
            'tail_carriage' => 'level',
        ],
        'spaniel' => [
            'coat' => 'feathered',
            'build' => 'square',
            'muzzle' => 'medium',
            'ear_type' => 'long_drop',
            'ear_set' => 'low',
            'tail_type' => 'plume',
            'tail_carriage' => 'level',
        ],
        'setter' => [
            'coat' => 'feathered',
            'build' => 'leggy',
            'muzzle' => 'long',
            'ear_type' => 'drop',
            'ear_set' => 'low',
            'tail_type' => 'plume',
            'tail_carriage' => 'level',
        ],
        'retriever' => [
            'coat' => 'feathered',
            'build' => 'square',
            'muzzle' => 'medium',
            'ear_type' => 'drop',
            'ear_set' => 'level',
            'tail_type' => 'plume',
            'tail_carriage' => 'level',
        ],
        'pointer' => [
            'coat' => 'smooth',
            'build' => 'leggy',
            'muzzle' => 'long',
            'ear_type' => 'drop',
            'ear_set' => 'level',
            'tail_type' => 'long',
            'tail_carriage' => 'level',
        ],
        'poodle' => [
            'coat' => 'curly',
            'build' => 'leggy',
            'muzzle' => 'long',
            'ear_type' => 'long_drop',
            'ear_set' => 'low',
            'tail_type' => 'plume',
            'tail_carriage' => 'up',
        ],
        'doodle' => [
            'coat' => 'curly',
            'build' => 'leggy',
            'muzzle' => 'medium',
            'ear_type' => 'drop',
            'ear_set' => 'level',
            'tail_type' => 'plume',
            'tail_carriage' => 'up',
        ],
        'bichon' => [
            'coat' => 'curly',
            'build' => 'square',
            'muzzle' => 'short',
            'ear_type' => 'drop',
            'ear_set' => 'level',
            'tail_type' => 'curled',
            'tail_carriage' => 'up',
        ],
        'collie' => [
            'coat' => 'long_double',
            'build' => 'square',
            'muzzle' => 'long',
            'ear_type' => 'button',
            'ear_set' => 'high',
            'tail_type' => 'plume',
            'tail_carriage' => 'down',
        ],
        'sheepdog' => [
            'coat' => 'long_double',
            'build' => 'square',
            'muzzle' => 'medium',
            'ear_type' => 'drop',
            'ear_set' => 'level',
            'tail_type' => 'plume',
            'tail_carriage' => 'level',
        ],
        'shepherd' => [
            'coat' => 'short_double',
            'build' => 'square',
            'muzzle' => 'long',
            'ear_type' => 'prick',
            'ear_set' => 'high',
            'tail_type' => 'long',
            'tail_carriage' => 'down',
        ],
        'cattle' => [
            'coat' => 'short_double',
            'build' => 'square',
            'muzzle' => 'medium',
            'ear_type' => 'prick',
            'ear_set' => 'high',
            'tail_type' => 'long',
            'tail_carriage' => 'level',
        ],
        'corgi' => [
            'coat' => 'short_double',
            'build' => 'low',
            'muzzle' => 'medium',
            'ear_type' => 'prick',
            'ear_set' => 'high',
            'tail_type' => 'bob',
            'tail_carriage' => 'level',
        ],
        'spitz' => [
            'coat' => 'long_double',
            'build' => 'square',
            'muzzle' => 'medium',
            'ear_type' => 'prick',
            'ear_set' => 'high',
            'tail_type' => 'curled',
            'tail_carriage' => 'up',
        ],
        'husky' => [
            'coat' => 'long_double',
            'build' => 'square',
            'muzzle' => 'medium',
            'ear_type' => 'prick',
            'ear_set' => 'high',
            'tail_type' => 'plume',
            'tail_carriage' => 'up',
        ],
        'hound' => [
            'coat' => 'smooth',
            'build' => 'square',
            'muzzle' => 'long',
            'ear_type' => 'long_drop',
            'ear_set' => 'low',
            'tail_type' => 'long',
            'tail_carriage' => 'up',
        ],
        'basset' => [
            'coat' => 'smooth',
            'build' => 'low',
            'muzzle' => 'long',
            'ear_type' => 'long_drop',
            'ear_set' => 'low',
            'tail_type' => 'long',
            'tail_carriage' => 'up',
        ],
        'dachshund' => [
            'coat' => 'smooth',
            'build' => 'low',
            'muzzle' => 'long',
            'ear_type' => 'drop',
            'ear_set' => 'level',
            'tail_type' => 'long',
            'tail_carriage' => 'level',
        ],
        'sighthound' => self::SIGHT,
        'greyhound' => self::SIGHT,
        'whippet' => self::SIGHT,
        'lurcher' => self::SIGHT,
        'pug' => [
            'coat' => 'smooth',
            'build' => 'broad',
            'muzzle' => 'flat',
            'ear_type' => 'button',
            'ear_set' => 'high',
            'tail_type' => 'curled',
            'tail_carriage' => 'up',
        ],
        'bulldog' => [
            'coat' => 'smooth',
            'build' => 'broad',
            'muzzle' => 'flat',
            'ear_type' => 'rose',
            'ear_set' => 'high',
            'tail_type' => 'bob',
            'tail_carriage' => 'level',
        ],
        'mastiff' => [
            'coat' => 'smooth',
            'build' => 'broad',
            'muzzle' => 'short',
            'ear_type' => 'drop',
            'ear_set' => 'high',
            'tail_type' => 'long',
            'tail_carriage' => 'down',
        ],
        'boxer' => [
            'coat' => 'smooth',
            'build' => 'broad',
            'muzzle' => 'flat',
            'ear_type' => 'button',
            'ear_set' => 'high',
            'tail_type' => 'long',
            'tail_carriage' => 'up',
        ],
        'pinscher' => [
            'coat' => 'smooth',
            'build' => 'square',
            'muzzle' => 'long',
            'ear_type' => 'button',
            'ear_set' => 'high',
            'tail_type' => 'long',
            'tail_carriage' => 'up',
        ],
    ];
    private const SIGHT = [
        'coat' => 'smooth',
        'build' => 'leggy',
        'muzzle' => 'long',
        'ear_type' => 'rose',
        'ear_set' => 'high',
        'tail_type' => 'long',
        'tail_carriage' => 'down',
    ];
    /** A word beside the kind, which says one thing otherwise wherever it stands. */
    private const MARKS = [
        'low' => ['build' => 'low'],
        'leggy' => ['build' => 'leggy'],
        'bull' => ['build' => 'broad', 'coat' => 'smooth'],
        'flat' => ['muzzle' => 'flat'],
        'toy' => ['muzzle' => 'short'],
        'wire' => ['coat' => 'wire'],
        'rough' => ['coat' => 'wire'],
        'smooth' => ['coat' => 'smooth'],
        'curly' => ['coat' => 'curly'],
        'water' => ['coat' => 'curly'],
        'silky' => ['coat' => 'silky_drop', 'ear_type' => 'drop'],
        'corded' => ['coat' => 'corded'],
        'hairless' => ['coat' => 'hairless'],
        'feathered' => ['coat' => 'feathered'],
    ];
    /** As words run together or stand in the plural: "wirehaired", "smooth-coated", "cockapoo". */
    private const ENDS = ['haired', 'coated', 'coat', 'hair', 'faced', 's'];
    private const CROSSES = ['poo' => 'poodle', 'doodle' => 'doodle', 'oodle' => 'poodle'];

    /**
     * What the words suggest, each to be looked at; empty where no word is known. The source is usage in the trade, not
     * a standard: a cross takes after whom it likes.
     *
     * @return array{suggests: array<string, string>, words: list<string>, why: string}
     */
    public function read(string $breed): array
    {
        $kind = $marks = $words = [];
        foreach (self::words($breed) as $word) {
            if (isset(self::KINDS[$word])) {
                $kind = self::KINDS[$word];
                $words[] = $word;
            } elseif (isset(self::MARKS[$word])) {
                $marks = self::MARKS[$word] + $marks;
                $words[] = $word;
            }
        }

        return [
            'suggests' => $marks + $kind,
            'words' => array_values(array_unique($words)),
            'why' => [] === $words ? '' : Say::it('breed.usually_so', implode(', ', array_unique($words))),
        ];
    }

    /** @return list<string> known spellings where a word is one of them */
    private static function words(string $breed): array
    {
        $out = [];
        preg_match_all('/\p{L}+/u', mb_strtolower(mb_scrub($breed)), $found);
        foreach ($found[0] as $word) {
            foreach (['', ...self::ENDS] as $end) {
                $stem = '' !== $end && str_ends_with($word, $end) ? substr($word, 0, -\strlen($end)) : $word;
                if (isset(self::KINDS[$stem]) || isset(self::MARKS[$stem])) {
                    $word = $stem;
                    break;
                }
            }
            foreach (self::CROSSES as $end => $of) {
                if (!isset(self::KINDS[$word]) && str_ends_with($word, $end)) {
                    $word = $of;
                }
            }
            $out[] = $word;
        }

        return $out;
    }
}
