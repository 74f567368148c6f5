<?php

/** A whole arrival through the API: comb test, check, handling, agreement under seal, the owner's copy, photos. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;
use PHPUnit\Framework\Attributes\DataProvider;

final class ArrivalTest extends ArrivalCase
{
    public function testOneArrivalADayWhoeverOpensIt(): void
    {
        self::assertSame('open', $this->arrival['state']);
        $again = $this->open('Tansy');
        self::assertSame($this->arrival['id'], $again['id']);
        self::assertSame('arrived', self::rows($this->ask('GET', '/api/log')['entries'])[0]['summary']);
        self::assertEqualsCanonicalizing(
            ['back', 'foreleg_left', 'skull'],
            array_keys(self::map($this->arrival['expected'])),
        );
    }

    public function testACombTestIsReckonedAtOnce(): void
    {
        $comb = $this->comb([
            self::mat('armpit_left', 3, 0.6, false),
            self::mat('chest', 2, 0.5),
            self::mat('back', 0),
        ]);
        self::assertSame(2, $comb['version']);
        $zones = self::rows($comb['zones']);
        self::assertSame(['clip', 'loosen', 'none'], array_column($zones, 'decision'));
        self::assertSame('10', $zones[0]['blade']);
        self::assertSame(
            ['as_reckoned', 'save_the_coat'],
            \array_slice(array_column(self::rows($comb['options']), 'choice'), 0, 1) + [1 => 'save_the_coat'],
        );
        $option = self::rows($comb['options'])[0];
        self::assertGreaterThan($option['minutes_50'], $option['minutes_80']);
        self::assertIsInt($option['slot_minutes']);
        self::assertSame(0, $option['slot_minutes'] % 5);
        self::assertSame(
            $option['price_minor'],
            array_sum(
                array_map(
                    static fn (array $t): int => \is_int($t['minor']) ? $t['minor'] : 0,
                    self::rows($option['price_terms']),
                ),
            ),
        );
        self::assertArrayHasKey('back', self::map($option['left']));
        self::assertNotSame([], $comb['consent']);
        $read = $this->ask('GET', '/api/arrivals/'.self::text($this->arrival['id']), expect: 200);
        self::assertSame($comb, $read['comb']);
    }

    public function testSavingTheCoatIsShownBesideClippingIt(): void
    {
        $comb = $this->comb(
            array_map(static fn (string $z): array => self::mat($z, 3, 0.8, true), [
                'back',
                'ribs_left',
                'ribs_right',
                'chest',
                'loin',
                'rump',
            ]),
        );
        $options = self::rows($comb['options']);
        self::assertSame(['as_reckoned', 'save_the_coat', 'even_out'], array_column($options, 'choice'));
        [$reckoned, $save, $even] = $options;
        self::assertFalse($save['today']);
        self::assertGreaterThan($even['slot_minutes'], $save['slot_minutes']);
        self::assertSame(3.2, $even['leaves_mm']);
        self::assertIsString($even['back_message']);
        self::assertSame('7F', $even['even_blade']);
        foreach (self::texts($even['even_zones']) as $zone) {
            self::assertLessThanOrEqual(3.2, self::number(self::map($even['left'])[$zone]), $zone);
        }
        self::assertGreaterThan(
            3.2,
            self::number(self::map($even['left'])['skull']),
            'the face only where it is named',
        );
        $later = self::rows($save['later']);
        self::assertNotSame([], $later);
        self::assertSame(
            self::number($save['price_all_minor']),
            self::number($save['price_minor']) + array_sum(array_column($later, 'price_minor')),
        );
        self::assertNotSame([], $reckoned['patches']);
    }

    public function testAnOverruleIsKeptWithItsReasonAndTheRestFollows(): void
    {
        $this->put('comb', ['zones' => [['overrule' => 'comb', 'why' => ''] + self::mat('chest', 3, 0.4, true)]], 422);
        $comb = $this->comb([['overrule' => 'clip', 'why' => 'he has had enough'] + self::mat('chest', 1, 0.4)]);
        self::assertSame(
            ['clip', 'clip', 'he has had enough'],
            [
                self::rows($comb['zones'])[0]['decision'],
                self::rows($comb['zones'])[0]['overrule'],
                self::rows($comb['zones'])[0]['why'],
            ],
        );
        $this->put(
            'comb',
            ['zones' => [['overrule' => 'comb', 'why' => 'no'] + self::mat('chest', 4, 0.4)]],
            422,
            version: 2,
        );
    }

    /** @return iterable<string, array{array<mixed>, string}> */
    public static function wrongCombs(): iterable
    {
        yield 'no zones' => [[], 'zones'];
        yield 'severity' => [['zones' => [self::mat('chest', 7, 0.4)]], 'zones[0].severity'];
        yield 'per cent' => [['zones' => [self::mat('chest', 2, 40)]], 'zones[0].spread'];
        yield 'zone' => [['zones' => [self::mat('wing', 2, 0.4)]], 'zones[0].zone'];
        yield 'twice' => [['zones' => [self::mat('chest', 2, 0.4), self::mat('chest', 1, 0.4)]], 'zones[1].zone'];
        yield 'stops' => [['stops_first' => -1, 'zones' => []], 'stops_first'];
        yield 'skin' => [['zones' => [['skin' => 'eczema'] + self::mat('chest', 2, 0.4)]], 'zones[0].skin'];
        yield 'choice' => [['choice' => 'shave', 'zones' => []], 'choice'];
    }

    /** @param array<mixed> $body */
    #[DataProvider('wrongCombs')]
    public function testAWrongCombIsRefusedAtItsFieldAndKeepsWhatWasThere(array $body, string $field): void
    {
        $this->comb([self::mat('chest', 2, 0.5)]);
        $errors = self::errors($this->put('comb', self::map($body), 422, version: 2));
        self::assertSame([$field], array_keys($errors));
        self::assertCount(
            1,
            self::rows(
                self::map($this->ask('GET', '/api/arrivals/'.self::text($this->arrival['id']))['comb'])['zones'],
            ),
        );
    }

    public function testContradictionsAreAskedAboutAndDoNotStop(): void
    {
        $comb = $this->comb([self::mat('back', 0, 0.4), self::mat('nape', 4, 0.5, true)]);
        self::assertCount(2, self::rows($comb['questions']));
        $view = $this->put('check', ['kg' => 30, 'skin' => ['clear', 'red']], 200);
        self::assertCount(2, self::rows($view['questions']));
    }

    public function testTheSecondToSaveTheSameCombIsToldAndShownTheirs(): void
    {
        $this->comb([self::mat('chest', 2, 0.5)]);
        $stale = $this->put('comb', ['zones' => []], 412);
        self::assertSame(2, $stale['version']);
        self::assertSame('chest', self::rows(self::map($stale['theirs'])['zones'])[0]['zone']);
    }

    public function testTheCheckFeedsTheReckoning(): void
    {
        $before = $this->comb([self::mat('loin', 2, 1.0)]);
        $view = $this->put(
            'check',
            ['kg' => 14, 'airway' => 'laboured', 'ears' => ['left' => ['smell']], 'claws' => new \stdClass()],
            200,
        );
        self::assertTrue($view['stop']);
        self::assertSame('airway_laboured', self::rows($view['findings'])[0]['code']);
        self::assertGreaterThan(
            self::number(self::rows($before['zones'])[0]['minutes']),
            self::number(self::rows(self::map($view['comb'])['zones'])[0]['minutes']),
        );
        self::assertSame(['kg' => 14, 'airway' => 'laboured', 'ears' => ['left' => ['smell']]], $view['hands_on']);
        $errors = self::errors($this->put('check', ['kg' => 9000, 'pads' => ['front_left' => 9]], 422, version: 2));
        self::assertEqualsCanonicalizing(['kg', 'pads.front_left'], array_keys($errors));
    }

    public function testPlacesFoundLastTimeAreOfferedAndTheTrendShown(): void
    {
        $hobnob = $this->open('Hobnob');
        self::assertSame(2, self::map($hobnob['last_found'])['armpit_left']);
        $loads = array_map(self::number(...), array_column(self::rows($hobnob['trend']), 'load'));
        self::assertCount(4, $loads);
        self::assertGreaterThan(5 * $loads[3], $loads[0], 'a rescue brought back');
        self::assertSame('ear_feather_left', self::list($hobnob['asked_first'])[0]);
    }

    public function testHandlingIsRecordedClimbsAndCountsInTheMinutes(): void
    {
        $tansy = $this->dogId('Tansy');
        $before = self::number(self::rows($this->comb([])['options'])[0]['minutes_50']);
        $record = $this->ask(
            'PUT',
            "/api/dogs/$tansy/handling/grinder",
            ['tolerance' => 1, 'trigger' => 'the <b>sound</b>', 'owner_says' => 'fine at home'],
            200,
            ['If-Match' => '"0"'],
        );
        self::assertSame(
            [1, 'sees_it', 'the <b>sound</b>'],
            [$record['version'], $record['next_rung'], $record['trigger']],
        );
        $this->ask('PUT', "/api/dogs/$tansy/handling/grinder", ['tolerance' => 2], 412, ['If-Match' => '"0"']);
        $step = $this->ask(
            'POST',
            "/api/dogs/$tansy/handling/grinder/ladder",
            ['rung' => 'sees_it', 'calm' => true],
            201,
        );
        self::assertSame('moves_off', $step['next_rung']);
        $view = $this->ask('GET', '/api/arrivals/'.self::text($this->arrival['id']));
        self::assertSame('grinder', self::rows($view['handling'])[0]['tool']);
        self::assertGreaterThan(
            $before,
            self::number(self::rows(self::map($view['comb'])['options'])[0]['minutes_50']),
            'half a minute for what is new',
        );
        $offered = self::rows($view['assignments']);
        self::assertNotContains('Pell Hasp', array_column($offered, 'who'), 'a bather is never given a full groom');
        self::assertSame('grinder', self::rows($offered[0]['flags'])[0]['tool']);
        self::assertArrayHasKey(
            'tool',
            self::errors(
                $this->ask('PUT', "/api/dogs/$tansy/handling/laser", ['tolerance' => 1], 422, ['If-Match' => '"0"']),
            ),
        );
    }

    public function testTheEtagHoldsUntilSomethingChanges(): void
    {
        $path = '/api/arrivals/'.self::text($this->arrival['id']);
        $etag = function () use ($path): string {
            $this->ask('GET', $path, expect: 200);

            return (string) $this->client->getResponse()->headers->get('ETag');
        };
        $first = $etag();
        $this->ask('GET', $path, expect: 304, headers: ['If-None-Match' => $first]);
        $this->comb([self::mat('chest', 2, 0.5)]);
        $second = $etag();
        $this->put('check', ['kg' => 12], 200);
        $third = $etag();
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/handling/bath', ['tolerance' => 2], 200, [
            'If-Match' => '"0"',
        ]);
        $fourth = $etag();
        $this->photo(self::image('jpeg', 40, 40), 'a.jpg', 'whole', 201);
        self::assertCount(5, array_unique([$first, $second, $third, $fourth, $etag()]));
    }

    public function testAnArrivalTakesFewQueries(): void
    {
        $id = self::text($this->arrival['id']);
        self::assertLessThanOrEqual(
            22,
            QueryCounter::during(fn () => $this->ask('GET', "/api/arrivals/$id", expect: 200)),
        );
        $this->comb([self::mat('chest', 2, 0.5)]);
        $comb = fn () => $this->put('comb', ['zones' => [self::mat('loin', 1, 0.5)]], 200, version: 2);
        self::assertLessThanOrEqual(22, QueryCounter::during($comb));
    }
}
