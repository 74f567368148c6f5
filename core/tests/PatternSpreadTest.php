<?php

/** A changed pattern: which zones of a card follow it. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Shorthand\Notation;
use PHPUnit\Framework\Attributes\DataProvider;

final class PatternSpreadTest extends PatternCase
{
    /**
     * @return iterable<string, array{string, string, string, list<string>, list<string>, list<string>, list<string>}>
     *     old, new, card, own zones; taken, out, staying
     */
    public static function changes(): iterable
    {
        yield 'a zone that followed follows' => ['back: 16/10', 'back: 20/10', 'back: 16/10', [], ['back'], [], []];
        yield 'its motor does not make it another' => [
            'back: 16/10',
            'back: 20/10',
            'back: 16/10 %"quiet motor"',
            [],
            ['back'],
            [],
            [],
        ];
        yield 'a zone of its own stays' => ['back: 16/10', 'back: 20/10', 'back: 16/10', ['back'], [], [], ['back']];
        yield 'one changed on the card stays' => ['back: 16/10', 'back: 20/10', 'back: 10', [], [], [], ['back']];
        yield 'an unchanged zone is not touched' => [
            'back: 16/10',
            'back: 16/10; loin: 10',
            'back: 10',
            [],
            ['loin'],
            [],
            [],
        ];
        yield 'what the pattern drops goes' => [
            'back: 16/10; loin: 10',
            'back: 16/10',
            'back: 16/10; loin: 10',
            [],
            [],
            ['loin'],
            [],
        ];
        yield 'not where the dog goes its own way' => [
            'back: 16/10; loin: 10',
            'back: 16/10',
            'back: 16/10; loin: 10',
            ['loin'],
            [],
            [],
            [],
        ];
        yield 'nor where the card is otherwise' => [
            'back: 16/10; loin: 10',
            'back: 16/10',
            'back: 16/10; loin: 7F',
            [],
            [],
            [],
            [],
        ];
        yield 'what the card has already is no change' => ['back: 16/10', 'back: 20/10', 'back: 20/10', [], [], [], []];
    }

    /**
     * @param list<string> $own
     * @param list<string> $taken
     * @param list<string> $out
     * @param list<string> $stays
     */
    #[DataProvider('changes')]
    public function testAChangeTouchesOnlyWhatStillFollows(
        string $old,
        string $new,
        string $card,
        array $own,
        array $taken,
        array $out,
        array $stays,
    ): void {
        $spread = self::rule(CoatType::Curly)->spread(
            Notation::parse($old)->plan,
            Notation::parse($new)->plan,
            Notation::parse($card)->plan,
            $own,
            [],
        );
        self::assertSame(
            [$taken, $out, $stays],
            [array_keys($spread['take']), $spread['out'], array_keys($spread['stay'])],
        );
    }

    public function testASpreadNeverClipsADoubleCoat(): void
    {
        $spread = self::rule(CoatType::LongDouble)->spread(
            Notation::parse('back: card 50')->plan,
            Notation::parse('back: 10')->plan,
            Notation::parse('back: card 50')->plan,
            [],
            ['back' => Length::ofMillimetres(60)],
        );
        self::assertSame([[], ['back']], [array_keys($spread['take']), array_keys($spread['stay'])]);
        self::assertStringContainsString('not clipped by default', $spread['stay']['back']);
    }
}
