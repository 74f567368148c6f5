<?php

/** Whether one more dog fits into a round: when the van would be there, what it costs, who would be late for it. */

declare(strict_types=1);

namespace KeenThistle\Round;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Agenda\Lengths;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Round\Clock;
use KeenThistle\Core\Round\Round;
use KeenThistle\Core\Round\RoundRule;
use KeenThistle\Core\Round\RoundWords;
use KeenThistle\Core\Round\Stop;
use KeenThistle\Core\Round\TakesRule;
use KeenThistle\Core\Round\Van;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class FitIn
{
    public function __construct(
        private Scope $scope,
        private Plans $plans,
        private WorkOrder $order,
        private Rounds $rounds,
        private EntityManagerInterface $manager,
    ) {
    }

    /**
     * @param Van $from where it is with what is left
     * @param list<Stop> $stops that are still to come
     *
     * @return array<string, mixed> as RoundView says
     */
    public function view(
        Actor $actor,
        RoundAsked $asked,
        VanDay $day,
        Van $from,
        RoadDay $roads,
        array $stops,
        Round $round,
    ): array {
        $dog = $this->scope->get($actor, Dog::class, $asked->dog, $this->manager, 'dog');
        $minutes = $this->order->minutes(
            $dog,
            Plans::recipes($this->plans->ofDogs($actor, [$dog])[(string) $dog->id] ?? []),
            null,
            $asked->kind,
        );
        $phases = $minutes?->scaled() ?? TakesRule::UNKNOWN_PHASES;
        $takes = $minutes->slot ?? Lengths::USUAL;
        $home = $dog->household;
        $said = [
            'dog' => (string) $dog->id,
            'name' => $dog->name,
            'kind' => $asked->kind->value,
            'minutes' => $takes,
            'unknown' => null === $minutes ? RoundWords::notWeighed($dog->name) : '',
        ];
        $no = static fn (string $why): array => $said + ['begins' => '', 'back' => '', 'why' => $why, 'breaks' => []];
        if ('' === $home->spot) {
            return $no(RoundWords::notOnItsMap());
        }
        if (\count($stops) >= RoundRule::MOST) {
            return $no(RoundWords::tooMany());
        }
        $one = new Stop(
            (string) $dog->id,
            $home->spot,
            $from->starts,
            max($from->starts, $from->ends - $takes),
            $takes,
            $home->hasWater ? 0.0 : TakesRule::litres($dog->kg, $dog->coat, $phases),
            $home->hasPower ? 0.0 : TakesRule::powerMinutes($phases),
        );
        $with = $this->rounds->of($from, $roads, [...$stops, $one]);
        foreach ($with->calls as $call) {
            if ($call->stop === $one->id) {
                return $said + [
                    'begins' => Clock::time(RoundWords::said($call->begins)),
                    'back' => Clock::time($with->back),
                    // Its window is the day itself.
                    'why' => $call->late > 0 ? RoundWords::afterTheDay($from->ends) : '',
                    'breaks' => array_values(array_map(
                        strval(...),
                        array_keys(array_diff_key($with->breaks, $round->breaks, [$one->id => ''])),
                    )),
                ];
            }
        }

        return $no($with->breaks[$one->id] ?? RoundWords::notAllInADay());
    }
}
