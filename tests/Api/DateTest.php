<?php

/** A date by its link: the owner says that it suits, takes another day, says what has changed; reminders go once. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Agenda\DueDays;
use KeenThistle\Diary\Reminders;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

final class DateTest extends ApiTestCase
{
    private string $day;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('junia');
        $this->day = (new \DateTimeImmutable('wednesday +5 weeks'))->format('Y-m-d');
    }

    protected function tearDown(): void
    {
        Clock::set(new NativeClock());
        parent::tearDown();
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private function book(string $dog = 'Tansy', array $more = []): array
    {
        $body = $more + ['day' => $this->day, 'time' => '09:00', 'write' => true];

        return $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/bookings', $body, 201);
    }

    private function lastMessage(): string
    {
        return self::text($this->db()->fetchOne('SELECT text FROM message ORDER BY id DESC LIMIT 1'));
    }

    /** The path in the last message. */
    private function link(): string
    {
        self::assertSame(1, preg_match('~/date/[0-9a-f]{64}~', $this->lastMessage(), $found));

        return $found[0];
    }

    private function page(string $link, int $expect = 200): string
    {
        $this->client->request('GET', $link);
        self::assertSame($expect, $this->client->getResponse()->getStatusCode());

        return (string) $this->client->getResponse()->getContent();
    }

    /** @param array<string, string> $form */
    private function answer(string $link, array $form, int $expect = 303): string
    {
        $this->client->request('POST', $link, $form + ['key' => bin2hex(random_bytes(16))]);
        $response = $this->client->getResponse();
        self::assertSame($expect, $response->getStatusCode(), mb_substr((string) $response->getContent(), 0, 400));

        return (string) $response->getContent();
    }

    /** @return array<string, mixed> */
    private function booked(string $dog = 'Tansy'): array
    {
        $row = $this->db()->fetchAssociative(
            'SELECT b.* FROM booking b JOIN dog d ON d.id = b.dog_id WHERE d.name = ? ORDER BY b.id DESC LIMIT 1',
            [$dog],
        );

        return self::map($row);
    }

    public function testAnOwnerSaysThatItSuitsAndWhatHasChanged(): void
    {
        $booking = $this->book();
        self::assertNotNull($booking['asked']);
        self::assertStringContainsString('Tansy is booked for a full groom', $this->lastMessage());
        $link = $this->link();
        $this->client->getCookieJar()->clear();
        $page = $this->page($link);
        self::assertStringContainsString('This date suits', $page);
        self::assertStringContainsString('cancel', strtolower($page), 'the house terms are said');
        self::assertStringNotContainsString('0170', $page, 'no number of anybody');
        $this->answer($link, ['answer' => 'yes', 'told' => '<b>lame</b> on the left']);
        $page = $this->page($link);
        self::assertStringContainsString('we know that this date suits', $page);
        self::assertStringContainsString('&lt;b&gt;lame&lt;/b&gt;', $page);
        $this->signIn('tove');
        $first = self::find(self::rows($this->card('Tansy')['bookings']), 'day', $this->day);
        self::assertSame(['yes', '<b>lame</b> on the left'], [$first['answer'], $first['told']]);
        $log = $this->db()->fetchOne("SELECT summary FROM change_log WHERE kind = 'booking' ORDER BY id DESC LIMIT 1");
        self::assertStringContainsString('by the link', self::text($log));
        // What was said at home is read where the dog comes in.
        $this->db()->executeStatement('UPDATE booking SET day = ? WHERE id = ?', [
            date('Y-m-d'),
            $this->booked()['id'],
        ]);
        $arrival = $this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/arrivals', [], 200);
        self::assertSame('<b>lame</b> on the left', $arrival['told']);
    }

    public function testAnOwnerTakesAnotherDayOfThoseOfferedTwiceAtMost(): void
    {
        $this->book();
        $link = $this->link();
        $to = '';
        $now = [];
        for ($n = 1; $n <= 2; ++$n) {
            self::assertGreaterThan(0, preg_match_all('/name="to" value="([^"]+)"/', $this->page($link), $offers));
            $to = $offers[1][0];
            $this->answer($link, ['answer' => 'move', 'to' => $to]);
            $now = $this->booked();
            self::assertSame($to, substr($to, 0, 17).$this->uuid($now['staff_id']));
            self::assertSame(substr($to, 0, 16), self::text($now['day']).' '.self::text($now['time']));
            self::assertSame(['yes', $n], [$now['answer'], (int) self::number($now['owner_moves'])]);
        }
        $page = $this->answer($link, ['answer' => 'move', 'to' => $to], 409);
        self::assertStringContainsString('was moved 2 times', $page);
        // An old message opens the date as it is now.
        self::assertStringContainsString(
            (new \DateTimeImmutable(self::text($now['day'])))->format('D j M Y'),
            $this->page($link),
        );
    }

    private function uuid(mixed $binary): string
    {
        return (string) \Symfony\Component\Uid\Uuid::fromBinary(self::text($binary));
    }

    public function testWhatCannotBeIsNamedAndNothingIsLost(): void
    {
        $this->book();
        $link = $this->link();
        $sunday = (new \DateTimeImmutable($this->day))->modify('next sunday')->format('Y-m-d');
        $this->db()->executeStatement('UPDATE place SET closed_days = ?', [
            json_encode([['from' => $sunday, 'to' => $sunday, 'why' => 'stocktaking']], \JSON_THROW_ON_ERROR),
        ]);
        $this->fresh();
        $tove = $this->uuid($this->db()->fetchOne("SELECT id FROM staff WHERE login = 'tove'"));
        $page = $this->answer($link, ['answer' => 'move', 'to' => "$sunday 09:00 $tove", 'told' => 'kept'], 409);
        self::assertStringContainsString('We are closed on', $page);
        self::assertStringContainsString('>kept</textarea>', $page);
        self::assertStringContainsString(
            'has just taken that place',
            $this->answer($link, ['answer' => 'move', 'to' => "$this->day 09:05 $tove"], 409),
        );
        $wrong = ['', 'nonsense', '2026-99-99 09:00 x', "' OR 1=1", "$this->day 25:00 $tove"];
        foreach ($wrong as $to) {
            self::assertStringContainsString(
                'choose one',
                $this->answer($link, ['answer' => 'move', 'to' => $to], 409),
                $to,
            );
        }
        $this->answer($link, ['answer' => 'perhaps'], 409);
        $this->answer($link, ['answer' => 'yes', 'told' => str_repeat('x', 501)], 409);
        $this->answer($link, ['answer' => 'yes', 'key' => 'x'], 409);
        self::assertSame([$this->day, ''], [$this->booked()['day'], $this->booked()['answer']]);
        // A link of another date, one changed by a letter, one of nothing.
        $this->page(substr($link, 0, -1).('0' === substr($link, -1) ? '1' : '0'), 404);
        $this->page('/date/'.str_repeat('0', 64), 404);
        $this->page('/date/x', 404);
        $this->client->request('POST', '/date/'.str_repeat('0', 64), ['answer' => 'yes']);
        self::assertSame(404, $this->client->getResponse()->getStatusCode());
    }

    public function testALinkRunsOutWithTheVisitAndWithTheHome(): void
    {
        $booking = $this->book();
        $link = $this->link();
        $begins = new \DateTimeImmutable("$this->day 09:00", new \DateTimeZone('UTC'));
        self::at($begins->modify('-3 hours'));
        self::assertStringContainsString('less than 24 hours away', $this->page($link));
        self::at($begins->modify('+1 minute'));
        $this->page($link, 404);
        Clock::set(new NativeClock());
        $this->fresh();
        $home = $this->db()->fetchOne('SELECT h.id FROM household h JOIN dog d ON d.household_id <> h.id
            WHERE d.name = ? AND h.salon_id = d.salon_id LIMIT 1', ['Tansy']);
        $this->db()->executeStatement("UPDATE dog SET household_id = ? WHERE name = 'Tansy'", [$home]);
        $this->page($link, 404);
        $this->fresh();
        $cancelled = $this->book('Osric', ['time' => '11:00']);
        $link = $this->link();
        $this->ask('DELETE', '/api/bookings/'.self::text($cancelled['id']), [], 200, headers: [
            'If-Match' => '"'.self::number($cancelled['version']).'"',
        ]);
        self::assertStringContainsString('not booked on this date any more', $this->page($link));
        $this->answer($link, ['answer' => 'yes'], 409);
        $this->ask('POST', '/api/bookings/'.self::text($cancelled['id']).'/ask', [], 409);
        self::assertSame('booked', $booking['state']);
    }

    private function at(\DateTimeImmutable $when): void
    {
        Clock::set(new MockClock($when->setTimezone(new \DateTimeZone('UTC'))));
        $this->fresh();
    }

    public function testOwnersAreRemindedOnceByDayAndOfTheNewDateAfterAMove(): void
    {
        $this->db()->executeStatement("UPDATE booking SET state = 'cancelled', slot = NULL, held = NULL");
        $this->db()->executeStatement('UPDATE client SET writes = ?', ['yes']);
        $this->book('Tansy', ['write' => false]);
        $reminders = self::getContainer()->get(Reminders::class);
        \assert($reminders instanceof Reminders);
        $local = new \DateTimeZone('UTC');
        $sent = function (string $when) use ($reminders, $local): int {
            $this->at(new \DateTimeImmutable($when, $local));

            return $reminders->whenDue();
        };
        $before = (new \DateTimeImmutable($this->day))->modify('-2 days')->format('Y-m-d');
        self::assertSame([0, 1, 0], [$sent("$before 08:59"), $sent("$before 09:00"), $sent("$before 09:01")]);
        self::assertStringContainsString('Tansy is expected for', $this->lastMessage());
        self::assertSame('reminder', $this->db()->fetchOne('SELECT kind FROM message ORDER BY id DESC LIMIT 1'));
        $this->db()->executeStatement(
            "UPDATE booking SET time = '10:00', slot = CONCAT(day, ' 10:00') WHERE id = ?",
            [$this->booked()['id']],
        );
        self::assertSame(0, $sent("$before 12:00"), 'who was written to today has not forgotten');
        $next = (new \DateTimeImmutable($before))->modify('+1 day')->format('Y-m-d');
        self::assertSame(1, $sent("$next 09:30"));
        $this->db()->executeStatement('UPDATE salon SET remind_days = 0');
        $this->db()->executeStatement('UPDATE booking SET reminded = NULL, asked_at = NULL');
        self::assertSame(0, $sent("$next 10:00"));
    }

    public function testWhoDoesNotComeAndWhoCancelsLateIsAskedForWhatTheHouseTermsSay(): void
    {
        $booking = $this->book();
        $id = self::text($booking['id']);
        $version = '"'.self::number($booking['version']).'"';
        $this->ask('PUT', "/api/bookings/$id/missed", [], 409, headers: ['If-Match' => $version]);
        $begins = new \DateTimeImmutable("$this->day 09:00", new \DateTimeZone('UTC'));
        // The session would have ended by then.
        self::at($begins->modify('+30 minutes'));
        $this->signIn('junia');
        $missed = $this->ask('PUT', "/api/bookings/$id/missed", [], 200, headers: ['If-Match' => $version]);
        self::assertSame('missed', $missed['state']);
        $price = self::number($missed['charge_minor']);
        self::assertGreaterThan(3000, $price);
        $version = '"'.self::number($missed['version']).'"';
        $back = $this->ask('DELETE', "/api/bookings/$id/missed", [], 200, headers: ['If-Match' => $version]);
        self::assertSame(['booked', 0], [$back['state'], $back['charge_minor']]);
        self::at($begins->modify('-5 hours'));
        $this->signIn('junia');
        $version = '"'.self::number($back['version']).'"';
        $late = $this->ask('DELETE', "/api/bookings/$id", [], 200, headers: ['If-Match' => $version]);
        self::assertEqualsWithDelta($price / 2, $late['charge_minor'], 1.0);
    }

    public function testTheFrontDeskSeesWhomToRingAndWhoIsOverdueWithoutADate(): void
    {
        $this->db()->executeStatement("UPDATE booking SET state = 'cancelled', slot = NULL, held = NULL");
        $due = self::getContainer()->get(DueDays::class);
        \assert($due instanceof DueDays);
        $this->db()->executeStatement('UPDATE dog SET due_version = 0');
        self::assertGreaterThan(10, $due->whenStale());
        self::assertSame(0, $due->whenStale(), 'reckoned once a version of the card');
        $card = $this->card('Tansy');
        $interval = self::map($card['interval']);
        $days = array_filter([$interval['full_on'], $interval['bath_on'], $interval['tidy_on']], 'is_string');
        self::assertNotSame([], $days);
        $first = min($days);
        self::assertSame($first, $this->db()->fetchOne("SELECT due_on FROM dog WHERE name = 'Tansy'"));
        $this->db()->executeStatement("UPDATE dog SET due_on = ? WHERE name = 'Tansy'", [
            date('Y-m-d', (int) strtotime('-9 days')),
        ]);
        $desk = fn (): array => $this->ask('GET', '/api/floor/desk', expect: 200);
        $tansy = self::find(self::rows($desk()['overdue']), 'name', 'Tansy');
        self::assertEqualsWithDelta(9, $tansy['days'], 1.0);
        $this->book();
        self::assertNotContains('Tansy', array_column(self::rows($desk()['overdue']), 'name'));
        $this->answer($this->link(), ['answer' => 'ring']);
        self::assertSame(['Tansy'], array_column(self::rows($desk()['asks']), 'name'));
        $this->db()->executeStatement("UPDATE booking SET answer = '', day = ? WHERE id = ?", [
            (new \DateTimeImmutable('tomorrow', new \DateTimeZone('UTC')))->format('Y-m-d'),
            $this->booked()['id'],
        ]);
        self::assertSame(['Tansy'], array_column(self::rows($desk()['silent']), 'name'));
        // A colleague's leave is said of what is booked with them.
        self::assertSame([], $desk()['clashes']);
        $tomorrow = date('Y-m-d', (int) strtotime('+1 day'));
        $this->db()->executeStatement("UPDATE staff SET away = ? WHERE login = 'tove'", [
            json_encode([['from' => $tomorrow, 'to' => $tomorrow, 'why' => 'a wedding']], \JSON_THROW_ON_ERROR),
        ]);
        $this->db()->executeStatement(
            "UPDATE booking SET day = ?, staff_id = (SELECT id FROM staff WHERE login = 'tove') WHERE id = ?",
            [$tomorrow, $this->booked()['id']],
        );
        $this->fresh();
        $clash = self::rows($desk()['clashes'])[0] ?? [];
        self::assertSame(['Tansy', $tomorrow], [$clash['name'], $clash['day']]);
        self::assertStringContainsString('a wedding', self::text($clash['why']));
    }

    public function testProofOfVaccinationIsLookedAtForTheDayOfTheVisit(): void
    {
        $proof = fn (?string $until): string => (function () use ($until): string {
            $this->db()->executeStatement("UPDATE dog SET vaccinated_until = ? WHERE name = 'Tansy'", [$until]);
            $this->fresh();

            return self::text(self::rows($this->card('Tansy')['bookings'])[0]['proof'] ?? null);
        })();
        $this->db()->executeStatement("UPDATE booking SET state = 'cancelled', slot = NULL, held = NULL");
        $this->book();
        self::assertStringContainsString('bring the proof of vaccination', $this->lastMessage());
        self::assertStringContainsString('no proof', $proof(null));
        self::assertStringContainsString('runs out', $proof(date('Y-m-d')));
        self::assertSame('', $proof($this->day));
        $this->db()->executeStatement('UPDATE salon SET asks_for_vaccination = 0');
        self::assertSame('', $proof(null));
    }
}
