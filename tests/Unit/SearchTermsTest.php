<?php

/** That a dog is found however its words are written, and across one slip of the finger; no database needed. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Book\SearchTerms;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SearchTermsTest extends TestCase
{
    use TestTrait;
    private const NAMES = [
        'tansy',
        'osric',
        'dimity',
        'hobnob',
        'marchpane',
        'fellrunner',
        'spaniel',
        'water',
        'brindlewick',
    ];

    /** @return iterable<string, array{string, list<string>}> */
    public static function spellings(): iterable
    {
        yield 'accents' => ['Zoë Çelik-Ångström', ['zoe', 'celik', 'angstrom']];
        yield 'other scripts' => ['Ελένη Жук', ['elene', 'zuk']];
        yield 'case and signs' => ["O'Hara & SON, (no. 2)", ['o', 'hara', 'son', 'no', '2']];
        yield 'only signs' => ['%_\'";--', []];
        yield 'emoji' => ['🐾 Wick 🐕', ['wick']];
        yield 'broken bytes' => ["Ta\xC3nsy", ['ta', 'nsy']];
        yield 'a very long word' => [str_repeat('x', 60), [str_repeat('x', 24)]];
    }

    /** @param list<string> $words */
    #[DataProvider('spellings')]
    public function testWords(string $text, array $words): void
    {
        self::assertSame($words, SearchTerms::words($text));
    }

    public function testPhonesAreFoundByAnyRunOfTheirLastDigits(): void
    {
        $terms = array_map(
            static fn (array $t): string => $t[1],
            array_filter(
                SearchTerms::of('Tansy', 'Cross', [], ['+44 (0)555 014-4471']),
                static fn (array $t): bool => SearchTerms::PHONE === $t[0],
            ),
        );
        foreach (['4471', '0144471', '5550144471', '471'] as $typed) {
            self::assertContains($typed, $terms);
        }
        self::assertSame('4405550144471', SearchTerms::digits('+44 (0)555 014-4471'));
    }

    public function testATermIsStoredOnce(): void
    {
        $terms = SearchTerms::of('Tansy Tansy', 'tansy', ['Tansy'], ['111111', '111111']);
        self::assertCount(
            \count($terms),
            array_unique(array_map(static fn (array $t): string => "$t[0]|$t[1]", $terms)),
        );
        foreach ($terms as [, $term]) {
            self::assertLessThanOrEqual(24, \strlen($term));
            self::assertMatchesRegularExpression('/^[a-z0-9]+$/', $term);
        }
    }

    public function testOneSlipIsForgivenAndMeetsAmongTheStoredTerms(): void
    {
        $this->limitTo(500);
        $this->forAll(
            Generators::elements(self::NAMES),
            Generators::choose(0, 3),
            Generators::choose(0, 30),
            Generators::choose(97, 122),
        )->then(static function (string $name, int $kind, int $at, int $letter): void {
            $at %= \strlen($name) - 1;
            $typed = match ($kind) {
                0 => substr($name, 0, $at).substr($name, $at + 1),
                1 => substr($name, 0, $at).\chr($letter).substr($name, $at),
                2 => substr($name, 0, $at).\chr($letter).substr($name, $at + 1),
                default => substr($name, 0, $at).$name[$at + 1].$name[$at].substr($name, $at + 2),
            };
            self::assertTrue(SearchTerms::allNear([$typed], [$name]), "$typed for $name");
            $stored = [$name, ...SearchTerms::near($name)];
            $asked = [$typed, ...SearchTerms::near($typed)];
            $met = array_filter(
                $asked,
                static fn (string $a): bool => [] !==
                    array_filter($stored, static fn (string $s): bool => str_starts_with($s, $a)),
            );
            self::assertNotSame([], $met, "$typed meets no stored spelling of $name");
        });
    }

    public function testTwoSlipsAreTwoDogs(): void
    {
        foreach (
            ['tnasy' => 'osric', 'tamzy' => 'tansy', 'hbonbo' => 'hobnob', 'osrciq' => 'osric'] as $typed => $name
        ) {
            self::assertFalse(SearchTerms::allNear([$typed], [$name]), "$typed for $name");
        }
        self::assertFalse(SearchTerms::allNear(['tansy', 'wick'], ['tansy']), 'every word must be found');
    }
}
