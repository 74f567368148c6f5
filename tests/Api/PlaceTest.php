<?php

/** Places come, are renamed and close: with tools and people moved, never with a dog at work there. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class PlaceTest extends ApiTestCase
{
    public function testAPlaceIsAddedRenamedAndClosedWithWhatLivesThereMoved(): void
    {
        $this->signIn('maren');
        $boat = $this->ask('POST', '/api/places', ['name' => 'Boat', 'kind' => 'van'], 201);
        self::assertSame([true, 0, 0], [$boat['open'], $boat['tools'], $boat['people']]);
        $this->ask('POST', '/api/places', ['name' => 'boat'], 422);
        $this->ask('POST', '/api/places', ['name' => 'B'], 422);
        $boat = $this->change($boat, ['name' => 'Barge'], 200);
        $ferry = $this->place('Ferry room');
        self::assertGreaterThan(0, $ferry['tools']);
        $fault = $this->change($ferry, ['open' => false], 422);
        self::assertSame('move_to', self::rows($fault['errors'])[0]['field'] ?? '');
        $this->change($ferry, ['open' => false, 'move_to' => $ferry['id']], 422);
        $this->change($ferry, ['open' => false, 'move_to' => $boat['id']], 200);
        $now = $this->place('Barge');
        self::assertSame([$ferry['tools'], $ferry['people']], [$now['tools'], $now['people']]);
        $names = array_column(self::rows($this->ask('GET', '/api/session', expect: 200)['places']), 'name');
        self::assertSame(['Mill room', 'Van', 'Barge'], $names);
        $kit = array_column(self::rows($this->ask('GET', '/api/kit', expect: 200)['items']), 'place_name');
        self::assertNotContains('Ferry room', $kit);
        $log = json_encode($this->ask('GET', '/api/log', expect: 200), \JSON_THROW_ON_ERROR);
        self::assertStringContainsString('Ferry room: closed; ', $log);
        $this->change($this->place('Ferry room'), ['open' => true], 200);
    }

    public function testADogAtWorkKeepsItsPlaceOpenAndOnePlaceStays(): void
    {
        $this->signIn('maren');
        $mill = $this->place('Mill room');
        $ferry = $this->place('Ferry room');
        $this->db()->executeStatement('UPDATE groom SET closed_at = NULL, place_id = UNHEX(?)', [
            str_replace('-', '', self::text($mill['id'])),
        ]);
        $busy = $this->change($mill, ['open' => false, 'move_to' => $ferry['id']], 409);
        self::assertStringContainsString('still at work in Mill room', self::text($busy['title']));
        $this->signIn('sunniva');
        $loft = $this->place('Loft');
        $this->change($loft, ['open' => false], 422);
        $this->change(['id' => $mill['id']] + $loft, ['name' => 'Ours'], 404);
        $moved = $this->change($loft, ['name' => 'Attic'], 200);
        $this->change($loft, ['name' => 'Garret'], 412);
        self::assertSame('Attic', $moved['name']);
    }

    /** @return array<string, mixed> */
    private function place(string $name): array
    {
        return self::find(self::rows($this->ask('GET', '/api/places', expect: 200)['places']), 'name', $name);
    }

    /**
     * @param array<string, mixed> $place
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function change(array $place, array $change, int $expect): array
    {
        $body = $change + array_intersect_key($place, array_flip(['name', 'kind', 'open']));
        $version = $place['version'];
        self::assertIsInt($version);

        $path = '/api/places/'.self::text($place['id']);

        return $this->ask('PUT', $path, $body, $expect, ['If-Match' => "\"$version\""]);
    }
}
