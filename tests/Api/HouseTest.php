<?php

/** House style: what is chosen is kept, a school that breaks a must is named, and the order of work follows. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;

final class HouseTest extends ApiTestCase
{
    private const BODY = [
        'mat_limit' => 12,
        'asks_for_vaccination' => true,
        'hemisphere' => 'north',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('maren');
    }

    public function testEveryPointHasTwoSidesWithAReasonEach(): void
    {
        $schools = self::rows($this->ask('GET', '/api/house', expect: 200)['schools']);
        self::assertGreaterThanOrEqual(20, \count($schools));
        foreach ($schools as $row) {
            $sides = self::rows($row['sides']);
            self::assertGreaterThanOrEqual(2, \count($sides));
            self::assertContains($row['chosen'], array_column($sides, 'id'));
            foreach ($sides as $side) {
                self::assertNotSame('', $side['why']);
            }
        }
    }

    public function testAChoiceIsKeptLoggedAndVersioned(): void
    {
        $next = $this->ask(
            'PUT',
            '/api/house',
            ['mat_limit' => 15, 'schools' => ['close_work' => 'after_dry', 'voice' => 'marker']] + self::BODY,
            200,
            ['If-Match' => '"1"'],
        );
        self::assertSame(2, $next['version']);
        self::assertEqualsWithDelta(15, self::number($next['mat_limit']), 0.001);
        self::assertSame('after_dry', self::find(self::rows($next['schools']), 'point', 'close_work')['chosen']);
        self::assertSame('before_bath', self::find(self::rows($next['schools']), 'point', 'pads')['chosen']);
        self::assertSame(
            'house style: mat limit, close work, voice',
            self::rows($this->ask('GET', '/api/log')['entries'])[0]['summary'],
        );
        $stale = $this->ask('PUT', '/api/house', self::BODY, 412, ['If-Match' => '"1"']);
        self::assertEqualsWithDelta(15, self::number(self::map($stale['theirs'])['mat_limit']), 0.001);
        $same = $this->ask(
            'PUT',
            '/api/house',
            ['mat_limit' => 15, 'schools' => ['close_work' => 'after_dry', 'voice' => 'marker']] + self::BODY,
            200,
            ['If-Match' => '"2"'],
        );
        self::assertSame(2, $same['version']);
    }

    public function testASideThatNoLongerExistsIsAsTheHouseUsuallyDoesIt(): void
    {
        $this->db()->executeStatement('UPDATE salon SET schools = ?', ['{"voice":"singing","pads_way":"flush"}']);
        $this->db()->executeStatement('UPDATE dog SET schools = ?', ['{"pads_way":"plucked","brow":"left"}']);
        $manager = self::getContainer()->get('doctrine.orm.entity_manager');
        \assert($manager instanceof EntityManagerInterface);
        $manager->clear();
        $chosen = array_column(self::rows($this->ask('GET', '/api/house', expect: 200)['schools']), 'chosen', 'point');
        self::assertSame(['quiet', 'flush'], [$chosen['voice'], $chosen['pads_way']]);
        $tansy = '/api/dogs/'.$this->dogId('Tansy');
        $points = self::rows($this->ask('GET', "$tansy/schools", expect: 200)['points']);
        $pads = self::find($points, 'point', 'pads_way');
        self::assertSame([null, 'flush'], [$pads['own'], $pads['house']]);
        $steps = self::rows($this->ask('GET', "$tansy/order", expect: 200)['steps']);
        self::assertStringContainsString('a short blade', self::text(self::find($steps, 'step', 'pads')['done_when']));
        $this->ask('GET', '/api/wash', expect: 200);
    }

    public function testASchoolThatBreaksAMustIsNamedAndNothingIsKept(): void
    {
        $errors = self::errors(
            $this->ask('PUT', '/api/house', ['schools' => ['pads' => 'after_dry']] + self::BODY, 422, [
                'If-Match' => '"1"',
            ]),
        );
        self::assertSame(['schools.nails_when'], array_keys($errors));
        self::assertStringContainsString('"pads and between the toes before nails"', $errors['schools.nails_when']);
        self::assertSame(1, $this->ask('GET', '/api/house')['version']);
        $this->ask(
            'PUT',
            '/api/house',
            ['schools' => ['pads' => 'after_dry', 'nails_when' => 'after_dry']] + self::BODY,
            200,
            ['If-Match' => '"1"'],
        );
    }

    public function testWhatAChoiceBreaksIsSaidBeforeItIsSaved(): void
    {
        $breaks = self::rows(
            $this->ask('POST', '/api/house/answer', ['schools' => ['pads' => 'after_dry']], 200)['breaks'],
        );
        self::assertSame('schools.nails_when', $breaks[0]['field']);
        self::assertSame(
            [],
            $this->ask('POST', '/api/house/answer', ['schools' => ['voice' => 'marker']], 200)['breaks'],
        );
        self::assertSame(1, $this->ask('GET', '/api/house')['version']);
    }

    public function testACardDiffersOnAPointAndItsOrderFollows(): void
    {
        $path = '/api/dogs/'.$this->dogId('Tansy').'/schools';
        $at = fn (string $step): int => $this->orderOf('Tansy', $step);
        self::assertLessThan($at('bath'), $at('close_work'));
        $points = self::rows($this->ask('PUT', $path, ['point' => 'close_work', 'side' => 'after_dry'], 200)['points']);
        self::assertSame(
            ['after_dry', 'before_bath'],
            [self::find($points, 'point', 'close_work')['own'], self::find($points, 'point', 'close_work')['house']],
        );
        self::assertGreaterThan($at('dry'), $at('close_work'));
        self::assertSame(
            'sanitary and close work: after drying',
            self::rows($this->ask('GET', '/api/log')['entries'])[0]['summary'],
        );
        self::assertLessThan(
            $this->orderOf('Sorrel', 'bath'),
            $this->orderOf('Sorrel', 'close_work'),
            'other dogs as the house does it',
        );
        $problem = self::errors($this->ask('PUT', $path, ['point' => 'pads', 'side' => 'after_dry'], 422));
        self::assertStringContainsString('pads and between the toes before nails', implode(' ', $problem));
        $this->ask('PUT', $path, ['point' => 'close_work', 'side' => null], 200);
        self::assertLessThan($at('bath'), $at('close_work'));
        $this->ask('PUT', $path, ['point' => 'voice', 'side' => 'shouting'], 422);
        $this->ask('PUT', $path, ['point' => 'mood', 'side' => 'x'], 422);
    }

    private function orderOf(string $dog, string $step): int
    {
        return (int) array_search(
            $step,
            array_column(self::rows($this->ask('GET', '/api/dogs/'.$this->dogId($dog).'/order')['steps']), 'step'),
            true,
        );
    }

    public function testEveryStyleHasADrawingAndTheSalonAddsItsOwn(): void
    {
        $styles = self::rows($this->ask('GET', '/api/house', expect: 200)['styles']);
        self::assertSame(
            ['face', 'ears', 'paws', 'sanitary', 'tail'],
            array_values(array_unique(array_map(self::text(...), array_column($styles, 'kind')))),
        );
        self::assertCount(\count($styles), array_flip(array_map(self::text(...), array_column($styles, 'drawing'))));
        $own = ['kind' => 'face', 'name' => 'mill crest', 'drawing' => 'beard'];
        $next = $this->ask('PUT', '/api/house', ['styles' => [$own]] + self::BODY, 200, ['If-Match' => '"1"']);
        self::assertSame('our own', self::find(self::rows($next['styles']), 'name', 'mill crest')['why']);
        $skull = self::find(self::rows($this->ask('GET', '/api/words')['zones']), 'id', 'skull');
        self::assertContains('mill crest', (array) $skull['shapes']);
        self::assertContains('half-circle brow', (array) $skull['shapes']);
        $kept = $this->ask('PUT', '/api/house', ['mat_limit' => 14] + self::BODY, 200, ['If-Match' => '"2"']);
        self::assertTrue(
            self::find(self::rows($kept['styles']), 'name', 'mill crest')['own'],
            'not given: as they are',
        );
        foreach (
            [
                [$own, $own],
                [['name' => 'Bell'] + $own],
                [['kind' => 'wings'] + $own],
                [['drawing' => '<svg onload=alert(1)>'] + $own],
                [['name' => ''] + $own],
            ] as $wrong
        ) {
            $this->ask('PUT', '/api/house', ['styles' => $wrong] + self::BODY, 422, ['If-Match' => '"3"']);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'negative' => [['mat_limit' => -1], 'mat_limit'];
        yield 'no limit' => [['mat_limit' => 0], 'mat_limit'];
        yield 'text' => [['mat_limit' => 'twelve'], 'mat_limit'];
        yield 'a third pole' => [['hemisphere' => 'east'], 'hemisphere'];
        yield 'a side that is none' => [['schools' => ['pads' => 'never']], 'schools.pads'];
        yield 'a point that is none' => [['schools' => ['music' => 'loud']], 'schools.music'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('wrong')]
    public function testAWrongSettingIsRefusedAtItsField(array $change, string $field): void
    {
        self::assertSame(
            [$field],
            array_keys(self::errors($this->ask('PUT', '/api/house', $change + self::BODY, 422, ['If-Match' => '"1"']))),
        );
    }

    public function testTheOrderFollowsSchoolsHandlingAndTodaysArrival(): void
    {
        $order = fn (string $dog): array => array_values(
            array_unique(
                array_map(
                    self::text(...),
                    array_column(
                        self::rows(
                            $this->ask('GET', '/api/dogs/'.$this->dogId($dog).'/order', expect: 200)['steps'],
                        ),
                        'step',
                    ),
                ),
            ),
        );
        $before = static fn (array $steps, string $a, string $b): bool => array_search($a, $steps, true) <
            array_search($b, $steps, true);
        self::assertTrue($before($order('Tansy'), 'close_work', 'bath'));
        $this->ask('PUT', '/api/house', ['schools' => ['close_work' => 'after_dry']] + self::BODY, 200, [
            'If-Match' => '"1"',
        ]);
        self::assertTrue($before($order('Tansy'), 'dry', 'close_work'));
        $perrin = $this->ask('GET', '/api/dogs/'.$this->dogId('Perrin').'/order');
        self::assertTrue(
            $before($order('Perrin'), 'close_work', 'bath'),
            'a frightened dog: what health hangs on comes first',
        );
        self::assertContains(
            'mats_out',
            array_column(self::rows($perrin['steps']), 'step'),
            'today\'s comb test found mats',
        );
        self::assertStringContainsString('cool quiet dryer', (string) json_encode($perrin['steps']));
        self::assertNotSame([], $perrin['moved']);
        self::assertContains(
            'rake',
            array_column(
                self::rows($this->ask('GET', '/api/dogs/'.$this->dogId('Marl').'/order')['steps']),
                'step',
            ),
        );
    }
}
