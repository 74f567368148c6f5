<?php

/** A home is changed once and stands on all its dogs; a dog that moves keeps its history. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class HomeTest extends ApiTestCase
{
    private const FIELDS = ['name', 'note', 'people', 'others', 'vet', 'quiet_from', 'quiet_to'];

    public function testWhatIsChangedOfAHomeStandsOnEveryDogOfIt(): void
    {
        $this->signIn('junia');
        $tansy = $this->dog('Tansy');
        $home = $this->home($tansy);
        $marl = $this->dog('Marl');
        $this->move($marl, ['home' => $home['id']], 200);
        $known = self::rows($home['people'])[0];
        $now = $this->change($this->home($tansy), [
            'name' => 'Moor',
            'note' => 'The gate sticks.',
            'people' => [
                ['id' => $known['id'], 'name' => 'Aveline Moor', 'phone' => '0555 014 0001'],
                ['name' => 'Rafe Moor', 'email' => 'rafe@example.org'],
            ],
        ], 200);
        self::assertSame(['Aveline Moor', 'Rafe Moor'], array_column(self::rows($now['people']), 'name'));
        foreach (['Tansy', 'Marl'] as $name) {
            self::assertSame('Moor', $this->dog($name)['household_name']);
            $found = self::rows($this->ask('GET', '/api/dogs?q=rafe', expect: 200)['dogs']);
            self::assertContains($name, array_column($found, 'name'));
        }
        // A form of the dog that was open before is old.
        $this->move($marl, ['home' => $home['id']], 412);
        $alone = $this->change($now, ['people' => [self::rows($now['people'])[1]]], 200);
        self::assertSame(['Rafe Moor'], array_column(self::rows($alone['people']), 'name'));
        self::assertSame([], $this->ask('GET', '/api/dogs?q=aveline+moor', expect: 200)['dogs']);
    }

    public function testAPhoneChangedOnADogsFormIsNotLostToAnOlderPageOfTheHome(): void
    {
        $this->signIn('junia');
        $tansy = $this->dog('Tansy');
        $open = $this->home($tansy);
        $owner = ['name' => 'Aveline Moor', 'phone' => '0555 014 0777'];
        $form = ['name' => 'Tansy', 'breed' => $tansy['breed'], 'coat' => $tansy['coat'], 'owner' => $owner];
        $path = '/api/dogs/'.self::text($tansy['id']);
        $this->ask('PUT', $path, $form, 200, ['If-Match' => self::version($tansy)]);
        $stale = $this->change($open, ['note' => 'The gate sticks.'], 412);
        $theirs = self::rows(self::map($stale['theirs'])['people']);
        self::assertContains('0555 014 0777', array_column($theirs, 'phone'));
    }

    public function testWhoIsCalledWhoFetchesAndTheVetAreSaidOnceForEveryDog(): void
    {
        $this->signIn('junia');
        $tansy = $this->dog('Tansy');
        $home = $this->home($tansy);
        $person = ['name' => 'Aveline Moor', 'phone' => '0555 014 0001', 'writes' => 'yes', 'word' => 'wren'];
        $now = $this->change($home, [
            'people' => [$person],
            'others' => [
                ['name' => 'Isa Reed', 'phone' => '0555 014 0002', 'role' => 'second', 'collects' => false],
                ['name' => 'Old Tam', 'role' => 'collector', 'word' => 'otter'],
            ],
            'vet' => 'Weir practice, 0555 019 0000',
            'quiet_from' => '20:30',
            'quiet_to' => '07:00',
        ], 200);
        $first = self::rows($now['people'])[0];
        self::assertSame(['yes', true], [$first['writes'], null !== $first['writes_on']]);
        foreach (['Tansy', 'Perrin'] as $name) {
            self::assertSame(
                [
                    'vet' => 'Weir practice, 0555 019 0000',
                    'emergency' => 'Isa Reed, 0555 014 0002',
                    'may_collect' => 'Tansy' === $name
                        ? self::map($tansy['reach'])['may_collect']
                        : 'Aveline Moor (word: wren); Old Tam (word: otter)',
                ],
                self::map($this->dog($name)['reach']),
            );
        }
        self::assertNotSame([], self::rows($now['visits']));
        foreach (
            [
                'others[0].phone' => ['others' => [['name' => 'Isa Reed', 'role' => 'second']]],
                'others[0].role' => ['others' => [['name' => 'Isa Reed', 'role' => 'thief']]],
                'quiet_from' => ['quiet_from' => '25:00', 'quiet_to' => '07:00'],
                'quiet_to' => ['quiet_from' => '21:00', 'quiet_to' => ''],
                'people[0].writes' => ['people' => [['writes' => 'perhaps'] + $person]],
            ] as $field => $change
        ) {
            $fault = $this->change($now, $change, 422);
            self::assertSame($field, self::rows($fault['errors'])[0]['field'] ?? '');
        }
    }

    public function testSomebodyOfTwoHomesIsFoundAsOne(): void
    {
        $this->signIn('junia');
        $tansy = $this->home($this->dog('Tansy'));
        $marl = $this->home($this->dog('Marl'));
        $one = ['name' => 'Rafe Moor', 'phone' => '0555 014 0009'];
        $this->change($tansy, ['people' => [$one]], 200);
        $now = $this->change($marl, ['people' => [$one]], 200);
        $also = self::rows($now['people'])[0]['also'];
        self::assertSame([['id' => $tansy['id'], 'name' => $tansy['name']]], $also);
        $open = $this->change($now, ['vet' => ''], 200)['open'];
        self::assertIsArray($open);
        self::assertContains('No vet is named.', $open);
    }

    public function testADogThatMovesKeepsItsHistory(): void
    {
        $this->signIn('junia');
        $before = $this->ask('GET', '/api/dogs/'.$this->dogId('Tansy').'/card', expect: 200);
        $tansy = self::map($before['dog']);
        $old = $this->home($tansy);
        self::assertStringContainsString('Bryony Sallow', self::text(self::map($tansy['reach'])['emergency']));
        self::assertNotSame([], $old['messages']);
        $this->db()->executeStatement(
            "UPDATE groom g JOIN dog d ON d.id = g.dog_id SET g.link_until = '2099-01-01 00:00:00' WHERE d.name = ".
                "'Tansy'",
        );
        $new = $this->move($tansy, ['owner' => ['name' => 'Rafe Moor', 'phone' => '0555 014 0000']], 200);
        self::assertSame(['Moor', ['Tansy']], [$new['name'], array_column(self::rows($new['dogs']), 'name')]);
        self::assertSame([], $new['messages'], 'what went to the home before is not theirs');
        $after = $this->ask('GET', '/api/dogs/'.$this->dogId('Tansy').'/card', expect: 200);
        $visits = static fn (array $card): array => array_column(self::rows($card['visits']), 'id');
        self::assertSame($visits($before), $visits($after));
        self::assertSame(
            0,
            $this->db()->fetchOne(
                'SELECT COUNT(*) FROM groom g JOIN dog d ON d.id = g.dog_id WHERE d.name = ? AND g.link_until > NOW()',
                ['Tansy'],
            ),
            'what was opened to the home before is closed',
        );
        self::assertSame($before['revision'], $after['revision'], 'its plan too');
        $dog = self::map($after['dog']);
        self::assertSame(
            ['vet' => '', 'emergency' => '', 'may_collect' => 'Rafe Moor'],
            self::map($dog['reach']),
            'nothing of the home before',
        );
        self::assertNotContains('Tansy', array_column(self::rows($this->home($tansy)['dogs']), 'name'));
        $this->move(self::map($after['dog']), ['home' => $new['id']], 422);
        $this->move(self::map($after['dog']), ['home' => $old['id']], 200);
    }

    public function testWhatIsWrongIsNamedAndAnotherSalonsHomeIsNone(): void
    {
        $this->signIn('sunniva');
        $theirs = self::text($this->dog('Quillon')['household']);
        $this->signIn('junia');
        $tansy = $this->dog('Tansy');
        $home = $this->home($tansy);
        foreach (
            [
                'people[0].phone' => [['name' => 'Rafe Moor']],
                'people[0].email' => [['name' => 'Rafe Moor', 'phone' => '0555 014 0000', 'email' => 'nobody']],
                'people[0].id' => [['id' => $home['id'], 'name' => 'Rafe Moor', 'phone' => '0555 014 0000']],
                'people[0].name' => [['name' => 'R', 'phone' => '0555 014 0000']],
                'people' => [],
            ] as $field => $people
        ) {
            $fault = $this->change($home, ['people' => $people], 422);
            self::assertSame($field, self::rows($fault['errors'])[0]['field'] ?? '');
        }
        $this->ask('GET', "/api/homes/$theirs", expect: 404);
        $this->move($tansy, ['home' => $theirs], 404);
        $this->move($tansy, [], 422);
        $this->signIn('wim');
        $seen = self::rows($this->ask('GET', '/api/homes/'.self::text($home['id']), expect: 200)['people'])[0];
        self::assertSame(['', ''], [$seen['phone'] ?? null, $seen['email'] ?? null]);
    }

    /** @return array<string, mixed> */
    private function dog(string $name): array
    {
        $found = self::find(self::rows($this->ask('GET', "/api/dogs?q=$name", expect: 200)['dogs']), 'name', $name);

        return self::map($this->ask('GET', '/api/dogs/'.self::text($found['id']).'/card', expect: 200)['dog']);
    }

    /**
     * @param array<string, mixed> $dog
     *
     * @return array<string, mixed>
     */
    private function home(array $dog): array
    {
        return $this->ask('GET', '/api/homes/'.self::text($dog['household']), expect: 200);
    }

    /**
     * @param array<string, mixed> $home
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function change(array $home, array $change, int $expect): array
    {
        $body = $change + array_intersect_key($home, array_flip(self::FIELDS));
        $people = $body['people'] ?? [];
        $body['people'] = array_map(
            static fn (mixed $p): array => array_diff_key(self::map($p), ['writes_on' => 0, 'also' => 0]),
            \is_array($people) ? $people : [],
        );
        $path = '/api/homes/'.self::text($home['id']);

        return $this->ask('PUT', $path, $body, $expect, ['If-Match' => self::version($home)]);
    }

    /**
     * @param array<string, mixed> $dog
     * @param array<string, mixed> $to
     *
     * @return array<string, mixed>
     */
    private function move(array $dog, array $to, int $expect): array
    {
        $path = '/api/dogs/'.self::text($dog['id']).'/home';

        return $this->ask('PUT', $path, $to, $expect, ['If-Match' => self::version($dog)]);
    }

    /** @param array<string, mixed> $row */
    private static function version(array $row): string
    {
        $version = $row['version'];
        self::assertIsInt($version);

        return "\"$version\"";
    }
}
