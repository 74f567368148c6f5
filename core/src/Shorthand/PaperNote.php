<?php

/** Reads what stands on a paper card in the words of its writer, as shorthand; what is not certain is marked so. */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Say\Say;

/** Offered, never kept by itself: somebody who knows the dog looks at it first. */
final class PaperNote
{
    public const LONGEST = 1000;

    /** Other words for a zone or a group. */
    private const CALLED = [
        'topknot' => 'skull',
        'saddle' => 'back',
        'tummy' => 'belly',
        'moustache' => 'muzzle',
        'sani' => 'sanitary',
        'privates' => 'sanitary',
        'toes' => 'between_toes',
        'all_over' => 'body',
    ];
    /** Blades by whose number a guard of so many mm could be meant as well. */
    private const EITHER = ['3', '4', '5', '6', '10'];
    private const HANDS = [
        'scissor' => '/\b(?:hand[- ]?)?scissor(?:ed|s|ing)?\b(?:\s+(?:to|at))?\s*(\d+(?:[.,]\d+)?)?\s*(?:mm)?/',
        'thin' => '/\bthinn?(?:ed|ing|ers)?\b\s*(\d+(?:[.,]\d+)?)?\s*(?:mm)?/',
        'strip' => '/\b(?:hand[- ]?)?stripp?(?:ed|ing)?\b\s*(\d+(?:[.,]\d+)?)?\s*(?:mm)?/',
        'card' => '/\bcard(?:ed|ing)\b\s*(\d+(?:[.,]\d+)?)?\s*(?:mm)?/',
        'leave' => '/\b(?:leave|left|keep|natural)\b(?:\s+(?:at|long))?\s*(\d+(?:[.,]\d+)?)?\s*(?:mm)?/',
    ];
    /** Words without which a part says the same. */
    private const FILL = '/^(?:the|a|an|and|with|to|on|in|of|is|are|all|over|by|at|for|hair|coat|blade|guard|comb|'.
        'clip|clipped|cut|done|mm|lay|please|off|down|natural|long)$/';

    private function __construct()
    {
    }

    /**
     * @return list<PaperPart> in the order of the note: parts stand between commas, semicolons, full stops, lines
     */
    public static function read(string $text): array
    {
        $out = $taken = [];
        $parts = preg_split('/[;\n\r]+|,(?!\d)|\.(?!\d)/u', mb_substr($text, 0, self::LONGEST));
        foreach (false === $parts ? [] : $parts as $part) {
            if ('' === trim($part)) {
                continue;
            }
            $read = self::part(trim($part));
            $again = array_intersect($read->zones, $taken);
            $out[] = [] === $again ? $read : $read->unsure(Say::it('paper.said_before'), keep: false);
            $taken = [...$taken, ...$read->zones];
        }

        return $out;
    }

    /**
     * The line that some of the parts come to.
     *
     * @param list<PaperPart> $parts
     */
    public static function line(array $parts): string
    {
        $lines = array_map(static fn (PaperPart $p): string => $p->line, $parts);

        return implode('; ', array_filter($lines, static fn (string $l): bool => '' !== $l));
    }

    private static function part(string $said): PaperPart
    {
        $left = mb_strtolower($said);
        $doubts = [];
        $tool = self::tool($left, $doubts);
        $lay = '';
        if (1 === preg_match('/\b(?:against|reverse)\b/', $left)) {
            $lay = ' against';
            $left = (string) preg_replace('/\b(?:against|reverse)\b/', ' ', $left);
        } elseif (1 === preg_match('/\bacross\b/', $left)) {
            $lay = ' across';
            $left = (string) preg_replace('/\bacross\b/', ' ', $left);
        }
        [$zones, $names, $other] = self::zones($left, $doubts);
        if ([] === $zones) {
            return new PaperPart($said, '', [], false, [Say::it('paper.no_zone')]);
        }
        if ('' === $tool) {
            return new PaperPart($said, '', [], false, [Say::it('paper.no_tool')]);
        }
        if ([] !== $other) {
            $doubts[] = Say::it('paper.left_out', implode(' ', $other));
        }
        $line = implode(' ', $names).": $tool$lay";
        // What the shorthand itself does not take is not offered.
        if ([] !== Notation::parse($line)->faults) {
            return new PaperPart($said, '', [], false, [Say::it('paper.no_tool')]);
        }

        return new PaperPart($said, $line, $zones, [] === $doubts, $doubts);
    }

    /**
     * Takes the tool out of what is said.
     *
     * @param list<string> $doubts
     */
    private static function tool(string &$left, array &$doubts): string
    {
        $of = static function (string $pattern) use (&$left): ?array {
            if (1 !== preg_match($pattern, $left, $m)) {
                return null;
            }
            $left = str_replace($m[0], ' ', $left);

            return $m;
        };
        $over = '~(\d+(?:[.,]\d+)?)\s*(?:mm)?\s*(?:guard|comb)?\s*(?:over|/)\s*(?:a|an)?\s*#?(10|15|30|40)\b~';
        if (null !== ($m = $of($over))) {
            return str_replace(',', '.', $m[1])."/$m[2]";
        }
        foreach (self::HANDS as $hand => $pattern) {
            if (null !== ($m = $of($pattern))) {
                return trim("$hand ".str_replace(',', '.', $m[1] ?? ''));
            }
        }
        $out = null !== $of('/\b(?:shaved?|clipped out|shaven|out)\b/') ? 'out ' : '';
        $labels = implode('|', array_map(preg_quote(...), BladeTable::labels()));
        if (null !== ($m = $of("/(#|\\bblade\\s+)?\\b($labels)(?![\\d.,])(?!\\s*mm)\\b(\\s*blade)?/i"))) {
            $label = 'toe' === $m[2] ? 'toe' : strtoupper($m[2]);
            $named = '' !== $m[1] || '' !== ($m[3] ?? '');
            if ('' === $out && !$named && \in_array($label, self::EITHER, true)) {
                $doubts[] = Say::it('paper.blade_or_mm', $label, $label);
            }

            return "$out$label";
        }
        if (null !== ($m = $of('/\b(\d+(?:[.,]\d+)?)\s*(?:mm)?\b/'))) {
            $doubts[] = Say::it('paper.which_base', $m[1]);

            return str_replace(',', '.', $m[1]).'/10';
        }
        if ('' !== $out) {
            $doubts[] = Say::it('paper.which_blade');

            return 'out 10';
        }

        return '';
    }

    /**
     * @param list<string> $doubts
     *
     * @return array{list<string>, list<string>, list<string>} zones, their names as the shorthand has them, other words
     */
    private static function zones(string $left, array &$doubts): array
    {
        preg_match_all('/[\p{L}][\p{L}\p{N}_-]*/u', $left, $m);
        $words = $m[0];
        $zones = $names = $other = [];
        for ($i = 0; $i < \count($words); ++$i) {
            $pair = isset($words[$i + 1]) ? self::named($words[$i].'_'.$words[$i + 1]) : null;
            $one = $pair ?? self::named($words[$i]);
            if (null === $one) {
                if (1 !== preg_match(self::FILL, $words[$i])) {
                    $other[] = $words[$i];
                }
                continue;
            }
            $i += null === $pair ? 0 : 1;
            if (\count($one) > 1) {
                $doubts[] = Say::it('paper.group', $words[$i], implode(' ', $one));
            }
            foreach ($one as $name) {
                $names[] = $name;
                $zones = [...$zones, ...(ZoneNames::zones($name) ?? [])];
            }
        }

        return [array_values(array_unique($zones)), array_values(array_unique($names)), $other];
    }

    /** @return list<string>|null what the shorthand calls it; several: a group */
    private static function named(string $word): ?array
    {
        $word = self::CALLED[$word] ?? $word;
        foreach ([$word, rtrim($word, 's'), $word.'s'] as $name) {
            if (null !== ZoneNames::zones($name)) {
                return [$name];
            }
            if (isset(ZoneNames::GROUPS[$name])) {
                return ZoneNames::GROUPS[$name];
            }
        }

        return null;
    }
}
