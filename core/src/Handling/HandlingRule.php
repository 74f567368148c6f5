<?php

/**
 * What a dog can be asked to bear today: the next rung of the ladder, and whether to go on, fetch help, or take
 * something else.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class HandlingRule
{
    public const NEW_THING_MINUTES = 0.75;
    private const REGRESS_WEEKS = 12;
    private const GO = 5;
    private const WITH_SECOND = 7;

    /**
     * @param list<Exposure> $log in any order
     * @param int $tolerance 0 impossible to 5 at ease
     * @param int $confidence the groomer's for this task, 1 to 5
     * @param int|null $risk 1 to 5; null: the tool's own
     * @param int $newThings besides a new rung: person, place, a zone never done
     */
    public function today(
        Tool $tool,
        array $log,
        \DateTimeImmutable $today,
        int $tolerance,
        int $confidence,
        ?int $risk = null,
        int $newThings = 0,
        bool $secondPerson = true,
        int $visitWeeks = 6,
    ): HandlingAnswer {
        usort($log, static fn (Exposure $a, Exposure $b): int => $a->on <=> $b->on);
        [$rung, $reasons] = self::rung($log, $today);
        $last = [] === $log ? null : $log[\count($log) - 1];
        $next = match (true) {
            null === $rung => Rung::Sees,
            null !== $last && !$last->calm => Rung::at($rung->index() - 1),
            default => Rung::at($rung->index() + 1),
        };
        $new = $newThings + ($next !== $rung ? 1 : 0);
        $risk ??= $tool->risk();
        $demand = (5 - $tolerance) * $risk;
        $decision = $this->decide($tolerance, $risk, $confidence, $secondPerson);
        $reasons[] = new Reason(
            'demand',
            $demand,
            '',
            Say::it('handling.5_tolerance_risk_of_the', $tolerance, $risk, $tool->label()),
        );
        $reasons[] = new Reason(
            'bears',
            self::GO * $confidence,
            '',
            Say::it('handling.5_confidence_alone_with_a_second', $confidence, self::WITH_SECOND * $confidence),
        );
        if ($new > 0) {
            $reasons[] = new Reason(
                'acclimatising',
                round(self::NEW_THING_MINUTES * $new, 2),
                'min',
                Say::it('handling.min_for_each_of_new_things', self::NEW_THING_MINUTES, $new),
            );
        }
        $left = Rung::Normal->index() - ($rung?->index() ?? -1) + (null !== $last && !$last->calm ? 1 : 0);
        $visits = Rung::Normal === $rung && 'go' === $decision ? null : max(1, $left);
        $cautions = [];
        if ('defer' === $decision) {
            $cautions[] = new Caution(
                'never_force',
                Say::it('handling.impossible_today_never_force_defer_tell'),
                Caution::DANGER,
            );
        } elseif ('go' !== $decision) {
            $cautions[] = new Caution('stop_early', Say::it('handling.stop_while_it_is_still_easy'));
        }

        return new HandlingAnswer(
            $tool,
            $rung,
            $next,
            self::NEW_THING_MINUTES * $new,
            $decision,
            $demand,
            $confidence,
            $visits,
            null === $visits ? null : $today->add(new \DateInterval('P'.$visits * $visitWeeks.'W')),
            $cautions,
            $reasons,
        );
    }

    /** @return 'go'|'second_person'|'substitute'|'defer' */
    public function decide(int $tolerance, int $risk, int $confidence, bool $secondPerson): string
    {
        $demand = (5 - $tolerance) * $risk;

        return match (true) {
            0 === $tolerance => 'defer',
            $demand <= self::GO * $confidence => 'go',
            $secondPerson && $demand <= self::WITH_SECOND * $confidence => 'second_person',
            default => 'substitute',
        };
    }

    /**
     * The highest rung last borne calmly, less one for every twelve weeks without.
     *
     * @param list<Exposure> $log oldest first
     *
     * @return array{Rung|null, list<Reason>}
     */
    private static function rung(array $log, \DateTimeImmutable $today): array
    {
        if ([] === $log) {
            return [null, [new Reason('rung', 'none', '', Say::it('handling.never_met_this_tool_here'))]];
        }
        $last = $log[\count($log) - 1];
        $weeks = max(0, (int) floor((int) $last->on->diff($today)->format('%r%a') / 7));
        $lost = intdiv($weeks, self::REGRESS_WEEKS);
        $rung = Rung::at($last->rung->index() - $lost);
        $reasons = [
            new Reason(
                'last_rung',
                $last->rung->words(),
                '',
                \sprintf('%s, %s', $last->on->format('Y-m-d'), $last->calm ? 'calm' : 'afraid'),
            ),
        ];
        if ($lost > 0) {
            $reasons[] = new Reason(
                'regress',
                $lost,
                'rungs',
                Say::it('handling.weeks_without_one_rung_for_every', $weeks, self::REGRESS_WEEKS),
            );
        }

        return [$rung, $reasons];
    }

    /** Whether the owner practises at home: what the dog bears badly and has not yet climbed to the top of. */
    public static function givesHomework(int $tolerance, HandlingAnswer $today): bool
    {
        return $tolerance <= 2 && Rung::Normal !== $today->rung;
    }
}
