<?php

/** The floor: where each dog is and until when, what is late and what to move, who waits, who fetched it. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Floor\Http\UnchangedLook;
use KeenThistle\Floor\Today;
use KeenThistle\Staff\Security\SignedInSession;
use KeenThistle\Tests\QueryCounter;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

final class FloorTest extends ApiTestCase
{
    private string $etag = '';

    private string $day;

    protected function setUp(): void
    {
        parent::setUp();
        // A working day of its own, far from what the demo salon has booked.
        $this->day = (new \DateTimeImmutable('first wednesday of july next year'))->format('Y-m-d');
        self::at('09:00');
        $this->signIn('tove');
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        Clock::set(new NativeClock());
    }

    private function at(string $time): void
    {
        Clock::set(new MockClock("{$this->day}T$time:00Z", 'UTC'));
    }

    private function book(string $dog, string $time, string $kind = 'full', ?string $who = 'tove'): void
    {
        $staff = null === $who ? null : (string) \Symfony\Component\Uid\Uuid::fromBinary(
            self::text($this->db()->fetchOne('SELECT id FROM staff WHERE login = ?', [$who])),
        );
        $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId($dog).'/bookings',
            ['day' => $this->day, 'time' => $time, 'kind' => $kind, 'staff' => $staff],
            201,
        );
    }

    /** @return array<string, mixed> */
    private function floor(): array
    {
        return $this->ask('GET', '/api/floor', expect: 200);
    }

    /** @return array<string, mixed> */
    private function dogOf(string $name): array
    {
        return self::find(self::rows($this->floor()['dogs']), 'name', $name);
    }

    private function says(string $groom, string $part, string $device = 'tablet-1'): void
    {
        $now = Clock::get()->now()->format('Y-m-d\TH:i:s.000\Z');
        $this->ask('POST', "/api/grooms/$groom/taps", [
            'sent_at' => $now,
            'device' => $device,
            'taps' => [['id' => bin2hex(random_bytes(8)), 'at' => $now, 'kind' => 'phase', 'state' => $part]],
        ], 200);
    }

    public function testOneDogFromTheDoorToItsOwner(): void
    {
        $this->book('Cobnut', '09:30');
        $expected = $this->dogOf('Cobnut');
        self::assertSame(['expected', '09:30', 0], [$expected['stage'], $expected['booked'], $expected['late']]);
        self::assertSame('prepare', $expected['next']);
        self::assertNotNull($expected['ready']);
        self::at('09:25');
        $arrival = self::text(
            $this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/arrivals', expect: 200)['id'],
        );
        self::at('09:35');
        $here = $this->dogOf('Cobnut');
        self::assertSame(['here', 10], [$here['stage'], $here['waits']]);
        $groom = $this->groomOf('Cobnut');
        self::assertSame(['table', 'prepare'], [$this->dogOf('Cobnut')['stage'], $this->dogOf('Cobnut')['part']]);
        // One tap for where it is; the same tap on another device changes nothing.
        self::at('09:50');
        $this->says($groom, 'bath');
        self::at('09:52');
        $this->says($groom, 'bath', 'tablet-2');
        $bath = $this->dogOf('Cobnut');
        self::assertSame(['bath', $this->day.'T09:50:00Z'], [$bath['part'], $bath['since']]);
        self::assertSame('dry', $bath['next']);
        $tove = self::find(self::rows($this->floor()['people']), 'name', 'Tove Lindgarth');
        self::assertSame(['Cobnut', 'bath'], [$tove['dog'], $tove['part']]);
        // A step that is tapped at the table moves it here as well.
        self::at('11:00');
        $this->says($groom, 'ready');
        self::assertSame('ready', $this->dogOf('Cobnut')['stage']);
        $this->ask('PUT', "/api/arrivals/$arrival/collected", ['with' => 'Nell'], 409);
        $this->ask('POST', "/api/grooms/$groom/close", [], 200);
        $ready = $this->dogOf('Cobnut');
        self::assertSame(['ready', null], [$ready['stage'], $ready['part']]);
        // A stranger takes the owner's word; whoever is on the list does not.
        $refused = self::errors($this->ask('PUT', "/api/arrivals/$arrival/collected", ['with' => 'Nell'], 422));
        self::assertStringContainsString('not on the list', $refused['owner_said']);
        $this->ask('PUT', "/api/arrivals/$arrival/collected", ['with' => ' ', 'owner_said' => 'yes'], 422);
        $by = ['with' => 'Nell', 'owner_said' => 'my sister, yes'];
        $floor = $this->ask('PUT', "/api/arrivals/$arrival/collected", $by, 200);
        $gone = self::find(self::rows($floor['dogs']), 'name', 'Cobnut');
        self::assertSame(['gone', 'Nell'], [$gone['stage'], self::map($gone['left_with'])['with']]);
        $this->ask('PUT', "/api/arrivals/$arrival/collected", $by, 409);
        $this->ask('DELETE', "/api/arrivals/$arrival/collected", [], 200);
        self::assertSame('ready', $this->dogOf('Cobnut')['stage']);
        $collector = self::rows($ready['collectors'])[0]['name'] ?? null;
        self::assertNotNull($collector, 'the demo dog has somebody on its list');
        $this->ask('PUT', "/api/arrivals/$arrival/collected", ['with' => $collector], 200);
        $log = $this->db()->fetchFirstColumn(
            "SELECT summary FROM change_log WHERE summary LIKE 'went home%' OR summary LIKE 'is still%' ORDER BY id",
        );
        self::assertSame('went home with Nell; the owner said: my sister, yes', $log[0]);
        self::assertSame('is still here: taken back', $log[1]);
    }

    public function testWhoIsFetchedLateIsTimedByTheHouseTerms(): void
    {
        $this->db()->executeStatement('UPDATE price_list SET terms = ?', [json_encode([
            'cancel_hours' => 0,
            'cancel_percent' => 0,
            'no_show_percent' => 0,
            'late_free' => 15,
            'late_quarter_minor' => 500,
        ])]);
        $this->book('Burr', '09:00', 'nails');
        $this->ask('POST', '/api/dogs/'.$this->dogId('Burr').'/arrivals', expect: 200);
        $groom = $this->groomOf('Burr');
        $this->ask('POST', "/api/grooms/$groom/close", [], 200);
        $promised = self::text($this->dogOf('Burr')['promised']);
        self::at($promised);
        self::assertSame([0, 0], array_values(array_intersect_key(
            $this->dogOf('Burr'),
            ['fetched_late' => 1, 'late_fee_minor' => 1],
        )));
        self::at(date('H:i', (int) strtotime("$promised +40 minutes")));
        $late = $this->dogOf('Burr');
        self::assertSame([40, 1000], [$late['fetched_late'], $late['late_fee_minor']]);
    }

    public function testADelayIsSaidAndWhatToMoveForIt(): void
    {
        $this->book('Cobnut', '09:00');
        $this->book('Wick', '11:00');
        self::assertSame([], self::rows($this->floor()['moves']));
        self::assertSame(0, $this->floor()['late']);
        $this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/arrivals', expect: 200);
        $groom = $this->groomOf('Cobnut');
        // Two hours later it is still being prepared.
        self::at('11:10');
        $this->says($groom, 'prepare');
        $floor = $this->floor();
        $first = self::rows($floor['dogs'])[0];
        self::assertSame('Cobnut', $first['name'], 'what is late comes first');
        self::assertGreaterThan(0, $first['late']);
        self::assertGreaterThan(0, $floor['late']);
        self::assertNotSame([], self::rows($floor['moves']));
        self::assertContains('Cobnut', array_column(self::rows($floor['moves']), 'name'));
    }

    public function testTwoDogsAreNotInOneTub(): void
    {
        $this->book('Cobnut', '09:00');
        $this->book('Wick', '09:15');
        foreach (['Cobnut', 'Wick'] as $dog) {
            $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/arrivals', expect: 200);
            $this->says($this->groomOf($dog), 'bath');
        }
        $crowded = self::texts($this->floor()['crowded']);
        self::assertSame(['Mill room: Cobnut and Wick for 1 tub'], $crowded);
    }

    public function testWhoComesWithoutADateIsToldItsWait(): void
    {
        $burr = '/api/dogs/'.$this->dogId('Burr').'/walk-in';
        $free = $this->ask('GET', "$burr?kind=nails", expect: 200);
        self::assertSame(['09:00', []], [$free['time'], $free['late']]);
        self::assertNotNull($free['begins']);
        self::assertLessThanOrEqual(1, $free['wait']);
        foreach (['tove', 'maren'] as $i => $who) {
            $this->book(['Cobnut', 'Wick'][$i], '09:00', 'full', $who);
        }
        $busy = $this->ask('GET', "$burr?kind=nails", expect: 200);
        self::assertSame([], $busy['late'], 'no promise goes past for it');
        $this->ask('GET', "$burr?kind=spa", expect: 422);
        self::at('23:30');
        self::assertNull($this->ask('GET', "$burr?kind=full", expect: 200)['begins']);
        $this->db()->executeStatement("UPDATE dog SET kg = NULL WHERE name = 'Burr'");
        $this->fresh();
        self::assertNull($this->ask('GET', "$burr?kind=nails", expect: 200)['minutes']);
    }

    /** What is kept between requests is kept here too. */
    private function withMemory(): void
    {
        self::ensureKernelShutdown();
        parent::setUp();
        $all = self::getContainer();
        [$today, $session] = [$all->get(Today::class), $all->get(SignedInSession::class)];
        \assert($today instanceof Today && $session instanceof SignedInSession);
        $all->set(UnchangedLook::class, new UnchangedLook(
            $today,
            $session,
            new ArrayAdapter(),
            Clock::get(),
        ));
        $this->signIn('tove');
    }

    public function testWhoIsSignedInNoLongerIsNotToldThatNothingHasChanged(): void
    {
        $this->withMemory();
        $look = function (int $expect): void {
            $this->ask('GET', '/api/floor', expect: $expect, headers: ['If-None-Match' => $this->etag]);
        };
        $this->floor();
        $this->etag = (string) $this->client->getResponse()->headers->get('ETag');
        $look(304);
        $own = "UPDATE staff SET %s WHERE login = 'tove'";
        foreach (
            [
                [\sprintf($own, "role = 'bather'"), \sprintf($own, "role = 'groomer'")],
                [\sprintf($own, 'active = 0'), \sprintf($own, 'active = 1')],
                ["UPDATE sign_in SET ended_at = '2026-01-01'", 'UPDATE sign_in SET ended_at = NULL'],
            ] as [$change, $back]
        ) {
            $this->db()->executeStatement($change);
            $look(401);
            $this->db()->executeStatement($back);
            $this->signIn('tove');
            $this->floor();
            $this->etag = (string) $this->client->getResponse()->headers->get('ETag');
            $look(304);
        }
        // Another person at the same device, with what the first has seen.
        $this->signIn('junia');
        $look(200);
        $this->client->getCookieJar()->clear();
        $look(401);
    }

    public function testAnUnchangedFloorIsNotSentAgain(): void
    {
        $this->withMemory();
        $this->floor();
        $etag = (string) $this->client->getResponse()->headers->get('ETag');
        $this->ask('GET', '/api/floor', expect: 304, headers: ['If-None-Match' => $etag]);
        $unchanged = QueryCounter::readsAndWrites(fn () => $this->ask(
            'GET',
            '/api/floor',
            expect: 304,
            headers: ['If-None-Match' => $etag],
        ));
        self::assertSame([1, 0], $unchanged, 'what has changed, and whether they are signed in still');
        $this->book('Cobnut', '09:30');
        $this->ask('GET', '/api/floor', expect: 200, headers: ['If-None-Match' => $etag]);
        $etag = (string) $this->client->getResponse()->headers->get('ETag');
        $groom = $this->groomOf('Cobnut');
        $this->ask('GET', '/api/floor', expect: 200, headers: ['If-None-Match' => $etag]);
        $etag = (string) $this->client->getResponse()->headers->get('ETag');
        $this->says($groom, 'bath');
        $this->ask('GET', '/api/floor', expect: 200, headers: ['If-None-Match' => $etag]);
        self::at('09:01');
        $this->ask('GET', '/api/floor', expect: 200, headers: ['If-None-Match' => $etag]);
    }

    public function testWhoIsAloneInTheVanAndNotHeardOfIsCalled(): void
    {
        $this->book('Cobnut', '09:00');
        $places = array_column(self::rows($this->ask('GET', '/api/session', expect: 200)['places']), 'id', 'name');
        $dog = $this->dogId('Cobnut');
        $groom = $this->ask('POST', "/api/dogs/$dog/grooms", ['place' => self::text($places['Van'])], 200);
        self::assertSame([], $this->floor()['unheard']);
        Clock::get()->sleep((int) (60 * (self::number($groom['estimate_minutes']) + 32)));
        $this->fresh();
        $said = $this->floor()['unheard'];
        self::assertIsArray($said);
        self::assertCount(1, $said);
        self::assertStringContainsString('Cobnut', self::text($said[0]));
        // A tap is a sign; what rests is not left alone.
        $this->ask('POST', '/api/grooms/'.self::text($groom['id']).'/taps', [
            'sent_at' => Clock::get()->now()->format('Y-m-d\TH:i:s.000\Z'),
            'device' => 'phone-1',
            'taps' => [[
                'id' => bin2hex(random_bytes(8)),
                'at' => Clock::get()->now()->format('Y-m-d\TH:i:s.000\Z'),
                'saw' => 0,
                'kind' => 'pause',
            ]],
        ], 200);
        $this->fresh();
        self::assertSame([], $this->floor()['unheard']);
        $cautions = self::rows($this->ask('GET', '/api/grooms/'.self::text($groom['id']), expect: 200)['cautions']);
        self::assertContains('van_alone', array_column($cautions, 'code'));
    }

    public function testMoreDogsTakeNoMoreQueries(): void
    {
        $look = fn (): mixed => $this->floor();
        $open = function (string $dog, string $time): void {
            $this->book($dog, $time);
            $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/arrivals', expect: 200);
            $this->says($this->groomOf($dog), 'bath');
            $this->fresh();
        };
        $open('Cobnut', '09:00');
        $one = QueryCounter::during($look);
        $open('Wick', '09:15');
        $open('Marl', '09:30');
        $this->book('Gantry', '11:00');
        $this->fresh();
        self::assertLessThanOrEqual($one + 1, QueryCounter::during($look));
    }

    public function testAnotherSalonSeesNothingOfIt(): void
    {
        $this->book('Cobnut', '09:30');
        $this->signIn('sunniva');
        self::assertNotContains('Cobnut', array_column(self::rows($this->floor()['dogs']), 'name'));
    }
}
