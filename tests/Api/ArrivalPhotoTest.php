<?php

/** A photo of an arrival is written anew; a bad one is refused with a reason. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class ArrivalPhotoTest extends ArrivalCase
{
    public function testAPhotoIsWrittenAnewWithoutWhatCameWithIt(): void
    {
        $exif = "\xFF\xE1".pack('n', 2 + 6 + 20)."Exif\0\0GPS 51.5 N 0.12 W ...";
        $jpeg = self::image('jpeg', 2400, 1200);
        $photo = $this->photo(substr($jpeg, 0, 2).$exif.substr($jpeg, 2), 'zones.jpg', 'armpit_left', 201);
        self::assertSame([1600, 800], [$photo['width'], $photo['height']]);
        $this->client->request('GET', '/api/photos/'.self::text($photo['id']).'/large');
        $bytes = (string) $this->client->getResponse()->getContent();
        self::assertSame('image/jpeg', $this->client->getResponse()->headers->get('Content-Type'));
        self::assertStringNotContainsString('GPS', $bytes);
        self::assertSame([1600, 800], \array_slice((array) getimagesizefromstring($bytes), 0, 2));
        $this->client->request('GET', '/api/photos/'.self::text($photo['id']).'/small');
        self::assertSame(
            [360, 180],
            \array_slice((array) getimagesizefromstring((string) $this->client->getResponse()->getContent()), 0, 2),
        );
        $this->photo(self::image('png', 40, 30), 'x.png', 'whole', 201);
        $this->photo(self::image('webp', 40, 30), 'x.webp', 'whole', 201);
        $view = $this->ask('GET', '/api/arrivals/'.self::text($this->arrival['id']));
        self::assertSame(['armpit_left', 'whole', 'whole'], array_column(self::rows($view['photos']), 'zone'));
        $this->ask('DELETE', '/api/photos/'.self::text($photo['id']), [], 200);
        $this->ask('GET', '/api/photos/'.self::text($photo['id']).'/large', expect: 404);
    }

    /** @return iterable<string, array{string, string, string}> bytes, zone, field */
    public static function badPhotos(): iterable
    {
        $jpeg = self::image('jpeg', 60, 40);
        yield 'an SVG with script' => [
            '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
            'whole',
            'photo',
        ];
        yield 'a renamed program' => ["MZ\x90\x00".str_repeat("\0", 200), 'whole', 'photo'];
        yield 'PHP in disguise' => ["\xFF\xD8\xFF<?php system('id');", 'whole', 'photo'];
        yield 'a truncated JPEG' => [substr($jpeg, 0, (int) (\strlen($jpeg) * 0.6)), 'whole', 'photo'];
        yield 'nothing' => ['', 'whole', 'photo'];
        yield 'a GIF' => [self::image('gif', 20, 20), 'whole', 'photo'];
        yield 'a dot' => [self::image('png', 2, 2), 'whole', 'photo'];
        yield 'a bomb' => [self::hugePng(), 'whole', 'photo'];
        yield 'of a wing' => [$jpeg, 'wing', 'zone'];
    }

    #[DataProvider('badPhotos')]
    public function testABadPhotoIsRefusedWithAReasonAndTheRestStays(string $bytes, string $zone, string $field): void
    {
        $this->comb([self::mat('chest', 2, 0.5)]);
        $problem = $this->photo($bytes, 'photo.jpg', $zone, 422);
        self::assertSame([$field], array_keys(self::errors($problem)));
        $view = $this->ask('GET', '/api/arrivals/'.self::text($this->arrival['id']));
        self::assertSame([], $view['photos']);
        self::assertCount(1, self::rows(self::map($view['comb'])['zones']));
    }
}
