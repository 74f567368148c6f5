<?php

/** What a dog and a person are fit for today, of one tool in one place. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

enum Decision: string
{
    case Go = 'go';
    case SecondPerson = 'second_person';
    case Practise = 'practise';
    case Unknown = 'unknown';
    case Substitute = 'substitute';
    case Defer = 'defer';

    /** Whether the work itself is done with something else, or not at all. */
    public function isInstead(): bool
    {
        return \in_array($this, [self::Practise, self::Substitute, self::Defer], true);
    }

    /** Whether somebody can be given the work. */
    public function fits(): bool
    {
        return self::Go === $this || self::SecondPerson === $this;
    }
}
