<?php

/** Reads the basis of an arrival, once for as long as card, kit, day and person stay the same. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Handling\Decision;
use KeenThistle\Core\Handling\HandlingAnswer;
use KeenThistle\Core\Handling\HandlingRule;
use KeenThistle\Core\Handling\Place;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Core\Today\Refusal;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Handling\HandlingRecord;
use KeenThistle\Kit\KitReader;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

final readonly class KnownOfDogReader
{
    private const SECONDS = 3600;
    private const BLADED = [Tool::Clipper, Tool::Scissors];

    public function __construct(
        private ArrivalRows $rows,
        private Plans $plans,
        private Visits $visits,
        private KitReader $kit,
        private Scope $scope,
        private CacheInterface $cache,
    ) {
    }

    public function of(Actor $actor, Arrival $arrival): KnownOfDog
    {
        $dog = $arrival->dog;
        // Everything below changes only together with one of these.
        $key = hash(
            'xxh128',
            implode('|', [
                'basis-4',
                (string) $dog->id,
                $dog->cardVersion,
                $this->scope->salon($actor)->kitVersion,
                $arrival->day->format('Y-m-d'),
                (string) $actor->staff,
            ]),
        );

        return $this->cache->get($key, function (ItemInterface $item) use ($actor, $arrival): KnownOfDog {
            $item->expiresAfter(self::SECONDS);

            return $this->read($actor, $arrival);
        });
    }

    /**
     * @param list<HandlingRecord> $records
     *
     * @return list<HandlingAnswer>
     */
    public function handling(Actor $actor, Arrival $arrival, array $records): array
    {
        $exposures = $this->rows->exposures($arrival);
        $confidence = $this->scope->person($actor)->confidence;

        return array_map(
            static fn (HandlingRecord $r): HandlingAnswer => (new HandlingRule())->today(
                $r->tool,
                $exposures[$r->tool->value] ?? [],
                $arrival->day,
                $r->tolerance,
                $confidence,
            ),
            $records,
        );
    }

    private function read(Actor $actor, Arrival $arrival): KnownOfDog
    {
        $dog = $arrival->dog;
        [, $plan] = $this->plans->of($actor, $dog);
        $figures = new GrowthAndClocks($dog, new History($this->visits->past($actor, $dog)), $arrival->day);
        $lengths = $this->kit->lengths($actor);
        $methods = $planned = $now = [];
        foreach ($plan as $zone => $p) {
            if (null !== $p['recipe']->method) {
                $methods[$zone] = $p['recipe']->method;
                $planned[$zone] = $lengths->planned($p['recipe']->forRules())->finished;
            }
        }
        foreach (ZoneTable::ids() as $zone) {
            $now[$zone] = $figures->now($zone);
        }
        $due = $figures->interval($plan, $lengths, null)->full_on;
        $late =
            null === $due
                ? 0.0
                : max(
                    0.0,
                    ($arrival->day->getTimestamp() -
                        (new \DateTimeImmutable($due, $arrival->day->getTimezone()))->getTimestamp()) /
                        604_800,
                );
        $records = $this->rows->handling($arrival);
        $answers = $this->handling($actor, $arrival, $records);
        $new = array_sum(
            array_map(
                static fn (HandlingAnswer $h): int => (int) round($h->minutes / HandlingRule::NEW_THING_MINUTES),
                $answers,
            ),
        );

        return new KnownOfDog(
            $figures->growth,
            $methods,
            array_filter($planned),
            TodayReader::wanted(Plans::recipes($plan)),
            self::refusals($records, $answers),
            array_filter($now),
            min(260.0, $late),
            $new,
            $this->rows->timed($actor, 'dog_id', $dog->id),
            $this->rows->timed($actor, 'staff_id', $actor->staff),
        );
    }

    /**
     * What handling says of clippers and scissors, in the places it was written down for.
     *
     * @param list<HandlingRecord> $records
     * @param list<HandlingAnswer> $answers
     *
     * @return list<Refusal>
     */
    private static function refusals(array $records, array $answers): array
    {
        $out = [];
        foreach ($answers as $i => $answer) {
            $record = $records[$i];
            if (!\in_array($record->tool, self::BLADED, true) || !$answer->decision->isInstead()) {
                continue;
            }
            foreach (ZoneTable::all() as $zone) {
                if (\in_array(Place::of($zone)->value, $record->places, true)) {
                    $out[] = new Refusal($zone, $record->tool, Decision::Defer === $answer->decision);
                }
            }
        }

        return $out;
    }
}
