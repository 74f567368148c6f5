<?php

/** A whole arrival through the API: comb test, check, handling, agreement under seal, the owner's copy, photos. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\File\UploadedFile;

final class ArrivalTest extends ApiTestCase
{
    /** @var array<string, mixed> */
    private array $arrival;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('maren');
        $this->arrival = $this->open('Tansy');
    }

    public function testOneArrivalADayWhoeverOpensIt(): void
    {
        self::assertSame('open', $this->arrival['state']);
        $again = $this->open('Tansy');
        self::assertSame($this->arrival['id'], $again['id']);
        self::assertSame('arrived', self::rows($this->ask('GET', '/api/log')['entries'])[0]['summary']);
        self::assertEqualsCanonicalizing(
            ['back', 'foreleg_left', 'skull'],
            array_keys(self::map($this->arrival['expected'])),
        );
    }

    public function testACombTestIsReckonedAtOnce(): void
    {
        $comb = $this->comb([
            self::mat('armpit_left', 3, 0.6, false),
            self::mat('chest', 2, 0.5),
            self::mat('back', 0),
        ]);
        self::assertSame(2, $comb['version']);
        $zones = self::rows($comb['zones']);
        self::assertSame(['clip', 'loosen', 'none'], array_column($zones, 'decision'));
        self::assertSame('10', $zones[0]['blade']);
        self::assertSame(
            ['as_reckoned', 'save_the_coat'],
            \array_slice(array_column(self::rows($comb['options']), 'choice'), 0, 1) + [1 => 'save_the_coat'],
        );
        $option = self::rows($comb['options'])[0];
        self::assertGreaterThan($option['minutes_50'], $option['minutes_80']);
        self::assertIsInt($option['slot_minutes']);
        self::assertSame(0, $option['slot_minutes'] % 5);
        self::assertSame(
            $option['price_minor'],
            array_sum(
                array_map(
                    static fn (array $t): int => \is_int($t['minor']) ? $t['minor'] : 0,
                    self::rows($option['price_terms']),
                ),
            ),
        );
        self::assertArrayHasKey('back', self::map($option['left']));
        self::assertNotSame([], $comb['consent']);
        $read = $this->ask('GET', '/api/arrivals/'.self::text($this->arrival['id']), expect: 200);
        self::assertSame($comb, $read['comb']);
    }

    public function testSavingTheCoatIsShownBesideClippingIt(): void
    {
        $comb = $this->comb(
            array_map(static fn (string $z): array => self::mat($z, 3, 0.8, true), [
                'back',
                'ribs_left',
                'ribs_right',
                'chest',
                'loin',
                'rump',
            ]),
        );
        $options = self::rows($comb['options']);
        self::assertSame(['as_reckoned', 'save_the_coat', 'even_out'], array_column($options, 'choice'));
        [$reckoned, $save, $even] = $options;
        self::assertFalse($save['today']);
        self::assertGreaterThan($even['slot_minutes'], $save['slot_minutes']);
        self::assertSame(3.2, $even['leaves_mm']);
        self::assertIsString($even['back_message']);
        foreach (self::map($even['left']) as $zone => $mm) {
            self::assertLessThanOrEqual(3.2, self::number($mm), $zone);
        }
        self::assertNotSame([], $reckoned['patches']);
    }

    public function testAnOverruleIsKeptWithItsReasonAndTheRestFollows(): void
    {
        $this->put('comb', ['zones' => [['overrule' => 'comb', 'why' => ''] + self::mat('chest', 3, 0.4, true)]], 422);
        $comb = $this->comb([['overrule' => 'clip', 'why' => 'he has had enough'] + self::mat('chest', 1, 0.4)]);
        self::assertSame(
            ['clip', 'clip', 'he has had enough'],
            [
                self::rows($comb['zones'])[0]['decision'],
                self::rows($comb['zones'])[0]['overrule'],
                self::rows($comb['zones'])[0]['why'],
            ],
        );
        $this->put(
            'comb',
            ['zones' => [['overrule' => 'comb', 'why' => 'no'] + self::mat('chest', 4, 0.4)]],
            422,
            version: 2,
        );
    }

    /** @return iterable<string, array{array<mixed>, string}> */
    public static function wrongCombs(): iterable
    {
        yield 'no zones' => [[], 'zones'];
        yield 'severity' => [['zones' => [self::mat('chest', 7, 0.4)]], 'zones[0].severity'];
        yield 'per cent' => [['zones' => [self::mat('chest', 2, 40)]], 'zones[0].spread'];
        yield 'zone' => [['zones' => [self::mat('wing', 2, 0.4)]], 'zones[0].zone'];
        yield 'twice' => [['zones' => [self::mat('chest', 2, 0.4), self::mat('chest', 1, 0.4)]], 'zones[1].zone'];
        yield 'stops' => [['stops_first' => -1, 'zones' => []], 'stops_first'];
        yield 'skin' => [['zones' => [['skin' => 'eczema'] + self::mat('chest', 2, 0.4)]], 'zones[0].skin'];
        yield 'choice' => [['choice' => 'shave', 'zones' => []], 'choice'];
    }

    /** @param array<mixed> $body */
    #[DataProvider('wrongCombs')]
    public function testAWrongCombIsRefusedAtItsFieldAndKeepsWhatWasThere(array $body, string $field): void
    {
        $this->comb([self::mat('chest', 2, 0.5)]);
        $errors = self::errors($this->put('comb', self::map($body), 422, version: 2));
        self::assertSame([$field], array_keys($errors));
        self::assertCount(
            1,
            self::rows(
                self::map($this->ask('GET', '/api/arrivals/'.self::text($this->arrival['id']))['comb'])['zones'],
            ),
        );
    }

    public function testContradictionsAreAskedAboutAndDoNotStop(): void
    {
        $comb = $this->comb([self::mat('back', 0, 0.4), self::mat('nape', 4, 0.5, true)]);
        self::assertCount(2, self::rows($comb['questions']));
        $view = $this->put('check', ['kg' => 30, 'skin' => ['clear', 'red']], 200);
        self::assertCount(2, self::rows($view['questions']));
    }

    public function testTheSecondToSaveTheSameCombIsToldAndShownTheirs(): void
    {
        $this->comb([self::mat('chest', 2, 0.5)]);
        $stale = $this->put('comb', ['zones' => []], 412);
        self::assertSame(2, $stale['version']);
        self::assertSame('chest', self::rows(self::map($stale['theirs'])['zones'])[0]['zone']);
    }

    public function testTheCheckFeedsTheReckoning(): void
    {
        $before = $this->comb([self::mat('loin', 2, 1.0)]);
        $view = $this->put(
            'check',
            ['kg' => 14, 'airway' => 'laboured', 'ears' => ['left' => ['smell']], 'claws' => new \stdClass()],
            200,
        );
        self::assertTrue($view['stop']);
        self::assertSame('airway_laboured', self::rows($view['findings'])[0]['code']);
        self::assertGreaterThan(
            self::number(self::rows($before['zones'])[0]['minutes']),
            self::number(self::rows(self::map($view['comb'])['zones'])[0]['minutes']),
        );
        self::assertSame(['kg' => 14, 'airway' => 'laboured', 'ears' => ['left' => ['smell']]], $view['hands_on']);
        $errors = self::errors($this->put('check', ['kg' => 9000, 'pads' => ['front_left' => 9]], 422, version: 2));
        self::assertEqualsCanonicalizing(['kg', 'pads.front_left'], array_keys($errors));
    }

    public function testPlacesFoundLastTimeAreOfferedAndTheTrendShown(): void
    {
        $hobnob = $this->open('Hobnob');
        self::assertSame(2, self::map($hobnob['last_found'])['armpit_left']);
        $loads = array_map(self::number(...), array_column(self::rows($hobnob['trend']), 'load'));
        self::assertCount(4, $loads);
        self::assertGreaterThan(5 * $loads[3], $loads[0], 'a rescue brought back');
        self::assertSame('ear_feather_left', self::list($hobnob['asked_first'])[0]);
    }

    public function testHandlingIsRecordedClimbsAndCountsInTheMinutes(): void
    {
        $tansy = $this->dogId('Tansy');
        $before = self::number(self::rows($this->comb([])['options'])[0]['minutes_50']);
        $record = $this->ask(
            'PUT',
            "/api/dogs/$tansy/handling/grinder",
            ['tolerance' => 1, 'trigger' => 'the <b>sound</b>', 'owner_says' => 'fine at home'],
            200,
            ['If-Match' => '"0"'],
        );
        self::assertSame(
            [1, 'sees_it', 'the <b>sound</b>'],
            [$record['version'], $record['next_rung'], $record['trigger']],
        );
        $this->ask('PUT', "/api/dogs/$tansy/handling/grinder", ['tolerance' => 2], 412, ['If-Match' => '"0"']);
        $step = $this->ask(
            'POST',
            "/api/dogs/$tansy/handling/grinder/ladder",
            ['rung' => 'sees_it', 'calm' => true],
            201,
        );
        self::assertSame('moves_off', $step['next_rung']);
        $view = $this->ask('GET', '/api/arrivals/'.self::text($this->arrival['id']));
        self::assertSame('grinder', self::rows($view['handling'])[0]['tool']);
        self::assertGreaterThan(
            $before,
            self::number(self::rows(self::map($view['comb'])['options'])[0]['minutes_50']),
            'half a minute for what is new',
        );
        $pell = self::find(self::rows($view['assignments']), 'who', 'Pell Hasp');
        self::assertSame('grinder', self::rows($pell['flags'])[0]['tool']);
        self::assertArrayHasKey(
            'tool',
            self::errors(
                $this->ask('PUT', "/api/dogs/$tansy/handling/laser", ['tolerance' => 1], 422, ['If-Match' => '"0"']),
            ),
        );
    }

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

    public function testTheEtagHoldsUntilSomethingChanges(): void
    {
        $path = '/api/arrivals/'.self::text($this->arrival['id']);
        $etag = function () use ($path): string {
            $this->ask('GET', $path, expect: 200);

            return (string) $this->client->getResponse()->headers->get('ETag');
        };
        $first = $etag();
        $this->ask('GET', $path, expect: 304, headers: ['If-None-Match' => $first]);
        $this->comb([self::mat('chest', 2, 0.5)]);
        $second = $etag();
        $this->put('check', ['kg' => 12], 200);
        $third = $etag();
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/handling/bath', ['tolerance' => 2], 200, [
            'If-Match' => '"0"',
        ]);
        $fourth = $etag();
        $this->photo(self::image('jpeg', 40, 40), 'a.jpg', 'whole', 201);
        self::assertCount(5, array_unique([$first, $second, $third, $fourth, $etag()]));
    }

    public function testAnArrivalTakesFewQueries(): void
    {
        $id = self::text($this->arrival['id']);
        self::assertLessThanOrEqual(
            22,
            QueryCounter::during(fn () => $this->ask('GET', "/api/arrivals/$id", expect: 200)),
        );
        $this->comb([self::mat('chest', 2, 0.5)]);
        $comb = fn () => $this->put('comb', ['zones' => [self::mat('loin', 1, 0.5)]], 200, version: 2);
        self::assertLessThanOrEqual(22, QueryCounter::during($comb));
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

    /** @return array<string, mixed> */
    private function open(string $dog): array
    {
        return $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/arrivals', [], 200);
    }

    /** @return array<string, mixed> */
    private static function mat(string $zone, int $severity, float $spread = 0.0, ?bool $clearance = null): array
    {
        return ['zone' => $zone, 'severity' => $severity, 'spread' => $spread, 'clearance' => $clearance];
    }

    /**
     * @param list<array<string, mixed>> $zones
     *
     * @return array<string, mixed>
     */
    private function comb(array $zones): array
    {
        return $this->put('comb', ['zones' => $zones], 200);
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed>
     */
    private function put(string $part, array $body, int $expect, int $version = 1): array
    {
        return $this->ask('PUT', '/api/arrivals/'.self::text($this->arrival['id'])."/$part", $body, $expect, [
            'If-Match' => "\"$version\"",
        ]);
    }

    /** @return array<string, mixed> */
    private function photo(string $bytes, string $name, string $zone, int $expect): array
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

    private static function image(string $type, int $width, int $height): string
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
    private static function hugePng(): string
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
    private static function list(mixed $value): array
    {
        self::assertIsArray($value);

        return array_values($value);
    }
}
