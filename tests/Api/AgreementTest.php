<?php

/** An agreement is signed, sealed and shown; what was estimated stays known. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class AgreementTest extends ArrivalCase
{
    public function testAnAgreementIsSignedSealedAndShownToTheOwner(): void
    {
        $this->comb([self::mat('armpit_left', 4, 1.0)]);
        $agree = [
            'agreed' => true,
            'signed_by' => 'Aveline <i>M</i>',
            'signature' => 'M10,10L50,80L90,20',
            'comb_version' => 2,
            'check_version' => 1,
            'choice' => 'as_reckoned',
        ];
        $path = '/api/arrivals/'.self::text($this->arrival['id']).'/agreement';
        self::assertArrayHasKey(
            'signature',
            self::errors($this->ask('POST', $path, ['signature' => ''] + $agree, 422)),
        );
        self::assertArrayHasKey(
            'signature',
            self::errors($this->ask('POST', $path, ['signature' => 'M0,0"/><script>alert(1)</script>'] + $agree, 422)),
        );
        $this->ask('POST', $path, ['comb_version' => 1] + $agree, 412);
        self::assertArrayHasKey(
            'choice',
            self::errors($this->ask('POST', $path, ['choice' => 'even_out'] + $agree, 422)),
        );
        $view = $this->ask('POST', $path, $agree, 201);
        self::assertSame('agreed', $view['state']);
        $agreement = self::rows($view['agreements'])[0];
        self::assertSame(
            [1, true, true, true],
            [$agreement['number'], $agreement['agreed'], $agreement['intact'], $agreement['current']],
        );

        $link = self::text($agreement['link']);
        $this->client->getCookieJar()->clear();
        $this->client->request('GET', $link);
        $page = (string) $this->client->getResponse()->getContent();
        self::assertSame(200, $this->client->getResponse()->getStatusCode());
        self::assertStringContainsString('Aveline &lt;i&gt;M&lt;/i&gt;', $page);
        self::assertStringContainsString('armpit, left', $page);
        self::assertStringContainsString('unchanged since it was signed', $page);
        self::assertStringContainsString(
            'no-store',
            (string) $this->client->getResponse()->headers->get('Cache-Control'),
        );
        $this->client->request('GET', "$link.pdf");
        self::assertStringStartsWith('%PDF-', (string) $this->client->getResponse()->getContent());
        $this->client->request('GET', '/agreement/'.str_repeat('0', 32));
        self::assertSame(404, $this->client->getResponse()->getStatusCode());
    }

    public function testAChangeAfterSigningIsShownAndTamperingIsSeen(): void
    {
        $sign = fn (int $version, bool $agreed): array => $this->ask(
            'POST',
            '/api/arrivals/'.self::text($this->arrival['id']).'/agreement',
            [
                'agreed' => $agreed,
                'signed_by' => 'Aveline',
                'signature' => 'M1,1L9,9',
                'comb_version' => $version,
                'check_version' => 1,
                'choice' => 'as_reckoned',
            ],
            201,
        );
        $sign(1, true);
        $this->comb([self::mat('chest', 2, 0.5)]);
        $view = $sign(2, false);
        self::assertSame('refused', $view['state']);
        self::assertSame([false, true], array_column(self::rows($view['agreements']), 'current'));
        self::assertSame([true, true], array_column(self::rows($view['agreements']), 'intact'));
        $this->db()->executeStatement(
            "UPDATE agreement SET terms = REPLACE(terms, '\"visits\":1', '\"visits\":2') WHERE number = 1 AND ".
                "signed_by = 'Aveline'",
        );
        self::assertSame(
            [false, false],
            array_column(
                self::rows($this->ask('GET', '/api/arrivals/'.self::text($this->arrival['id']))['agreements']),
                'intact',
            ),
        );
    }

    public function testAVisitAfterwardsKnowsWhatWasEstimated(): void
    {
        $this->comb([self::mat('loin', 2, 1.0)]);
        $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId('Tansy').'/visits',
            ['day' => date('Y-m-d'), 'minutes' => 130, 'zones' => [['zone' => 'back']]],
            201,
        );
        $rows = $this->db()->fetchFirstColumn(
            'SELECT estimate FROM visit v JOIN dog d ON d.id = v.dog_id WHERE d.name = ? ORDER BY v.id DESC LIMIT 2',
            ['Tansy'],
        );
        self::assertGreaterThan(self::number($rows[1]), self::number($rows[0]), 'mats make the estimate longer');
    }

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
