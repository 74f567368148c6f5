<?php

/**
 * The order of work: every must is kept whatever the school, a contradiction is always named, tools are grouped where
 * it makes no difference.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Order\Edge;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Order\WorkItem;
use KeenThistle\Core\Zone\Zone;
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
}
