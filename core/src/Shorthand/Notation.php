<?php

/**
 * Writes and reads a whole trim plan on one line. The grammar stands in docs/shorthand.md; parse(format(plan)) is the
 * plan.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Say\Say;

final class Notation
{
    /** A plan of every zone with the longest notes has to fit. */
    public const LONGEST = 60_000;

    private function __construct()
    {
    }

    /** @param array<string, Way> $plan by zone */
    public static function format(array $plan): string
    {
        uksort(
            $plan,
            static fn (string $a, string $b): int => (ZoneNames::order()[$a] ?? 0) <=> (ZoneNames::order()[$b] ?? 0),
        );
        $groups = [];
        foreach ($plan as $zone => $way) {
            $key = $way->key();
            $groups[$key] ??= ['way' => $way, 'zones' => []];
            $groups[$key]['zones'][] = (string) $zone;
        }

        return implode(
            '; ',
            array_map(
                static fn (array $g): string => implode(' ', ZoneNames::write($g['zones'])).
                    ': '.
                    self::way($g['way']),
                array_values($groups),
            ),
        );
    }

    /** @param list<float> $guards */
    public static function parse(string $line, array $guards = []): Parsed
    {
        if (\strlen($line) > self::LONGEST) {
            return new Parsed(
                [],
                [],
                [
                    new Fault(
                        self::LONGEST,
                        0,
                        mb_strcut($line, self::LONGEST, 20, 'UTF-8'),
                        Say::it('shorthand.a_line_of_at_most_characters', self::LONGEST),
                        null,
                    ),
                ],
            );
        }
        if (!mb_check_encoding($line, 'UTF-8')) {
            return new Parsed([], [], [new Fault(0, 0, '', Say::it('shorthand.text_in_utf_8'), null)]);
        }

        return (new NotationReader($line, $guards))->read();
    }

    public static function way(Way $way): string
    {
        $out = match (true) {
            'trimmer' === $way->blade => (Method::ShaveOut === $way->method ? 'out ' : '').
                'trim'.
                (null === $way->guard ? '' : ' '.self::mm($way->guard)),
            null !== $way->guard => self::mm($way->guard).
                '/'.
                ($way->base ?? '').
                (null === $way->called ? '' : ' called '.self::quote($way->called)),
            Method::ShaveOut === $way->method => 'out '.($way->blade ?? ''),
            null !== $way->blade => $way->blade,
            default => $way->method->value.(null === $way->about ? '' : ' '.self::mm($way->about)),
        };
        $out .= null === $way->lay || Lay::With === $way->lay ? '' : ' '.$way->lay->value;
        $out .= null === $way->stop ? '' : ' >'.$way->stop;
        $out .= null === $way->shape ? '' : ' ='.self::quote($way->shape);
        $out .= null === $way->reason ? '' : ' @'.$way->reason;
        $out .= $way->exception ? ' !' : '';
        $out .= $way->once ? ' once' : '';
        $out .= null === $way->clipper ? '' : ' %'.self::quote($way->clipper);

        return $out.(null === $way->note ? '' : ' #'.self::quote($way->note));
    }

    private static function mm(int $um): string
    {
        return rtrim(rtrim(number_format($um / 1000, 3, '.', ''), '0'), '.');
    }

    private static function quote(string $text): string
    {
        return '"'.strtr($text, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n', "\r" => '\\r']).'"';
    }
}
