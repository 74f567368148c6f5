<?php

/** Twenty people at once on one thing: exactly one is told "saved", and what is there is theirs. */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Every write that names a version. A race gives, for a round, what person n sends: method, path, body, version.
 *
 * @phpstan-type Wish array{string, string, array<string, mixed>, int}
 */
final class RaceTest extends RaceCase
{
    /** Leaves no row behind whose version could be told: raced by itself. */
    private const GONE = 'DELETE /api/prices/{id}';

    /**
     * @param callable(int): (callable(int): Wish) $race
     * @param callable(): mixed $there
     */
    #[DataProvider('races')]
    public function testExactlyOneIsToldSaved(callable $race, callable $there): void
    {
        for ($round = 0; $round < self::times(3, 10); ++$round) {
            $wish = $race($round);
            $before = $there();
            $answers = self::all(static fn (Person $p, int $n): \CurlHandle => $p->call(...$wish($n)));
            self::assertSame(
                [200 => 1, 412 => self::WRITERS - 1],
                self::counted($answers),
                "round $round: ".
                    json_encode(
                        array_values(
                            array_filter($answers, static fn (array $a): bool => !\in_array($a[0], [200, 412], true)),
                        ),
                        \JSON_THROW_ON_ERROR,
                    ),
            );
            $after = $there();
            self::assertNotSame($before, $after, 'something was kept');
            // Who was told "saved" finds it so: sent again with the version of before, it is refused like all others.
            $winner = (int) array_search(200, array_column($answers, 0), true);
            self::assertSame(412, self::person($winner)->ask(...$wish($winner))[0]);
            self::assertSame($after, $there());
        }
    }

    public function testEveryWriteThatNamesAVersionIsRaced(): void
    {
        $document = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/docs/api/openapi.json'), true);
        self::assertIsArray($document);
        $versioned = [];
        foreach (\is_array($document['paths']) ? $document['paths'] : [] as $path => $operations) {
            foreach (\is_array($operations) ? $operations : [] as $method => $operation) {
                $text = json_encode($operation, \JSON_THROW_ON_ERROR);
                $request = \is_array($operation) ? $operation['requestBody'] ?? null : null;
                $body = json_encode($request, \JSON_THROW_ON_ERROR);
                if (str_contains($text, '"name":"If-Match"') || str_contains($body, '"version":{')) {
                    $versioned[] = strtoupper((string) $method).' '.$path;
                }
            }
        }
        $raced = array_map(
            static fn (string $name): string => explode(':', $name)[0],
            array_keys(iterator_to_array(self::races())),
        );
        $raced[] = self::GONE;
        sort($versioned);
        sort($raced);
        self::assertSame($versioned, $raced);
    }

    public function testPricesThatAreComingAreDroppedOnce(): void
    {
        for ($round = 0; $round < self::times(3, 10); ++$round) {
            $body = ['begins' => date('Y-m-d', time() + 86400 * (300 + $round)), 'hour' => 50, 'mat_hour' => 60];
            [$status, $prices] = self::person()->ask('POST', '/api/prices', $body);
            self::assertSame(201, $status);
            $id = self::id('SELECT id FROM price_list WHERE begins = ?', [$body['begins']]);
            $answers = self::all(static fn (Person $p): \CurlHandle => $p->call('DELETE', "/api/prices/$id", [], 1));
            $counted = self::counted($answers) + [404 => 0, 412 => 0];
            self::assertSame(1, $counted[200]);
            self::assertSame(self::WRITERS - 1, $counted[404] + $counted[412], 'the others are told that it is gone');
            self::assertNotSame([], $prices);
            self::assertSame(
                1,
                (int) self::number(
                    self::value("SELECT COUNT(*) FROM change_log WHERE summary LIKE ? AND summary LIKE '%dropped'", [
                        '%'.date('j M Y', (int) strtotime($body['begins'])).'%',
                    ]),
                ),
            );
        }
    }

    public function testTheSameKeyTwentyTimesAtOnceIsOneWrite(): void
    {
        $path = '/api/dogs/'.self::dog('Dimity').'/plan/loin';
        for ($round = 0; $round < self::times(3, 10); ++$round) {
            $v = (int) self::number(
                self::value(
                    'SELECT z.version FROM plan_zone z JOIN trim_plan p ON p.id = z.plan_id JOIN dog d ON d.id = '.
                        "p.dog_id WHERE d.name = 'Dimity' AND z.zone = 'loin'",
                ),
            );
            $body = ['method' => 'guard', 'tool' => ['kind' => 'guard', 'mm' => 11 + $round, 'base' => '10']];
            $answers = self::all(
                static fn (Person $p): \CurlHandle => $p->call('PUT', $path, $body, $v, "same-key-$round-".getmypid()),
            );
            self::assertSame([200 => self::WRITERS], self::counted($answers));
            self::assertCount(
                1,
                array_unique(
                    array_map(static fn (array $a): string => json_encode($a[1], \JSON_THROW_ON_ERROR), $answers),
                ),
                'all are told the same',
            );
            self::assertSame($v + 1, $answers[0][1]['version']);
        }
    }

    public function testAZoneAgainstALineAndAnUndoAgainstAnEdit(): void
    {
        $dog = self::dog('Hobnob');
        for ($round = 0; $round < self::times(5, 20); ++$round) {
            $revision = (int) self::number(
                self::value('SELECT revision FROM trim_plan WHERE dog_id = ?', [self::binary($dog)]),
            );
            $zone = (int) self::number(
                self::value(
                    'SELECT z.version FROM plan_zone z JOIN trim_plan p ON p.id = z.plan_id WHERE p.dog_id = ? '.
                        "AND z.zone = 'back'",
                    [self::binary($dog)],
                ),
            );
            $both = Person::together([
                self::person(0)->call(
                    'PUT',
                    "/api/dogs/$dog/line",
                    ['line' => \sprintf('back ribs loin: %s/10', 9 + $round / 10)],
                    $revision,
                ),
                self::person(1)->call(
                    'PUT',
                    "/api/dogs/$dog/plan/back",
                    ['method' => 'guard', 'tool' => ['kind' => 'guard', 'mm' => 20 + $round / 10, 'base' => '10']],
                    $zone,
                ),
            ]);
            self::assertSame([200 => 1, 412 => 1], self::counted($both), json_encode($both, \JSON_THROW_ON_ERROR));

            $zone = (int) self::number(
                self::value(
                    'SELECT z.version FROM plan_zone z JOIN trim_plan p ON p.id = z.plan_id WHERE p.dog_id = ? '.
                        "AND z.zone = 'back'",
                    [self::binary($dog)],
                ),
            );
            [$status, $done] = self::person()->ask(
                'PUT',
                "/api/dogs/$dog/plan/back",
                ['method' => 'guard', 'tool' => ['kind' => 'guard', 'mm' => 30 + $round / 10, 'base' => '10']],
                $zone,
            );
            self::assertSame(200, $status);
            $both = Person::together([
                self::person(0)->call('POST', '/api/log/'.self::string($done['change']).'/undo'),
                self::person(1)->call('POST', '/api/log/'.self::string($done['change']).'/undo'),
                self::person(2)->call(
                    'PUT',
                    "/api/dogs/$dog/plan/back",
                    ['method' => 'guard', 'tool' => ['kind' => 'guard', 'mm' => 40 + $round / 10, 'base' => '10']],
                    $zone + 1,
                ),
            ]);
            self::assertSame(1, self::counted($both)[200] ?? 0, json_encode($both, \JSON_THROW_ON_ERROR));
            self::assertSame([], array_diff(array_column($both, 0), [200, 409, 412]));
        }
    }
}
