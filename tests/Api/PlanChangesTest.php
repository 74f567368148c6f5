<?php

/** Several zones of a plan in one write: both sides, a whole coat; all or none, undone as one, few statements. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Tests\QueryCounter;
use PHPUnit\Framework\Attributes\DataProvider;

final class PlanChangesTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('tove');
    }

    private function path(): string
    {
        return '/api/dogs/'.$this->dogId('Tansy').'/plan/changes';
    }

    /**
     * @param list<string> $zones
     *
     * @return array<string, mixed> of these zones, from the versions they have now
     */
    private function wish(array $zones, string $blade): array
    {
        $versions = array_column(self::rows($this->card('Tansy')['zones']), 'version', 'zone');
        $change = static fn (string $zone): array => [
            'zone' => $zone,
            'version' => $versions[$zone] ?? 0,
            'recipe' => self::blade($blade),
        ];

        return ['changes' => array_map($change, $zones)];
    }

    public function testBothSidesAreOneWriteAndAreTakenBackAsOne(): void
    {
        $sides = ['breeches_left', 'breeches_right'];
        $before = array_map(fn (string $side): mixed => $this->zone('Tansy', $side)['recipe'], $sides);
        $done = $this->ask('POST', $this->path(), $this->wish($sides, '7F'), 200);
        $zones = self::rows($done['zones']);
        self::assertSame($sides, array_column($zones, 'zone'));
        self::assertSame([2, 2], array_column($zones, 'version'));
        foreach ($sides as $n => $side) {
            self::assertSame('7F', self::map(self::map($this->zone('Tansy', $side)['recipe'])['tool'])['label']);
            self::assertSame($done['revision'], $zones[$n]['revision']);
        }
        [$left, $right] = self::texts(array_column($zones, 'change'));
        $this->ask('POST', "/api/log/$left/undo", ['also' => [$right]], 200);
        self::assertSame($before, array_map(fn (string $side): mixed => $this->zone('Tansy', $side)['recipe'], $sides));
        $this->ask('POST', "/api/log/$right/undo", expect: 409);
    }

    public function testOneThatIsOldStopsThemAll(): void
    {
        $wish = $this->wish(['breeches_left', 'breeches_right'], '7F');
        $other = '/api/dogs/'.$this->dogId('Tansy').'/plan/breeches_right';
        $this->ask('PUT', $other, self::blade('5F'), 200, ['If-Match' => '"1"']);
        $problem = $this->ask('POST', $this->path(), $wish, 412);
        self::assertSame(['breeches_right', 2], [$problem['zone'], $problem['version']]);
        self::assertSame(1, $this->zone('Tansy', 'breeches_left')['version']);
    }

    public function testAnUndoOfBothStopsWhereOneWasChangedAgain(): void
    {
        $done = $this->ask('POST', $this->path(), $this->wish(['breeches_left', 'breeches_right'], '7F'), 200);
        [$left, $right] = self::texts(array_column(self::rows($done['zones']), 'change'));
        $other = '/api/dogs/'.$this->dogId('Tansy').'/plan/breeches_right';
        $this->ask('PUT', $other, self::blade('5F'), 200, ['If-Match' => '"2"']);
        $this->ask('POST', "/api/log/$left/undo", ['also' => [$right]], 412);
        self::assertSame('7F', self::map(self::map($this->zone('Tansy', 'breeches_left')['recipe'])['tool'])['label']);
    }

    public function testTheNumberOfStatementsHangsOnNoNumberOfZones(): void
    {
        // One that changes nothing first: what a process reads once is read.
        $this->ask('POST', $this->path(), $this->wish(['back'], '7F'), 200);
        $counts = [];
        foreach ([['back'], \array_slice(ZoneTable::ids(), 0, 22), ZoneTable::ids()] as $n => $zones) {
            $wish = $this->wish($zones, ['5F', '4F', '3F'][$n]);
            $counts[] = QueryCounter::readsAndWrites(fn (): array => $this->ask('POST', $this->path(), $wish, 200));
        }
        foreach ($counts as [$reads, $writes]) {
            self::assertLessThanOrEqual(12, $reads);
            self::assertLessThanOrEqual(10, $writes);
        }
        self::assertLessThanOrEqual($counts[0][1] + 1, $counts[2][1], 'zones never planned are one statement more');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> body, field */
    public static function refused(): iterable
    {
        $zone = ['zone' => 'back', 'version' => 1, 'recipe' => self::blade('10')];
        yield 'none' => [['changes' => []], 'changes'];
        yield 'no list' => [['changes' => 'back'], 'changes'];
        yield 'too many' => [['changes' => array_fill(0, 90, $zone)], 'changes'];
        yield 'a zone twice' => [['changes' => [$zone, $zone]], 'changes[1].zone'];
        yield 'no such zone' => [['changes' => [['zone' => 'wing'] + $zone]], 'changes[0].zone'];
        yield 'a version that is none' => [['changes' => [['version' => -1] + $zone]], 'changes[0].version'];
        $unknown = ['recipe' => self::blade('11')] + $zone;
        yield 'no such blade' => [['changes' => [$unknown]], 'changes[0].recipe.tool.label'];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('refused')]
    public function testWhatCannotBeIsRefusedAtItsField(array $body, string $field): void
    {
        self::assertSame([$field], array_keys(self::errors($this->ask('POST', $this->path(), $body, 422))));
        self::assertSame(1, $this->zone('Tansy', 'back')['version']);
    }
}
