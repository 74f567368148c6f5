<?php

/** Taps for the tests of the board. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\TestTrait;
use KeenThistle\Core\Table\Tap;
use PHPUnit\Framework\TestCase;

abstract class BoardCase extends TestCase
{
    use TestTrait;

    protected int $seq = 0;

    /** @param array<string, mixed> $data */
    protected function tap(int $minute, string $kind, array $data, string $device = 'wall'): Tap
    {
        ++$this->seq;

        return new Tap("tap-$this->seq", $this->seq, 'Tove', $device, self::at($minute), $kind, $data);
    }

    protected static function at(int $minute): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('2026-03-02T09:00:00Z'))->modify("+$minute minutes");
    }
}
