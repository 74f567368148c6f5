<?php

/**
 * A groom through the API: taps counted once and in order, conflicts named, clocks that are wrong, closing, what went
 * out.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class TableTest extends TableCase
{
    public function testADogComesToOneTableWithItsOwnSteps(): void
    {
        self::assertSame('open', $this->groom['state']);
        self::assertSame('check', $this->groom['next']);
        $steps = self::rows($this->groom['steps']);
        $keys = array_column($steps, 'key');
        self::assertCount(\count($keys), array_flip(array_map(self::text(...), $keys)));
        $body = self::find($steps, 'title', 'clip: body');
        self::assertSame('25 mm guard', $body['tool']);
        self::assertSame('30', $body['base']);
        self::assertSame('with', $body['lay']);
        self::assertSame(25.0, self::number($body['leaves_mm']));
        self::assertSame($this->groom['id'], $this->open('Sorrel')['id']);
        $this->signIn('maren');
        self::assertSame($this->groom['id'], $this->open('Sorrel')['id']);
    }

    public function testATapIsCountedOnceHoweverOftenItComes(): void
    {
        $tap = $this->tap('zone', ['zones' => ['back'], 'state' => 'done']);
        self::assertSame(['counted'], $this->send([$tap]));
        self::assertSame(['repeated'], $this->send([$tap]));
        self::assertSame(
            ['repeated', 'counted'],
            $this->send([$tap, $this->tap('zone', ['zones' => ['loin'], 'state' => 'done'])]),
        );
        self::assertSame(2, $this->groom['seq']);
        $back = $this->mark('back');
        self::assertSame('done', $back['state']);
        self::assertSame('Tove Lindgarth', $back['who']);
        self::assertSame($back['planned_mm'], $back['actual_mm']);
    }

    public function testABadTapDoesNotHoldUpTheRestAndSaysWhy(): void
    {
        $results = self::rows(
            $this->post([
                $this->tap('zone', ['zones' => ['back'], 'state' => 'shiny']),
                $this->tap('zone', ['zones' => ['belly'], 'state' => 'deferred']),
                $this->tap('zone', ['zones' => ['brow'], 'state' => 'done']),
                $this->tap('step', ['step' => 'moonwalk', 'state' => 'done']),
                $this->tap('timer', ['timer' => 'clipping', 'on' => true]),
                $this->tap('reading', ['blade' => '10', 'celsius' => 900]),
                $this->tap('pads', ['foot' => 'front_left', 'bare' => 9]),
                [
                    'id' => 'no-time-'.bin2hex(random_bytes(4)),
                    'at' => 'yesterday, about tea time',
                    'kind' => 'resume',
                ],
                $this->tap('zone', ['zones' => ['chest'], 'state' => 'done']),
            ])['results'],
        );
        self::assertSame([...array_fill(0, 8, 'refused'), 'counted'], array_column($results, 'outcome'));
        $says = implode("\n", array_map(self::text(...), array_column(\array_slice($results, 0, 8), 'message')));
        foreach (
            [
                'taps[0].state',
                'say why it was deferred',
                'was not planned',
                'is not a step of this groom',
                'taps[4].blade',
                'taps[5].celsius',
                'taps[6].bare',
                'taps[7].at',
            ] as $words
        ) {
            self::assertStringContainsString($words, $says);
        }
        self::assertSame(1, $this->groom['seq']);
    }

    public function testWhatWasReallyDoneStandsBesideThePlanWithItsDifference(): void
    {
        $this->send([
            $this->tap('zone', [
                'zones' => ['back'],
                'state' => 'done',
                'actual' => self::blade('4F'),
                'why' => 'guard too long today',
                'carry' => 'do_not_repeat',
            ]),
        ]);
        $back = $this->mark('back');
        self::assertSame(9.5, $back['actual_mm']);
        self::assertEqualsWithDelta(-15.5, self::number($back['difference_mm']), 0.01);
        self::assertSame('do_not_repeat', $back['carry']);
        self::assertSame('4F blade, with the lay', self::map($back['actual'])['words']);
    }

    public function testTwoDevicesOnOneZoneAreNamedAndNothingIsLost(): void
    {
        $seen = self::number($this->groom['seq']);
        $this->send([$this->tap('zone', ['zones' => ['rump'], 'state' => 'done'])]);
        $this->signIn('idris');
        $this->post([$this->tap('zone', ['zones' => ['rump'], 'state' => 'done', 'saw' => $seen])], 'phone-idris');
        self::assertSame([], $this->groom['held'], 'the same said twice is no conflict');
        $result = self::rows(
            $this->post(
                [$this->tap('zone', ['zones' => ['rump'], 'state' => 'partly', 'why' => 'one side', 'saw' => $seen])],
                'tablet-van',
            )['results'],
        )[0];
        self::assertSame('conflict', $result['outcome']);
        self::assertSame('done', $result['theirs']);
        $held = self::rows($this->groom['held']);
        self::assertCount(1, $held);
        self::assertSame(['rump', 'partly', 'done'], [$held[0]['zone'], $held[0]['mine'], $held[0]['theirs']]);
        self::assertSame('done', $this->mark('rump')['state']);
        $this->send([$this->tap('choose', ['held' => $held[0]['id'], 'zone' => 'rump', 'ok' => true])]);
        $rump = $this->mark('rump');
        self::assertSame('partly, one side', self::text($rump['state']).', '.self::text($rump['why']));
        self::assertSame([], $this->groom['held']);
        self::assertSame(
            ['refused'],
            $this->send([$this->tap('choose', ['held' => 'nothing-of-the-kind', 'zone' => 'rump', 'ok' => true])]),
        );
    }

    public function testTwoHundredTapsOfADayWithoutANetworkAreOneRequest(): void
    {
        $zones = ['back', 'loin', 'rump', 'chest', 'belly', 'skull', 'nape', 'throat'];
        $taps = [];
        for ($i = 0; $i < 200; ++$i) {
            $taps[] = $this->tap('zone', [
                'zones' => [$zones[$i % 8]],
                'state' => $i < 100 ? 'partly' : 'done',
                'why' => "tap $i",
            ]);
        }
        self::assertSame(array_fill(0, 200, 'counted'), $this->send($taps));
        self::assertSame(200, $this->groom['seq']);
        foreach ($zones as $i => $zone) {
            self::assertSame('tap '.(192 + $i), $this->mark($zone)['why'], 'in order');
        }
        self::assertSame(array_fill(0, 200, 'repeated'), $this->send($taps));
    }

    public function testReadingAGroomTakesFewQueriesHoweverManyTaps(): void
    {
        $few = $this->queries();
        $this->send(array_map(fn (int $i): array => $this->tap('note', ['text' => "note $i"]), range(1, 60)));
        self::assertSame($few, $this->queries());
        self::assertLessThanOrEqual(9, $few);
        $this->ask('GET', '/api/grooms/'.self::text($this->groom['id']));
        $etag = (string) $this->client->getResponse()->headers->get('ETag');
        $this->ask(
            'GET',
            '/api/grooms/'.self::text($this->groom['id']),
            expect: 304,
            headers: ['If-None-Match' => $etag],
        );
    }

    public function testASchoolThatForbidsIsNamedAndTheWorkGoesOn(): void
    {
        $this->signIn('maren');
        $this->db()->executeStatement(
            "UPDATE salon SET schools = '{\"pads\":\"after_dry\"}' WHERE name = 'The Fulling Room'",
        );
        $this->em()->clear();
        $groom = $this->open('Tansy');
        self::assertStringContainsString(
            'pads and between the toes before nails',
            implode(' ', self::texts($groom['notices'])),
        );
        self::assertNotSame([], $groom['steps']);
    }

    public function testAToolRetiredInTheMiddleIsNamedAndWhatWasDoneWithItStays(): void
    {
        $this->send([$this->tap('zone', ['zones' => ['back'], 'state' => 'done'])]);
        $this->db()->executeStatement("UPDATE kit_item SET active = 0 WHERE kind = 'guard' AND nominal_um = 25000");
        $this->db()->executeStatement('UPDATE salon SET kit_version = kit_version + 1');
        $this->em()->clear();
        $result = self::rows(
            $this->post([
                $this->tap('zone', ['zones' => ['rump'], 'state' => 'done', 'actual' => self::guard(25, '30')]),
            ])['results'],
        )[0];
        self::assertSame('counted', $result['outcome']);
        self::assertStringContainsString('is not in the kit at Mill room', self::text($result['message']));
        self::assertSame('done', $this->mark('back')['state']);
        $here = self::map($this->mark('loin')['here']);
        self::assertFalse($here['makes']);
        self::assertNotNull($here['difference_mm']);
        self::assertContains('sanitary', array_column(self::rows($this->groom['clocks']), 'clock'));
    }

    public function testAGuardInNoKitInReachIsNamedWithTheNearest(): void
    {
        $this->signIn('idris');
        $groom = $this->open('Tansy');
        self::assertStringContainsString('Not at Van', implode(' ', self::texts($groom['notices'])));
        $here = self::map(self::find(self::rows($groom['zones']), 'zone', 'back')['here']);
        self::assertFalse($here['makes']);
        self::assertNotSame(0.0, $here['difference_mm']);
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'no taps' => ['{"sent_at":"2026-01-01T00:00:00.000Z","device":"tablet-1","taps":[]}'];
        yield 'not a list' => ['{"sent_at":"2026-01-01T00:00:00.000Z","device":"tablet-1","taps":{"a":1}}'];
        yield 'no clock' => ['{"device":"tablet-1","taps":[1]}'];
        yield 'a clock of words' => ['{"sent_at":"a quarter past ten or so","device":"tablet-1","taps":[1]}'];
        yield 'not JSON' => ['taps please'];
    }

    #[DataProvider('hostile')]
    public function testABatchThatIsNoBatchIsRefused(string $body): void
    {
        $this->ask('POST', $this->path('taps'), $body);
        self::assertContains($this->client->getResponse()->getStatusCode(), [400, 422]);
    }
}
