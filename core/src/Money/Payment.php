<?php

/** Money that came in one way; below 0: that went back. */

declare(strict_types=1);

namespace KeenThistle\Core\Money;

final readonly class Payment
{
    /**
     * @param int $minor as it was handed over: of cash perhaps more than was asked for
     * @param string $voucher its number, where it is one
     */
    public function __construct(public Way $way, public int $minor, public string $voucher = '')
    {
    }

    /** @return array{way: string, minor: int, voucher: string} */
    public function toArray(): array
    {
        return ['way' => $this->way->value, 'minor' => $this->minor, 'voucher' => $this->voucher];
    }

    /** @param array{way: string, minor: int, voucher: string} $payment */
    public static function fromArray(array $payment): self
    {
        return new self(Way::from($payment['way']), $payment['minor'], $payment['voucher']);
    }
}
