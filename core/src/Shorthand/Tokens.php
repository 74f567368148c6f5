<?php

/** A line of the shorthand in tokens, read one by one, with the faults that were met. */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

use KeenThistle\Core\Say\Say;

/** Read only as far as needed: a line may be long and wrong. */
final class Tokens
{
    private const BLANKS = " \t\r\n";

    private const MARKS = ';:>=@%#!';

    /** What ends a word. */
    private const ENDS = self::BLANKS.self::MARKS.'"';

    /** @var list<Fault> */
    public array $faults = [];

    /** @var list<array{string, string, int, int}> kind (text, mark, word), value, byte it begins at, bytes it takes */
    private array $tokens = [];
    private int $i = 0;
    /** Byte up to which tokens were read. */
    private int $at = 0;
    private bool $unclosed = false;

    public function __construct(private readonly string $line)
    {
    }

    public function next(int $many = 1): void
    {
        $this->i += $many;
    }

    /**
     * The token at hand, or one further on; null at the end. Read only as far as needed: a line may be long and wrong.
     *
     * @return array{string, string, int, int}|null
     */
    public function peek(int $ahead = 0): ?array
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
                            Say::it('shorthand.a_closing_quote'),
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
    public function skip(): void
    {
        $from = $this->tokens[$this->i][2] ?? $this->at;
        preg_match('/\G(?:[^";]++|"(?:[^"\\\\]|\\\\.)*+")*+/s', $this->line, $m, 0, $from);
        $this->at = $from + \strlen($m[0] ?? '');
        $this->tokens = [];
        $this->i = 0;
    }

    /** A text in quotes, or bare words up to the next mark. */
    public function text(): ?string
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
            $this->fault($token, Say::it('shorthand.words_in_quotes_where_they_hold'));

            return null;
        }

        return implode(' ', $words);
    }

    /** @param list<string> $allowed */
    public function oneOf(array $allowed, string $what): ?string
    {
        $token = $this->peek();
        if (null !== $token && 'word' === $token[0] && \in_array($token[1], $allowed, true)) {
            ++$this->i;

            return $token[1];
        }
        $this->fault($token, $what.': '.implode(', ', $allowed), $allowed);

        return null;
    }

    public function mark(string $mark): bool
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
    public function fault(?array $token, string $expected, array $known = []): void
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

    public function characters(int $bytes): int
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
