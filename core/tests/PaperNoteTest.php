<?php

/** Notes from paper cards: what is certain is read as meant, what is not is said, none is a fault later. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Shorthand\PaperNote;
use KeenThistle\Core\Shorthand\PaperPart;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PaperNoteTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{string, string, bool, string}> note, line, sure, a word of the doubt */
    public static function notes(): iterable
    {
        yield 'a guard over a blade' => ['back 16 over 10', 'back: 16/10', true, ''];
        yield 'with its words' => ['the back with a 16 mm guard over a 10', 'back: 16/10', true, ''];
        yield 'a group' => ['legs scissored', 'foreleg front_feather thigh hock: scissor', false, 'taken for'];
        yield 'a blade of its own number' => ['pads 30', 'pads: 30', true, ''];
        yield 'a blade that is named' => ['pads #10', 'pads: 10', true, ''];
        yield 'a blade or a guard' => ['throat 10', 'throat: 10', false, 'guard of 10 mm'];
        yield 'no base' => ['back 13mm', 'back: 13/10', false, 'which blade is under'];
        yield 'a lay' => ['throat 7f against', 'throat: 7F against', true, ''];
        yield 'with the lay' => ['ribs 5F with the lay', 'ribs: 5F', true, ''];
        yield 'all of it' => ['all over 7F', 'shoulder back ribs loin chest belly: 7F', false, 'taken for'];
        yield 'shaved' => ['belly patch shaved', 'belly_patch: out 10', false, 'which blade'];
        yield 'shaved with' => ['belly patch out 15', 'belly_patch: out 15', true, ''];
        yield 'by hand, with mm' => ['topknot scissored to 25,5 mm', 'skull: scissor 25.5', true, ''];
        yield 'left long' => ['beard leave long', 'beard: leave', true, ''];
        yield 'a word nobody knows' => ['throat 7F like a poem', 'throat: 7F', false, 'not read: like poem'];
        yield 'no place' => ['short please', '', false, 'no place'];
        yield 'no tool' => ['back lovely', '', false, 'no tool'];
        yield 'no such guard' => ['back 900 over 10', '', false, 'no tool'];
        yield 'HTML' => ['<b>back</b> 7F', 'back: 7F', false, 'not read: b'];
    }

    #[DataProvider('notes')]
    public function testReadsWhatIsMeantAndSaysWhatIsNotCertain(
        string $note,
        string $line,
        bool $sure,
        string $doubt,
    ): void {
        $parts = PaperNote::read($note);

        self::assertCount(1, $parts);
        self::assertSame([$line, $sure], [$parts[0]->line, $parts[0]->sure], implode('; ', $parts[0]->doubts));
        self::assertStringContainsString($doubt, implode('; ', $parts[0]->doubts));
        self::assertSame('' === $doubt, [] === $parts[0]->doubts);
    }

    public function testPartsStandBetweenSignsAndAPlaceIsSaidOnce(): void
    {
        $parts = PaperNote::read("back 16 over 10, legs scissored;\npads 30. back 7F, thigh 5F");

        self::assertSame(['back 16 over 10', 'legs scissored', 'pads 30', 'back 7F', 'thigh 5F'], array_column(
            array_map(static fn (PaperPart $p): array => $p->toArray(), $parts),
            'said',
        ));
        self::assertSame(['', ''], [$parts[3]->line, $parts[4]->line]);
        self::assertSame('back: 16/10; foreleg front_feather thigh hock: scissor; pads: 30', PaperNote::line($parts));
    }

    public function testWhatIsOfferedIsAlwaysALineThatIsTaken(): void
    {
        $words = ['back', 'legs', 'pads', 'ears', '16', '10', 'over', '7F', '#', 'mm', ',', '.', ';', "\n", 'scissored',
            'shaved', 'out', 'against', 'leave', '25,5', '0', '99999', 'ü', '🐕', '"', ':', '!', '/', 'toe', 'thin', ];
        $this->forAll(Generators::seq(Generators::elements($words)))->then(static function (array $said): void {
            $note = implode(' ', array_filter($said, is_string(...)));
            $parts = PaperNote::read($note);
            $read = Notation::parse(PaperNote::line($parts));
            self::assertSame([], $read->faults, $note);
            foreach ($parts as $part) {
                self::assertSame($part->sure, [] === $part->doubts);
                self::assertTrue('' !== $part->line || !$part->sure);
            }
        });
    }
}
