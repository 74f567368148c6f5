<?php

/** Signing in, changing person, CSRF and throttling. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class SessionTest extends ApiTestCase
{
    public function testSignInSeeWhoAndSignOut(): void
    {
        $this->ask('GET', '/api/session', expect: 401);
        $this->signIn('tove');
        $who = $this->ask('GET', '/api/session', expect: 200);
        self::assertSame(['Tove Lindgarth', 'groomer', 'The Fulling Room'], [$who['name'], $who['role'], $who['salon']]);
        self::assertCount(3, self::rows($who['places']));
        self::assertCount(6, self::rows($who['colleagues']), 'only the own salon');
        $this->ask('DELETE', '/api/session', expect: 204);
        $this->ask('GET', '/api/session', expect: 401);
    }

    public function testAWrongPasswordAndAnUnknownNameLookTheSame(): void
    {
        $wrong = $this->ask('POST', '/api/session', ['login' => 'tove', 'password' => 'nonsense'], 401);
        $unknown = $this->ask('POST', '/api/session', ['login' => 'nobody', 'password' => 'nonsense'], 401);
        self::assertSame($wrong, $unknown);
    }

    public function testGuessingIsSlowedDown(): void
    {
        for ($i = 0; $i < 5; ++$i) {
            $this->ask('POST', '/api/session', ['login' => 'maren', 'password' => "guess$i"], 401);
        }
        $this->ask('POST', '/api/session', ['login' => 'maren', 'password' => 'thistle-demo'], 429);
        self::assertGreaterThan(0, (int) $this->client->getResponse()->headers->get('Retry-After'));
        $this->signIn('tove');
    }

    public function testBadSignInInput(): void
    {
        self::assertSame(['login', 'password'], array_keys(self::errors($this->ask('POST', '/api/session', [], 422))));
        $this->ask('POST', '/api/session', 'not json', 400);
        $this->client->request('POST', '/api/session', ['login' => 'tove', 'password' => 'thistle-demo']);
        self::assertSame(400, $this->client->getResponse()->getStatusCode(), 'a form post from elsewhere is no sign-in');
    }

    public function testAWriteNeedsTheTokenOfThisSession(): void
    {
        $this->signIn('tove');
        $this->csrf('stolen');
        $problem = $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/plan/back', self::blade('10'), 403, ['If-Match' => '"1"']);
        self::assertStringContainsString('Reload', self::text($problem['title']));
    }

    public function testChangeOfPersonByPin(): void
    {
        $this->signIn('tove');
        $colleagues = self::rows($this->ask('GET', '/api/session')['colleagues']);
        $idris = self::text(self::find($colleagues, 'name', 'Idris Fenwater')['id']);
        self::assertSame(['pin'], array_keys(self::errors($this->ask('POST', '/api/session/person', ['staff' => $idris, 'pin' => '0000'], 422))));
        self::assertSame('Tove Lindgarth', $this->ask('GET', '/api/session')['name']);
        $now = $this->ask('POST', '/api/session/person', ['staff' => $idris, 'pin' => '7350'], 200);
        self::assertSame('Idris Fenwater', $now['name']);
        $this->csrf(self::text($now['csrf']));
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Marl').'/plan/chest', ['method' => 'card', 'entered_mm' => 52], 200, ['If-Match' => '"1"']);
        self::assertSame('Idris Fenwater', self::rows($this->ask('GET', '/api/log')['entries'])[0]['who'], 'who tapped is known');
    }

    public function testThePinOfAnotherSalonDoesNotOpenThisOne(): void
    {
        $other = self::text($this->db()->fetchOne("SELECT LOWER(CONCAT(HEX(SUBSTR(id,1,4)),'-',HEX(SUBSTR(id,5,2)),'-',HEX(SUBSTR(id,7,2)),'-',HEX(SUBSTR(id,9,2)),'-',HEX(SUBSTR(id,11)))) FROM staff WHERE login = 'sunniva'"));
        $this->signIn('tove');
        $this->ask('POST', '/api/session/person', ['staff' => $other, 'pin' => '6414'], 404);
    }

    public function testPinGuessingIsSlowedDown(): void
    {
        $this->signIn('tove');
        $maren = self::text(self::find(self::rows($this->ask('GET', '/api/session')['colleagues']), 'name', 'Maren Oakhollow')['id']);
        for ($i = 0; $i < 5; ++$i) {
            $this->ask('POST', '/api/session/person', ['staff' => $maren, 'pin' => '000'.$i], 422);
        }
        $this->ask('POST', '/api/session/person', ['staff' => $maren, 'pin' => '4826'], 429);
    }
}
