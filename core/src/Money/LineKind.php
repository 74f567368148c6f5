<?php

/** What a line of a bill is for, and so whether it is earned, taxed, or only held for somebody. */

declare(strict_types=1);

namespace KeenThistle\Core\Money;

enum LineKind: string
{
    case Work = 'work';
    case Product = 'product';
    case Adjusted = 'adjusted';
    case Late = 'late';
    case Cancelled = 'cancelled';
    case Missed = 'missed';
    case Tip = 'tip';
    case Voucher = 'voucher';
    case Deposit = 'deposit';
    case DepositUsed = 'deposit_used';

    /** A tip is the person's, a voucher and a deposit are the owner's until they are used. */
    public function isEarned(): bool
    {
        return !\in_array($this, [self::Tip, self::Voucher, self::Deposit, self::DepositUsed], true);
    }

    /** Nothing is given for a visit that did not take place: local rules may say otherwise. */
    public function isTaxed(): bool
    {
        return \in_array($this, [self::Work, self::Product, self::Adjusted, self::Late], true);
    }
}
