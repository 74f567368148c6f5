<?php

/** Does one command. Found by name: CloseGroom is done by CloseGroomHandler. */

declare(strict_types=1);

namespace KeenThistle\Command;

use KeenThistle\Salon\LostRace;
use KeenThistle\Staff\Actor;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * Called inside a transaction, perhaps several times after a lost race: it keeps nothing from one call to the next.
 *
 * @template C of Command
 */
#[AutoconfigureTag]
interface Handler
{
    /**
     * @param C $command
     *
     * @throws LostRace when a version moved under the write: the wrapper calls again and the new state is seen
     */
    public function __invoke(Command $command, Actor $actor): Outcome;
}
