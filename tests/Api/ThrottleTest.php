<?php

/**
 * Guessing is slowed down by person, network and salon; it grows, is forgotten after a while, and forgiven after
 * success.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Refusal\Kind;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Throttle;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Clock\MockClock;

final class ThrottleTest extends ApiTestCase
{
    private MockClock $clock;
    private Throttle $throttle;

    protected function setUp(): void
    {
        parent::setUp();
        $this->clock = new MockClock('2026-11-25 10:00:00');
        $this->throttle = new Throttle($this->db(), $this->clock);
    }

    /** @return array<string, string> */
    private static function scopes(string $who, string $network): array
    {
        return ['person_here' => "$who from $network", 'person' => $who, 'network' => $network];
    }

    private function guess(string $who, string $network, int $times): void
    {
        for ($i = 0; $i < $times; ++$i) {
            $this->throttle->attempt(self::scopes($who, $network));
        }
    }

    /** @return int|null seconds to wait; null: it may be tried, which counts */
    private function wait(string $who, string $network): ?int
    {
        try {
            $this->throttle->attempt(self::scopes($who, $network));

            return null;
        } catch (Refused $e) {
            self::assertSame(Kind::TooManyTries, $e->kind);

            return $e->againInS ?? 0;
        }
    }

    public function testTheSixthTryOfAPersonFromThereIsRefusedWhateverItIs(): void
    {
        $this->guess('tove', '10.0.0.1', 5);
        self::assertSame(300, $this->wait('tove', '10.0.0.1'));
        self::assertNull($this->wait('tove', '10.0.0.2'), 'nobody can lock somebody else out from another network');
        self::assertNull($this->wait('maren', '10.0.0.1'));
    }

    public function testItGrows(): void
    {
        $this->guess('tove', '10.0.0.1', 5);
        foreach ([300, 600, 1200, 2400, 3600, 3600] as $seconds) {
            self::assertSame($seconds, $this->wait('tove', '10.0.0.1'));
            $this->clock->sleep($seconds);
        }
    }

    public function testItIsForgottenAfterADay(): void
    {
        $this->guess('tove', '10.0.0.1', 5);
        $this->clock->sleep(86_401);
        $this->guess('tove', '10.0.0.1', 5);
        self::assertNotNull($this->wait('tove', '10.0.0.1'));
    }

    public function testSuccessForgives(): void
    {
        $this->guess('tove', '10.0.0.1', 4);
        $this->throttle->succeeded(self::scopes('tove', '10.0.0.1'));
        $this->guess('tove', '10.0.0.1', 5);
        self::assertNotNull($this->wait('tove', '10.0.0.1'));
    }

    public function testAPersonIsGuessedFromEverywhereOnlySoOften(): void
    {
        for ($i = 0; $i < 30; ++$i) {
            self::assertNull($this->wait('tove', "10.0.$i.1"));
        }
        self::assertNotNull($this->wait('tove', '10.1.0.1'));
    }

    public function testManyNamesFromOneNetworkAreRefusedToo(): void
    {
        for ($i = 0; $i < 40; ++$i) {
            self::assertNull($this->wait("name$i", '10.0.0.1'));
        }
        self::assertNotNull($this->wait('another', '10.0.0.1'));
        self::assertNull($this->wait('another', '10.0.0.9'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function networks(): iterable
    {
        yield 'IPv4' => ['192.0.2.7', '192.0.2.7'];
        yield 'IPv6' => ['2001:db8:1:2:3:4:5:6', '2001:db8:1:2::/64'];
        yield 'another of the same' => ['2001:db8:1:2:ffff::1', '2001:db8:1:2::/64'];
        yield 'IPv4 in IPv6' => ['::ffff:192.0.2.7', '192.0.2.7'];
        yield 'nothing of the kind' => ['unknown', 'unknown'];
    }

    #[DataProvider('networks')]
    public function testANetworkIsWhatOneCustomerHas(string $address, string $network): void
    {
        self::assertSame($network, Throttle::network($address));
    }
}
