<?php

/** House patterns: saved from a dog, laid on another, spread with a preview; what does not fit and why. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;

final class PatternTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('tove');
    }

    public function testADogsPlanBecomesAPatternWithoutItsExceptions(): void
    {
        $made = $this->ask('POST', '/api/patterns', ['name' => 'Perrin rounds', 'dog' => $this->dogId('Perrin')], 201);
        $zones = array_column(self::rows($made['zones']), 'zone');
        self::assertContains('back', $zones);
        self::assertNotContains('armpit_left', $zones, 'forced by a mat: no style');
        self::assertStringNotContainsString(
            'quiet',
            self::text(self::map($made['pattern'])['line']),
            'his motor is his own',
        );
        self::assertSame(
            ['name'],
            array_keys(
                self::errors(
                    $this->ask('POST', '/api/patterns', ['name' => 'Perrin rounds', 'line' => 'back: 10'], 422),
                ),
            ),
        );
        foreach ([['line' => 'bakc: 10'], ['line' => 'back: ten'], ['line' => '   '], []] as $body) {
            self::assertSame(
                ['line'],
                array_keys(self::errors($this->ask('POST', '/api/patterns', ['name' => 'Other'] + $body, 422))),
            );
        }
    }

    public function testACoatThatMustNotBeClippedSaysSoAndIsNotClipped(): void
    {
        $marl = $this->dogId('Marl');
        $pattern = $this->pattern('Close and cool')['id'];
        $fit = $this->ask('POST', "/api/dogs/$marl/pattern/answer", ['pattern' => $pattern], 200);
        $back = self::find(self::rows($fit['zones']), 'zone', 'back');
        self::assertSame(['kept', false], [$back['verdict'], $back['taken']], 'it is so for his comfort');
        $sedge = $this->dogId('Sedge');
        $fit = $this->ask('POST', "/api/dogs/$sedge/pattern/answer", ['pattern' => $pattern], 200);
        $back = self::find(self::rows($fit['zones']), 'zone', 'back');
        self::assertSame(['must_not', false], [$back['verdict'], $back['taken']]);
        self::assertStringContainsString('not clipped by default', self::text($back['why']));
        self::assertContains('may_come_back_different', array_column(self::rows($back['warnings']), 'code'));
        $body = ['pattern' => $pattern, 'zones' => ['back']];
        $match = ['If-Match' => '"1"'];
        self::assertSame(
            ['agreed'],
            array_keys(self::errors($this->ask('PUT', "/api/dogs/$sedge/pattern", $body, 422, $match))),
        );
        self::assertSame('card', self::map($this->zone('Sedge', 'back')['recipe'])['method']);
        $this->ask('PUT', "/api/dogs/$sedge/pattern", $body + ['agreed' => true], 200, $match);
        self::assertSame('guard', self::map($this->zone('Sedge', 'back')['recipe'])['method']);
    }

    public function testTakingAPatternOverKeepsTheDogsOwnMotor(): void
    {
        $hobnob = $this->dogId('Hobnob');
        $pattern = $this->pattern('Weir rounds')['id'];
        $fit = $this->ask('POST', "/api/dogs/$hobnob/pattern/answer", ['pattern' => $pattern], 200);
        $verdicts = array_column(self::rows($fit['zones']), 'verdict', 'zone');
        self::assertSame(['kept', 'fits'], [$verdicts['back'], $verdicts['skull']], 'his back repairs an earlier cut');
        $took = $this->ask(
            'PUT',
            "/api/dogs/$hobnob/pattern",
            ['pattern' => $pattern, 'zones' => ['skull', 'throat', 'foreleg_left']],
            200,
            ['If-Match' => '"'.(\is_int($fit['revision']) ? $fit['revision'] : 0).'"'],
        );
        self::assertSame(['Weir rounds', false], [$took['name'], $took['behind']]);
        self::assertContains('back', self::texts($took['own']));
        $throat = self::map($this->zone('Hobnob', 'throat')['recipe']);
        self::assertSame(['clip', 'quiet cordless'], [$throat['method'], $throat['clipper_unit']]);
        $this->ask('PUT', "/api/dogs/$hobnob/pattern", ['pattern' => $pattern, 'zones' => []], 412, [
            'If-Match' => '"1"',
        ]);
        self::assertSame(
            ['zones'],
            array_keys(
                self::errors(
                    $this->ask(
                        'PUT',
                        "/api/dogs/$hobnob/pattern",
                        ['pattern' => $pattern, 'zones' => ['beard', 'tail_root']],
                        422,
                        ['If-Match' => '"'.(\is_int($took['revision']) ? $took['revision'] : 0).'"'],
                    ),
                ),
            ),
        );
        self::assertNull($this->ask('DELETE', "/api/dogs/$hobnob/pattern", [], 200)['pattern']);
        self::assertSame('clip', self::map($this->zone('Hobnob', 'throat')['recipe'])['method'], 'the plan stays');
    }

    public function testAnotherKitAnswersForWhatItLacks(): void
    {
        $van = self::find(self::rows($this->ask('GET', '/api/session')['places']), 'name', 'Van')['id'];
        $fit = $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Perrin').'/pattern/answer',
            ['pattern' => $this->pattern('Weir rounds')['id'], 'place' => $van],
            200,
        );
        $back = self::find(self::rows($fit['zones']), 'zone', 'back');
        self::assertSame('other_tool', $back['verdict']);
        self::assertStringContainsString('nearest is', self::text($back['why']));
    }

    public function testAChangeIsShownBeforeItIsSpread(): void
    {
        $weir = $this->pattern('Weir rounds');
        $line = 'back ribs loin rump shoulder chest: 20/10; throat belly: 7F';
        $preview = $this->ask(
            'POST',
            '/api/patterns/'.self::text($weir['id']).'/spread/answer',
            ['line' => $line],
            200,
        );
        $tansy = self::find(self::rows($preview['dogs']), 'name', 'Tansy');
        $back = self::find(self::rows($tansy['changes']), 'zone', 'back');
        self::assertSame([16.6, 21], [$back['was_mm'], (int) self::number($back['finished_mm'])]);
        self::assertSame('taken out', self::find(self::rows($tansy['changes']), 'zone', 'skull')['words']);
        $hobnob = self::find(self::rows($preview['dogs']), 'name', 'Hobnob');
        self::assertSame(
            'It was changed on this card since.',
            self::find(self::rows($hobnob['stays']), 'zone', 'back')['why'],
        );
        self::assertSame(16.6, $this->zone('Tansy', 'back')['finished_mm'], 'nothing has happened yet');
        $body = ['name' => 'Weir rounds', 'line' => $line, 'spread' => [$this->dogId('Tansy')]];
        $saved = $this->ask('PUT', '/api/patterns/'.self::text($weir['id']), $body, 200, ['If-Match' => '"1"']);
        $this->workThrough();
        $weirs = '/api/patterns/'.self::text($weir['id']);
        self::assertSame(1, self::map($this->ask('GET', $weirs, expect: 200)['pattern'])['behind']);
        self::assertSame(21.0, self::number($this->zone('Tansy', 'back')['finished_mm']));
        self::assertNull($this->zone('Tansy', 'skull')['recipe']);
        self::assertSame(2, self::map($saved['pattern'])['version']);
        $this->ask('PUT', '/api/patterns/'.self::text($weir['id']), $body, 412, ['If-Match' => '"1"']);
        $this->ask('PUT', '/api/patterns/'.self::text($weir['id']), ['name' => 'Weir ovals'] + $body, 200, [
            'If-Match' => '"2"',
        ]);
        $this->ask('PUT', '/api/patterns/'.self::text($weir['id']), ['name' => 'Weir squares'] + $body, 412, [
            'If-Match' => '"2"',
        ]);
        self::assertContains(
            'back',
            array_column(self::rows($this->ask('GET', '/api/log?dog='.$this->dogId('Tansy'))['entries']), 'subject'),
            'every card\'s change can be taken back',
        );
    }

    public function testAPreviewAsksAFewTimesHoweverManyFollow(): void
    {
        $weir = self::text($this->pattern('Weir rounds')['id']);
        $ask = fn () => $this->ask('POST', "/api/patterns/$weir/spread/answer", ['line' => 'back: 20/10'], 200);
        $ask();
        $two = QueryCounter::during($ask);
        foreach (['Dimity', 'Wick', 'Sorrel', 'Perrin'] as $name) {
            $fit = $this->ask(
                'POST',
                '/api/dogs/'.$this->dogId($name).'/pattern/answer',
                ['pattern' => $weir],
                200,
            );
            $this->ask(
                'PUT',
                '/api/dogs/'.$this->dogId($name).'/pattern',
                ['pattern' => $weir, 'zones' => []],
                200,
                ['If-Match' => '"'.(int) self::number($fit['revision']).'"'],
            );
        }
        self::assertSame($two, QueryCounter::during($ask));
        self::assertLessThanOrEqual(8, $two);
    }

    public function testOnlyAPatternNobodyFollowsIsDropped(): void
    {
        $weir = self::text($this->pattern('Weir rounds')['id']);
        self::assertStringContainsString(
            '2 cards follow',
            self::text($this->ask('DELETE', "/api/patterns/$weir", [], 409)['title']),
        );
        $new = self::text(
            self::map($this->ask('POST', '/api/patterns', ['name' => 'Short', 'line' => 'back: 10'], 201)['pattern'])[
                'id'
            ],
        );
        $this->ask('DELETE', "/api/patterns/$new", [], 204);
        $this->ask('GET', "/api/patterns/$new", expect: 404);
    }

    /** @return array<string, mixed> */
    private function pattern(string $name): array
    {
        return self::find(self::rows($this->ask('GET', '/api/patterns', expect: 200)['patterns']), 'name', $name);
    }
}
