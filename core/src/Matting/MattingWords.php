<?php

/**
 * What is said aloud about a comb test: cautions at the hand, sentences for the owner, and what does not fit together.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Reason\Caution;

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
            $out[] = "Knots are worked out by hand, within what the dog will bear: $worked.";
        }
        if (null !== $even) {
            $out[] = \sprintf(
                'The whole coat is evened out at about %s mm (%s blade), as long as the clipped places allow.',
                round($even['mm'], 1),
                $even['blade'],
            );
        }
        if ('' !== $clipped) {
            $out[] = "These places are clipped under the mat and will be short: $clipped.";
            $out[] =
                'Under mats the skin may be red, sore, bruised or damp, and small wounds may show that nobody '.
                'could see before. If so, you are told and shown, and a vet is named where one should look.';
            $out[] =
                'After heavy mats come off, ear edges may swell or bleed and a dog may scratch or shake; tell us '.
                'and your vet if it goes on.';
        }
        if (null !== $fee && $fee > 0) {
            $out[] = 'Working on mats takes time that is charged for as shown.';
        }
        if ('' !== $worked || '' !== $clipped) {
            $out[] = 'If the dog shows that it has had enough, we stop, and say what is left to do.';
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
                \sprintf(
                    'By your decision this dog is worked on longer than its limit (%s min, %s min in a tender '.
                        'zone). Rests between; stop at the first sign; the rest another day or clipped.',
                    round($limit, 1),
                    round($tenderLimit, 1),
                ),
                Caution::DANGER,
            );
        }
        if ($felted) {
            $out[] = new Caution(
                'unknown_under_felt',
                'What is under a felted sheet shows only when it is off. Go slowly, skin flat, no guard; sores, '.
                    'smell, swelling or parasites: stop, photograph, tell the owner, a vet.',
                Caution::DANGER,
            );
        }
        if ($tight) {
            $out[] = new Caution(
                'no_scissors_under',
                'Never scissors between mat and skin, never a guard over a mat.',
                Caution::DANGER,
            );
        }
        if ($ears) {
            $out[] = new Caution(
                'ear_edges',
                'Ears after heavy mats: edges may swell or bleed. Take little at a time, watch them, no shaking '.
                    'loose; tell the owner.',
            );
        }
        if ($wet) {
            $out[] = new Caution(
                'not_wet',
                'Wet mats tighten: nothing matted goes into the tub unless it is coming off.',
            );
        }
        if ($consentOnly) {
            $out[] = new Caution(
                'patches_first',
                \sprintf(
                    'A %s coat is patched first. Evening all of it out only if the owner asks and has heard how '.
                        'long it takes to come back, if it does.',
                    $coat->label(),
                ),
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
                    'message' => "$label: clear, but spread over "
                        .round(100 * $mat->spread).' %. Clear, or which severity?',
                ];
            }
            if ($mat->severity > 0 && 0.0 === $mat->spread) {
                $out[] = [
                    'field' => "zones[$i].spread",
                    'message' => "$label: severity {$mat->severity} over nothing of the zone. How much of it?",
                ];
            }
            if (4 === $mat->severity && true === $mat->clearance) {
                $out[] = [
                    'field' => "zones[$i].clearance",
                    'message' => "$label: a felted sheet with clearance. Felted, or tight with room for a comb?",
                ];
            }
        }

        return $out;
    }
}
