<?php

/** An arrival, as its tests open it. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Symfony\Component\HttpFoundation\File\UploadedFile;

abstract class ArrivalCase extends ApiTestCase
{
    /** @var array<string, mixed> */
    protected array $arrival;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('maren');
        $this->arrival = $this->open('Tansy');
    }

    /** @return array<string, mixed> */
    protected function open(string $dog): array
    {
        return $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/arrivals', [], 200);
    }

    /** @return array<string, mixed> */
    protected static function mat(string $zone, int $severity, float $spread = 0.0, ?bool $clearance = null): array
    {
        return ['zone' => $zone, 'severity' => $severity, 'spread' => $spread, 'clearance' => $clearance];
    }

    /**
     * @param list<array<string, mixed>> $zones
     *
     * @return array<string, mixed>
     */
    protected function comb(array $zones): array
    {
        return $this->put('comb', ['zones' => $zones], 200);
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed>
     */
    protected function put(string $part, array $body, int $expect, int $version = 1): array
    {
        return $this->ask('PUT', '/api/arrivals/'.self::text($this->arrival['id'])."/$part", $body, $expect, [
            'If-Match' => "\"$version\"",
        ]);
    }

    /** @return array<string, mixed> */
    protected function photo(string $bytes, string $name, string $zone, int $expect): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'kt');
        file_put_contents($file, $bytes);
        $path = '/api/arrivals/'.self::text($this->arrival['id']).'/photos';
        $this->client->request(
            'POST',
            $path,
            ['zone' => $zone, 'moment' => 'before'],
            ['photo' => new UploadedFile($file, $name, null, null, true)],
            ['HTTP_X_CSRF_TOKEN' => $this->token(), 'HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(8))],
        );
        self::assertSame(
            $expect,
            $this->client->getResponse()->getStatusCode(),
            (string) $this->client->getResponse()->getContent(),
        );

        return self::map(json_decode((string) $this->client->getResponse()->getContent(), true));
    }

    protected static function image(string $type, int $width, int $height): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagefilledrectangle($image, 0, 0, intdiv($width, 2), $height, (int) imagecolorallocate($image, 120, 80, 140));
        ob_start();
        match ($type) {
            'jpeg' => imagejpeg($image),
            'png' => imagepng($image),
            'webp' => imagewebp($image),
            default => imagegif($image),
        };

        return (string) ob_get_clean();
    }

    /** A few bytes that claim to be 30 000 × 30 000. */
    protected static function hugePng(): string
    {
        $header = pack('NNC5', 30_000, 30_000, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".
            pack('N', 13).
            'IHDR'.
            $header.
            pack('N', crc32('IHDR'.$header)).
            pack('N', 0).
            'IEND'.
            pack('N', crc32('IEND'));
    }

    /** @return list<mixed> */
    protected static function list(mixed $value): array
    {
        self::assertIsArray($value);

        return array_values($value);
    }
}
