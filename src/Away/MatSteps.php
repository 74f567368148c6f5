<?php

/** The steps that mats would add to a groom, and where each stands: tried out with every mat there can be. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Staff\Actor;
use KeenThistle\Table\Groom;
use KeenThistle\Table\GroomReader;
use KeenThistle\Table\GroomToday;
use KeenThistle\Table\TableStepView;

final readonly class MatSteps
{
    /** Severity and whether a comb tooth passes: worked out, clipped with air under the mat, clipped close. */
    private const TRIED = [[2, true], [3, false], [4, false]];

    public function __construct(private GroomToday $today, private GroomReader $reader)
    {
    }

    /** @return list<MatStepView> */
    public function of(Actor $actor, Groom $groom): array
    {
        $arrival = $groom->arrival;
        $before = [$arrival->comb, $groom->plan, $groom->steps, $groom->today, $groom->estimate, $groom->notices];
        $there = array_column($groom->steps, 'key');
        $out = [];
        foreach (self::TRIED as [$severity, $passes]) {
            $arrival->comb = [
                'stops_first' => null,
                'stops_second' => null,
                'zones' => array_map(
                    static fn (string $zone): array => [
                        'zone' => $zone,
                        'severity' => $severity,
                        'spread' => 0.25,
                        'clearance' => $passes,
                        'overrule' => null,
                        'why' => '',
                        'skin' => null,
                    ],
                    array_values(array_diff(ZoneTable::ids(), $arrival->dog->absentZones())),
                ),
            ];
            $this->today->again($actor, $groom);
            $after = null;
            foreach ($this->reader->view($actor, $groom)->steps as $step) {
                if (\in_array($step->step, [Step::MatsOut->value, Step::MatsClip->value], true)) {
                    $out[$step->key] ??= new MatStepView($after, explode(':', $step->key)[0], self::bare($step));
                } elseif (\in_array($step->key, $there, true)) {
                    $after = $step->key;
                }
            }
        }
        [
            $arrival->comb,
            $groom->plan,
            $groom->steps,
            $groom->today,
            $groom->estimate,
            $groom->notices,
        ] = $before;

        return array_values($out);
    }

    /** How long it takes is what is found. */
    private static function bare(TableStepView $s): TableStepView
    {
        return new TableStepView(
            key: $s->key,
            step: $s->step,
            title: $s->title,
            tool: $s->tool,
            base: $s->base,
            blade: $s->blade,
            lay: $s->lay,
            leaves_mm: $s->leaves_mm,
            leaves_to_mm: null,
            stop_lines: [],
            shapes: [],
            zones: $s->zones,
            places: $s->places,
            minutes: null,
            cautions: $s->cautions,
            done_when: $s->done_when,
            state: 'open',
            why: '',
            who: null,
            waits: '',
            moved: '',
            together: $s->together,
        );
    }
}
