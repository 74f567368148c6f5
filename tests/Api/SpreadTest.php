<?php

/** A changed pattern over many cards: fifty at a time, in few statements, and taken back as one. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;
use Symfony\Component\Uid\Uuid;

final class SpreadTest extends ApiTestCase
{
    private const LINE = 'back ribs loin rump shoulder chest: 20/10; throat belly: 7F';

    /** @var array<string, mixed> */
    private array $weir;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('tove');
        $this->weir = self::find(
            self::rows($this->ask('GET', '/api/patterns', expect: 200)['patterns']),
            'name',
            'Weir rounds',
        );
    }

    /**
     * @param list<string> $dogs
     *
     * @return array<string, mixed>
     */
    private function spread(array $dogs, string $line = self::LINE): array
    {
        $id = self::text($this->weir['id']);
        $version = self::map($this->ask('GET', "/api/patterns/$id", expect: 200)['pattern'])['version'];
        $body = ['name' => 'Weir rounds', 'line' => $line, 'spread' => $dogs];

        $saved = $this->ask('PUT', "/api/patterns/$id", $body, 200, [
            'If-Match' => '"'.(\is_int($version) ? $version : 0).'"',
        ]);
        $job = self::map($saved['job']);
        self::assertSame(['open', 0, \count($dogs)], [$job['state'], $job['done'], $job['total']]);

        return $saved;
    }

    /** @return array<string, mixed> the pattern when that is done */
    private function takeBack(string $change): array
    {
        $weir = '/api/patterns/'.self::text($this->weir['id']);
        $this->ask('DELETE', "$weir/spread/$change", [], 200);
        $this->workThrough();

        return $this->ask('GET', $weir, expect: 200);
    }

    /** @return list<string> new dogs that have the pattern's plan and follow it */
    private function followers(int $count): array
    {
        $household = self::text($this->db()->fetchOne('SELECT household_id FROM dog LIMIT 1'));
        $household = (string) Uuid::fromBinary($household);
        $ids = [];
        for ($n = 0; $n < $count; ++$n) {
            $dog = $this->ask(
                'POST',
                '/api/dogs',
                ['name' => "Follower $n", 'breed' => 'cross', 'coat' => 'curly', 'household' => $household],
                201,
            );
            $ids[] = self::text($dog['id']);
        }
        foreach ($ids as $id) {
            $this->db()->executeStatement(
                'INSERT INTO house_pattern_follow (id, salon_id, dog_id, pattern_id, taken, own, version)
                SELECT ?, d.salon_id, d.id, p.id, p.line_version, ?, 1 FROM dog d
                JOIN house_pattern p ON p.id = ? WHERE d.id = ?',
                [
                    Uuid::v7()->toBinary(),
                    '[]',
                    Uuid::fromString(self::text($this->weir['id']))->toBinary(),
                    Uuid::fromString($id)->toBinary(),
                ],
            );
        }

        return $ids;
    }

    public function testWhatAChangeDidToCardsIsTakenBackAsOneButNotWhatWasChangedSince(): void
    {
        $before = $this->zone('Tansy', 'back')['recipe'];
        $skull = $this->zone('Tansy', 'skull')['recipe'];
        $saved = $this->spread([$this->dogId('Tansy'), $this->dogId('Hobnob')]);
        $this->workThrough();
        self::assertSame(21.0, self::number($this->zone('Tansy', 'back')['finished_mm']));
        $loin = $this->zone('Tansy', 'loin');
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/plan/loin', self::blade('5F'), 200, [
            'If-Match' => '"'.(\is_int($loin['version']) ? $loin['version'] : 0).'"',
        ]);
        $view = $this->takeBack(self::text($saved['spread']));
        self::assertSame($before, $this->zone('Tansy', 'back')['recipe']);
        self::assertSame($skull, $this->zone('Tansy', 'skull')['recipe'], 'what was taken out is there again');
        self::assertSame('5F', self::map(self::map($this->zone('Tansy', 'loin')['recipe'])['tool'])['label']);
        $tansy = self::find(self::rows($view['dogs']), 'name', 'Tansy');
        self::assertTrue($tansy['behind'], 'it has the older line again');
        $log = array_column(
            self::rows($this->ask('GET', '/api/log?dog='.$this->dogId('Tansy'), expect: 200)['entries']),
            'summary',
        );
        self::assertNotEmpty(preg_grep('/^taken back: back: /', self::texts($log)));
        $this->takeBack(self::text($saved['spread']));
        self::assertSame($before, $this->zone('Tansy', 'back')['recipe'], 'a second time changes nothing');
    }

    public function testAnotherPatternsChangeIsNotTakenBackHere(): void
    {
        $saved = $this->spread([$this->dogId('Tansy')]);
        $this->workThrough();
        $other = self::text(
            self::map($this->ask('POST', '/api/patterns', ['name' => 'Short', 'line' => 'back: 10'], 201)['pattern'])[
                'id'
            ],
        );
        $this->ask('DELETE', "/api/patterns/$other/spread/".self::text($saved['spread']), [], 404);
        self::assertSame(21.0, self::number($this->zone('Tansy', 'back')['finished_mm']));
    }

    public function testWhileCardsAreOnTheirWayAnotherChangeWaits(): void
    {
        $saved = $this->spread([$this->dogId('Tansy')]);
        $weir = '/api/patterns/'.self::text($this->weir['id']);
        self::assertSame(16.6, self::number($this->zone('Tansy', 'back')['finished_mm']), 'not yet');
        $body = ['name' => 'Weir rounds', 'line' => 'back: 10', 'spread' => [$this->dogId('Tansy')]];
        $version = self::map($saved['pattern'])['version'];
        $refused = $this->ask('PUT', $weir, $body, 409, ['If-Match' => '"'.(\is_int($version) ? $version : 0).'"']);
        self::assertStringContainsString('still on its way', self::text($refused['title']));
        $this->workThrough();
        $job = self::map($this->ask('GET', $weir, expect: 200)['job']);
        self::assertSame(['done', 1, 1], [$job['state'], $job['done'], $job['total']]);
        self::assertSame(21.0, self::number($this->zone('Tansy', 'back')['finished_mm']));
    }

    public function testManyCardsFollowInFewStatementsFiftyAtATime(): void
    {
        $dogs = $this->followers(52);
        $counts = [];
        foreach ([[$dogs[0]], \array_slice($dogs, 0, 50), $dogs] as $n => $some) {
            $this->spread($some, ['back: 20/10', 'back: 16/10; belly: 7F', 'back: 13/10; rump: 7F'][$n]);
            $counts[] = QueryCounter::readsAndWrites($this->workThrough(...));
        }
        self::assertSame($counts[0][0], $counts[1][0], 'fifty are read as one is');
        self::assertLessThanOrEqual($counts[0][1] + 2, $counts[1][1], 'fifty are written as one is');
        // The queue itself reads its next and takes it: two and two of these.
        self::assertLessThanOrEqual(12 + 4, $counts[2][0] - $counts[1][0], 'reads of one more batch');
        self::assertLessThanOrEqual(10 + 4, $counts[2][1] - $counts[1][1], 'writes of one more batch');
        $back = $this->db()->fetchOne(
            "SELECT COUNT(*) FROM plan_zone z JOIN trim_plan t ON t.id = z.plan_id JOIN dog d ON d.id = t.dog_id
            WHERE d.name LIKE 'Follower %' AND z.zone = 'back' AND z.guard_um = 13000",
        );
        self::assertSame(52, (int) self::number($back));
    }
}
