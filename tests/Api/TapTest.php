<?php

/** Taps of a groom: bad ones refused by name, repeated ones told the same, and none slower for those before it. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;
use PHPUnit\Framework\Attributes\DataProvider;

final class TapTest extends ApiTestCase
{
    public function testOfAWriteOnlyIdsAreKept(): void
    {
        $this->signIn('tove');
        $groom = $this->groomOf('Cobnut');
        $this->ask(
            'POST',
            "/api/grooms/$groom/taps",
            [
                'sent_at' => gmdate('Y-m-d\TH:i:s.000\Z'),
                'device' => 'tablet-1',
                'taps' => [
                    ['id' => 'tap-00000001', 'at' => gmdate('Y-m-d\TH:i:s.000\Z'), 'kind' => 'note', 'text' => 'calm'],
                ],
            ],
            200,
        );
        $longest = $this->db()->fetchOne('SELECT MAX(LENGTH(result)) FROM request_key');
        self::assertLessThan(200, is_numeric($longest) ? (int) $longest : 0);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> tap, outcome, what is said */
    public static function taps(): iterable
    {
        $tap = ['id' => 'tap-00000009', 'at' => '2026-05-04T10:15:30.250Z', 'kind' => 'note', 'text' => 'calm'];
        yield 'an id over what a column of the log holds' => [
            ['id' => str_repeat('i', 64), 'kind' => 'incident', 'what' => 'nick', 'zone' => 'back'] +
            array_diff_key($tap, ['text' => 1]),
            'counted',
            '',
        ];
        yield 'an id too long' => [['id' => str_repeat('i', 65)] + $tap, 'refused', 'taps[0].id'];
        yield 'an id of signs' => [['id' => "tap\u{200B}0009ö"] + $tap, 'refused', 'taps[0].id'];
        yield 'NUL in its time' => [['at' => "2026-05-04T10:15:30.250Z\0"] + $tap, 'refused', 'taps[0].at'];
        yield 'NUL within its time' => [['at' => "2026-05-04T10:\x0015:30.250Z"] + $tap, 'refused', 'taps[0].at'];
        yield 'NUL in its text' => [['text' => "ca\0lm"] + $tap, 'refused', 'taps[0].text'];
        yield 'an unknown colleague' => [
            ['kind' => 'hand_over', 'to' => '00000000-0000-7000-8000-000000000000'] +
            array_diff_key($tap, ['text' => 1]),
            'refused',
            'no such person',
        ];
        yield 'a colleague who is no id' => [
            ['kind' => 'hand_over', 'to' => "x'; --"] + array_diff_key($tap, ['text' => 1]),
            'refused',
            'no such person',
        ];
        yield 'somebody else\'s' => [
            ['by' => '00000000-0000-7000-8000-000000000000'] + $tap,
            'someone_elses',
            'Somebody else made this tap',
        ];
    }

    /** @param array<string, mixed> $tap */
    #[DataProvider('taps')]
    public function testABadTapIsRefusedByNameAndTheRestGoesIn(array $tap, string $outcome, string $says): void
    {
        $this->signIn('tove');
        $groom = $this->groomOf('Cobnut');
        $good = ['id' => 'tap-good-001', 'at' => gmdate('Y-m-d\TH:i:s.000\Z'), 'kind' => 'note', 'text' => 'goes in'];
        // Another id that only differs in its capitals is another tap.
        $answer = $this->ask(
            'POST',
            "/api/grooms/$groom/taps",
            [
                'sent_at' => gmdate('Y-m-d\TH:i:s.000\Z'),
                'device' => 'tablet-1',
                'taps' => [$tap, $good, ['id' => 'TAP-GOOD-001'] + $good],
            ],
            200,
        );
        $results = self::rows($answer['results']);
        self::assertSame([$outcome, 'counted', 'counted'], array_column($results, 'outcome'));
        if ('' !== $says) {
            self::assertStringContainsString($says, self::text($results[0]['message']));
        }
    }

    public function testARepeatedBatchIsToldTheSameOutcomes(): void
    {
        $this->signIn('tove');
        $groom = $this->groomOf('Cobnut');
        $at = gmdate('Y-m-d\TH:i:s.000\Z');
        $batch = [
            'sent_at' => $at,
            'device' => 'tablet-1',
            'taps' => [
                ['id' => 'tap-00000001', 'at' => $at, 'kind' => 'note', 'text' => 'calm'],
                ['id' => 'tap-00000002', 'at' => $at, 'kind' => 'dance'],
                ['id' => 'tap-00000001', 'at' => $at, 'kind' => 'note', 'text' => 'calm'],
            ],
        ];
        $first = array_column(
            self::rows(
                $this->ask('POST', "/api/grooms/$groom/taps", $batch, 200, ['Idempotency-Key' => 'the-same-batch'])[
                    'results'
                ],
            ),
            'outcome',
            'id',
        );
        $again = $this->ask('POST', "/api/grooms/$groom/taps", $batch, 200, ['Idempotency-Key' => 'the-same-batch']);
        self::assertSame('true', $this->client->getResponse()->headers->get('Idempotent-Replay'));
        self::assertSame($first, array_column(self::rows($again['results']), 'outcome', 'id'));
        self::assertSame(1, self::map($again['groom'])['seq']);
    }

    public function testAGroomWithARunningTimerIsNotSentAgainWhileNothingIsTapped(): void
    {
        $this->signIn('tove');
        $groom = $this->groomOf('Cobnut');
        $at = gmdate('Y-m-d\TH:i:s.000\Z');
        $this->ask(
            'POST',
            "/api/grooms/$groom/taps",
            [
                'sent_at' => $at,
                'device' => 'tablet-1',
                'taps' => [['id' => 'tap-00000001', 'at' => $at, 'kind' => 'timer', 'timer' => 'rest', 'on' => true]],
            ],
            200,
        );
        // The minute may turn between two questions, not between four.
        $statuses = [];
        $etag = '';
        for ($i = 0; $i < 4; ++$i) {
            $this->ask('GET', "/api/grooms/$groom", headers: ['If-None-Match' => $etag]);
            $statuses[] = $this->client->getResponse()->getStatusCode();
            $etag = (string) $this->client->getResponse()->headers->get('ETag');
        }
        self::assertContains(304, $statuses);
    }

    public function testTheTwoHundredthTapAsksNoMoreThanTheFirst(): void
    {
        $this->signIn('tove');
        $groom = $this->groomOf('Cobnut');
        $n = 0;
        $tap = function (int $count = 1) use ($groom, &$n): void {
            $at = gmdate('Y-m-d\TH:i:s.000\Z');
            $taps = [];
            for ($i = 0; $i < $count; ++$i) {
                $taps[] = ['id' => \sprintf('tap-%08d', ++$n), 'at' => $at, 'kind' => 'note', 'text' => "note $n"];
            }
            $this->ask(
                'POST',
                "/api/grooms/$groom/taps",
                ['sent_at' => $at, 'device' => 'tablet-1', 'taps' => $taps],
                200,
            );
        };
        $tap();
        $second = QueryCounter::during(static fn () => $tap());
        $tap(197);
        self::assertSame($second, QueryCounter::during(static fn () => $tap()));
    }
}
