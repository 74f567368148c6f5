<?php

/** Changing a trim plan: versions, two people at once, undo, and what a change answers. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class PlanTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('tove');
    }

    private function path(string $zone): string
    {
        return '/api/dogs/'.$this->dogId('Tansy').'/plan/'.$zone;
    }

    public function testAChangeIsStoredLoggedAndShown(): void
    {
        $before = $this->card('Tansy');
        $done = $this->ask(
            'PUT',
            $this->path('back'),
            self::guard(13, '10') + [
                'stop_line' => 'root_of_tail',
                'reason' => 'owner_wish',
                'note' => '<b>short</b> for summer 🐾',
            ],
            200,
            ['If-Match' => '"1"'],
        );
        self::assertSame([2, 2], [$done['version'], $done['revision']]);
        $zone = $this->zone('Tansy', 'back');
        self::assertSame([14, 2, 'Tove Lindgarth'], [$zone['finished_mm'], $zone['version'], $zone['changed_by']]);
        self::assertSame('<b>short</b> for summer 🐾', self::map($zone['recipe'])['note'], 'text is text');
        $log = self::rows($this->ask('GET', '/api/log?dog='.$this->dogId('Tansy'))['entries']);
        self::assertStringContainsString(
            '16 mm guard over 10, with the lay → 13 mm guard over 10',
            str_replace('13 mm guard over', '13 mm guard over', self::text($log[0]['summary'])),
        );
        self::assertNotSame($before['changes'], $this->card('Tansy')['changes']);
    }

    public function testTwoPeopleOnTwoZonesBothStay(): void
    {
        $this->ask('PUT', $this->path('back'), self::blade('5F'), 200, ['If-Match' => '"1"']);
        $this->signIn('maren');
        $this->ask('PUT', $this->path('chest'), self::blade('7F'), 200, ['If-Match' => '"1"']);
        self::assertSame(
            ['5F', '7F'],
            [
                self::map(self::map($this->zone('Tansy', 'back')['recipe'])['tool'])['label'],
                self::map(self::map($this->zone('Tansy', 'chest')['recipe'])['tool'])['label'],
            ],
        );
    }

    public function testTwoPeopleOnOneZoneTheSecondIsShownBoth(): void
    {
        $this->ask('PUT', $this->path('back'), self::blade('5F'), 200, ['If-Match' => '"1"']);
        $this->signIn('maren');
        $problem = $this->ask('PUT', $this->path('back'), self::blade('7F'), 412, ['If-Match' => '"1"']);
        self::assertSame(['Tove Lindgarth', 2], [$problem['changed_by'], $problem['version']]);
        self::assertSame('5F blade, with the lay', self::map($problem['theirs'])['words']);
        self::assertSame('7F blade, with the lay', self::map($problem['yours'])['words']);
        self::assertSame(
            '5F',
            self::map(self::map($this->zone('Tansy', 'back')['recipe'])['tool'])['label'],
            'nothing was overwritten',
        );
        $this->ask('PUT', $this->path('back'), self::blade('7F'), 200, ['If-Match' => '"2"']);
    }

    public function testAZoneNeverPlannedStartsAtVersionZero(): void
    {
        $this->ask('PUT', $this->path('brow'), ['method' => 'scissor', 'entered_mm' => 12], 412, ['If-Match' => '"1"']);
        $done = $this->ask('PUT', $this->path('brow'), ['method' => 'scissor', 'entered_mm' => 12], 200, [
            'If-Match' => '"0"',
        ]);
        self::assertSame(1, $done['version']);
        $gone = $this->ask('DELETE', $this->path('brow'), expect: 200, headers: ['If-Match' => '"1"']);
        self::assertSame([2, null], [$gone['version'], $gone['recipe']]);
        $this->ask('PUT', $this->path('brow'), ['method' => 'scissor', 'entered_mm' => 14], 200, ['If-Match' => '"2"']);
    }

    public function testTheSameRecipeAgainChangesNothing(): void
    {
        $this->ask('PUT', $this->path('back'), self::blade('5F'), 200, ['If-Match' => '"1"']);
        $again = $this->ask('PUT', $this->path('back'), self::blade('5F'), 200, ['If-Match' => '"2"']);
        self::assertSame([2, null], [$again['version'], $again['change']]);
    }

    public function testUndo(): void
    {
        $done = $this->ask('PUT', $this->path('back'), self::blade('5F'), 200, ['If-Match' => '"1"']);
        $id = self::text($done['change']);
        $back = $this->ask('POST', "/api/log/$id/undo", expect: 200);
        self::assertSame(16, self::map(self::map($back['recipe'])['tool'])['mm']);
        $this->ask('POST', "/api/log/$id/undo", expect: 409);
        $log = self::rows($this->ask('GET', '/api/log')['entries']);
        self::assertStringStartsWith('taken back: back:', self::text($log[0]['summary']));
        self::assertTrue($log[1]['undone']);
    }

    public function testUndoDoesNotSwallowALaterChange(): void
    {
        $first = self::text(
            $this->ask('PUT', $this->path('back'), self::blade('5F'), 200, ['If-Match' => '"1"'])['change'],
        );
        $this->ask('PUT', $this->path('back'), self::blade('7F'), 200, ['If-Match' => '"2"']);
        $problem = $this->ask('POST', "/api/log/$first/undo", expect: 412);
        self::assertSame('7F blade, with the lay', self::map($problem['theirs'])['words']);
        self::assertSame('7F', self::map(self::map($this->zone('Tansy', 'back')['recipe'])['tool'])['label']);
    }

    public function testAKeySentTwiceChangesOnce(): void
    {
        $headers = ['If-Match' => '"1"', 'Idempotency-Key' => 'the-same-key-1'];
        $first = $this->ask('PUT', $this->path('back'), self::blade('5F'), 200, $headers);
        self::assertSame($first, $this->ask('PUT', $this->path('back'), self::blade('5F'), 200, $headers));
        self::assertSame('true', $this->client->getResponse()->headers->get('Idempotent-Replay'));
        $this->ask('PUT', $this->path('back'), self::blade('7F'), 409, $headers);
        self::assertSame(2, $this->zone('Tansy', 'back')['version']);
        $this->ask('PUT', $this->path('back'), self::blade('7F'), 400, ['If-Match' => '"2"', 'Idempotency-Key' => '']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'no method' => [[], 'method'];
        yield 'unknown method' => [['method' => 'shave'], 'method'];
        yield 'unknown blade' => [self::blade('11'), 'tool.label'];
        yield 'guard over a long base' => [self::guard(16, '7F'), 'tool.base'];
        yield 'guard of no length' => [self::guard(0, '10'), 'tool.mm'];
        yield 'guard of ten metres' => [self::guard(10_000, '10'), 'tool.mm'];
        yield 'clip without a blade' => [['method' => 'clip'], 'tool'];
        yield 'guard without a guard' => [
            ['method' => 'guard', 'tool' => ['kind' => 'blade', 'label' => '10']],
            'tool',
        ];
        yield 'scissors with a blade' => [['method' => 'scissor'] + self::blade('10'), 'tool'];
        yield 'typed length for a blade' => [['entered_mm' => 9] + self::blade('10'), 'entered_mm'];
        yield 'nothing left' => [['method' => 'scissor', 'entered_mm' => 0], 'entered_mm'];
        yield 'negative' => [['method' => 'scissor', 'entered_mm' => -3], 'entered_mm'];
        yield 'text for a number' => [['method' => 'scissor', 'entered_mm' => '12'], 'entered_mm'];
        yield 'lay' => [['lay' => 'sideways'] + self::blade('10'), 'lay'];
        yield 'stop line' => [['stop_line' => 'the end'] + self::blade('10'), 'stop_line'];
        yield 'reason' => [['reason' => 'why not'] + self::blade('10'), 'reason'];
        yield 'long note' => [['note' => str_repeat('x', 301)] + self::blade('10'), 'note'];
        yield 'unknown field' => [['blade' => '10'] + self::blade('10'), 'blade'];
    }

    /** @param array<string, mixed> $recipe */
    #[DataProvider('refused')]
    public function testRefusalsNameTheField(array $recipe, string $field): void
    {
        $recipe += ['tool' => null];
        $errors = self::errors($this->ask('PUT', $this->path('back'), $recipe, 422, ['If-Match' => '"1"']));
        self::assertArrayHasKey($field, $errors);
        self::assertSame(1, $this->zone('Tansy', 'back')['version']);
    }

    public function testVersionAndZoneMustBeNamed(): void
    {
        $this->ask('PUT', $this->path('back'), self::blade('10'), 428);
        $this->ask('PUT', $this->path('back'), self::blade('10'), 428, ['If-Match' => 'latest']);
        $this->ask('PUT', $this->path('wing'), self::blade('10'), 404, ['If-Match' => '"1"']);
        $this->ask('PUT', $this->path('back'), '{"method":', 400, ['If-Match' => '"1"']);
        $this->ask('PUT', '/api/dogs/1%27%20OR%201=1/plan/back', self::blade('10'), 404, ['If-Match' => '"1"']);
    }

    public function testAnswersWhileSomethingIsTried(): void
    {
        $answer = $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Tansy').'/answer',
            ['zone' => 'back', 'recipe' => self::blade('7F')],
            200,
        );
        $length = self::map($answer['length']);
        self::assertSame([3.2, '1/8'], [$length['finished_mm'], $length['inch']]);
        self::assertNotSame([], $length['reasons']);
        $meets = self::find(self::rows($answer['blends']), 'zone', 'ribs_left');
        self::assertSame(['ladder', 16.6], [$meets['blend'], $meets['finished_mm']]);
        self::assertGreaterThan(0, self::map($answer['recovery'])['weeks']);
        self::assertTrue(self::map($answer['here'])['makes']);
        $marl = $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Marl').'/answer',
            ['zone' => 'ribs_left', 'recipe' => self::blade('7F')],
            200,
        );
        self::assertSame('agree_first', self::map($marl['recovery'])['level']);
        self::assertContains(
            'may_come_back_different',
            array_column(self::rows(self::map($marl['recovery'])['warnings']), 'code'),
        );
        $armpit = $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Tansy').'/answer',
            ['zone' => 'armpit_left', 'recipe' => self::blade('7')],
            200,
        );
        self::assertContains(
            'skip_tooth_on_thin_skin',
            array_column(self::rows(self::map($armpit['length'])['warnings']), 'code'),
        );
        $bad = $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Tansy').'/answer',
            ['zone' => 'back', 'recipe' => self::guard(16, '5F')],
            422,
        );
        self::assertSame(['recipe.tool.base'], array_keys(self::errors($bad)));
    }

    public function testWhatADogHasNotIsNeitherPlannedNorCombedNorDone(): void
    {
        $this->signIn('tove');
        $tansy = $this->dogId('Tansy');
        $zones = fn (): array => array_map(self::text(...), array_column(
            self::rows($this->ask('GET', "/api/dogs/$tansy/card", expect: 200)['zones']),
            'zone',
        ));
        self::assertContains('foreleg_left', $zones());
        $card = self::map($this->ask('GET', "/api/dogs/$tansy/card", expect: 200)['dog']);
        $form = array_diff_key($card, array_flip([
            'id', 'version', 'tail_rule', 'reach', 'stops', 'household', 'household_name', 'people',
        ]));
        $match = ['If-Match' => '"'.self::number($card['version']).'"'];
        $wrong = self::errors($this->ask('PUT', "/api/dogs/$tansy", ['absent' => ['nose']] + $form, 422, $match));
        self::assertArrayHasKey('absent[0]', $wrong);
        $this->ask('PUT', "/api/dogs/$tansy", ['absent' => ['left_foreleg', 'right_ear']] + $form, 200, $match);
        $left = $zones();
        $gone = ['foreleg_left', 'pads_front_left', 'ear_outer_right', 'ear_feather_right'];
        self::assertSame([], array_intersect($gone, $left));
        self::assertContains('shoulder_left', $left);
        $this->fresh();
        $arrival = $this->ask('POST', "/api/dogs/$tansy/arrivals", expect: 200);
        self::assertSame([], array_intersect($gone, self::texts($arrival['asked_first'])));
        $groom = $this->groomOf('Tansy');
        $at = $this->ask('GET', "/api/grooms/$groom", expect: 200);
        $table = array_map(self::text(...), array_column(self::rows($at['zones']), 'zone'));
        self::assertSame([], array_intersect($gone, $table));
        foreach (self::rows($at['steps']) as $step) {
            self::assertSame([], array_intersect($gone, self::texts($step['zones'])));
        }
        // Of what is not there nothing can be planned, in words.
        $said = $this->ask('PUT', "/api/dogs/$tansy/plan/foreleg_left", self::blade('10'), 422, ['If-Match' => '"0"']);
        self::assertStringContainsString('Tansy has none', self::errors($said)['zone']);
    }
}
