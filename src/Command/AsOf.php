<?php

/** The salon's clock, which a command that comes late sees as it was when the thing was done. */

declare(strict_types=1);

namespace KeenThistle\Command;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\AsDecorator;

#[AsDecorator('clock')]
final class AsOf implements ClockInterface
{
    private int $shift = 0;

    public function __construct(private ClockInterface $inner)
    {
    }

    public function now(): \DateTimeImmutable
    {
        $now = $this->inner->now();

        return 0 === $this->shift ? $now : $now->modify(\sprintf('%+d seconds', $this->shift));
    }

    public function sleep(float|int $seconds): void
    {
        $this->inner->sleep($seconds);
    }

    public function withTimeZone(\DateTimeZone|string $timezone): static
    {
        $other = clone $this;
        $other->inner = $this->inner->withTimeZone($timezone);

        return $other;
    }

    /**
     * @template T
     *
     * @param int $seconds by which now is moved; back: negative
     * @param \Closure(): T $do
     *
     * @return T
     */
    public function shifted(int $seconds, \Closure $do): mixed
    {
        $before = $this->shift;
        $this->shift += $seconds;
        try {
            return $do();
        } finally {
            $this->shift = $before;
        }
    }
}
