<?php

/**
 * Writes and reads a whole trim plan on one line. The grammar stands in docs/shorthand.md; parse(format(plan)) is the
 * plan.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;

final class Notation
{
    public const LONGEST = 10_000;
    private const FAULTS = 5;
    private const HAND = [
        'scissor' => Method::Scissor,
        'thin' => Method::Thin,
        'strip' => Method::Strip,
        'card' => Method::Card,
        'leave' => Method::Leave,
    ];
    private const LAYS = ['with' => Lay::With, 'across' => Lay::Across, 'against' => Lay::Against];
    /** Characters of what is free to say; 40 elsewhere. */
    private const MOST = ['shape' => 80, 'clipper' => 60, 'note' => 300];
    private const NAMES = [
        '>' => 'stop',
        '@' => 'reason',
        '=' => 'shape',
        '%' => 'clipper',
        '#' => 'note',
        '!' => 'exception',
    ];
    private const BLANKS = " \t\r\n";
    private const MARKS = ';:>=@%#!';
    /** What ends a word. */
    private const ENDS = self::BLANKS.self::MARKS.'"';

    /** @var array<string, true>|null */
    private static ?array $blades = null;

    /** @var list<array{string, string, int, int}> kind (text, mark, word), value, byte it begins at, bytes it takes */
    private array $tokens = [];
    private int $i = 0;
    /** Byte up to which tokens were read. */
    private int $at = 0;
    private bool $unclosed = false;
    /** @var list<Fault> */
    private array $faults = [];
    /** @var list<array{at: int, length: int, said: string, means: string}> */
    private array $spoken = [];

    /** @param list<float> $guards mm in the kit, for what is spoken in fractions of an inch */
    private function __construct(private readonly string $line, private readonly array $guards)
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
        $reader = new self($line, $guards);
        if (\strlen($line) > self::LONGEST) {
            return new Parsed(
                [],
                [],
                [
                    new Fault(
                        self::LONGEST,
                        0,
                        mb_strcut($line, self::LONGEST, 20, 'UTF-8'),
                        \sprintf('a line of at most %d characters', self::LONGEST),
                        null,
                    ),
                ],
            );
        }
        if (!mb_check_encoding($line, 'UTF-8')) {
            return new Parsed([], [], [new Fault(0, 0, '', 'text in UTF-8', null)]);
        }

        return $reader->read();
    }

    public static function way(Way $way): string
    {
        $out = match (true) {
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

    private function read(): Parsed
    {
        $plan = [];
        while (null !== $this->peek() && \count($this->faults) < self::FAULTS) {
            if ($this->mark(';')) {
                continue;
            }
            $before = \count($this->faults);
            $zones = $this->zones($plan);
            $way = \count($this->faults) === $before ? $this->readWay() : null;
            if (null === $way || \count($this->faults) > $before) {
                $this->skip();
                continue;
            }
            foreach ($zones as $zone) {
                $plan[$zone] = $way;
            }
        }

        $ordered = [];
        foreach (ZoneNames::order() as $zone => $_) {
            if (isset($plan[$zone])) {
                $ordered[$zone] = $plan[$zone];
            }
        }

        return new Parsed($ordered, $this->spoken, $this->faults);
    }

    /**
     * The token at hand, or one further on; null at the end. Read only as far as needed: a line may be long and wrong.
     *
     * @return array{string, string, int, int}|null
     */
    private function peek(int $ahead = 0): ?array
    {
        if (isset($this->tokens[$this->i + $ahead])) {
            return $this->tokens[$this->i + $ahead];
        }
        while (\count($this->tokens) <= $this->i + $ahead) {
            $at = $this->at + strspn($this->line, self::BLANKS, $this->at);
            $sign = $this->line[$at] ?? '';
            if ('' === $sign) {
                return null;
            }
            if (str_contains(self::MARKS, $sign)) {
                $this->tokens[] = ['mark', $sign, $at, 1];
                $this->at = $at + 1;
            } elseif ('"' === $sign) {
                if (1 !== preg_match('/\G"((?:[^"\\\\]|\\\\.)*+)"/s', $this->line, $m, 0, $at)) {
                    if (!$this->unclosed) {
                        $this->faults[] = new Fault(
                            $this->characters($at),
                            1,
                            mb_strcut($this->line, $at, 40, 'UTF-8'),
                            'a closing quote',
                            null,
                        );
                    }
                    $this->unclosed = true;

                    return null;
                }
                $this->tokens[] = ['text', self::unquote($m[1]), $at, \strlen($m[0])];
                $this->at = $at + \strlen($m[0]);
            } else {
                $length = strcspn($this->line, self::ENDS, $at);
                $this->tokens[] = ['word', substr($this->line, $at, $length), $at, $length];
                $this->at = $at + $length;
            }
        }

        return $this->tokens[$this->i + $ahead];
    }

    /** Passes over what is left of a part that was not understood, so that one slip does not hide the next. */
    private function skip(): void
    {
        $from = $this->tokens[$this->i][2] ?? $this->at;
        preg_match('/\G(?:[^";]++|"(?:[^"\\\\]|\\\\.)*+")*+/s', $this->line, $m, 0, $from);
        $this->at = $from + \strlen($m[0] ?? '');
        $this->tokens = [];
        $this->i = 0;
    }

    /**
     * @param array<string, Way> $plan so far: a zone is said once
     *
     * @return list<string>
     */
    private function zones(array $plan): array
    {
        $out = $taken = [];
        $token = null;
        while (null !== ($token = $this->peek()) && 'word' === $token[0]) {
            $zones = ZoneNames::zones($token[1]) ?? ZoneNames::zones(str_replace('-', '_', strtolower($token[1])));
            if (null === $zones) {
                $this->fault($token, [] === $out ? 'a zone' : 'a zone, or ":"', ZoneNames::all());

                return $out;
            }
            foreach ($zones as $zone) {
                if (isset($plan[$zone]) || isset($taken[$zone])) {
                    $this->fault($token, 'each zone once: this one is said before');

                    return $out;
                }
                $taken[$zone] = true;
                $out[] = $zone;
            }
            ++$this->i;
        }
        if ([] === $out) {
            $this->fault($token, 'a zone', ZoneNames::all());
        } elseif (!$this->mark(':')) {
            $this->fault($token, '":" between the zones and how they are done');
        }

        return $out;
    }

    private function readWay(): ?Way
    {
        $tool = $this->tool();
        if (null === $tool) {
            return null;
        }
        $lay = $tool['lay'];
        $once = $exception = false;
        /** @var array<string, string> $texts */
        $texts = [];
        $seen = [];
        while (null !== ($token = $this->peek()) && ';' !== ('mark' === $token[0] ? $token[1] : '')) {
            ++$this->i;
            $name =
                'word' === $token[0]
                    ? (isset(self::LAYS[$token[1]])
                        ? 'lay'
                        : $token[1])
                    : ('mark' === $token[0]
                        ? self::NAMES[$token[1]] ?? ''
                        : '');
            if (isset($seen[$name])) {
                $this->fault($token, 'each mark once');

                return null;
            }
            $seen[$name] = true;
            if ('lay' === $name && null !== $lay) {
                $lay = self::LAYS[$token[1]];
            } elseif ('once' === $name) {
                $once = true;
            } elseif ('exception' === $name) {
                $exception = true;
            } elseif (
                \in_array($name, ['stop', 'reason', 'shape', 'clipper', 'note'], true)
                || ('called' === $name && null !== $tool['guard'])
            ) {
                $said = $this->peek() ?? $token;
                $text = match ($name) {
                    'stop' => $this->oneOf(Way::STOPS, 'a stop line'),
                    'reason' => $this->oneOf(Way::REASONS, 'a reason'),
                    default => $this->text(),
                };
                if (null === $text) {
                    return null;
                }
                if (mb_strlen($text) > (self::MOST[$name] ?? 40)) {
                    $this->fault($said, \sprintf('at most %d characters', self::MOST[$name] ?? 40));

                    return null;
                }
                $texts[$name] = $text;
            } else {
                $this->fault(
                    $token,
                    'lay' === $name
                        ? 'no lay: no blade runs here'
                        : 'a mark: with, across, against, >stop line, =shape, @reason, !, once, %clipper, #note or ";"',
                    'lay' === $name ? [] : ['with', 'across', 'against', 'once', 'called'],
                );

                return null;
            }
        }

        return new Way(
            $tool['method'],
            $tool['blade'],
            $tool['guard'],
            $tool['base'],
            $texts['called'] ?? null,
            $lay,
            $tool['about'],
            $texts['stop'] ?? null,
            $texts['shape'] ?? null,
            $texts['reason'] ?? null,
            $once,
            $exception,
            $texts['clipper'] ?? null,
            $texts['note'] ?? null,
        );
    }

    /**
     * @return array{method: Method, blade: string|null, guard: int|null, base: string|null, lay: Lay|null,
     *     about: int|null}|null
     */
    private function tool(): ?array
    {
        $token = $this->peek();
        if (null === $token || 'word' !== $token[0]) {
            $this->fault($token, 'a tool: a blade, guard/base, out and a blade, scissor, thin, strip, card or leave');

            return null;
        }
        $known = $this->written($token[1]);
        if (null !== $known) {
            ++$this->i;

            return $this->finished($known);
        }
        $word = strtolower($token[1]);
        if (Spoken::begins($word)) {
            $words = [];
            for ($n = 0; $n < 5 && null !== ($next = $this->peek($n)) && 'word' === $next[0]; ++$n) {
                $words[] = strtolower($next[1]);
            }
            $heard = Spoken::tool($words, $this->guards);
            $means = null === $heard ? null : $this->written($heard[1]);
            if (null !== $heard && null !== $means) {
                $last = $this->tokens[$this->i + $heard[0] - 1];
                $from = $this->characters($token[2]);
                $this->spoken[] = [
                    'at' => $from,
                    'length' => $this->characters($last[2] + $last[3]) - $from,
                    'said' => implode(' ', \array_slice($words, 0, $heard[0])),
                    'means' => $heard[1],
                ];
                $this->i += $heard[0];

                return $this->finished($means);
            }
        }
        $slash = strpos($token[1], '/');
        if (false !== $slash && 1 === preg_match('/^\d{1,3}(\.\d{1,3})?$/', substr($token[1], 0, $slash))) {
            $this->fault(
                $token,
                'a guard of 0.5 to 400 mm over a base of '.implode(', ', BladeTable::GUARD_BASES),
                array_map(
                    static fn (string $b): string => substr($token[1], 0, $slash + 1).$b,
                    BladeTable::GUARD_BASES,
                ),
            );
        } else {
            $this->fault($token, 'a tool: a blade, guard/base, out and a blade, scissor, thin, strip, card or leave', [
                ...BladeTable::labels(),
                ...array_keys(self::HAND),
                'out',
            ]);
        }

        return null;
    }

    /**
     * @return array{method: Method, blade: string|null, guard: int|null, base: string|null}|null a tool as it is
     *     written
     */
    private function written(string $word): ?array
    {
        self::$blades ??= array_fill_keys(BladeTable::labels(), true);
        if (isset(self::$blades[$word])) {
            return ['method' => Method::Clip, 'blade' => $word, 'guard' => null, 'base' => null];
        }
        if (isset(self::HAND[$word])) {
            return ['method' => self::HAND[$word], 'blade' => null, 'guard' => null, 'base' => null];
        }
        if ('out' === $word) {
            return ['method' => Method::ShaveOut, 'blade' => null, 'guard' => null, 'base' => null];
        }
        if (
            str_contains($word, '/')
            && 1 === preg_match('/^(\d{1,3}(?:\.\d{1,3})?)\/(\d\d)$/', $word, $m)
            && \in_array($m[2], BladeTable::GUARD_BASES, true)
        ) {
            $um = (int) round(1000 * (float) $m[1]);
            if ($um >= 500 && $um <= 1000 * Length::MAX_MM) {
                return ['method' => Method::Guard, 'blade' => null, 'guard' => $um, 'base' => $m[2]];
            }
        }

        return null;
    }

    /**
     * What belongs to a tool and follows it: the blade of "out", the estimate of a hand method.
     *
     * @param array{method: Method, blade: string|null, guard: int|null, base: string|null} $tool
     *
     * @return array{method: Method, blade: string|null, guard: int|null, base: string|null, lay: Lay|null,
     *     about: int|null}|null
     */
    private function finished(array $tool): ?array
    {
        $token = $this->peek();
        $word = null !== $token && 'word' === $token[0] ? $token[1] : '';
        if (Method::ShaveOut === $tool['method']) {
            if (!isset(self::$blades[$word])) {
                $this->fault($token, 'the blade after "out"', BladeTable::labels());

                return null;
            }
            ++$this->i;

            return ['blade' => $word, 'lay' => Lay::With, 'about' => null] + $tool;
        }
        if ($tool['method']->hasToolLength()) {
            return $tool + ['lay' => Lay::With, 'about' => null];
        }
        if ('' === $word || !str_contains('0123456789.', $word[0])) {
            return $tool + ['lay' => null, 'about' => null];
        }
        $um = 1 === preg_match('/^\d{1,3}(\.\d{1,3})?$/', $word) ? (int) round(1000 * (float) $word) : 0;
        if ($um < 1 || $um > 1000 * Length::MAX_MM) {
            $this->fault($token, 'mm up to 400, such as 25 or 2.5');

            return null;
        }
        ++$this->i;

        return $tool + ['lay' => null, 'about' => $um];
    }

    /** A text in quotes, or bare words up to the next mark. */
    private function text(): ?string
    {
        $token = $this->peek();
        if (null !== $token && 'text' === $token[0]) {
            ++$this->i;

            return $token[1];
        }
        $words = [];
        while (null !== ($token = $this->peek()) && 'word' === $token[0]) {
            $words[] = $token[1];
            ++$this->i;
        }
        if ([] === $words) {
            $this->fault($token, 'words, in quotes where they hold a mark');

            return null;
        }

        return implode(' ', $words);
    }

    /** @param list<string> $allowed */
    private function oneOf(array $allowed, string $what): ?string
    {
        $token = $this->peek();
        if (null !== $token && 'word' === $token[0] && \in_array($token[1], $allowed, true)) {
            ++$this->i;

            return $token[1];
        }
        $this->fault($token, $what.': '.implode(', ', $allowed), $allowed);

        return null;
    }

    private function mark(string $mark): bool
    {
        $token = $this->peek();
        if (null !== $token && 'mark' === $token[0] && $mark === $token[1]) {
            ++$this->i;

            return true;
        }

        return false;
    }

    /**
     * @param array{string, string, int, int}|null $token null: the line ends
     * @param list<string> $known
     */
    private function fault(?array $token, string $expected, array $known = []): void
    {
        if (null === $token && $this->unclosed) {
            return;
        }
        $word = null === $token ? '' : $token[1];
        $at = $this->characters(null === $token ? \strlen($this->line) : $token[2]);
        $this->faults[] = new Fault(
            $at,
            null === $token ? 0 : $this->characters($token[2] + $token[3]) - $at,
            $word,
            $expected,
            self::nearest($word, $known),
        );
    }

    private function characters(int $bytes): int
    {
        return mb_strlen(substr($this->line, 0, $bytes));
    }

    /** @param list<string> $known */
    private static function nearest(string $word, array $known): ?string
    {
        if ('' === $word || \strlen($word) > 30) {
            return null;
        }
        $best = null;
        $least = max(\strlen($word) > 3 ? 2 : 1, intdiv(\strlen($word), 3)) + 1;
        foreach ($known as $one) {
            if ($one === $word) {
                return null;
            }
            $distance =
                \strlen($word) > 2 && str_starts_with($one, $word)
                    ? 1
                    : levenshtein(strtolower($word), strtolower($one));
            if ($distance < $least) {
                $best = $one;
                $least = $distance;
            }
        }

        return $best;
    }

    private static function mm(int $um): string
    {
        return rtrim(rtrim(number_format($um / 1000, 3, '.', ''), '0'), '.');
    }

    private static function quote(string $text): string
    {
        return '"'.strtr($text, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n', "\r" => '\\r']).'"';
    }

    private static function unquote(string $text): string
    {
        return str_contains($text, '\\')
            ? (string) preg_replace_callback(
                '/\\\\(.)/su',
                static fn (array $m): string => match ($m[1]) {
                    'n' => "\n",
                    'r' => "\r",
                    default => $m[1],
                },
                $text,
            )
            : $text;
    }
}
