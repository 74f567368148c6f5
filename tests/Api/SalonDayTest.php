<?php

/** A day is the salon's own, not the server's: arrival, visit, diary and card at half past eleven in the evening. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

final class SalonDayTest extends ApiTestCase
{
    protected function tearDown(): void
    {
        parent::tearDown();
        Clock::set(new NativeClock());
    }

    private function at(string $instant, string $zone): void
    {
        Clock::set(new MockClock($instant, 'UTC'));
        $this->db()->executeStatement('UPDATE salon SET time_zone = ?', [$zone]);
        $this->signIn('tove');
    }

    public function testHalfPastElevenInTheEveningIsStillToday(): void
    {
        $year = (int) date('Y') + 1;
        self::at("$year-07-10T03:30:00Z", 'Atlantic/Bermuda');
        $dog = $this->dogId('Cobnut');
        $arrival = $this->ask('POST', "/api/dogs/$dog/arrivals", expect: 200);
        self::assertSame("$year-07-10", $arrival['day']);
        self::at("$year-07-11T02:30:00Z", 'Atlantic/Bermuda');
        self::assertSame($arrival['id'], $this->ask('POST', "/api/dogs/$dog/arrivals", expect: 200)['id']);
        self::assertSame("$year-07-10", $this->card('Cobnut')['today']);
        $this->ask('POST', "/api/dogs/$dog/bookings", ['day' => "$year-07-10"], 201);
        $this->ask('POST', '/api/grooms/'.$this->groomOf('Cobnut').'/close', [], 200);
        $visits = self::rows($this->card('Cobnut')['visits']);
        self::assertContains("$year-07-10", array_column($visits, 'day'));
        self::at("$year-07-11T03:00:00Z", 'Atlantic/Bermuda');
        self::assertSame("$year-07-11", $this->ask('POST', "/api/dogs/$dog/arrivals", expect: 200)['day']);
    }

    public function testTheManagerSaysWhoseDayItIs(): void
    {
        $this->signIn('maren');
        $house = $this->ask('GET', '/api/house', expect: 200);
        self::assertSame('UTC', $house['time_zone']);
        $version = ['If-Match' => '"'.(int) self::number($house['version']).'"'];
        $body = ['mat_limit' => 12];
        $wrong = $this->ask('PUT', '/api/house', $body + ['time_zone' => 'Mars/Olympus'], 422, $version);
        self::assertSame(['time_zone'], array_keys(self::errors($wrong)));
        $booked = $this->ask('PUT', '/api/house', $body + ['time_zone' => 'Pacific/Chatham'], 422, $version);
        self::assertStringContainsString('keep their hour on the wall', self::errors($booked)['time_zone'] ?? '');
        $meant = ['time_zone' => 'Pacific/Chatham', 'zone_meant' => true];
        $saved = $this->ask('PUT', '/api/house', $body + $meant, 200, $version);
        self::assertSame('Pacific/Chatham', $saved['time_zone']);
        $again = ['If-Match' => '"'.(int) self::number($saved['version']).'"'];
        self::assertSame('Pacific/Chatham', $this->ask('PUT', '/api/house', $body, 200, $again)['time_zone']);
    }
}
