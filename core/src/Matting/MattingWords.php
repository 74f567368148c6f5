<?php

/**
 * What is said aloud about a comb test: cautions at the hand, sentences for the owner, and what does not fit together.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;

final readonly class MattingWords
{
    /**
     * @param list<ZoneDecision> $zones
     * @param array{blade: string, mm: float}|null $even
     *
     * @return list<string>
     */
    public function consent(array $zones, ?array $even, ?int $fee): array
    {
        $names = static fn (callable $which): string => implode(
            '; ',
            array_map(
                static fn (ZoneDecision $z): string => $z->mat->zone->label,
                array_values(array_filter($zones, $which)),
            ),
        );
        $clipped = $names(static fn (ZoneDecision $z): bool => Decision::Clip === $z->decision);
        $worked = $names(static fn (ZoneDecision $z): bool => $z->workedOut > 0);
        $out = [];
        if ('' !== $worked) {
            $out[] = Say::it('matting.knots_are_worked_out_by_hand', $worked);
        }
        if (null !== $even) {
            $out[] = Say::it('matting.the_whole_coat_is_evened_out', round($even['mm'], 1), $even['blade']);
        }
        if ('' !== $clipped) {
            $out[] = Say::it('matting.these_places_are_clipped_under_the', $clipped);
            $out[] = Say::it('matting.under_mats_the_skin_may_be');
            $out[] = Say::it('matting.after_heavy_mats_come_off_ear');
        }
        if (null !== $fee && $fee > 0) {
            $out[] = Say::it('matting.working_on_mats_takes_time_that');
        }
        if ('' !== $worked || '' !== $clipped) {
            $out[] = Say::it('matting.if_the_dog_shows_that_it');
        }

        return $out;
    }

    /**
     * @param list<ZoneDecision> $zones
     *
     * @return list<Caution>
     */
    public function cautions(
        array $zones,
        CoatType $coat,
        float $worked,
        float $limit,
        float $tenderLimit,
        bool $consentOnly,
    ): array {
        $felted = $tight = $ears = $wet = $overworked = false;
        foreach ($zones as $z) {
            $severity = $z->mat->severity;
            $felted = $felted || 4 === $severity;
            $tight = $tight || $severity >= 3;
            $ears = $ears || ($severity >= 3 && str_starts_with($z->mat->zone->id, 'ear_'));
            $wet = $wet || ($severity >= 1 && Decision::Clip !== $z->decision);
            $overworked =
                $overworked
                || (null !== $z->mat->overrule
                    && $z->workedOut > 0
                    && ($worked > $limit + 1e-9 || ($z->mat->zone->tender && $z->workedOut > $tenderLimit + 1e-9)));
        }
        $out = [];
        if ($overworked) {
            $out[] = new Caution(
                'past_welfare_limit',
                Say::it('matting.by_your_decision_this_dog_is', round($limit, 1), round($tenderLimit, 1)),
                Caution::DANGER,
            );
        }
        if ($felted) {
            $out[] = new Caution(
                'unknown_under_felt',
                Say::it('matting.what_is_under_a_felted_sheet'),
                Caution::DANGER,
            );
        }
        if ($tight) {
            $out[] = new Caution(
                'no_scissors_under',
                Say::it('matting.never_scissors_between_mat_and_skin'),
                Caution::DANGER,
            );
        }
        if ($ears) {
            $out[] = new Caution('ear_edges', Say::it('matting.ears_after_heavy_mats_edges_may'));
        }
        if ($wet) {
            $out[] = new Caution('not_wet', Say::it('matting.wet_mats_tighten_nothing_matted_goes'));
        }
        if ($consentOnly) {
            $out[] = new Caution(
                'patches_first',
                Say::it('matting.a_coat_is_patched_first_evening', $coat->label()),
                Caution::DANGER,
            );
        }

        return $out;
    }

    /**
     * @param list<Mat> $mats
     *
     * @return list<array{field: string, message: string}>
     */
    public function questions(array $mats): array
    {
        $out = [];
        foreach ($mats as $i => $mat) {
            $label = $mat->zone->label;
            if (0 === $mat->severity && $mat->spread > 0) {
                $out[] = [
                    'field' => "zones[$i].severity",
                    'message' => Say::it('matting.clear_but_spread_over_clear_or', $label, round(100 * $mat->spread)),
                ];
            }
            if ($mat->severity > 0 && 0.0 === $mat->spread) {
                $out[] = [
                    'field' => "zones[$i].spread",
                    'message' => Say::it('matting.severity_over_nothing_of_the_zone', $label, $mat->severity),
                ];
            }
            if (4 === $mat->severity && true === $mat->clearance) {
                $out[] = [
                    'field' => "zones[$i].clearance",
                    'message' => Say::it('matting.a_felted_sheet_with_clearance_felted', $label),
                ];
            }
        }

        return $out;
    }
}
