<?php

/** What outranks the order of work: the card, findings, the coat that comes off; and what every school changes. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Order\Cut;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\MatWork;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Order\Region;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Order\WorkItem;
use KeenThistle\Core\Order\WorkList;
use KeenThistle\Core\Zone\ZoneTable;
use PHPUnit\Framework\Attributes\DataProvider;

final class OrderFindingsTest extends OrderCase
{
    public function testTheCardOutranksTheSchoolAndSaysSo(): void
    {
        $list = self::list([], [self::edge(Step::Dry, Step::Nails)]);
        self::assertTrue(self::before($list, Step::Dry, Step::Nails));
        $why = implode(' ', array_column($list->moved, 'why'));
        self::assertStringContainsString('calmer so', $why);
        self::assertStringContainsString('not nails before bath today', $why);
        self::assertSame(
            [],
            self::list([], [self::edge(Step::Nails, Step::Dry)])->moved,
            'what stood so anyway did not move',
        );
    }

    public function testFindingsOutrankBoth(): void
    {
        self::assertTrue(self::before(self::list(smells: true), Step::Bath, Step::CloseWork));
        $afraid = self::list(['pads' => 'after_dry', 'nails_when' => 'after_dry'], fears: true);
        self::assertTrue(self::before($afraid, Step::Nails, Step::Dry));
        $dry = array_values(array_filter($afraid->items, static fn (WorkItem $i): bool => Step::Dry === $i->step()))[0];
        self::assertStringContainsString('cool quiet dryer', (string) $dry->tool);
        $short = self::list(['close_work' => 'after_dry'], short: true);
        foreach ([Step::CloseWork, Step::Pads, Step::Nails, Step::Ears] as $health) {
            self::assertTrue(self::before($short, $health, Step::Bath), $health->value);
        }
        self::assertNotSame([], $short->moved);
    }

    public function testMatsAreItemsOfTheirOwnByZoneAndBladeBeforeTheBath(): void
    {
        $list = self::list(
            mats: [
                self::clipped('armpit_left'),
                self::clipped('armpit_right'),
                self::clipped('groin', 3),
                new MatWork('back', Decision::Split, null, 3),
                new MatWork('nape', Decision::Comb, null, 1),
            ],
        );
        self::assertTrue(self::before($list, Step::MatsClip, Step::Bath), 'felt is never washed first');
        self::assertTrue(self::before($list, Step::MatsOut, Step::Bath));
        $of = static fn (Step $step): array => array_map(
            static fn (WorkItem $i): array => [$i->zones, $i->tool],
            array_values(array_filter($list->items, static fn (WorkItem $i): bool => $i->step() === $step)),
        );
        self::assertSame(
            [
                [['armpit_left', 'armpit_right'], '10 blade'],
                [['groin'], '10 blade'],
                [['armpit_left', 'armpit_right'], null],
            ],
            self::sortedByTool($of(Step::MatsClip)),
            'then the skin is looked at',
        );
        self::assertCount(2, $of(Step::MatsOut));
        foreach ($list->items as $item) {
            if (Step::MatsClip === $item->step() || Step::MatsOut === $item->step()) {
                self::assertStringNotContainsString('guard', (string) $item->tool);
                self::assertStringNotContainsString('scissor', (string) $item->tool);
            }
        }
    }

    /**
     * @param list<array{list<string>, string|null}> $items
     *
     * @return list<array{list<string>, string|null}> what has no tool last
     */
    private static function sortedByTool(array $items): array
    {
        usort($items, static fn (array $a, array $b): int => (null === $a[1]) <=> (null === $b[1]));

        return $items;
    }

    public function testACoatThatComesOffIsNotCombed(): void
    {
        $off = self::list(comesOff: true);
        self::assertFalse($this->has($off, Step::CombOut));
        self::assertTrue($this->has($off, Step::BrushOut), 'this house always brushes');
        self::assertSame('comb_out', $off->moved[0]['step']);
        self::assertFalse($this->has(self::list(['brush_out' => 'if_staying'], comesOff: true), Step::BrushOut));
        $felt = self::list(
            comesOff: true,
            mats: [new MatWork('back', Decision::ComesOff, null, 4), new MatWork('loin', Decision::ComesOff, null, 2)],
        );
        self::assertTrue(
            self::before($felt, Step::MatsClip, Step::Bath),
            'felt goes before the bath whatever the school',
        );
        self::assertTrue(self::before($felt, Step::Dry, Step::Clip), 'the even pass follows when dry');
    }

    public function testWhatHasToStayDryStaysDry(): void
    {
        $list = self::list(dry: ['groin']);
        $bath = array_values(array_filter($list->items, static fn (WorkItem $i): bool => Step::Bath === $i->step()))[0];
        self::assertStringContainsString('groin', implode(' ', $bath->cautions));
        $body = self::list(dry: ['back', 'ribs_left', 'ribs_right']);
        self::assertFalse($this->has($body, Step::Bath));
        self::assertTrue(self::before($body, Step::Wipe, Step::Rear), 'wiped where it is soiled');
        self::assertTrue(self::before(self::list(rearSoil: 'stuck'), Step::Wipe, Step::CombTest));
    }

    public function testBellyAndGroinAreFeltFor(): void
    {
        $against = self::list(zones: ['groin' => new Cut('blade', '10 blade', Lay::Against)]);
        $groin = array_values(
            array_filter($against->items, static fn (WorkItem $i): bool => Step::CloseWork === $i->step()),
        )[0];
        self::assertStringContainsString('flank fold', implode(' ', $groin->cautions));
        self::assertStringContainsString('Against the lay', implode(' ', $groin->cautions));
    }

    public function testRestAndWaterComeSoonerForSome(): void
    {
        $rest = static fn (bool $tires): int => (new OrderRule())->order(
            new Job(self::cuts(), CoatType::Curly, tires: $tires),
            new Schools(),
        )->rest;
        self::assertSame([45, 20], [$rest(false), $rest(true)]);
    }

    public function testMinutesAreSharedByTheItemsOfAPhase(): void
    {
        $phases = [
            'settle' => 3.0,
            'check' => 5.0,
            'clip' => 14.0,
            'scissor' => 16.0,
            'bath' => 11.7,
            'nails_pads_ears' => 10.0,
        ];
        $list = (new OrderRule())->order(new Job(self::cuts(), CoatType::Curly, minutes: $phases), new Schools());
        $of = static fn (Step ...$steps): float => array_sum(
            array_map(
                static fn (WorkItem $i): float => \in_array($i->step(), $steps, true) ? (float) $i->minutes : 0.0,
                $list->items,
            ),
        );
        self::assertEqualsWithDelta(14.0, $of(Step::Clip), 1e-9);
        self::assertEqualsWithDelta(16.0, $of(Step::Scissor, Step::Thin, Step::Edges, Step::Feet, Step::Rear), 1e-9);
        self::assertEqualsWithDelta(10.0, $of(Step::Nails, Step::Pads, Step::Ears), 1e-9);
        self::assertEqualsWithDelta(8.0, $of(Step::Check, Step::CombTest), 1e-9, 'settling is part of the first look');
    }

    public function testEveryStepHasWordsAndEveryZoneAPart(): void
    {
        foreach (Step::cases() as $step) {
            self::assertNotSame('', $step->title());
            self::assertNotSame('', $step->doneWhen());
        }
        foreach (ZoneTable::all() as $zone) {
            self::assertNotSame('', Region::of($zone)->title());
            self::assertNotSame('', Region::of($zone)->doneWhen());
        }
        self::assertSame(
            [Step::MatsOut, Step::Rake, Step::Clip, null],
            array_map(Step::ofStored(...), ['knots', 'undercoat', 'body', 'nothing of ours']),
        );
    }

    /** @return iterable<string, array{string}> */
    public static function points(): iterable
    {
        foreach (array_keys(SchoolTable::sides()) as $point) {
            yield $point => [$point];
        }
    }

    #[DataProvider('points')]
    public function testEverySideOfEverySchoolChangesAGroom(string $point): void
    {
        $wire = self::cuts(['back' => 'hand-strip', 'groin' => '10']);
        $curly = self::cuts() + [
            'fringe' => new Cut('scissor', 'scissors'),
            'muzzle' => new Cut('blade', '10 blade', Lay::Against),
        ];
        $grooms = static fn (string $side): array => array_map(static fn (WorkList $l): array => $l->toArray(), [
            self::list([$point => $side] + ['nails' => 'clip'], zones: $curly),
            self::list([$point => $side] + ['nails' => 'clip'], coat: CoatType::LongDouble),
            self::list([$point => $side] + ['nails' => 'clip'], zones: $wire, coat: CoatType::Wire),
            self::list([$point => $side] + ['nails' => 'clip'], comesOff: true),
        ]);
        $seen = [];
        foreach (SchoolTable::sides()[$point] as $side) {
            $groom = $grooms($side);
            self::assertNotContains($groom, $seen, "$point: $side gives the same groom as another side");
            $seen[] = $groom;
        }
        self::assertGreaterThan(1, \count($seen));
    }

    public function testWhateverSchoolCardAndFindings(): void
    {
        $this->limitTo(300);
        $this->forAll(
            Generators::choose(0, 999_999),
            Generators::choose(0, 63),
            Generators::elements(Step::cases()),
            Generators::elements(Step::cases()),
        )->then(function (int $seed, int $found, Step $a, Step $b): void {
            $chosen = [];
            foreach (SchoolTable::sides() as $point => $sides) {
                $chosen[$point] = $sides[$seed % \count($sides)];
                $seed = intdiv($seed, 2) + 7;
            }
            try {
                $list = self::list(
                    $chosen,
                    $a === $b ? [] : [self::edge($a, $b)],
                    [],
                    CoatType::LongDouble,
                    ($found & 1) > 0
                        ? [self::clipped('armpit_left'), new MatWork('back', Decision::Rake, null, 2)]
                        : [],
                    ($found & 2) > 0,
                    ($found & 4) > 0,
                    ($found & 8) > 0,
                    ($found & 16) > 0,
                    rearSoil: ($found & 32) > 0 ? 'heavy' : 'none',
                );
            } catch (InvalidInput $e) {
                self::assertMatchesRegularExpression('/^(schools\.|exceptions\[0\])/', $e->field);
                self::assertStringContainsString('contradicts the must "', $e->getMessage());

                return;
            }
            $this->holdsEveryMust($list, new Schools($chosen));
            if ($a !== $b && $this->has($list, $a) && $this->has($list, $b)) {
                self::assertTrue(
                    $this->dropped($list, $a, $b) || self::before($list, $a, $b),
                    "the card's $a->value before $b->value is silently dropped",
                );
            }
        });
    }

    private function holdsEveryMust(WorkList $list, Schools $schools): void
    {
        $pairs = [
            [Step::CombTest, Step::Bath],
            [Step::MatsOut, Step::Bath],
            [Step::MatsClip, Step::Bath],
            [Step::CombTest, Step::MatsClip],
            [Step::Wipe, Step::CombTest],
            [Step::Bath, Step::Dry],
            [Step::Dry, Step::CombOut],
            [Step::Bath, Step::Rear],
            [Step::Clip, Step::Scissor],
            [Step::Clip, Step::Thin],
            [Step::Pads, Step::Feet],
            [Step::Look, Step::Finish],
            [Step::Finish, Step::Notes],
            [Step::Notes, Step::Handover],
        ];
        if ($schools->grinds()) {
            $pairs[] = [Step::Pads, Step::Nails];
        }
        foreach (Step::cases() as $step) {
            if ($step->makesTheOutline()) {
                $pairs[] = [Step::Dry, $step];
                $pairs[] = [Step::CombOut, $step];
                $pairs[] = [$step, Step::Look];
            }
        }
        foreach ($pairs as [$a, $b]) {
            if ($this->has($list, $a) && $this->has($list, $b)) {
                self::assertTrue(self::before($list, $a, $b), "must: $a->value before $b->value");
            }
        }
        foreach ($list->items as $i => $item) {
            if (str_contains((string) $item->tool, 'over 10')) {
                self::assertTrue(
                    [] ===
                        array_filter(
                            \array_slice($list->items, $i),
                            static fn (WorkItem $later): bool => Step::Dry === $later->step(),
                        ),
                    'a guard before bone dry',
                );
            }
        }
    }
}
