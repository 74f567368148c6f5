<?php

/** People change, leave and come back; the last manager stays; each changes their own password and PIN. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class PeopleTest extends ApiTestCase
{
    public function testWhoLeavesIsSignedOutAtOnceAndWhatIsBookedWithThemIsListed(): void
    {
        $this->signIn('tove');
        $tablet = $this->client->getCookieJar()->all();
        $this->signIn('maren');
        $tove = $this->person('tove');
        self::assertSame([], $tove['ahead'], 'listed of those who have left only');
        $this->db()->executeStatement(
            "UPDATE booking SET staff_id = (SELECT id FROM staff WHERE login = 'tove'), ".
                "state = 'booked', day = DATE_ADD(CURDATE(), INTERVAL 2 DAY) ORDER BY id LIMIT 2",
        );
        $gone = $this->change($tove, ['active' => false], 200);
        self::assertFalse($gone['active']);
        self::assertGreaterThanOrEqual(2, \count(self::rows($gone['ahead'])));
        self::assertNotContains(
            'Tove Lindgarth',
            array_column(self::rows($this->ask('GET', '/api/session', expect: 200)['colleagues']), 'name'),
        );
        $log = json_encode($this->ask('GET', '/api/log', expect: 200), \JSON_THROW_ON_ERROR);
        self::assertStringContainsString('Tove Lindgarth: works here no more', $log);
        $manager = $this->client->getCookieJar()->all();
        $this->browser($tablet);
        $this->ask('GET', '/api/kit', expect: 401);
        $this->ask('POST', '/api/session', ['login' => 'tove', 'password' => 'thistle-demo'], 401);
        $this->browser($manager);
        $this->ask('POST', '/api/people/'.self::text($tove['id']).'/reset', [], 409);
        $this->change($gone, ['active' => true], 200);
        $this->signIn('tove');
    }

    public function testTheLastManagerStaysAndNobodyLetsThemselvesGo(): void
    {
        $this->signIn('maren');
        $maren = $this->person('maren');
        $self = $this->change($maren, ['active' => false], 422);
        self::assertSame('active', self::rows($self['errors'])[0]['field'] ?? '');
        $role = $this->change($maren, ['role' => 'groomer'], 422);
        self::assertStringContainsString('last manager', self::text(self::rows($role['errors'])[0]['message'] ?? ''));
        $this->change($this->person('tove'), ['role' => 'manager'], 200);
        $this->change($maren, ['role' => 'groomer'], 200);
        $this->signIn('maren');
        $this->ask('GET', '/api/people', expect: 403);
    }

    public function testAnotherSalonsPlaceAnAddressThatIsNoneAndAnOldVersionAreNamed(): void
    {
        $this->signIn('sunniva');
        $loft = self::text(self::rows($this->ask('GET', '/api/session', expect: 200)['places'])[0]['id'] ?? '');
        $this->signIn('maren');
        $wim = $this->person('wim');
        $this->change($wim, ['place' => $loft], 404);
        $this->change($wim, ['email' => 'nobody'], 422);
        $this->change($wim, ['name' => 'W'], 422);
        $this->change($wim, ['confidence' => 9], 422);
        $first = $this->change($wim, ['confidence' => 2], 200);
        $stale = $this->change($wim, ['confidence' => 3], 412);
        self::assertSame([$first['version'], 2], [$stale['version'], self::map($stale['theirs'])['confidence']]);
    }

    public function testEachChangesTheirOwnPasswordAndPin(): void
    {
        $this->signIn('wim');
        $elsewhere = $this->client->getCookieJar()->all();
        $this->signIn('wim');
        $wrong = ['old' => 'nonsense', 'new' => 'moss kettle ferry oar'];
        self::assertSame(['old'], $this->wrong('/api/me/password', $wrong));
        $short = ['old' => 'thistle-demo', 'new' => 'kettle'];
        self::assertSame(['new'], $this->wrong('/api/me/password', $short));
        $right = ['old' => 'thistle-demo', 'new' => 'moss kettle ferry oar'];
        $who = $this->ask('PUT', '/api/me/password', $right, 200);
        $this->csrf(self::text($who['csrf']));
        $this->ask('PUT', '/api/me/pin', ['password' => 'thistle-demo', 'pin' => '8530'], 422);
        $this->ask('PUT', '/api/me/pin', ['password' => 'moss kettle ferry oar', 'pin' => '1234'], 422);
        $this->ask('PUT', '/api/me/pin', ['password' => 'moss kettle ferry oar', 'pin' => '8530'], 204);
        $wim = $who['id'];
        $this->browser($elsewhere);
        $this->ask('GET', '/api/kit', expect: 401);
        $this->signIn('tove');
        $this->ask('POST', '/api/session/person', ['staff' => $wim, 'pin' => '5571'], 422);
        $this->ask('POST', '/api/session/person', ['staff' => $wim, 'pin' => '8530'], 200);
        self::assertSame(
            0,
            $this->db()->fetchOne("SELECT COUNT(*) FROM change_log WHERE CONCAT(was, became) LIKE '%kettle%'"),
        );
    }

    public function testWhereOneIsSignedInIsSeenEndedAndReadByTheManager(): void
    {
        $agent = ['HTTP_USER_AGENT' => 'Mozilla/5.0 (Linux; Android 14) Chrome/120 Safari/537'];
        $this->client->setServerParameters($agent);
        $this->signIn('wim');
        $tablet = $this->client->getCookieJar()->all();
        $this->client->setServerParameters(['HTTP_USER_AGENT' => 'Mozilla/5.0 (iPhone) Version/17 Safari/604']);
        $this->signIn('wim');
        $open = self::rows($this->ask('GET', '/api/me/sign-ins', expect: 200)['sign_ins']);
        $devices = array_column($open, 'device');
        self::assertSame(['Safari on a phone', 'Chrome on Android'], \array_slice($devices, 0, 2));
        self::assertSame([true, false], \array_slice(array_column($open, 'here'), 0, 2));
        $other = self::text($open[1]['id'] ?? '');
        $this->signIn('tove');
        $this->ask('DELETE', "/api/me/sign-ins/$other", expect: 404);
        $this->ask('DELETE', '/api/me/sign-ins/last', expect: 404);
        $this->signIn('wim');
        $this->ask('DELETE', "/api/me/sign-ins/$other", expect: 204);
        $this->ask('DELETE', "/api/me/sign-ins/$other", expect: 204);
        self::assertNotContains($other, array_column($this->mine(), 'id'));
        $here = $this->client->getCookieJar()->all();
        $this->browser($tablet);
        $this->ask('GET', '/api/kit', expect: 401);
        $this->browser($here);
        $this->ask('GET', '/api/kit', expect: 200);
        $this->ask('POST', '/api/session', ['login' => 'wim', 'password' => 'kettle kettle'], 401);
        $this->signIn('maren');
        $log = self::rows($this->ask('GET', '/api/people/sign-ins', expect: 200)['sign_ins']);
        self::assertSame(
            [['Maren Oakhollow', 'password'], ['Wim Tarrow', 'refused']],
            array_map(static fn (array $s): array => [$s['name'], $s['how']], \array_slice($log, 0, 2)),
        );
        $this->ask('DELETE', '/api/session', expect: 204);
        $this->signIn('maren');
        $log = self::rows($this->ask('GET', '/api/people/sign-ins', expect: 200)['sign_ins']);
        self::assertNotNull($log[1]['ended_at'] ?? null, 'signing out ends it');
        $this->signIn('sunniva');
        $theirs = self::rows($this->ask('GET', '/api/people/sign-ins', expect: 200)['sign_ins']);
        foreach ($theirs as $row) {
            self::assertSame('Sunniva Wold', $row['name']);
        }
    }

    public function testHowScreensLookGoesAlongWithThePerson(): void
    {
        $this->signIn('wim');
        $this->ask('PUT', '/api/me/screen', ['theme' => 'pink'], 422);
        $now = $this->ask('PUT', '/api/me/screen', ['theme' => 'dark', 'left_handed' => true], 200);
        self::assertSame(['dark', true], [$now['theme'], $now['left_handed']]);
        $this->signIn('wim');
        $again = $this->ask('GET', '/api/session', expect: 200);
        self::assertSame(['dark', true], [$again['theme'], $again['left_handed']]);
        $this->signIn('tove');
        self::assertSame('device', $this->ask('GET', '/api/session', expect: 200)['theme']);
    }

    public function testEverybodyReadsInTheirOwnLanguageElseTheSalons(): void
    {
        $this->signIn('wim');
        $this->ask('PUT', '/api/me/screen', ['theme' => 'device', 'language' => 'xx'], 422);
        $now = $this->ask('PUT', '/api/me/screen', ['theme' => 'device', 'language' => 'en-US'], 200);
        self::assertSame(['en-US', 'en-US', 'metric'], [$now['language'], $now['own_language'], $now['units']]);
        $this->signIn('maren');
        $house = $this->ask('GET', '/api/house', expect: 200);
        $change = ['mat_limit' => 12, 'units' => 'us', 'language' => 'en-US'];
        $this->ask('PUT', '/api/house', ['units' => 'stone'] + $change, 422);
        $if = ['If-Match' => '"'.self::number($house['version']).'"'];
        $changed = $this->ask('PUT', '/api/house', $change, 200, $if);
        self::assertSame(['us', 'en-US'], [$changed['units'], $changed['language']]);
        $mine = $this->ask('GET', '/api/session', expect: 200);
        self::assertSame(['en-US', null, 'us'], [$mine['language'], $mine['own_language'], $mine['units']]);
        // Who has chosen keeps what they chose.
        $this->signIn('wim');
        $this->ask('PUT', '/api/me/screen', ['theme' => 'device', 'language' => 'en'], 200);
        self::assertSame('en', $this->ask('GET', '/api/session', expect: 200)['language']);
    }

    public function testSomebodyInTwoSalonsChangesOverWithThePinOfTheOtherAndTakesNothingAlong(): void
    {
        $this->signIn('wim');
        $there = ['login' => 'sunniva', 'password' => 'thistle-demo'];
        self::assertSame([], $this->ask('GET', '/api/session', expect: 200)['salons']);
        $this->ask('POST', '/api/me/salons', ['password' => 'a guess'] + $there, 422);
        $same = $this->ask('POST', '/api/me/salons', ['login' => 'tove'] + $there, 422);
        self::assertSame(['login'], array_column(self::rows($same['errors']), 'field'));
        $linked = self::rows($this->ask('POST', '/api/me/salons', $there, 200)['salons']);
        self::assertCount(1, $linked);
        $mine = self::text($this->ask('GET', '/api/session', expect: 200)['id']);
        $dog = $this->dogId('Tansy');
        // A colleague who is not in both is nobody there.
        $this->signIn('tove');
        $over = ['staff' => $linked[0]['id'], 'pin' => '6414'];
        $this->ask('POST', '/api/session/person', $over, 404);
        $this->signIn('wim');
        $this->ask('POST', '/api/session/person', ['pin' => '0000'] + $over, 422);
        $now = $this->ask('POST', '/api/session/person', $over, 200);
        self::assertSame($linked[0]['salon'], $now['salon']);
        $this->csrf(self::text($now['csrf']));
        self::assertSame([$mine], array_column(self::rows($now['salons']), 'id'), 'and the way back');
        self::assertNotSame([], $now['places']);
        $this->ask('GET', "/api/dogs/$dog/card", expect: 404);
        $this->ask('DELETE', "/api/me/salons/$mine", expect: 200);
        $this->ask('POST', '/api/session/person', ['staff' => $mine, 'pin' => '1111'], 404);
    }

    /** @return list<array<string, mixed>> */
    private function mine(): array
    {
        return self::rows($this->ask('GET', '/api/me/sign-ins', expect: 200)['sign_ins']);
    }

    /** @return array<string, mixed> */
    private function person(string $login): array
    {
        return self::find(self::rows($this->ask('GET', '/api/people', expect: 200)['people']), 'login', $login);
    }

    /**
     * @param array<string, mixed> $person
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function change(array $person, array $change, int $expect): array
    {
        $fields = ['name', 'role', 'confidence', 'active', 'place', 'email'];
        $body = $change + array_intersect_key($person, array_flip($fields));
        $version = $person['version'];
        self::assertIsInt($version);

        $path = '/api/people/'.self::text($person['id']);

        return $this->ask('PUT', $path, $body, $expect, ['If-Match' => "\"$version\""]);
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return list<mixed> the fields that are named
     */
    private function wrong(string $path, array $body): array
    {
        return array_column(self::rows($this->ask('PUT', $path, $body, 422)['errors']), 'field');
    }

    /** @param array<\Symfony\Component\BrowserKit\Cookie> $cookies */
    private function browser(array $cookies): void
    {
        $this->client->getCookieJar()->clear();
        foreach ($cookies as $cookie) {
            $this->client->getCookieJar()->set($cookie);
        }
    }
}
