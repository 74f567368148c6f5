<?php

/** Where a dog at the table is: as somebody said, or as its steps say once work was tapped since. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Core\Table\Whereabouts;
use PHPUnit\Framework\TestCase;

final class WhereaboutsTest extends TestCase
{
    private const STEPS = [
        ['key' => 'check', 'zones' => []],
        ['key' => 'bath', 'zones' => []],
        ['key' => 'dry', 'zones' => []],
        ['key' => 'clip:body', 'zones' => ['back', 'loin']],
    ];

    /** @param array<string, mixed> $data */
    private static function tap(int $minute, string $kind, array $data, string $who = 'Tove'): Tap
    {
        return new Tap("tap-$minute-$kind-$who", $minute, $who, 'tablet', self::at($minute), $kind, $data, false);
    }

    private static function at(int $minute): \DateTimeImmutable
    {
        return new \DateTimeImmutable(\sprintf('2026-05-04T09:%02d:00Z', $minute));
    }

    /**
     * @param list<Tap> $taps
     *
     * @return array{string, int, string|null} part, minute, who
     */
    private static function where(array $taps): array
    {
        $where = Whereabouts::of(Board::of($taps), self::STEPS, self::at(0));

        return [$where->part, (int) $where->since->format('i'), $where->who];
    }

    public function testItIsWhereTheFirstStepThatIsLeftBelongs(): void
    {
        self::assertSame(['prepare', 0, null], self::where([]));
        $check = self::tap(5, 'step', ['step' => 'check', 'state' => 'done']);
        self::assertSame(['bath', 5, 'Tove'], self::where([$check]));
        $rest = [
            self::tap(20, 'step', ['step' => 'bath', 'state' => 'done']),
            self::tap(40, 'step', ['step' => 'dry', 'state' => 'skipped']),
            self::tap(45, 'zone', ['zones' => ['back'], 'state' => 'done'], 'Idris'),
        ];
        self::assertSame(['cut', 45, 'Idris'], self::where([$check, ...$rest]));
        $last = self::tap(50, 'zone', ['zones' => ['loin'], 'state' => 'done']);
        self::assertSame(['ready', 50, 'Tove'], self::where([$check, ...$rest, $last]));
    }

    public function testWhatIsSaidHoldsUntilWorkIsTappedAndSaidTwiceItIsThereSinceTheFirst(): void
    {
        $said = [
            self::tap(10, 'phase', ['state' => 'dry'], 'Maren'),
            self::tap(12, 'phase', ['state' => 'dry'], 'Idris'),
        ];
        self::assertSame(['dry', 10, 'Maren'], self::where($said));
        $work = self::tap(15, 'step', ['step' => 'check', 'state' => 'done']);
        self::assertSame(['bath', 15, 'Tove'], self::where([...$said, $work]));
        // What was only looked at, or taken back, is no work.
        $open = self::tap(16, 'step', ['step' => 'check', 'state' => 'open']);
        self::assertSame(['dry', 10, 'Maren'], self::where([...$said, $open]));
    }
}
