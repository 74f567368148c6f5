<?php

/** What the words of a breed suggest. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\BreedWords;
use KeenThistle\Core\Coat\CoatType;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BreedWordsTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{string, list<string>, array<string, string>}> */
    public static function breeds(): iterable
    {
        yield 'a kind' => ['Terrier', ['terrier'], ['coat' => 'wire', 'ear_type' => 'button']];
        yield 'a mark and a kind' => [
            'Low cattle-dog cross',
            ['low', 'cattle'],
            ['build' => 'low', 'ear_type' => 'prick'],
        ];
        yield 'a mark outranks the kind' => ['smooth terrier', ['smooth', 'terrier'], ['coat' => 'smooth']];
        yield 'the noun stands last' => [
            'bull terrier',
            ['bull', 'terrier'],
            ['build' => 'broad', 'ear_set' => 'high'],
        ];
        yield 'the last kind counts' => ['spaniel poodle', ['spaniel', 'poodle'], ['coat' => 'curly']];
        yield 'run together' => ['WIREHAIRED DACHSHUNDS', ['wire', 'dachshund'], ['coat' => 'wire', 'build' => 'low']];
        yield 'a cross with a name of its own' => ['Cockapoo', ['poodle'], ['coat' => 'curly']];
        yield 'told once' => ['collie collie', ['collie'], ['coat' => 'long_double']];
        yield 'unknown' => ['Heather dog', [], []];
        yield 'nothing' => ['', [], []];
        yield 'rubbish' => ["<b>\xff🐕; DROP TABLE", [], []];
    }

    /**
     * @param list<string> $words
     * @param array<string, string> $some
     */
    #[DataProvider('breeds')]
    public function testWordsOfABreedSuggestWhatIsUsual(string $breed, array $words, array $some): void
    {
        $read = (new BreedWords())->read($breed);

        self::assertSame($words, $read['words']);
        ksort($some);
        $there = array_intersect_key($read['suggests'], $some);
        ksort($there);
        self::assertSame($some, $there);
        self::assertSame([] === $words, '' === $read['why'], 'what it was read from is said');
    }

    public function testWhateverIsTypedOnlyKnownThingsAreSuggested(): void
    {
        $this->forAll(
            Generators::string(),
            Generators::elements('terrier', 'poodle', 'low', 'corded', 'pug', ''),
        )->then(static function (string $noise, string $word): void {
            $read = (new BreedWords())->read("$noise $word");
            $coat = $read['suggests']['coat'] ?? null;
            self::assertTrue(null === $coat || null !== CoatType::tryFrom($coat));
            if ('' !== $word) {
                self::assertContains($word, $read['words']);
            }
        });
    }
}
