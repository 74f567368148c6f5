<?php

/** The kit: measuring once and what that changes, questioned readings, wear, heat, who needs a tool, retiring it. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;
use Symfony\Component\Uid\Uuid;

final class KitTest extends KitCase
{
    public function testWhatIsWrittenDownMakesTheWearAndCanBeTakenBack(): void
    {
        $this->signIn('pell');
        $tool = $this->tool('30');
        $worn = $tool['worn_min'];
        self::assertIsNumeric($worn);
        $run = $this->ask(
            'POST',
            self::path($tool).'/entries',
            ['kind' => 'run', 'minutes' => 16, 'dirt' => 'dirty', 'dog' => $this->dogId('Marl')],
            201,
        );
        $after = $this->tool('30');
        self::assertSame(
            [$worn + 32, true, true, 'Marl'],
            [$after['worn_min'], $after['oil_due'], $after['disinfect_due'], $after['last_dog']],
        );
        self::assertSame(['oil', 'disinfect'], array_column(self::rows($after['cautions']), 'code'));
        foreach (['oiled', 'disinfected'] as $kind) {
            $this->ask('POST', self::path($tool).'/entries', ['kind' => $kind], 201);
        }
        self::assertSame([], $this->tool('30')['cautions']);
        $heat = $this->ask('POST', self::path($tool).'/entries', ['kind' => 'heat'], 201);
        self::assertGreaterThan(38, $heat['celsius'], 'sixteen minutes on end: the probe says so');
        self::assertSame(['heat'], array_column(self::rows($this->tool('30')['cautions']), 'code'));
        $entries = self::rows($this->life($tool)['entries']);
        self::assertSame('heat', $entries[0]['kind']);
        self::assertSame('Pell Hasp', $entries[0]['who']);
        $this->ask('DELETE', '/api/kit/entries/'.self::text($run['id']), [], 204);
        self::assertSame($worn, $this->tool('30')['worn_min']);
        foreach (
            [
                ['kind' => 'run'],
                ['kind' => 'run', 'minutes' => -4],
                ['kind' => 'polished'],
                ['kind' => 'run', 'minutes' => 5, 'dirt' => 'mud'],
            ] as $body
        ) {
            $this->ask('POST', self::path($tool).'/entries', $body, 422);
        }
        self::assertSame(
            ['kind'],
            array_keys(
                self::errors(
                    $this->ask('POST', self::path($this->tool('16 mm guard')).'/entries', ['kind' => 'oiled'], 422),
                ),
            ),
        );
    }

    public function testAnotherSalonsPlacePersonAndDogCannotBeNamed(): void
    {
        $tool = $this->tool('30');
        $this->signIn('sunniva');
        $place = self::text(self::rows($this->ask('GET', '/api/session')['places'])[0]['id']);
        $person = self::text($this->ask('GET', '/api/session')['id']);
        $this->signIn('maren');
        $this->ask('PUT', self::path($tool), ['place' => $place], 404, ['If-Match' => '"1"']);
        $this->ask('PUT', self::path($tool), ['place' => $tool['place'], 'keeper' => $person], 404, [
            'If-Match' => '"1"',
        ]);
        $this->ask('POST', '/api/kit', ['kind' => 'rake', 'label' => 'fine', 'place' => $place], 404);
        $this->ask(
            'POST',
            self::path($tool).'/entries',
            ['kind' => 'run', 'minutes' => 3, 'dog' => $this->dogId('Quillon')],
            404,
        );
        self::assertSame(
            [1, 'Mill room'],
            [$this->tool('30')['version'], $this->tool('30')['place_name']],
            'nothing has changed',
        );
    }

    public function testTheForecastKnowsWhatIsBooked(): void
    {
        $ten = $this->tool('10');
        self::assertIsString($ten['sharpen_on']);
        self::assertContains('booked', array_column(self::rows($ten['reasons']), 'term'));
        self::assertGreaterThan($ten['worn_share'], 1.0);
    }

    public function testRetiringAsksWhoNeedsIt(): void
    {
        $reach = self::map($this->life($this->tool('20 mm guard'))['reach']);
        self::assertSame(1, $reach['all']);
        $sorrel = self::rows($reach['dogs'])[0];
        self::assertSame(['Sorrel', true], [$sorrel['name'], $sorrel['lost']]);
        self::assertSame(0, $reach['week']);
        $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Sorrel').'/bookings',
            ['day' => date('Y-m-d', strtotime('+2 days'))],
            201,
        );
        $reach = self::map($this->life($this->tool('20 mm guard'))['reach']);
        self::assertSame(
            [1, 'One dog needs it in the next seven days; for all of them nothing else in reach comes close.'],
            [$reach['week'], $reach['words']],
        );
        $quiet = self::map($this->life($this->tool('quiet cordless'))['reach']);
        self::assertEqualsCanonicalizing(['Hobnob', 'Perrin'], array_column(self::rows($quiet['dogs']), 'name'));
        self::assertSame(
            'Cards do not name tools of this kind.',
            self::map($this->life($this->tool('undercoat rake'))['reach'])['words'],
        );
        // A second one at the same place: nothing is lost.
        $tool = $this->tool('20 mm guard');
        $this->ask(
            'POST',
            '/api/kit',
            ['kind' => 'guard', 'label' => 'spare 20', 'nominal_mm' => 20, 'place' => $tool['place']],
            201,
        );
        self::assertStringContainsString('makes the same', self::text(self::map($this->life($tool)['reach'])['words']));
    }

    public function testASecondMotorOfTheSameSoundIsAsGood(): void
    {
        $motor = $this->tool('quiet cordless');
        $perrin = fn (): array => self::find(
            self::rows(self::map($this->life($motor)['reach'])['dogs']),
            'name',
            'Perrin',
        );
        self::assertSame([['no other motor is accepted'], true], [$perrin()['instead'], $perrin()['lost']]);
        $this->ask(
            'POST',
            '/api/kit',
            ['kind' => 'clipper', 'label' => 'quiet cordless', 'place' => $this->tool('7F', 'Van')['place']],
            201,
        );
        self::assertTrue($perrin()['lost'], 'one in the van helps nobody in the room');
        $this->ask(
            'POST',
            '/api/kit',
            ['kind' => 'clipper', 'label' => 'quiet cordless', 'place' => $motor['place']],
            201,
        );
        $now = self::find(self::rows(self::map($this->life($motor)['reach'])['dogs']), 'name', 'Perrin');
        self::assertSame([[], false], [$now['instead'], $now['lost']]);
    }

    public function testWhoComesNextWeekIsCountedBeyondWhatIsShown(): void
    {
        $motor = $this->tool('corded clipper');
        $this->db()->executeStatement("UPDATE plan_zone SET clipper_unit = 'corded clipper' WHERE method IS NOT NULL");
        $this->db()->executeStatement(
            'INSERT INTO booking (id, dog_id, salon_id, day, time, kind, note, state, version) SELECT '.
                "UNHEX(REPLACE(UUID(), '-', '')), d.id, d.salon_id, CURDATE() + INTERVAL 2 DAY, '09:00', 'full', '', ".
                "'booked', 1 FROM dog d",
        );
        $reach = self::map($this->life($motor)['reach']);
        self::assertSame([18, 18, 18], [$reach['all'], $reach['week'], \count(self::rows($reach['dogs']))]);
        self::assertStringContainsString('18 dogs need it', self::text($reach['words']));
    }

    public function testReplacingRetiresTheOldOneAndCardsSeeIt(): void
    {
        $tool = $this->tool('16 mm guard');
        $this->ask(
            'POST',
            '/api/kit',
            [
                'kind' => 'guard',
                'label' => 'new 16',
                'nominal_mm' => 16,
                'place' => $tool['place'],
                'replaces' => $tool['id'],
            ],
            201,
        );
        self::assertSame(17, $this->zone('Tansy', 'back')['finished_mm'], 'the new one is not measured yet');
        $this->ask('GET', '/api/kit/'.self::text($tool['id']), expect: 404);
        $back = $this->ask(
            'PUT',
            '/api/kit/'.self::text($tool['id']),
            ['place' => $tool['place'], 'active' => true],
            200,
            ['If-Match' => '"2"'],
        );
        self::assertSame('16 mm guard', $back['label']);
        $this->ask('PUT', '/api/kit/'.self::text($tool['id']), ['place' => $tool['place'], 'active' => false], 412, [
            'If-Match' => '"2"',
        ]);
        foreach (
            [
                ['kind' => 'blade', 'label' => '11'],
                ['kind' => 'guard', 'label' => 'x'],
                ['kind' => 'blade', 'label' => '10', 'nominal_mm' => 3],
                ['kind' => 'saw', 'label' => 'x'],
                ['kind' => 'rake', 'label' => '   '],
            ] as $body
        ) {
            $this->ask('POST', '/api/kit', $body + ['place' => $tool['place']], 422);
        }
        $this->ask('POST', '/api/kit', ['kind' => 'rake', 'label' => 'fine', 'place' => Uuid::v7()->toRfc4122()], 404);
    }

    public function testAToolThatIsSomebodysOwnGoesWhereTheyGo(): void
    {
        $idris = self::find(self::rows($this->ask('GET', '/api/session')['colleagues']), 'name', 'Idris Fenwater');
        $tool = $this->tool('25 mm guard');
        $this->ask(
            'PUT',
            '/api/kit/'.self::text($tool['id']),
            ['place' => $tool['place'], 'keeper' => $idris['id']],
            200,
            ['If-Match' => '"1"'],
        );
        $here = fn (): mixed => self::map($this->zone('Sorrel', 'back')['here'])['makes'];
        self::assertFalse($here(), 'the room has it no more');
        $this->signIn('idris');
        self::assertFalse($here(), 'the van has no base 30 under it');
        $van = self::find(self::rows($this->ask('GET', '/api/session')['places']), 'name', 'Mill room');
        $zone = self::find(
            self::rows(
                $this->ask('GET', '/api/dogs/'.$this->dogId('Sorrel').'/card?place='.self::text($van['id']))[
                    'zones'
                ],
            ),
            'zone',
            'back',
        );
        self::assertNull($zone['here'], 'Idris brings it along: as planned');
    }

    public function testAClosedGroomLeavesItsMinutesOnTheBlades(): void
    {
        $this->signIn('tove');
        $worn = $this->tool('10')['worn_min'];
        $groom = self::text($this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/grooms', [], 200)['id']);
        $this->db()->executeStatement('UPDATE groom SET opened_at = opened_at - INTERVAL 1 HOUR WHERE id = ?', [
            Uuid::fromString($groom)->toBinary(),
        ]);
        $at = static fn (int $seconds): string => gmdate('Y-m-d\TH:i:s.000\Z', time() + $seconds);
        $taps = [
            ['kind' => 'timer', 'timer' => 'clipping', 'on' => true, 'blade' => '10', 'at' => $at(-600)],
            ['kind' => 'reading', 'blade' => '10', 'celsius' => 36.5, 'at' => $at(-200)],
            ['kind' => 'timer', 'timer' => 'clipping', 'on' => false, 'at' => $at(0)],
        ];
        $this->ask(
            'POST',
            "/api/grooms/$groom/taps",
            [
                'sent_at' => $at(0),
                'device' => 'tablet-1',
                'taps' => array_map(static fn (array $t): array => ['id' => bin2hex(random_bytes(8))] + $t, $taps),
            ],
            200,
        );
        $this->ask('POST', "/api/grooms/$groom/close", [], 200);
        self::assertIsNumeric($worn);
        self::assertEqualsWithDelta(
            $worn + 20,
            $this->tool('10')['worn_min'],
            0.11,
            'ten minutes before the bath count double',
        );
        self::assertSame(
            ['heat', 36.5],
            [
                self::rows($this->life($this->tool('10'))['entries'])[1]['kind'] ?? '',
                self::rows($this->life($this->tool('10'))['entries'])[1]['celsius'],
            ],
        );
    }

    public function testTheListAsksTheDatabaseAFewTimesOnly(): void
    {
        $this->ask('GET', '/api/kit', expect: 200);
        self::assertLessThanOrEqual(6, QueryCounter::during(fn () => $this->ask('GET', '/api/kit', expect: 200)));
        $id = self::text($this->tool('10')['id']);
        self::assertLessThanOrEqual(9, QueryCounter::during(fn () => $this->ask('GET', "/api/kit/$id", expect: 200)));
    }
}
