<?php

/** Where a dog stands on the ladder of one tool in one place: what its last exposures left, less what was forgotten. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class Ladder
{
    private const REGRESS_WEEKS = 12;
    private const FRESH_WEEKS = 4;

    /**
     * @param Rung|null $reached null: never met, so nothing is known
     * @param bool $afraidLately whether it was afraid the last time, within four weeks
     * @param list<Reason> $reasons
     */
    private function __construct(public ?Rung $reached, public bool $afraidLately, public array $reasons)
    {
    }

    /** @param list<Exposure> $log in any order; of one day the highest rung counts, and fear at it */
    public static function of(array $log, \DateTimeImmutable $today): self
    {
        if ([] === $log) {
            return new self(null, false, [new Reason('rung', 'unknown', '', Say::it('handling.not_known_yet'))]);
        }
        usort(
            $log,
            static fn (Exposure $a, Exposure $b): int => [$a->on, $a->rung->index(), !$a->calm] <=> [
                $b->on,
                $b->rung->index(),
                !$b->calm,
            ],
        );
        $last = $log[\count($log) - 1];
        $weeks = max(0.0, (int) $last->on->diff($today)->format('%r%a') / 7);
        $lost = intdiv((int) floor($weeks), self::REGRESS_WEEKS);
        $reasons = [
            new Reason(
                'last_rung',
                $last->rung->words(),
                '',
                \sprintf('%s, %s', $last->on->format('Y-m-d'), $last->calm ? 'calm' : 'afraid'),
            ),
        ];
        if (!$last->calm) {
            $reasons[] = new Reason('afraid', 1, 'rungs', Say::it('handling.afraid_one_rung_lower'));
        }
        if ($lost > 0) {
            $reasons[] = new Reason(
                'regress',
                $lost,
                'rungs',
                Say::it('handling.weeks_without_one_rung_for_every', (int) floor($weeks), self::REGRESS_WEEKS),
            );
        }

        return new self(
            Rung::at($last->rung->index() - ($last->calm ? 0 : 1) - $lost),
            !$last->calm && $weeks <= self::FRESH_WEEKS,
            $reasons,
        );
    }

    /** Whether the work itself may be begun: the dog has borne first small strokes. */
    public function bearsTheWork(): bool
    {
        return null !== $this->reached
            && !$this->afraidLately
            && $this->reached->index() >= Rung::FirstStrokes->index();
    }

    /** The first rung where nothing is known, the one it fell back to after fear, else one higher. */
    public function next(): Rung
    {
        return match (true) {
            null === $this->reached => Rung::Sees,
            $this->afraidLately => $this->reached,
            default => Rung::at($this->reached->index() + 1),
        };
    }

    /** Rungs from the next one to normal work, both counted; 0 where normal work is what it bears. */
    public function left(): int
    {
        return Rung::Normal === $this->reached && !$this->afraidLately
            ? 0
            : Rung::Normal->index() - $this->next()->index() + 1;
    }
}
