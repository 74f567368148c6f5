<?php

/** Whatever changes a card moves its version: nobody goes on looking at what is no longer so. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class CardVersionTest extends ApiTestCase
{
    /** @return iterable<string, array{callable(self): mixed}> a write that shows on Tansy's card */
    public static function writes(): iterable
    {
        $tansy = static fn (self $t, string $rest): string => '/api/dogs/'.$t->dogId('Tansy').$rest;
        $day = date('Y-m-d', strtotime('+50 days'));
        yield 'a zone' => [static fn (self $t) => $t->put($tansy($t, '/plan/back'), self::blade('7F'), 1)];
        yield 'a zone taken out' => [
            static fn (self $t) => $t->ask('DELETE', $tansy($t, '/plan/belly'), [], 200, ['If-Match' => '"1"']),
        ];
        yield 'both sides' => [
            static fn (self $t) => $t->ask(
                'POST',
                $tansy($t, '/plan/changes'),
                [
                    'changes' => [
                        ['zone' => 'ribs_left', 'version' => 1, 'recipe' => self::blade('7F')],
                        ['zone' => 'ribs_right', 'version' => 1, 'recipe' => self::blade('7F')],
                    ],
                ],
                200,
            ),
        ];
        yield 'a line' => [
            static function (self $t) use ($tansy): void {
                $revision = (int) self::number($t->ask('GET', $tansy($t, '/line'))['revision']);
                $t->put($tansy($t, '/line'), ['line' => 'back: 7F'], $revision);
            },
        ];
        yield 'a house pattern' => [
            static function (self $t) use ($tansy): void {
                $pattern = self::rows($t->ask('GET', '/api/patterns')['patterns'])[0]['id'];
                $fit = $t->ask('POST', $tansy($t, '/pattern/answer'), ['pattern' => $pattern], 200);
                $body = ['pattern' => $pattern, 'zones' => ['nape', 'back', 'loin'], 'agreed' => true];
                $t->put($tansy($t, '/pattern'), $body, (int) self::number($fit['revision']));
            },
        ];
        yield 'the dog itself' => [static fn (self $t) => $t->dog('Tansy', ['handling_note' => 'Likes an open door.'])];
        yield 'its owner, on another dog of the home' => [
            static function (self $t): void {
                $home = self::text(self::map($t->card('Tansy')['dog'])['household']);
                $other = ['name' => 'Burdock', 'breed' => 'cross', 'coat' => 'wire', 'household' => $home];
                $id = self::text($t->ask('POST', '/api/dogs', $other, 201)['id']);
                $owner = ['owner' => ['name' => 'Somebody New', 'phone' => '0555 777 1234']];
                $t->put("/api/dogs/$id", array_diff_key($other, ['household' => 1]) + $owner, 1);
            },
        ];
        yield 'a hard line' => [
            static fn (self $t) => $t->ask(
                'PUT',
                $tansy($t, '/hard-lines'),
                [
                    'zone' => 'back',
                    'other' => 'loin',
                    'wanted' => true,
                ],
                200,
            ),
        ];
        yield 'a visit' => [
            static fn (self $t) => $t->ask(
                'POST',
                $tansy($t, '/visits'),
                [
                    'day' => date('Y-m-d'),
                    'zones' => [['zone' => 'back', 'state' => 'done']],
                ],
                201,
            ),
        ];
        yield 'a booking' => [static fn (self $t) => $t->ask('POST', $tansy($t, '/bookings'), ['day' => $day], 201)];
        yield 'a booking cancelled' => [
            static function (self $t): void {
                $booking = self::rows($t->card('Tansy')['bookings'])[0];
                $version = ['If-Match' => '"'.(int) self::number($booking['version']).'"'];
                $t->ask('DELETE', '/api/bookings/'.self::text($booking['id']), [], 200, $version);
            },
        ];
        yield 'a groom that is closed' => [
            static fn (self $t) => $t->ask('POST', '/api/grooms/'.$t->groomOf('Tansy').'/close', [], 200),
        ];
        yield 'what it will bear' => [
            static fn (self $t) => $t->put($tansy($t, '/handling/clipper'), ['tolerance' => 0], 0),
        ];
        yield 'a product its skin did not bear' => [
            static fn (self $t) => $t->ask(
                'POST',
                $tansy($t, '/reactions'),
                [
                    'product' => self::rows($t->ask('GET', '/api/wash')['products'])[0]['id'],
                    'what' => 'itch',
                ],
                201,
            ),
        ];
        yield 'where it differs from the house' => [
            static function (self $t) use ($tansy): void {
                $t->ask('PUT', $tansy($t, '/schools'), ['point' => 'brush_out', 'side' => 'if_staying'], 200);
            },
        ];
        yield 'a tool measured' => [
            static function (self $t): void {
                $guard = self::text(self::find($t->kit(), 'label', '16 mm guard')['id']);
                $body = ['measured_mm' => 14.2, 'base' => '10', 'confirmed' => true];
                $t->put("/api/kit/$guard/measurement", $body, 1);
            },
        ];
        yield 'a tool gone elsewhere' => [
            static function (self $t): void {
                $guard = self::find($t->kit(), 'label', '16 mm guard');
                $place = self::rows($t->ask('GET', '/api/session')['places'])[2]['id'];
                $t->put('/api/kit/'.self::text($guard['id']), ['place' => $place, 'active' => true], 1);
            },
        ];
        yield 'limits' => [
            static function (self $t): void {
                $t->put('/api/house', ['mat_limit' => 5], 1);
            },
        ];
        yield 'prices' => [
            static function (self $t): void {
                $body = ['begins' => date('Y-m-d'), 'hour' => 54, 'mat_hour' => 57];
                $t->ask('POST', '/api/prices', $body, 201);
            },
        ];
    }

    /** @param callable(self): mixed $write */
    #[DataProvider('writes')]
    public function testWhatChangesACardMovesItsVersion(callable $write): void
    {
        $this->signIn('maren');
        [$before, $etag] = $this->seen();
        $write($this);
        [$after, $next] = $this->seen();
        self::assertNotSame($before, $after, 'it shows on the card');
        self::assertNotSame($etag, $next, 'and who has the card open is told');
    }

    /** @return array{string, string} the card as it is sent, and its ETag */
    private function seen(): array
    {
        $this->ask('GET', '/api/dogs/'.$this->dogId('Tansy').'/card?wish=9', expect: 200);
        $response = $this->client->getResponse();

        return [(string) $response->getContent(), (string) $response->headers->get('ETag')];
    }

    /** @param array<string, mixed> $body */
    private function put(string $path, array $body, int $version): void
    {
        $this->ask('PUT', $path, $body, 200, ['If-Match' => "\"$version\""]);
    }

    /** @param array<string, mixed> $change */
    private function dog(string $name, array $change): void
    {
        $dog = self::map($this->card($name)['dog']);
        $body = $change + ['name' => $name, 'breed' => $dog['breed'], 'coat' => $dog['coat']];
        $this->put('/api/dogs/'.$this->dogId($name), $body, (int) self::number($dog['version']));
    }

    /** @return list<array<string, mixed>> */
    private function kit(): array
    {
        return self::rows($this->ask('GET', '/api/kit', expect: 200)['items']);
    }
}
