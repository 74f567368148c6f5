<?php

/** How one zone of a house pattern lands on one dog. */

declare(strict_types=1);

namespace KeenThistle\Core\Pattern;

enum Verdict: string
{
    /** the card has it so already */
    case Same = 'same';
    case Fits = 'fits';
    /** fits, made with another tool from this kit */
    case OtherTool = 'other_tool';
    /** the owner hears the weeks first */
    case AgreeFirst = 'agree_first';
    /** the dog's own: an exception, a comfort, a vet's word */
    case Kept = 'kept';
    /** this coat must not be clipped so */
    case MustNot = 'must_not';

    /** Whether it is taken over unless somebody says otherwise. */
    public function isTaken(): bool
    {
        return self::Fits === $this || self::OtherTool === $this;
    }

    /** Whether it may be taken over once the owner has agreed. */
    public function needsConsent(): bool
    {
        return self::AgreeFirst === $this || self::MustNot === $this;
    }
}
