<?php

/** What waits at the table: guards for a bone dry coat, a tired dog for its rest; and what was agreed at its head. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class WaitsTest extends TableCase
{
    private function shy(string $dog, int $tolerance): void
    {
        $this->signIn('maren');
        $this->ask('PUT', '/api/dogs/'.$this->dogId($dog).'/handling/dryer', ['tolerance' => $tolerance], 200, [
            'If-Match' => '"0"',
        ]);
    }

    /**
     * @param array<string, mixed> $data
     *
     * @return array<string, mixed> the groom after it
     */
    private function say(string $kind, array $data): array
    {
        $made = $this->groom['made'];
        $answer = $this->ask('POST', $this->path('taps'), $this->batch([$this->tap($kind, $data)]), 200);
        self::assertSame('counted', self::rows($answer['results'])[0]['outcome']);
        self::assertSame(
            1 + (int) self::number($made),
            self::map($answer['groom'])['made'],
            'the device reads it again',
        );

        return $this->groom = $this->ask('GET', '/api/grooms/'.self::text($this->groom['id']), expect: 200);
    }

    /** @return array<array<string, mixed>> by zone */
    private function zones(): array
    {
        return array_column(self::rows($this->groom['zones']), null, 'zone');
    }

    public function testADogThatIsNotBlownDryIsFeltBeforeGuardsGoOn(): void
    {
        self::assertSame([false, null], [$this->groom['asks_ready'], $this->groom['ready']], 'blown dry: not asked');
        $this->shy('Tansy', 0);
        $this->open('Tansy');
        $kind = static fn (array $z): mixed => ((array) (((array) $z['planned'])['tool'] ?? []))['kind'] ?? null;
        $guards = array_keys(array_filter($this->zones(), static fn (array $z): bool => 'guard' === $kind($z)));
        self::assertNotSame([], $guards);
        self::assertTrue($this->groom['asks_ready']);

        $this->say('ready', ['ok' => false]);
        self::assertFalse($this->groom['ready']);
        $zones = $this->zones();
        foreach ($guards as $zone) {
            self::assertSame('dry', $zones[$zone]['waits'], $zone);
        }
        $bare = array_filter($zones, static fn (array $z): bool => null !== $z['planned'] && '' === $z['waits']);
        self::assertNotSame([], $bare, 'bare blades and scissors go on');
        self::assertSame(2, self::map($this->groom['today'])['visits'], 'two visits are offered');
        $waiting = array_filter(self::rows($this->groom['steps']), static fn (array $s): bool => 'dry' === $s['waits']);
        self::assertNotSame([], $waiting);
        self::assertNotContains($this->groom['next'], array_column($waiting, 'key'), 'what waits is not next');

        $this->say('ready', ['ok' => true]);
        self::assertSame(
            [],
            array_filter($this->zones(), static fn (array $z): bool => '' !== $z['waits']),
            'dry: nothing waits',
        );
    }

    public function testADogThatTiresRestsSoonerAndWhatHealthHangsOnComesFirst(): void
    {
        $this->signIn('maren');
        $this->ask(
            'PUT',
            '/api/dogs/'.$this->dogId('Tansy').'/schools',
            ['point' => 'nails_when', 'side' => 'after_dry'],
            200,
        );
        $this->open('Tansy');
        self::assertSame([false, 45], [$this->groom['tires'], $this->groom['rest_every']]);
        self::assertEqualsWithDelta(45.0, self::number($this->groom['rest_in']), 0.5);
        $this->say('tires', ['ok' => true]);
        self::assertSame([true, 20], [$this->groom['tires'], $this->groom['rest_every']]);
        $moved = array_filter(self::rows($this->groom['steps']), static fn (array $s): bool => '' !== $s['moved']);
        self::assertNotSame([], $moved, 'what moved says why');
        $this->say('tires', ['ok' => false]);
        self::assertSame(45, $this->groom['rest_every']);
    }

    public function testTheRestBeginsAnewAfterAPause(): void
    {
        $this->open('Tansy');
        $this->post([$this->tap('pause', ['why' => 'rest for the dog'])]);
        $this->post([$this->tap('resume', [])]);
        self::assertEqualsWithDelta(45.0, self::number($this->groom['rest_in']), 0.5);
    }

    public function testWhatWasAgreedStandsAtTheHeadOfTheTable(): void
    {
        $this->signIn('maren');
        $arrival = $this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/arrivals', [], 200);
        $id = self::text($arrival['id']);
        $comb = $this->ask(
            'PUT',
            "/api/arrivals/$id/comb",
            [
                'zones' => [['zone' => 'back', 'severity' => 3, 'spread' => 1.0, 'clearance' => false]],
                'choice' => 'as_reckoned',
            ],
            200,
            ['If-Match' => '"1"'],
        );
        $this->ask(
            'POST',
            "/api/arrivals/$id/agreement",
            [
                'agreed' => true,
                'signed_by' => 'R. Hallam',
                'comb_version' => $comb['version'],
                'check_version' => 1,
                'choice' => 'as_reckoned',
                'signature' => 'M10 10L50 60L90 20',
            ],
            201,
        );
        $agreed = self::map($this->open('Tansy')['agreed']);
        self::assertSame(
            [true, 'Clip out what cannot be saved', 'R. Hallam', 'tablet'],
            [$agreed['agreed'], $agreed['title'], $agreed['signed_by'], $agreed['by']],
        );
        self::assertSame(['back' => 3], self::map(self::map($this->groom['today'])['mats']));
    }

    public function testInAnEmergencyWhoeverIsThereSeesWhomToCall(): void
    {
        $this->signIn('maren');
        $arrival = $this->ask('POST', '/api/dogs/'.$this->dogId('Perrin').'/arrivals', [], 200);
        self::assertNotSame('', self::text($arrival['id']));
        $this->signIn('wim');
        $dogs = self::rows($this->ask('GET', '/api/emergency?dog='.$this->dogId('Marl'), expect: 200)['dogs']);
        $perrin = self::find($dogs, 'name', 'Perrin');
        self::assertTrue($perrin['here']);
        self::assertNotSame('', self::text(self::rows($perrin['people'])[0]['phone']), 'here: anybody may call');
        $marl = self::find($dogs, 'name', 'Marl');
        self::assertFalse($marl['here']);
        self::assertSame('', self::rows($marl['people'])[0]['phone'], 'not here: as the card shows it');
        self::assertNotNull(self::find($dogs, 'name', 'Sorrel')['groom'], 'at the table');
        $this->signIn('sunniva');
        $foreign = self::rows($this->ask('GET', '/api/emergency?dog='.$this->dogIdOf('Marl'), expect: 200)['dogs']);
        self::assertNotContains('Marl', array_column($foreign, 'name'), 'never a dog of another salon');
    }

    private function dogIdOf(string $dog): string
    {
        $id = $this->db()->fetchOne('SELECT id FROM dog WHERE name = ?', [$dog]);

        return (string) \Symfony\Component\Uid\Uuid::fromBinary(\is_string($id) ? $id : '');
    }
}
