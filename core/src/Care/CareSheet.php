<?php

/** What the owner takes home, in plain words: when back, what to comb, what to watch, what to leave alone. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Say\Say;

final readonly class CareSheet
{
    /**
     * @param list<array{kind: string, on: string}> $next visits, soonest first
     * @param list<string> $patches labels of zones that were cleared, with the day they fill back where it is known
     * @param list<string> $found sentences about what was found today
     * @param list<string> $homework from the handling record
     * @param list<string> $hurt what went wrong today and the owner was told
     *
     * @return list<array{title: string, lines: list<string>}>
     */
    public function of(
        string $dog,
        CoatType $coat,
        array $next,
        array $patches,
        array $found,
        array $homework,
        array $hurt,
        bool $dewclaws,
    ): array {
        $out = [
            [
                'title' => Say::it('care.back_with_us'),
                'lines' => [] === $next
                        ? [Say::it('care.nothing_is_booked_yet_call_us')]
                        : array_map(
                            static fn (array $n): string => Say::it('care.on', self::kind($n['kind']), $n['on']),
                            $next,
                        ),
            ],
        ];
        $out[] = ['title' => Say::it('care.at_home'), 'lines' => self::combing($dog, $coat)];
        if ([] !== $patches) {
            $out[] = [
                'title' => Say::it('care.shorter_in_places'),
                'lines' => array_map(static fn (string $p): string => "$p.", $patches),
            ];
        }
        if ([] !== $hurt) {
            $out[] = [
                'title' => Say::it('care.what_happened_today'),
                'lines' => [...$hurt, Say::it('care.look_at_the_place_once_a')],
            ];
        }
        if ([] !== $found) {
            $out[] = [
                'title' => Say::it('care.what_we_saw'),
                'lines' => [...$found, Say::it('care.we_are_groomers_and_do_not')],
            ];
        }
        if ([] !== $homework) {
            $out[] = ['title' => Say::it('care.practise_with', $dog), 'lines' => $homework];
        }
        $out[] = [
            'title' => Say::it('care.leave_to_us_or_to_a'),
            'lines' => [
                Say::it('care.mats_close_to_the_skin_never'),
                $dewclaws ? Say::it('care.claws_near_the_quick_and_dewclaws') : Say::it('care.claws_near_the_quick'),
                Say::it('care.nothing_into_the_ears_but_a'),
                Say::it('care.bands_and_bows_come_off_when'),
            ],
        ];

        return $out;
    }

    private static function kind(string $kind): string
    {
        return match ($kind) {
            'full' => Say::it('care.a_full_groom'),
            'tidy' => Say::it('care.a_tidy_eyes_pads_sanitary'),
            'bath' => Say::it('care.a_bath'),
            default => Say::it('care.nails'),
        };
    }

    /** @return list<string> */
    private static function combing(string $dog, CoatType $coat): array
    {
        $lines = match (true) {
            $coat->isDouble() => [
                Say::it('care.comb_in_layers_down_to_the'),
                Say::it('care.please_do_not_have_it_shaved'),
            ],
            CoatType::Wire === $coat => [Say::it('care.comb_through_once_a_week_dead')],
            CoatType::Smooth === $coat, CoatType::Hairless === $coat => [Say::it('care.a_rubber_mitt_or_a_damp')],
            CoatType::Corded === $coat => [Say::it('care.part_the_cords_by_hand_at')],
            default => [
                Say::it('care.five_to_ten_minutes_a_day'),
                Say::it('care.first_behind_the_ears_armpits_groin'),
            ],
        };

        return [...$lines, Say::it('care.if_the_comb_stops_hold_the', $dog)];
    }
}
