<?php

/** Whatever is thrown at a route: an answer below 500, as a problem document, with no inside of the program in it. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class HostileTest extends HostileCase
{
    /** @return iterable<string, array{string}> raw bodies */
    public static function bodies(): iterable
    {
        yield 'nothing' => [''];
        yield 'no JSON' => ['name=Tansy&coat=curly'];
        yield 'half of it' => ['{"zone":"back","recipe":{"method":"cl'];
        yield 'null' => ['null'];
        yield 'a list' => ['[1,2,3]'];
        yield 'text' => ['"DROP TABLE dog"'];
        yield 'a number' => ['1e400'];
        yield 'a word that is no number' => ['{"measured_mm":NaN}'];
        yield 'broken bytes' => ["{\"name\":\"\xC3\x28\"}"];
        yield 'very deep' => [str_repeat('{"a":', 600).'1'.str_repeat('}', 600)];
        yield 'very wide' => ['{"zones":['.implode(',', array_fill(0, 3000, '{"zone":"back"}')).']}'];
        yield 'very long' => ['{"name":"'.str_repeat('ä', 200_000).'","breed":"x","coat":"wire"}'];
        yield 'a key of the language' => ['{"__proto__":{"role":"manager"},"constructor":1}'];
        yield 'markup everywhere' => [
            '{"zone":"<img src=x onerror=alert(1)>","method":"<b>","name":"<script>","day":"<i>","staff":"<u>"}',
        ];
        yield 'SQL everywhere' => [
            '{"zone":"back\' OR 1=1 --","day":"2026-01-01\'; DROP TABLE dog; --","staff":"1 OR 1=1","pin":"\' OR '.
            '\'\'=\'","measured_mm":"1; SELECT 1"}',
        ];
    }

    #[DataProvider('bodies')]
    public function testNoBodyBreaksAWrite(string $body): void
    {
        $this->signIn('maren');
        $tansy = $this->dogId('Tansy');
        $tool = self::text(self::rows($this->ask('GET', '/api/kit')['items'])[0]['id']);
        $booking = self::text(self::rows($this->ask('GET', '/api/bookings')['bookings'])[0]['id']);
        $van = self::text(self::map($this->ask('GET', '/api/round')['van'])['id']);
        $home = self::text(self::map($this->ask('GET', "/api/dogs/$tansy/card")['dog'])['household']);
        $before = $this->db()->fetchAllAssociative(
            'SELECT (SELECT COUNT(*) FROM dog) dogs, (SELECT COUNT(*) FROM visit) visits, (SELECT COUNT(*) FROM '.
                'booking) bookings, (SELECT COUNT(*) FROM change_log) changes',
        );
        foreach (
            [
                'POST /api/dogs',
                "PUT /api/dogs/$tansy",
                "POST /api/dogs/$tansy/answer",
                "PUT /api/dogs/$tansy/plan/back",
                "POST /api/dogs/$tansy/visits",
                "POST /api/dogs/$tansy/bookings",
                "PUT /api/bookings/$booking/date",
                'POST /api/bills',
                "PUT /api/bookings/$booking/charge",
                'POST /api/drawer',
                "POST /api/dogs/$tansy/year/answer",
                "POST /api/dogs/$tansy/series/answer",
                "POST /api/dogs/$tansy/series",
                "PUT /api/kit/$tool/measurement",
                'POST /api/session/person',
                'POST /api/people/invitations',
                'POST /api/quote/answer',
                "POST /api/dogs/$tansy/waiting",
                'POST /api/places',
                'POST /api/kit/catalogue',
                'PUT /api/me/password',
                'PUT /api/me/pin',
                'POST /api/me/pin/answer',
                'PUT /api/me/screen',
                "POST /api/dogs/$tansy/merge",
                'POST /api/me/salons',
                'POST /api/integrations',
                "POST /api/dogs/$tansy/histories",
                "PUT /api/vans/$van",
                "PUT /api/homes/$home/spot",
                'POST /api/roads/shut',
                'PUT /api/round/times',
            ] as $line
        ) {
            [$method, $path] = explode(' ', $line);
            $this->ask($method, $path, $body, headers: ['If-Match' => '"1"']);
            $this->refusedPlainly($line);
        }
        self::assertSame(
            $before,
            $this->db()->fetchAllAssociative(
                'SELECT (SELECT COUNT(*) FROM dog) dogs, (SELECT COUNT(*) FROM visit) visits, (SELECT COUNT(*) '.
                    'FROM booking) bookings, (SELECT COUNT(*) FROM change_log) changes',
            ),
        );
    }

    #[DataProvider('bodies')]
    public function testNoBodyBreaksTheTable(string $body): void
    {
        $this->signIn('maren');
        $tansy = $this->dogId('Tansy');
        $groom = self::text($this->ask('POST', "/api/dogs/$tansy/grooms", [], 200)['id']);
        $arrival = self::text($this->ask('POST', "/api/dogs/$tansy/arrivals", expect: 200)['id']);
        $count =
            'SELECT (SELECT COUNT(*) FROM groom_tap) taps, (SELECT COUNT(*) FROM incident) incidents, (SELECT '.
            'COUNT(*) FROM visit) visits, (SELECT COUNT(*) FROM message) messages, (SELECT COUNT(*) FROM '.
            'change_log) changes';
        $prices = self::text(self::rows($this->ask('GET', '/api/prices')['lists'])[0]['id']);
        $before = $this->db()->fetchAllAssociative($count);
        foreach (
            [
                "POST /api/grooms/$groom/taps",
                "PUT /api/arrivals/$arrival/collected",
                "POST /api/grooms/$groom/probe/answer",
                "POST /api/grooms/$groom/ask",
                "POST /api/grooms/$groom/close",
                "PUT /api/dogs/$tansy/measures",
                "PUT /api/dogs/$tansy/schools",
                "PUT /api/dogs/$tansy/hard-lines",
                "PUT /api/dogs/$tansy/line",
                "POST /api/dogs/$tansy/line/answer",
                'POST /api/house/answer',
                'POST /api/house/example/answer',
                'PUT /api/house',
                'POST /api/prices',
                'POST /api/prices/answer',
                "PUT /api/prices/$prices",
            ] as $line
        ) {
            [$method, $path] = explode(' ', $line);
            $this->ask($method, $path, $body, headers: ['If-Match' => '"1"']);
            $this->refusedPlainly($line);
        }
        self::assertSame($before, $this->db()->fetchAllAssociative($count));
        $this->ask('GET', "/api/grooms/$groom", expect: 200);
    }

    #[DataProvider('bodies')]
    public function testNoBodyBreaksKitWashAndPatterns(string $body): void
    {
        $this->signIn('maren');
        $tansy = $this->dogId('Tansy');
        $tool = self::text(self::rows($this->ask('GET', '/api/kit')['items'])[0]['id']);
        $product = self::text(self::rows($this->ask('GET', '/api/wash')['products'])[0]['id']);
        $pattern = self::text(self::rows($this->ask('GET', '/api/patterns')['patterns'])[0]['id']);
        $count =
            'SELECT (SELECT COUNT(*) FROM kit_item) tools, (SELECT COUNT(*) FROM tool_entry) entries, (SELECT '.
            'COUNT(*) FROM derivation) derivations, (SELECT COUNT(*) FROM wash_product) products, (SELECT '.
            'COUNT(*) FROM wash_bottle) bottles, (SELECT COUNT(*) FROM house_pattern) patterns, (SELECT COUNT(*) '.
            'FROM house_pattern_follow) follows, (SELECT COUNT(*) FROM change_log) changes';
        $before = $this->db()->fetchAllAssociative($count);
        foreach (
            [
                'POST /api/kit',
                "PUT /api/kit/$tool",
                "POST /api/kit/$tool/entries",
                "POST /api/kit/$tool/measurement/answer",
                "POST /api/kit/$tool/calliper/answer",
                'POST /api/wash/products',
                "PUT /api/wash/products/$product",
                'POST /api/wash/bottles',
                "POST /api/dogs/$tansy/reactions",
                'POST /api/patterns',
                "PUT /api/patterns/$pattern",
                "POST /api/patterns/$pattern/spread/answer",
                "PUT /api/dogs/$tansy/pattern",
                "POST /api/dogs/$tansy/pattern/answer",
            ] as $line
        ) {
            [$method, $path] = explode(' ', $line);
            $this->ask($method, $path, $body, headers: ['If-Match' => '"1"']);
            $this->refusedPlainly($line);
        }
        self::assertSame($before, $this->db()->fetchAllAssociative($count));
    }

    public function testTheSameWordsTwiceAreOneWrite(): void
    {
        $this->signIn('maren');
        $oat = self::find(self::rows($this->ask('GET', '/api/wash')['products']), 'name', 'Oat wash');
        $key = ['Idempotency-Key' => bin2hex(random_bytes(8))];
        $first = $this->ask('POST', '/api/wash/bottles', ['product' => $oat['id'], 'litres' => 1], 201, $key);
        self::assertSame(
            $first,
            $this->ask('POST', '/api/wash/bottles', ['product' => $oat['id'], 'litres' => 1], 201, $key),
        );
        self::assertCount(\count(self::rows($first['bottles'])), self::rows($this->ask('GET', '/api/wash')['bottles']));
        $emoji = 'Oat 🛁 <b>wash</b> \'; DROP TABLE dog; --';
        $this->ask('POST', '/api/wash/products', ['name' => $emoji, 'ratio' => '1:10'], 201);
        self::assertContains(
            $emoji,
            array_column(self::rows($this->ask('GET', '/api/wash')['products']), 'name'),
            'it is only text',
        );
    }

    /** @return iterable<string, array{array<string, mixed>}> what a tap says besides its id and time */
    public static function taps(): iterable
    {
        yield 'no kind' => [[]];
        yield 'a kind nobody knows' => [['kind' => 'dance']];
        yield 'a zone that is none' => [['kind' => 'zone', 'zones' => ['wing'], 'state' => 'done']];
        yield 'no zone' => [['kind' => 'zone', 'zones' => [], 'state' => 'done']];
        yield 'too many zones' => [['kind' => 'zone', 'zones' => array_fill(0, 500, 'back'), 'state' => 'done']];
        yield 'zones as text' => [['kind' => 'zone', 'zones' => 'back', 'state' => 'done']];
        yield 'a state in capitals' => [['kind' => 'zone', 'zones' => ['back'], 'state' => 'DONE']];
        yield 'a reason as long as a book' => [
            ['kind' => 'zone', 'zones' => ['back'], 'state' => 'deferred', 'why' => str_repeat('x', 5000)],
        ];
        yield 'a guard over a long blade' => [
            [
                'kind' => 'zone',
                'zones' => ['back'],
                'state' => 'done',
                'actual' => ['method' => 'guard', 'tool' => ['kind' => 'blade', 'label' => '4F']],
            ],
        ];
        yield 'a blade that is none' => [['kind' => 'timer', 'timer' => 'clipping', 'on' => true, 'blade' => '11']];
        yield 'a timer that is none' => [['kind' => 'timer', 'timer' => 'egg', 'on' => true]];
        yield 'a timer of no minutes' => [['kind' => 'timer', 'timer' => 'dwell', 'on' => true, 'minutes' => 0]];
        yield 'a timer of a week' => [['kind' => 'timer', 'timer' => 'dwell', 'on' => true, 'minutes' => 10_080]];
        yield 'on as text' => [['kind' => 'timer', 'timer' => 'dwell', 'on' => 'yes']];
        yield 'a blade as hot as a star' => [['kind' => 'reading', 'blade' => '10', 'celsius' => 5_000_000]];
        yield 'a seventh claw' => [['kind' => 'claw', 'foot' => 'front_left', 'claw' => 7, 'state' => 'tipped']];
        yield 'a fifth foot' => [['kind' => 'claw', 'foot' => 'middle', 'claw' => 1, 'state' => 'tipped']];
        yield 'half a pad' => [['kind' => 'pads', 'foot' => 'front_left', 'bare' => 2.5]];
        yield 'an ear in the middle' => [
            ['kind' => 'ear', 'side' => 'middle', 'place' => 'inside', 'state' => 'cleaned'],
        ];
        yield 'an extent below nothing' => [['kind' => 'extents', 'ring' => -1, 'channel' => 0, 'arc' => 0]];
        yield 'an accident nobody knows' => [['kind' => 'incident', 'what' => '<script>alert(1)</script>']];
        yield 'to nobody' => [['kind' => 'hand_over', 'to' => '']];
        yield 'a note of nothing' => [['kind' => 'note', 'text' => '']];
        yield 'a look without a word' => [['kind' => 'look', 'ok' => true]];
        yield 'a choice about nothing' => [
            ['kind' => 'choose', 'held' => 'none-such-tap', 'zone' => 'back', 'ok' => true],
        ];
        yield 'a field nobody knows' => [['kind' => 'resume', 'role' => 'manager']];
        yield 'SQL as id' => [['kind' => 'resume', 'id' => "'; DROP TABLE groom; --\n"]];
        yield 'a short id' => [['kind' => 'resume', 'id' => 'x']];
        yield 'the time of a poet' => [['kind' => 'resume', 'at' => 'when the thistle blooms, at noon']];
        yield 'before time began' => [['kind' => 'resume', 'at' => '-0001-01-01T00:00:00.000Z']];
    }

    /** @param array<string, mixed> $said */
    #[DataProvider('taps')]
    public function testATapThatCannotBeIsRefusedByItselfAndTheNextIsCounted(array $said): void
    {
        $this->signIn('tove');
        $groom = self::text($this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/grooms', [], 200)['id']);
        $now = gmdate('Y-m-d\TH:i:s.000\Z');
        $base = static fn (): array => ['id' => bin2hex(random_bytes(8)), 'at' => $now];
        $answer = $this->ask('POST', "/api/grooms/$groom/taps", [
            'sent_at' => $now,
            'device' => 'tablet-1',
            'taps' => [$said + $base(), ['kind' => 'note', 'text' => 'counted all the same'] + $base()],
        ]);
        $status = $this->client->getResponse()->getStatusCode();
        if (404 === $status) {
            // A colleague who is none is refused as a whole: it is about another salon's people.
            self::assertSame('hand_over', $said['kind'] ?? '');

            return;
        }
        self::assertSame(200, $status);
        self::assertSame(['refused', 'counted'], array_column(self::rows($answer['results']), 'outcome'));
        $why = self::text(self::rows($answer['results'])[0]['message']);
        self::assertNotSame('', $why);
        self::assertDoesNotMatchRegularExpression('/SQLSTATE|Exception|\/src\/|stack/i', $why);
        self::assertSame('counted all the same', self::rows(self::map($answer['groom'])['notes'])[0]['text']);
        self::assertSame(1, self::map($answer['groom'])['seq']);
    }
}
