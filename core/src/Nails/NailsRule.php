<?php

/** Claw by claw: what is done today, when again, and how a quick is coaxed back. */

declare(strict_types=1);

namespace KeenThistle\Core\Nails;

use KeenThistle\Core\Interval\Ground;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class NailsRule
{
    /** How far a quick draws back between two tiny cuts, mm. */
    private const BACK_A_VISIT = 1.0;
    private const DEWCLAW_WEEKS = 4.0;
    private const OFTEN_DAYS = 10;

    /** @param list<Claw> $claws */
    public function today(
        array $claws,
        Ground $ground,
        \DateTimeImmutable $today,
        bool $fragileSkin = false,
        bool $grinderFeared = false,
    ): NailsAnswer {
        $out = [];
        $tiny = $torn = $dew = false;
        $over = 0.0;
        foreach ($claws as $claw) {
            $action = $this->action($claw, $grinderFeared);
            $out[] = [
                'foot' => $claw->foot,
                'claw' => $claw->number,
                'dewclaw' => $claw->dewclaw,
                'action' => $action[0],
                'why' => $action[1],
                'smooth' => $fragileSkin && !\in_array($action[0], ['leave', 'refer'], true),
            ];
            $tiny = $tiny || 'tiny_cuts' === $action[0];
            $torn = $torn || 'refer' === $action[0];
            $dew = $dew || $claw->dewclaw;
            $over = 'quick_near' === $claw->state ? max($over, $claw->over) : $over;
        }
        $weeks = $ground->nailWeeks();
        $days = $tiny ? self::OFTEN_DAYS : (int) round(7 * $weeks);
        $reasons = [new Reason('nails', $weeks, 'weeks', Say::it('nails.walks_on_ground', $ground->value))];
        $plan = null;
        if ($tiny) {
            $visits = max(1, (int) ceil($over / self::BACK_A_VISIT));
            $plan = [
                'visits' => $visits,
                'every_days' => self::OFTEN_DAYS,
                'until' => $today->modify('+'.$visits * self::OFTEN_DAYS.' days')->format('Y-m-d'),
            ];
            $reasons[] = new Reason(
                'often_and_little',
                self::BACK_A_VISIT,
                Say::it('nails.mm_a_visit'),
                Say::it('nails.tiny_cuts_often_make_the_quick'),
            );
        }
        $cautions = [];
        if ($torn) {
            $cautions[] = new Caution('torn', Say::it('nails.a_torn_claw_is_left_alone'), Caution::DANGER);
        }
        if ($tiny) {
            $cautions[] = new Caution('quick', Say::it('nails.quick_near_slivers_only_stop_at'));
        }
        if ($fragileSkin) {
            $cautions[] = new Caution('fragile_skin', Say::it('nails.the_owners_skin_is_fragile_every'));
        }

        return new NailsAnswer(
            $out,
            $today->modify("+$days days")->format('Y-m-d'),
            $dew ? $today->modify('+'.(int) (7 * self::DEWCLAW_WEEKS).' days')->format('Y-m-d') : null,
            $plan,
            $cautions,
            $reasons,
        );
    }

    /** @return array{'leave'|'tip'|'tiny_cuts'|'grind_only'|'refer', string} */
    private function action(Claw $claw, bool $grinderFeared): array
    {
        return match ($claw->state) {
            'torn' => ['refer', Say::it('nails.torn_not_touched_a_vet_looks')],
            'missing' => ['leave', Say::it('nails.not_there')],
            'cracked' => [
                'grind_only',
                $grinderFeared
                    ? Say::it('nails.cracked_filed_by_hand_a_clipper')
                    : Say::it('nails.cracked_a_clipper_would_split_it'),
            ],
            'quick_near' => ['tiny_cuts', Say::it('nails.the_quick_is_near_slivers_often')],
            'long' => $claw->dark
                ? ['tiny_cuts', Say::it('nails.long_and_dark_the_quick_cannot')]
                : ['tip', Say::it('nails.long_the_quick_can_be_seen')],
            default => $claw->dewclaw
                ? ['tip', Say::it('nails.nothing_wears_a_dewclaw')]
                : ['leave', Say::it('nails.does_not_touch_the_floor')],
        };
    }
}
