<?php

/** Measuring a tool: readings, the cards that follow, taking it away again. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Symfony\Component\Uid\Uuid;

final class MeasuringTest extends KitCase
{
    public function testFiveReadingsAreKeptAndTheListOfWhatChangedFollows(): void
    {
        $tool = $this->tool('16 mm guard');
        for ($stroke = 0; $stroke < 5; ++$stroke) {
            $read = $this->ask(
                'POST',
                self::path($tool).'/calliper/answer',
                ['stroke' => $stroke, 'base' => '10'],
                200,
            )['mm'];
            self::assertEqualsWithDelta(17.0, $read, 1.7, 'near what the tool should leave');
        }
        // Typed, not the stand-in's: what that reads hangs on the tool's id, which is another one in every salon.
        $readings = [16.9, 17.2, 17.05, 17.1, 16.95];
        $said = $this->ask(
            'POST',
            self::path($tool).'/measurement/answer',
            ['readings_mm' => $readings, 'base' => '10'],
            200,
        );
        self::assertSame([[], 3], [$said['questions'], $said['cards']]);
        $before = $this->zone('Tansy', 'back')['finished_mm'];
        self::assertSame(16.6, $before);
        $derivation = $this->ask(
            'PUT',
            self::path($tool).'/measurement',
            ['readings_mm' => $readings, 'base' => '10'],
            200,
            ['If-Match' => '"1"'],
        );
        self::assertSame([0, false, 0], [$derivation['done'], $derivation['finished'], $derivation['changed']]);
        $after = $this->zone('Tansy', 'back')['finished_mm'];
        self::assertSame($said['mean_mm'], $after, 'the card follows at once, before anything is counted');
        $id = self::text($derivation['id']);
        $this->workThrough();
        $done = $this->ask('GET', "/api/kit/derivations/$id", expect: 200);
        self::assertSame([true, 3, 18, 18], [$done['finished'], $done['changed'], $done['done'], $done['total']]);
        $dog = self::rows($done['dogs'])[0];
        self::assertSame('Tansy', $dog['name']);
        $back = self::find(self::rows($dog['zones']), 'zone', 'back');
        self::assertSame([$before, $after], [$back['before_mm'], $back['after_mm']]);
        self::assertSame($id, $this->life($tool)['derivation']);
        $row = $this->tool('16 mm guard');
        self::assertSame([2, '10', date('Y-m-d')], [$row['version'], $row['measured_base'], $row['measured_on']]);
        self::assertGreaterThan(0, $row['spread_mm']);
    }

    public function testADerivationIsTakenUpWhereItWasLeft(): void
    {
        $tool = $this->tool('10');
        $id = self::text(
            $this->ask('PUT', self::path($tool).'/measurement', ['measured_mm' => 1.7], 200, ['If-Match' => '"1"'])[
                'id'
            ],
        );
        $half = $this->db()->fetchOne(
            'SELECT t.id FROM trim_plan t JOIN derivation d ON d.salon_id = t.salon_id WHERE d.id = ? ORDER BY '.
                't.id LIMIT 1 OFFSET 5',
            [Uuid::fromString($id)->toBinary()],
        );
        $this->db()->executeStatement('UPDATE derivation SET reached = ?, done = 6 WHERE id = ?', [
            $half,
            Uuid::fromString($id)->toBinary(),
        ]);
        $this->workThrough();
        $done = $this->ask('GET', "/api/kit/derivations/$id", expect: 200);
        self::assertSame([true, 18], [$done['finished'], $done['done']]);
        $all = $this->db()->fetchOne(
            'SELECT COUNT(DISTINCT z.plan_id) FROM plan_zone z JOIN derivation d ON d.salon_id = z.salon_id '.
                'WHERE d.id = ? AND z.blade = ? AND z.plan_id > ?',
            [Uuid::fromString($id)->toBinary(), '10', $half],
        );
        self::assertSame((int) (is_numeric($all) ? $all : 0), $done['changed']);
    }

    public function testAMeasurementInTheVanChangesOnlyWhatTheVanLeaves(): void
    {
        $van = self::find(self::rows($this->ask('GET', '/api/kit')['items']), 'place_name', 'Van');
        $tool = $this->tool('7F', 'Van');
        $done = $this->ask('PUT', self::path($tool).'/measurement', ['measured_mm' => 3.6], 200, [
            'If-Match' => '"1"',
        ]);
        self::assertSame('the kit of Van leaves another length', $done['means']);
        self::assertSame(3.2, $this->zone('Tansy', 'belly')['finished_mm']);
        $zone = self::find(
            self::rows(
                $this->ask('GET', '/api/dogs/'.$this->dogId('Tansy').'/card?place='.self::text($van['place']))[
                    'zones'
                ],
            ),
            'zone',
            'belly',
        );
        self::assertSame(3.6, self::map($zone['here'])['finished_mm']);
    }

    public function testReadingsOfAnotherBladeAreQuestionedAndNothingIsKept(): void
    {
        $tool = $this->tool('7F');
        foreach (
            [
                ['readings_mm' => [6.3, 6.2, 6.4, 6.3, 6.3]],
                ['readings_mm' => [3.2, 3.3, 4.9, 3.2, 3.1]],
                ['measured_mm' => 6.3],
            ] as $body
        ) {
            $problem = $this->ask('PUT', self::path($tool).'/measurement', $body, 422, ['If-Match' => '"1"']);
            self::assertSame(['confirmed'], array_keys(self::errors($problem)));
        }
        self::assertStringContainsString(
            'measures like a 5',
            self::errors(
                $this->ask('PUT', self::path($tool).'/measurement', ['measured_mm' => 6.3], 422, [
                    'If-Match' => '"1"',
                ]),
            )['confirmed'],
        );
        self::assertSame(3.2, $this->zone('Tansy', 'belly')['finished_mm']);
        $this->ask('PUT', self::path($tool).'/measurement', ['measured_mm' => 6.3, 'confirmed' => true], 200, [
            'If-Match' => '"1"',
        ]);
        self::assertSame(6.3, $this->zone('Tansy', 'belly')['finished_mm']);
        foreach (
            [
                ['readings_mm' => []],
                ['readings_mm' => ['a']],
                ['readings_mm' => [-1]],
                ['readings_mm' => [4000]],
                ['readings_mm' => 3],
            ] as $body
        ) {
            $this->ask('POST', self::path($tool).'/measurement/answer', $body, 422);
        }
        $this->ask(
            'POST',
            self::path($this->tool('undercoat rake')).'/measurement/answer',
            ['measured_mm' => 3],
            422,
        );
    }

    public function testAMeasurementIsTakenAwayAndTheTableCountsAgain(): void
    {
        $tool = $this->tool('5F');
        self::assertSame(6, $this->zone('Wick', 'back')['finished_mm']);
        $gone = $this->ask('PUT', self::path($tool).'/measurement', ['measured_mm' => null], 200, [
            'If-Match' => '"1"',
        ]);
        self::assertSame([6, null], [(int) self::number($gone['before_mm']), $gone['after_mm']]);
        self::assertSame(6.3, $this->zone('Wick', 'back')['finished_mm']);
        $this->workThrough();
        $done = $this->ask('GET', '/api/kit/derivations/'.self::text($gone['id']), expect: 200);
        $wick = self::find(self::rows($done['dogs']), 'name', 'Wick');
        self::assertSame(0.3, self::find(self::rows($wick['zones']), 'zone', 'back')['difference_mm']);
    }

    public function testAMeasurementAgainstTheLayLeavesTheOthersAlone(): void
    {
        $tool = $this->tool('10');
        $against = fn (): mixed => $this->zone('Sorrel', 'ear_outer_left')['finished_mm'];
        self::assertSame(0.8, $against(), 'half of 1.5, rounded');
        $this->ask(
            'PUT',
            self::path($tool).'/measurement',
            ['readings_mm' => [0.9, 0.9, 1.0, 0.9, 0.9], 'lay' => 'against'],
            200,
            ['If-Match' => '"1"'],
        );
        self::assertSame(0.9, $against());
        self::assertSame(1.5, $this->zone('Tansy', 'groin')['finished_mm'], 'with the lay it is as it was');
    }

    public function testAStepThatComesTwiceIsCountedOnceAndNobodyElseSeesIt(): void
    {
        $id = self::text(
            $this->ask('PUT', self::path($this->tool('10')).'/measurement', ['measured_mm' => 1.8], 200, [
                'If-Match' => '"1"',
            ])['id'],
        );
        // As after a worker that died when it had done its step and not said so.
        $this->db()->executeStatement(
            'INSERT INTO messenger_messages (body, headers, queue_name, created_at, available_at) SELECT body, '.
                'headers, queue_name, created_at, available_at FROM messenger_messages',
        );
        $this->workThrough();
        $first = $this->ask('GET', "/api/kit/derivations/$id", expect: 200);
        self::assertSame([true, 18, ''], [$first['finished'], $first['done'], $first['why']]);
        $rows = $this->db()->fetchOne('SELECT COUNT(*) FROM length_change WHERE derivation_id = ?', [
            Uuid::fromString($id)->toBinary(),
        ]);
        self::assertSame($first['changed'], (int) self::number($rows));
        self::assertSame(
            0,
            (int) self::number(
                $this->db()->fetchOne(
                    "SELECT COUNT(*) FROM messenger_messages WHERE delivered_at IS NULL OR delivered_at < '9999-12-31'",
                ),
            ),
        );
        $this->signIn('sunniva');
        $this->ask('GET', "/api/kit/derivations/$id", expect: 404);
    }
}
