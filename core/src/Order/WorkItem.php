<?php

/** One entry of the order of work: a step, or the part of a step that one tool does. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Zone\Zone;

final readonly class WorkItem
{
    /**
     * @param string|null $tool in words; null: no tool to pick up
     * @param list<string> $zones ids
     * @param list<string> $cautions
     */
    public function __construct(
        public Step $step,
        public ?string $tool,
        public array $zones,
        public ?float $minutes,
        public array $cautions,
    ) {
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<self>
     */
    public static function of(Job $job, Schools $schools, array $steps): array
    {
        $byTool = [];
        foreach ($job->zones as $zone => $tool) {
            $byTool[Step::of(Zone::of($zone))->value][$tool][] = $zone;
        }
        $out = [];
        foreach ($steps as $step) {
            $groups = $byTool[$step->value] ?? [];
            if ([] === $groups) {
                $out[] = new self(
                    $step,
                    self::usualTool($step, $job, $schools),
                    [],
                    $job->minutes[$step->value] ?? null,
                    self::cautions($step, $job),
                );
            }
            foreach ($groups as $tool => $zones) {
                $out[] = new self(
                    $step,
                    (string) $tool,
                    $zones,
                    isset($job->minutes[$step->value])
                        ? ($job->minutes[$step->value] * \count($zones)) / array_sum(array_map(\count(...), $groups))
                        : null,
                    self::cautions($step, $job),
                );
            }
        }

        return $out;
    }

    private static function usualTool(Step $step, Job $job, Schools $schools): ?string
    {
        return match ($step) {
            Step::CombTest, Step::CombOut, Step::Knots => 'comb',
            Step::Undercoat => 'rake',
            Step::Nails => 'clip' === $schools->nails
                ? 'nail clippers'
                : ('grind' === $schools->nails
                    ? 'grinder'
                    : 'nail clippers, then grinder'),
            Step::Dry => $job->fearsDryer ? 'towels, then a cool quiet dryer and a brush' : 'dryer',
            default => null,
        };
    }

    /** @return list<string> */
    private static function cautions(Step $step, Job $job): array
    {
        return match ($step) {
            Step::Knots => ['Never scissors between mat and skin; stop at the welfare limit.'],
            Step::CloseWork => ['Thin skin: short full-tooth blade, skin flat, blade cool.'],
            Step::Pads => ['Webbing between the pads: never dig.'],
            Step::Nails => ['Quick: little and often on dark claws, styptic at hand.'],
            Step::Ears => ['Smell, redness or discharge: do not clean, refer to a vet. Never deep.'],
            Step::Bath => ['Lukewarm, no soap near the eyes, loop never left unattended.'],
            Step::Dry => $job->fearsDryer
                ? ['Afraid of the dryer: cool and quiet, nozzle off at the head, stop at panting.']
                : ['Nozzle off at the head; short-faced, old or ill dogs never unattended.'],
            Step::Head => ['Scissors parallel to the eye, dog\'s chin held.'],
            Step::EarEdges => ['Ear edge between your fingers before every snip.'],
            Step::Rear => ['Comb as a shield; tail only as far as the dog carries it itself.'],
            default => [],
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'step' => $this->step->value,
            'title' => $this->step->title(),
            'tool' => $this->tool,
            'zones' => $this->zones,
            'minutes' => null === $this->minutes ? null : round($this->minutes, 1),
            'cautions' => $this->cautions,
            'done_when' => $this->step->doneWhen(),
        ];
    }
}
