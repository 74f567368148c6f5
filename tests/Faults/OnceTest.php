<?php

/** What there may be one of is one, and what many add at the same moment is all there: never a 500, never a loss. */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

final class OnceTest extends FaultCase
{
    private const DOGS = ['Tansy', 'Marl', 'Perrin', 'Wick', 'Gantry'];

    /** @return list<string> a dog a round */
    private static function dogs(): array
    {
        return array_map(self::dog(...), \array_slice(self::DOGS, 0, self::times(2, 5)));
    }

    private static function text(mixed $value): string
    {
        return \is_scalar($value) ? (string) $value : '';
    }

    public function testADogHasOneArrivalADayAndOneOpenGroom(): void
    {
        foreach (self::dogs() as $dog) {
            $answers = self::all(static fn (Person $p): \CurlHandle => $p->call('POST', "/api/dogs/$dog/arrivals"));
            self::assertSame([200 => self::WRITERS], self::counted($answers));
            self::assertCount(
                1,
                array_unique(array_column(array_column($answers, 1), 'id'), \SORT_REGULAR),
                'everybody has the same one',
            );
            $answers = self::all(static fn (Person $p): \CurlHandle => $p->call('POST', "/api/dogs/$dog/grooms"));
            self::assertSame(
                [200 => self::WRITERS],
                self::counted($answers),
                json_encode($answers[0], \JSON_THROW_ON_ERROR),
            );
            self::assertCount(1, array_unique(array_column(array_column($answers, 1), 'id'), \SORT_REGULAR));
            self::assertSame(
                1,
                self::value('SELECT COUNT(*) FROM groom WHERE dog_id = ? AND closed_at IS NULL', [self::binary($dog)]),
            );
            $groom = self::id('SELECT id FROM groom WHERE dog_id = ? AND closed_at IS NULL', [self::binary($dog)]);
            $answers = self::all(
                static fn (Person $p): \CurlHandle => $p->call('POST', "/api/grooms/$groom/close", [
                    'message' => 'Ready.',
                    'next' => [['kind' => 'full', 'on' => date('Y-m-d', time() + 86400 * 40)]],
                ]),
            );
            self::assertSame([200 => 1, 409 => self::WRITERS - 1], self::counted($answers));
            self::assertSame(
                [1, 1, 1],
                [
                    self::value('SELECT COUNT(*) FROM visit v JOIN groom g ON g.visit_id = v.id WHERE g.id = ?', [
                        self::binary($groom),
                    ]),
                    self::value("SELECT COUNT(*) FROM message WHERE dog_id = ? AND text = 'Ready.'", [
                        self::binary($dog),
                    ]),
                    self::value("SELECT COUNT(*) FROM booking WHERE dog_id = ? AND state = 'booked' AND day = ?", [
                        self::binary($dog),
                        date('Y-m-d', time() + 86400 * 40),
                    ]),
                ],
            );
        }
    }

    public function testADogIsBookedOnceForAMoment(): void
    {
        foreach (self::dogs() as $dog) {
            $day = date('Y-m-d', time() + 86400 * 50);
            $answers = self::all(
                static fn (Person $p): \CurlHandle => $p->call('POST', "/api/dogs/$dog/bookings", [
                    'day' => $day,
                    'time' => '09:30',
                ]),
            );
            self::assertSame([201 => 1, 409 => self::WRITERS - 1], self::counted($answers));
            self::assertSame(
                1,
                self::value("SELECT COUNT(*) FROM booking WHERE dog_id = ? AND day = ? AND time = '09:30'", [
                    self::binary($dog),
                    $day,
                ]),
            );
        }
    }

    public function testTheFirstStepOfALadderIsNoRace(): void
    {
        foreach (self::dogs() as $dog) {
            $count = static fn (): int => (int) self::text(
                self::value("SELECT COUNT(*) FROM ladder_entry WHERE dog_id = ? AND tool = 'dryer'", [
                    self::binary($dog),
                ]),
            );
            $before = $count();
            $answers = self::all(
                static fn (Person $p): \CurlHandle => $p->call('POST', "/api/dogs/$dog/handling/dryer/ladder", [
                    'rung' => 'sees_it',
                    'calm' => true,
                ]),
            );
            self::assertSame(
                [201 => self::WRITERS],
                self::counted($answers),
                json_encode($answers, \JSON_THROW_ON_ERROR),
            );
            self::assertSame(
                1,
                self::value("SELECT COUNT(*) FROM handling_record WHERE dog_id = ? AND tool = 'dryer'", [
                    self::binary($dog),
                ]),
            );
            self::assertSame($before + self::WRITERS, $count());
        }
    }

    public function testWhatManyAddToOneDogIsAllThere(): void
    {
        $product = self::id(
            "SELECT id FROM wash_product WHERE salon_id = (SELECT id FROM salon WHERE name = 'The Fulling Room') ".
                'ORDER BY id LIMIT 1',
        );
        $measures = [
            'neck_mm',
            'left_higher_mm',
            'left_leather_mm',
            'right_leather_mm',
            'shortest_mm',
            'ear_to_nose',
            'neck_to_back',
            'leg_to_chest',
            'muzzle_to_skull',
            'back_to_height',
        ];
        foreach (self::dogs() as $dog) {
            $before = self::value('SELECT JSON_LENGTH(reactions) FROM dog WHERE id = ?', [self::binary($dog)]);
            $answers = self::all(
                static fn (Person $p, int $n): \CurlHandle => 0 === $n % 2
                    ? $p->call('POST', "/api/dogs/$dog/reactions", ['product' => $product, 'what' => "redness $n"])
                    : $p->call('PUT', "/api/dogs/$dog/measures", [
                        $measures[intdiv($n, 2)] => 'neck_mm' === $measures[intdiv($n, 2)]
                                ? 300
                                : (str_ends_with($measures[intdiv($n, 2)], '_mm')
                                    ? 40
                                    : 1.1),
                    ]),
            );
            self::assertSame(
                [200 => 10, 201 => 10],
                self::counted($answers),
                json_encode($answers, \JSON_THROW_ON_ERROR),
            );
            self::assertSame(
                (is_numeric($before) ? (int) $before : 0) + 10,
                self::value('SELECT JSON_LENGTH(reactions) FROM dog WHERE id = ?', [self::binary($dog)]),
            );
            self::assertSame(
                10,
                self::value('SELECT JSON_LENGTH(measures) FROM dog WHERE id = ?', [self::binary($dog)]),
            );
        }
    }

    public function testTapsOfManyDevicesAreEachCountedOnceInOneOrder(): void
    {
        $dog = self::dog('Sedge');
        [, $groom] = self::person()->ask('POST', "/api/dogs/$dog/grooms");
        self::assertIsString($groom['id']);
        $rounds = self::times(2, 10);
        for ($round = 0; $round < $rounds; ++$round) {
            $answers = self::all(static function (Person $p, int $n) use ($groom, $round): \CurlHandle {
                $tap = static fn (int $i): array => [
                    'id' => "tap-$round-$n-$i",
                    'at' => gmdate('Y-m-d\TH:i:s.000\Z'),
                    'kind' => 'note',
                    'text' => "round $round, device $n, note $i",
                    'by' => $p->id,
                ];

                // The last one twice: the network was slow and the device tried again.
                return $p->call('POST', "/api/grooms/{$groom['id']}/taps", [
                    'sent_at' => gmdate('Y-m-d\TH:i:s.000\Z'),
                    'device' => "device-$n",
                    'taps' => [$tap(1), $tap(2), $tap(3), $tap(3)],
                ]);
            });
            self::assertSame([200 => self::WRITERS], self::counted($answers));
        }
        $there = $rounds * self::WRITERS * 3;
        self::assertSame(
            [$there, $there, $there, $there],
            array_map(
                static fn (string $what): mixed => self::value("SELECT $what FROM groom_tap WHERE groom_id = ?", [
                    self::binary($groom['id']),
                ]),
                ['COUNT(*)', 'COUNT(DISTINCT tap)', 'COUNT(DISTINCT seq)', 'MAX(seq)'],
            ),
        );
    }

    public function testTheStockIsWhatManyMixesLeft(): void
    {
        $product = self::id(
            "SELECT id FROM wash_product WHERE salon_id = (SELECT id FROM salon WHERE name = 'The Fulling Room') ".
                'ORDER BY id DESC LIMIT 1',
        );
        self::db()
            ->prepare('UPDATE wash_product SET stock_ml = 100000, ratio = 9, version = version + 1 WHERE id = ?')
            ->execute([self::binary($product)]);
        $answers = self::all(
            static fn (Person $p): \CurlHandle => $p->call('POST', '/api/wash/bottles', [
                'product' => $product,
                'litres' => 1,
            ]),
        );
        self::assertSame(
            [201 => self::WRITERS],
            self::counted($answers),
            json_encode($answers[0], \JSON_THROW_ON_ERROR),
        );
        self::assertEqualsWithDelta(
            100_000 - self::WRITERS * 100,
            self::value('SELECT stock_ml FROM wash_product WHERE id = ?', [self::binary($product)]),
            0.01,
        );
    }
}
