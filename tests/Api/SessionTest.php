<?php

/** Signing in, changing person, CSRF and throttling. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Demo\DemoLoader;
use KeenThistle\Staff\Throttle;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\BrowserKit\Cookie;

final class SessionTest extends ApiTestCase
{
    public function testSignInSeeWhoAndSignOut(): void
    {
        $this->ask('GET', '/api/session', expect: 401);
        $this->signIn('tove');
        $who = $this->ask('GET', '/api/session', expect: 200);
        self::assertSame(
            ['Tove Lindgarth', 'groomer', 'The Fulling Room'],
            [$who['name'], $who['role'], $who['salon']],
        );
        self::assertCount(3, self::rows($who['places']));
        self::assertCount(6, self::rows($who['colleagues']), 'only the own salon');
        $this->ask('DELETE', '/api/session', expect: 204);
        $this->ask('GET', '/api/session', expect: 401);
    }

    public function testASessionPlantedBeforeSigningInOpensNothingAfterwards(): void
    {
        $this->signIn('tove');
        $first = $this->client->getCookieJar()->get('MOCKSESSID')?->getValue();
        self::assertIsString($first);
        $this->ask('POST', '/api/session', ['login' => 'tove', 'password' => DemoLoader::PASSWORD], 200);
        self::assertNotSame($first, $this->client->getCookieJar()->get('MOCKSESSID')?->getValue());
        $this->client->getCookieJar()->clear();
        $this->client->getCookieJar()->set(new Cookie('MOCKSESSID', $first));
        $this->ask('GET', '/api/kit', expect: 401);
    }

    #[DataProvider('changes')]
    public function testWhoHasAnotherPasswordOrRoleOrLeftSignsInAgain(string $change): void
    {
        $this->signIn('tove');
        $this->ask('GET', '/api/kit', expect: 200);
        $this->db()->executeStatement("UPDATE staff SET $change WHERE login = 'tove'");
        $this->ask('GET', '/api/kit', expect: 401);
    }

    /** @return iterable<string, array{string}> */
    public static function changes(): iterable
    {
        yield 'password' => ["password_hash = CONCAT(password_hash, 'x')"];
        yield 'role' => ["role = 'apprentice'"];
        yield 'name' => ["login = 'tove2'"];
        yield 'left' => ['active = 0'];
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
        self::assertSame(
            400,
            $this->client->getResponse()->getStatusCode(),
            'a form post from elsewhere is no sign-in',
        );
    }

    public function testAWriteNeedsTheTokenOfThisSession(): void
    {
        $this->signIn('tove');
        $this->csrf('stolen');
        $problem = $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/plan/back', self::blade('10'), 403, [
            'If-Match' => '"1"',
        ]);
        self::assertStringContainsString('Reload', self::text($problem['title']));
    }

    public function testChangeOfPersonByPin(): void
    {
        $this->signIn('tove');
        $colleagues = self::rows($this->ask('GET', '/api/session')['colleagues']);
        $idris = self::text(self::find($colleagues, 'name', 'Idris Fenwater')['id']);
        self::assertSame(
            ['pin'],
            array_keys(
                self::errors($this->ask('POST', '/api/session/person', ['staff' => $idris, 'pin' => '0000'], 422)),
            ),
        );
        self::assertSame('Tove Lindgarth', $this->ask('GET', '/api/session')['name']);
        $now = $this->ask('POST', '/api/session/person', ['staff' => $idris, 'pin' => '7350'], 200);
        self::assertSame('Idris Fenwater', $now['name']);
        $this->csrf(self::text($now['csrf']));
        $this->ask(
            'PUT',
            '/api/dogs/'.$this->dogId('Marl').'/plan/chest',
            ['method' => 'card', 'entered_mm' => 52],
            200,
            ['If-Match' => '"1"'],
        );
        self::assertSame(
            'Idris Fenwater',
            self::rows($this->ask('GET', '/api/log')['entries'])[0]['who'],
            'who tapped is known',
        );
    }

    public function testThePinOfAnotherSalonDoesNotOpenThisOne(): void
    {
        $other = self::text(
            $this->db()->fetchOne(
                'SELECT '.
                    "LOWER(CONCAT(HEX(SUBSTR(id, 1, 4)), '-', HEX(SUBSTR(id, 5, 2)), '-', HEX(SUBSTR(id, 7, 2)), '-', ".
                    "HEX(SUBSTR(id, 9, 2)), '-', HEX(SUBSTR(id, 11)))) ".
                    "FROM staff WHERE login = 'sunniva'",
            ),
        );
        $this->signIn('tove');
        $this->ask('POST', '/api/session/person', ['staff' => $other, 'pin' => '6414'], 404);
    }

    public function testAfterFiveWrongPinsItTakesThePasswordAndThePersonIsTold(): void
    {
        $this->signIn('tove');
        $maren = self::text(
            self::find(self::rows($this->ask('GET', '/api/session')['colleagues']), 'name', 'Maren Oakhollow')['id'],
        );
        for ($i = 0; $i < 5; ++$i) {
            $this->ask('POST', '/api/session/person', ['staff' => $maren, 'pin' => '000'.$i], 422);
        }
        $problem = $this->ask('POST', '/api/session/person', ['staff' => $maren, 'pin' => '4826'], 403);
        self::assertStringContainsString('takes their password', self::text($problem['title']));
        $told = $this->ask('POST', '/api/session', ['login' => 'maren', 'password' => 'thistle-demo'], 200);
        self::assertIsString($told['pin_refused_at']);
        self::assertNull($this->ask('GET', '/api/session')['pin_refused_at'], 'once');
        $this->signIn('tove');
        $this->ask('POST', '/api/session/person', ['staff' => $maren, 'pin' => '4826'], 200);
    }

    public function testARightPinForgivesTheWrongOnesBefore(): void
    {
        $this->signIn('tove');
        $idris = self::text(
            self::find(self::rows($this->ask('GET', '/api/session')['colleagues']), 'name', 'Idris Fenwater')['id'],
        );
        for ($round = 0; $round < 2; ++$round) {
            for ($i = 0; $i < 4; ++$i) {
                $this->ask('POST', '/api/session/person', ['staff' => $idris, 'pin' => '000'.$i], 422);
            }
            $this->csrf(
                self::text(
                    $this->ask('POST', '/api/session/person', ['staff' => $idris, 'pin' => '7350'], 200)['csrf'],
                ),
            );
        }
        self::assertSame('Idris Fenwater', $this->ask('GET', '/api/session', expect: 200)['name']);
    }

    public function testOneSalonsPinsAreGuessedOnlySoOften(): void
    {
        $this->signIn('tove');
        $salon = self::text($this->db()->fetchOne('SELECT LOWER(HEX(salon_id)) FROM staff WHERE login = ?', ['tove']));
        $uuid = implode('-', [
            substr($salon, 0, 8),
            substr($salon, 8, 4),
            substr($salon, 12, 4),
            substr($salon, 16, 4),
            substr($salon, 20),
        ]);
        $throttle = self::getContainer()->get(Throttle::class);
        self::assertInstanceOf(Throttle::class, $throttle);
        for ($i = 0; $i < 20; ++$i) {
            $throttle->attempt(['salon_pins' => $uuid]);
        }
        $idris = self::text(
            self::find(self::rows($this->ask('GET', '/api/session')['colleagues']), 'name', 'Idris Fenwater')['id'],
        );
        $this->ask('POST', '/api/session/person', ['staff' => $idris, 'pin' => '7350'], 429);
    }

    public function testSpellingANameOtherwiseIsNoWayRound(): void
    {
        foreach (['maren', 'MAREN', 'mären', "mar\u{200B}en", ' maren '] as $i => $spelling) {
            $this->ask('POST', '/api/session', ['login' => $spelling, 'password' => "guess$i"], 401);
        }
        $this->ask('POST', '/api/session', ['login' => 'márén', 'password' => 'thistle-demo'], 429);
        foreach (['nobody', 'NOBODY', 'nöbody', "no\u{200B}body", ' nobody '] as $spelling) {
            $this->ask('POST', '/api/session', ['login' => $spelling, 'password' => 'guess'], 401);
        }
        $this->ask('POST', '/api/session', ['login' => 'nóbody', 'password' => 'guess'], 429);
    }

    public function testTheTokenOfASecondSignInOverThePageWorks(): void
    {
        $this->signIn('tove');
        $first = $this->token();
        // The cookie is still there, as it is over a page whose session has ended or in a second tab.
        $again = self::text(
            $this->ask('POST', '/api/session', ['login' => 'tove', 'password' => 'thistle-demo'], 200)['csrf'],
        );
        $this->csrf($again);
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/plan/back', self::blade('10'), 200, [
            'If-Match' => '"1"',
        ]);
        $this->csrf($first);
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/plan/chest', self::blade('10'), 200, [
            'If-Match' => '"1"',
        ]);
        $other = self::text(
            $this->ask('POST', '/api/session', ['login' => 'maren', 'password' => 'thistle-demo'], 200)['csrf'],
        );
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/plan/loin', self::blade('10'), 403, [
            'If-Match' => '"1"',
        ]);
        $this->csrf($other);
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/plan/loin', self::blade('10'), 200, [
            'If-Match' => '"1"',
        ]);
    }
}
