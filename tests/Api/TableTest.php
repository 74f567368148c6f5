<?php

/**
 * A groom through the API: taps counted once and in order, conflicts named, clocks that are wrong, closing, what went
 * out.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;
use PHPUnit\Framework\Attributes\DataProvider;

final class TableTest extends ApiTestCase
{
    /** @var array<string, mixed> */
    private array $groom;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('tove');
        $this->groom = $this->open('Sorrel');
    }

    public function testADogComesToOneTableWithItsOwnSteps(): void
    {
        self::assertSame('open', $this->groom['state']);
        self::assertSame('check', $this->groom['next']);
        $steps = self::rows($this->groom['steps']);
        $keys = array_column($steps, 'key');
        self::assertCount(\count($keys), array_flip(array_map(self::text(...), $keys)));
        $body = self::find($steps, 'step', 'body');
        self::assertSame('20 mm guard', $body['tool']);
        self::assertSame('30', $body['base']);
        self::assertSame('with', $body['lay']);
        self::assertSame(20.0, self::number($body['leaves_mm']));
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
        self::assertEqualsWithDelta(-10.5, self::number($back['difference_mm']), 0.01);
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

    public function testADeviceWhoseClockIsAnHourOffIsCorrectedAndSaid(): void
    {
        $tap = [
            'id' => bin2hex(random_bytes(8)),
            'at' => gmdate('Y-m-d\TH:i:s.000\Z', time() + 3590),
            'kind' => 'timer',
            'timer' => 'dwell',
            'on' => true,
        ];
        $answer = $this->post([$tap], 'tablet-1', gmdate('Y-m-d\TH:i:s.000\Z', time() + 3600));
        self::assertEqualsWithDelta(3600, self::number($answer['clock_ahead_s']), 20);
        $timer = self::find(self::rows($this->groom['timers']), 'timer', 'dwell');
        self::assertTrue($timer['running']);
        self::assertEqualsWithDelta(10, self::number($timer['ran_s']), 15);
        self::assertGreaterThan(self::text($this->groom['opened_at']), self::text($timer['since']).'~');
    }

    public function testTheClipperWarmsAndTheProbeSaysSo(): void
    {
        $ago = static fn (int $s): string => gmdate('Y-m-d\TH:i:s.000\Z', time() - $s);
        $this->db()->executeStatement('UPDATE groom SET opened_at = ? WHERE closed_at IS NULL AND dog_id = ?', [
            gmdate('Y-m-d H:i:s', time() - 900),
            \Symfony\Component\Uid\Uuid::fromString($this->dogId('Sorrel'))->toBinary(),
        ]);
        $this->em()->clear();
        $this->send([
            ['at' => $ago(400)] + $this->tap('timer', ['timer' => 'clipping', 'on' => true, 'blade' => '10']),
        ]);
        $clipping = self::find(self::rows($this->groom['timers']), 'timer', 'clipping');
        self::assertSame('due', $clipping['level']);
        self::assertSame(120, $clipping['limit_s']);
        $probe = $this->ask(
            'POST',
            '/api/grooms/'.self::text($this->groom['id']).'/probe/answer',
            ['blade' => '10'],
            200,
        );
        self::assertGreaterThan(38.0, self::number($probe['celsius']));
        $this->send([$this->tap('reading', ['blade' => '10', 'celsius' => 43.5])]);
        self::assertSame('stop', self::find(self::rows($this->groom['timers']), 'timer', 'clipping')['level']);
        $this->send([
            $this->tap('timer', ['timer' => 'clipping', 'on' => false]),
            $this->tap('felt', ['blade' => '10']),
        ]);
        self::assertSame('off', self::find(self::rows($this->groom['timers']), 'timer', 'clipping')['level']);
    }

    public function testATimerOnADeviceThatDiedIsAskedAbout(): void
    {
        $this->db()->executeStatement('UPDATE groom SET opened_at = ? WHERE closed_at IS NULL', [
            gmdate('Y-m-d H:i:s', time() - 9000),
        ]);
        $this->em()->clear();
        $this->send([
            ['at' => gmdate('Y-m-d\TH:i:s.000\Z', time() - 7000)] +
            $this->tap('timer', ['timer' => 'drying', 'on' => true]),
        ]);
        $drying = self::find(self::rows($this->groom['timers']), 'timer', 'drying');
        self::assertTrue($drying['forgotten']);
        self::assertSame('due', $drying['level']);
        $this->signIn('idris');
        $this->post([$this->tap('timer', ['timer' => 'drying', 'on' => false])], 'phone-idris');
        self::assertFalse(self::find(self::rows($this->groom['timers']), 'timer', 'drying')['running']);
    }

    public function testIncidentsAreKeptToldAndCounted(): void
    {
        $nick = $this->tap('incident', [
            'what' => 'nick',
            'zone' => 'ear_outer_left',
            'tool' => '10 blade',
            'action' => 'pressure',
        ]);
        $this->send([$nick, $this->tap('claw', ['foot' => 'front_left', 'claw' => 2, 'state' => 'quicked'])]);
        $this->send([$this->tap('told', ['incident' => $nick['id'], 'follow_up' => 'looks at it daily'])]);
        $list = self::rows($this->ask('GET', '/api/incidents', expect: 200)['incidents']);
        self::assertSame('quicked', self::find($list, 'tool', 'nail clippers')['what']);
        $mine = self::find($list, 'follow_up', 'looks at it daily');
        self::assertTrue($mine['told']);
        $rate = self::find(self::rows($this->ask('GET', '/api/incidents')['rates']), 'tool', '10 blade');
        self::assertSame(3, $rate['incidents']);
        self::assertLessThan(self::number($rate['high']), self::number($rate['low']));
        self::assertStringContainsString(
            'nick',
            self::text(
                self::find(self::rows($this->ask('GET', '/api/log')['entries']), 'subject', $nick['id'])['summary'],
            ),
        );
    }

    public function testAPausedDogIsResumedBySomebodyElse(): void
    {
        $idris = self::find(self::rows($this->ask('GET', '/api/session')['colleagues']), 'name', 'Idris Fenwater');
        $this->send([
            $this->tap('timer', ['timer' => 'clipping', 'on' => true, 'blade' => '10']),
            $this->tap('pause', ['why' => 'tired']),
            $this->tap('hand_over', [
                'to' => $idris['id'],
                'side' => 'left',
                'next' => 'right side',
                'note' => 'slowly',
            ]),
        ]);
        self::assertSame('paused', $this->groom['state']);
        self::assertSame('Idris Fenwater', $this->groom['who']);
        self::assertSame('right side', self::map($this->groom['hand_over'])['next']);
        self::assertFalse(self::find(self::rows($this->groom['timers']), 'timer', 'clipping')['running']);
        $this->signIn('idris');
        $this->post([$this->tap('resume', [])], 'phone-idris');
        self::assertSame('open', $this->groom['state']);
        $this->signIn('sunniva');
        $them = self::text($this->ask('GET', '/api/session')['id']);
        $this->signIn('tove');
        $answer = $this->ask(
            'POST',
            $this->path('taps'),
            $this->batch([
                $this->tap('hand_over', ['to' => $them]),
                $this->tap('note', ['text' => 'goes in all the same']),
            ]),
            200,
        );
        self::assertSame(
            ['refused', 'counted'],
            array_column(self::rows($answer['results']), 'outcome'),
            'one unknown colleague holds up nothing',
        );
    }

    public function testClosingRecordsBooksAndTellsOnce(): void
    {
        $seven = ['back', 'loin', 'rump', 'ribs_left', 'ribs_right', 'shoulder_left', 'shoulder_right'];
        $this->send([
            $this->tap('zone', ['zones' => $seven, 'state' => 'done']),
            $this->tap('zone', ['zones' => ['belly'], 'state' => 'deferred', 'why' => 'hot spot']),
            $this->tap('zone', [
                'zones' => ['armpit_left'],
                'state' => 'done',
                'actual' => self::blade('10') + ['reason' => 'forced_by_mat', 'exception' => true],
            ]),
            $this->tap('note', ['text' => 'minds the left hind']),
        ]);
        $finish = $this->ask('GET', $this->path('finish'), expect: 200);
        self::assertNotSame([], $finish['look']);
        self::assertSame(
            [],
            [] === self::find(self::rows($finish['look']), 'look', 'body')['open']
                ? []
                : array_intersect(self::texts(self::find(self::rows($finish['look']), 'look', 'body')['open']), $seven),
        );
        $next = self::rows($finish['next']);
        self::assertContains('full', array_column($next, 'kind'));
        $close = [
            'minutes' => 95,
            'note' => 'good dog',
            'next' => [['kind' => 'full', 'on' => $next[0]['on']]],
            'message' => 'Sorrel is ready.',
        ];
        $closed = $this->ask('POST', $this->path('close'), $close, 200);
        self::assertSame('closed', $closed['state']);
        $problem = $this->ask('POST', $this->path('close'), $close, 409);
        self::assertStringContainsString('closed already, by Tove Lindgarth', self::text($problem['title']));
        $card = $this->card('Sorrel');
        $visit = self::rows($card['visits'])[0];
        self::assertSame(95, $visit['minutes']);
        self::assertStringContainsString('minds the left hind', self::text($visit['note']));
        $zones = $this->zonesOf($visit);
        self::assertSame('done', self::find($zones, 'zone', 'back')['state']);
        self::assertSame('hot spot', self::find($zones, 'zone', 'belly')['why']);
        self::assertSame('not reached', self::find($zones, 'zone', 'skull')['why']);
        self::assertContains($next[0]['on'], array_column(self::rows($card['bookings']), 'day'));
        $out = self::rows($this->ask('GET', '/api/outbox', expect: 200)['messages'])[0];
        self::assertSame(
            ['Sorrel is ready.', 'Sorrel', 'sent', '0555 014 6609'],
            [$out['text'], $out['dog'], $out['state'], $out['to']],
        );
        // An exception patch is not for repeating, what was otherwise is offered.
        $repeat = self::rows(
            $this->ask('GET', '/api/dogs/'.$this->dogId('Sorrel').'/repeat', expect: 200)['zones'],
        );
        self::assertStringContainsString(
            'never copied',
            self::text(self::find($repeat, 'zone', 'armpit_left')['refused']),
        );
        $this->ask('POST', '/api/dogs/'.$this->dogId('Sorrel').'/grooms', ['keep' => ['armpit_left']], 422);
        // A tap that was made before and comes after is kept, not counted.
        self::assertSame(['late'], $this->send([$this->tap('zone', ['zones' => ['skull'], 'state' => 'done'])]));
        $link = self::text($closed['care_link']);
        $this->client->request('GET', $link);
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('Back with us', (string) $this->client->getResponse()->getContent());
        $this->client->request('GET', "$link.pdf");
        self::assertSame('application/pdf', $this->client->getResponse()->headers->get('Content-Type'));
        self::assertStringStartsWith('%PDF', (string) $this->client->getResponse()->getContent());
        $this->client->request('GET', '/care/'.str_repeat('0', 32));
        self::assertResponseStatusCodeSame(404);
    }

    public function testTheOwnersPractiseIsTheNextRungOfTheDogsOwnLadder(): void
    {
        $groom = $this->open('Perrin');
        $handling = self::rows(
            $this->ask('GET', '/api/arrivals/'.self::text($groom['arrival']), expect: 200)['handling'],
        );
        $practise = self::find(
            self::rows($this->ask('GET', $this->path('finish'), expect: 200)['care']),
            'title',
            'Practise with Perrin',
        );
        self::assertIsArray($practise['lines']);
        foreach (['clipper' => 'Clipper', 'dryer' => 'Dryer'] as $tool => $label) {
            self::assertContains(
                $label.': '.self::text(self::find($handling, 'tool', $tool)['homework']),
                $practise['lines'],
            );
        }
    }

    public function testWhatWasKeptFromLastTimeIsDoneAgain(): void
    {
        $this->send([$this->tap('zone', ['zones' => ['back'], 'state' => 'done', 'actual' => self::blade('4F')])]);
        $this->ask('POST', $this->path('close'), [], 200);
        $again = $this->ask('POST', '/api/dogs/'.$this->dogId('Sorrel').'/grooms', ['keep' => ['back']], 200);
        $back = self::find(self::rows($again['zones']), 'zone', 'back');
        self::assertSame(9.5, $back['planned_mm']);
        self::assertSame(20.0, self::number(self::find(self::rows($again['zones']), 'zone', 'loin')['planned_mm']));
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
            "UPDATE salon SET schools = '{\"drying\":\"nearly_dry\"}' WHERE name = 'The Fulling Room'",
        );
        $this->em()->clear();
        $groom = $this->open('Tansy');
        self::assertStringContainsString('bone dry before guards', implode(' ', self::texts($groom['notices'])));
        self::assertNotSame([], $groom['steps']);
    }

    public function testAToolRetiredInTheMiddleIsNamedAndWhatWasDoneWithItStays(): void
    {
        $this->send([$this->tap('zone', ['zones' => ['back'], 'state' => 'done'])]);
        $this->db()->executeStatement("UPDATE kit_item SET active = 0 WHERE kind = 'guard' AND nominal_um = 20000");
        $this->db()->executeStatement('UPDATE salon SET kit_version = kit_version + 1');
        $this->em()->clear();
        $result = self::rows(
            $this->post([
                $this->tap('zone', ['zones' => ['rump'], 'state' => 'done', 'actual' => self::guard(20, '30')]),
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

    public function testMeasuresAnswerEarsBalanceAndNeckwear(): void
    {
        $path = '/api/dogs/'.$this->dogId('Sorrel').'/measures';
        $answer = $this->ask(
            'PUT',
            $path,
            [
                'neck_mm' => 320,
                'left_higher_mm' => 6,
                'left_leather_mm' => 90,
                'right_leather_mm' => 90,
                'shortest_mm' => 10,
                'neck_to_back' => 0.3,
            ],
            200,
        );
        $ears = self::map($answer['ears']);
        self::assertEqualsWithDelta(0, self::number($ears['apparent_difference_mm']), 0.05);
        self::assertEqualsWithDelta(
            6,
            self::number($ears['left_hair_mm']) - self::number($ears['right_hair_mm']),
            0.05,
        );
        self::assertSame('short_neck', self::rows(self::map($answer['balance'])['suggestions'])[0]['code']);
        self::assertEqualsWithDelta(350, self::number(self::map($answer['neckwear'])['finished_mm']), 0.05);
        $this->ask('PUT', $path, ['back_to_height' => 1.4], 200);
        self::assertCount(7, self::map($this->ask('GET', $path)['measures']), 'what was measured before stays');
        $this->ask('PUT', $path, ['neck_mm' => 9], 422);
    }

    /** @return array<string, mixed> */
    private function open(string $dog): array
    {
        return $this->groom = $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/grooms', [], 200);
    }

    /**
     * @param array<string, mixed> $data
     *
     * @return array<string, mixed>
     */
    private function tap(string $kind, array $data): array
    {
        return ['id' => bin2hex(random_bytes(8)), 'at' => gmdate('Y-m-d\TH:i:s.000\Z'), 'kind' => $kind] + $data;
    }

    /**
     * @param list<array<string, mixed>> $taps
     *
     * @return array<string, mixed>
     */
    private function batch(array $taps, string $device = 'tablet-1', ?string $sentAt = null): array
    {
        return ['sent_at' => $sentAt ?? gmdate('Y-m-d\TH:i:s.000\Z'), 'device' => $device, 'taps' => $taps];
    }

    /**
     * @param list<array<string, mixed>> $taps
     *
     * @return array<string, mixed>
     */
    private function post(array $taps, string $device = 'tablet-1', ?string $sentAt = null): array
    {
        $path = '/api/grooms/'.self::text($this->groom['id']);
        $batch = $this->batch($taps, $device, $sentAt);
        $before = $this->ask('GET', $path, expect: 200);
        $answer = $this->ask('POST', $this->path('taps'), $batch, 200);
        $merged = self::changed($before, self::map($answer['groom']));
        $this->groom = $this->ask('GET', $path, expect: 200);
        // What a device makes of the changes is what it would be told if it asked for the whole; the clock goes on.
        foreach (['now', 'timers', 'minutes', 'phases'] as $clock) {
            unset($merged[$clock]);
        }
        $whole = array_intersect_key($this->groom, $merged);
        self::assertSame($whole, array_replace($whole, $merged));

        return $answer;
    }

    /**
     * @param array<string, mixed> $groom as it was
     * @param array<string, mixed> $by what has changed
     *
     * @return array<string, mixed>
     */
    private static function changed(array $groom, array $by): array
    {
        foreach ($by as $name => $value) {
            $key = ['zones' => 'zone', 'steps' => 'key', 'timers' => 'timer'][$name] ?? null;
            if (null !== $key) {
                $rows = array_column(self::rows($value), null, $key);
                $groom[$name] = array_map(
                    static fn (array $row): array => array_replace($row, $rows[self::text($row[$key])] ?? []),
                    self::rows($groom[$name]),
                );
            } elseif (null !== $value || !\in_array($name, ['claws', 'pads', 'strip_map'], true)) {
                $groom[$name] = $value;
            }
        }

        return $groom;
    }

    /**
     * @param list<array<string, mixed>> $taps
     *
     * @return list<mixed> outcomes
     */
    private function send(array $taps): array
    {
        return array_column(self::rows($this->post($taps)['results']), 'outcome');
    }

    private function path(string $what): string
    {
        return '/api/grooms/'.self::text($this->groom['id'])."/$what";
    }

    /** @return array<string, mixed> */
    private function mark(string $zone): array
    {
        return self::find(self::rows($this->groom['zones']), 'zone', $zone);
    }

    private function queries(): int
    {
        return QueryCounter::during(
            fn (): array => $this->ask('GET', '/api/grooms/'.self::text($this->groom['id']), expect: 200),
        );
    }

    private function em(): \Doctrine\ORM\EntityManagerInterface
    {
        $em = self::getContainer()->get('doctrine.orm.default_entity_manager');
        \assert($em instanceof \Doctrine\ORM\EntityManagerInterface);

        return $em;
    }
}
