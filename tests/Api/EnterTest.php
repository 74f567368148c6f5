<?php

/** A salon begins by a one-time link, people join by one, and passwords are chosen anew by one; each opens once. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

final class EnterTest extends ApiTestCase
{
    private const SALON = [
        'salon' => 'The Long Meadow',
        'time_zone' => 'Europe/Vienna',
        'currency' => 'CHF',
        'place' => 'Barn',
        'name' => 'Nell Sedgeley',
        'login' => 'Nell',
        'password' => 'moss kettle ferry oar',
        'pin' => '4071',
    ];

    public function testASalonBeginsWithItsPlaceItsManagerAndNothingOfTheDemo(): void
    {
        $api = $this->begun();
        $opened = $this->ask('GET', $api, expect: 200);
        self::assertSame(['begin', null], [$opened['kind'], $opened['salon']]);
        self::assertContains('Europe/Vienna', self::texts($opened['time_zones']));
        $who = $this->ask('POST', "$api/salon", self::SALON, 201);
        self::assertSame(['The Long Meadow', 'manager', false], [$who['salon'], $who['role'], $who['demo']]);
        self::assertSame(['Barn'], array_column(self::rows($who['places']), 'name'));
        $this->csrf(self::text($who['csrf']));
        self::assertSame([], $this->ask('GET', '/api/dogs', expect: 200)['dogs']);
        self::assertSame([], $this->ask('GET', '/api/kit', expect: 200)['items']);
        self::assertSame('Europe/Vienna', $this->ask('GET', '/api/house', expect: 200)['time_zone']);
        // And from there on as everybody does.
        $dog = $this->ask('POST', '/api/dogs', [
            'name' => 'Sedge',
            'breed' => 'cross',
            'coat' => 'curly',
            'owner' => ['name' => 'Rafe Moor', 'phone' => '0555 014 0000'],
        ], 201);
        $this->ask('GET', '/api/dogs/'.self::text($dog['id']).'/card', expect: 200);
        $this->signIn('nell', self::SALON['password']);
    }

    public function testTheAddressOpensOnceAndTwoAtOnceDoNotBothBegin(): void
    {
        $api = $this->begun();
        $this->ask('POST', "$api/salon", self::SALON, 201);
        $again = $this->ask('POST', "$api/salon", ['login' => 'nell2'] + self::SALON, 404);
        self::assertStringContainsString('has been used', self::text($again['title']));
        $this->ask('GET', $api, expect: 404);
        self::assertSame(1, $this->rowsOf("salon WHERE name = 'The Long Meadow'"));
        // Both had it open: the second finds it used when it writes.
        $late = $this->begun();
        $this->db()->executeStatement('UPDATE one_time_link SET used_at = NOW() WHERE used_at IS NULL');
        $this->ask('POST', "$late/salon", ['salon' => 'Another', 'login' => 'nell3'] + self::SALON, 404);
        self::assertSame(0, $this->rowsOf("salon WHERE name = 'Another'"));
    }

    public function testALateOrANewerAddressShutsTheFirst(): void
    {
        $first = $this->begun();
        $second = $this->begun();
        $this->ask('GET', $first, expect: 404);
        $this->ask('GET', $second, expect: 200);
        $this->db()->executeStatement("UPDATE one_time_link SET until_at = '2026-01-01'");
        $this->ask('GET', $second, expect: 404);
    }

    /** @return iterable<string, array{string, mixed, string}> */
    public static function faults(): iterable
    {
        yield 'one letter' => ['salon', 'T', 'salon'];
        yield 'signs only' => ['name', '<>!', 'name'];
        yield '300 letters' => ['name', str_repeat('n', 300), 'name'];
        yield 'no time zone' => ['time_zone', 'Middle/Earth', 'time_zone'];
        yield 'no currency' => ['currency', 'ZZZ', 'currency'];
        yield 'a space to sign in with' => ['login', 'nell s', 'login'];
        yield 'somebody else\'s' => ['login', 'TOVE', 'login'];
        yield 'short' => ['password', 'kettle', 'password'];
        yield 'PIN in a row' => ['pin', '1234', 'pin'];
        yield 'PIN as a number' => ['pin', 4071, 'pin'];
    }

    #[DataProvider('faults')]
    public function testWhatIsWrongIsNamedAndTheAddressStaysGood(string $field, mixed $value, string $named): void
    {
        $api = $this->begun();
        $fault = $this->ask('POST', "$api/salon", [$field => $value] + self::SALON, 422);
        self::assertContains($named, array_column(self::rows($fault['errors']), 'field'));
        $this->ask('POST', "$api/salon", self::SALON, 201);
    }

    public function testALinkOpensOnlyWhatItIsForAndNoneCanBeGuessed(): void
    {
        $api = $this->begun();
        $this->ask('POST', "$api/person", ['name' => 'Nell', 'login' => 'nell', 'password' => 'x', 'pin' => '1'], 400);
        $this->ask('POST', "$api/password", ['password' => 'moss kettle ferry oar'], 400);
        foreach (['', '0', str_repeat('0', 64), substr($api, -64, 62).'00', "' OR 1=1", '../..'] as $token) {
            $this->client->request('GET', '/api/enter/'.rawurlencode($token));
            self::assertSame(404, $this->client->getResponse()->getStatusCode(), $token);
        }
        $this->client->request('POST', "$api/salon", server: ['CONTENT_TYPE' => 'text/plain'], content: '{}');
        self::assertContains($this->client->getResponse()->getStatusCode(), [400, 422], 'no other site\'s form');
    }

    public function testSomebodyIsInvitedJoinsAndIsWhatTheyWereInvitedAs(): void
    {
        $this->signIn('maren');
        $link = $this->ask('POST', '/api/people/invitations', [
            'name' => 'Nell Sedgeley',
            'role' => 'bather',
            'email' => 'nell@example.org',
        ], 201);
        $this->workThrough();
        $sent = self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages'])[0];
        self::assertSame(['nell@example.org', 'sent', ''], [$sent['to'], $sent['state'], $sent['dog_id']]);
        self::assertStringContainsString('http://localhost'.self::text($link['path']), self::text($sent['text']));
        $this->signIn('tove');
        foreach (self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages']) as $m) {
            self::assertStringNotContainsString('/enter/', self::text($m['text']), 'nobody else lets themselves in');
        }
        $api = '/api'.self::text($link['path']);
        $opened = $this->ask('GET', $api, expect: 200);
        self::assertSame(['join', 'The Fulling Room', 'bather'], [
            $opened['kind'],
            $opened['salon'],
            $opened['role_label'],
        ]);
        $join = ['name' => 'Nell Sedgeley', 'login' => 'nell', 'password' => 'moss kettle ferry oar', 'pin' => '4071'];
        $who = $this->ask('POST', "$api/person", $join, 201);
        self::assertSame(['Nell Sedgeley', 'bather', true], [$who['name'], $who['role'], $who['demo']]);
        $this->ask('POST', "$api/person", ['login' => 'nell2'] + $join, 404);
        // The tablet's colleagues know them, and their PIN.
        $this->signIn('tove');
        $tablet = $this->ask('GET', '/api/session', expect: 200);
        $nell = self::find(self::rows($tablet['colleagues']), 'name', 'Nell Sedgeley');
        $this->ask('POST', '/api/session/person', ['staff' => $nell['id'], 'pin' => '4071'], 200);
        $this->signIn('maren');
        $again = ['name' => 'Nell', 'role' => 'groomer', 'email' => 'nell@example.org'];
        $fault = $this->ask('POST', '/api/people/invitations', $again, 422);
        self::assertStringContainsString("Nell Sedgeley's", json_encode($fault, \JSON_THROW_ON_ERROR));
        // Another salon learns nothing of it.
        $this->signIn('sunniva');
        $this->ask('POST', '/api/people/invitations', $again, 201);
    }

    public function testAnInvitationIsTakenBack(): void
    {
        $this->signIn('maren');
        $link = $this->ask('POST', '/api/people/invitations', ['name' => 'Nell Sedgeley', 'role' => 'groomer'], 201);
        $open = self::rows($this->ask('GET', '/api/people', expect: 200)['invitations']);
        self::assertSame([$link['path']], array_column($open, 'path'));
        $this->ask('DELETE', '/api/people/invitations/'.self::text($link['id']), expect: 204);
        self::assertSame([], $this->ask('GET', '/api/people', expect: 200)['invitations']);
        $this->ask('GET', '/api'.self::text($link['path']), expect: 404);
        $this->ask('DELETE', '/api/people/invitations/'.self::text($link['id']), expect: 404);
    }

    public function testAPasswordIsChosenAnewByLinkAndOtherDevicesAreSignedOut(): void
    {
        $this->signIn('maren');
        $tove = self::find(self::rows($this->ask('GET', '/api/people', expect: 200)['people']), 'login', 'tove');
        $link = $this->ask('POST', '/api/people/'.self::text($tove['id']).'/reset', [], 201);
        self::assertSame(['reset', 'Tove Lindgarth'], [$link['kind'], $link['name']]);
        $api = '/api'.self::text($link['path']);
        $this->signIn('tove');
        $elsewhere = $this->client->getCookieJar()->all();
        $this->client->getCookieJar()->clear();
        self::assertSame('tove', $this->ask('GET', $api, expect: 200)['login']);
        $this->ask('POST', "$api/password", ['password' => 'tove lindgarth'], 422);
        $this->ask('POST', "$api/password", ['password' => 'moss kettle ferry oar'], 201);
        $this->client->getCookieJar()->clear();
        foreach ($elsewhere as $cookie) {
            $this->client->getCookieJar()->set($cookie);
        }
        $this->ask('GET', '/api/kit', expect: 401);
        $this->ask('POST', '/api/session', ['login' => 'tove', 'password' => 'thistle-demo'], 401);
        $this->signIn('tove', 'moss kettle ferry oar');
    }

    public function testFromTheServersShellASalonBeginsToo(): void
    {
        self::assertNotNull(self::$kernel);
        $begin = new CommandTester((new Application(self::$kernel))->find('thistle:salon'));
        $given = ['--salon' => 'The Long Meadow', '--name' => 'Nell Sedgeley', '--login' => 'nell'];
        $more = ['--time-zone' => 'UTC', '--currency' => 'EUR', '--hemisphere' => 'south', '--place' => 'Barn'];
        $_SERVER['THISTLE_PASSWORD'] = 'kettle';
        $_SERVER['THISTLE_PIN'] = '4071';
        try {
            self::assertSame(1, $begin->execute($given + $more + ['--place-kind' => 'van']));
            self::assertMatchesRegularExpression('/password must\s+have 12/', $begin->getDisplay());
            $_SERVER['THISTLE_PASSWORD'] = self::SALON['password'];
            self::assertSame(0, $begin->execute($given + $more + ['--place-kind' => 'van']));
        } finally {
            unset($_SERVER['THISTLE_PASSWORD'], $_SERVER['THISTLE_PIN']);
        }
        $this->signIn('nell', self::SALON['password']);
        self::assertSame('van', self::rows($this->ask('GET', '/api/session', expect: 200)['places'])[0]['kind'] ?? '');
    }

    /** The address of the API that a fresh one-time link opens. */
    private function begun(): string
    {
        self::assertNotNull(self::$kernel);
        $begin = new CommandTester((new Application(self::$kernel))->find('thistle:begin'));
        self::assertSame(0, $begin->execute([]));

        return '/api'.trim($begin->getDisplay());
    }

    private function rowsOf(string $what): int
    {
        return \count($this->db()->fetchFirstColumn("SELECT id FROM $what"));
    }
}
