<?php

/**
 * Bottles of mixed shampoo: how many, what stands on them, when they are poured away, what a dog costs, what is left.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Wash;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;

final readonly class BottleRule
{
    /**
     * @param int $bottleMl what a bottle holds
     * @param int|null $labelDays days the maker's label allows a mixed bottle; null: it says nothing, so the same day
     * @param \DateTimeImmutable|null $discard as wished; null: as long as allowed
     * @param int|null $litreMinor price of a litre of concentrate, minor units
     * @param float|null $stockMl concentrate there is before this
     *
     * @return array<string, mixed>
     *
     * @throws InvalidInput for a discard date past the label's, or before it was mixed
     */
    public function fill(
        Mix $mix,
        string $content,
        float $ratio,
        int $bottleMl,
        \DateTimeImmutable $mixedOn,
        ?int $labelDays,
        ?\DateTimeImmutable $discard,
        ?int $litreMinor,
        ?float $stockMl,
    ): array {
        $latest = $mixedOn->modify('+'.($labelDays ?? 0).' days');
        if (null !== $discard && $discard > $latest) {
            throw InvalidInput::at(
                'discard_by',
                null === $labelDays
                    ? Say::it('wash.must_be_the_day_it_was')
                    : Say::it('wash.is_past_what_the_makers_label', Say::day($latest)),
            );
        }
        if (null !== $discard && $discard < $mixedOn) {
            throw InvalidInput::at('discard_by', Say::it('wash.is_before_it_was_mixed'));
        }
        $by = $discard ?? $latest;
        $left = null === $stockMl ? null : round($stockMl - $mix->concentrate, 1);
        $cautions = [new Caution('wash_bottles', Say::it('wash.bottles_are_washed_and_dried_between'))];
        if (null !== $left && $left < 0) {
            $cautions[] = new Caution(
                'short',
                Say::it('wash.ml_of_concentrate_are_missing', abs($left)),
                Caution::DANGER,
            );
        }

        return [
            'bottles' => max(1, (int) ceil(round((1000 * $mix->litres) / $bottleMl, 6))),
            'label' => [
                $content,
                Say::it('wash.1_one_part_to_parts_water', Ratio::plain($ratio), Ratio::plain($ratio)),
                'mixed '.$mixedOn->format('Y-m-d'),
                Say::it('wash.discard_by', $by->format('Y-m-d')),
            ],
            'discard_by' => $by->format('Y-m-d'),
            'cost_minor' => null === $litreMinor ? null : (int) round(($mix->concentrate / 1000) * $litreMinor),
            'stock_left_ml' => $left,
            'warnings' => Caution::listToArray($cautions),
        ];
    }
}
