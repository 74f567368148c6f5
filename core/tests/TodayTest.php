<?php

/** Today's list: the worked example, the order in which things apply, what waits, and what must hold for any dog. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Handling\Tool as Handled;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Today\Agreement;
use KeenThistle\Core\Today\Facts;
use KeenThistle\Core\Today\Finding;
use KeenThistle\Core\Today\FindingKind;
use KeenThistle\Core\Today\Refusal;
use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use PHPUnit\Framework\Attributes\DataProvider;

final class TodayTest extends TodayCase
{
    /** Eleven zones: 33 % of the body, none of it tender. */
    private const ELEVEN = [
        'nape',
        'neck_sides',
        'shoulder_left',
        'shoulder_right',
        'back',
        'loin',
        'rump',
        'thigh_left',
        'thigh_right',
        'chest',
        'foreleg_left',
    ];

    public function testWorkedExample(): void
    {
        $today = self::today(
            new Facts(
                10.0,
                CoatType::Curly,
                Handling::Calm,
                ['back' => self::guard()],
                [self::mat('armpit_left', 3, 1.0, false)],
                [new Finding(FindingKind::Sore, Zone::of('groin'))],
                new Agreement('even', ['back'], '7F', true),
                [new Refusal(Zone::of('muzzle'), Handled::Clipper, true)],
            ),
        );
        self::assertSame(
            [
                'back' => 'agreement: 7F blade',
                'armpit_left' => 'mat: 10 blade',
                'groin' => 'finding: not_touched',
            ],
            self::said($today),
        );
        self::assertSame(3, $today->differs);
        $mat = $today->rows['armpit_left'];
        self::assertSame(
            [true, 'do_not_repeat', 'forced_by_mat', Lay::With],
            [$mat->exception, $mat->carry, $mat->reason, $mat->lay],
        );
        self::assertSame(['groin'], $today->dry, 'no water near an open sore');
    }

    public function testWhatTheOwnerSignedIsWhatTheTableDoes(): void
    {
        $plan = self::all(self::ELEVEN, self::guard()) + ['hock_left' => self::bare('10'), 'skull' => self::guard()];
        $comb = array_map(static fn (string $z) => self::mat($z, 3, 1.0, true), self::ELEVEN);
        $with = static fn (?Agreement $a) => self::today(
            new Facts(10.0, CoatType::Curly, Handling::Calm, $plan, $comb, agreement: $a),
        );
        $unsigned = $with(new Agreement('even', [...self::ELEVEN, 'hock_left'], '7F'));
        self::assertTrue($unsigned->waits());
        self::assertSame('card: 10 blade', self::said($unsigned)['hock_left'], 'shorter plans stay, and go on');
        $signed = $with(new Agreement('even', [...self::ELEVEN, 'hock_left'], '7F', true));
        self::assertFalse($signed->waits());
        self::assertTrue($signed->comesOff());
        foreach (self::ELEVEN as $zone) {
            self::assertSame(3.2, $signed->rows[$zone]->finished?->mm(), $zone);
            self::assertTrue($signed->rows[$zone]->exception);
        }
        self::assertSame('card: 16 mm guard over 10', self::said($signed)['skull'], 'only where it was named');
        self::assertSame(0.0, $signed->mats->worked, 'nobody works on what comes off');
        self::assertLessThan($with(null)->mats->minutes, $signed->mats->minutes);
    }

    public function testAnEvenLengthShorterThanTheBladeUnderTheMatIsOneLength(): void
    {
        $plan = self::all(['back', 'loin'], self::guard());
        $comb = [self::mat('back', 3, 1.0, true), self::mat('loin', 4)];
        $today = self::today(
            new Facts(
                10.0,
                CoatType::Curly,
                Handling::Frightened,
                $plan,
                $comb,
                agreement: new Agreement('even', ['back', 'loin'], '10', true),
            ),
        );
        self::assertSame(['back' => 'agreement: 10 blade', 'loin' => 'mat: 10 blade'], self::said($today));
    }

    /** @return iterable<string, array{float, string|null}> */
    public static function planned(): iterable
    {
        yield 'longer than agreed' => [16.0, 'agreement: 7F blade'];
        yield 'not known counts as longer' => [0.0, 'agreement: 7F blade'];
        yield 'shorter stays' => [1.0, 'card: scissors'];
    }

    #[DataProvider('planned')]
    public function testAnEvenLengthTakesWhatIsPlannedLonger(float $mm, string $said): void
    {
        $plan = ['back' => self::byHand('scissor', 0.0 === $mm ? null : $mm)];
        $agreement = new Agreement('even', ['back', 'loin'], '7F', true);
        $today = self::today(new Facts(10.0, CoatType::Curly, Handling::Calm, $plan, agreement: $agreement));
        self::assertSame(['back' => $said], self::said($today));
    }

    public function testTheFirstThatAppliesDecides(): void
    {
        $facts = static fn (bool ...$with): Facts => new Facts(
            10.0,
            CoatType::Curly,
            Handling::Calm,
            ['back' => self::guard()],
            $with['mat'] ?? false ? [self::mat('back', 4, 0.1)] : [],
            $with['sore'] ?? false ? [new Finding(FindingKind::Sore, Zone::of('back'))] : [],
            new Agreement('even', $with['even'] ?? false ? ['back'] : [], '7F', true),
            $with['refused'] ?? false ? [new Refusal(Zone::of('back'), Handled::Clipper, true)] : [],
            $with['hand'] ?? false ? ['back' => self::guard(10.0)] : [],
            $with['last'] ?? false ? ['back' => self::guard(13.0)] : [],
        );
        $said = static fn (bool ...$with): string => self::said(self::today($facts(...$with)))['back'];
        self::assertSame('card: 16 mm guard over 10', $said());
        self::assertSame('last: 13 mm guard over 10', $said(last: true));
        self::assertSame('hand: 10 mm guard over 10', $said(last: true, hand: true));
        self::assertSame('agreement: 7F blade', $said(last: true, hand: true, even: true));
        self::assertSame('mat: 10 blade', $said(last: true, hand: true, even: true, mat: true));
        self::assertSame('handling: deferred', $said(last: true, hand: true, even: true, mat: true, refused: true));
        self::assertSame(
            'finding: not_touched',
            $said(last: true, hand: true, even: true, mat: true, refused: true, sore: true),
        );
        $felt = self::today($facts(mat: true, refused: true))->rows['back'];
        self::assertStringContainsString('vet within days', (string) $felt->refer);
    }

    public function testASubstituteLeavesWhatItLeavesUnlessAMatIsClipped(): void
    {
        $refused = [
            new Refusal(Zone::of('muzzle'), Handled::Clipper, false, null, Length::ofMillimetres(8)),
            new Refusal(Zone::of('cheek_left'), Handled::Clipper, false),
            new Refusal(Zone::of('beard'), Handled::Clipper, true),
        ];
        $today = self::today(
            new Facts(
                10.0,
                CoatType::Curly,
                Handling::Calm,
                ['muzzle' => self::guard(6), 'cheek_left' => self::guard(6), 'beard' => self::byHand()],
                [self::mat('cheek_left', 4, 0.5)],
                refusals: $refused,
            ),
        );
        self::assertSame(
            [
                'cheek_left' => 'mat: 10 blade',
                'muzzle' => 'handling: thinning shears',
                'beard' => 'card: scissors',
            ],
            self::said($today),
        );
        self::assertSame(8.0, $today->rows['muzzle']->finished?->mm());
    }

    public function testSomeFindingsStopTheWholeVisit(): void
    {
        $plan = self::all(['back', 'loin'], self::guard());
        foreach (FindingKind::cases() as $kind) {
            $today = self::today(
                new Facts(
                    10.0,
                    CoatType::Curly,
                    Handling::Calm,
                    $plan,
                    findings: [new Finding($kind, $kind->stopsHere() ? Zone::of('loin') : null)],
                ),
            );
            self::assertSame($kind->stopsTheVisit(), null !== $today->stop);
            self::assertSame(
                match (true) {
                    $kind->stopsTheVisit() => ['back', 'loin'],
                    $kind->stopsHere() => ['loin'],
                    default => [],
                },
                $today->zones(Row::NOT_TOUCHED),
                $kind->value,
            );
            self::assertCount(1, $today->notes);
        }
        $corner = new Facts(
            10.0,
            CoatType::Curly,
            Handling::Calm,
            self::all(['inner_eye_left', 'inner_eye_right'], self::byHand('thin')),
            findings: [new Finding(FindingKind::RedEye, Zone::of('inner_eye_left'))],
        );
        self::assertSame(['inner_eye_left'], self::today($corner)->zones(Row::NOT_TOUCHED));
    }

    public function testAVetsWordIsKept(): void
    {
        $sore = new Finding(FindingKind::FreshOperation, Zone::of('belly'), 'Dr Fenwright, 20 November');
        $today = self::today(
            new Facts(10.0, CoatType::Curly, Handling::Calm, ['back' => self::guard()], findings: [$sore]),
        );
        self::assertSame([], $today->dry);
        self::assertStringContainsString('Dr Fenwright', $today->notes[0]->message);
        self::assertSame(['belly'], $today->zones(Row::NOT_TOUCHED), 'cleared for water, not for blades');
    }

    public function testALaterVisitLeavesTodaysSums(): void
    {
        $plan = self::all(['back', 'loin', 'rump'], self::guard());
        $comb = [self::mat('back', 3, 1.0, true), self::mat('loin', 3, 0.3, true), self::mat('rump', 4, 0.1)];
        $later = new Agreement('several_visits', signed: true, later: ['back' => '2026-12-01', 'rump' => '2026-12-01']);
        $today = self::today(new Facts(10.0, CoatType::Curly, Handling::Calm, $plan, $comb, agreement: $later));
        self::assertSame(
            ['back' => 'agreement: deferred', 'loin' => 'card: 16 mm guard over 10', 'rump' => 'mat: 10 blade'],
            self::said($today),
            'felt is never put off',
        );
        self::assertSame('2026-12-01', $today->rows['back']->date);
        self::assertSame(['back'], $today->dry, 'a mat that stays is not washed');
        self::assertSame(Decision::Split, $today->mats->decisionFor('loin'));
        self::assertSame(2, $today->visits);
    }

    public function testALittleGoesOnAndMoreWaits(): void
    {
        $facts = static fn (CoatType $coat, ?Agreement $a, Mat ...$comb): Facts => new Facts(
            10.0,
            $coat,
            Handling::Calm,
            ['back' => self::guard()],
            array_values($comb),
            agreement: $a,
        );
        $curly = static fn (Mat ...$comb): Facts => $facts(CoatType::Curly, null, ...$comb);
        $states = static fn (Facts $f): array => array_map(
            static fn (Row $r): string => $r->state,
            self::today($f)->rows,
        );
        self::assertSame(['back' => 'planned'], $states($curly(self::mat('back', 4, 0.5))), '4.5 %');
        $small = $states($curly(self::mat('rump', 4, 0.9), self::mat('armpit_left', 4)));
        self::assertSame(['planned'], array_values(array_unique($small)), '4.35 %');
        self::assertEqualsCanonicalizing(
            ['back' => 'waits_for_agreement', 'armpit_left' => 'planned'],
            $states($curly(self::mat('back', 4, 0.6), self::mat('armpit_left', 4))),
            'a tender patch goes on whatever the rest comes to',
        );
        $felt = self::mat('back', 4);
        $back = static fn (CoatType $coat, ?Agreement $a): string => $states($facts($coat, $a, $felt))['back'];
        self::assertSame(
            'waits_for_agreement',
            $states($facts(CoatType::LongDouble, null, self::mat('back', 4, 0.1)))['back'],
            'a double coat is never shortened without a word',
        );
        self::assertSame('planned', $back(CoatType::LongDouble, new Agreement('patches', signed: true)));
        self::assertSame('waits_for_agreement', $back(CoatType::Curly, new Agreement('none', signed: true)));
        self::assertSame(
            'waits_for_agreement',
            $back(CoatType::Curly, new Agreement('patches', signed: true, covers: ['loin'])),
            'what was found after the signature is asked again',
        );
    }

    public function testGuardsWaitForDryAndBareBladesGoOn(): void
    {
        $today = self::today(
            new Facts(
                10.0,
                CoatType::Curly,
                Handling::Calm,
                ['back' => self::guard(), 'belly' => self::bare('10'), 'beard' => self::byHand()],
                clipReady: false,
            ),
        );
        self::assertSame(['back'], $today->zones(Row::WAITS_FOR_DRY));
        self::assertSame(2, $today->visits);
    }

    public function testWhatIsDoneStaysAndTheChangeIsSaid(): void
    {
        $plan = self::all(['back', 'loin', 'rump'], self::guard());
        $before = self::today(new Facts(10.0, CoatType::Curly, Handling::Calm, $plan));
        $after = self::today(
            new Facts(
                10.0,
                CoatType::Curly,
                Handling::Calm,
                $plan,
                [self::mat('back', 4, 0.2), self::mat('loin', 4, 0.2)],
                done: ['back' => self::guard()],
            ),
        );
        self::assertSame('hand: done', self::said($after)['back']);
        self::assertSame(
            [['zone' => 'loin', 'was' => 'guard:16000:10 with', 'now' => 'blade:10 with']],
            $after->changedFrom($before->snapshot()),
        );
    }

    public function testWhateverIsFoundAndAgreed(): void
    {
        $this->limitTo(150);
        $zones = ZoneTable::ids();
        $this->forAll(
            Generators::choose(1, 3000),
            Generators::elements(CoatType::cases()),
            Generators::elements(Handling::cases()),
            Generators::elements(Agreement::CHOICES),
            Generators::bool(),
        )->then(static function (int $from, CoatType $coat, Handling $handling, string $choice, bool $signed) use (
            $zones,
        ): void {
            $plan = $comb = $findings = $refusals = [];
            foreach (self::seeds($from, 24) as $seed) {
                $zone = $zones[$seed % \count($zones)];
                $plan[$zone] = [self::guard(), self::bare('7F'), self::bare('10'), self::byHand()][
                    intdiv($seed, 70) % 4
                ];
                $comb[$zone] = self::mat($zone, intdiv($seed, 7) % 5, (intdiv($seed, 280) % 11) / 10);
                if (0 === intdiv($seed, 3000) % 11) {
                    $findings[] = new Finding(FindingKind::HotSkin, Zone::of($zone));
                }
                if (0 === intdiv($seed, 33_000) % 9) {
                    $refusals[] = new Refusal(Zone::of($zone), Handled::Clipper, 0 === $seed % 2);
                }
            }
            $agreement = new Agreement($choice, \array_slice(array_keys($plan), 0, 9), '7F', $signed);
            $facts = new Facts(12.0, $coat, $handling, $plan, array_values($comb), $findings, $agreement, $refusals);
            $today = self::today($facts);
            self::assertSame($today->toArray(), self::today($facts)->toArray(), 'made twice it is the same');
            $unsigned = $tender = 0.0;
            foreach ($today->rows as $id => $row) {
                self::assertNotSame('', $row->why, "$id says nothing");
                self::assertContains($row->state, Row::STATES);
                self::assertContains($row->from, Row::FROM);
                self::assertSame(
                    \in_array($row->state, [Row::NOT_TOUCHED, Row::DEFERRED], true),
                    null === $row->tool,
                    "$id is done or it is not",
                );
                if (Row::PLANNED === $row->state && \in_array($row->from, ['mat', 'agreement'], true)) {
                    $unsigned += $row->share;
                    $tender += $row->zone->tender && 'mat' === $row->from ? $row->share : 0.0;
                    self::assertTrue(
                        $agreement->isSigned() || $row->zone->tender || !$coat->isDouble(),
                        'a double coat is cut without a word',
                    );
                }
                if ('mat' === $row->from) {
                    self::assertTrue(
                        $comb[$id]->severity >= 3 || $row->zone->tender,
                        'tangles or separate mats are clipped for the visit\'s sake',
                    );
                    self::assertFalse(true === $row->tool?->isGuard(), 'a guard over a mat');
                }
            }
            self::assertTrue(
                $agreement->isSigned() || $unsigned <= 0.05 + 1e-9,
                'more than a little is cut without a word',
            );
            $differ = array_filter($today->rows, static fn (Row $r): bool => $r->differs());
            self::assertCount($today->differs, $differ);
        });
    }
}
