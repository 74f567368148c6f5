<?php

/** Guessing is slowed down by person and by address, forgotten after a while, and forgiven after success. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use KeenThistle\Http\Problem;
use KeenThistle\Staff\Throttle;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Lock\Store\InMemoryStore;

final class ThrottleTest extends TestCase
{
    private MockClock $clock;
    private Throttle $throttle;

    protected function setUp(): void
    {
        $this->clock = new MockClock('2026-11-25 10:00:00');
        $this->throttle = new Throttle(new ArrayAdapter(clock: $this->clock), new LockFactory(new InMemoryStore()), $this->clock);
    }

    private function guess(string $who, string $address, int $times): void
    {
        for ($i = 0; $i < $times; ++$i) {
            $this->throttle->check($who, $address);
            $this->throttle->failed($who, $address);
        }
    }

    private function blocked(string $who, string $address): bool
    {
        try {
            $this->throttle->check($who, $address);

            return false;
        } catch (Problem $e) {
            self::assertSame(429, $e->status);
            self::assertArrayHasKey('Retry-After', $e->headers);

            return true;
        }
    }

    public function testFiveFailuresBlockThatPersonFromThatAddress(): void
    {
        $this->guess('tove', '10.0.0.1', 4);
        self::assertFalse($this->blocked('tove', '10.0.0.1'));
        $this->guess('tove', '10.0.0.1', 1);
        self::assertTrue($this->blocked('tove', '10.0.0.1'));
        self::assertFalse($this->blocked('tove', '10.0.0.2'), 'nobody can lock somebody else out from another address');
        self::assertFalse($this->blocked('maren', '10.0.0.1'));
    }

    public function testItPassesWithTime(): void
    {
        $this->guess('tove', '10.0.0.1', 5);
        $this->clock->sleep(299);
        self::assertTrue($this->blocked('tove', '10.0.0.1'));
        $this->clock->sleep(2);
        self::assertFalse($this->blocked('tove', '10.0.0.1'));
    }

    public function testSuccessForgives(): void
    {
        $this->guess('tove', '10.0.0.1', 4);
        $this->throttle->succeeded('tove', '10.0.0.1');
        $this->guess('tove', '10.0.0.1', 4);
        self::assertFalse($this->blocked('tove', '10.0.0.1'));
    }

    public function testManyNamesFromOneAddressAreBlockedToo(): void
    {
        for ($i = 0; $i < 40; ++$i) {
            $this->throttle->failed("name$i", '10.0.0.1');
        }
        self::assertTrue($this->blocked('another', '10.0.0.1'));
        self::assertFalse($this->blocked('another', '10.0.0.9'));
    }
}
