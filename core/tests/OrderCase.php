<?php

/** What the tests of the order of work share. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Order\Cut;
use KeenThistle\Core\Order\Edge;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\MatWork;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Order\WorkItem;
use KeenThistle\Core\Order\WorkList;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Zone\Zone;
use PHPUnit\Framework\TestCase;

abstract class OrderCase extends TestCase
{
    use TestTrait;
    /** Tansy's plan, more or less: a curly coat in guards, a clean face, round feet. */
    protected const ZONES = [
        'back' => '16 over 10',
        'ribs_left' => '16 over 10',
        'ribs_right' => '16 over 10',
        'foreleg_left' => '16 over 10',
        'thigh_left' => 'scissors',
        'throat' => '7F',
        'belly' => '10',
        'groin' => '10',
        'armpit_left' => '10',
        'armpit_right' => '10',
        'pads_front_left' => 'toe',
        'pads_front_right' => 'toe',
        'toe_outline_front_left' => 'scissors',
        'toe_outline_front_right' => 'scissors',
        'skull' => 'scissors',
        'inner_eye_left' => 'thinning shears',
        'ear_feather_left' => 'scissors',
        'tail_flag' => 'scissors',
        'rump' => '16 over 10',
    ];

    /**
     * @param array<string, string> $zones tools in words, by zone
     *
     * @return array<string, Cut>
     */
    protected static function cuts(array $zones = self::ZONES): array
    {
        return array_map(static fn (string $tool): Cut => Cut::said($tool, false, null, Lay::With), $zones);
    }

    /**
     * @param array<string, string> $schools
     * @param list<Edge> $exceptions
     * @param list<Step> $skip
     * @param list<MatWork> $mats
     * @param array<string, Cut>|null $zones
     * @param list<string> $dry
     */
    protected static function list(
        array $schools = [],
        array $exceptions = [],
        array $skip = [],
        CoatType $coat = CoatType::Curly,
        array $mats = [],
        bool $comesOff = false,
        bool $smells = false,
        bool $fears = false,
        bool $short = false,
        ?array $zones = null,
        string $rearSoil = 'none',
        array $dry = [],
        Service $service = Service::Full,
    ): WorkList {
        return (new OrderRule())->order(
            new Job(
                $zones ?? self::cuts(),
                $coat,
                $mats,
                $exceptions,
                $skip,
                $comesOff,
                $smells,
                $fears,
                $short,
                $rearSoil,
                dry: $dry,
                service: $service,
            ),
            new Schools($schools),
        );
    }

    protected static function clipped(string $zone, int $severity = 4, string $blade = '10'): MatWork
    {
        return new MatWork($zone, Decision::Clip, $blade, $severity, Zone::of($zone)->tender, 4 === $severity);
    }

    protected static function edge(Step $before, Step $after, int $i = 0): Edge
    {
        return Edge::between($before, $after, Edge::CARD, 'calmer so', "exceptions[$i]");
    }

    /**
     * Where a step begins and ends in the list.
     *
     * @return array{int, int}
     */
    protected static function at(WorkList $list, Step $step): array
    {
        $found = array_keys(array_filter($list->items, static fn (WorkItem $i): bool => $i->step() === $step));
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
        return [] !== array_filter($list->items, static fn (WorkItem $i): bool => $i->step() === $step);
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
