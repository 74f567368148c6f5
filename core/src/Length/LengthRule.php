<?php

/** What a recipe leaves in millimetres: the first figure everything else is computed from. */

declare(strict_types=1);

namespace KeenThistle\Core\Length;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class LengthRule
{
    private const NOMINAL = 0.1;
    private const MEASURED = 0.05;
    private const ESTIMATED = 0.2;
    /** 30 and finer. */
    private const FINE = ['50', '40', '30'];

    /** @var array<string, Length> by tool key and lay */
    private array $measured;

    /** @param list<Measurement> $measurements the salon's own; the last one of a tool and lay counts */
    public function __construct(array $measurements = [])
    {
        $measured = [];
        foreach ($measurements as $m) {
            $measured[$m->tool->key().'|'.($m->lay ?? Lay::With)->value] = $m->mm;
        }
        $this->measured = $measured;
    }

    /**
     * What a planned recipe leaves.
     *
     * @throws InvalidInput when a guard stands over a base it must not stand on (field "tool.base")
     */
    public function planned(Recipe $recipe, ?Zone $zone = null, string $field = 'tool'): FinishedLength
    {
        if ($recipe->tool->isGuard() && !BladeTable::isGuardBase($recipe->tool->base ?? '')) {
            throw InvalidInput::at(
                "$field.base",
                Say::it(
                    'length.a_guard_sits_over_a_short',
                    implode(', ', BladeTable::GUARD_BASES),
                    $recipe->tool->base ?? 'nothing',
                ),
            );
        }

        return $this->finished($recipe, $zone);
    }

    /** What was really used: kept as it was said, with the length unknown where the rule cannot tell. */
    public function actual(Recipe $recipe, ?Zone $zone = null): FinishedLength
    {
        if ($recipe->tool->isGuard() && !BladeTable::isGuardBase($recipe->tool->base ?? '')) {
            return new FinishedLength(
                null,
                0.0,
                false,
                [new Reason('tool', $recipe->tool->words(), '', Say::it('length.as_recorded'))],
                [
                    new Caution(
                        'guard_over_long_base',
                        Say::it('length.a_guard_over_a_rides_up', $recipe->tool->base ?? '?'),
                    ),
                ],
            );
        }

        return $this->finished($recipe, $zone);
    }

    private function finished(Recipe $recipe, ?Zone $zone): FinishedLength
    {
        $warnings = $this->warnings($recipe, $zone);
        if (!$recipe->tool->hasLength()) {
            return $this->byHand($recipe, $warnings);
        }
        $inThisLay = $this->measured[$recipe->tool->key().'|'.$recipe->lay->value] ?? null;
        if (null !== $inThisLay) {
            return new FinishedLength(
                $inThisLay,
                self::MEASURED,
                false,
                [
                    new Reason(
                        'measured',
                        $inThisLay->rounded(),
                        'mm',
                        Say::it(
                            'length.the_salons_measurement_of_the_lay',
                            $recipe->tool->words(),
                            $recipe->lay->value,
                        ),
                    ),
                ],
                $warnings,
            );
        }
        $withTheLay = $this->measured[$recipe->tool->key().'|with'] ?? null;
        $reasons =
            null === $withTheLay
                ? $this->nominalReasons($recipe->tool)
                : [
                    new Reason(
                        'measured',
                        $withTheLay->rounded(),
                        'mm',
                        Say::it('length.the_salons_measurement_of_with_the', $recipe->tool->words()),
                    ),
                ];
        $whole = $withTheLay ?? $this->nominal($recipe->tool);
        $factor = $recipe->lay->factor($recipe->tool->isGuard());
        $reasons[] = new Reason(
            'lay',
            $factor,
            'factor',
            Say::it(
                'length.the_lay',
                $recipe->lay->value,
                $recipe->tool->isGuard() ? Say::it('length.under_a_guard') : Say::it('length.bare_blade'),
            ),
        );

        return new FinishedLength($whole->times($factor), self::NOMINAL, false, $reasons, $warnings);
    }

    private function nominal(Tool $tool): Length
    {
        if (null !== $tool->set) {
            return $tool->set;
        }
        if (null === $tool->guard) {
            return BladeTable::residual($tool->label);
        }
        $base = BladeTable::residual($tool->base ?? '', 'tool.base');
        $reference = BladeTable::residual(BladeTable::REFERENCE_BASE);

        return Length::ofMicrometres(
            min(
                (int) (Length::MAX_MM * 1000),
                $tool->guard->micrometres() + $base->micrometres() - $reference->micrometres(),
            ),
        );
    }

    /** @return list<Reason> */
    private function nominalReasons(Tool $tool): array
    {
        if (null !== $tool->set) {
            return [new Reason('set', $tool->set->mm(), 'mm', Say::it('length.what_the_trimmer_is_set_to'))];
        }
        if (null === $tool->guard) {
            return [
                new Reason(
                    'residual',
                    BladeTable::residual($tool->label)->mm(),
                    'mm',
                    Say::it('length.blade_table_with_the_lay', $tool->label),
                ),
            ];
        }
        $base = BladeTable::residual($tool->base ?? '', 'tool.base');
        $reference = BladeTable::residual(BladeTable::REFERENCE_BASE);

        return [
            new Reason(
                'guard',
                $tool->guard->mm(),
                'mm',
                '' === $tool->label
                    ? Say::it('length.nominal_length_of_the_guard')
                    : Say::it('length.nominal_length_of', $tool->label),
            ),
            new Reason('base', $base->mm(), 'mm', Say::it('length.blade_table_base', $tool->base ?? '')),
            new Reason(
                'reference_base',
                -$reference->mm(),
                'mm',
                Say::it('length.guards_are_marked_for_a_base', BladeTable::REFERENCE_BASE),
            ),
        ];
    }

    /** @param list<Caution> $warnings */
    private function byHand(Recipe $recipe, array $warnings): FinishedLength
    {
        if (null === $recipe->estimate) {
            return new FinishedLength(
                null,
                0.0,
                false,
                [new Reason('unknown', $recipe->tool->words(), '', Say::it('length.this_method_has_no_tool_length'))],
                $warnings,
            );
        }

        return new FinishedLength(
            $recipe->estimate,
            self::ESTIMATED,
            true,
            [
                new Reason(
                    'estimate',
                    $recipe->estimate->rounded(),
                    'mm',
                    Say::it('length.entered_for_marked_estimated', $recipe->tool->words()),
                ),
            ],
            $warnings,
        );
    }

    /** @return list<Caution> */
    private function warnings(Recipe $recipe, ?Zone $zone): array
    {
        $warnings = [];
        $tool = $recipe->tool;
        if ($tool->isGuard()) {
            $warnings[] = new Caution(
                'guard_needs_dry_coat',
                Say::it('length.guards_only_on_a_clean_bone'),
                Caution::NOTE,
            );
        }
        if (null !== $zone && $zone->thinSkin && $tool->isBlade() && BladeTable::isSkipTooth($tool->label)) {
            $warnings[] = new Caution(
                'skip_tooth_on_thin_skin',
                Say::it('length.a_skip_tooth_nicks_thin_skin', $tool->label, $zone->label),
                Caution::DANGER,
            );
        }
        if (Lay::Against === $recipe->lay && $tool->hasLength()) {
            $warnings[] = match (true) {
                str_starts_with($zone->id ?? '', 'ear_') => new Caution(
                    'ear_edge_against',
                    Say::it('length.against_the_lay_on_an_ear'),
                ),
                'lips' === $zone?->id => new Caution('lips_against', Say::it('length.against_the_lay_on_the_lips')),
                default => new Caution(
                    'against_leaves_lines',
                    Say::it('length.against_the_lay_can_leave_lines'),
                    Caution::NOTE,
                ),
            };
        }
        if ($tool->isBlade() && \in_array($tool->label, [...self::FINE, 'toe'], true)) {
            $warnings[] = new Caution(
                'fine_blade_heats',
                Say::it('length.fine_blades_heat_fast_touch_check'),
                Caution::NOTE,
            );
        }

        return null === $zone ? $warnings : [...$warnings, ...self::ofThePlace($tool, $zone)];
    }

    /** @return list<Caution> what a place asks of whatever cuts there */
    private static function ofThePlace(Tool $tool, Zone $zone): array
    {
        if (!$tool->hasLength()) {
            return [];
        }
        $warnings = [];
        if ($tool->isBlade() && $zone->tender && \in_array($tool->label, self::FINE, true)) {
            $warnings[] = new Caution(
                'fine_on_tender',
                Say::it('length.fine_on_tender', $tool->label, $zone->label),
                Caution::DANGER,
            );
        }
        if (!$tool->isTrimmer() && str_starts_with($zone->id, 'inner_eye_')) {
            $warnings[] = new Caution('blade_at_the_eye', Say::it('length.blade_at_the_eye'), Caution::DANGER);
        }
        if (1 === preg_match('/^ear_(outer|inner)_/', $zone->id)) {
            $warnings[] = new Caution('ear_crease', Say::it('length.ear_crease'));
        }
        if (\in_array($zone->id, ['loin', 'belly'], true)) {
            $warnings[] = new Caution('flank_fold', Say::it('length.flank_fold'));
        }

        return $warnings;
    }
}
