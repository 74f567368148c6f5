<?php

/** Finding dogs as somebody types, taking them in, changing them. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class BookTest extends ApiTestCase
{
    private const NEW = [
        'name' => 'Briönne',
        'breed' => 'Fen setter',
        'coat' => 'feathered',
        'owner' => ['name' => 'Nell Sedgeley', 'phone' => '0555 014 3900'],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('maren');
    }

    /** @return list<string> */
    private function found(string $query): array
    {
        return array_map(
            self::text(...),
            array_column(
                self::rows($this->ask('GET', '/api/dogs?q='.rawurlencode($query), expect: 200)['dogs']),
                'name',
            ),
        );
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function queries(): iterable
    {
        yield 'first letters' => ['tan', ['Tansy']];
        yield 'case and accents' => ['TÁNSY', ['Tansy']];
        yield 'owner' => ['marchpane', ['Perrin', 'Tansy']];
        yield 'owner and dog' => ['march tan', ['Tansy']];
        yield 'breed' => ['water dog cross', ['Tansy']];
        yield 'last digits of the phone' => ['4471', ['Perrin', 'Tansy']];
        yield 'digits with a space' => ['014 4471', ['Perrin', 'Tansy']];
        yield 'a letter missing' => ['tasy', ['Tansy']];
        yield 'a letter wrong' => ['tensy', ['Tansy']];
        yield 'a letter too many' => ['tannsy', ['Tansy']];
        yield 'two letters swapped' => ['tasny', ['Tansy']];
        yield 'a typo in the owner, half typed' => ['marhcpa', ['Perrin', 'Tansy']];
        yield 'nobody' => ['zzzzzz', []];
        yield 'SQL' => ["' OR 1=1 --", []];
        yield 'a wildcard' => ['%', []];
        yield 'emoji' => ['🐩', []];
        yield 'markup' => ['<script>', []];
    }

    /** @param list<string> $expected */
    #[DataProvider('queries')]
    public function testFind(string $query, array $expected): void
    {
        $found = $this->found($query);
        sort($found);
        self::assertSame($expected, $found);
    }

    public function testTheDogsOwnNameComesFirst(): void
    {
        $this->ask('POST', '/api/dogs', ['name' => 'Sallow'] + self::NEW, 201);
        self::assertSame('Sallow', $this->found('sallow')[0], 'before the dogs of the Sallow household');
    }

    public function testAVeryLongQueryIsAnswered(): void
    {
        self::assertSame([], $this->found(str_repeat('abcdefghij ', 400)));
    }

    public function testPages(): void
    {
        for ($i = 0; $i < 16; ++$i) {
            $this->ask('POST', '/api/dogs', ['name' => \sprintf('Page %02d', $i)] + self::NEW, 201);
        }
        $first = $this->ask('GET', '/api/dogs', expect: 200);
        self::assertCount(25, self::rows($first['dogs']));
        $second = $this->ask('GET', '/api/dogs?cursor='.rawurlencode(self::text($first['next'])), expect: 200);
        self::assertCount(9, self::rows($second['dogs']));
        self::assertNull($second['next']);
        self::assertCount(
            34,
            array_unique(
                array_map(self::text(...), [
                    ...array_column(self::rows($first['dogs']), 'id'),
                    ...array_column(self::rows($second['dogs']), 'id'),
                ]),
            ),
        );
        $this->ask('GET', '/api/dogs?cursor=rubbish', expect: 200);
    }

    public function testANewDogIsFoundAndHasACard(): void
    {
        $dog = $this->ask('POST', '/api/dogs', self::NEW, 201);
        self::assertSame(['Briönne'], $this->found('brionne'));
        self::assertSame(['Briönne'], $this->found('3900'));
        $card = $this->ask('GET', '/api/dogs/'.self::text($dog['id']).'/card', expect: 200);
        self::assertSame([], $card['visits']);
        self::assertNull(self::map($card['interval'])['full_weeks']);
        $this->ask('PUT', '/api/dogs/'.self::text($dog['id']).'/plan/back', self::guard(13, '10'), 200, [
            'If-Match' => '"0"',
        ]);
        $card = $this->ask('GET', '/api/dogs/'.self::text($dog['id']).'/card', expect: 200);
        self::assertIsInt(self::map($card['interval'])['full_weeks'], 'planned, so the clocks can say something');
    }

    public function testANewDogsFormIsToldWhatTheBreedUsuallyHasAndWhichHomesAreThere(): void
    {
        $hints = $this->ask('GET', '/api/dogs/new/hints?breed=Hill%20terrier&owner=aveline%20mar', expect: 200);
        self::assertContains(
            ['field' => 'ear_type', 'value' => 'button', 'label' => 'button'],
            self::rows($hints['suggests']),
        );
        $home = self::rows($hints['homes'])[0];
        self::assertSame(['Perrin', 'Tansy'], $home['dogs']);
        $people = self::rows($home['people']);
        self::assertSame(['Aveline Marchpane', '0555 014 4471'], [$people[0]['name'], $people[0]['phone']]);

        $new = $this->ask('POST', '/api/dogs', ['name' => 'Teasel', 'breed' => 'Hill terrier', 'coat' => 'wire',
            'household' => $home['id'], 'colour' => 'red', 'markings' => ['dark_back', 'dark_back']], 201);
        self::assertSame([$home['id'], 'red', ['dark_back']], [$new['household'], $new['colour'], $new['markings']]);

        foreach (['', 'ma', '%', 'nobodyatall', 'x%27%20OR%201=1'] as $owner) {
            self::assertSame([], $this->ask('GET', "/api/dogs/new/hints?owner=$owner", expect: 200)['homes'], $owner);
        }
        $this->signIn('sunniva');
        self::assertSame([], $this->ask('GET', '/api/dogs/new/hints?owner=aveline', expect: 200)['homes']);
    }

    public function testSentTwiceIsOneDog(): void
    {
        $key = ['Idempotency-Key' => 'dog-key-00001'];
        self::assertSame(
            $this->ask('POST', '/api/dogs', self::NEW, 201, $key),
            $this->ask('POST', '/api/dogs', self::NEW, 201, $key),
        );
        self::assertCount(1, $this->found('brionne'));
    }

    public function testWhatADogsStateStopsIsSaidAndHappens(): void
    {
        $id = $this->dogId('Tansy');
        $card = fn (): array => $this->ask('GET', "/api/dogs/$id/card", expect: 200);
        $booked = self::rows($card()['bookings']);
        self::assertNotSame([], $booked);
        $change = function (string $state, string $version) use ($id): array {
            $owner = ['name' => 'Aveline Marchpane', 'phone' => '0555 014 4471'];
            $body = ['name' => 'Tansy', 'breed' => 'cross', 'coat' => 'curly', 'state' => $state, 'owner' => $owner];

            return $this->ask('PUT', "/api/dogs/$id", $body, 200, ['If-Match' => $version]);
        };
        $now = $change('paused', '"1"');
        self::assertNotSame([], $now['stops']);
        self::assertSame([], $card()['bookings'], 'what was booked is taken out');
        $log = self::text(self::rows($this->ask('GET', '/api/log')['entries'])[0]['summary']);
        self::assertStringContainsString('taken out', $log);
        $day = self::text($card()['today']);
        $booking = ['day' => $day, 'time' => '23:00', 'kind' => 'full'];
        $this->ask('POST', "/api/dogs/$id/bookings", $booking, 409);
        $this->ask('POST', "/api/dogs/$id/arrivals", expect: 200);
        $change('moved', '"2"');
        $this->ask('POST', "/api/dogs/$id/grooms", [], 409);
        $this->db()->executeStatement("UPDATE dog SET state = 'moved' WHERE name = 'Cobnut'");
        $this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/arrivals', expect: 409);
        $change('active', '"3"');
        $this->ask('POST', "/api/dogs/$id/bookings", $booking, 201);
    }

    public function testAChangeIsVersionedLoggedAndSearchable(): void
    {
        $dog = self::map($this->card('Tansy')['dog']);
        $id = self::text($dog['id']);
        $body = array_diff_key(
            $dog,
            array_flip([
                'id',
                'version',
                'household',
                'household_name',
                'people',
                'tail_rule',
                'reach',
                'stops',
            ]),
        );
        $changed = $this->ask('PUT', "/api/dogs/$id", ['name' => 'Tansiline', 'kg' => 11.6] + $body, 200, [
            'If-Match' => '"1"',
        ]);
        self::assertSame(2, $changed['version']);
        self::assertSame(['Tansiline'], $this->found('tansil'));
        self::assertSame(
            'Tansiline: name, kg changed',
            self::rows($this->ask('GET', '/api/log')['entries'])[0]['summary'],
        );
        $stale = $this->ask('PUT', "/api/dogs/$id", ['name' => 'Other'] + $body, 412, ['If-Match' => '"1"']);
        self::assertSame('Tansiline', self::map($stale['theirs'])['name']);
        $this->ask('PUT', "/api/dogs/$id", ['state' => 'passed_away', 'name' => 'Tansiline'] + $body, 200, [
            'If-Match' => '"2"',
        ]);
        self::assertSame('gone', self::rows($this->card('Tansy')['cautions'])[0]['code']);
        $this->ask('POST', "/api/dogs/$id/bookings", ['day' => date('Y-m-d', time() + 86_400)], 409);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function refused(): iterable
    {
        yield 'empty' => [['name' => ''], ['name']];
        yield 'only spaces' => [['name' => '   '], ['name']];
        yield 'very long' => [['name' => str_repeat('n', 61)], ['name']];
        yield 'two lines' => [['name' => "a\nb"], ['name']];
        yield 'not text' => [['name' => ['x']], ['name']];
        yield 'grams' => [['kg' => 9000], ['kg']];
        yield 'negative weight' => [['kg' => -1], ['kg']];
        yield 'weight in words' => [['kg' => 'nine'], ['kg']];
        yield 'born in 1900' => [['born_on' => '1900-05-01'], ['born_on']];
        yield 'born tomorrow' => [['born_on' => '2199-05-01'], ['born_on']];
        yield 'no such day' => [['born_on' => '2024-02-31'], ['born_on']];
        yield 'coat' => [['coat' => 'fluffy'], ['coat']];
        yield 'health' => [['health' => ['sad']], ['health[0]']];
        yield 'wish' => [['wish_weeks' => 0], ['wish_weeks']];
        yield 'dewclaws' => [['dewclaws' => 11], ['dewclaws']];
        yield 'no owner' => [['owner' => null], ['owner']];
        yield 'owner without a phone' => [['owner' => ['name' => 'Nell']], ['owner.phone']];
        yield 'several at once' => [['name' => '', 'kg' => 0, 'coat' => 'x'], ['name', 'coat', 'kg']];
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string> $fields
     */
    #[DataProvider('refused')]
    public function testEveryWrongFieldIsNamed(array $change, array $fields): void
    {
        self::assertSame($fields, array_keys(self::errors($this->ask('POST', '/api/dogs', $change + self::NEW, 422))));
    }

    public function testMarkupAndEmojiAreJustText(): void
    {
        $dog = $this->ask('POST', '/api/dogs', ['name' => '<img src=x onerror=alert(1)> 🐕'] + self::NEW, 201);
        self::assertSame('<img src=x onerror=alert(1)> 🐕', $dog['name']);
        self::assertStringContainsString(
            'application/json',
            self::text($this->client->getResponse()->headers->get('Content-Type')),
        );
    }
}
