<?php

/** Two records are likely one dog where name and owner say so; dogs of one home that are only alike are two. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Same\Record;
use KeenThistle\Core\Same\SameDogRule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SameDogTest extends TestCase
{
    use TestTrait;

    private const MOSS = ['Moss', 'Nell Sedgeley', '0555 014 7700', 'poodle cross', 'square'];

    /** @return iterable<string, array{list<string>, int}> the other record, and how much they have in common */
    public static function others(): iterable
    {
        yield 'itself' => [self::MOSS, 5];
        yield 'written otherwise' => [['MOSS ', 'nell  sedgeley', '+44 555-014-7700', 'Poodle-cross', 'square'], 5];
        yield 'a slip in the name' => [['Mosss', 'Nell Sedgeley', '0555 014 7700', 'poodle cross', 'square'], 4];
        yield 'name and phone alone' => [['Moss', '', '0555 014 7700', 'x', 'low'], 2];
        yield 'another owner of the same home' => [['Moss', 'Rafe Moor', '0555 014 7701', 'poodle cross', 'square'], 3];
        yield 'the name alone' => [['Moss', 'Rafe Moor', '0555 014 7701', 'x', 'low'], 0];
        yield 'its brother' => [['Bramble', 'Nell Sedgeley', '0555 014 7700', 'poodle cross', 'square'], 0];
        yield 'a number of three figures' => [['Moss', '', '100', 'x', 'low'], 0];
    }

    /** @param list<string> $other */
    #[DataProvider('others')]
    public function testWhatTheyHaveInCommonIsSaidWhereTheyAreLikelyOne(array $other, int $signs): void
    {
        $said = SameDogRule::signs(self::record(self::MOSS), self::record($other));

        self::assertCount($signs, $said, implode(', ', $said));
    }

    public function testItIsTheSameWhicheverIsLookedAtFirstAndADogIsLikeItself(): void
    {
        $text = Generators::elements(['Moss', 'Mos', 'moss', 'Fern', '', 'é', '0555 014 7700', '7700', 'low']);
        $this->forAll(Generators::vector(5, $text), Generators::vector(5, $text))->then(
            static function (array $a, array $b): void {
                $text = static fn (mixed $t): string => \is_string($t) ? $t : '';
                $a = self::record(array_values(array_map($text, $a)));
                $b = self::record(array_values(array_map($text, $b)));
                self::assertSame(SameDogRule::signs($a, $b), SameDogRule::signs($b, $a));
                self::assertContains(\count(SameDogRule::signs($a, $b)), [0, 2, 3, 4, 5]);
            },
        );
    }

    /** @param list<string> $says */
    private static function record(array $says): Record
    {
        return new Record($says[0], $says[1], $says[2], $says[3], $says[4], CoatType::Curly);
    }
}
