<?php

/**
 * Photos of an arrival: who takes one out, how browsers keep it, folders that cannot be written to, and what is swept.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Arrival\PhotoStore;
use KeenThistle\Refusal\Kind;
use KeenThistle\Sweep\Sweep;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Uid\Uuid;

final class PhotoTest extends ApiTestCase
{
    private function arrivalOf(string $dog): string
    {
        return self::text($this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/arrivals', expect: 200)['id']);
    }

    /** @return array<string, mixed> */
    private function photo(string $arrival, int $expect = 201): array
    {
        $this->sendPhoto("/api/arrivals/$arrival/photos");
        self::assertSame(
            $expect,
            $this->client->getResponse()->getStatusCode(),
            (string) $this->client->getResponse()->getContent(),
        );

        return self::map(json_decode((string) $this->client->getResponse()->getContent(), true));
    }

    public function testAPhotoIsTakenOutByItsMakerWithinADayElseByAManager(): void
    {
        $this->signIn('pell');
        $arrival = $this->arrivalOf('Tansy');
        $own = $this->photo($arrival);
        self::assertTrue($own['removable']);
        $this->signIn('tove');
        $photos = self::rows($this->ask('GET', "/api/arrivals/$arrival", expect: 200)['photos']);
        self::assertFalse(self::find($photos, 'id', $own['id'])['removable']);
        $this->ask('DELETE', '/api/photos/'.self::text($own['id']), [], 403);
        $this->signIn('pell');
        $this->ask('DELETE', '/api/photos/'.self::text($own['id']), [], 200);
        $another = self::text($this->photo($arrival)['id']);
        $this->signIn('maren');
        $this->ask('DELETE', "/api/photos/$another", [], 200);
    }

    public function testAPhotoIsAskedForEachTimeAndItsFolderMayBeReadOnly(): void
    {
        $this->signIn('maren');
        $photo = self::text($this->photo($this->arrivalOf('Tansy'))['id']);
        $this->client->request('GET', "/api/photos/$photo/small");
        $cache = (string) $this->client->getResponse()->headers->get('Cache-Control');
        self::assertStringContainsString('no-cache', $cache);
        self::assertStringNotContainsString('immutable', $cache);
        $etag = (string) $this->client->getResponse()->headers->get('ETag');
        $this->ask('GET', "/api/photos/$photo/small", expect: 304, headers: ['If-None-Match' => $etag]);
        $store = new PhotoStore('/proc/nowhere');
        foreach (
            [
                static fn () => $store->take($photo, self::jpeg()),
                static fn () => (new PhotoStore(self::blocked()))->putAside('00000000-0000-7000-8000-000000000000'),
            ] as $impossible
        ) {
            try {
                $impossible();
                self::fail('that folder cannot be written to');
            } catch (\KeenThistle\Refusal\Refused $e) {
                self::assertSame(Kind::NoRoom, $e->kind);
            }
        }
    }

    private static function jpeg(): string
    {
        $image = imagecreatetruecolor(40, 40);
        self::assertNotFalse($image);
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }

    /** A folder of photos where the one for those put aside is a file. */
    private static function blocked(): string
    {
        $folder = sys_get_temp_dir().'/kt-blocked-'.bin2hex(random_bytes(4));
        mkdir($folder);
        touch("$folder/aside");
        touch("$folder/00000000-0000-7000-8000-000000000000-large.jpg");

        return $folder;
    }

    public function testSweepingTakesWhatHasHadItsTimeAndNothingElse(): void
    {
        $this->signIn('maren');
        $folder = sys_get_temp_dir().'/kt-sweep-'.bin2hex(random_bytes(4));
        $store = new PhotoStore($folder);
        $kept = (string) Uuid::fromBinary(
            self::text($this->db()->fetchOne('SELECT id FROM photo ORDER BY id LIMIT 1')),
        );
        $gone = (string) Uuid::v7();
        foreach ([$kept, $gone] as $id) {
            $store->take($id, self::jpeg());
            $store->putAside($id);
        }
        self::assertNotNull($store->read($kept, 'small'), 'put aside by a removal that never came about');
        $db = $this->db();
        $salon = $db->fetchOne('SELECT id FROM salon LIMIT 1');
        foreach (['old-key-1' => '-49 hours', 'new-key-1' => '-46 hours'] as $key => $ago) {
            $db->executeStatement(
                'INSERT INTO request_key (salon_id, request_key, body_hash, created_at) VALUES (?, ?, ?, ?)',
                [$salon, $key, str_repeat('0', 64), (new \DateTimeImmutable($ago))->format('Y-m-d H:i:s')],
            );
        }
        $sweep = static fn (string $when): Sweep => new Sweep(
            $db,
            new PhotoStore($folder),
            [],
            new MockClock($when),
        );
        self::assertSame(0, $sweep('+50 minutes')->all()['files of photos'], 'a copy may be looking for it');
        self::assertSame(2, $sweep('+70 minutes')->all()['files of photos']);
        self::assertNotNull($store->read($kept, 'large'));
        self::assertNull($store->read($gone, 'large'));
        self::assertSame(
            ['new-key-1'],
            $db->fetchFirstColumn("SELECT request_key FROM request_key WHERE request_key LIKE '%-key-1'"),
        );
        exec('rm -rf '.escapeshellarg($folder));
    }
}
