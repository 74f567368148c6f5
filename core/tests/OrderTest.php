<?php

/**
 * The order of work: every must is kept whatever the school, a contradiction is always named, tools are grouped where
 * it makes no difference.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Order\Edge;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Order\WorkItem;
use KeenThistle\Core\Timing\Service;
use PHPUnit\Framework\Attributes\DataProvider;

final class OrderTest extends OrderCase
{
    public function testTheUsualOrder(): void
    {
        $list = self::list();
        self::assertSame([], $list->moved);
        foreach (
            [
                [Step::Check, Step::CombTest],
                [Step::CombTest, Step::BrushOut],
                [Step::BrushOut, Step::Bath],
                [Step::CloseWork, Step::Bath],
                [Step::Pads, Step::Nails],
                [Step::Nails, Step::Bath],
                [Step::Bath, Step::Dry],
                [Step::Dry, Step::CombOut],
                [Step::CombOut, Step::Clip],
                [Step::Clip, Step::Scissor],
                [Step::Scissor, Step::Feet],
                [Step::Rear, Step::Look],
                [Step::Look, Step::Finish],
                [Step::Notes, Step::Handover],
            ] as [$a, $b]
        ) {
            self::assertTrue(self::before($list, $a, $b), "$a->value before $b->value");
        }
        self::assertSame(Step::Check, $list->items[0]->step());
        self::assertSame(Step::Handover, $list->items[\count($list->items) - 1]->step());
    }

    public function testWhatMustBeSeenIsNeverToldOfWithSomethingElse(): void
    {
        $alone = array_filter(Step::cases(), static fn (Step $s): bool => '' === $s->together());
        foreach (
            [
                Step::Check,
                Step::CombTest,
                Step::MatsOut,
                Step::MatsClip,
                Step::Nails,
                Step::Ears,
                Step::Teeth,
                Step::Dry,
                Step::CombOut,
                Step::Look,
            ] as $step
        ) {
            self::assertContains($step, $alone, $step->value);
        }
        // From nothing done to handed over, with one word for each run of the same work.
        $runs = 0;
        $before = '';
        foreach (self::list()->items as $item) {
            $now = $item->step()->together();
            $runs += '' === $now || $now !== $before ? 1 : 0;
            $before = $now;
        }
        self::assertLessThanOrEqual(12, $runs);
    }

    public function testEveryZoneIsDoneOnceWithItsTool(): void
    {
        $zones = [];
        foreach (self::list()->items as $item) {
            foreach ($item->step()->cuts() ? $item->zones : [] as $zone) {
                self::assertArrayNotHasKey($zone, $zones);
                $zones[$zone] = $item->tool;
            }
        }
        ksort($zones);
        $expected = self::ZONES;
        ksort($expected);
        self::assertSame($expected, $zones);
    }

    public function testAnItemFollowsFromItsToolNotOnlyFromWhereItLies(): void
    {
        $zones = self::cuts([
            'belly' => '10',
            'armpit_left' => '6 over 10',
            'inner_thigh_left' => 'scissors',
            'groin' => 'small trimmer',
        ]);
        $list = self::list(zones: $zones);
        $step = static fn (string $zone): Step => array_values(
            array_filter(
                $list->items,
                static fn (WorkItem $i): bool => \in_array($zone, $i->zones, true) && $i->step()->cuts(),
            ),
        )[0]->step();
        self::assertSame(
            [Step::CloseWork, Step::Clip, Step::Scissor, Step::CloseWork],
            array_map($step, ['belly', 'armpit_left', 'inner_thigh_left', 'groin']),
        );
        self::assertTrue(self::before($list, Step::CombOut, Step::Clip), 'a guard waits for a dry, combed coat');
        self::assertTrue(self::before($list, Step::CloseWork, Step::Bath));
    }

    public function testBothSidesAreOneItemAndZonesStandInWorkingOrder(): void
    {
        $list = self::list();
        $armpits = array_values(
            array_filter($list->items, static fn (WorkItem $i): bool => Step::CloseWork === $i->step()),
        )[0];
        self::assertSame(['belly', 'armpit_left', 'armpit_right', 'groin'], $armpits->zones);
        self::assertSame(
            ['pads_front_left', 'pads_front_right'],
            array_values(array_filter($list->items, static fn (WorkItem $i): bool => Step::Pads === $i->step()))[0]
                ->zones,
        );
        $sides = self::list(['outline' => 'side_by_side']);
        $ribs = array_filter(
            $sides->items,
            static fn (WorkItem $i): bool => [] !== array_intersect($i->zones, ['ribs_left', 'ribs_right'])
                && $i->step()->cuts(),
        );
        self::assertCount(2, $ribs, 'one whole side, then the other');
    }

    public function testTheToolInHandIsKeptWhereTheOrderAllows(): void
    {
        $list = self::list();
        self::assertLessThanOrEqual(6, $list->toolChanges);
        $guards = array_values(array_filter($list->items, static fn (WorkItem $i): bool => '16 over 10' === $i->tool));
        self::assertSame(
            ['clip: body', 'clip: legs'],
            array_map(static fn (WorkItem $i): string => $i->title, $guards),
            'body before legs, without a change of the tool',
        );
    }

    public function testTheOtherSchool(): void
    {
        $list = self::list(['close_work' => 'after_dry', 'pads' => 'after_dry', 'nails_when' => 'after_dry']);
        foreach ([Step::CloseWork, Step::Pads, Step::Nails] as $step) {
            self::assertTrue(self::before($list, Step::Dry, $step), $step->value);
        }
        self::assertTrue(self::before($list, Step::Pads, Step::Nails));
        $double = static fn (string $when): \KeenThistle\Core\Order\WorkList => self::list(
            ['undercoat' => $when],
            coat: CoatType::LongDouble,
        );
        self::assertTrue(self::before($double('after_dry'), Step::Dry, Step::Rake));
        self::assertTrue(self::before($double('before_bath'), Step::Rake, Step::Bath));
        self::assertTrue(self::before(self::list(['ears_when' => 'after_dry']), Step::Dry, Step::Ears));
        self::assertTrue(self::before(self::list(['ears_when' => 'at_end']), Step::Look, Step::Ears));
        $face = self::list(['outline' => 'face_first']);
        $at = static fn (string $title): int => (int) array_search(
            $title,
            array_map(static fn (WorkItem $i): string => $i->title, $face->items),
            true,
        );
        self::assertLessThan($at('scissor: legs'), $at('scissor: head, face'));
    }

    public function testAWireCoatIsStrippedBeforeItsBath(): void
    {
        $wire = self::cuts(['back' => 'hand-strip', 'skull' => 'scissors']);
        $list = self::list(coat: CoatType::Wire, zones: $wire);
        self::assertTrue(self::before($list, Step::Strip, Step::Bath), 'a washed coat is slippery');
        $bath = array_values(array_filter($list->items, static fn (WorkItem $i): bool => Step::Bath === $i->step()))[0];
        self::assertStringContainsString('lukewarm', implode(' ', $bath->cautions));
        $later = self::list(['strip' => 'days_after'], coat: CoatType::Wire, zones: $wire);
        self::assertFalse($this->has($later, Step::Bath));
        self::assertFalse($this->has($later, Step::Dry));
        self::assertSame('bath', $later->moved[0]['step']);
        self::assertTrue(self::before($later, Step::BrushOut, Step::Scissor));
    }

    public function testCordsAreNeverCombedAndShortFlatHairNeedsOneBrush(): void
    {
        $tools = static function (CoatType $coat): array {
            $list = self::list(coat: $coat, zones: self::cuts(['belly' => '10']));

            return array_column(
                array_map(static fn (WorkItem $i): array => [$i->node, $i->tool, $i->cautions], $list->items),
                null,
                0,
            );
        };
        $corded = $tools(CoatType::Corded);
        self::assertArrayNotHasKey('brush_out', $corded);
        self::assertArrayNotHasKey('comb_out', $corded);
        self::assertSame('hands', $corded['comb_test'][1]);
        self::assertStringContainsString('never combed', implode(' ', $corded['comb_test'][2]));
        $smooth = $tools(CoatType::Smooth);
        self::assertSame('rubber brush', $smooth['brush_out'][1]);
        self::assertArrayNotHasKey('comb_out', $smooth);
        foreach (CoatType::cases() as $coat) {
            $has = $tools($coat);
            self::assertSame(
                !\in_array($coat, [CoatType::Corded, CoatType::Hairless, CoatType::Smooth], true),
                isset($has['comb_out']),
                $coat->value,
            );
        }
    }

    public function testATidyFreesTheEyesAndNothingElseOfTheFace(): void
    {
        foreach ([Service::Tidy, Service::Bath, Service::Nails] as $kind) {
            $list = self::list(
                zones: self::cuts([
                    'inner_eye_left' => 'thinning shears',
                    'inner_eye_right' => 'thinning shears',
                    'cheek_left' => 'thinning shears',
                    'fringe' => 'scissors',
                    'skull' => 'scissors',
                    'groin' => '10',
                ]),
                service: $kind,
            );
            $cut = [];
            foreach ($list->items as $item) {
                $cut = [...$cut, ...$item->step()->cuts() ? $item->zones : []];
            }
            sort($cut);
            self::assertSame(
                Service::Nails === $kind ? [] : ['fringe', 'groin', 'inner_eye_left', 'inner_eye_right'],
                $cut,
                $kind->value,
            );
        }
    }

    public function testABathTakesNoHairOffTheOutline(): void
    {
        $steps = array_map(
            static fn (WorkItem $i): string => $i->step()->value,
            self::list(mats: [self::clipped('armpit_left')], service: Service::Bath)->items,
        );
        self::assertSame([], array_intersect(['clip', 'edges', 'feet', 'rear', 'strip'], $steps));
        self::assertSame(
            ['mats_clip', 'close_work', 'brush_out', 'bath', 'dry', 'comb_out'],
            array_values(
                array_unique(
                    array_intersect($steps, ['bath', 'dry', 'comb_out', 'close_work', 'mats_clip', 'brush_out']),
                ),
            ),
        );
    }

    public function testSmallVisitsHaveTheirOwnItems(): void
    {
        $steps = static fn (Service $kind): array => array_values(
            array_unique(
                array_map(static fn (WorkItem $i): string => $i->step()->value, self::list(service: $kind)->items),
            ),
        );
        self::assertSame(
            ['check', 'close_work', 'pads', 'nails', 'ears', 'thin', 'look', 'notes', 'handover'],
            $steps(Service::Tidy),
            'a tidy has no bath and no dryer',
        );
        self::assertSame(['check', 'nails', 'notes', 'handover'], $steps(Service::Nails));
    }

    /**
     * @return iterable<string, array{array<string, string>, list<Edge>, string, string}> schools, exceptions, field,
     *     words of the must
     */
    public static function contradictions(): iterable
    {
        yield 'grinding before the pads are bare' => [
            ['pads' => 'after_dry'],
            [],
            'schools.nails_when',
            '"pads and between the toes before nails"',
        ];
        yield 'a dirty rear' => [
            [],
            [self::edge(Step::Rear, Step::Bath)],
            'exceptions[0]',
            '"bath before tail and rear"',
        ];
        yield 'wet before combed' => [
            [],
            [self::edge(Step::Bath, Step::CombTest)],
            'exceptions[0]',
            '"comb test before bath"',
        ];
        yield 'finished, then looked at' => [
            [],
            [self::edge(Step::Finish, Step::Clip, 1)],
            'exceptions[1]',
            '"look from all sides before finish"',
        ];
        yield 'told before it is written' => [
            [],
            [self::edge(Step::Handover, Step::Check)],
            'exceptions[0]',
            '"check before handover"',
        ];
        yield 'a guard on a wet coat' => [
            [],
            [self::edge(Step::Clip, Step::Dry)],
            'exceptions[0]',
            '"dry before clip"',
        ];
        yield 'a step against itself' => [
            [],
            [self::edge(Step::Nails, Step::Nails)],
            'exceptions[0]',
            'cannot come before itself',
        ];
        yield 'one exception against another' => [
            [],
            [self::edge(Step::Nails, Step::Ears), self::edge(Step::Ears, Step::Nails, 1)],
            'exceptions[1]',
            '"ears, what is visible before nails" contradicts "nails before ears, what is visible"',
        ];
    }

    /**
     * @param array<string, string> $schools
     * @param list<Edge> $exceptions
     */
    #[DataProvider('contradictions')]
    public function testAContradictionNamesThePair(
        array $schools,
        array $exceptions,
        string $field,
        string $words,
    ): void {
        $e = self::refused(static fn () => self::list($schools, $exceptions));
        self::assertSame($field, $e->field);
        self::assertStringContainsString($words, $e->getMessage());
    }

    public function testWhatIsNoContradictionWithoutIt(): void
    {
        self::assertTrue(
            self::before(self::list(['pads' => 'after_dry', 'nails' => 'clip']), Step::Nails, Step::Bath),
            'clipping needs no bare pads',
        );
        $skipped = self::list([], [self::edge(Step::Rear, Step::Bath)], [Step::Bath]);
        self::assertFalse($this->has($skipped, Step::Dry), 'what is not washed is not dried');
    }
}
