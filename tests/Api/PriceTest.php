<?php

/** Price lists: valid from a day, shown on what is booked, charged by the list of the day, never changed afterwards. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;
use PHPUnit\Framework\Attributes\DataProvider;

final class PriceTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('maren');
    }

    /** @return array<string, mixed> */
    private static function body(string $when = 'today'): array
    {
        return ['begins' => date('Y-m-d', (int) strtotime($when)), 'hour' => 72, 'mat_hour' => 96];
    }

    /** @return array<string, mixed> of the first way to go on */
    private function option(string $arrival): array
    {
        $view = $this->ask('GET', "/api/arrivals/$arrival", expect: 200);

        return self::rows(self::map($view['comb'])['options'])[0];
    }

    public function testWhatHoldsIsTheListThatHasBegunLast(): void
    {
        $lists = self::rows($this->ask('GET', '/api/prices', expect: 200)['lists']);
        self::assertSame(['coming', 'now'], array_column($lists, 'state'));
        self::assertSame([false, true], array_column($lists, 'fixed'));
        $lists = self::rows($this->ask('POST', '/api/prices', self::body(), 201)['lists']);
        self::assertSame(['coming', 'now', 'past'], array_column($lists, 'state'));
        self::assertFalse($lists[1]['fixed'], 'begun today: a slip can still be put right');
    }

    public function testPricesMoveTheArrivalFromTheirDayOn(): void
    {
        $arrival = self::text($this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/arrivals', [], 200)['id']);
        $before = $this->option($arrival);
        $this->ask('POST', '/api/prices', self::body('+1 day'), 201);
        self::assertSame($before['price_minor'], $this->option($arrival)['price_minor'], 'not yet');
        $this->ask('POST', '/api/prices', ['hour' => 40] + self::body(), 201);
        $after = $this->option($arrival);
        $terms = self::rows($after['price_terms']);
        self::assertStringContainsString('at 40.00 an hour', self::text($terms[0]['label']));
        self::assertNotSame($before['price_minor'], $after['price_minor']);
        self::assertNull($after['tax_minor'], 'this list knows of no tax');
        self::assertNotNull($before['tax_minor']);
    }

    public function testAnExtraIsAskedForPricedAgreedAndStaysAtItsPrice(): void
    {
        $dog = $this->dogId('Tansy');
        $arrival = $this->ask('POST', "/api/dogs/$dog/arrivals", [], 200);
        $id = self::text($arrival['id']);
        $offered = array_column(self::rows($arrival['extras_offered']), 'minor', 'name');
        self::assertSame(700, $offered['Teeth brushed']);
        self::assertSame([], $arrival['extras']);
        $before = $this->option($id);
        $asked = ['kind' => 'full', 'extras' => ['Teeth brushed', 'Teeth brushed']];
        $with = $this->ask('PUT', "/api/arrivals/$id/kind", $asked, 200);
        self::assertSame(['Teeth brushed'], array_column(self::rows($with['extras']), 'name'));
        $after = $this->option($id);
        self::assertSame((int) self::number($before['price_minor']) + 700, $after['price_minor']);
        self::assertEqualsWithDelta(
            self::number($before['minutes_80']) + 10,
            self::number($after['minutes_80']),
            0.11,
        );
        $log = self::rows($this->ask('GET', '/api/log')['entries'])[0]['summary'];
        self::assertSame('came for: a full groom, Teeth brushed', $log);
        // What was shown is what is signed: an extra more is another agreement.
        $sign = [
            'agreed' => true,
            'signed_by' => 'Rafe',
            'signature' => 'M10 10 L40 40 L60 20',
            'comb_version' => 1,
            'check_version' => 1,
            'choice' => 'as_reckoned',
        ];
        $this->ask('POST', "/api/arrivals/$id/agreement", ['extras' => []] + $sign, 412);
        $cheap = ['extras' => ['Teeth brushed'], 'price_minor' => (int) self::number($before['price_minor'])];
        $this->ask('POST', "/api/arrivals/$id/agreement", $cheap + $sign, 412);
        $shown = ['price_minor' => $after['price_minor']] + $cheap;
        $signed = $this->ask('POST', "/api/arrivals/$id/agreement", $shown + $sign, 201);
        self::assertTrue(self::rows($signed['agreements'])[0]['current']);
        $terms = json_decode(self::text($this->db()->fetchOne('SELECT terms FROM agreement ORDER BY id DESC')), true);
        \assert(\is_array($terms));
        self::assertSame([['Teeth brushed'], $after['price_minor']], [$terms['extras'], $terms['price_minor']]);
        self::assertStringContainsString('24 hours', (string) json_encode($terms['house_terms']));
        // Another price today does not change what was asked for at the old one.
        $this->ask('POST', '/api/prices', ['extras' => [['name' => 'Teeth brushed', 'minor' => 999]]] + self::body());
        $again = $this->ask('PUT', "/api/arrivals/$id/kind", ['kind' => 'tidy', 'extras' => ['Teeth brushed']], 200);
        self::assertSame(700, self::rows($again['extras'])[0]['minor']);
        self::assertFalse(self::rows($again['agreements'])[0]['current']);
        // And the table charges it.
        $groom = $this->ask('POST', "/api/dogs/$dog/grooms", [], 200);
        $finish = $this->ask('GET', '/api/grooms/'.self::text($groom['id']).'/finish', expect: 200);
        self::assertContains(700, array_column(self::rows($finish['price_terms']), 'minor'));
        $wrong = $this->ask('PUT', "/api/arrivals/$id/kind", ['kind' => 'tidy', 'extras' => ['Gold leaf']], 422);
        self::assertSame(['extras[0]'], array_keys(self::errors($wrong)));
    }

    public function testWhatAChangeDoesToWhatIsBookedIsSaidBeforeItIsSaved(): void
    {
        $dog = $this->dogId('Tansy');
        $book = fn (string $when): mixed => $this->ask(
            'POST',
            "/api/dogs/$dog/bookings",
            ['day' => date('Y-m-d', (int) strtotime($when)), 'time' => '10:10'],
            201,
        )['id'];
        [$soon, $later] = [$book('monday +2 weeks'), $book('monday +40 weeks')];
        $effect = $this->ask('POST', '/api/prices/answer', self::body('+35 weeks'), 200);
        $of = array_column(self::rows($effect['visits']), null, 'booking');
        self::assertArrayHasKey(self::text($later), $of);
        self::assertArrayNotHasKey(self::text($soon), $of, 'it comes before these prices begin');
        $visit = $of[self::text($later)];
        // The coming list of the demo asks 39 an hour, this one 72.
        self::assertEqualsWithDelta(
            (self::number($visit['before_minor']) * 72) / 39,
            self::number($visit['after_minor']),
            3,
        );
        $kind = self::find(self::rows($this->ask('GET', "/api/dogs/$dog/kinds")['kinds']), 'kind', 'full');
        self::assertEqualsWithDelta(
            (self::number($kind['price_minor']) * 39) / 36,
            self::number($visit['before_minor']),
            3,
            'the same figure as on the card, by its list',
        );
        $sum = static fn (string $name): int => (int) array_sum(
            array_map(self::number(...), array_column(self::rows($effect['visits']), $name)),
        );
        self::assertSame(
            [$effect['before_minor'], $effect['after_minor']],
            [$sum('before_minor'), $sum('after_minor')],
        );
    }

    public function testTheAnswerTakesAsManyQueriesForMoreVisits(): void
    {
        $book = fn (string $dog, int $weeks): mixed => $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId($dog).'/bookings',
            ['day' => date('Y-m-d', (int) strtotime("monday +$weeks weeks")), 'time' => '11:10'],
            201,
        );
        $book('Sedge', 2);
        $ask = fn (): mixed => $this->ask('POST', '/api/prices/answer', self::body('+1 day'), 200);
        $few = QueryCounter::during($ask);
        foreach (['Tansy', 'Osric', 'Marl', 'Sorrel'] as $i => $dog) {
            $book($dog, $i + 3);
        }
        self::assertSame($few, QueryCounter::during($ask));
    }

    public function testWhatHasBegunStandsAndWhatIsComingCanBeChangedAndDropped(): void
    {
        $lists = self::rows($this->ask('GET', '/api/prices')['lists']);
        [$coming, $now] = [self::text($lists[0]['id']), self::text($lists[1]['id'])];
        $if = ['If-Match' => '"1"'];
        $said = $this->ask('PUT', "/api/prices/$now", self::body(), 409, $if)['title'];
        self::assertStringContainsString('Begin a new list', self::text($said));
        $this->ask('DELETE', "/api/prices/$now", [], 409, $if);
        $next = $this->ask('PUT', "/api/prices/$coming", self::body('+8 weeks'), 200, $if);
        self::assertEqualsWithDelta(72, self::number(self::rows($next['lists'])[0]['hour']), 1e-9);
        $stale = $this->ask('PUT', "/api/prices/$coming", self::body('+9 weeks'), 412, $if);
        self::assertEqualsWithDelta(72, self::number(self::map($stale['theirs'])['hour']), 1e-9);
        $this->ask('DELETE', "/api/prices/$coming", [], 200, ['If-Match' => '"2"']);
        self::assertCount(1, self::rows($this->ask('GET', '/api/prices')['lists']));
        $log = array_column(self::rows($this->ask('GET', '/api/log')['entries']), 'summary');
        self::assertStringEndsWith('dropped', self::text($log[0]));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no price of a salon' => [['hour' => 60_001], 'hour'];
        yield 'less than nothing' => [['mat_hour' => -1], 'mat_hour'];
        yield 'not a number' => [['hour' => 'NaN'], 'hour'];
        yield 'yesterday' => [['begins' => date('Y-m-d', (int) strtotime('-2 days'))], 'begins'];
        yield 'no day' => [['begins' => '2026-02-30'], 'begins'];
        yield 'in ten years' => [['begins' => date('Y-m-d', (int) strtotime('+10 years'))], 'begins'];
        yield 'cents of cents' => [['least_nails_minor' => 12.5], 'least_nails_minor'];
        yield 'twice the price' => [['cancel_percent' => 200], 'cancel_percent'];
        yield 'all of it is tax' => [['tax_percent' => 101], 'tax_percent'];
        $teeth = ['name' => 'Teeth', 'minor' => 700];
        yield 'twice the same' => [['extras' => [$teeth, ['name' => 'teeth '] + $teeth]], 'extras[1].name'];
        yield 'nameless' => [['extras' => [['name' => ''] + $teeth]], 'extras[0].name'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('wrong')]
    public function testAWrongPriceIsRefusedAtItsField(array $change, string $field): void
    {
        $problem = $this->ask('POST', '/api/prices', $change + self::body('+1 day'), 422);
        self::assertSame([$field], array_keys(self::errors($problem)));
        self::assertCount(2, self::rows($this->ask('GET', '/api/prices')['lists']));
    }

    public function testTwoListsOnOneDayAreRefused(): void
    {
        $this->ask('POST', '/api/prices', self::body('+1 day'), 201);
        $twice = self::errors($this->ask('POST', '/api/prices', ['hour' => 50] + self::body('+1 day'), 422));
        self::assertStringContainsString('already', $twice['begins']);
    }

    public function testAPhoneQuoteIsKeptWithTheDogUntilItIsSeen(): void
    {
        $this->signIn('junia');
        $asked = ['kg' => 10, 'coat' => 'curly', 'weeks' => 14, 'matting' => 'few'];
        $quote = $this->ask('POST', '/api/quote/answer', $asked, 200);
        self::assertLessThan($quote['to_minutes'], $quote['from_minutes']);
        self::assertLessThan($quote['to_minor'], $quote['from_minor']);
        self::assertStringContainsString(
            self::number($quote['from_minutes']).' to '.self::number($quote['to_minutes']).' min',
            self::text($quote['words']),
        );
        self::assertStringContainsString('14 weeks since the last groom, a few tangles', self::text($quote['words']));
        $this->signIn('tove');
        $dog = $this->ask('POST', '/api/dogs', [
            'name' => 'Quillon',
            'breed' => 'cross',
            'coat' => 'curly',
            'kg' => 10,
            'told' => $quote['words'],
            'owner' => ['name' => 'Nell Ash', 'phone' => '0555 014 9999'],
        ], 201);
        self::assertSame($quote['words'], $dog['told']);
        $arrival = $this->ask('POST', '/api/dogs/'.self::text($dog['id']).'/arrivals', expect: 200);
        self::assertSame($quote['words'], self::map($arrival['dog'])['told'], 'beside what is reckoned now');
        $errors = self::errors(
            $this->ask('POST', '/api/quote/answer', ['kg' => 0, 'weeks' => -1, 'matting' => 'some'] + $asked, 422),
        );
        self::assertEqualsCanonicalizing(['kg', 'matting', 'weeks'], array_keys($errors));
    }
}
