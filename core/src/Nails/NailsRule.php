<?php

/** Claw by claw: what is done today, when again, and how a quick is coaxed back. */

declare(strict_types=1);

namespace KeenThistle\Core\Nails;

use KeenThistle\Core\Interval\Ground;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

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
        $reasons = [new Reason('nails', $weeks, 'weeks', "walks on {$ground->value} ground")];
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
                'mm a visit',
                'tiny cuts often make the quick draw back',
            );
        }
        $cautions = [];
        if ($torn) {
            $cautions[] = new Caution(
                'torn',
                'A torn claw is left alone, cleaned and covered; a vet looks at it.',
                Caution::DANGER,
            );
        }
        if ($tiny) {
            $cautions[] = new Caution(
                'quick',
                'Quick near: slivers only, stop at the first grey spot; bleeding: styptic, pressure, note it, '.
                    'tell the owner.',
            );
        }
        if ($fragileSkin) {
            $cautions[] = new Caution(
                'fragile_skin',
                'The owner\'s skin is fragile: every edge ground or filed smooth.',
            );
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
            'torn' => ['refer', 'torn: not touched, a vet looks'],
            'missing' => ['leave', 'not there'],
            'cracked' => [
                'grind_only',
                $grinderFeared
                    ? 'cracked: filed by hand, a clipper would split it further'
                    : 'cracked: a clipper would split it further',
            ],
            'quick_near' => ['tiny_cuts', 'the quick is near: slivers, often'],
            'long' => $claw->dark
                ? ['tiny_cuts', 'long and dark: the quick cannot be seen']
                : ['tip', 'long, the quick can be seen'],
            default => $claw->dewclaw ? ['tip', 'nothing wears a dewclaw'] : ['leave', 'does not touch the floor'],
        };
    }
}
