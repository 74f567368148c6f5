<?php

/** A dog's visits as the rules need them: what was left where, what arrivals taught about growth and mats. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Growth\Observation;
use KeenThistle\Core\Interval\PastVisit;
use KeenThistle\Core\Interval\ZoneLeft;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

/**
 * @phpstan-type PastZone array{zone: string, state: string, method: string|null, forced: bool,
 *     finished_um: int|null, arrival_um: int|null, owner_cut: bool}
 * @phpstan-type PastRow array{id: string, day: string, kind: string, staff: string, place: string,
 *     minutes: int|null, load: float|null, tender: int, upkeep: string|null, stage: string|null, note: string,
 *     zones: list<PastZone>}
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
        foreach ($visits as $visit) {
            $day = new \DateTimeImmutable($visit['day'], new \DateTimeZone('UTC'));
            if (null !== $lastFull && 'full' === $visit['kind']) {
                $past[] = new PastVisit(
                    self::weeks($lastFull, $day),
                    $visit['load'],
                    null === $visit['upkeep'] ? null : Upkeep::from($visit['upkeep']),
                    self::mean($left),
                    $visit['tender'],
                    [],
                    $visit['id'],
                );
            }
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
        $this->lastFull = $lastFull;
        $this->lastAny = $lastAny;
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
