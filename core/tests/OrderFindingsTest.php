<?php

/** What outranks the order of work: the card, what was found, the coat that comes off. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
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

final class OrderFindingsTest extends OrderCase
{
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
}
