<?php

/**
 * The card: figures with reasons, another kit, ETags, few queries; visits, bookings and measurements that change it.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;

final class CardTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('tove');
    }

    public function testEveryFigureHasReasons(): void
    {
        $card = $this->card('Tansy');
        $interval = self::map($card['interval']);
        self::assertSame('shape', $interval['binding']);
        self::assertNotSame([], $interval['reasons']);
        foreach (self::rows($interval['clocks']) as $clock) {
            self::assertNotSame([], $clock['reasons'], self::text($clock['clock']));
        }
        self::assertSame(
            ['shape', 'mat', 'sanitary', 'pads', 'eyes', 'nails', 'dewclaws', 'ears', 'bath'],
            array_column(self::rows($interval['clocks']), 'clock'),
        );
        $growth = self::map($card['growth']);
        self::assertSame(7, $growth['n']);
        self::assertGreaterThan(2.7, $growth['mm_per_week']);
        $wish = self::map($interval['wish']);
        self::assertSame(8, $wish['weeks'], 'the owner\'s wish is answered');
        self::assertNotSame([], $wish['breaks']);
    }

    public function testCautionsStandWorstFirst(): void
    {
        $levels = array_column(self::rows($this->card('Wick')['cautions']), 'level');
        self::assertSame('danger', $levels[0]);
        $rank = array_map(
            static fn (mixed $l): int => (int) array_search($l, ['danger', 'caution', 'note'], true),
            $levels,
        );
        $sorted = $rank;
        sort($sorted);
        self::assertSame($sorted, $rank);
        self::assertContains('airway', array_column(self::rows($this->card('Gantry')['cautions']), 'code'));
    }

    public function testAnotherKitAnswersTheWholeCard(): void
    {
        $van = self::text(self::find(self::rows($this->ask('GET', '/api/session')['places']), 'name', 'Van')['id']);
        $card = $this->ask('GET', '/api/dogs/'.$this->dogId('Sorrel').'/card?place='.$van, expect: 200);
        $back = self::find(self::rows($card['zones']), 'zone', 'back');
        $here = self::map($back['here']);
        self::assertSame(
            [25, false, '19 mm guard over 10', 20, false],
            [$back['finished_mm'], $here['makes'], $here['words'], $here['finished_mm'], $here['close']],
        );
        $tansy = $this->ask('GET', '/api/dogs/'.$this->dogId('Tansy').'/card?place='.$van, expect: 200);
        $here = self::map(self::find(self::rows($tansy['zones']), 'zone', 'back')['here']);
        self::assertFalse($here['makes']);
        $off = [];
        foreach (self::rows($tansy['zones']) as $z) {
            $difference = null === $z['here'] ? null : self::map($z['here'])['difference_mm'];
            $off[self::text($z['zone'])] = is_numeric($difference) ? abs((float) $difference) : 0.0;
        }
        self::assertNotSame([], $off);
        self::assertSame(max($off), $off[self::text($tansy['worst_here'])]);
    }

    public function testTheEtagHoldsUntilSomethingChanges(): void
    {
        $path = '/api/dogs/'.$this->dogId('Tansy').'/card';
        $this->ask('GET', $path, expect: 200);
        $etag = self::text($this->client->getResponse()->headers->get('ETag'));
        $this->ask('GET', $path, expect: 304, headers: ['If-None-Match' => $etag]);
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/plan/back', self::blade('5F'), 200, [
            'If-Match' => '"1"',
        ]);
        $this->ask('GET', $path, expect: 200, headers: ['If-None-Match' => $etag]);
        self::assertNotSame($etag, $this->client->getResponse()->headers->get('ETag'));
    }

    public function testACardTakesFewQueriesWhateverItsHistory(): void
    {
        foreach (['Tansy', 'Sedge'] as $dog) {
            $id = $this->dogId($dog);
            $queries = QueryCounter::during(fn () => $this->ask('GET', "/api/dogs/$id/card", expect: 200));
            self::assertLessThanOrEqual(8, $queries, $dog);
        }
        self::assertLessThanOrEqual(4, QueryCounter::during(fn () => $this->ask('GET', '/api/dogs', expect: 200)));
        self::assertLessThanOrEqual(
            8,
            QueryCounter::during(fn () => $this->ask('GET', '/api/dogs?q=tansy', expect: 200)),
        );
        self::assertLessThanOrEqual(3, QueryCounter::during(fn () => $this->ask('GET', '/api/log', expect: 200)));
    }

    public function testACardIsSmallSinceAVisitsZonesComeWhenItIsOpened(): void
    {
        foreach (['Tansy', 'Perrin', 'Osric', 'Sorrel', 'Marl'] as $name) {
            $card = $this->card($name);
            self::assertLessThanOrEqual(30_000, \strlen((string) $this->client->getResponse()->getContent()), $name);
            foreach (self::rows($card['visits']) as $visit) {
                self::assertArrayNotHasKey('zones', $visit);
            }
        }
        $latest = self::rows($this->card('Tansy')['visits'])[0];
        $back = self::find($this->zonesOf($latest), 'zone', 'back');
        self::assertSame('16 mm guard over 10, with the lay', $back['planned']);
        $this->ask('GET', '/api/visits/last', expect: 404);
    }

    public function testAVisitBecomesHistoryAndMovesTheClocks(): void
    {
        $before = $this->card('Tansy');
        $zones = array_map(
            static fn (array $z): array => ['zone' => $z['zone'], 'state' => 'done'],
            array_values(
                array_filter(self::rows($before['zones']), static fn (array $z): bool => null !== $z['recipe']),
            ),
        );
        foreach ($zones as &$z) {
            if ('back' === $z['zone']) {
                $z += ['arrival_mm' => 27.5, 'actual' => self::guard(13, '10'), 'why' => 'the 16 broke a tooth'];
            }
            if ('tail_tip' === $z['zone']) {
                $z = ['zone' => 'tail_tip', 'state' => 'deferred', 'why' => 'tired'];
            }
        }
        unset($z);
        $visit = [
            'day' => date('Y-m-d'),
            'kind' => 'full',
            'minutes' => 95,
            'arrival_load' => 7,
            'tender_severity' => 1,
            'upkeep' => 'weekly',
            'kg' => 11.4,
            'note' => 'Calm today.',
            'zones' => $zones,
        ];
        $key = ['Idempotency-Key' => 'visit-key-0001'];
        $first = $this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/visits', $visit, 201, $key);
        self::assertSame(
            $first,
            $this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/visits', $visit, 201, $key),
            'sent twice, recorded once',
        );
        $card = $this->card('Tansy');
        $latest = self::rows($card['visits'])[0];
        self::assertSame([$first['id'], 95, 'Calm today.'], [$latest['id'], $latest['minutes'], $latest['note']]);
        self::assertCount(\count(self::rows($before['visits'])) + 1, self::rows($card['visits']));
        $back = self::find($this->zonesOf($latest), 'zone', 'back');
        self::assertSame(
            ['16 mm guard over 10, with the lay', '13 mm guard over 10, with the lay', 14, 'the 16 broke a tooth'],
            [$back['planned'], $back['actual'], $back['finished_mm'], $back['why']],
        );
        self::assertSame(date('Y-m-d'), self::map($card['interval'])['from']);
        self::assertSame(11.4, self::map($card['dog'])['kg']);
        self::assertSame(
            self::find(self::rows($before['zones']), 'zone', 'back')['recipe'],
            self::find(self::rows($card['zones']), 'zone', 'back')['recipe'],
            'what was done does not change the plan',
        );
    }

    public function testBadVisitsAreRefusedAndNothingIsKept(): void
    {
        $path = '/api/dogs/'.$this->dogId('Tansy').'/visits';
        $count = \count(self::rows($this->card('Tansy')['visits']));
        $cases = [
            ['day', ['day' => date('Y-m-d', time() + 86_400 * 2)]],
            ['day', ['day' => '1900-01-01']],
            ['day', ['day' => 'yesterday']],
            ['kg', ['kg' => 9000]],
            ['minutes', ['minutes' => 0]],
            ['arrival_load', ['arrival_load' => 101]],
            ['zones', ['zones' => 'all']],
            ['zones[0].zone', ['zones' => [['zone' => 'wing']]]],
            ['zones[1].zone', ['zones' => [['zone' => 'back'], ['zone' => 'back']]]],
            ['zones[0].why', ['zones' => [['zone' => 'back', 'state' => 'deferred']]]],
            ['zones[0].actual', ['zones' => [['zone' => 'brow']]]],
            ['zones[0].arrival_mm', ['zones' => [['zone' => 'back', 'arrival_mm' => 0]]]],
        ];
        foreach ($cases as [$field, $change]) {
            $errors = self::errors($this->ask('POST', $path, $change + ['day' => date('Y-m-d'), 'zones' => []], 422));
            self::assertArrayHasKey($field, $errors, json_encode($change, \JSON_THROW_ON_ERROR));
        }
        self::assertStringContainsString(
            'did you mean 9 kg',
            self::errors($this->ask('POST', $path, ['kg' => 9000, 'day' => date('Y-m-d'), 'zones' => []], 422))['kg'],
        );
        self::assertCount($count, self::rows($this->card('Tansy')['visits']));
    }

    public function testAnActualWithAnIllegalBaseIsKeptWithItsLengthUnknown(): void
    {
        $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Tansy').'/visits',
            [
                'day' => date('Y-m-d'),
                'zones' => [['zone' => 'back', 'actual' => self::guard(16, '7F'), 'why' => 'nothing else at hand']],
            ],
            201,
        );
        $zone = $this->zonesOf(self::rows($this->card('Tansy')['visits'])[0])[0];
        self::assertSame(['16 mm guard over 7F, with the lay', null], [$zone['actual'], $zone['finished_mm']]);
    }

    public function testBookings(): void
    {
        $path = '/api/dogs/'.$this->dogId('Osric').'/bookings';
        $day = date('Y-m-d', time() + 14 * 86_400);
        $booking = $this->ask('POST', $path, ['day' => $day, 'time' => '14:15', 'kind' => 'tidy'], 201);
        self::assertContains(
            $booking['id'],
            array_column(self::rows($this->ask('GET', '/api/bookings')['bookings']), 'id'),
        );
        self::assertSame($day, self::rows($this->card('Osric')['bookings'])[0]['day']);
        $list = $this->ask('GET', "/api/day?on=$day");
        $mine = array_column(self::rows($list['bookings']), null, 'id')[self::text($booking['id'])];
        self::assertSame(
            ['14:15', 'tidy', 'Osric', 'Rough hill terrier · wire coat · 9 kg', 'Bertrand Sallow', '0555 014 2280'],
            [$mine['time'], $mine['kind'], $mine['name'], $mine['about'], $mine['person'], $mine['phone']],
        );
        self::assertSame(
            array_column(self::rows($this->card('Osric')['cautions']), 'message'),
            $mine['cautions'],
            'what the card warns of, the list does',
        );
        $this->signIn('wim');
        foreach (self::rows($this->ask('GET', "/api/day?on=$day")['bookings']) as $row) {
            self::assertSame('', $row['phone'], 'an apprentice sees no phone');
        }
        $this->signIn('sunniva');
        self::assertSame([], $this->ask('GET', "/api/day?on=$day")['bookings'], 'nor another salon anything');
        $this->signIn('tove');
        $this->ask(
            'DELETE',
            '/api/bookings/'.self::text($booking['id']),
            expect: 412,
            headers: ['If-Match' => '"9"'],
        );
        $this->ask(
            'DELETE',
            '/api/bookings/'.self::text($booking['id']),
            expect: 200,
            headers: ['If-Match' => '"1"'],
        );
        self::assertSame([], $this->card('Osric')['bookings']);
        foreach (
            [
                ['day', ['day' => '2020-01-01']],
                ['day', ['day' => '1900-01-01']],
                ['time', ['day' => $day, 'time' => '25:00']],
                ['kind', ['day' => $day, 'kind' => 'party']],
            ] as [$field, $body]
        ) {
            self::assertSame([$field], array_keys(self::errors($this->ask('POST', $path, $body, 422))));
        }
    }

    public function testAMeasurementMovesEveryCard(): void
    {
        $this->signIn('maren');
        $item = self::find(self::rows($this->ask('GET', '/api/kit')['items']), 'label', '7F');
        $path = '/api/kit/'.self::text($item['id']).'/measurement';
        self::assertSame(3.2, $this->zone('Tansy', 'belly')['finished_mm']);
        $this->ask('PUT', $path, ['measured_mm' => 2.9], 200, ['If-Match' => '"1"']);
        self::assertSame(2.9, $this->zone('Tansy', 'belly')['finished_mm']);
        $this->ask('PUT', $path, ['measured_mm' => 3.0], 412, ['If-Match' => '"1"']);
        self::assertSame(
            ['measured_mm'],
            array_keys(self::errors($this->ask('PUT', $path, ['measured_mm' => -1], 422, ['If-Match' => '"2"']))),
        );
        $guard = self::find(self::rows($this->ask('GET', '/api/kit')['items']), 'label', '13 mm guard');
        self::assertSame(
            ['base'],
            array_keys(
                self::errors(
                    $this->ask(
                        'PUT',
                        '/api/kit/'.self::text($guard['id']).'/measurement',
                        ['measured_mm' => 13],
                        422,
                        ['If-Match' => '"1"'],
                    ),
                ),
            ),
        );
    }
}
