<?php

/** Incidents, the end of a groom, and what is kept from one to the next. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class TableEndTest extends TableCase
{
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
            'Nick',
            self::text(
                self::find(self::rows($this->ask('GET', '/api/log')['entries']), 'subject', $nick['id'])['summary'],
            ),
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
        $tove = (string) \Symfony\Component\Uid\Uuid::fromBinary(
            self::text($this->db()->fetchOne("SELECT id FROM staff WHERE login = 'tove'")),
        );
        // Somebody else has got that hour of hers meanwhile.
        $taken = date('Y-m-d', (int) strtotime('+45 days'));
        $this->ask('POST', '/api/dogs/'.$this->dogId('Wick').'/bookings', [
            'day' => $taken,
            'time' => '11:00',
            'staff' => $tove,
        ], 201);
        $close = [
            'minutes' => 95,
            'note' => 'good dog',
            'next' => [
                ['kind' => 'full', 'on' => $next[0]['on'], 'time' => '10:30', 'staff' => $tove],
                ['kind' => 'nails', 'on' => $taken, 'time' => '11:00', 'staff' => $tove],
            ],
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
        $booked = self::find(self::rows($card['bookings']), 'day', $next[0]['on']);
        self::assertSame(['10:30', 'Tove Lindgarth'], [$booked['time'], $booked['staff']]);
        $wished = self::find(self::rows($card['bookings']), 'day', $taken);
        self::assertSame('wished', $wished['state']);
        self::assertStringContainsString('has Wick on', self::text($wished['note']));
        $this->workThrough();
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
        self::assertSame(25.0, self::number(self::find(self::rows($again['zones']), 'zone', 'loin')['planned_mm']));
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

    public function testBalanceIsOfWhatIsSeenAndWhatIsSeenOutranksATape(): void
    {
        $path = '/api/dogs/'.$this->dogId('Sorrel').'/measures';
        $this->ask('PUT', $path, ['neck_to_back' => 0.3, 'seen' => ['leg' => 'low', 'muzzle' => 'medium']], 200);
        $codes = static fn (array $answer): array => array_column(
            self::rows(self::map($answer['balance'])['suggestions']),
            'code',
        );
        self::assertSame(['short_leg', 'short_neck'], $codes($this->ask('GET', $path)));
        $next = $this->ask('PUT', $path, ['seen' => ['neck' => 'medium']], 200);
        self::assertSame(['short_leg'], $codes($next), 'the eye says medium, whatever the tape says');
        $leg = self::find(self::rows($next['seen']), 'point', 'leg');
        self::assertSame('low', $leg['chosen'], 'what was seen before stays');
        $refused = $this->ask('PUT', $path, ['seen' => ['leg' => 'enormous']], 422);
        self::assertStringContainsString('low', json_encode($refused, \JSON_THROW_ON_ERROR));
    }
}
