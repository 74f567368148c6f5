<?php

/** Everything the rules say is a code in the catalogue, with as many places as it is given things to name. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Style\StyleTable;
use KeenThistle\Core\Zone\ZoneTable;
use PHPUnit\Framework\TestCase;

final class SayTest extends TestCase
{
    private const CATALOGUE = __DIR__.'/../src/Say/en.php';
    /** Codes put together from a row of a table: their beginnings. */
    private const OF_TABLES = ['balance.', 'standing.', 'style.', 'school.', 'zone.', 'side.', 'pattern.own.', 'aid.'];

    protected function tearDown(): void
    {
        (new \ReflectionClass(Say::class))->setStaticPropertyValue('texts', []);
        Say::in('en');
    }

    public function testEveryCodeIsInTheCatalogueWithItsPlacesAndNoneIsLeftOver(): void
    {
        $catalogue = self::english();
        $said = [];
        foreach (self::calls() as [$where, $code, $given]) {
            $said[$code] = true;
            self::assertArrayHasKey($code, $catalogue, "$where says $code");
            if (null !== $given) {
                self::assertSame(self::places($catalogue[$code]), $given, "$where: places of $code");
            }
        }
        self::assertGreaterThan(500, \count($said));
        $named = self::quoted();
        foreach (array_keys($catalogue) as $code) {
            $known = isset($said[$code]) || isset($named[$code]);
            foreach (self::OF_TABLES as $table) {
                $known = $known || str_starts_with($code, $table);
            }
            self::assertTrue($known, "nothing says $code");
        }
    }

    public function testNoSentenceStandsInARule(): void
    {
        $found = [];
        foreach (self::files() as $file => $code) {
            foreach (\PhpToken::tokenize($code) as $token) {
                // Faults of our own are told to a programmer, in the language of the code.
                $ours = str_contains(explode("\n", $code)[$token->line - 1] ?? '', 'LogicException');
                if (
                    !$ours
                    && $token->is([\T_CONSTANT_ENCAPSED_STRING, \T_ENCAPSED_AND_WHITESPACE])
                    && 1 === preg_match('/^\W?(?:[A-Z][a-z]+|%s)[ ,:].*[a-z] [a-z]+[ ,].*[.?]\W?$/', $token->text)
                ) {
                    $found[] = "$file:$token->line $token->text";
                }
            }
        }

        self::assertSame([], $found);
    }

    public function testAnotherLanguageChangesWhatIsSaidAndNoRule(): void
    {
        $english = Say::it('care.back_with_us');
        $back = ZoneTable::all()['back'];
        (new \ReflectionClass(Say::class))->setStaticPropertyValue('texts', [
            'zz' => ['zone.back' => 'zzback', 'balance.as_measured_on_this_dog' => '%2$s zz %1$s'],
        ]);
        Say::in('zz');

        self::assertSame('zzback', ZoneTable::all()['back']->label);
        self::assertSame($back->hundredths, ZoneTable::all()['back']->hundredths);
        self::assertSame('mm zz 3', Say::it('balance.as_measured_on_this_dog', 3, 'mm'));
        self::assertSame($english, Say::it('care.back_with_us'), 'what it lacks is said in English');

        Say::in('en');
        self::assertSame('back', ZoneTable::all()['back']->label);
    }

    public function testALanguageWithoutACatalogueIsEnglishAndNoPath(): void
    {
        $english = StyleTable::all();
        foreach (['qq', '', '../en', 'EN', "e\0"] as $language) {
            Say::in($language);
            self::assertSame($english, StyleTable::all());
        }
    }

    public function testAmericanEnglishIsWrittenItsOwnWayAndSaysNothingElse(): void
    {
        $american = require \dirname(self::CATALOGUE).'/en-US.php';
        self::assertIsArray($american);
        foreach ($american as $code => $text) {
            self::assertIsString($text);
            self::assertArrayHasKey($code, self::english());
            self::assertSame(self::places(self::english()[$code]), self::places($text), $code);
            self::assertNotSame(self::english()[$code], $text);
        }
        $day = new \DateTimeImmutable('2026-11-28');
        self::assertSame('Sat 28 Nov 2026', Say::day($day));
        Say::in('en-US');
        self::assertSame('Sat, Nov 28, 2026', Say::day($day));
        self::assertSame('Practice with a brush', Say::it('care.practise_with', 'a brush'));
        self::assertSame('back', Say::it('zone.back'), 'as in English');
    }

    public function testACodeThatNobodyWroteIsAFaultOfOurs(): void
    {
        $this->expectExceptionMessage('Nothing is said for no.such_code.');

        Say::it('no.such_code');
    }

    /** @return array<string, string> */
    private static function english(): array
    {
        /** @var array<string, string> $catalogue */
        $catalogue = require self::CATALOGUE;

        return $catalogue;
    }

    /** How many things a text takes: %s and its kin, or the highest n of %n$s. */
    private static function places(string $text): int
    {
        preg_match_all('/%(?:(\d+)\$)?[+\-.\d]*[sdf]/', str_replace('%%', '', $text), $places);
        $numbered = array_map(intval(...), array_filter($places[1], is_numeric(...)));

        return [] === $numbered ? \count($places[0]) : max($numbered);
    }

    /** @return \Generator<array{string, string, int|null}> where, which code, how many things; null: a list of them */
    private static function calls(): \Generator
    {
        foreach (self::files() as $file => $code) {
            $tokens = array_values(
                array_filter(\PhpToken::tokenize($code), static fn (\PhpToken $t): bool => !$t->isIgnorable()),
            );
            foreach ($tokens as $i => $token) {
                if ('it' !== $token->text || 'Say' !== ($tokens[$i - 2] ?? null)?->text) {
                    continue;
                }
                $first = $tokens[$i + 2];
                if ($first->is(\T_CONSTANT_ENCAPSED_STRING) && \in_array($tokens[$i + 3]->text, [',', ')'], true)) {
                    yield ["$file:$token->line", trim($first->text, "'"), self::given($tokens, $i + 2)];
                }
            }
        }
    }

    /** @param list<\PhpToken> $tokens */
    private static function given(array $tokens, int $from): ?int
    {
        $depth = 0;
        $commas = 0;
        for ($i = $from; $depth >= 0; ++$i) {
            $text = $tokens[$i]->text;
            if ($tokens[$i]->is(\T_ELLIPSIS) && 0 === $depth) {
                return null;
            }
            $depth += match (true) {
                \in_array($text, ['(', '[', '{', '${'], true), $tokens[$i]->is(\T_CURLY_OPEN) => 1,
                \in_array($text, [')', ']', '}'], true) => -1,
                default => 0,
            };
            // A comma before the closing bracket ends a list and begins nothing.
            $commas += ',' === $text && 0 === $depth && ')' !== $tokens[$i + 1]->text ? 1 : 0;
        }

        return $commas;
    }

    /** @return array<string, true> every string of the rules: codes that stand in a table or a choice are among them */
    private static function quoted(): array
    {
        $out = [];
        foreach (self::files() as $code) {
            preg_match_all("/'([a-z_]+(?:\.[a-z0-9_]+)+)'/", $code, $found);
            $out += array_fill_keys($found[1], true);
        }

        return $out;
    }

    /** @return \Generator<string, string> */
    private static function files(): \Generator
    {
        $root = \dirname(__DIR__).'/src';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root)) as $file) {
            $isRule = $file instanceof \SplFileInfo && 'php' === $file->getExtension();
            if ($isRule && !\in_array($file->getFilename(), ['en.php', 'en-US.php'], true)) {
                yield substr($file->getPathname(), \strlen($root) + 1) => (string) file_get_contents(
                    $file->getPathname(),
                );
            }
        }
    }
}
