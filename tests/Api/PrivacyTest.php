<?php

/** A home asks for what is kept of it, and to be forgotten: nobody of it is named anywhere afterwards. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Privacy\Retention;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;

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

    public function testEverythingOfADogIsGivenAndNothingOfItsPeople(): void
    {
        $osric = $this->dogId('Osric');
        $all = self::map($this->ask('GET', "/api/dogs/$osric/everything", expect: 200)['tables']);
        self::assertSame([$osric], array_column(self::rows($all['dog']), 'id'));
        self::assertNotSame([], self::rows($all['visit_zone']));
        self::assertNotSame([], self::rows($all['plan_zone']));
        foreach (['client', 'household', 'sale', 'staff', 'message', 'change_log'] as $table) {
            self::assertArrayNotHasKey($table, $all);
        }
        $log = self::rows($this->ask('GET', "/api/log?dog=$osric", expect: 200)['entries']);
        self::assertSame('everything of this dog was given out as a file', $log[0]['summary']);
        $this->signIn('sunniva');
        $this->ask('GET', "/api/dogs/$osric/everything", expect: 404);
    }

    public function testWhatPeopleSaidIsKeptWithItsDayAndItsWords(): void
    {
        $home = $this->ask('GET', "/api/homes/$this->home", expect: 200);
        self::assertSame([], $home['consents']);
        foreach (['yes', 'yes', 'no'] as $n => $writes) {
            $home = $this->ask('GET', "/api/homes/$this->home", expect: 200);
            $people = self::rows($home['people']);
            $form = [
                'name' => $home['name'],
                'people' => array_map(static fn (array $p): array => [
                    'id' => $p['id'],
                    'name' => $p['name'],
                    'phone' => $p['phone'],
                    'writes' => $people[0]['id'] === $p['id'] ? $writes : $p['writes'],
                ], $people),
            ];
            $version = ['If-Match' => '"'.(int) self::number($home['version']).'"'];
            $this->ask('PUT', "/api/homes/$this->home", $form, 200, $version);
        }
        $said = self::rows($this->ask('GET', "/api/homes/$this->home", expect: 200)['consents']);
        self::assertSame(['Is not to be written to.', 'Bertrand Sallow', 'Maren Oakhollow'], [
            $said[0]['text'], $said[0]['of'], $said[0]['by'],
        ]);
        self::assertCount(2, $said);
        self::assertStringStartsWith('May be written to', self::text($said[1]['text']));
    }

    public function testANewDogsPhotosAreSaidYesToInWords(): void
    {
        $new = ['name' => 'Brisk', 'breed' => 'cross', 'coat' => 'wire', 'photo_consent' => true,
            'owner' => ['name' => 'Nell Sedgeley', 'phone' => '0555 014 0000'], ];
        $dog = $this->ask('POST', '/api/dogs', $new, 201);
        $card = $this->ask('GET', '/api/dogs/'.self::text($dog['id']).'/card');
        $home = self::text(self::map($card['dog'])['household']);
        $said = self::rows($this->ask('GET', "/api/homes/$home", expect: 200)['consents']);
        self::assertSame(['Brisk'], array_column($said, 'of'));
        self::assertStringContainsString('Photos', self::text($said[0]['text']));
    }

    public function testEachNightTakesWhatHasHadItsTimeAndNothingElse(): void
    {
        $retention = self::getContainer()->get(Retention::class);
        self::assertInstanceOf(Retention::class, $retention);
        $osric = Uuid::fromString($this->dogId('Osric'))->toBinary();
        $this->nothingOpen();
        $old = $this->message('-25 months');
        $new = $this->message('-23 months');
        $retention->sweep();
        self::assertSame(['', 'Hello'], [$this->textOf($old), $this->textOf($new)]);
        $this->db()->executeStatement("UPDATE salon SET keep_gone_years = 3 WHERE name = 'The Fulling Room'");
        $raw = Uuid::fromString($this->home)->toBinary();
        $this->db()->executeStatement("UPDATE dog SET state = 'moved' WHERE household_id = ?", [$raw]);
        $name = fn (): string => self::text($this->ask('GET', "/api/homes/$this->home", expect: 200)['name']);
        Clock::set(new MockClock('+2 years'));
        $retention->sweep();
        Clock::set(new NativeClock());
        self::assertNotSame('Erased', $name(), 'its dogs were here less than three years before');
        $visits = $this->visits($osric);
        Clock::set(new MockClock('+4 years'));
        $retention->sweep();
        Clock::set(new NativeClock());
        self::assertSame('Erased', $name());
        self::assertSame($visits, $this->visits($osric));
        $log = (string) json_encode($this->ask('GET', '/api/log', expect: 200));
        self::assertStringContainsString('nobody came for 3 years', $log);
        $other = $this->db()->fetchOne("SELECT COUNT(*) FROM household WHERE name = 'Erased'");
        self::assertSame(1, (int) self::number($other), 'homes that dogs come from stay');
        $wrong = self::errors($this->ask('PUT', '/api/house', ['mat_limit' => 12, 'keep_gone_years' => 1], 422, [
            'If-Match' => '"1"',
        ]));
        self::assertStringContainsString('2 or more', $wrong['keep_gone_years'] ?? '');
    }

    private function message(string $ago): string
    {
        $at = new \DateTimeImmutable($ago);
        $id = (new UuidV7(UuidV7::generate($at)))->toBinary();
        $this->db()->executeStatement(
            "INSERT INTO message (id, salon_id, staff_id, at, kind, sent_to, text, state, receipt)
            SELECT ?, s.salon_id, s.id, ?, 'ready', '0555', 'Hello', 'sent', '' FROM staff s WHERE s.login = 'maren'",
            [$id, $at->format('Y-m-d H:i:s')],
        );

        return $id;
    }

    private function textOf(string $message): string
    {
        return self::text($this->db()->fetchOne('SELECT text FROM message WHERE id = ?', [$message]));
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
