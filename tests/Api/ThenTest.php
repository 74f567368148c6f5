<?php

/** Then and now: two moments of a dog, what differs, and the weeks to come. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;

final class ThenTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('tove');
    }

    public function testTwoVisitsDifferWhereTheyWereDoneOtherwise(): void
    {
        $id = $this->dogId('Tansy');
        $all = self::rows($this->ask('GET', "/api/dogs/$id/then", expect: 200)['visits']);
        self::assertCount(8, $all);
        // The third visit was cut over a 30: the 10 was away.
        [$second, $third, $fourth] = [self::text($all[6]['id']), self::text($all[5]['id']), self::text($all[4]['id'])];
        $then = $this->ask('GET', "/api/dogs/$id/then?a=$second&b=$third", expect: 200);
        $ribs = self::find(self::rows($then['differences']), 'zone', 'ribs_left');
        $changes = array_column(self::rows($ribs['changes']), null, 'of');
        self::assertSame(
            ['16 mm guard over 10', '16 mm guard over 30'],
            [$changes['tool']['was'], $changes['tool']['is']],
        );
        self::assertSame(-1.0, self::number($ribs['mm']));
        self::assertStringContainsString('away for sharpening', self::text($ribs['why']));
        $next = $this->ask('GET', "/api/dogs/$id/then?a=$third&b=$fourth", expect: 200);
        self::assertContains(
            'who',
            array_column(self::rows(self::find(self::rows($next['differences']), 'zone', 'back')['changes']), 'of'),
            'somebody else was at the table',
        );
        self::assertIsInt(self::map($then['then'])['minutes']);
    }

    public function testTodayAndTheWeeksToCome(): void
    {
        $id = $this->dogId('Tansy');
        $then = $this->ask('GET', "/api/dogs/$id/then?a=plan&b=today", expect: 200);
        $outlook = self::map($then['outlook']);
        self::assertIsArray($outlook['weeks']);
        self::assertCount(53, $outlook['weeks']);
        $back = self::map(self::map($outlook['zones'])['back']);
        $now = self::find(self::rows(self::map($then['now'])['zones']), 'zone', 'back');
        self::assertIsArray($back['mm']);
        self::assertSame($now['mm'], $back['mm'][0]);
        self::assertSame($this->zone('Tansy', 'back')['now_mm'], $now['mm'], 'the same figure as on the card');
        $clocks = array_column(self::rows($outlook['clocks']), null, 'clock');
        self::assertArrayHasKey('shape', $clocks);
        $onCard = self::find(self::rows(self::map($this->card('Tansy')['interval'])['clocks']), 'clock', 'shape');
        self::assertIsNumeric($onCard['weeks']);
        self::assertIsNumeric($outlook['elapsed_weeks']);
        self::assertEqualsWithDelta($onCard['weeks'] - $outlook['elapsed_weeks'], $clocks['shape']['weeks'], 0.11);
        self::assertNotSame([], $outlook['mats']);
        $changes = array_merge(
            ...array_map(
                static fn (array $d): array => self::texts(array_column(self::rows($d['changes']), 'of')),
                self::rows($then['differences']),
            ),
        );
        self::assertSame(['length'], array_values(array_unique($changes)), 'what only grew has no tool to compare');
    }

    public function testPhotosStandBesideTheirVisit(): void
    {
        $id = $this->dogId('Hobnob');
        $visits = self::rows($this->ask('GET', "/api/dogs/$id/then")['visits']);
        $first = self::text($visits[\count($visits) - 1]['id']);
        $then = self::map($this->ask('GET', "/api/dogs/$id/then?a=$first&b=today", expect: 200)['then']);
        self::assertSame(['before', 'after'], array_column(self::rows($then['photos']), 'moment'));
    }

    public function testADogWithoutAVisitIsShownAsPlanned(): void
    {
        $this->signIn('maren');
        $dog = $this->ask(
            'POST',
            '/api/dogs',
            [
                'name' => 'Brisk',
                'breed' => 'cross',
                'coat' => 'wire',
                'owner' => ['name' => 'Nell Sedgeley', 'phone' => '0555 014 0000'],
            ],
            201,
        );
        $then = $this->ask('GET', '/api/dogs/'.self::text($dog['id']).'/then', expect: 200);
        self::assertSame(['plan', 'today'], [self::map($then['then'])['id'], self::map($then['now'])['id']]);
        self::assertSame([], $then['differences']);
    }

    public function testWhatIsNotThereIsNotFound(): void
    {
        $id = $this->dogId('Tansy');
        $other = self::rows($this->ask('GET', '/api/dogs/'.$this->dogId('Osric').'/then')['visits'])[0]['id'];
        foreach (['yesterday', self::text($other), '%00', "' OR 1=1"] as $side) {
            $this->ask('GET', "/api/dogs/$id/then?a=".rawurlencode($side), expect: 404);
        }
        self::assertLessThanOrEqual(
            9,
            QueryCounter::during(fn () => $this->ask('GET', "/api/dogs/$id/then", expect: 200)),
        );
    }
}
