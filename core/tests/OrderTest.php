<?php

/**
 * The order of work: every must is kept whatever the school, a contradiction is always named, tools are grouped where
 * it makes no difference.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Order\Edge;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Order\WorkItem;
use KeenThistle\Core\Order\WorkList;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OrderTest extends TestCase
{
    use TestTrait;
    private const ZONES = [
        'back' => '16 over 10',
        'ribs_left' => '16 over 10',
        'foreleg_left' => '16 over 10',
        'thigh_left' => 'shears',
        'throat' => '7F',
        'belly' => '7F',
        'groin' => '10',
        'pads_front_left' => 'toe',
        'toe_outline_front_left' => 'shears',
        'skull' => 'shears',
        'ear_feather_left' => 'shears',
        'tail_flag' => 'shears',
        'rump' => '16 over 10',
    ];

    /**
     * @param list<Edge> $exceptions
     * @param list<Step> $skip
     */
    private static function list(
        Schools $schools = new Schools(),
        array $exceptions = [],
        array $skip = [],
        CoatType $coat = CoatType::Curly,
        bool $guards = true,
        bool $matted = false,
        bool $comingOff = false,
        bool $smells = false,
        bool $fears = false,
        bool $short = false,
    ): WorkList {
        return (new OrderRule())->order(
            new Job(self::ZONES, $coat, $guards, $exceptions, $skip, $matted, $comingOff, $smells, $fears, $short),
            $schools,
        );
    }

    /**
     * Where a step begins and ends in the list.
     *
     * @return array{int, int}
     */
    private static function at(WorkList $list, Step $step): array
    {
        $found = array_keys(array_filter($list->items, static fn (WorkItem $i): bool => $i->step === $step));
        self::assertNotSame([], $found, $step->value.' is not in the list');

        return [min($found), max($found)];
    }

    private static function before(WorkList $list, Step $a, Step $b): bool
    {
        return self::at($list, $a)[1] < self::at($list, $b)[0];
    }

    private static function refused(callable $order): InvalidInput
    {
        try {
            $order();
        } catch (InvalidInput $e) {
            return $e;
        }
        self::fail('the contradiction was not named');
    }

    public function testTheUsualOrder(): void
    {
        $list = self::list();
        self::assertSame([], $list->moved);
        foreach (
            [
                [Step::Check, Step::CombTest],
                [Step::CombTest, Step::Bath],
                [Step::CloseWork, Step::Bath],
                [Step::Pads, Step::Nails],
                [Step::Nails, Step::Bath],
                [Step::Bath, Step::Dry],
                [Step::Dry, Step::CombOut],
                [Step::CombOut, Step::Body],
                [Step::Body, Step::Look],
                [Step::Rear, Step::Look],
                [Step::Look, Step::Finish],
                [Step::Notes, Step::Handover],
            ] as [$a, $b]
        ) {
            self::assertTrue(self::before($list, $a, $b), "$a->value before $b->value");
        }
        self::assertSame(Step::Check, $list->items[0]->step);
        self::assertSame(Step::Handover, $list->items[\count($list->items) - 1]->step);
    }

    public function testEveryZoneIsDoneOnceWithItsTool(): void
    {
        $zones = [];
        foreach (self::list()->items as $item) {
            foreach ($item->zones as $zone) {
                $zones[$zone] = $item->tool;
                self::assertSame(Step::of(Zone::of($zone)), $item->step);
            }
        }
        ksort($zones);
        $expected = self::ZONES;
        ksort($expected);
        self::assertSame($expected, $zones);
    }

    public function testTheToolInHandIsKeptWhereTheOrderAllows(): void
    {
        $list = self::list();
        $legs = array_values(array_filter($list->items, static fn (WorkItem $i): bool => Step::Legs === $i->step));
        self::assertSame('16 over 10', $legs[0]->tool, 'the guard goes on from the body');
        $cutting = array_map(
            static fn (WorkItem $i): ?string => $i->tool,
            array_values(array_filter($list->items, static fn (WorkItem $i): bool => $i->step->cuts())),
        );
        $changes = 0;
        foreach ($cutting as $i => $tool) {
            $changes += $i > 0 && $tool !== $cutting[$i - 1] ? 1 : 0;
        }
        self::assertLessThanOrEqual(3, $changes, implode(', ', array_map(strval(...), $cutting)));
    }

    public function testTheOtherSchool(): void
    {
        $list = self::list(
            new Schools(closeWork: Schools::AFTER_DRY, pads: Schools::AFTER_DRY, nailsWhen: Schools::AFTER_DRY),
        );
        foreach ([Step::CloseWork, Step::Pads, Step::Nails] as $step) {
            self::assertTrue(self::before($list, Step::Dry, $step), $step->value);
        }
        self::assertTrue(self::before($list, Step::Pads, Step::Nails));
        self::assertTrue(
            self::before(
                self::list(new Schools(undercoat: Schools::AFTER_DRY), coat: CoatType::LongDouble),
                Step::Dry,
                Step::Undercoat,
            ),
        );
        self::assertTrue(self::before(self::list(coat: CoatType::LongDouble), Step::Undercoat, Step::Bath));
    }

    /**
     * @return iterable<string, array{Schools, list<Edge>, string, string}> schools, exceptions, field, words of the
     *     must
     */
    public static function contradictions(): iterable
    {
        yield 'damp under a guard' => [
            new Schools(drying: 'nearly_dry'),
            [],
            'schools.drying',
            'bone dry before guards',
        ];
        yield 'grinding before the pads are bare' => [
            new Schools(pads: Schools::AFTER_DRY),
            [],
            'schools.nails_when',
            'pads and between the toes before nails',
        ];
        yield 'a dirty rear' => [
            new Schools(),
            [new Edge(Step::Rear, Step::Bath, Edge::CARD, 'x', 'exceptions[0]')],
            'exceptions[0]',
            'bath before tail and rear',
        ];
        yield 'wet before combed' => [
            new Schools(),
            [new Edge(Step::Bath, Step::CombTest, Edge::CARD, 'x', 'exceptions[0]')],
            'exceptions[0]',
            'comb test before bath',
        ];
        yield 'finished, then looked at' => [
            new Schools(),
            [new Edge(Step::Finish, Step::Body, Edge::CARD, 'x', 'exceptions[1]')],
            'exceptions[1]',
            'look from all sides before finish',
        ];
        yield 'told before it is written' => [
            new Schools(),
            [new Edge(Step::Handover, Step::Check, Edge::CARD, 'x', 'exceptions[0]')],
            'exceptions[0]',
            'check before handover',
        ];
    }

    /** @param list<Edge> $exceptions */
    #[DataProvider('contradictions')]
    public function testAContradictionNamesThePair(
        Schools $schools,
        array $exceptions,
        string $field,
        string $words,
    ): void {
        $e = self::refused(static fn () => self::list($schools, $exceptions));
        self::assertSame($field, $e->field);
        self::assertStringContainsString("\"$words\"", $e->getMessage());
    }

    public function testWhatIsNoContradictionWithoutIt(): void
    {
        self::assertTrue(
            self::before(self::list(new Schools(pads: Schools::AFTER_DRY, nails: 'clip')), Step::Nails, Step::Bath),
            'clipping needs no bare pads',
        );
        self::assertNotSame([], self::list(new Schools(drying: 'nearly_dry'), guards: false)->items);
        self::assertNotSame(
            [],
            self::list(new Schools(), [new Edge(Step::Rear, Step::Bath, Edge::CARD, 'x')], [Step::Bath])->items,
            'a step that is left out binds nothing',
        );
    }

    public function testTheCardOutranksTheSchoolAndSaysSo(): void
    {
        $list = self::list(new Schools(), [
            new Edge(Step::Dry, Step::Nails, Edge::CARD, 'calmer when dry', 'exceptions[0]'),
        ]);
        self::assertTrue(self::before($list, Step::Dry, Step::Nails));
        $why = implode(' ', array_column($list->moved, 'why'));
        self::assertStringContainsString('calmer when dry', $why);
        self::assertStringContainsString('not nails before bath today', $why);
    }

    public function testFindingsOutrankBoth(): void
    {
        self::assertTrue(self::before(self::list(smells: true), Step::Bath, Step::CloseWork));
        $afraid = self::list(new Schools(pads: Schools::AFTER_DRY, nailsWhen: Schools::AFTER_DRY), fears: true);
        self::assertTrue(self::before($afraid, Step::Nails, Step::Dry));
        $dry = array_values(array_filter($afraid->items, static fn (WorkItem $i): bool => Step::Dry === $i->step))[0];
        self::assertStringContainsString('cool quiet dryer', (string) $dry->tool);
        $short = self::list(new Schools(closeWork: Schools::AFTER_DRY), short: true);
        foreach ([Step::CloseWork, Step::Pads, Step::Nails, Step::Ears] as $health) {
            self::assertTrue(self::before($short, $health, Step::Bath), $health->value);
        }
        self::assertNotSame([], $short->moved);
    }

    public function testMatsComeOutBeforeTheBathUnlessTheCoatComesOff(): void
    {
        self::assertTrue(self::before(self::list(matted: true), Step::Knots, Step::Bath));
        self::assertNotSame([], self::list(matted: true, comingOff: true)->items);
    }

    public function testMinutesAreSharedByTheToolsOfAStep(): void
    {
        $list = (new OrderRule())->order(
            new Job(self::ZONES, CoatType::Curly, minutes: ['legs' => 12.0, 'bath' => 11.7]),
            new Schools(),
        );
        $legs = array_sum(
            array_map(
                static fn (WorkItem $i): float => Step::Legs === $i->step ? (float) $i->minutes : 0.0,
                $list->items,
            ),
        );
        self::assertEqualsWithDelta(12.0, $legs, 1e-9);
    }

    public function testEveryStepHasWordsAndEveryZoneAStep(): void
    {
        foreach (Step::cases() as $step) {
            self::assertNotSame('', $step->title());
            self::assertNotSame('', $step->doneWhen());
        }
        $steps = array_unique(array_map(static fn (Zone $z): string => Step::of($z)->value, ZoneTable::all()));
        self::assertCount(8, $steps, implode(', ', $steps));
    }

    public function testWhateverSchoolCardAndFindings(): void
    {
        $this->limitTo(300);
        $when = Generators::elements(Schools::WHEN);
        $this->forAll(
            $when,
            $when,
            $when,
            $when,
            Generators::elements(Schools::NAILS),
            Generators::choose(0, 31),
            Generators::elements(Step::cases()),
            Generators::elements(Step::cases()),
        )->then(function (
            string $close,
            string $undercoat,
            string $pads,
            string $nails,
            string $way,
            int $found,
            Step $a,
            Step $b,
        ): void {
            $schools = new Schools($close, $undercoat, $pads, $nails, $way);
            $job = new Job(
                self::ZONES,
                CoatType::LongDouble,
                true,
                $a === $b ? [] : [new Edge($a, $b, Edge::CARD, 'wish', 'exceptions[0]')],
                [],
                (bool) ($found & 1),
                (bool) ($found & 2),
                (bool) ($found & 4),
                (bool) ($found & 8),
                (bool) ($found & 16),
            );
            try {
                $list = (new OrderRule())->order($job, $schools);
            } catch (InvalidInput $e) {
                self::assertMatchesRegularExpression('/^(schools\.|exceptions\[0\])/', $e->field);
                self::assertStringContainsString('contradicts the must "', $e->getMessage());

                return;
            }
            $this->holdsEveryMust($list, $job, $schools);
            if ($a !== $b && !$this->dropped($list, $a, $b) && $this->has($list, $a) && $this->has($list, $b)) {
                self::assertTrue(
                    self::before($list, $a, $b),
                    "the card's $a->value before $b->value is silently dropped",
                );
            }
        });
    }

    private function holdsEveryMust(WorkList $list, Job $job, Schools $schools): void
    {
        $pairs = [
            [Step::CombTest, Step::Bath],
            [Step::Bath, Step::Dry],
            [Step::Dry, Step::CombOut],
            [Step::Bath, Step::Rear],
            [Step::Ears, Step::Dry],
            [Step::Body, Step::Legs],
            [Step::Look, Step::Finish],
            [Step::Finish, Step::Notes],
            [Step::Notes, Step::Handover],
        ];
        if ($schools->grinds()) {
            $pairs[] = [Step::Pads, Step::Nails];
        }
        if ($job->matted) {
            $pairs[] = [Step::CombTest, Step::Knots];
            if (!$job->comingOff) {
                $pairs[] = [Step::Knots, Step::Bath];
            }
        }
        foreach (Step::cases() as $step) {
            if ($this->has($list, $step) && $step->cuts()) {
                $pairs[] = [Step::CombOut, $step];
                $pairs[] = [$step, Step::Look];
            }
        }
        foreach ($pairs as [$a, $b]) {
            self::assertTrue(self::before($list, $a, $b), "must: $a->value before $b->value");
        }
    }

    private function has(WorkList $list, Step $step): bool
    {
        return [] !== array_filter($list->items, static fn (WorkItem $i): bool => $i->step === $step);
    }

    private function dropped(WorkList $list, Step $a, Step $b): bool
    {
        return [] !==
            array_filter(
                $list->moved,
                static fn (array $m): bool => str_contains($m['why'], 'not '.$a->title().' before '.$b->title()),
            );
    }
}
