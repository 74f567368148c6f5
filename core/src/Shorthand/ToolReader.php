<?php

/** Reads the tool of a zone in the shorthand: written, or as it is spoken. */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;

final class ToolReader
{
    private const HAND = [
        'scissor' => Method::Scissor,
        'thin' => Method::Thin,
        'strip' => Method::Strip,
        'card' => Method::Card,
        'leave' => Method::Leave,
    ];

    /** @var array<string, true>|null */
    private static ?array $blades = null;

    /** @var list<array{at: int, length: int, said: string, means: string}> */
    public array $spoken = [];

    /** @param list<float> $guards mm in the kit, for what is spoken in fractions of an inch */
    public function __construct(private readonly Tokens $in, private readonly array $guards)
    {
    }

    /**
     * @return array{method: Method, blade: string|null, guard: int|null, base: string|null, lay: Lay|null,
     *     about: int|null}|null
     */
    public function read(): ?array
    {
        $token = $this->in->peek();
        if (null === $token || 'word' !== $token[0]) {
            $this->in->fault($token, Say::it('shorthand.a_tool'));

            return null;
        }
        $known = $this->written($token[1]);
        if (null !== $known) {
            $this->in->next();

            return $this->finished($known);
        }
        $word = strtolower($token[1]);
        if (Spoken::begins($word)) {
            $words = [];
            for ($n = 0; $n < 5 && null !== ($next = $this->in->peek($n)) && 'word' === $next[0]; ++$n) {
                $words[] = strtolower($next[1]);
            }
            $heard = Spoken::tool($words, $this->guards);
            $means = null === $heard ? null : $this->written($heard[1]);
            if (null !== $heard && null !== $means) {
                $last = $this->in->peek($heard[0] - 1) ?? $token;
                $from = $this->in->characters($token[2]);
                $this->spoken[] = [
                    'at' => $from + 1,
                    'length' => $this->in->characters($last[2] + $last[3]) - $from,
                    'said' => implode(' ', \array_slice($words, 0, $heard[0])),
                    'means' => $heard[1],
                ];
                $this->in->next($heard[0]);

                return $this->finished($means);
            }
        }
        $slash = strpos($token[1], '/');
        if (false !== $slash && 1 === preg_match('/^\d{1,3}(\.\d{1,3})?$/', substr($token[1], 0, $slash))) {
            $this->in->fault(
                $token,
                Say::it('shorthand.a_guard_of_0_5_to', implode(', ', BladeTable::GUARD_BASES)),
                array_map(
                    static fn (string $b): string => substr($token[1], 0, $slash + 1).$b,
                    BladeTable::GUARD_BASES,
                ),
            );
        } else {
            $this->in->fault($token, Say::it('shorthand.a_tool'), [
                ...BladeTable::labels(),
                ...array_keys(self::HAND),
                'out',
                'trim',
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
        if ('trim' === $word) {
            return ['method' => Method::Clip, 'blade' => 'trimmer', 'guard' => null, 'base' => null];
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
        $token = $this->in->peek();
        $word = null !== $token && 'word' === $token[0] ? $token[1] : '';
        if (Method::ShaveOut === $tool['method'] && 'trim' === $word) {
            $this->in->next();

            return $this->trimmer(Method::ShaveOut);
        }
        if ('trimmer' === $tool['blade']) {
            return $this->trimmer($tool['method']);
        }
        if (Method::ShaveOut === $tool['method']) {
            if (!isset(self::$blades[$word])) {
                $this->in->fault($token, Say::it('shorthand.the_blade_after_out'), BladeTable::labels());

                return null;
            }
            $this->in->next();

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
            $this->in->fault($token, Say::it('shorthand.mm_up_to_400_such_as'));

            return null;
        }
        $this->in->next();

        return $tool + ['lay' => null, 'about' => $um];
    }

    /**
     * A small trimmer, with what it is set to where that is said.
     *
     * @return array{method: Method, blade: string|null, guard: int|null, base: string|null, lay: Lay|null,
     *     about: int|null}|null
     */
    private function trimmer(Method $method): ?array
    {
        $out = [
            'method' => $method,
            'blade' => 'trimmer',
            'guard' => null,
            'base' => null,
            'lay' => Lay::With,
            'about' => null,
        ];
        $token = $this->in->peek();
        $word = null !== $token && 'word' === $token[0] ? $token[1] : '';
        if ('' === $word || !str_contains('0123456789.', $word[0])) {
            return $out;
        }
        $um = 1 === preg_match('/^\d{1,2}(\.\d{1,3})?$/', $word) ? (int) round(1000 * (float) $word) : 0;
        if ($um < 100 || $um > 12_000) {
            $this->in->fault($token, Say::it('length.a_small_trimmer_is_set_to', 12));

            return null;
        }
        $this->in->next();

        return ['guard' => $um] + $out;
    }
}
