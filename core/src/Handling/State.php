<?php

/** Whether a dog still comes, and what stops where it does not. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;

enum State: string
{
    case Coming = 'active';
    /** For a while: ill, away, the owner will ring. */
    case Paused = 'paused';
    case Moved = 'moved';
    case PassedAway = 'passed_away';
    /** Another record is this dog: nothing is done with this one. No form says so. */
    case Merged = 'merged';

    /** Whether it may be taken in and put on a table. */
    public function comes(): bool
    {
        return self::Coming === $this || self::Paused === $this;
    }

    /** Whether dates are held for it. */
    public function isBooked(): bool
    {
        return self::Coming === $this;
    }

    /** Whether its owner gets any message about it. */
    public function isWrittenTo(): bool
    {
        return $this->comes();
    }

    /** @return list<string> what stops, in the words of a screen; empty: nothing does */
    public function stops(): array
    {
        return match ($this) {
            self::Coming => [],
            self::Paused => [Say::it('state.no_dates_are_held'), Say::it('state.paused_may_still_come')],
            self::Moved => [
                Say::it('state.no_dates_are_held'),
                Say::it('state.it_is_not_taken_in'),
                Say::it('state.no_message_goes_out'),
                Say::it('state.its_history_stays'),
            ],
            self::Merged => [Say::it('state.no_dates_are_held'), Say::it('state.it_is_not_taken_in')],
            self::PassedAway => [
                Say::it('state.no_dates_are_held'),
                Say::it('state.it_is_not_taken_in'),
                Say::it('state.no_message_ever_again'),
                Say::it('state.its_history_stays'),
            ],
        };
    }

    public function caution(): ?Caution
    {
        return match ($this) {
            self::Coming => null,
            self::Paused => new Caution('paused', Say::it('state.this_dog_is_paused'), Caution::CAUTION),
            self::Moved => new Caution('gone', Say::it('handling.this_dog_has_moved_away'), Caution::DANGER),
            self::Merged => new Caution('gone', Say::it('state.another_record_is_this_dog'), Caution::DANGER),
            self::PassedAway => new Caution(
                'gone',
                Say::it('handling.this_dog_has_passed_away_no'),
                Caution::DANGER,
            ),
        };
    }
}
