<?php

/** What an attack on a live salon found, point by point: rights, links, photos, taps, homes, keys. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\PhotoStore;
use KeenThistle\Desk\Outbox;
use KeenThistle\Desk\Receipt;
use KeenThistle\Desk\Sender;
use KeenThistle\Sweep\Sweep;
use KeenThistle\Tests\QueryCounter;
use PHPUnit\Framework\Attributes\DataProvider;
use Psr\Log\NullLogger;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Uid\Uuid;

final class MendedTest extends ApiTestCase
{
    private function groomOf(string $dog): string
    {
        return self::text($this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/grooms', [], 200)['id']);
    }

    private function arrivalOf(string $dog): string
    {
        return self::text($this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/arrivals', expect: 200)['id']);
    }

    /** @return array<string, mixed> */
    private function photo(string $arrival, int $expect = 201): array
    {
        $file = tempnam(sys_get_temp_dir(), 'kt');
        $image = imagecreatetruecolor(60, 40);
        self::assertNotFalse($image);
        imagejpeg($image, (string) $file);
        $this->client->request('POST', "/api/arrivals/$arrival/photos", ['zone' => 'back', 'moment' => 'before'], ['photo' => new UploadedFile((string) $file, 'a.jpg', 'image/jpeg', test: true)], ['HTTP_X_CSRF_TOKEN' => $this->token(), 'HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(8))]);
        self::assertSame($expect, $this->client->getResponse()->getStatusCode(), (string) $this->client->getResponse()->getContent());

        return self::map(json_decode((string) $this->client->getResponse()->getContent(), true));
    }

    public function testClosingWithoutTheRightToBookLeavesAWishThatTheDeskBooks(): void
    {
        $day = date('Y-m-d', time() + 40 * 86400);
        $this->signIn('pell');
        $groom = $this->groomOf('Cobnut');
        $this->ask('POST', "/api/grooms/$groom/close", ['next' => [['kind' => 'full', 'on' => $day]]], 200);
        $wish = self::find(self::rows($this->card('Cobnut')['bookings']), 'day', $day);
        self::assertSame(['wished', 'wished by Pell Hasp at the table'], [$wish['state'], $wish['note']]);
        $path = '/api/bookings/'.self::text($wish['id']);
        $this->ask('PUT', $path, [], 403, ['If-Match' => '"1"']);
        self::assertNotContains($wish['id'], array_column(self::rows($this->ask('GET', "/api/bookings?from=$day")['bookings']), 'id'), 'a wish holds no time');
        $this->signIn('junia');
        $booked = $this->ask('PUT', $path, [], 200, ['If-Match' => '"1"']);
        self::assertSame(['booked', 2], [$booked['state'], $booked['version']]);
        $this->ask('PUT', $path, [], 412, ['If-Match' => '"1"']);
        $this->ask('PUT', $path, [], 409, ['If-Match' => '"2"']);
        $this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/bookings', ['day' => $day, 'time' => '09:00'], 409);
    }

    public function testAWishForAMomentThatIsTakenMeanwhileIsNotBookedTwice(): void
    {
        $day = date('Y-m-d', time() + 41 * 86400);
        $this->signIn('pell');
        $this->ask('POST', '/api/grooms/'.$this->groomOf('Cobnut').'/close', ['next' => [['kind' => 'full', 'on' => $day]]], 200);
        $this->signIn('junia');
        $wish = self::find(self::rows($this->card('Cobnut')['bookings']), 'day', $day);
        $booked = $this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/bookings', ['day' => $day, 'time' => '09:00'], 201);
        $this->ask('PUT', '/api/bookings/'.self::text($wish['id']), [], 409, ['If-Match' => '"1"']);
        $this->ask('DELETE', '/api/bookings/'.self::text($booked['id']), expect: 200, headers: ['If-Match' => '"1"']);
        $this->ask('PUT', '/api/bookings/'.self::text($wish['id']), [], 200, ['If-Match' => '"1"']);
    }

    public function testClosingKeepsWhatIsBookedForThatMomentAlready(): void
    {
        $day = date('Y-m-d', time() + 42 * 86400);
        $this->signIn('tove');
        $first = $this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/bookings', ['day' => $day, 'time' => '09:00', 'kind' => 'tidy'], 201);
        $this->ask('POST', '/api/grooms/'.$this->groomOf('Cobnut').'/close', ['next' => [['kind' => 'full', 'on' => $day]]], 200);
        self::assertSame([$first['id']], array_column(array_filter(self::rows($this->card('Cobnut')['bookings']), static fn (array $b): bool => $day === $b['day']), 'id'));
    }

    public function testAnApprenticeSeesNoPhoneNumberAnywhere(): void
    {
        $phone = self::text($this->db()->fetchOne("SELECT c.phone FROM client c JOIN dog d ON d.household_id = c.household_id WHERE d.name = 'Tansy' ORDER BY c.id LIMIT 1"));
        $this->db()->executeStatement("UPDATE dog SET emergency = 'Neighbour 0555 019 8877', may_collect = 'Gran, 0555/0199' WHERE name = 'Tansy'");
        $digits = substr((string) preg_replace('/\D/', '', $phone), -6);
        $groom = $this->db()->fetchOne('SELECT id FROM groom ORDER BY id LIMIT 1');
        $paths = ['/api/dogs', '/api/dogs?q=tansy', '/api/dogs/'.$this->dogId('Tansy').'/card', '/api/dogs/'.$this->dogId('Tansy').'/then', '/api/outbox', '/api/grooms/'.Uuid::fromBinary(self::text($groom)), '/api/grooms/'.Uuid::fromBinary(self::text($groom)).'/finish'];
        foreach (['tove' => true, 'wim' => false] as $login => $sees) {
            $this->signIn($login);
            $all = '';
            foreach ($paths as $path) {
                $this->ask('GET', $path, expect: 200);
                $all .= $this->client->getResponse()->getContent();
            }
            self::assertSame($sees, str_contains($all, $phone));
            self::assertSame($sees, str_contains($all, '0555'), 'no number of any kind');
            self::assertStringContainsString($sees ? 'Neighbour 0555 019 8877' : 'Neighbour …', $all);
            self::assertSame($sees, [] !== $this->ask('GET', "/api/dogs?q=$digits", expect: 200)['dogs'], 'nor by trying digits');
        }
    }

    public function testTheManagerReadsWhoMayDoWhatAndItIsWhatRoutesCheck(): void
    {
        $this->signIn('maren');
        $rights = self::rows($this->ask('GET', '/api/house', expect: 200)['rights']);
        self::assertSame(['read', 'phone', 'plan', 'visit', 'book', 'dog', 'kit', 'house'], array_column($rights, 'right'));
        foreach (['maren' => 'manager', 'tove' => 'groomer', 'idris' => 'mobile groomer', 'pell' => 'bather', 'junia' => 'front desk', 'wim' => 'apprentice'] as $login => $role) {
            $this->signIn($login);
            $may = self::texts($this->ask('GET', '/api/session', expect: 200)['may']);
            foreach ($rights as $right) {
                self::assertSame(\in_array($role, self::texts($right['roles']), true), \in_array($right['right'], $may, true), "$role {$login}");
            }
        }
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
        foreach ([static fn () => $store->take($photo, self::jpeg()), static fn () => (new PhotoStore(self::blocked()))->putAside('00000000-0000-7000-8000-000000000000')] as $impossible) {
            try {
                $impossible();
                self::fail('that folder cannot be written to');
            } catch (\KeenThistle\Http\Problem $e) {
                self::assertSame(507, $e->status);
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
        $kept = (string) Uuid::fromBinary(self::text($this->db()->fetchOne('SELECT id FROM photo ORDER BY id LIMIT 1')));
        $gone = (string) Uuid::v7();
        foreach ([$kept, $gone] as $id) {
            $store->take($id, self::jpeg());
            $store->putAside($id);
        }
        self::assertNotNull($store->read($kept, 'small'), 'put aside by a removal that never came about');
        $db = $this->db();
        $salon = $db->fetchOne('SELECT id FROM salon LIMIT 1');
        foreach (['old-key-1' => '-49 hours', 'new-key-1' => '-46 hours'] as $key => $ago) {
            $db->executeStatement('INSERT INTO request_key (salon_id, request_key, body_hash, created_at) VALUES (?, ?, ?, ?)', [$salon, $key, str_repeat('0', 64), (new \DateTimeImmutable($ago))->format('Y-m-d H:i:s')]);
        }
        $sweep = static fn (string $when): Sweep => new Sweep($db, new PhotoStore($folder), new MockClock($when), new ArrayAdapter(), new NullLogger());
        self::assertSame(0, $sweep('+50 minutes')->all()['files of photos'], 'a copy may be looking for it');
        self::assertSame(2, $sweep('+70 minutes')->all()['files of photos']);
        self::assertNotNull($store->read($kept, 'large'));
        self::assertNull($store->read($gone, 'large'));
        self::assertSame(['new-key-1'], $db->fetchFirstColumn("SELECT request_key FROM request_key WHERE request_key LIKE '%-key-1'"));
        exec('rm -rf '.escapeshellarg($folder));
    }

    public function testOfAWriteOnlyIdsAreKept(): void
    {
        $this->signIn('tove');
        $groom = $this->groomOf('Cobnut');
        $this->ask('POST', "/api/grooms/$groom/taps", ['sent_at' => gmdate('Y-m-d\TH:i:s.000\Z'), 'device' => 'tablet-1', 'taps' => [['id' => 'tap-00000001', 'at' => gmdate('Y-m-d\TH:i:s.000\Z'), 'kind' => 'note', 'text' => 'calm']]], 200);
        $longest = $this->db()->fetchOne('SELECT MAX(LENGTH(result)) FROM request_key');
        self::assertLessThan(200, is_numeric($longest) ? (int) $longest : 0);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> tap, outcome, what is said */
    public static function taps(): iterable
    {
        $tap = ['id' => 'tap-00000009', 'at' => '2026-05-04T10:15:30.250Z', 'kind' => 'note', 'text' => 'calm'];
        yield 'an id over what a column of the log holds' => [['id' => str_repeat('i', 64), 'kind' => 'incident', 'what' => 'nick', 'zone' => 'back'] + array_diff_key($tap, ['text' => 1]), 'counted', ''];
        yield 'an id too long' => [['id' => str_repeat('i', 65)] + $tap, 'refused', 'taps[0].id'];
        yield 'an id of signs' => [['id' => "tap\u{200B}0009ö"] + $tap, 'refused', 'taps[0].id'];
        yield 'NUL in its time' => [['at' => "2026-05-04T10:15:30.250Z\0"] + $tap, 'refused', 'taps[0].at'];
        yield 'NUL within its time' => [['at' => "2026-05-04T10:\x0015:30.250Z"] + $tap, 'refused', 'taps[0].at'];
        yield 'NUL in its text' => [['text' => "ca\0lm"] + $tap, 'refused', 'taps[0].text'];
        yield 'an unknown colleague' => [['kind' => 'hand_over', 'to' => '00000000-0000-7000-8000-000000000000'] + array_diff_key($tap, ['text' => 1]), 'refused', 'no such person'];
        yield 'a colleague who is no id' => [['kind' => 'hand_over', 'to' => "x'; --"] + array_diff_key($tap, ['text' => 1]), 'refused', 'no such person'];
        yield 'somebody else\'s' => [['by' => '00000000-0000-7000-8000-000000000000'] + $tap, 'someone_elses', 'Somebody else made this tap'];
    }

    /** @param array<string, mixed> $tap */
    #[DataProvider('taps')]
    public function testABadTapIsRefusedByNameAndTheRestGoesIn(array $tap, string $outcome, string $says): void
    {
        $this->signIn('tove');
        $groom = $this->groomOf('Cobnut');
        $good = ['id' => 'tap-good-001', 'at' => gmdate('Y-m-d\TH:i:s.000\Z'), 'kind' => 'note', 'text' => 'goes in'];
        // Another id that only differs in its capitals is another tap.
        $answer = $this->ask('POST', "/api/grooms/$groom/taps", ['sent_at' => gmdate('Y-m-d\TH:i:s.000\Z'), 'device' => 'tablet-1', 'taps' => [$tap, $good, ['id' => 'TAP-GOOD-001'] + $good]], 200);
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
        $batch = ['sent_at' => $at, 'device' => 'tablet-1', 'taps' => [['id' => 'tap-00000001', 'at' => $at, 'kind' => 'note', 'text' => 'calm'], ['id' => 'tap-00000002', 'at' => $at, 'kind' => 'dance'], ['id' => 'tap-00000001', 'at' => $at, 'kind' => 'note', 'text' => 'calm']]];
        $first = array_column(self::rows($this->ask('POST', "/api/grooms/$groom/taps", $batch, 200, ['Idempotency-Key' => 'the-same-batch'])['results']), 'outcome', 'id');
        $again = $this->ask('POST', "/api/grooms/$groom/taps", $batch, 200, ['Idempotency-Key' => 'the-same-batch']);
        self::assertSame('true', $this->client->getResponse()->headers->get('Idempotent-Replay'));
        self::assertSame($first, array_column(self::rows($again['results']), 'outcome', 'id'));
        self::assertSame(1, self::map($again['groom'])['seq']);
    }

    public function testAnotherDogOfTheHomeHasItsOwnersNewPhoneAtOnce(): void
    {
        $this->signIn('junia');
        $household = self::text(self::map($this->card('Tansy')['dog'])['household']);
        $sibling = $this->ask('POST', '/api/dogs', ['name' => 'Burdock', 'breed' => 'cross', 'coat' => 'wire', 'household' => $household], 201);
        $path = '/api/dogs/'.self::text($sibling['id']);
        $this->client->request('GET', "$path/card");
        $etag = (string) $this->client->getResponse()->headers->get('ETag');
        $dog = self::map($this->card('Tansy')['dog']);
        $change = ['name' => 'Tansy', 'breed' => $dog['breed'], 'coat' => 'curly', 'owner' => ['name' => 'Somebody New', 'phone' => '0555 777 1234']];
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy'), $change, 200, ['If-Match' => '"'.(int) self::number($dog['version']).'"']);
        $this->ask('GET', "$path/card", expect: 200, headers: ['If-None-Match' => $etag]);
        self::assertSame('0555 777 1234', self::rows(self::map($this->ask('GET', "$path/card", expect: 200)['dog'])['people'])[0]['phone']);
        self::assertContains('Burdock', array_column(self::rows($this->ask('GET', '/api/dogs?q=7771234', expect: 200)['dogs']), 'name'), 'and is found by it');
        // Whose form was open would put the old number back: told instead.
        $this->ask('PUT', $path, ['name' => 'Burdock', 'breed' => 'cross', 'coat' => 'wire', 'owner' => ['name' => 'x', 'phone' => '0555 000']], 412, ['If-Match' => '"1"']);
    }

    public function testMeasuringAnEarHoldsUpNobodysForm(): void
    {
        $this->signIn('tove');
        $dog = self::map($this->card('Tansy')['dog']);
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/measures', ['neck_mm' => 310], 200);
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy'), ['name' => 'Tansy', 'breed' => 'otherwise', 'coat' => 'curly'], 200, ['If-Match' => '"'.(int) self::number($dog['version']).'"']);
        self::assertSame(310, (int) self::number(self::map($this->ask('GET', '/api/dogs/'.$this->dogId('Tansy').'/measures')['measures'])['neck_mm']));
    }

    public function testAnOwnersLinkIsClosedAtOnceAndExpires(): void
    {
        $this->signIn('tove');
        $groom = $this->groomOf('Cobnut');
        $link = self::text($this->ask('POST', "/api/grooms/$groom/close", [], 200)['care_link']);
        foreach (["$link", "$link.pdf"] as $path) {
            $this->client->request('GET', $path);
            self::assertResponseIsSuccessful();
        }
        self::assertSame(1, $this->db()->fetchOne('SELECT COUNT(*) FROM owner_pdf'), 'made once and kept');
        $this->client->request('GET', "$link.pdf");
        self::assertStringStartsWith('%PDF', (string) $this->client->getResponse()->getContent());
        $this->db()->executeStatement('UPDATE groom SET link_until = ? WHERE care_token IS NOT NULL', [date('Y-m-d H:i:s', time() - 60)]);
        self::forget();
        $this->client->request('GET', $link);
        self::assertResponseStatusCodeSame(404);
        $this->db()->executeStatement('UPDATE groom SET link_until = ? WHERE care_token IS NOT NULL', [date('Y-m-d H:i:s', time() + 3600)]);
        self::forget();
        $this->ask('DELETE', "/api/grooms/$groom/care-link", expect: 204);
        self::forget();
        foreach (["$link", "$link.pdf"] as $path) {
            $this->client->request('GET', $path);
            self::assertResponseStatusCodeSame(404);
        }
        self::assertNull($this->ask('GET', "/api/grooms/$groom", expect: 200)['care_link']);
    }

    /** The next request reads the database, as it does in a process of its own. */
    private static function forget(): void
    {
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $manager);
        $manager->clear();
    }

    public function testAMessageIsHandedOverOnceAfterItIsKept(): void
    {
        $this->signIn('tove');
        $sender = new class implements Sender {
            /** @var list<string> */
            public array $texts = [];

            public function send(string $to, string $text): Receipt
            {
                $this->texts[] = $text;
                if (str_contains($text, 'dies')) {
                    throw new \RuntimeException('the line is dead');
                }

                return new Receipt(true, 'taken');
            }
        };
        $db = $this->db();
        $outbox = new Outbox($db, $sender, new MockClock(), new NullLogger());
        $one = static fn (string $text): int|string => $db->executeStatement("INSERT INTO message (id, salon_id, dog_id, staff_id, at, kind, sent_to, text, state, receipt) SELECT ?, d.salon_id, d.id, s.id, NOW(), 'ready', '0555', ?, 'waiting', '' FROM dog d JOIN staff s ON s.salon_id = d.salon_id LIMIT 1", [Uuid::v7()->toBinary(), $text]);
        $one('first');
        $one('second');
        self::assertSame(2, $outbox->handOver());
        self::assertSame(0, $outbox->handOver());
        self::assertSame(['first', 'second'], $sender->texts);
        $one('dies in the middle');
        try {
            $outbox->handOver();
            self::fail('the sender died');
        } catch (\RuntimeException) {
        }
        self::assertSame(0, $outbox->handOver(), 'it may have gone out: not sent again by itself');
        self::assertSame('sending', $db->fetchOne("SELECT state FROM message WHERE text = 'dies in the middle'"));
    }

    public function testAGroomWithARunningTimerIsNotSentAgainWhileNothingIsTapped(): void
    {
        $this->signIn('tove');
        $groom = $this->groomOf('Cobnut');
        $at = gmdate('Y-m-d\TH:i:s.000\Z');
        $this->ask('POST', "/api/grooms/$groom/taps", ['sent_at' => $at, 'device' => 'tablet-1', 'taps' => [['id' => 'tap-00000001', 'at' => $at, 'kind' => 'timer', 'timer' => 'rest', 'on' => true]]], 200);
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
            $this->ask('POST', "/api/grooms/$groom/taps", ['sent_at' => $at, 'device' => 'tablet-1', 'taps' => $taps], 200);
        };
        $tap();
        $second = QueryCounter::during(static fn () => $tap());
        $tap(197);
        self::assertSame($second, QueryCounter::during(static fn () => $tap()));
    }
}
