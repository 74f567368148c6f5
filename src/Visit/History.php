<?php

/** A dog's visits as the rules need them: what was left where, what arrivals taught about growth and mats. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Growth\Observation;
use KeenThistle\Core\Interval\PastVisit;
use KeenThistle\Core\Interval\Resets;
use KeenThistle\Core\Interval\Seen;
use KeenThistle\Core\Interval\ZoneLeft;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Zone\Zone;

/**
 * @phpstan-type PastZone array{zone: string, state: string, method: string|null, forced: bool,
 *     finished_um: int|null, arrival_um: int|null, owner_cut: bool}
 * @phpstan-type PastRow array{id: string, day: string, kind: string, staff: string, place: string,
 *     minutes: int|null, load: float|null, tender: int, upkeep: string|null, stage: string|null, note: string,
 *     left_out: list<string>, seen: array<string, string>, zones: list<PastZone>}
 */
final readonly class History
{
    /** @var list<Observation> */
    public array $observations;

    /** @var list<PastVisit> oldest first */
    public array $past;

    /**
     * @var array<string, array{um: int|null, method: Method, forced: bool, day: \DateTimeImmutable}> zone => how it
     *     was left last
     */
    public array $left;

    /** @var array<string, \DateTimeImmutable> clock => when it was last set back */
    public array $resets;

    public ?\DateTimeImmutable $lastFull;
    public ?\DateTimeImmutable $lastAny;

    /** @param list<PastRow> $visits oldest first */
    public function __construct(array $visits)
    {
        $observations = [];
        $past = [];
        $left = [];
        $lastFull = null;
        $lastAny = null;
        $resets = [];
        foreach ($visits as $visit) {
            $day = new \DateTimeImmutable($visit['day'], new \DateTimeZone('UTC'));
            // Mats count from the last comb-out to the skin: a full groom or a bath.
            if (isset($resets['mat'])) {
                $combed = \in_array($visit['kind'], ['full', 'bath'], true);
                $seen = self::seen($visit['seen'], $resets, $day);
                if ($combed || [] !== $seen) {
                    $past[] = new PastVisit(
                        self::weeks($resets['mat'], $day),
                        $visit['load'],
                        null === $visit['upkeep'] ? null : Upkeep::from($visit['upkeep']),
                        self::mean($left),
                        $visit['tender'],
                        [],
                        $visit['id'],
                        $seen,
                    );
                }
            }
            $resets = [
                ...$resets,
                ...Resets::of([
                    [
                        'on' => $day,
                        'kind' => Service::from($visit['kind']),
                        'zones' => $visit['zones'],
                        'left_out' => $visit['left_out'],
                    ],
                ]),
            ];
            foreach ($visit['zones'] as $z) {
                $was = $left[$z['zone']] ?? null;
                if (
                    null !== $z['arrival_um']
                    && null !== $was
                    && null !== $was['um']
                    && $day > $was['day']
                    && ($z['arrival_um'] >= $was['um'] || $z['owner_cut'])
                ) {
                    $observations[] = Observation::of(
                        Length::ofMicrometres($was['um']),
                        Length::ofMicrometres($z['arrival_um']),
                        self::weeks($was['day'], $day),
                        $visit['id'],
                        $was['day'],
                        null === $visit['stage'] ? null : CoatStage::from($visit['stage']),
                        $z['owner_cut'],
                    );
                }
                if ('done' === $z['state'] || 'partly' === $z['state']) {
                    $left[$z['zone']] = [
                        'um' => $z['finished_um'],
                        'method' => null === $z['method'] ? Method::Leave : Method::from($z['method']),
                        'forced' => $z['forced'],
                        'day' => $day,
                    ];
                }
            }
            $lastAny = $day;
            if ('full' === $visit['kind']) {
                $lastFull = $day;
            }
        }
        $this->observations = $observations;
        $this->past = $past;
        $this->left = $left;
        $this->resets = $resets;
        $this->lastFull = $lastFull;
        $this->lastAny = $lastAny;
    }

    /** @return array<string, float> weeks since each clock was set back, on a day */
    public function since(\DateTimeImmutable $day): array
    {
        return array_map(static fn (\DateTimeImmutable $on): float => max(0.0, self::weeks($on, $day)), $this->resets);
    }

    /**
     * @param array<string, string> $seen by clock
     * @param array<string, \DateTimeImmutable> $resets
     *
     * @return array<string, array{Seen, float}>
     */
    private static function seen(array $seen, array $resets, \DateTimeImmutable $day): array
    {
        $out = [];
        foreach ($seen as $clock => $what) {
            $saw = Seen::tryFrom($what);
            if (null !== $saw && isset($resets[$clock])) {
                $out[$clock] = [$saw, self::weeks($resets[$clock], $day)];
            }
        }

        return $out;
    }

    /** @return list<ZoneLeft> */
    public function zonesLeft(): array
    {
        $zones = [];
        foreach ($this->left as $zone => $l) {
            $zones[] = new ZoneLeft(
                Zone::of($zone),
                null === $l['um'] ? null : Length::ofMicrometres($l['um']),
                $l['method'],
                $l['forced'],
            );
        }

        return $zones;
    }

    private static function weeks(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return ($to->getTimestamp() - $from->getTimestamp()) / 604_800;
    }

    /** @param array<string, array{um: int|null, method: Method, forced: bool, day: \DateTimeImmutable}> $left */
    private static function mean(array $left): ?Length
    {
        $area = 0;
        $sum = 0;
        foreach ($left as $zone => $l) {
            if (null !== $l['um']) {
                $area += Zone::of($zone)->hundredths;
                $sum += Zone::of($zone)->hundredths * $l['um'];
            }
        }

        return 0 === $area ? null : Length::ofMicrometres(intdiv($sum, $area));
    }
}
