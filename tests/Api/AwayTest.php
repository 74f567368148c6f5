<?php

/** A day without a signal, as the salon hears of it: what was prepared, done late, signed as it was shown. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

final class AwayTest extends ApiTestCase
{
    private const SIGNATURE = 'M10 10L50 60L90 20';
    private const COUNTS = 'SELECT (SELECT COUNT(*) FROM arrival) arrivals, (SELECT COUNT(*) FROM groom) grooms,
        (SELECT COUNT(*) FROM change_log) changes, (SELECT SUM(card_version) FROM dog) versions';

    protected function tearDown(): void
    {
        Clock::set(new NativeClock());
        parent::tearDown();
    }

    public function testOnesOwnWeekAndAKeyOfOnesOwn(): void
    {
        $this->signIn('idris');
        $mine = $this->ask('GET', '/api/away', expect: 200);
        self::assertSame(32, \strlen((string) base64_decode(self::text($mine['key']), true)));
        self::assertSame($mine['key'], $this->ask('GET', '/api/away', expect: 200)['key']);
        $today = self::text($mine['today']);
        // Whichever two: one in a week, one past it.
        $two = $this->db()->fetchFirstColumn('SELECT id FROM booking ORDER BY id LIMIT 2');
        self::assertCount(2, $two);
        foreach ([2, 9] as $i => $days) {
            $this->db()->executeStatement(
                "UPDATE booking SET staff_id = (SELECT id FROM staff WHERE login = 'idris'), state = 'booked', day = ?,
                time = '13:35' WHERE id = ?",
                [date('Y-m-d', (int) strtotime("$today +$days days")), $two[$i > 0 ? 1 : 0]],
            );
        }
        $dogs = self::rows($this->ask('GET', '/api/away', expect: 200)['dogs']);
        $mine35 = array_values(array_filter($dogs, static fn (array $d): bool => '13:35' === $d['time']));
        self::assertSame([date('Y-m-d', (int) strtotime("$today +2 days"))], array_column($mine35, 'on'));
        $this->signIn('tove');
        self::assertNotSame($mine['key'], $this->ask('GET', '/api/away', expect: 200)['key']);
    }

    public function testADayIsPreparedAndNothingOfItIsKept(): void
    {
        $this->signIn('tove');
        $before = $this->db()->fetchAssociative(self::COUNTS);
        $away = $this->away('Tansy');
        self::assertSame($before, $this->db()->fetchAssociative(self::COUNTS));
        self::assertFalse($away['arrived']);
        self::assertFalse($away['begun']);
        $arrival = self::map($away['arrival']);
        $this->ask('GET', '/api/arrivals/'.self::text($arrival['id']), expect: 404);
        // Another day of the week as well, and none that is over or too far.
        $next = date('Y-m-d', (int) strtotime(self::text($arrival['day']).' +1 day'));
        self::assertSame($next, self::map($this->away('Tansy', $next)['arrival'])['day']);
        $this->ask('GET', $this->path('Tansy').'?on=2020-01-01', expect: 422);
        $this->ask('GET', $this->path('Tansy').'?on='.date('Y-m-d', (int) strtotime("$next +7 days")), expect: 422);
        self::assertSame($before, $this->db()->fetchAssociative(self::COUNTS));
    }

    public function testADayThatHasBegunIsReadAsItStands(): void
    {
        $this->signIn('tove');
        $id = $this->arrive($this->away('Tansy'));
        $there = $this->away('Tansy');
        $tag = (string) $this->client->getResponse()->headers->get('ETag');
        self::assertTrue($there['arrived']);
        $this->ask('GET', $this->path('Tansy'), expect: 304, headers: ['If-None-Match' => $tag]);
        $this->comb($id, [['zone' => 'back', 'severity' => 1]], 1);
        $this->ask('GET', $this->path('Tansy'), expect: 200, headers: ['If-None-Match' => $tag]);
        $found = self::rows(self::map(self::map($this->away('Tansy')['arrival'])['comb'])['zones']);
        self::assertSame(['back'], array_column($found, 'zone'));
    }

    public function testTheTablesSayWhatTheSalonSays(): void
    {
        $this->signIn('tove');
        $away = $this->away('Tansy');
        $texts = array_values(array_filter((array) $away['texts'], \is_string(...)));
        $id = $this->arrive($away);
        $version = 1;
        foreach ([['loin', 2, true, 0.5], ['armpit_left', 3, false, 1.0], ['back', 4, false, 0.25]] as $given) {
            [$zone, $severity, $clearance, $spread] = $given;
            $comb = $this->comb($id, [
                ['zone' => $zone, 'severity' => $severity, 'clearance' => $clearance, 'spread' => $spread],
            ], $version);
            $there = self::rows($comb['zones'])[0];
            $looked = self::found($away, $zone, $severity, $clearance, $spread);
            foreach (['decision', 'blade', 'leaves_mm', 'minutes', 'worked_out_minutes', 'fill_back_on'] as $figure) {
                self::assertSame($there[$figure], $looked[$figure], "$zone: $figure");
            }
            self::assertSame($there['words'], $texts[(int) self::number($looked['words'])]);
            self::assertSame($there['owner_words'], $texts[(int) self::number($looked['owner_words'])]);
            $version = (int) self::number($comb['version']);
        }
        // Where nobody said how much of the zone, nor whether a comb passes.
        foreach ([['rump', 1], ['rump', 3], ['chest', 4], ['chest', 0]] as [$zone, $severity]) {
            $comb = $this->comb($id, [['zone' => $zone, 'severity' => $severity]], $version);
            $there = self::rows($comb['zones'])[0];
            $taken = array_values(array_filter(
                self::rows($away['found']),
                static fn (array $f): bool => [$zone, $severity, true] === [$f['zone'], $f['severity'], $f['taken']],
            ));
            self::assertCount(1, $taken, "$zone $severity");
            self::assertSame(
                [$there['decision'], $there['blade'], $there['minutes']],
                [$taken[0]['decision'], $taken[0]['blade'], $taken[0]['minutes']],
            );
            $version = (int) self::number($comb['version']);
        }
        // Without anything found, the day costs what it costs with no minute on mats.
        $comb = $this->comb($id, [], $version);
        $option = self::rows($comb['options'])[0];
        $none = self::rows($away['minutes'])[0];
        self::assertSame(
            [$option['minutes_50'], $option['slot_minutes'], $option['price_minor']],
            [$none['minutes_50'], $none['slot_minutes'], $none['price_minor']],
        );
    }

    public function testWhatComesLateIsDoneWhenItWasDone(): void
    {
        Clock::set(new MockClock(date('Y-m-d', strtotime('tomorrow')).' 11:00:00'));
        $this->signIn('tove');
        $away = $this->away('Tansy');
        Clock::get()->sleep(6 * 3600);
        $this->signIn('tove');
        $id = $this->arrive($away, 5 * 3600);
        self::assertSame(self::map($away['arrival'])['id'], $id);
        $day = self::map($away['arrival'])['day'];
        $came = $this->db()->fetchOne('SELECT came_at FROM arrival WHERE day = ?', [$day]);
        self::assertSame(Clock::get()->now()->modify('-5 hours')->format('Y-m-d H:i:s'), $came);
        $groom = $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Tansy').'/grooms',
            ['id' => self::map($away['groom'])['id']],
            200,
            ['Done-Ago' => (string) (4 * 3600)],
        );
        self::assertSame(self::map($away['groom'])['id'], $groom['id']);
        self::assertSame(
            Clock::get()->now()->modify('-4 hours')->format('Y-m-d\TH:i:s\Z'),
            $groom['opened_at'],
        );
        // Where one was opened meanwhile, it is that one which goes on.
        self::assertSame($id, $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Tansy').'/arrivals?id=01a1b2c3-0000-7000-8000-000000000001',
            [],
            200,
        )['id']);
        $path = '/api/dogs/'.$this->dogId('Cobnut').'/arrivals';
        $this->ask('POST', "$path?id=not-an-id", [], 422);
        $this->ask('POST', $path, [], 400, ['Done-Ago' => 'yesterday']);
        $this->ask('POST', $path, [], 400, ['Done-Ago' => '-5']);
    }

    /** Two devices of one person, both without a signal: each begins and closes what it believes is the one. */
    public function testAGroomFinishedOnTwoDevicesIsOneVisit(): void
    {
        Clock::set(new MockClock(date('Y-m-d', strtotime('tomorrow')).' 14:00:00'));
        $this->signIn('tove');
        $dog = $this->dogId('Tansy');
        $phone = $this->away('Tansy');
        $tablet = $this->away('Tansy');
        $this->arrive($phone, 4 * 3600);
        $one = $this->table($phone, 3 * 3600);
        $close = ['kind' => null, 'note' => '', 'next' => [], 'message' => null];
        $this->ask('POST', "/api/grooms/$one/close", $close, 200, ['Done-Ago' => '3600']);
        // It stood at no other table at half past eleven: the tablet meant the same groom.
        self::assertSame($one, $this->table($tablet, 2 * 3600 + 1800));
        $late = Clock::get()->now()->modify('-2 hours')->format('Y-m-d\TH:i:s.000\Z');
        $note = ['id' => bin2hex(random_bytes(8)), 'at' => $late, 'saw' => 0, 'kind' => 'note', 'text' => 'shy'];
        $batch = [
            'device' => 'tablet-1',
            'sent_at' => Clock::get()->now()->format('Y-m-d\TH:i:s.000\Z'),
            'taps' => [$note],
        ];
        // Also where the answer never came, and it is sent once more.
        foreach ([1, 2] as $time) {
            $taps = $this->ask('POST', "/api/grooms/$one/taps", $batch, 200);
            self::assertSame('late', self::rows($taps['results'])[0]['outcome'], "time $time");
        }
        $twice = $this->ask('POST', "/api/grooms/$one/close", $close, 409, ['Done-Ago' => '1800']);
        self::assertStringContainsString('nothing was recorded twice', self::text($twice['title']));
        $visits = 'SELECT COUNT(*) FROM groom WHERE visit_id IS NOT NULL AND arrival_id =
            (SELECT arrival_id FROM groom WHERE id = ?)';
        $bytes = \Symfony\Component\Uid\Uuid::fromString($one)->toBinary();
        self::assertSame(1, (int) self::number($this->db()->fetchOne($visits, [$bytes])));
        // The id of one that is closed by now says which was meant; after it, a dog may come back on the same day.
        self::assertSame($one, $this->table($phone, 60));
        $this->ask('POST', "/api/dogs/$dog/grooms", [], 200);
        self::assertNotSame($one, self::text(self::map($this->away('Tansy')['groom'])['id']));
    }

    public function testAGroomOfYesterdayIsYesterdays(): void
    {
        $this->signIn('tove');
        $today = $this->away('Cobnut')['on'];
        $late = $this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/arrivals', [], 200, ['Done-Ago' => '86400']);
        self::assertSame(date('Y-m-d', (int) strtotime(self::text($today).' -1 day')), $late['day']);
    }

    public function testWhatWasSignedStaysAsItWasSignedAndIsNeverWidened(): void
    {
        $this->signIn('tove');
        $away = $this->away('Tansy');
        $id = $this->arrive($away);
        $loin = ['zone' => 'loin', 'severity' => 4, 'clearance' => false, 'spread' => 1.0];
        $back = ['zone' => 'back', 'severity' => 2, 'clearance' => true, 'spread' => 1.0];
        $rump = ['zone' => 'rump'] + $back;
        $this->comb($id, [$loin, $back, $rump], 1);
        // Somebody in the salon has found more in the meantime: felted, back and rump would be clipped as well.
        $felt = ['severity' => 4, 'clearance' => false];
        $this->comb($id, [$loin, $felt + $back, $felt + $rump], 2);
        $signed = $this->ask('POST', "/api/arrivals/$id/agreement", [
            'agreed' => true,
            'signed_by' => 'A. Moor',
            'signature' => self::SIGNATURE,
            'comb_version' => 2,
            'check_version' => 1,
            'choice' => 'as_reckoned',
            'price_minor' => 4321,
            'away' => ['zones' => [$loin, $back, $rump], 'minutes' => 95, 'price_minor' => 4321],
        ], 201, ['Done-Ago' => '600']);
        $agreement = self::rows($signed['agreements'])[0];
        self::assertTrue($agreement['intact']);
        self::assertFalse($agreement['current']);
        $terms = json_decode(self::text($this->db()->fetchOne('SELECT terms FROM agreement ORDER BY id DESC')), true);
        self::assertIsArray($terms);
        self::assertSame([true, 95, 4321], [$terms['away'], $terms['minutes'], $terms['price_minor']]);
        self::assertSame(['loin', 'back', 'rump'], array_column((array) $terms['zones'], 'zone'));
        $states = array_column(self::rows(self::map($signed['today'])['zones']), 'state', 'zone');
        self::assertSame('planned', $states['loin']);
        // It was shown as combed: what the salon now makes of it waits for the owner's word.
        self::assertSame(['waits_for_agreement', 'waits_for_agreement'], [$states['back'], $states['rump']]);
    }

    public function testOneLengthIsNotAgreedWithoutTheSalon(): void
    {
        $this->signIn('tove');
        $id = $this->arrive($this->away('Tansy'));
        $this->ask('POST', "/api/arrivals/$id/agreement", [
            'agreed' => true,
            'signed_by' => 'A. Moor',
            'signature' => self::SIGNATURE,
            'comb_version' => 1,
            'check_version' => 1,
            'choice' => 'even_out',
            'away' => ['zones' => [], 'minutes' => 95],
        ], 422);
    }

    public function testInAHotVanNoDryerIsStartedAndOneThatRanHasRun(): void
    {
        $zone = new \DateTimeZone(self::text($this->db()->fetchOne('SELECT time_zone FROM salon ORDER BY id LIMIT 1')));
        // The warmest hour of the year of the thermometer that ships.
        $hot = (new \DateTimeImmutable((date('Y') + 1).'-07-20 15:00', $zone))->setTimezone(new \DateTimeZone('UTC'));
        Clock::set(new MockClock($hot));
        $this->signIn('idris');
        $places = self::rows($this->ask('GET', '/api/session', expect: 200)['places']);
        $van = self::text(array_column($places, 'id', 'name')['Van']);
        $groom = $this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/grooms', ['place' => $van], 200);
        $tap = static fn (string $at): array => [
            'id' => bin2hex(random_bytes(8)),
            'at' => $hot->modify($at)->format('Y-m-d\TH:i:s.000\Z'),
            'saw' => 0,
            'kind' => 'timer',
            'timer' => 'drying',
            'on' => true,
        ];
        $batch = ['sent_at' => $hot->format('Y-m-d\TH:i:s.000\Z'), 'device' => 'phone-1'];
        $path = '/api/grooms/'.self::text($groom['id']).'/taps';
        $now = self::rows($this->ask('POST', $path, $batch + ['taps' => [$tap('now')]], 200)['results'])[0];
        self::assertSame('refused', $now['outcome']);
        self::assertStringContainsString('30', self::text($now['message']));
        Clock::get()->sleep(3600);
        $batch['sent_at'] = $hot->modify('+1 hour')->format('Y-m-d\TH:i:s.000\Z');
        $late = self::rows($this->ask('POST', $path, $batch + ['taps' => [$tap('+5 minutes')]], 200)['results'])[0];
        self::assertSame('counted', $late['outcome']);
    }

    public function testOnesOwnPinAndNoOther(): void
    {
        $this->signIn('tove');
        $this->ask('POST', '/api/me/pin/answer', ['pin' => '8530'], 204);
        for ($i = 0; $i < 5; ++$i) {
            $this->ask('POST', '/api/me/pin/answer', ['pin' => '1111'], 422);
        }
        $this->ask('POST', '/api/me/pin/answer', ['pin' => '8530'], 403);
    }

    public function testAWeekIsReadAtOnce(): void
    {
        $this->signIn('idris');
        $this->ask('GET', '/api/away', expect: 200);
        $queries = QueryCounter::during(fn () => $this->ask('GET', '/api/away', expect: 200));
        self::assertLessThanOrEqual(8, $queries);
    }

    private function path(string $dog): string
    {
        return '/api/dogs/'.$this->dogId($dog).'/away';
    }

    /** @return array<string, mixed> */
    private function away(string $dog, string $on = ''): array
    {
        return $this->ask('GET', $this->path($dog).('' === $on ? '' : "?on=$on"), expect: 200);
    }

    /** @param array<string, mixed> $away */
    private function arrive(array $away, int $ago = 0): string
    {
        $id = self::text(self::map($away['arrival'])['id']);
        $path = '/api/dogs/'.self::text($away['dog']).'/arrivals';
        $there = $this->ask('POST', "$path?id=$id", [], 200, ['Done-Ago' => (string) $ago]);
        self::assertSame($id, $there['id']);

        return $id;
    }

    /** @param array<string, mixed> $away */
    private function table(array $away, int $ago): string
    {
        return self::text($this->ask(
            'POST',
            '/api/dogs/'.self::text($away['dog']).'/grooms',
            ['id' => self::map($away['groom'])['id']],
            200,
            ['Done-Ago' => (string) $ago],
        )['id']);
    }

    /**
     * @param list<array<string, mixed>> $zones
     *
     * @return array<string, mixed>
     */
    private function comb(string $arrival, array $zones, int $version): array
    {
        return $this->ask('PUT', "/api/arrivals/$arrival/comb", ['zones' => $zones], 200, [
            'If-Match' => "\"$version\"",
        ]);
    }

    /**
     * @param array<string, mixed> $away
     *
     * @return array<string, mixed>
     */
    private static function found(array $away, string $zone, int $severity, bool $clearance, float $spread): array
    {
        foreach (self::rows($away['found']) as $one) {
            if (
                $one['zone'] === $zone
                && $one['severity'] === $severity
                && $one['clearance'] === $clearance
                && self::number($one['spread']) === $spread
            ) {
                return $one;
            }
        }
        self::fail("Nothing is said of $zone at $severity.");
    }
}
