<?php

/** Stands in for a service of road times: a made-up valley with a river, three bridges and a school run. */

declare(strict_types=1);

namespace KeenThistle\Round;

final readonly class SimulatedRoads implements RoadTimes
{
    /** When roads through the town are busy, minutes from midnight. */
    private const BUSY = [[465, 540], [915, 975]];
    /** What is shut until then is not open again that day. */
    private const MIDNIGHT = 1440;
    /** name, from the west, from the north, kind */
    private const SPOTS = [
        'fullers_yard' => ['Fullers Yard', 430, 610, 'base'],
        'market_cross' => ['Market Cross', 545, 520, 'village'],
        'weir_cottages' => ['Weir Cottages', 315, 520, 'village'],
        'alderlap' => ['Alderlap', 175, 650, 'village'],
        'withy_croft' => ['Withy Croft', 140, 860, 'farm'],
        'low_byre' => ['Low Byre', 500, 850, 'farm'],
        'ferry_landing' => ['Ferry Landing', 700, 720, 'village'],
        'gritgate' => ['Gritgate', 850, 880, 'village'],
        'trough' => ['Stone Trough', 370, 350, 'water'],
        'thornhope' => ['Thornhope', 640, 320, 'village'],
        'rookstall' => ['Rookstall Farm', 860, 440, 'farm'],
        'high_ewefold' => ['High Ewefold', 800, 140, 'farm'],
        'cairnlee' => ['Cairnlee Top', 490, 110, 'farm'],
        'tarrenside' => ['Tarrenside', 240, 230, 'village'],
        'mossfoot' => ['Mossfoot Farm', 90, 330, 'farm'],
    ];
    /** name, from, to, minutes, bridge, busy hours */
    private const WAYS = [
        'mill_lane' => ['', 'fullers_yard', 'market_cross', 4, false, 1.6],
        'weir_lane' => ['', 'fullers_yard', 'weir_cottages', 5, false, 1.0],
        'alder_road' => ['', 'weir_cottages', 'alderlap', 8, false, 1.0],
        'withy_track' => ['', 'alderlap', 'withy_croft', 9, false, 1.0],
        'byre_road' => ['', 'fullers_yard', 'low_byre', 10, false, 1.0],
        'long_lane' => ['', 'withy_croft', 'low_byre', 17, false, 1.0],
        'ferry_road' => ['', 'market_cross', 'ferry_landing', 10, false, 1.4],
        'byre_end' => ['', 'low_byre', 'ferry_landing', 8, false, 1.0],
        'grit_road' => ['', 'ferry_landing', 'gritgate', 9, false, 1.0],
        'weir_bridge' => ['Weir bridge', 'weir_cottages', 'trough', 7, true, 1.0],
        'market_bridge' => ['Market bridge', 'market_cross', 'thornhope', 9, true, 1.8],
        'ferry_bridge' => ['Ferry bridge', 'ferry_landing', 'rookstall', 12, true, 1.0],
        'trough_lane' => ['', 'trough', 'tarrenside', 7, false, 1.0],
        'moss_track' => ['', 'tarrenside', 'mossfoot', 9, false, 1.0],
        'fell_road' => ['Fell road', 'tarrenside', 'cairnlee', 11, false, 1.0],
        'north_bank' => ['', 'trough', 'thornhope', 10, false, 1.0],
        'cairn_road' => ['', 'thornhope', 'cairnlee', 12, false, 1.0],
        'ewe_lane' => ['', 'thornhope', 'high_ewefold', 10, false, 1.0],
        'rook_lane' => ['', 'thornhope', 'rookstall', 9, false, 1.0],
        'top_track' => ['Top track', 'high_ewefold', 'rookstall', 11, false, 1.0],
    ];
    private const RIVER = [[0, 420], [150, 470], [290, 430], [420, 440], [560, 420], [660, 500], [770, 590],
        [1000, 640], ];

    public function spots(): array
    {
        $out = [];
        foreach (self::SPOTS as $id => [$name, $x, $y, $kind]) {
            $out[$id] = new Spot($id, $name, $x, $y, $kind);
        }

        return $out;
    }

    public function ways(): array
    {
        $out = [];
        foreach (self::WAYS as $id => [$name, $from, $to, $minutes, $bridge, $busy]) {
            $out[$id] = new Way($id, $name, $from, $to, $minutes, $bridge, $busy);
        }

        return $out;
    }

    public function river(): array
    {
        return self::RIVER;
    }

    public function on(array $shut): RoadDay
    {
        $changes = [0, ...array_merge(...self::BUSY)];
        foreach ($shut as $s) {
            array_push($changes, $s['from'], $s['to']);
        }
        sort($changes);

        return new RoadDay(array_map(
            fn (int $from): array => $this->at($from, $shut),
            array_values(array_unique(array_filter($changes, static fn (int $at): bool => $at < self::MIDNIGHT))),
        ));
    }

    /**
     * @param list<array{way: string, from: int, to: int}> $shut
     *
     * @return array{from: int, minutes: array<string, array<string, int|null>>,
     *     by: array<string, array<string, string>>}
     */
    private function at(int $from, array $shut): array
    {
        $isBusy = [] !== array_filter(self::BUSY, static fn (array $b): bool => $b[0] <= $from && $from < $b[1]);
        $closed = [];
        foreach ($shut as $s) {
            if ($s['from'] <= $from && $from < $s['to']) {
                $closed[$s['way']] = true;
            }
        }
        $ids = array_keys(self::SPOTS);
        $minutes = array_fill_keys($ids, array_fill_keys($ids, null));
        $by = [];
        foreach ($this->ways() as $way) {
            if (!isset($closed[$way->id])) {
                $takes = (int) ceil($way->minutes * ($isBusy ? $way->busy : 1.0));
                $minutes[$way->from][$way->to] = $minutes[$way->to][$way->from] = $takes;
                [$by[$way->from][$way->to], $by[$way->to][$way->from]] = [$way->to, $way->from];
            }
        }
        foreach ($ids as $over) {
            foreach ($ids as $a) {
                foreach ($ids as $b) {
                    [$first, $second] = [$minutes[$a][$over], $minutes[$over][$b]];
                    if ($a === $b || null === $first || null === $second) {
                        continue;
                    }
                    if (null === $minutes[$a][$b] || $first + $second < $minutes[$a][$b]) {
                        $minutes[$a][$b] = $first + $second;
                        $by[$a][$b] = $by[$a][$over] ?? $over;
                    }
                }
            }
        }

        return ['from' => $from, 'minutes' => $minutes, 'by' => $by];
    }
}
