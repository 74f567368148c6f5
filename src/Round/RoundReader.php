<?php

/** Puts a van's day together: who is called at in which order, when, with what left; and what breaks it. */

declare(strict_types=1);

namespace KeenThistle\Round;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Round\Clock;
use KeenThistle\Core\Round\NotBegunRule;
use KeenThistle\Core\Round\Round;
use KeenThistle\Core\Round\RoundRule;
use KeenThistle\Core\Round\RoundWords;
use KeenThistle\Core\Round\Stop;
use KeenThistle\Core\Round\Van;
use KeenThistle\Core\Round\VanHeatRule;
use KeenThistle\Device\VanThermometer;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;

final readonly class RoundReader
{
    public function __construct(
        private Scope $scope,
        private RoadTimes $roads,
        private Stops $stops,
        private Rounds $rounds,
        private FitIn $fitIn,
        private VanThermometer $thermometer,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param string $id of the van; empty: one's own, or the first
     *
     * @throws Refused 404 for a van that is none of the salon's
     */
    public function of(Actor $actor, \DateTimeImmutable $day, string $id, RoundAsked $asked): RoundView
    {
        $salon = $this->scope->salon($actor);
        $vans = $this->manager->getRepository(Place::class)->findBy(
            ['salon' => $salon, 'open' => true, 'kind' => 'van'],
            ['position' => 'ASC'],
        );
        $today = $this->scope->today($actor);
        $shut = $this->manager->getRepository(RoadShut::class)->findBy(
            ['salon' => $salon, 'day' => $day],
            ['shutFrom' => 'ASC', 'id' => 'ASC'],
        );
        $place = self::chosen($vans, $id, $actor);
        if (null === $place) {
            return RoundShown::none($day, $today, $this->roads, $shut);
        }
        $staff = $this->manager->getRepository(Staff::class)->findBy(['salon' => $salon], ['name' => 'ASC']);
        $van = VanDay::of($place, $staff, $day);
        $homes = $this->stops->of($actor, $place, $day);
        $roads = $this->roads->on(array_map(
            static fn (RoadShut $s): array => [
                'way' => $s->way,
                'from' => Clock::minutes($s->shutFrom),
                'to' => Clock::minutes($s->shutTo),
            ],
            $shut,
        ));
        $wall = $this->clock->now()->setTimezone($actor->timeZone);
        $isToday = $day->format('Y-m-d') === $today->format('Y-m-d');
        $begun = $isToday ? self::begun($homes) : [];
        $now = null;
        if ($isToday && ([] !== $begun || $asked->behind > 0)) {
            $minutes = Clock::minutes($wall->format('H:i'));
            $now = $van->goingOn($begun, $minutes, $asked->behind, $asked->water, $asked->power);
        }
        [$open, $why] = $this->open($homes, $begun, $van);
        $stops = array_map(static fn (HomeStop $h): Stop => $h->stop($van, $asked->afresh), $open);
        $round = $van->isSetUp() ? $this->ordered($now ?? $van->van, $roads, $stops, $asked->order) : null;
        $another = $isToday ? null : $day;
        $shown = new RoundShown($van, $now, $homes, $roads, $this->roads, $round, $asked->afresh, $another);
        $best = null === $round || [] === $asked->order ? null : $this->rounds->of($now ?? $van->van, $roads, $stops);

        return $shown->view(
            $day,
            $today,
            $vans,
            $shut,
            $why,
            $best?->cost,
            '' === $asked->dog || null === $round
                ? null
                : $this->fitIn->view($actor, $asked, $van, $now ?? $van->van, $roads, $stops, $round),
            [
                ...self::notBegun($van, $homes, $isToday && null === $now ? $wall : null),
                ...$this->cautions($van, $isToday ? $wall : null),
            ],
        );
    }

    /**
     * @param list<Stop> $stops
     * @param list<string> $order homes; those it does not name come after it, as they are
     */
    private function ordered(Van $van, RoadDay $roads, array $stops, array $order): Round
    {
        if ([] === $order) {
            return $this->rounds->of($van, $roads, $stops);
        }
        $place = array_flip($order);
        usort($stops, static fn (Stop $a, Stop $b): int => ($place[$a->id] ?? 99) <=> ($place[$b->id] ?? 99));

        return $this->rounds->of($van, $roads, $stops, true);
    }

    /**
     * @param list<HomeStop> $homes
     * @param list<HomeStop> $begun
     *
     * @return array{list<HomeStop>, array<string, string>} those that are still to be ordered, and why others cannot be
     */
    private function open(array $homes, array $begun, VanDay $van): array
    {
        $open = [];
        $why = [];
        foreach ($homes as $home) {
            if (\in_array($home, $begun, true)) {
                continue;
            }
            $isKnown = isset($this->roads->spots()[$home->home->spot]);
            if (!$isKnown) {
                $why[$home->id()] = RoundWords::notOnItsMap();
            } elseif (\count($open) >= RoundRule::MOST) {
                $why[$home->id()] = RoundWords::tooMany();
            } elseif ($van->isSetUp()) {
                $open[] = $home;
            }
        }

        return [$open, $why];
    }

    /**
     * @param list<HomeStop> $homes
     *
     * @return list<HomeStop> those that are done or under way
     */
    private static function begun(array $homes): array
    {
        return array_values(array_filter($homes, static fn (HomeStop $h): bool => '' !== $h->state()));
    }

    /**
     * @param list<HomeStop> $homes by the time told
     * @param \DateTimeImmutable|null $wall null: it is another day, or the round is reckoned from now
     *
     * @return list<Caution>
     */
    private static function notBegun(VanDay $van, array $homes, ?\DateTimeImmutable $wall): array
    {
        $first = $homes[0] ?? null;
        if (null === $wall || null === $first) {
            return [];
        }
        $now = Clock::minutes($wall->format('H:i'));
        $until = $first->window($van)[1];
        $caution = NotBegunRule::caution($first->home->name, $first->told(), $until, $now, $van->van->ends);

        return null === $caution ? [] : [$caution];
    }

    /** @return list<Caution> */
    private function cautions(VanDay $van, ?\DateTimeImmutable $now): array
    {
        $heat = null === $now
            ? null
            : VanHeatRule::caution($this->thermometer->read((string) $van->place->id, $now));

        return array_values(array_filter([
            null === $van->person ? new Caution('nobody', RoundWords::nobodyWorks()) : null,
            $heat,
            new Caution('never_alone', RoundWords::neverAlone(), Caution::NOTE),
        ]));
    }

    /**
     * @param list<Place> $vans
     *
     * @throws Refused 404
     */
    private static function chosen(array $vans, string $id, Actor $actor): ?Place
    {
        foreach ($vans as $van) {
            if ((string) $van->id === ('' === $id ? (string) $actor->place : $id)) {
                return $van;
            }
        }

        return '' === $id ? $vans[0] ?? null : throw Refused::notFound('van');
    }
}
