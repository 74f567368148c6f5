<?php

/** The van's round: its calls from what is booked, a delay, a shut bridge, one more dog, the times that are told. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

final class RoundTest extends ApiTestCase
{
    /** A Tuesday morning. */
    private const NOW = '2024-05-07 07:00:00';
    private const DAY = '2024-05-07';
    /** dog, where its home is, time, kind */
    private const CALLS = [
        ['Tansy', 'alderlap', '09:15', 'nails'],
        ['Marl', 'rookstall', '11:00', 'bath'],
        ['Dimity', 'rookstall', '13:45', 'nails'],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        Clock::set(new MockClock(self::NOW));
        $this->signIn('maren');
        foreach (self::CALLS as [$name, $spot]) {
            $this->putOnMap($name, $spot);
        }
    }

    protected function tearDown(): void
    {
        Clock::set(new NativeClock());
        parent::tearDown();
    }

    public function testWhatIsBookedWithTheVanIsARoundWithTimesWaterAndKit(): void
    {
        $this->bookAll();
        $round = $this->round();
        $names = array_map(static fn (array $s): string => self::text($s['where']), self::rows($round['stops']));
        self::assertSame(['Alderlap', 'Rookstall Farm', 'Rookstall Farm'], $names);
        $calls = self::rows($round['calls']);
        self::assertSame(['alderlap', 'rookstall', 'rookstall'], array_column($calls, 'at'));
        self::assertSame(0, $calls[2]['drives'], 'two homes on one farm are one way');
        self::assertSame(['fullers_yard', 'weir_cottages', 'alderlap'], $calls[0]['path']);
        self::assertSame([0, 0], [$round['late'], $round['overtime']]);
        self::assertLessThan(90.0, self::number($calls[1]['litres_left']), 'a bath takes water');
        self::assertSame(['', ''], [self::rows($round['stops'])[0]['why'], self::rows($round['stops'])[0]['says']]);
        self::assertContains('never_alone', array_column(self::rows($round['cautions']), 'code'));
        // The van's water stays in the tank where there is a tap.
        $this->putOnMap('Marl', 'rookstall', true);
        self::assertSame(88, self::rows($this->round()['calls'])[1]['litres_left']);
    }

    public function testAFullDayAsksAsOftenAsOneCall(): void
    {
        $ask = fn (): array => $this->round();
        $staff = $this->idris();
        foreach (self::CALLS as $n => [$name, , $time, $kind]) {
            $booking = ['day' => self::DAY, 'time' => $time, 'kind' => $kind, 'staff' => $staff];
            $this->ask('POST', '/api/dogs/'.$this->dogId($name).'/bookings', $booking, 201);
            // What visits take is reckoned once, and kept.
            $ask();
            $asked = QueryCounter::during($ask);
            $one ??= $asked;
            self::assertLessThanOrEqual($one, $asked, ($n + 1).' calls');
        }
    }

    public function testAnotherOrderSaysWhatItBreaksAndCosts(): void
    {
        $this->bookAll();
        $round = $this->round();
        $homes = array_map(static fn (array $c): string => self::text($c['stop']), self::rows($round['calls']));
        $other = $this->round('&order='.implode(',', array_reverse($homes)));
        self::assertSame($round['cost'], $other['best']);
        self::assertGreaterThan($round['cost'], $other['cost']);
        $why = array_map(self::text(...), array_column(self::rows($other['stops']), 'why'));
        self::assertStringContainsString('after its window ends', implode(' ', $why));
        foreach (['order=x', 'behind=soon', 'water=-1', 'kind=wax', 'on=yesterday'] as $wrong) {
            $field = strtok($wrong, '=');
            self::assertArrayHasKey((string) $field, self::errors($this->ask('GET', "/api/round?$wrong", expect: 422)));
        }
    }

    public function testABridgeThatIsShutIsGoneRoundAndOpenAfterAll(): void
    {
        $this->bookAll();
        $before = $this->round();
        $shut = ['day' => self::DAY, 'way' => 'ferry_bridge', 'from' => '00:00', 'to' => '24:00'];
        $this->ask('POST', '/api/roads/shut', ['way' => 'moon'] + $shut, 422);
        $this->ask('POST', '/api/roads/shut', ['to' => '00:00'] + $shut, 422);
        $this->ask('POST', '/api/roads/shut', ['day' => '2024-05-06'] + $shut, 422);
        $this->ask('POST', '/api/roads/shut', $shut, 201);
        $this->ask('POST', '/api/roads/shut', ['way' => 'market_bridge'] + $shut, 201);
        $round = $this->round();
        self::assertStringNotContainsString('market_cross', (string) json_encode(self::rows($round['calls'])[1]));
        self::assertGreaterThan($before['driven'], $round['driven']);
        self::assertSame(['ferry_bridge', 'market_bridge'], array_column(self::rows($round['shut']), 'way'));
        // All three: nobody comes over the river.
        $this->ask('POST', '/api/roads/shut', ['way' => 'weir_bridge'] + $shut, 201);
        $cut = $this->round();
        self::assertSame([], $cut['calls']);
        $why = array_map(self::text(...), array_column(self::rows($cut['stops']), 'why'));
        self::assertStringContainsString('cannot be reached', $why[1]);
        foreach (self::rows($cut['shut']) as $one) {
            $this->ask('DELETE', '/api/roads/shut/'.self::text($one['id']), [], 200);
            $this->ask('DELETE', '/api/roads/shut/'.self::text($one['id']), [], 404);
        }
        self::assertSame($before['cost'], $this->round()['cost']);
    }

    public function testADelayAnswersTheRestAnewAndItsWordsGoToTheOwners(): void
    {
        $this->bookAll();
        Clock::set(new MockClock(self::DAY.' 10:20:00'));
        $late = $this->round('&behind=45');
        self::assertSame('11:05', self::map($late['now'])['time']);
        $stops = self::rows($late['stops']);
        self::assertStringContainsString('Running late: we are with Tansy', self::text($stops[0]['says']));
        $times = [];
        foreach ($stops as $s) {
            foreach ('' === $s['says'] ? [] : self::rows($s['dogs']) as $d) {
                $times[] = ['booking' => $d['booking'], 'version' => $d['version'], 'time' => $d['tell']];
            }
        }
        self::assertNotSame([], $times);
        $body = ['times' => $times, 'write' => true];
        $stale = $body;
        $stale['times'][0]['version'] = 77;
        $this->ask('PUT', '/api/round/times', $stale, 412);
        $this->ask('PUT', '/api/round/times', ['times' => [['time' => 'noon'] + $times[0]]], 422);
        $told = $this->ask('PUT', '/api/round/times', $body, 200);
        $says = array_filter(array_column($stops, 'says'), static fn (mixed $s): bool => '' !== $s);
        self::assertSame(\count($says), $told['written']);
        self::assertSame($told['written'], (int) self::number($this->db()->fetchOne(
            "SELECT COUNT(*) FROM message WHERE kind = 'late'",
        )));
        $after = self::rows($this->round('&behind=45')['stops']);
        self::assertSame(['', '', ''], array_column($after, 'says'), 'they know it now');
    }

    public function testTwoThatChangePlacesDoNotStandInEachOthersWay(): void
    {
        $this->bookAll();
        $stops = self::rows($this->round()['stops']);
        $one = self::rows($stops[1]['dogs'])[0];
        $two = self::rows($stops[2]['dogs'])[0];
        $this->ask('PUT', '/api/round/times', ['write' => false, 'times' => [
            ['booking' => $one['booking'], 'version' => $one['version'], 'time' => $two['told']],
            ['booking' => $two['booking'], 'version' => $two['version'], 'time' => $one['told']],
        ]], 200);
        $now = self::rows($this->round()['stops']);
        self::assertSame(['Dimity', 'Marl'], [
            self::rows($now[1]['dogs'])[0]['name'], self::rows($now[2]['dogs'])[0]['name'],
        ]);
    }

    public function testAnotherDaysTimeIsWrittenWithTheLinkByWhichItIsAnswered(): void
    {
        $this->bookAll();
        $dogs = array_merge(...array_map(
            static fn (array $s): array => self::rows($s['dogs']),
            self::rows($this->round()['stops']),
        ));
        $tansy = self::find($dogs, 'name', 'Tansy');
        Clock::set(new MockClock('2024-05-06 07:00:00'));
        $times = [['booking' => $tansy['booking'], 'version' => $tansy['version'], 'time' => '10:20']];
        $told = $this->ask('PUT', '/api/round/times', ['write' => true, 'times' => $times], 200);
        self::assertSame(1, $told['written']);
        $text = self::text($this->db()->fetchOne("SELECT text FROM message WHERE kind = 'moved'"));
        self::assertMatchesRegularExpression('~at about 10:20, not at 09:15\. .*/date/[\w-]+$~', $text);
        preg_match('~/date/[\w-]+$~', $text, $link);
        $this->client->request('GET', $link[0] ?? '');
        self::assertStringContainsString('10:20', (string) $this->client->getResponse()->getContent());
    }

    public function testOneMoreFitsInOrSaysWhyNot(): void
    {
        $this->bookAll();
        $this->putOnMap('Sorrel', 'low_byre');
        $fit = self::map($this->round('&kind=nails&dog='.$this->dogId('Sorrel'))['fit']);
        self::assertSame(['Sorrel', '', []], [$fit['name'], $fit['why'], $fit['breaks']]);
        self::assertSame('', $fit['unknown']);
        self::assertMatchesRegularExpression('/^\d\d:\d[05]$/', self::text($fit['begins']));
        self::assertGreaterThanOrEqual(self::text($this->round()['back']), self::text($fit['back']));
        $late = self::map($this->round('&behind=600&kind=nails&dog='.$this->dogId('Sorrel'))['fit']);
        self::assertStringContainsString('when the day ends', self::text($late['why']));
        $booking = ['day' => self::DAY, 'time' => $fit['begins'], 'kind' => 'nails', 'staff' => $this->idris()];
        $this->ask('POST', '/api/dogs/'.$this->dogId('Sorrel').'/bookings', $booking, 201);
        self::assertCount(4, self::rows($this->round()['calls']));
        $this->db()->executeStatement(
            "UPDATE dog SET kg = NULL, card_version = card_version + 1 WHERE name = 'Gantry'",
        );
        $this->putOnMap('Gantry', '');
        $none = self::map($this->round('&dog='.$this->dogId('Gantry'))['fit']);
        self::assertSame('', $none['begins']);
        self::assertStringContainsString('not on the map', self::text($none['why']));
        self::assertStringContainsString('nobody has weighed Gantry', self::text($none['unknown']));
        $this->ask('GET', '/api/round?dog=x', expect: 404);
    }

    public function testWhatIsDoneIsOffTheRoundAndWhatNobodyKnowsIsSaid(): void
    {
        $this->bookAll();
        $this->db()->executeStatement("UPDATE dog SET kg = NULL, card_version = card_version + 1 WHERE name = 'Marl'");
        $this->putOnMap('Dimity', '');
        Clock::set(new MockClock(self::DAY.' 10:00:00'));
        $visit = ['day' => self::DAY, 'kind' => 'nails', 'minutes' => 20, 'zones' => []];
        $this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/visits', $visit, 201);
        $round = $this->round();
        $stops = self::rows($round['stops']);
        self::assertSame('done', $stops[0]['state']);
        self::assertSame('alderlap', self::map($round['now'])['at']);
        $unknown = self::text(self::rows($stops[1]['dogs'])[0]['unknown']);
        self::assertStringContainsString('nobody has weighed Marl', $unknown);
        self::assertStringContainsString('not on the map', self::text($stops[2]['why']));
        self::assertSame(['rookstall'], array_column(self::rows($round['calls']), 'at'));
        // Somebody looked: there is less in the tank than was reckoned.
        $dry = $this->round('&water=1');
        self::assertContains('', array_column(self::rows($dry['calls']), 'stop'), 'it is filled first');
    }

    public function testWhoDrivesItHasTheirBreak(): void
    {
        $idris = self::find(self::rows($this->ask('GET', '/api/people', expect: 200)['people']), 'id', $this->idris());
        $change = array_intersect_key($idris, array_flip(['name', 'role', 'confidence', 'active', 'place', 'email']));
        $match = ['If-Match' => '"'.self::number($idris['version']).'"'];
        $rests = ['break_from' => '12:30', 'break_to' => '13:00'];
        $this->ask('PUT', '/api/people/'.self::text($idris['id']), $rests + $change, 200, $match);
        self::assertSame('12:30–13:00', self::map($this->round()['van'])['rests']);
        // At the table at half past twelve: after the break, and so its owner is told.
        $bath = ['day' => self::DAY, 'time' => '12:15', 'kind' => 'bath', 'staff' => self::text($idris['id'])];
        $this->ask('POST', '/api/dogs/'.$this->dogId('Marl').'/bookings', $bath, 201);
        $round = $this->round();
        self::assertSame(['13:00'], array_column(self::rows($round['calls']), 'begins'));
        self::assertSame(15, $round['late']);
        self::assertStringContainsString('13:00', self::text(self::rows($round['stops'])[0]['says']));
    }

    public function testNothingBegunPastTheFirstTimeToldIsSaid(): void
    {
        $this->bookAll();
        $codes = fn (string $asked = ''): array => array_column(self::rows($this->round($asked)['cautions']), 'code');
        self::assertNotContains('not_begun', $codes());
        Clock::set(new MockClock(self::DAY.' 10:30:00'));
        self::assertContains('not_begun', $codes());
        // Once somebody says how late it is, the rest is reckoned from now.
        self::assertNotContains('not_begun', $codes('&behind=10'));
        Clock::set(new MockClock(self::DAY.' 21:00:00'));
        self::assertNotContains('not_begun', $codes());
    }

    public function testAVanThatNobodySetUpAndASalonWithoutOne(): void
    {
        $van = self::map($this->round()['van']);
        $form = ['base' => 'fullers_yard', 'tank' => 0, 'battery' => 0, 'refills' => []];
        $path = '/api/vans/'.self::text($van['id']);
        $match = ['If-Match' => '"'.self::number($van['version']).'"'];
        foreach (
            [
                'base' => ['base' => 'moon'],
                'tank' => ['tank' => -1],
                'battery' => ['battery' => 'much'],
                'refills[0].at' => ['refills' => [['at' => 'moon', 'minutes' => 5]]],
                'refills[0].water' => ['refills' => [['at' => 'trough', 'minutes' => 5, 'water' => false]]],
            ] as $field => $wrong
        ) {
            self::assertArrayHasKey($field, self::errors($this->ask('PUT', $path, $wrong + $form, 422, $match)));
        }
        $this->bookAll();
        $this->ask('PUT', $path, $form, 200, $match);
        $this->ask('PUT', $path, $form, 412, $match);
        // A tank of 0 litres: what takes water is named, what takes none is not.
        $why = array_map(self::text(...), array_column(self::rows($this->round()['stops']), 'why'));
        self::assertStringContainsString('the tank holds 0', $why[1]);
        $mill = self::text($this->db()->fetchOne("SELECT HEX(id) FROM place WHERE name = 'Mill room'"));
        $room = strtolower((string) preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', $mill));
        $this->ask('PUT', "/api/vans/$room", $form, 409, ['If-Match' => '"2"']);
        $this->signIn('sunniva');
        self::assertNull($this->ask('GET', '/api/round', expect: 200)['van']);
        $this->ask('GET', '/api/round?van='.self::text($van['id']), expect: 404);
    }

    private function bookAll(): void
    {
        foreach (self::CALLS as [$name, , $time, $kind]) {
            $booking = ['day' => self::DAY, 'time' => $time, 'kind' => $kind, 'staff' => $this->idris()];
            $this->ask('POST', '/api/dogs/'.$this->dogId($name).'/bookings', $booking, 201);
        }
    }

    private function putOnMap(string $dog, string $spot, bool $hasWater = false): void
    {
        $home = self::text(self::map($this->ask('GET', '/api/dogs/'.$this->dogId($dog).'/card')['dog'])['household']);
        $version = self::number($this->ask('GET', "/api/homes/$home", expect: 200)['version']);
        $form = ['spot' => $spot, 'has_water' => $hasWater];
        $this->ask('PUT', "/api/homes/$home/spot", $form, 200, ['If-Match' => "\"$version\""]);
    }

    private function idris(): string
    {
        return self::text(self::map($this->round()['van'])['staff']);
    }

    /** @return array<array-key, mixed> */
    private function round(string $asked = ''): array
    {
        return $this->ask('GET', '/api/round?on='.self::DAY.$asked, expect: 200);
    }
}
