<?php

/** One entry of the order of work: a step, or the part of a step that one tool does. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Say\Say;
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
                ? Say::it('order.nail_clippers')
                : ('grind' === $schools->nails
                    ? 'grinder'
                    : Say::it('order.nail_clippers_then_grinder')),
            Step::Dry => $job->fearsDryer ? Say::it('order.towels_then_a_cool_quiet_dryer') : 'dryer',
            default => null,
        };
    }

    /** @return list<string> */
    private static function cautions(Step $step, Job $job): array
    {
        return match ($step) {
            Step::Knots => [Say::it('order.never_scissors_between_mat_and_skin')],
            Step::CloseWork => [Say::it('order.thin_skin_short_full_tooth_blade')],
            Step::Pads => [Say::it('order.webbing_between_the_pads_never_dig')],
            Step::Nails => [Say::it('order.quick_little_and_often_on_dark')],
            Step::Ears => [Say::it('order.smell_redness_or_discharge_do_not')],
            Step::Bath => [Say::it('order.lukewarm_no_soap_near_the_eyes')],
            Step::Dry => $job->fearsDryer
                ? [Say::it('order.afraid_of_the_dryer_cool_and')]
                : [Say::it('order.nozzle_off_at_the_head_short')],
            Step::Head => [Say::it('order.scissors_parallel_to_the_eye_dogs')],
            Step::EarEdges => [Say::it('order.ear_edge_between_your_fingers_before')],
            Step::Rear => [Say::it('order.comb_as_a_shield_tail_only')],
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
