<?php

/** A hard line between two zones: wanted on the card, answered with the recipe, taken off again where two meet. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class HardLineTest extends ApiTestCase
{
    private const RECIPE = ['method' => 'guard', 'tool' => ['kind' => 'guard', 'mm' => 25, 'base' => '10']];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('tove');
    }

    public function testALineIsWantedOnceWhicheverZoneIsNamedFirstAndBlendsAgainWithoutIt(): void
    {
        self::assertSame([], $this->card('Tansy')['hard_lines']);
        $before = $this->toLoin();
        self::assertNotSame('hard_line', $before['blend']);
        self::assertFalse($before['hard_line']);
        $this->draw('loin', 'back', true);
        self::assertCount(1, self::rows($this->draw('back', 'loin', true)['lines']), 'once');
        self::assertSame([['zone' => 'back', 'other' => 'loin']], $this->card('Tansy')['hard_lines']);
        $now = $this->toLoin();
        self::assertSame('hard_line', $now['blend']);
        self::assertTrue($now['hard_line']);
        $this->draw('back', 'loin', false);
        self::assertSame($before, $this->toLoin());
    }

    public function testZonesThatDoNotMeetAreRefusedWithTheirNeighbours(): void
    {
        $path = '/api/dogs/'.$this->dogId('Tansy').'/hard-lines';
        $refused = $this->ask('PUT', $path, ['zone' => 'back', 'other' => 'muzzle', 'wanted' => true], 422);
        $said = self::rows($refused['errors'])[0];
        self::assertSame('other', $said['field']);
        self::assertStringContainsString('loin', self::text($said['message']));
        $this->ask('PUT', $path, ['zone' => 'back', 'other' => 'loin', 'wanted' => 'yes'], 422);
        self::assertSame([], $this->card('Tansy')['hard_lines']);
    }

    /** @return array<string, mixed> how the back meets the loin */
    private function toLoin(): array
    {
        $answer = $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Tansy').'/answer',
            ['zone' => 'back', 'recipe' => self::RECIPE],
            200,
        );

        return self::find(self::rows($answer['blends']), 'zone', 'loin');
    }

    /** @return array<string, mixed> */
    private function draw(string $zone, string $other, bool $wanted): array
    {
        return $this->ask(
            'PUT',
            '/api/dogs/'.$this->dogId('Tansy').'/hard-lines',
            ['zone' => $zone, 'other' => $other, 'wanted' => $wanted],
            200,
        );
    }
}
