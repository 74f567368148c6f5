<?php

/** What the tests of the order of work share. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

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
use PHPUnit\Framework\TestCase;

abstract class OrderCase extends TestCase
{
    use TestTrait;
    protected const ZONES = [
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
    protected static function list(
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
    protected static function at(WorkList $list, Step $step): array
    {
        $found = array_keys(array_filter($list->items, static fn (WorkItem $i): bool => $i->step === $step));
        self::assertNotSame([], $found, $step->value.' is not in the list');

        return [min($found), max($found)];
    }

    protected static function before(WorkList $list, Step $a, Step $b): bool
    {
        return self::at($list, $a)[1] < self::at($list, $b)[0];
    }

    protected static function refused(callable $order): InvalidInput
    {
        try {
            $order();
        } catch (InvalidInput $e) {
            return $e;
        }
        self::fail('the contradiction was not named');
    }

    protected function has(WorkList $list, Step $step): bool
    {
        return [] !== array_filter($list->items, static fn (WorkItem $i): bool => $i->step === $step);
    }

    protected function dropped(WorkList $list, Step $a, Step $b): bool
    {
        return [] !==
            array_filter(
                $list->moved,
                static fn (array $m): bool => str_contains($m['why'], 'not '.$a->title().' before '.$b->title()),
            );
    }
}
