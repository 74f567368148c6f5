<?php

/** Every write that names a version, as twenty people make it at once. */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

/**
 * Every write that names a version. A race gives, for a round, what person n sends: method, path, body, version.
 *
 * @phpstan-type Wish array{string, string, array<string, mixed>, int}
 */
abstract class RaceCase extends FaultCase
{
    /**
     * @return iterable<string, array{callable(int): (callable(int): Wish), callable(): mixed}> round → person →
     *     wish; what is there now
     */
    public static function races(): iterable
    {
        $guard = static fn (int $round, int $n): array => [
            'method' => 'guard',
            'tool' => ['kind' => 'guard', 'mm' => 10 + $round + $n / 100, 'base' => '10'],
            'lay' => 'with',
        ];
        $zone = static fn (string $dog, string $zone): mixed => self::value(
            'SELECT CONCAT(z.version, " ", COALESCE(z.guard_um, 0)) FROM plan_zone z JOIN trim_plan p ON p.id = '.
                'z.plan_id JOIN dog d ON d.id = p.dog_id WHERE d.name = ? AND z.zone = ?',
            [$dog, $zone],
        );
        $version = static fn (string $sql): int => (int) self::number(self::value($sql));
        yield 'PUT /api/dogs/{id}/plan/{zone}: a zone' => [
            static function (int $round) use ($guard, $zone): callable {
                $v = (int) self::string($zone('Tansy', 'loin'));

                return static fn (int $n): array => [
                    'PUT',
                    '/api/dogs/'.self::dog('Tansy').'/plan/loin',
                    $guard($round, $n),
                    $v,
                ];
            },
            static fn (): mixed => $zone('Tansy', 'loin'),
        ];
        yield 'POST /api/dogs/{id}/plan/changes: both sides of a zone' => [
            static function (int $round) use ($guard, $zone): callable {
                $v = (int) self::string($zone('Tansy', 'breeches_left'));

                return static fn (int $n): array => [
                    'POST',
                    '/api/dogs/'.self::dog('Tansy').'/plan/changes',
                    [
                        'changes' => [
                            ['zone' => 'breeches_left', 'version' => $v, 'recipe' => $guard($round, $n)],
                            ['zone' => 'breeches_right', 'version' => $v, 'recipe' => $guard($round, $n)],
                        ],
                    ],
                    0,
                ];
            },
            static fn (): mixed => [$zone('Tansy', 'breeches_left'), $zone('Tansy', 'breeches_right')],
        ];
        yield 'DELETE /api/dogs/{id}/plan/{zone}: a zone that was never planned, then taken out' => [
            static function (int $round) use ($guard, $zone): callable {
                $was = $zone('Wick', 'brow');
                $v = \is_string($was) ? (int) $was : 0;

                return static fn (int $n): array => [
                    1 === $round % 2 ? 'DELETE' : 'PUT',
                    '/api/dogs/'.self::dog('Wick').'/plan/brow',
                    1 === $round % 2 ? [] : $guard($round, $n),
                    $v,
                ];
            },
            static fn (): mixed => $zone('Wick', 'brow'),
        ];
        $revision = static fn (string $dog): int => (int) self::number(
            self::value('SELECT revision FROM trim_plan p JOIN dog d ON d.id = p.dog_id WHERE d.name = ?', [$dog]),
        );
        yield 'PUT /api/dogs/{id}/line: a whole line' => [
            static function (int $round) use ($revision): callable {
                $v = $revision('Marl');

                return static fn (int $n): array => [
                    'PUT',
                    '/api/dogs/'.self::dog('Marl').'/line',
                    [
                        'line' => \sprintf(
                            'back ribs loin chest shoulder rump thigh: %s/10; throat: 7F',
                            10 + $round + $n / 100,
                        ),
                    ],
                    $v,
                ];
            },
            static fn (): int => $revision('Marl'),
        ];
        yield 'PUT /api/dogs/{id}/pattern: a pattern laid on a dog' => [
            static function () use ($revision): callable {
                $v = $revision('Perrin');
                $pattern = self::id('SELECT id FROM house_pattern ORDER BY id LIMIT 1');

                return static fn (int $n): array => [
                    'PUT',
                    '/api/dogs/'.self::dog('Perrin').'/pattern',
                    ['pattern' => $pattern, 'zones' => [['skull', 'back', 'loin', 'rump'][$n % 4]], 'agreed' => true],
                    $v,
                ];
            },
            static fn (): int => $revision('Perrin'),
        ];
        yield 'PUT /api/patterns/{id}: a house pattern' => [
            static function (int $round) use ($version): callable {
                $id = self::id('SELECT id FROM house_pattern ORDER BY id DESC LIMIT 1');
                $v = $version('SELECT version FROM house_pattern ORDER BY id DESC LIMIT 1');

                return static fn (int $n): array => [
                    'PUT',
                    "/api/patterns/$id",
                    [
                        'name' => "Race $round of $n",
                        'note' => '',
                        'line' => \sprintf('back: %s/10', 10 + $round + $n / 100),
                        'spread' => [],
                    ],
                    $v,
                ];
            },
            static fn (): mixed => self::value(
                'SELECT CONCAT(version, name) FROM house_pattern ORDER BY id DESC LIMIT 1',
            ),
        ];
        $item =
            "FROM kit_item WHERE kind = 'guard' AND salon_id = (SELECT id FROM salon WHERE name = 'The Fulling ".
            "Room') ORDER BY id LIMIT 1";
        yield 'PUT /api/kit/{id}: a tool' => [
            static function (int $round) use ($version, $item): callable {
                $id = self::id("SELECT id $item");
                $place = self::id("SELECT place_id $item");
                $v = $version("SELECT version $item");

                return static fn (int $n): array => [
                    'PUT',
                    "/api/kit/$id",
                    ['place' => $place, 'note' => "race $round of $n", 'active' => true],
                    $v,
                ];
            },
            static fn (): mixed => self::value("SELECT CONCAT(version, note) $item"),
        ];
        yield 'PUT /api/kit/{id}/measurement: a measurement' => [
            static function (int $round) use ($version, $item): callable {
                $id = self::id("SELECT id $item");
                $v = $version("SELECT version $item");

                return static fn (int $n): array => [
                    'PUT',
                    "/api/kit/$id/measurement",
                    ['measured_mm' => 12 + $round / 10 + $n / 1000, 'base' => '10', 'confirmed' => true],
                    $v,
                ];
            },
            static fn (): mixed => self::value("SELECT CONCAT(version, ' ', measured_um) $item"),
        ];
        $arrival = "FROM arrival a JOIN dog d ON d.id = a.dog_id AND d.name = 'Isolde' ORDER BY a.id DESC LIMIT 1";
        yield 'PUT /api/arrivals/{id}/comb: a comb test' => [
            static function () use ($version, $arrival): callable {
                $id = self::arrival('Isolde');
                $v = $version("SELECT a.comb_version $arrival");

                return static fn (int $n): array => [
                    'PUT',
                    "/api/arrivals/$id/comb",
                    ['stops_first' => $n, 'zones' => [['zone' => 'chest', 'severity' => 1 + ($n % 4)]]],
                    $v,
                ];
            },
            static fn (): mixed => self::value("SELECT CONCAT(a.comb_version, a.comb) $arrival"),
        ];
        yield 'PUT /api/arrivals/{id}/check: a hands-on check' => [
            static function () use ($version, $arrival): callable {
                $id = self::arrival('Isolde');
                $v = $version("SELECT a.check_version $arrival");

                return static fn (int $n): array => [
                    'PUT',
                    "/api/arrivals/$id/check",
                    ['kg' => 8 + $n / 10, 'note' => "seen by $n"],
                    $v,
                ];
            },
            static fn (): mixed => self::value("SELECT CONCAT(a.check_version, a.hands_on) $arrival"),
        ];
        yield 'DELETE /api/bookings/{id}: a booking that is cancelled' => [
            static function (int $round): callable {
                [$status, $booking] = self::person()->ask('POST', '/api/dogs/'.self::dog('Sedge').'/bookings', [
                    'day' => date('Y-m-d', time() + 86400 * (30 + $round)),
                    'time' => '10:15',
                ]);
                self::assertSame(201, $status, json_encode($booking, \JSON_THROW_ON_ERROR));

                return static fn (int $n): array => ['DELETE', '/api/bookings/'.self::string($booking['id']), [], 1];
            },
            static fn (): mixed => self::value(
                "SELECT CONCAT(HEX(id), version, state) FROM booking WHERE state = 'cancelled' ".
                    'ORDER BY id DESC LIMIT 1',
            ),
        ];
        yield 'PUT /api/bookings/{id}: a wish that is booked' => [
            static function (int $round): callable {
                [$status, $booking] = self::person()->ask('POST', '/api/dogs/'.self::dog('Sedge').'/bookings', [
                    'day' => date('Y-m-d', time() + 86400 * (90 + $round)),
                    'time' => '11:45',
                ]);
                self::assertSame(201, $status);
                self::db()
                    ->prepare("UPDATE booking SET state = 'wished', slot = NULL WHERE id = ?")
                    ->execute([self::binary(self::string($booking['id']))]);

                return static fn (int $n): array => ['PUT', '/api/bookings/'.self::string($booking['id']), [], 1];
            },
            static fn (): mixed => self::value(
                "SELECT CONCAT(HEX(id), version, state) FROM booking WHERE time = '11:45' ORDER BY id DESC LIMIT 1",
            ),
        ];
        yield 'PUT /api/bookings/{id}/date: a booking that moves' => [
            static function (int $round): callable {
                [$status, $booking] = self::person()->ask('POST', '/api/dogs/'.self::dog('Sedge').'/bookings', [
                    'day' => date('Y-m-d', time() + 86400 * (150 + $round)),
                    'time' => '12:15',
                ]);
                self::assertSame(201, $status, json_encode($booking, \JSON_THROW_ON_ERROR));
                $to = ['day' => $booking['day'], 'kind' => 'full'];

                return static fn (int $n): array => [
                    'PUT',
                    '/api/bookings/'.self::string($booking['id']).'/date',
                    ['time' => \sprintf('13:%02d', $n)] + $to,
                    1,
                ];
            },
            static fn (): mixed => self::value(
                "SELECT CONCAT(HEX(id), version, time) FROM booking WHERE time LIKE '13:%' ORDER BY id DESC LIMIT 1",
            ),
        ];
        foreach (['PUT' => 'booked', 'DELETE' => 'missed'] as $method => $state) {
            $time = 'PUT' === $method ? '14:10' : '14:40';
            yield "$method /api/bookings/{id}/missed: one that was $state" => [
                static function (int $round) use ($method, $state, $time): callable {
                    [$status, $booking] = self::person()->ask('POST', '/api/dogs/'.self::dog('Sedge').'/bookings', [
                        'day' => date('Y-m-d', time() + 86400 * (170 + $round)),
                        'time' => $time,
                    ]);
                    self::assertSame(201, $status, json_encode($booking, \JSON_THROW_ON_ERROR));
                    $id = self::string($booking['id']);
                    // Its day is over.
                    $slot = 'booked' === $state ? "CONCAT(DATE_SUB(day, INTERVAL 300 DAY), ' $time')" : 'NULL';
                    self::db()->prepare(
                        "UPDATE booking SET slot = $slot, day = DATE_SUB(day, INTERVAL 300 DAY), state = ? ".
                            'WHERE id = ?',
                    )->execute([$state, self::binary($id)]);

                    return static fn (int $n): array => [$method, "/api/bookings/$id/missed", [], 1];
                },
                static fn (): mixed => self::value(
                    "SELECT CONCAT(HEX(id), version, state) FROM booking WHERE time = '$time' ORDER BY id DESC LIMIT 1",
                ),
            ];
        }
        yield 'PUT /api/bookings/{id}/charge: a fee that is let go' => [
            static function (int $round): callable {
                [$status, $booking] = self::person()->ask('POST', '/api/dogs/'.self::dog('Sedge').'/bookings', [
                    'day' => date('Y-m-d', time() + 86400 * (190 + $round)),
                    'time' => '15:05',
                ]);
                self::assertSame(201, $status, json_encode($booking, \JSON_THROW_ON_ERROR));
                $id = self::string($booking['id']);
                self::db()->prepare("UPDATE booking SET state = 'missed', slot = NULL, charge = 5000 WHERE id = ?")
                    ->execute([self::binary($id)]);

                return static fn (int $n): array => ['PUT', "/api/bookings/$id/charge", ['why' => "word $n"], 1];
            },
            static fn (): mixed => self::value(
                "SELECT CONCAT(HEX(id), version, let_go) FROM booking WHERE time = '15:05' ORDER BY id DESC LIMIT 1",
            ),
        ];
        yield 'PUT /api/house: house style' => [
            static function (int $round) use ($version): callable {
                $v = $version("SELECT house_version FROM salon WHERE name = 'The Fulling Room'");

                return static fn (int $n): array => [
                    'PUT',
                    '/api/house',
                    ['mat_limit' => 10 + $round + $n / 100],
                    $v,
                ];
            },
            static fn (): mixed => self::value(
                "SELECT CONCAT(house_version, ' ', mat_limit) FROM salon WHERE name = 'The Fulling Room'",
            ),
        ];
        $coming = "FROM price_list WHERE salon_id = (SELECT id FROM salon WHERE name = 'The Fulling Room') ".
            'ORDER BY begins DESC LIMIT 1';
        yield 'PUT /api/prices/{id}: prices that are coming' => [
            static function (int $round) use ($version, $coming): callable {
                $id = self::id("SELECT id $coming");
                $v = $version("SELECT version $coming");
                $begins = self::string(self::value("SELECT begins $coming"));

                return static fn (int $n): array => [
                    'PUT',
                    "/api/prices/$id",
                    ['begins' => $begins, 'hour' => 100 + $round * 20 + $n, 'mat_hour' => 48],
                    $v,
                ];
            },
            static fn (): mixed => self::value("SELECT CONCAT(version, ' ', rate) $coming"),
        ];
        $product =
            "FROM wash_product WHERE salon_id = (SELECT id FROM salon WHERE name = 'The Fulling Room') ".
            'ORDER BY id LIMIT 1';
        yield 'PUT /api/wash/products/{id}: a washing product' => [
            static function (int $round) use ($version, $product): callable {
                $id = self::id("SELECT id $product");
                $v = $version("SELECT version $product");

                return static fn (int $n): array => [
                    'PUT',
                    "/api/wash/products/$id",
                    ['name' => "Race $round of $n", 'ratio' => '1:10', 'stock_ml' => 4000],
                    $v,
                ];
            },
            static fn (): mixed => self::value("SELECT CONCAT(version, name) $product"),
        ];
        yield 'PUT /api/homes/{id}: a home' => self::named('homes', 'FROM household ORDER BY id LIMIT 1', [
            'people' => [['name' => 'Rafe Moor', 'phone' => '0555 014 0000']],
        ]);
        yield 'PUT /api/homes/{id}/spot: where the van finds a home' => [
            static function (int $round) use ($version): callable {
                $home = 'FROM household ORDER BY id LIMIT 1';
                $id = self::id("SELECT id $home");
                // Each says something else than what stands there, or nothing would be written.
                $spot = 0 === $round % 2 ? 'alderlap' : 'low_byre';
                if ($spot === self::value("SELECT spot $home")) {
                    $spot = 'gritgate';
                }
                $v = $version("SELECT version $home");

                return static fn (int $n): array => [
                    'PUT',
                    "/api/homes/$id/spot",
                    ['spot' => $spot, 'has_water' => 0 === $n % 2],
                    $v,
                ];
            },
            static fn (): mixed => self::value('SELECT CONCAT(version, spot) FROM household ORDER BY id LIMIT 1'),
        ];
        yield 'PUT /api/vans/{id}: what a van holds' => [
            static function (int $round) use ($version): callable {
                $id = self::id("SELECT id FROM place WHERE kind = 'van' LIMIT 1");
                $v = $version("SELECT version FROM place WHERE kind = 'van' LIMIT 1");

                return static fn (int $n): array => [
                    'PUT',
                    "/api/vans/$id",
                    ['base' => 'fullers_yard', 'tank' => 200 + 30 * $round + $n, 'battery' => 100],
                    $v,
                ];
            },
            static fn (): mixed => self::value("SELECT CONCAT(version, round) FROM place WHERE kind = 'van' LIMIT 1"),
        ];
        yield 'PUT /api/round/times: when the van comes' => [
            static function (int $round): callable {
                [$status, $made] = self::person()->ask('POST', '/api/dogs/'.self::dog('Dimity').'/bookings', [
                    'day' => date('Y-m-d', time() + 86400 * (210 + $round)),
                    'time' => '09:00',
                    'kind' => 'nails',
                    'staff' => self::id("SELECT id FROM staff WHERE login = 'idris'"),
                ]);
                self::assertSame(201, $status, json_encode($made, \JSON_THROW_ON_ERROR));
                $booking = self::id('SELECT id FROM booking ORDER BY id DESC LIMIT 1');

                return static fn (int $n): array => [
                    'PUT',
                    '/api/round/times',
                    [
                        'write' => false,
                        'times' => [
                            ['booking' => $booking, 'version' => 1, 'time' => \sprintf('10:%02d', 10 + $n)],
                        ],
                    ],
                    1,
                ];
            },
            static fn (): mixed => self::value(
                'SELECT CONCAT(HEX(id), version, time) FROM booking ORDER BY id DESC LIMIT 1',
            ),
        ];
        yield 'PUT /api/dogs/{id}/home: where a dog lives' => [
            static function (int $round) use ($version): callable {
                $v = $version("SELECT version FROM dog WHERE name = 'Marl'");

                return static fn (int $n): array => [
                    'PUT',
                    '/api/dogs/'.self::dog('Marl').'/home',
                    ['owner' => ['name' => "Race $round of $n", 'phone' => '0555 014 0000']],
                    $v,
                ];
            },
            static fn (): mixed => self::value(
                'SELECT CONCAT(d.version, c.name) FROM dog d JOIN client c ON c.household_id = d.household_id WHERE '.
                    "d.name = 'Marl'",
            ),
        ];
        yield 'PUT /api/people/{id}: a person' => self::named('people', "FROM staff WHERE login = 'wim'", [
            'role' => 'apprentice',
            'confidence' => 1,
            'active' => true,
        ]);
        yield 'PUT /api/places/{id}: a place' => self::named('places', "FROM place WHERE kind = 'van' LIMIT 1", [
            'kind' => 'van',
        ]);
        yield 'PUT /api/wash/bottles/{id}: a bottle' => [
            static function (int $round) use ($product): callable {
                [$status, $wash] = self::person()->ask('POST', '/api/wash/bottles', [
                    'product' => self::id("SELECT id $product"),
                    'litres' => 0.4,
                ]);
                self::assertSame(201, $status, json_encode($wash, \JSON_THROW_ON_ERROR));
                $bottle = self::id('SELECT id FROM wash_bottle ORDER BY id DESC LIMIT 1');

                return static fn (int $n): array => ['PUT', "/api/wash/bottles/$bottle", ['poured' => true], 1];
            },
            static fn (): mixed => self::value(
                'SELECT CONCAT(HEX(id), version) FROM wash_bottle ORDER BY id DESC LIMIT 1',
            ),
        ];
        yield 'PUT /api/dogs/{id}/handling/{tool}: a handling record, its first one first' => [
            static function (int $round): callable {
                $dog = self::dog('Tansy');
                $v = self::value("SELECT version FROM handling_record WHERE tool = 'grinder' AND dog_id = ?", [
                    self::binary($dog),
                ]);

                return static fn (int $n): array => [
                    'PUT',
                    "/api/dogs/$dog/handling/grinder",
                    ['tolerance' => $n % 6, 'where' => "race $round of $n"],
                    is_numeric($v) ? (int) $v : 0,
                ];
            },
            static fn (): mixed => self::value(
                "SELECT CONCAT(version, place) FROM handling_record WHERE tool = 'grinder' AND dog_id = ?",
                [self::binary(self::dog('Tansy'))],
            ),
        ];
        yield 'PUT /api/dogs/{id}: a dog' => [
            static function (int $round) use ($version): callable {
                $v = $version("SELECT version FROM dog WHERE name = 'Gantry'");

                return static fn (int $n): array => [
                    'PUT',
                    '/api/dogs/'.self::dog('Gantry'),
                    [
                        'name' => 'Gantry',
                        'breed' => "race $round of $n",
                        'coat' => 'wire',
                        'owner' => ['name' => 'Somebody', 'phone' => "0555 $round$n"],
                    ],
                    $v,
                ];
            },
            static fn (): mixed => self::value("SELECT CONCAT(version, breed) FROM dog WHERE name = 'Gantry'"),
        ];
    }

    protected static function arrival(string $dog): string
    {
        [$status, $arrival] = self::person()->ask('POST', '/api/dogs/'.self::dog($dog).'/arrivals');
        self::assertSame(200, $status);

        return self::string($arrival['id']);
    }

    protected static function string(mixed $value): string
    {
        self::assertIsString($value);

        return $value;
    }

    /**
     * What twenty people call differently at once.
     *
     * @param array<string, mixed> $body what else is sent
     *
     * @return array{callable(int): (callable(int): Wish), callable(): mixed}
     */
    private static function named(string $path, string $row, array $body): array
    {
        return [
            static function (int $round) use ($path, $row, $body): callable {
                $id = self::id("SELECT id $row");
                $v = (int) self::number(self::value("SELECT version $row"));

                return static fn (int $n): array => [
                    'PUT',
                    "/api/$path/$id",
                    ['name' => "Race $round of $n"] + $body,
                    $v,
                ];
            },
            static fn (): mixed => self::value("SELECT CONCAT(version, name) $row"),
        ];
    }
}
