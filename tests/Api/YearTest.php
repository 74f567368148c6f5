<?php

/** The year ahead: clocks, what is booked against them, advice that keeps them, a wish beside it, visits held ahead. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;

final class YearTest extends ApiTestCase
{
    private string $holm;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('junia');
        $this->holm = '/api/dogs/'.$this->dogId('Holm');
    }

    private static function on(int $days): string
    {
        return date('Y-m-d', (int) strtotime("+$days days"));
    }

    /** @return array<string, mixed> */
    private function year(string $query = ''): array
    {
        return $this->ask('GET', "$this->holm/year$query", expect: 200);
    }

    public function testTheAdviceKeepsEveryClockAndAWishIsAnsweredBesideIt(): void
    {
        $year = $this->year('?wish=16');
        self::assertTrue($year['known']);
        self::assertSame(['full', 'bath', 'hygiene', 'nails'], array_column(self::rows($year['clocks']), 'clock'));
        $advice = (array) $year['advice'];
        self::assertSame(0, $advice['broken']);
        self::assertSame([], $year['impossible']);
        foreach (self::rows($advice['runs']) as $run) {
            self::assertSame(0, $run['over'], 'up to the end of the year');
        }
        $wish = (array) $year['wish'];
        self::assertGreaterThan(0, $wish['broken']);
        self::assertLessThan(self::number($advice['price_minor']), self::number($wish['price_minor']));
        // Whoever comes later comes more matted, and takes longer.
        $full = static fn (mixed $visits): array => self::find(self::rows($visits), 'kind', 'full');
        self::assertGreaterThan($full($advice['visits'])['load'], $full($wish['visits'])['load']);
        self::assertGreaterThan($full($advice['visits'])['minutes'], $full($wish['visits'])['minutes']);
        foreach (['0', '53', 'often', '8.5'] as $none) {
            $this->ask('GET', "$this->holm/year?wish=$none", expect: 422);
        }
    }

    public function testAVisitOnAnotherDaySaysWhichClockItBreaks(): void
    {
        $limit = self::find(self::rows($this->year()['clocks']), 'clock', 'nails')['weeks'];
        $asked = fn (int $days): array => self::find(self::rows($this->ask(
            'POST',
            "$this->holm/year/answer",
            ['visits' => [['day' => self::on($days), 'kind' => 'full']]],
            200,
        )['runs']), 'clock', 'nails');
        $near = $asked(1);
        self::assertSame([0, false, $limit], [$near['over'], $near['open'], $near['limit']]);
        $far = $asked(100);
        self::assertSame(self::on(100), $far['to']);
        self::assertSame(99.0, self::number($far['days']) - self::number($near['days']));
        self::assertSame(max(0.0, self::number($far['days']) - 7 * self::number($limit)), self::number($far['over']));
    }

    public function testVisitsAreHeldAheadRoundWhatIsClosedAndGivenUpAgain(): void
    {
        $form = ['first' => self::on(30), 'every' => 6, 'count' => 4, 'time' => '10:30'];
        $shut = self::on(72);
        $this->db()->executeStatement('UPDATE place SET closed_days = ?', [
            json_encode([['from' => $shut, 'to' => $shut, 'why' => 'stocktaking']]),
        ]);
        $this->fresh();
        $days = self::rows($this->ask('POST', "$this->holm/series/answer", $form, 200)['days']);
        self::assertSame([self::on(30), self::on(71), self::on(113), self::on(155)], array_column($days, 'day'));
        self::assertStringContainsString('stocktaking', self::text($days[1]['why']));
        self::assertTrue($days[0]['hold'], 'the next visit is always held');
        $held = self::rows($this->ask('POST', "$this->holm/series", $form, 201)['held']);
        self::assertSame(array_column($days, 'day'), array_column($held, 'day'));
        $series = array_unique(array_map(self::text(...), array_column($held, 'series')));
        self::assertCount(1, $series);
        // One is done: what is still to come is given up, that one stays.
        $this->db()->executeStatement(
            "UPDATE booking SET day = ? WHERE day = ? AND time = '10:30'",
            [self::on(-2), self::on(30)],
        );
        $left = $this->ask('DELETE', '/api/series/'.$series[0], [], 200);
        self::assertSame([self::on(-2)], array_column(self::rows($left['held']), 'day'));
        self::assertSame([], self::rows($this->year()['booked']));
        $this->ask('DELETE', '/api/series/'.$series[0], [], 200);
        $this->ask('DELETE', '/api/series/00000000-0000-7000-8000-000000000000', [], 404);
        $this->signIn('sunniva');
        $this->ask('DELETE', '/api/series/'.$series[0], [], 404);
    }

    public function testAClosedWeekIsNamedAndWhatCannotBeIsSaid(): void
    {
        $this->db()->executeStatement('UPDATE place SET closed_days = ?', [
            json_encode([['from' => self::on(10), 'to' => self::on(150), 'why' => 'rebuilding']]),
        ]);
        $this->fresh();
        $year = $this->year();
        self::assertGreaterThan(15, \count(self::rows($year['closed'])));
        self::assertNotSame([], $year['impossible']);
        self::assertSame([], ((array) $year['advice'])['visits']);
        $form = ['first' => self::on(60), 'every' => 4, 'count' => 2];
        $answer = $this->ask('POST', "$this->holm/series/answer", $form, 200);
        self::assertSame([null, null], array_column(self::rows($answer['days']), 'day'));
        $this->ask('POST', "$this->holm/series", $form, 409);
        foreach ([['every' => 0], ['count' => 99], ['first' => self::on(-1)], ['time' => '26:00']] as $bad) {
            $errors = self::errors($this->ask('POST', "$this->holm/series", $bad + $form, 422));
            self::assertSame(array_keys($bad), array_keys($errors));
        }
    }

    public function testADogNobodyKnowsIsAdvisedNothing(): void
    {
        $this->db()->executeStatement(
            'DELETE z FROM plan_zone z JOIN trim_plan t ON t.id = z.plan_id WHERE t.dog_id = ?',
            [(string) hex2bin(str_replace('-', '', $this->dogId('Holm')))],
        );
        $year = $this->year('?wish=8');
        self::assertSame([false, []], [$year['known'], $year['clocks']]);
        self::assertSame([], ((array) $year['advice'])['visits']);
    }

    public function testMoreVisitsTakeNoMoreQueries(): void
    {
        $ask = fn (): mixed => $this->year();
        $form = ['first' => self::on(30), 'every' => 4, 'time' => '10:30'];
        $preview = fn (int $count): mixed => $this->ask(
            'POST',
            "$this->holm/series/answer",
            ['count' => $count] + $form,
            200,
        );
        $none = QueryCounter::during($ask);
        $one = QueryCounter::during(static fn (): mixed => $preview(1));
        $this->ask('POST', "$this->holm/series", ['count' => 8] + $form, 201);
        self::assertSame($none, QueryCounter::during($ask));
        self::assertLessThanOrEqual($one + 1, QueryCounter::during(static fn (): mixed => $preview(8)));
    }
}
