<?php

/** A home asks for what is kept of it, and to be forgotten: nobody of it is named anywhere afterwards. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Symfony\Component\Uid\Uuid;

final class PrivacyTest extends ApiTestCase
{
    private string $home = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('maren');
        $this->home = (string) Uuid::fromBinary(self::text($this->db()->fetchOne(
            "SELECT household_id FROM dog WHERE name = 'Osric'",
        )));
    }

    public function testEverythingOfAHomeIsGivenAndNothingOfAnother(): void
    {
        $all = self::map($this->ask('GET', "/api/homes/$this->home/everything", expect: 200)['tables']);
        foreach (['household', 'client', 'dog', 'visit', 'visit_zone', 'trim_plan', 'plan_zone'] as $table) {
            self::assertNotSame([], self::rows($all[$table] ?? []), $table);
        }
        self::assertSame([$this->home], array_column(self::rows($all['household']), 'id'));
        self::assertSame(['Osric', 'Wick'], array_column(self::rows($all['dog']), 'name'));
        self::assertStringNotContainsString('Marchpane', (string) json_encode($all));
        self::assertArrayNotHasKey('staff', $all);
        $this->signIn('sunniva');
        $this->ask('GET', "/api/homes/$this->home/everything", expect: 404);
        $this->ask('GET', "/api/homes/$this->home/erasure", expect: 404);
        $this->ask('POST', "/api/homes/$this->home/erasure", ['asked' => 'by letter'], 404);
    }

    public function testWhatIsOpenIsNamedAndNothingIsErased(): void
    {
        $this->nothingOpen();
        $booking = ['day' => date('Y-m-d', (int) strtotime('+44 days')), 'time' => '10:00'];
        $this->ask('POST', '/api/dogs/'.$this->dogId('Osric').'/bookings', $booking, 201);
        $look = $this->ask('GET', "/api/homes/$this->home/erasure", expect: 200);
        self::assertStringContainsString('Osric is booked on', (string) json_encode($look['first']));
        self::assertNotSame([], $look['stays']);
        $said = $this->ask('POST', "/api/homes/$this->home/erasure", ['asked' => 'by letter'], 409);
        self::assertStringContainsString('cancel it first', self::text($said['title']));
        self::assertNotSame('Erased', $this->ask('GET', "/api/homes/$this->home", expect: 200)['name']);
    }

    public function testWhoIsErasedIsNamedNowhereAndTheWorkOnTheDogStays(): void
    {
        $osric = $this->dogId('Osric');
        $raw = Uuid::fromString($osric)->toBinary();
        $this->nothingOpen();
        $people = $this->db()->fetchAllAssociative('SELECT name, phone, email FROM client WHERE household_id = ?', [
            Uuid::fromString($this->home)->toBinary(),
        ]);
        $visits = $this->visits($raw);
        $this->ask('POST', "/api/homes/$this->home/erasure", ['asked' => ''], 422);
        $this->ask('POST', "/api/homes/$this->home/erasure", ['asked' => 'by letter'], 200);
        $all = (string) json_encode(
            $this->ask('GET', "/api/homes/$this->home/everything", expect: 200),
            \JSON_UNESCAPED_UNICODE,
        );
        self::assertNotSame([], $people);
        foreach ($people as $person) {
            self::assertStringNotContainsString(self::text($person['phone']), $all);
        }
        self::assertSame($visits, $this->visits($raw));
        $name = explode(' ', self::text($people[0]['name']))[1];
        self::assertSame([], $this->ask('GET', '/api/dogs?q='.strtolower($name), expect: 200)['dogs']);
        $log = $this->ask('GET', "/api/log?dog=$osric", expect: 200);
        self::assertStringNotContainsString(self::text($people[0]['phone']), (string) json_encode($log));
        self::assertStringNotContainsString(self::text($people[0]['name']), (string) json_encode($log));
        self::assertSame('its home was erased; it comes no more', self::rows($log['entries'])[0]['summary']);
        // No message ever again.
        $state = $this->db()->fetchOne('SELECT state FROM dog WHERE id = ?', [$raw]);
        self::assertSame('moved', $state);
        $card = $this->ask('GET', "/api/dogs/$osric/card", expect: 200);
        self::assertNotSame([], $card['visits']);
    }

    private function nothingOpen(): void
    {
        $of = 'SELECT id FROM dog WHERE household_id = ?';
        $home = [Uuid::fromString($this->home)->toBinary()];
        $this->db()->executeStatement("UPDATE booking SET state = 'cancelled' WHERE dog_id IN ($of)", $home);
        $this->db()->executeStatement("UPDATE groom SET open_for = NULL WHERE dog_id IN ($of)", $home);
    }

    private function visits(string $dog): int
    {
        return (int) self::number($this->db()->fetchOne('SELECT COUNT(*) FROM visit WHERE dog_id = ?', [$dog]));
    }
}
