<?php

/**
 * One line for a whole plan: what is written is read back, what is wrong is pointed at, what was heard waits for a
 * nod.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Shorthand\ZoneNames;
use KeenThistle\Core\Zone\ZoneTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShorthandTest extends TestCase
{
    use TestTrait;

    private const TEXTS = [
        'legs columned',
        '',
        'a "quoted" word',
        'back\\slash',
        "two\nlines\r",
        '; back: 10',
        'once',
        'with',
        '!@#%>=',
        'Überlänge 🐕',
        '   ',
        '\\n',
        '<b>',
    ];

    public function testWhatIsWrittenIsReadBack(): void
    {
        $zones = ZoneTable::ids();
        $texts = self::TEXTS;
        $this->limitTo(400)
            ->forAll(
                Generators::seq(
                    Generators::tuple(
                        Generators::choose(0, \count($zones) - 1),
                        Generators::choose(0, 7),
                        Generators::choose(0, 1000),
                        Generators::choose(0, 2),
                        Generators::choose(0, 10),
                        Generators::choose(0, 8),
                        Generators::choose(0, 63),
                        Generators::choose(0, \count($texts) - 1),
                    ),
                ),
            )
            ->then(static function (array $rows) use ($zones, $texts): void {
                $plan = [];
                foreach ($rows as $row) {
                    \assert(\is_array($row));
                    [$zone, $method, $n, $lay, $stop, $reason, $bits, $text] = array_map(
                        static fn (mixed $v): int => \is_int($v) ? $v : 0,
                        array_values($row),
                    );
                    $method = Method::cases()[$method];
                    $blades = BladeTable::labels();
                    $guard = Method::Guard === $method;
                    $said = static fn (int $bit): ?string => 0 !== ($bits & $bit)
                        ? $texts[($text + $bit) % \count($texts)]
                        : null;
                    $plan[$zones[$zone]] = new Way(
                        $method,
                        !$guard && $method->hasToolLength() ? $blades[$n % \count($blades)] : null,
                        $guard ? 500 + 37 * $n : null,
                        $guard ? BladeTable::GUARD_BASES[$n % 4] : null,
                        $guard ? $said(1) : null,
                        $method->hasToolLength() ? Lay::cases()[$lay] : null,
                        $method->hasToolLength() || 0 === $n ? null : 7 * $n,
                        [...Way::STOPS, null][$stop],
                        $said(2),
                        [...Way::REASONS, null][$reason],
                        0 !== ($bits & 4),
                        0 !== ($bits & 8),
                        $said(16),
                        $said(32),
                    );
                }
                uksort(
                    $plan,
                    static fn (string $a, string $b): int => ZoneNames::order()[$a] <=> ZoneNames::order()[$b],
                );
                $line = Notation::format($plan);
                $read = Notation::parse($line);
                self::assertSame(
                    [],
                    array_map(static fn (\KeenThistle\Core\Shorthand\Fault $f): string => $f->message(), $read->faults),
                    $line,
                );
                self::assertSame(
                    array_map(static fn (Way $w): string => $w->key(), $plan),
                    array_map(static fn (Way $w): string => $w->key(), $read->plan),
                    $line,
                );
                self::assertSame([], $read->spoken);
                self::assertSame($line, Notation::format($read->plan), 'one plan, one line');
                self::assertStringNotContainsString("\n", $line);
            });
    }

    public function testBothSidesAndAllFeetAreOneName(): void
    {
        $plan = Notation::parse('ribs pads thigh.l back: 10')->plan;
        self::assertSame(
            [
                'back',
                'ribs_left',
                'ribs_right',
                'thigh_left',
                'pads_front_left',
                'pads_front_right',
                'pads_hind_left',
                'pads_hind_right',
            ],
            array_keys($plan),
        );
        self::assertSame('back ribs thigh.l pads: 10', Notation::format($plan));
        self::assertSame(['back', 'pads_hind_left'], array_keys(Notation::parse('BACK pads.hl: 10')->plan));
    }

    /**
     * @return iterable<string, array{string, int, int, non-empty-string, string|null}> line, where, how long,
     *     expected, nearest
     */
    public static function faults(): iterable
    {
        yield 'an unknown zone' => ['loin: 10; bakc: 7F', 10, 4, 'a zone', 'back'];
        yield 'a letter for a digit' => ['back: 1O', 6, 2, 'a tool', '15'];
        yield 'a misheard word' => ['back: den', 6, 3, 'a tool', null];
        yield 'an illegal base' => [
            'back: 16/50',
            6,
            5,
            'a guard of 0.5 to 400 mm over a base of 10, 15, 30, 40',
            '16/10',
        ];
        yield 'no base' => ['back: 16/', 6, 3, 'a guard', '16/10'];
        yield 'a huge guard' => ['back: 900/10', 6, 6, 'a guard', null];
        yield 'an unknown stop line' => ['back: 10 >elbo', 10, 4, 'a stop line', 'elbow'];
        yield 'an unknown reason' => ['back: 10 @comfrt', 10, 6, 'a reason', 'comfort'];
        yield 'a lay without a blade' => ['back: scissor 20 against', 17, 7, 'no lay', null];
        yield 'a zone twice' => ['ribs: 10; ribs.r: 7F', 10, 6, 'each zone once', null];
        yield 'a mark twice' => ['back: 10 ! !', 11, 1, 'each mark once', null];
        yield 'no colon' => ['back 10', 5, 2, 'a zone, or ":"', null];
        yield 'no tool' => ['back:', 5, 0, 'a tool', null];
        yield 'out of what' => ['back: out', 9, 0, 'the blade after "out"', null];
        yield 'a negative length' => ['back: scissor -3', 14, 2, 'a mark', null];
        yield 'a length too long' => ['back: scissor 900', 14, 3, 'mm up to 400', null];
        yield 'an open quote' => ['back: 10 ="legs', 10, 1, 'a closing quote', null];
        yield 'a shape longer than is kept' => [
            'back: 10 ="'.str_repeat('ö', 81).'"',
            10,
            83,
            'at most 80 characters',
            null,
        ];
        yield 'a note longer than is kept' => [
            'back: 10 #"'.str_repeat('x', 301).'"',
            10,
            303,
            'at most 300 characters',
            null,
        ];
        yield 'a clipper longer than is kept' => [
            'back: 10 %"'.str_repeat('x', 61).'"',
            10,
            63,
            'at most 60 characters',
            null,
        ];
        yield 'a name longer than is kept' => [
            'back: 16/10 called "'.str_repeat('x', 41).'"',
            19,
            43,
            'at most 40 characters',
            null,
        ];
        yield 'script' => ['<script>: 10', 0, 7, 'a zone', null];
        yield 'a dog' => ['🐕🐕 back: 10', 0, 2, 'a zone', null];
    }

    /** @param non-empty-string $expected */
    #[DataProvider('faults')]
    public function testAFaultPointsAtItsWord(
        string $line,
        int $at,
        int $length,
        string $expected,
        ?string $nearest,
    ): void {
        $fault = Notation::parse($line)->faults[0] ?? null;
        self::assertNotNull($fault);
        self::assertSame([$at, $length], [$fault->at, $fault->length]);
        self::assertStringStartsWith($expected, $fault->expected);
        self::assertSame($nearest, $fault->nearest);
        self::assertStringContainsString('at character '.($at + 1), $fault->message());
    }

    public function testOneSlipDoesNotHideTheNextNorWhatIsRight(): void
    {
        $read = Notation::parse('bakc: 10; loin: 7F; rump: 99; chest: 10 =";" ; belly: scissor 3O');
        self::assertSame(['loin', 'chest'], array_keys($read->plan));
        self::assertSame(
            [0, 26, 62],
            array_map(static fn (\KeenThistle\Core\Shorthand\Fault $f): int => $f->at, $read->faults),
        );
    }

    /** @return iterable<string, array{string, string}> said, written */
    public static function spoken(): iterable
    {
        yield 'ten' => ['ten', '10'];
        yield 'seven eff' => ['seven eff', '7F'];
        yield 'seven' => ['seven', '7'];
        yield 'toe is a word of its own' => ['fifty', '50'];
        yield 'three quarters over thirty' => ['three quarters over thirty', '19/30'];
        yield 'half over ten' => ['half over ten', '13/10'];
        yield 'sixteen over forty' => ['sixteen over forty', '16/40'];
        yield 'an inch over ten, and no such guard' => ['an inch over ten', '25.4/10'];
    }

    #[DataProvider('spoken')]
    public function testWhatWasHeardIsShownForANod(string $said, string $means): void
    {
        $read = Notation::parse("back: $said against; loin: 10", [13.0, 16.0, 19.0]);
        self::assertSame([], $read->faults);
        self::assertSame([['at' => 7, 'length' => \strlen($said), 'said' => $said, 'means' => $means]], $read->spoken);
        self::assertSame("back: $means against; loin: 10", Notation::format($read->plan));
    }

    public function testWhatIsNearlyASpokenToolStaysAFault(): void
    {
        foreach (['tin', 'sven eff', 'three quarters over twelve', 'seventy', 'quarter', 'two over'] as $said) {
            $read = Notation::parse("back: $said");
            self::assertNotSame([], $read->faults, $said);
            self::assertSame([], $read->plan, $said);
        }
    }

    public function testRubbishIsRefusedWithFewFaults(): void
    {
        foreach (
            [
                str_repeat('x;', 5000),
                str_repeat('"', 9999),
                'back: 10 #"'.str_repeat('\\"', 4000),
                str_repeat('back:', 2000),
                str_repeat('ü ', 3000),
                "\xff\xfe",
                str_repeat(' ', 10_000).'x',
            ] as $line
        ) {
            $read = Notation::parse($line);
            self::assertNotSame([], $read->faults);
            self::assertLessThanOrEqual(5, \count($read->faults));
        }
        self::assertSame([], Notation::parse('')->faults);
        self::assertSame([], Notation::parse(' ;; ; ')->faults);
    }

    public function testASmallTrimmerOnTheLine(): void
    {
        $read = Notation::parse('inner_eye: trim; pads: trim 0.8 @hygiene; groin: out trim !');
        self::assertSame([], $read->faults);
        self::assertSame(
            ['trimmer', null, 'trimmer', 800, Method::ShaveOut],
            [
                $read->plan['inner_eye_left']->blade,
                $read->plan['inner_eye_left']->guard,
                $read->plan['pads_front_left']->blade,
                $read->plan['pads_front_left']->guard,
                $read->plan['groin']->method,
            ],
        );
        $written = Notation::format($read->plan);
        self::assertSame('inner_eye: trim; pads: trim 0.8 @hygiene; groin: out trim !', $written);
        self::assertSame($written, Notation::format(Notation::parse($written)->plan));
        self::assertSame('trimmer', $read->plan['groin']->recipe()->tool->kind);
        self::assertCount(1, Notation::parse('pads: trim 30')->faults);
    }

    public function testAWordForSeveralZonesSaysWhich(): void
    {
        $fault = Notation::parse('ears: scissor')->faults[0];
        self::assertNull($fault->nearest, 'nothing is guessed');
        self::assertStringContainsString('ear_outer ear_inner ear_feather', $fault->message());
        self::assertSame(1, $fault->toArray()['at']);
        self::assertStringContainsString('at character 1', $fault->message());
    }

    public function testAFractionAsItIsPrinted(): void
    {
        $read = Notation::parse('back: 1/2 over 15', [13.0]);
        self::assertSame([], $read->faults);
        self::assertSame('1/2 over 15', $read->spoken[0]['said']);
        self::assertSame('13/15', $read->spoken[0]['means']);
    }
}
