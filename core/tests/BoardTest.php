<?php

/**
 * A groom folded from its taps: zones, conflicts, timers, phases, the look at the end, and what the owner takes home.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\PhaseClock;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Core\Table\TimerKind;
use KeenThistle\Core\Table\TimerRule;
use KeenThistle\Core\Table\UndercoatCap;

final class BoardTest extends BoardCase
{
    public function testAZoneStandsAsItWasTappedLast(): void
    {
        $board = Board::of([
            $this->tap(1, 'zone', ['zones' => ['back', 'loin'], 'state' => 'partly', 'why' => 'tired']),
            $this->tap(2, 'zone', ['zones' => ['back'], 'state' => 'done']),
        ]);
        self::assertSame(['done', 'partly'], [$board->zones['back']->state, $board->zones['loin']->state]);
        self::assertSame('tired', $board->zones['loin']->why);
    }

    public function testAStepIsDoneWhenItsZonesAre(): void
    {
        $board = new Board();
        self::assertSame('open', $board->stepState('body:7F', ['back', 'loin']));
        $board->take($this->tap(1, 'zone', ['zones' => ['back'], 'state' => 'done']));
        self::assertSame('begun', $board->stepState('body:7F', ['back', 'loin']));
        $board->take($this->tap(2, 'zone', ['zones' => ['loin'], 'state' => 'partly']));
        self::assertSame('begun', $board->stepState('body:7F', ['back', 'loin']));
        $board->take($this->tap(3, 'zone', ['zones' => ['loin'], 'state' => 'deferred', 'why' => 'sore']));
        self::assertSame('done', $board->stepState('body:7F', ['back', 'loin']));
        $board->take($this->tap(4, 'step', ['step' => 'bath', 'state' => 'skipped', 'why' => 'came washed']));
        self::assertSame('skipped', $board->stepState('bath', []));
    }

    public function testOnlyAWordOtherwiseFromAnotherDeviceUnseenStandsAgainst(): void
    {
        $board = Board::of([$this->tap(1, 'zone', ['zones' => ['back'], 'state' => 'done'], 'wall')]);
        $other = $this->tap(2, 'zone', ['zones' => ['loin', 'back'], 'state' => 'partly'], 'phone');
        self::assertSame('back', $board->standsAgainst($other, 0));
        self::assertNull($board->standsAgainst($other, 1), 'it was seen');
        self::assertNull(
            $board->standsAgainst($this->tap(2, 'zone', ['zones' => ['back'], 'state' => 'partly'], 'wall'), 0),
            'the same device',
        );
        self::assertNull(
            $board->standsAgainst($this->tap(2, 'zone', ['zones' => ['back'], 'state' => 'done'], 'phone'), 0),
            'the same word',
        );
        self::assertNull($board->standsAgainst($this->tap(2, 'note', ['text' => 'x'], 'phone'), 0));
    }

    public function testAHeldTapIsKeptButNotCounted(): void
    {
        $held = new Tap('t9', 9, 'Idris', 'phone', self::at(3), 'zone', ['zones' => ['back'], 'state' => 'done'], true);
        $board = Board::of([$held]);
        self::assertSame([], $board->zones);
        self::assertArrayHasKey('Idris', $board->people);
    }

    public function testFoldingInPartsIsFoldingAtOnce(): void
    {
        $kinds = Generators::elements(['zone', 'timer', 'pause', 'resume', 'note', 'claw', 'pads', 'look']);
        $this->forAll(
            Generators::seq(Generators::tuple($kinds, Generators::choose(0, 3), Generators::choose(0, 3))),
            Generators::choose(0, 20),
        )->then(function (array $words, int $cut): void {
            $this->seq = 0;
            $taps = [];
            foreach ($words as $word) {
                \assert(\is_array($word));
                [$kind, $a, $b] = $word;
                \assert(\is_string($kind) && \is_int($a) && \is_int($b));
                $taps[] = $this->tap(
                    \count($taps) + 1,
                    $kind,
                    match ($kind) {
                        'zone' => ['zones' => [['back', 'loin', 'rump', 'chest'][$a]], 'state' => Tap::ZONE_STATES[$b]],
                        'timer' => [
                            'timer' => ['clipping', 'dwell', 'drying', 'rest'][$a],
                            'on' => $b > 1,
                            'blade' => '10',
                        ],
                        'claw' => ['foot' => 'front_left', 'claw' => $a + 1, 'state' => Tap::CLAW_STATES[$b]],
                        'pads' => ['foot' => 'hind_left', 'bare' => $b],
                        'look' => ['look' => 'walk', 'ok' => $b > 1],
                        'note' => ['text' => "$a$b"],
                        default => [],
                    },
                );
            }
            $whole = Board::of($taps);
            $parts = Board::of(\array_slice($taps, 0, $cut));
            foreach (\array_slice($taps, $cut) as $tap) {
                $parts->take($tap);
            }
            self::assertEqualsWithDelta($whole, $parts, 0);
            $now = self::at(400);
            foreach (TimerKind::cases() as $kind) {
                $answer = (new TimerRule())->answer($kind, $whole->timer($kind->value), $now);
                self::assertGreaterThanOrEqual(0.0, $answer->ran);
                self::assertSame($answer->running, null !== $answer->since);
                self::assertSame(
                    'due' === $answer->level,
                    $answer->running && null !== $answer->left && $answer->left <= 0,
                );
            }
            $began = self::at(0);
            $spent = array_sum(
                (new PhaseClock())->minutes($taps, $began, static fn (string $zone): bool => 'chest' === $zone),
            );
            self::assertLessThanOrEqual(
                $whole->minutesAtWork($began, $now) + 1e-6,
                $spent,
                'phases never hold more than was worked',
            );
        });
    }

    public function testClippingCountsOnlyWhileItRunsAndATouchBeginsAnew(): void
    {
        $board = Board::of([
            $this->tap(0, 'timer', ['timer' => 'clipping', 'on' => true, 'blade' => '30']),
            $this->tap(1, 'timer', ['timer' => 'clipping', 'on' => false]),
            $this->tap(10, 'timer', ['timer' => 'clipping', 'on' => true, 'blade' => '30']),
        ]);
        $at = self::at(10)->modify('+20 seconds');
        $answer = (new TimerRule(['30' => 1]))->answer(TimerKind::Clipping, $board->timer('clipping'), $at);
        self::assertSame([80.0, 90, 10.0, 'running'], [$answer->ran, $answer->limit, $answer->left, $answer->level]);
        $late = (new TimerRule())->answer(TimerKind::Clipping, $board->timer('clipping'), self::at(11));
        self::assertSame('due', $late->level);
        self::assertStringContainsString('back of your hand', $late->words);
        $board->take($this->tap(11, 'felt', ['blade' => '30']));
        self::assertSame(
            0.0,
            (new TimerRule())->answer(TimerKind::Clipping, $board->timer('clipping'), self::at(11))->ran,
        );
        $board->take($this->tap(12, 'reading', ['blade' => '30', 'celsius' => 44.0]));
        $hot = (new TimerRule(['30' => 1]))->answer(TimerKind::Clipping, $board->timer('clipping'), self::at(12));
        self::assertSame('stop', $hot->level);
        self::assertStringContainsString('cool one', $hot->words);
        $board->take($this->tap(13, 'felt', ['blade' => '30']));
        self::assertNotSame(
            'stop',
            (new TimerRule())->answer(TimerKind::Clipping, $board->timer('clipping'), self::at(13))->level,
            'felt cool since',
        );
    }

    public function testDryingIsLookedAfterAndNeverUnattendedForSome(): void
    {
        $board = Board::of([$this->tap(0, 'timer', ['timer' => 'drying', 'on' => true])]);
        $due = (new TimerRule(watched: true))->answer(TimerKind::Drying, $board->timer('drying'), self::at(6));
        self::assertSame('due', $due->level);
        self::assertContains(
            'never_unattended',
            array_column(
                array_map(static fn (\KeenThistle\Core\Reason\Caution $c): array => $c->toArray(), $due->cautions),
                'code',
            ),
        );
        $board->take($this->tap(6, 'welfare', ['ok' => true]));
        self::assertSame(
            'running',
            (new TimerRule())->answer(TimerKind::Drying, $board->timer('drying'), self::at(7))->level,
        );
        self::assertTrue(
            (new TimerRule())->answer(TimerKind::Drying, $board->timer('drying'), self::at(60))->forgotten,
        );
    }

    public function testTheUndercoatIsCappedOverTheWholeVisitUnlessTheCoatIsLetGo(): void
    {
        self::assertSame(600, UndercoatCap::seconds(Season::North, 11, 'capped'));
        self::assertNull(UndercoatCap::seconds(Season::North, 5, 'capped'));
        self::assertSame(600, UndercoatCap::seconds(Season::South, 5, 'capped'));
        self::assertNull(UndercoatCap::seconds(Season::North, 11, 'all'));
        $on = fn (int $minute, bool $on): Tap => $this->tap($minute, 'timer', ['timer' => 'undercoat', 'on' => $on]);
        $board = Board::of([$on(0, true), $on(6, false), $on(20, true)]);
        $answer = (new TimerRule(undercoat: 600))->answer(
            TimerKind::Undercoat,
            $board->timer('undercoat'),
            self::at(25),
        );
        self::assertSame([660.0, 'due'], [$answer->ran, $answer->level]);
        self::assertNull(
            (new TimerRule(undercoat: null))->answer(TimerKind::Undercoat, $board->timer('undercoat'), self::at(25))
                ->left,
        );
    }

    public function testAPauseStopsWhatRunsAndDoesNotCountAsWork(): void
    {
        $board = Board::of([
            $this->tap(0, 'timer', ['timer' => 'clipping', 'on' => true, 'blade' => '10']),
            $this->tap(2, 'pause', ['why' => 'tired']),
            $this->tap(12, 'resume', []),
        ]);
        self::assertSame(120.0, $board->timer('clipping')->ran(self::at(30)));
        self::assertFalse($board->isPaused());
        self::assertEqualsWithDelta(20.0, $board->minutesAtWork(self::at(0), self::at(30)), 1e-9);
    }

    public function testMinutesFallToThePhaseThatEndsThere(): void
    {
        $taps = [
            $this->tap(3, 'step', ['step' => 'check', 'state' => 'done']),
            $this->tap(20, 'zone', ['zones' => ['skull'], 'state' => 'done']),
            $this->tap(13, 'zone', ['zones' => ['back'], 'state' => 'done']),
            $this->tap(21, 'pause', []),
            $this->tap(31, 'resume', []),
            $this->tap(35, 'claw', ['foot' => 'front_left', 'claw' => 1, 'state' => 'ground']),
            $this->tap(36, 'zone', ['zones' => ['groin'], 'state' => 'done']),
        ];
        $minutes = (new PhaseClock())->minutes($taps, self::at(0), static fn (string $zone): bool => 'skull' === $zone);
        self::assertEqualsWithDelta(
            ['check' => 3.0, 'clip' => 10.0, 'scissor' => 7.0, 'nails_pads_ears' => 5.0, 'close_work' => 1.0],
            $minutes,
            1e-6,
        );
    }
}
