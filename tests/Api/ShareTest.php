<?php

/** A dog's history between two salons: asked, allowed by its owner's link, looked at, taken back, brought along. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Salon\Row;
use Symfony\Component\Uid\Uuid;

final class ShareTest extends ApiTestCase
{
    private const OWN_NOTE = 'Pays late, ask at the desk.';

    public function testTheOwnerAllowsByTheirLinkAndTakesItBack(): void
    {
        $here = $this->sameDogAtSunnivas('Osric');
        $this->anOwnNote('Osric');
        $asked = $this->ask('POST', "/api/dogs/$here/histories", ['salon' => 'the fulling room'], 201);
        $ask = self::rows($asked['from'])[0];
        self::assertSame(['asked', ''], [$ask['state'], $ask['path']]);
        $id = self::text($ask['id']);
        $this->ask('GET', "/api/histories/$id", expect: 404);
        $link = $this->linkSent('Osric');
        self::assertSame(200, $this->open($link));
        self::assertStringContainsString('asks what we know of Osric', $this->shown());
        self::assertSame(409, $this->answer($link, ['answer' => 'allow']));
        self::assertStringContainsString('Tick what they may see', $this->shown());
        self::assertSame(303, $this->answer($link, ['answer' => 'allow', 'parts' => ['card', 'visits', 'money']]));
        $this->open($link);
        self::assertStringContainsString('may see what is ticked, since', $this->shown());

        $this->signIn('sunniva');
        $seen = $this->ask('GET', "/api/histories/$id", expect: 200);
        self::assertSame(['The Fulling Room', 'Osric', 'live'], [$seen['salon'], $seen['dog'], $seen['seal']]);
        self::assertNotSame([], self::rows($seen['card']));
        self::assertNotSame([], self::rows($seen['zones']));
        self::assertNotSame([], self::rows($seen['visits']));
        self::assertNull($seen['cautions']);
        $all = (string) json_encode($seen, \JSON_UNESCAPED_UNICODE);
        self::assertStringNotContainsString(self::OWN_NOTE, $all);
        foreach ($this->people('Osric') as $person) {
            self::assertStringNotContainsString($person, $all);
        }
        self::assertStringNotContainsString('minor', $all);
        $this->ask('GET', "/api/histories/$id", expect: 200);
        self::assertSame(
            [
                'its history at the fulling room was looked at',
                'at the fulling room its owner lets Another Salon see: card, visits',
                'the fulling room was asked for its history',
            ],
            $this->log($here),
        );
        $this->signIn('maren');
        $osric = $this->dogId('Osric');
        self::assertSame(
            ['Another Salon looked at its history', 'its owner lets Another Salon see: card, visits',
                'Another Salon asks for its history; its owner answers by a link'],
            $this->log($osric),
        );
        $to = self::rows($this->ask('GET', "/api/dogs/$osric/histories", expect: 200)['to'])[0];
        self::assertSame(['allowed', ['card', 'visits'], date('Y-m-d'), $link], [
            $to['state'], $to['parts'], $to['seen_on'], $to['path'],
        ]);

        self::assertSame(303, $this->answer($link, ['answer' => 'nothing']));
        $this->signIn('sunniva');
        $said = $this->ask('GET', "/api/histories/$id", expect: 404);
        self::assertStringContainsString('not any more', self::text($said['title']));
        self::assertSame('revoked', self::rows($this->ask('GET', "/api/dogs/$here/histories")['from'])[0]['state']);
    }

    public function testTheSalonTakesItBackInTheOwnersNameAndCannotAllow(): void
    {
        $here = $this->sameDogAtSunnivas('Osric');
        $id = self::text(self::rows(
            $this->ask('POST', "/api/dogs/$here/histories", ['salon' => 'The Fulling Room'], 201)['from'],
        )[0]['id']);
        $this->ask('DELETE', "/api/histories/$id", expect: 404);
        $link = $this->linkSent('Osric');
        $this->answer($link, ['answer' => 'allow', 'parts' => ['cautions']]);
        $this->signIn('wim');
        $this->ask('DELETE', "/api/histories/$id", expect: 403);
        $this->ask('GET', "/api/histories/$id", expect: 404);
        $this->signIn('junia');
        $this->ask('DELETE', "/api/histories/$id", expect: 200);
        $this->signIn('sunniva');
        $this->ask('GET', "/api/histories/$id", expect: 404);
        self::assertSame(404, $this->open(substr($link, 0, -1).('0' === $link[-1] ? '1' : '0')));
    }

    public function testWhoAsksLearnsNothingOfDogsThatAreNotTheirOwners(): void
    {
        $here = $this->sameDogAtSunnivas('Osric', phone: '0555 099 9999');
        $before = $this->howMany('message');
        $one = $this->ask('POST', "/api/dogs/$here/histories", ['salon' => 'The Fulling Room'], 201);
        $two = $this->ask('POST', "/api/dogs/$here/histories", ['salon' => 'No Such Salon'], 201);
        self::assertSame($before, $this->howMany('message'));
        $same = static fn (array $a): array => array_diff_key($a, ['id' => 0, 'salon' => 0, 'asked_at' => 0]);
        self::assertSame($same(self::rows($one['from'])[0]), $same(self::rows($two['from'])[0]));
        $own = $this->db()->fetchOne("SELECT name FROM salon WHERE name <> 'The Fulling Room'");
        $this->ask('POST', "/api/dogs/$here/histories", ['salon' => self::text($own)], 422);
        foreach ([3, 4, 5] as $n) {
            $this->ask('POST', "/api/dogs/$here/histories", ['salon' => "Salon $n"], 201);
        }
        $this->ask('POST', "/api/dogs/$here/histories", ['salon' => 'Salon 6'], 409);
    }

    public function testWhatAnotherSalonWarnsOfStandsWhereTheDogIsTakenInAndFollowsAMerge(): void
    {
        $there = $this->osric();
        $here = $this->sameDogAtSunnivas('Osric');
        self::assertSame([], $this->warnings($here));
        $this->ask('POST', "/api/dogs/$here/histories", ['salon' => 'The Fulling Room'], 201);
        self::assertSame([], $this->warnings($here), 'asked is not allowed');
        $link = $this->linkSent('Osric');
        $this->answer($link, ['answer' => 'allow', 'parts' => ['cautions']]);
        $this->signIn('maren');
        $own = array_column(self::rows($this->ask('GET', "/api/dogs/$there/card", expect: 200)['cautions']), 'message');
        self::assertNotSame([], $own);
        $this->signIn('sunniva');
        $said = array_map(static fn (mixed $m): string => 'from The Fulling Room: '.self::text($m), $own);
        self::assertSame($said, $this->warnings($here));

        // There the dog turns out to be in the book twice: who may look goes on with the record that is kept.
        $this->signIn('maren');
        $home = $this->db()->fetchOne('SELECT HEX(household_id) FROM dog WHERE id = ?', [
            Uuid::fromString($there)->toBinary(),
        ]);
        $this->db()->executeStatement('UPDATE groom SET open_for = NULL WHERE dog_id = ?', [
            Uuid::fromString($there)->toBinary(),
        ]);
        $twin = self::text($this->ask('POST', '/api/dogs', [
            'name' => 'Osric',
            'breed' => 'cross',
            'coat' => 'wire',
            'kg' => 9.5,
            'household' => Uuid::fromBinary((string) hex2bin(self::text($home)))->toRfc4122(),
        ], 201)['id']);
        $merged = self::rows($this->ask('POST', "/api/dogs/$twin/merge", ['other' => $there], 200)['merged']);
        $from = 'SELECT HEX(from_dog_id) FROM history_ask';
        self::assertSame(bin2hex(Uuid::fromString($twin)->toBinary()), strtolower(
            self::text($this->db()->fetchOne($from)),
        ));
        $this->signIn('sunniva');
        $history = self::rows($this->ask('GET', "/api/dogs/$here/histories", expect: 200)['from'])[0];
        $this->ask('GET', '/api/histories/'.self::text($history['id']), expect: 200);
        $this->signIn('maren');
        $this->ask('DELETE', '/api/merges/'.self::text($merged[0]['id']), [], 200);
        self::assertSame(bin2hex(Uuid::fromString($there)->toBinary()), strtolower(
            self::text($this->db()->fetchOne($from)),
        ));
        $this->answer($link, ['answer' => 'nothing']);
        $this->signIn('sunniva');
        self::assertSame([], $this->warnings($here));
    }

    public function testADogThatMovedIsNotWrittenToAndItsLinkIsHandedOver(): void
    {
        $this->db()->executeStatement("UPDATE dog SET state = 'moved' WHERE name = 'Osric'");
        $here = $this->sameDogAtSunnivas('Osric');
        $this->ask('POST', "/api/dogs/$here/histories", ['salon' => 'The Fulling Room'], 201);
        $state = $this->db()->fetchOne("SELECT state FROM message WHERE kind = 'history' ORDER BY id DESC LIMIT 1");
        self::assertSame('stopped', $state);
        $this->signIn('junia');
        $to = self::rows($this->ask('GET', '/api/dogs/'.$this->osric().'/histories', expect: 200)['to'])[0];
        self::assertSame(200, $this->open(self::text($to['path'])));
        $this->signIn('wim');
        $to = self::rows($this->ask('GET', '/api/dogs/'.$this->osric().'/histories', expect: 200)['to'])[0];
        self::assertSame('', $to['path']);
    }

    public function testASealedCopyTravelsAndIsRefusedWhenItWasChanged(): void
    {
        $this->anOwnNote('Osric');
        $this->signIn('tove');
        $this->ask('POST', '/api/dogs/'.$this->osric().'/copy', expect: 200);
        $copy = (string) $this->client->getResponse()->getContent();
        self::assertStringNotContainsString(self::OWN_NOTE, $copy);
        $here = $this->sameDogAtSunnivas('Osric');
        $path = "/api/dogs/$here/histories/file";
        foreach (
            [
                'is no history' => '{}',
                'is no history of' => substr($copy, 0, 200),
                'was changed after' => str_replace('"dog":"Osric"', '"dog":"Other"', $copy),
                'was changed after it' => (string) preg_replace('/"key":"./', '"key":"0', $copy),
                'by a later' => str_replace('"version":1', '"version":2', $copy),
            ] as $why => $bytes
        ) {
            $said = self::errors(self::map($this->giveSheet($bytes, 422, $path)));
            self::assertStringContainsString($why, $said['file'] ?? '');
        }
        $taken = self::rows($this->giveSheet($copy, 201, $path)['from'])[0];
        self::assertSame(['file', 'The Fulling Room'], [$taken['state'], $taken['salon']]);
        $seen = $this->ask('GET', '/api/histories/'.self::text($taken['id']), expect: 200);
        self::assertSame(['own', ''], [$seen['seal'], $seen['key']]);
        self::assertNotSame([], self::rows($seen['visits']));
        self::assertSame($copy, $this->db()->fetchOne("SELECT copy FROM history_ask WHERE state = 'file'"));
        $this->signIn('maren');
        self::assertContains('a sealed copy of its history was handed out', $this->log($this->osric()));
        $this->ask('GET', '/api/histories/'.self::text($taken['id']), expect: 404);
    }

    /** The same dog under the same number in the other salon, who is signed in then. */
    private function sameDogAtSunnivas(string $name, ?string $phone = null): string
    {
        $phone ??= self::text($this->db()->fetchOne(
            'SELECT c.phone FROM client c JOIN dog d ON d.household_id = c.household_id WHERE d.name = ? ORDER BY c.id',
            [$name],
        ));
        $this->db()->executeStatement("UPDATE salon SET name = 'Another Salon' WHERE name <> 'The Fulling Room'");
        $this->signIn('sunniva');
        $form = [
            'name' => $name,
            'breed' => 'cross',
            'coat' => 'wire',
            'kg' => 9.5,
            'owner' => ['name' => 'Nell Sedgeley', 'phone' => str_replace(' ', '-', $phone)],
        ];

        return self::text($this->ask('POST', '/api/dogs', $form, 201)['id']);
    }

    /** @return list<string> what stands beside a dog's own cautions */
    private function warnings(string $dog): array
    {
        $said = self::rows($this->ask('GET', "/api/dogs/$dog/histories/warnings", expect: 200)['cautions']);

        return array_map(static fn (array $c): string => self::text($c['message']), $said);
    }

    private function linkSent(string $dog): string
    {
        $text = $this->db()->fetchOne(
            "SELECT m.text FROM message m JOIN dog d ON d.id = m.dog_id WHERE m.kind = 'history' AND d.name = ?
            ORDER BY m.id DESC LIMIT 1",
            [$dog],
        );
        self::assertSame(1, preg_match('~/history/[0-9a-f]{64}~', self::text($text), $found));

        return $found[0];
    }

    private function open(string $link): int
    {
        $this->client->request('GET', $link);

        return $this->client->getResponse()->getStatusCode();
    }

    /** @param array<string, mixed> $form */
    private function answer(string $link, array $form): int
    {
        $this->client->request('POST', $link, ['key' => bin2hex(random_bytes(16))] + $form);

        return $this->client->getResponse()->getStatusCode();
    }

    private function shown(): string
    {
        return (string) $this->client->getResponse()->getContent();
    }

    private function anOwnNote(string $dog): void
    {
        $this->db()->executeStatement(
            'UPDATE visit v JOIN dog d ON d.id = v.dog_id SET v.note = ?, v.note_own = 1 WHERE d.name = ?',
            [self::OWN_NOTE, $dog],
        );
    }

    /** @return list<string> names and numbers */
    private function people(string $dog): array
    {
        $found = $this->db()->fetchAllNumeric(
            'SELECT c.name, c.phone FROM client c JOIN dog d ON d.household_id = c.household_id WHERE d.name = ?',
            [$dog],
        );

        return array_map(self::text(...), array_merge(...$found));
    }

    /** @return list<string> what the log says of its history, newest first */
    private function log(string $dog): array
    {
        $entries = self::rows($this->ask('GET', "/api/log?dog=$dog", expect: 200)['entries']);

        return array_map(
            static fn (array $e): string => self::text($e['summary']),
            array_values(array_filter($entries, static fn (array $e): bool => 'history' === $e['kind'])),
        );
    }

    /** Of the demo salon, whoever is signed in. */
    private function osric(): string
    {
        return Row::id($this->db()->fetchOne(
            "SELECT d.id FROM dog d JOIN salon s ON s.id = d.salon_id WHERE d.name = 'Osric' AND s.name = ?",
            ['The Fulling Room'],
        ));
    }

    private function howMany(string $table): int
    {
        return (int) self::number($this->db()->fetchOne("SELECT COUNT(*) FROM $table"));
    }
}
