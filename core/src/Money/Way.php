<?php

/** How money comes in or goes back. */

declare(strict_types=1);

namespace KeenThistle\Core\Money;

enum Way: string
{
    case Cash = 'cash';
    case Card = 'card';
    case Transfer = 'transfer';
    case Voucher = 'voucher';
}
