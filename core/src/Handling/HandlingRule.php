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

/** The dog and the person must both be fit for it; confidence never outvotes fear. */
final readonly class HandlingRule
{
    public const NEW_THING_MINUTES = 0.75;
    /** A first look at something nobody knows the dog's mind about. */
    private const FIRST_LOOK_MINUTES = 0.5;
    private const GO = 5;
    private const WITH_SECOND = 7;
    private const SURE = 4;
    /** Rungs that are climbed in a visit, by tolerance: a dog at ease takes the whole ladder at once. */
    private const RUNGS_A_VISIT = [1, 1, 1, 2, 4, 9];

    /**
     * @param list<Exposure> $log in any order
     * @param int|null $tolerance 0 impossible to 5 at ease; null: nobody knows
     * @param int $confidence the groomer's for this task, 1 to 5
     * @param int|null $risk 1 to 5; null: the tool's own
     * @param int $newThings besides a new rung: person, place, a zone never done
     * @param Place|null $place of the dog; null: anywhere on it
     */
    public function today(
        Tool $tool,
        array $log,
        \DateTimeImmutable $today,
        ?int $tolerance,
        int $confidence,
        ?int $risk = null,
        int $newThings = 0,
        bool $secondPerson = true,
        int $visitWeeks = 6,
        ?Place $place = null,
    ): HandlingAnswer {
        $ladder = Ladder::of(
            array_values(
                array_filter(
                    $log,
                    static fn (Exposure $e): bool => null === $place || null === $e->place || $place === $e->place,
                ),
            ),
            $today,
        );
        $risk ??= $tool->risk();
        $demand = null === $tolerance ? null : (5 - $tolerance) * $risk;
        $decision = match (true) {
            0 === $tolerance => Decision::Defer,
            null === $ladder->reached, null === $tolerance => Decision::Unknown,
            !$ladder->bearsTheWork() => Decision::Practise,
            default => $this->decide($tolerance, $risk, $confidence, $secondPerson),
        };
        $next = $ladder->next();
        $climbs = $ladder->left() > 0 && Decision::Defer !== $decision;
        $minutes =
            (Decision::Unknown === $decision ? self::FIRST_LOOK_MINUTES : ($climbs ? self::NEW_THING_MINUTES : 0.0)) +
            self::NEW_THING_MINUTES * $newThings;
        $visits =
            0 === $ladder->left() && Decision::Go === $decision
                ? null
                : max(1, (int) ceil($ladder->left() / self::RUNGS_A_VISIT[$tolerance ?? 3]));

        return new HandlingAnswer(
            tool: $tool,
            place: $place,
            rung: $ladder->reached,
            next: $next,
            minutes: $minutes,
            decision: $decision,
            helps: Decision::SecondPerson === $decision
                || (Decision::Practise === $decision && $secondPerson && ($tolerance ?? 0) >= 3),
            demand: $demand,
            confidence: $confidence,
            visits: $visits,
            // The first of them is today's.
            earliest: null === $visits ? null : $today->add(new \DateInterval('P'.($visits - 1) * $visitWeeks.'W')),
            cautions: self::cautions($decision),
            reasons: [...$ladder->reasons, ...self::reasons($tool, $tolerance, $risk, $demand, $confidence, $minutes)],
        );
    }

    /** What dog and person are fit for, once the ladder is climbed. */
    public function decide(int $tolerance, int $risk, int $confidence, bool $secondPerson): Decision
    {
        $demand = (5 - $tolerance) * $risk;
        $sure = $confidence >= self::SURE;
        $alone = $demand <= self::GO * $confidence;
        $together = $secondPerson && $demand <= self::WITH_SECOND * $confidence;

        return match (true) {
            0 === $tolerance => Decision::Defer,
            1 === $tolerance => $together && $sure ? Decision::SecondPerson : Decision::Substitute,
            2 === $tolerance && !$sure => $together ? Decision::SecondPerson : Decision::Substitute,
            $alone => Decision::Go,
            $together => Decision::SecondPerson,
            default => Decision::Substitute,
        };
    }

    /** @return list<Reason> */
    private static function reasons(
        Tool $tool,
        ?int $tolerance,
        int $risk,
        ?int $demand,
        int $confidence,
        float $minutes,
    ): array {
        $out = [];
        if (null !== $demand && null !== $tolerance) {
            $out[] = new Reason(
                'demand',
                $demand,
                '',
                Say::it('handling.5_tolerance_risk_of_the', $tolerance, $risk, $tool->label()),
            );
        }
        $out[] = new Reason(
            'bears',
            self::GO * $confidence,
            '',
            Say::it('handling.5_confidence_alone_with_a_second', $confidence, self::WITH_SECOND * $confidence),
        );
        if (1 === $tolerance || 2 === $tolerance) {
            $out[] = new Reason(
                'little_tolerance',
                $tolerance,
                '',
                1 === $tolerance
                    ? Say::it('handling.tolerance_1_asks_for_both')
                    : Say::it('handling.tolerance_2_asks_for_one'),
            );
        }
        if ($minutes > 0) {
            $out[] = new Reason('acclimatising', round($minutes, 2), 'min', Say::it('handling.min_to_let_it_settle'));
        }

        return $out;
    }

    /** @return list<Caution> */
    private static function cautions(Decision $decision): array
    {
        return match ($decision) {
            Decision::Defer => [
                new Caution(
                    'never_force',
                    Say::it('handling.impossible_today_never_force_defer_tell'),
                    Caution::DANGER,
                ),
            ],
            Decision::Go => [],
            Decision::Unknown => [new Caution('not_known_yet', Say::it('handling.not_known_is_not_easy'))],
            default => [new Caution('stop_early', Say::it('handling.stop_while_it_is_still_easy'))],
        };
    }

    /** Whether the owner practises at home: what the dog bears badly and has not yet climbed to the top of. */
    public static function givesHomework(int $tolerance, HandlingAnswer $today): bool
    {
        return $tolerance <= 2 && Rung::Normal !== $today->rung;
    }
}
