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
        $torn = $dew = $tinyDew = false;
        $unseen = 0;
        $over = null;
        foreach ($claws as $claw) {
            [$action, $why] = $this->action($claw, $grinderFeared);
            $out[] = [
                'foot' => $claw->foot,
                'claw' => $claw->number,
                'dewclaw' => $claw->dewclaw,
                'action' => $action,
                'why' => $why,
                'smooth' => $fragileSkin && \in_array($action, ['tip', 'tiny_cuts', 'grind_only'], true),
                'done_when' => self::doneWhen($action),
            ];
            $tiny = 'tiny_cuts' === $action;
            $torn = $torn || 'refer' === $action;
            $dew = $dew || $claw->dewclaw;
            $tinyDew = $tinyDew || ($tiny && $claw->dewclaw);
            $unseen += 'look' === $action ? 1 : 0;
            $over = $tiny ? max($over ?? 0.0, $claw->over) : $over;
        }
        $weeks = $ground->nailWeeks();
        $reasons = [new Reason('nails', $weeks, 'weeks', Say::it('nails.walks_on_ground', $ground->value))];
        $plan = null;
        $soon = $today->modify('+'.self::OFTEN_DAYS.' days')->format('Y-m-d');
        if (null !== $over) {
            $visits = max(1, (int) ceil($over / self::BACK_A_VISIT));
            $plan = [
                'kind' => 'nails',
                'visits' => $visits,
                'every_days' => self::OFTEN_DAYS,
                'next_on' => $soon,
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
        if (null !== $over) {
            $cautions[] = new Caution('quick', Say::it('nails.quick_near_slivers_only_stop_at'));
        }
        if ($fragileSkin) {
            $cautions[] = new Caution('fragile_skin', Say::it('nails.the_owners_skin_is_fragile_every'));
        }

        if ($unseen > 0) {
            $cautions[] = new Caution('not_seen', Say::it('nails.not_seen_is_not_fine', $unseen));
        }
        $usual = $today->modify('+'.(int) round(7 * $weeks).' days')->format('Y-m-d');
        $dewclaws = $today->modify('+'.(int) (7 * self::DEWCLAW_WEEKS).' days')->format('Y-m-d');

        return new NailsAnswer(
            $out,
            null === $plan ? $usual : $soon,
            $dew ? ($tinyDew ? $soon : $dewclaws) : null,
            $plan,
            $cautions,
            $reasons,
            $unseen,
        );
    }

    private static function doneWhen(string $action): string
    {
        return match ($action) {
            'look' => Say::it('nails.done_when_seen'),
            'leave', 'refer' => Say::it('nails.done_when_left'),
            'tiny_cuts' => Say::it('nails.done_when_tiny'),
            default => Say::it('nails.done_when_cut'),
        };
    }

    /** @return array{'look'|'leave'|'tip'|'tiny_cuts'|'grind_only'|'refer', string} */
    private function action(Claw $claw, bool $grinderFeared): array
    {
        return match ($claw->effective()) {
            'not_seen' => ['look', Say::it('nails.not_seen_yet')],
            'torn' => ['refer', Say::it('nails.torn_not_touched_a_vet_looks')],
            'missing' => ['leave', Say::it('nails.not_there')],
            'cracked' => [
                'grind_only',
                $grinderFeared
                    ? Say::it('nails.cracked_filed_by_hand_a_clipper')
                    : Say::it('nails.cracked_a_clipper_would_split_it'),
            ],
            'quick_near' => ['tiny_cuts', Say::it('nails.the_quick_is_near_slivers_often')],
            'long' => match (true) {
                !$claw->dark => ['tip', Say::it('nails.long_the_quick_can_be_seen')],
                $claw->squeezed => ['tiny_cuts', Say::it('nails.long_and_dark_squeezed')],
                default => ['tiny_cuts', Say::it('nails.long_and_dark_the_quick_cannot')],
            },
            default => match (true) {
                !$claw->dewclaw => ['leave', Say::it('nails.does_not_touch_the_floor')],
                $claw->dark => ['leave', Say::it('nails.a_dark_dewclaw_that_is_fine')],
                default => ['tip', Say::it('nails.nothing_wears_a_dewclaw')],
            },
        };
    }
}
