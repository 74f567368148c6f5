<?php

/** The end of a groom: the look, claws, rates of incidents, the home-care sheet. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use KeenThistle\Core\Care\CareSheet;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Nails\ClawList;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\Carry;
use KeenThistle\Core\Table\IncidentRates;
use KeenThistle\Core\Table\LookList;
use PHPUnit\Framework\Attributes\DataProvider;

final class EndOfGroomTest extends BoardCase
{
    /** @return iterable<string, array{bool, string, string, string|null}> */
    public static function carries(): iterable
    {
        yield 'style' => [false, 'repeat', 'owner_wish', null];
        yield 'a patch' => [true, 'repeat', '', 'never copied'];
        yield 'forced by a mat' => [false, 'repeat', 'forced_by_mat', 'forced by a mat'];
        yield 'a repair' => [false, 'repeat', 'repair', 'repaired'];
        yield 'for a vet' => [false, 'repeat', 'cleared_by_vet', 'vet'];
        yield 'not again' => [false, 'do_not_repeat', 'comfort', 'do not repeat'];
    }

    #[DataProvider('carries')]
    public function testWhatMayBeDoneAgain(bool $exception, string $carry, string $reason, ?string $says): void
    {
        $why = Carry::refuses($exception, $carry, $reason);
        null === $says ? self::assertNull($why) : self::assertStringContainsString($says, (string) $why);
    }

    public function testTheLookAsksForThisDogsZonesAndForBothSides(): void
    {
        $board = Board::of([
            $this->tap(1, 'zone', ['zones' => ['back', 'thigh_left'], 'state' => 'done']),
            $this->tap(2, 'look', ['look' => 'walk', 'ok' => true]),
        ]);
        $list = array_column(
            (new LookList())->of(['back', 'thigh_left', 'thigh_right', 'skull'], $board),
            null,
            'look',
        );
        self::assertSame(['body', 'legs', 'head', 'sides', 'walk'], array_keys($list));
        self::assertSame([], $list['body']['open']);
        self::assertSame(['thigh_right'], $list['legs']['open']);
        self::assertSame(['thigh_left'], $list['sides']['open']);
        self::assertTrue($list['walk']['ok']);
    }

    public function testRatesSayHowSureTheyAre(): void
    {
        $rates = (new IncidentRates())->byTool(['10 blade' => 1, 'nail clippers' => 4], 50);
        self::assertSame(
            ['nail clippers', 4, 8.0],
            [$rates[0]['tool'], $rates[0]['incidents'], $rates[0]['per_hundred']],
        );
        self::assertEqualsWithDelta(3.2, $rates[0]['low'], 0.05);
        self::assertEqualsWithDelta(18.8, $rates[0]['high'], 0.05);
        $this->forAll(Generators::choose(1, 40), Generators::choose(0, 400))->then(static function (
            int $n,
            int $grooms,
        ): void {
            $rate = (new IncidentRates())->byTool(['x' => $n], $grooms)[0];
            self::assertTrue(0 <= $rate['low'] && $rate['low'] <= $rate['high'] && $rate['high'] <= 100.0);
        });
    }

    public function testEveryClawIsListedWithItsDewclaws(): void
    {
        $claws = ClawList::of(['hind_left' => ['fine', 'torn', 'long', 'fine', 'quick_near']], 2);
        self::assertCount(4 * 4 + 2 + 1, $claws);
        self::assertSame(
            ['front_left', 'front_right', 'hind_left'],
            array_values(
                array_map(
                    static fn (\KeenThistle\Core\Nails\Claw $c): string => $c->foot,
                    array_filter($claws, static fn (\KeenThistle\Core\Nails\Claw $c): bool => $c->dewclaw),
                ),
            ),
        );
        self::assertContains(
            'torn',
            array_map(static fn (\KeenThistle\Core\Nails\Claw $c): string => $c->state, $claws),
        );
    }

    public function testTheCareSheetSaysWhatThisDogNeedsAndDefersToAVet(): void
    {
        foreach (CoatType::cases() as $coat) {
            $sheet = (new CareSheet())->of(
                'Brisk',
                $coat,
                [['kind' => 'full', 'on' => '4 May 2026']],
                ['Armpit, left: back to its length about 1 June 2026'],
                ['Red skin: a vet should look.'],
                ['Dryer: let it see it, off.'],
                ['A small nick at the ear.'],
                true,
            );
            $text = json_encode($sheet, \JSON_THROW_ON_ERROR);
            foreach (
                ['4 May 2026', 'Armpit', 'do not diagnose', 'call your vet', 'dewclaws', 'never with scissors'] as $says
            ) {
                self::assertStringContainsString($says, $text);
            }
            self::assertSame($coat->isDouble(), str_contains($text, 'shaved in summer'));
        }
        self::assertStringContainsString(
            'Nothing is booked',
            json_encode(
                (new CareSheet())->of('Brisk', CoatType::Wire, [], [], [], [], [], false),
                \JSON_THROW_ON_ERROR,
            ),
        );
    }

    public function testEveryStepBelongsToAPhase(): void
    {
        foreach (Step::cases() as $step) {
            self::assertNotSame('', $step->phase()->label());
        }
    }
}
