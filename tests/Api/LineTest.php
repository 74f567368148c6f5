<?php

/** A plan on one line: what is written is what is kept, faults point at their word, what was heard waits for a nod. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class LineTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('tove');
    }

    /** @return iterable<string, array{string}> */
    public static function dogs(): iterable
    {
        foreach (
            [
                'Tansy',
                'Osric',
                'Marl',
                'Dimity',
                'Gantry',
                'Sorrel',
                'Perrin',
                'Cobnut',
                'Isolde',
                'Hobnob',
                'Wick',
                'Sedge',
            ] as $dog
        ) {
            yield $dog => [$dog];
        }
    }

    #[DataProvider('dogs')]
    public function testEveryPlanIsOneLineAndTheLineIsThePlan(string $dog): void
    {
        $path = '/api/dogs/'.$this->dogId($dog).'/line';
        $view = $this->ask('GET', $path, expect: 200);
        self::assertNotSame('', $view['line']);
        $again = $this->ask('POST', "$path/answer", ['line' => $view['line']], 200);
        self::assertSame([[], [], [], []], [$again['changed'], $again['gone'], $again['faults'], $again['spoken']]);
        self::assertSame($view['zones'], $again['zones']);
        $planned = array_filter(
            self::rows($this->card($dog)['zones']),
            static fn (array $z): bool => null !== $z['recipe'],
        );
        self::assertSame(
            array_column($planned, 'finished_mm', 'zone'),
            array_intersect_key(
                array_column(self::rows($view['zones']), 'finished_mm', 'zone'),
                array_column($planned, 'zone', 'zone'),
            ),
        );
        $kept = $this->ask('PUT', $path, ['line' => $view['line']], 200, [
            'If-Match' => '"'.$this->revision($dog).'"',
        ]);
        self::assertSame($view['revision'], $kept['revision'], 'the same line changes nothing');
    }

    public function testALineChangesWhatDiffersAndTakesOutWhatItLeavesOut(): void
    {
        $path = '/api/dogs/'.$this->dogId('Gantry').'/line';
        $line = 'back ribs: 10 @comfort; rump: thirteen over ten; chest: leave #"as it is; always"';
        $answer = $this->ask('POST', "$path/answer", ['line' => $line], 200);
        self::assertSame('13/10', self::rows($answer['spoken'])[0]['means']);
        self::assertSame(14.0, self::number(self::find(self::rows($answer['zones']), 'zone', 'rump')['finished_mm']));
        self::assertContains('tail_root', (array) $answer['gone']);
        $match = ['If-Match' => '"'.$this->revision('Gantry').'"'];
        self::assertStringContainsString(
            'confirm "thirteen over ten" as 13/10',
            self::errors($this->ask('PUT', $path, ['line' => $line], 422, $match))['line'],
        );
        $this->ask('PUT', $path, ['line' => $line, 'confirmed' => true], 200, $match);
        self::assertSame('10 blade, with the lay', self::map($this->zone('Gantry', 'ribs_left')['recipe'])['words']);
        self::assertSame('as it is; always', self::map($this->zone('Gantry', 'chest')['recipe'])['note']);
        self::assertNull($this->zone('Gantry', 'tail_root')['recipe']);
        $stale = $this->ask('PUT', $path, ['line' => 'back: 10'], 412, $match);
        self::assertStringContainsString('rump: 13/10', self::text($stale['theirs_line']));
        // Each zone is in the log by itself, and can be taken back by itself.
        $entry = self::find(self::rows($this->ask('GET', '/api/log')['entries']), 'subject', 'rump');
        $this->ask('POST', '/api/log/'.self::text($entry['id']).'/undo', [], 200);
        self::assertStringNotContainsString('13/10', self::text($this->ask('GET', $path)['line']));
    }

    public function testFaultsPointAtTheirWordAndNothingIsKept(): void
    {
        $path = '/api/dogs/'.$this->dogId('Gantry').'/line';
        $before = $this->ask('GET', $path)['line'];
        $wrong = ['bakc: 10', 'back: 1O', 'back: 16/50', '<script>', "'; DROP TABLE dog; --", '🐕'];
        foreach ([...$wrong, str_repeat('x;', 4000)] as $line) {
            $fault = self::rows($this->ask('POST', "$path/answer", ['line' => $line], 200)['faults'])[0];
            self::assertStringContainsString('at character', self::text($fault['message']));
            self::assertArrayHasKey(
                'line',
                self::errors(
                    $this->ask('PUT', $path, ['line' => $line], 422, [
                        'If-Match' => '"'.$this->revision('Gantry').'"',
                    ]),
                ),
            );
        }
        $this->ask('POST', "$path/answer", ['line' => str_repeat('x', 60_001)], 422);
        self::assertSame($before, $this->ask('GET', $path)['line']);
    }

    private function revision(string $dog): int
    {
        $revision = $this->ask('GET', '/api/dogs/'.$this->dogId($dog).'/line')['revision'];
        self::assertIsInt($revision);

        return $revision;
    }
}
