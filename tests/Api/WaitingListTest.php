<?php

/** The waiting list: once a place is free it is offered to who waits; who has got one waits no more. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;

final class WaitingListTest extends ApiTestCase
{
    private string $day;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('junia');
        $this->day = (new \DateTimeImmutable('wednesday +6 weeks'))->format('Y-m-d');
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private function waits(string $dog, array $more = [], int $expect = 200): array
    {
        $form = $more + ['since' => $this->day, 'until' => $this->day];

        return $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/waiting', $form, $expect);
    }

    /** @return list<array<string, mixed>> */
    private function list(): array
    {
        return self::rows($this->ask('GET', "/api/waiting?on=$this->day", expect: 200)['waiting']);
    }

    public function testAPlaceThatIsGivenUpIsOfferedToWhoWaits(): void
    {
        $tove = (string) \Symfony\Component\Uid\Uuid::fromBinary(
            self::text($this->db()->fetchOne("SELECT id FROM staff WHERE login = 'tove'")),
        );
        $book = fn (string $dog, string $time): array => $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId($dog).'/bookings',
            ['day' => $this->day, 'time' => $time, 'staff' => $tove],
            201,
        );
        // Tove's day is full.
        $held = array_map($book, ['Tansy', 'Osric', 'Gantry', 'Cobnut'], ['09:00', '11:00', '13:00', '15:00']);
        $this->waits('Wick', ['staff' => $tove, 'note' => 'any hour']);
        [$wick] = $this->list();
        self::assertSame(['Wick', 'Tove Lindgarth', null], [$wick['name'], $wick['staff'], $wick['time']]);
        foreach ($held as $b) {
            $this->ask('DELETE', '/api/bookings/'.self::text($b['id']), [], 200, headers: ['If-Match' => '"1"']);
        }
        [$wick] = $this->list();
        self::assertSame($tove, $wick['with']);
        $this->ask(
            'POST',
            '/api/dogs/'.self::text($wick['dog']).'/bookings',
            ['day' => $this->day, 'time' => $wick['time'], 'kind' => $wick['kind'], 'staff' => $wick['with']],
            201,
        );
        self::assertSame([], $this->list(), 'who has got a place waits for it no more');
    }

    public function testADogWaitsOnceForAKindAndForDaysThatCanBe(): void
    {
        $this->waits('Wick');
        $this->waits('Wick', ['note' => 'mornings']);
        self::assertSame(['mornings'], array_column($this->list(), 'note'));
        $this->waits('Wick', ['kind' => 'nails']);
        self::assertCount(2, $this->list());
        self::assertSame(['until'], array_keys(self::errors($this->waits('Wick', ['until' => '2020-01-01'], 422))));
        $later = (new \DateTimeImmutable("$this->day +1 day"))->format('Y-m-d');
        self::assertSame(['since'], array_keys(self::errors($this->waits('Wick', ['since' => $later], 422))));
        $this->waits('Wick', ['staff' => '00000000-0000-7000-8000-000000000000'], 404);
        $id = self::text($this->list()[0]['id']);
        $this->ask('DELETE', "/api/waiting/$id", [], 200);
        $this->ask('DELETE', "/api/waiting/$id", [], 404);
        self::assertCount(1, $this->list());
    }

    public function testMoreWhoWaitTakeNoMoreQueries(): void
    {
        $this->waits('Wick');
        $this->fresh();
        $one = QueryCounter::during(fn (): mixed => $this->list());
        $this->waits('Tansy');
        $this->waits('Marl');
        $this->waits('Osric');
        $this->fresh();
        self::assertLessThanOrEqual($one, QueryCounter::during(fn (): mixed => $this->list()));
    }
}
