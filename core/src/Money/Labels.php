<?php

/** How the lines of a bill are called, as owners read them. */

declare(strict_types=1);

namespace KeenThistle\Core\Money;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\Service;

final readonly class Labels
{
    private function __construct()
    {
    }

    public static function work(Service $kind): string
    {
        return match ($kind) {
            Service::Full => Say::it('money.full_groom'),
            Service::Bath => Say::it('money.bath'),
            Service::Tidy => Say::it('money.tidy'),
            Service::Nails => Say::it('money.nails'),
        };
    }

    /** @param string $about a day, or the number of a voucher */
    public static function of(LineKind $kind, string $about = ''): string
    {
        return match ($kind) {
            LineKind::Late => Say::it('money.collected_late'),
            LineKind::Missed => Say::it('money.did_not_come', $about),
            LineKind::Cancelled => Say::it('money.cancelled_late', $about),
            LineKind::Tip => Say::it('money.tip'),
            LineKind::Voucher => Say::it('money.voucher', $about),
            LineKind::Deposit => Say::it('money.deposit_for', $about),
            LineKind::DepositUsed => Say::it('money.deposit_used'),
            default => $about,
        };
    }

    /** @param string $link at which the receipt is read */
    public static function receiptMessage(string $salon, string $link): string
    {
        return Say::it('money.your_receipt', $salon, $link);
    }
}
