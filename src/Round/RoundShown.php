<?php

/** Shapes a round for its screen: times as they are said, ways on the map, what each owner would read. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Round\Call;
use KeenThistle\Core\Round\Clock;
use KeenThistle\Core\Round\Pause;
use KeenThistle\Core\Round\Round;
use KeenThistle\Core\Round\RoundWords;
use KeenThistle\Core\Round\Van;
use KeenThistle\Salon\Place;

final readonly class RoundShown
{
    /**
     * @param Van|null $now where it is, once the day goes on
     * @param list<HomeStop> $homes
     * @param Round|null $round null: the van is not set up
     * @param bool $afresh whether no time had been told
     * @param \DateTimeImmutable|null $day null: today
     */
    public function __construct(
        private VanDay $van,
        private ?Van $now,
        private array $homes,
        private RoadDay $roadDay,
        private RoadTimes $roads,
        private ?Round $round,
        private bool $afresh,
        private ?\DateTimeImmutable $day,
    ) {
    }

    /** @param list<RoadShut> $shut */
    public static function none(
        \DateTimeImmutable $day,
        \DateTimeImmutable $today,
        RoadTimes $roads,
        array $shut,
    ): RoundView {
        return new RoundView(
            $day->format('Y-m-d'),
            $today->format('Y-m-d'),
            null,
            [],
            self::map($roads, $shut),
            self::shut($roads, $shut),
            null,
            [],
            [],
            [],
            '',
            0,
            0,
            0,
            0,
            null,
            null,
            [],
        );
    }

    /**
     * @param list<Place> $vans
     * @param list<RoadShut> $shut
     * @param array<string, string> $why by home that is not ordered
     * @param array<string, mixed>|null $fit
     * @param list<Caution> $cautions
     */
    public function view(
        \DateTimeImmutable $day,
        \DateTimeImmutable $today,
        array $vans,
        array $shut,
        array $why,
        ?int $best,
        ?array $fit,
        array $cautions,
    ): RoundView {
        $calls = $this->calls();
        $driven = 0;
        foreach ($calls as $call) {
            $driven += $call['drives'];
        }
        $last = [] === $calls ? null : $this->round?->calls[\count($calls) - 1];
        $path = null === $last ? [] : $this->roadDay->path($last->at, $this->van->van->base, $last->ends);
        $home = null === $last || null === $this->round ? 0 : $this->round->back - $last->ends;

        return new RoundView(
            $day->format('Y-m-d'),
            $today->format('Y-m-d'),
            $this->van(),
            array_map(static fn (Place $p): array => ['id' => (string) $p->id, 'name' => $p->name], $vans),
            self::map($this->roads, $shut),
            self::shut($this->roads, $shut),
            $this->now(),
            array_map(fn (HomeStop $h): array => $this->stop($h, $why), $this->homes),
            $calls,
            $path,
            null === $last || null === $this->round ? '' : Clock::time($this->round->back),
            $this->round->late ?? 0,
            $this->round->overtime ?? 0,
            $home + $driven,
            $this->round->cost ?? 0,
            $best,
            null === $fit ? null : ['breaks' => $this->named($fit['breaks'] ?? [])] + $fit,
            Caution::listToArray($cautions),
        );
    }

    /** @return array<string, mixed> */
    private function van(): array
    {
        $van = $this->van->van;

        return [
            'id' => (string) $this->van->place->id,
            'version' => $this->van->place->version,
            'name' => $this->van->place->name,
            'person' => $this->van->person?->name,
            'staff' => null === $this->van->person ? null : (string) $this->van->person->id,
            'base' => $van->base,
            'starts' => Clock::time($van->starts),
            'ends' => Clock::time($van->ends),
            'rests' => implode(', ', array_map(
                static fn (Pause $p): string => Clock::time($p->from).'–'.Clock::time($p->to),
                $van->pauses,
            )),
            'tank' => $van->tank,
            'battery' => $van->battery,
            'early' => $this->van->early,
            'late' => $this->van->late,
            'refills' => $this->van->place->round['refills'] ?? [],
        ];
    }

    /** @return array<string, mixed>|null */
    private function now(): ?array
    {
        return null === $this->now ? null : [
            'time' => Clock::time($this->now->starts),
            'at' => $this->now->at ?? $this->now->base,
            'where' => $this->where($this->now->at ?? $this->now->base),
            'litres' => $this->now->water ?? $this->now->tank,
            'power_minutes' => $this->now->power ?? $this->now->battery,
        ];
    }

    /**
     * @param array<string, string> $why
     *
     * @return array<string, mixed>
     */
    private function stop(HomeStop $home, array $why): array
    {
        $begins = null;
        foreach ($this->round->calls ?? [] as $call) {
            $begins = $call->stop === $home->id() ? RoundWords::said($call->begins) : $begins;
        }
        [$from, $to] = $this->afresh ? [$home->told(), $home->told()] : $home->window($this->van);
        $isAnother = null !== $begins && RoundWords::isWorthSaying($from, $to, $begins);
        $tell = $this->tell($home, $isAnother ? $begins : $home->told());
        $names = array_map(static fn (DogVisit $d): string => $d->name, $home->dogs);

        return [
            'id' => $home->id(),
            'home' => $home->home->name,
            'spot' => $home->home->spot,
            'where' => $this->where($home->home->spot),
            'told' => Clock::time($home->told()),
            'from' => Clock::time($from),
            'to' => Clock::time($to),
            'minutes' => $home->minutes(),
            'litres' => $home->litres(),
            'power_minutes' => $home->powerMinutes(),
            'has_water' => $home->home->hasWater,
            'has_power' => $home->home->hasPower,
            'state' => $home->state(),
            'why' => $why[$home->id()] ?? $this->round->breaks[$home->id()] ?? '',
            'says' => $isAnother ? RoundWords::message($names, $home->told(), $begins, $this->day) : '',
            'dogs' => array_map(static fn (DogVisit $d): array => [
                'booking' => $d->booking,
                'version' => $d->version,
                'dog' => $d->dog,
                'name' => $d->name,
                'kind' => $d->kind,
                'told' => Clock::time($d->told),
                'minutes' => $d->minutes,
                'unknown' => $d->unknown,
                'state' => $d->state,
                'missing' => $d->missing,
                'tell' => $tell[$d->booking] ?? '',
            ], $home->dogs),
        ];
    }

    /**
     * Dogs of a home that were told different times keep what lies between them.
     *
     * @return array<string, string> the time that each would be told, by booking
     */
    private function tell(HomeStop $home, int $begins): array
    {
        $out = [];
        foreach ($home->dogs as $d) {
            $out[$d->booking] = Clock::time(min(1435, $begins + $d->told - $home->told()));
        }

        return $out;
    }

    /** @return list<array{drives: int, stop: string, ...}> as RoundView says */
    private function calls(): array
    {
        $out = [];
        $at = $this->now->at ?? $this->van->van->base;
        $leaves = $this->now->starts ?? $this->van->van->starts;
        foreach ($this->round->calls ?? [] as $c) {
            $out[] = $this->call($c, $at, $leaves);
            [$at, $leaves] = [$c->at, $c->ends];
        }

        return $out;
    }

    /** @return array{drives: int, stop: string, ...} */
    private function call(Call $c, string $from, int $leaves): array
    {
        return [
            'stop' => $c->stop,
            'at' => $c->at,
            'where' => $this->where($c->at),
            'drives' => $c->arrives - $leaves,
            'path' => $this->roadDay->path($from, $c->at, $leaves),
            'arrives' => Clock::time($c->arrives),
            'begins' => Clock::time($c->begins),
            'ends' => Clock::time($c->ends),
            'late' => $c->late,
            'litres_left' => round($c->litresLeft),
            'power_left' => round($c->powerLeft),
        ];
    }

    /**
     * @return list<string> names of homes
     */
    private function named(mixed $ids): array
    {
        $out = [];
        foreach ($this->homes as $home) {
            if (\is_array($ids) && \in_array($home->id(), $ids, true)) {
                $out[] = $home->home->name;
            }
        }

        return $out;
    }

    private function where(string $spot): string
    {
        return $this->roads->spots()[$spot]->name ?? '';
    }

    /**
     * @param list<RoadShut> $shut
     *
     * @return array<string, mixed>
     */
    private static function map(RoadTimes $roads, array $shut): array
    {
        $closed = array_map(static fn (RoadShut $s): string => $s->way, $shut);

        return [
            'spots' => array_values(array_map(static fn (Spot $s): array => get_object_vars($s), $roads->spots())),
            'ways' => array_values(array_map(static fn (Way $w): array => [
                'id' => $w->id,
                'name' => $w->name,
                'from' => $w->from,
                'to' => $w->to,
                'bridge' => $w->bridge,
                'shut' => \in_array($w->id, $closed, true),
            ], $roads->ways())),
            'river' => array_map(static fn (array $p): array => ['x' => $p[0], 'y' => $p[1]], $roads->river()),
        ];
    }

    /**
     * @param list<RoadShut> $shut
     *
     * @return list<array<string, string>>
     */
    private static function shut(RoadTimes $roads, array $shut): array
    {
        return array_map(static fn (RoadShut $s): array => [
            'id' => (string) $s->id,
            'way' => $s->way,
            'name' => $roads->ways()[$s->way]->name ?? $s->way,
            'from' => $s->shutFrom,
            'to' => $s->shutTo,
        ], $shut);
    }
}
