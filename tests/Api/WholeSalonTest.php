<?php

/** A whole salon goes out and comes in again: equal but for ids and sign-in names; hostile files get nowhere. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\People\Begin;
use KeenThistle\People\Newcomers;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Uid\Uuid;

final class WholeSalonTest extends ApiTestCase
{
    private const PASSWORD = 'moss kettle ferry oar';

    private const GONE = 'is taken out';
    private const FIRST = 'is the first once more';

    private static ?string $json = null;

    public function testWhatGoesOutComesInEqualButForIdsAndSignInNames(): void
    {
        $this->signIn('maren');
        $this->sendPhoto('/api/arrivals/'.$this->arrivalOfDemo().'/photos');
        $zip = $this->export();
        $this->begin();
        $job = $this->give((string) file_get_contents($zip), 202);
        $this->workThrough();
        $done = $this->ask('GET', '/api/jobs/'.self::text($job['id']), expect: 200);
        self::assertSame(['done', ''], [$done['state'], $done['why']]);
        $again = $this->export();
        [$was, $is] = [self::plain($zip), self::plain($again)];
        self::assertSame(array_keys($was), array_keys($is));
        foreach ($was as $table => $rows) {
            self::assertSame($rows, $is[$table], $table);
        }
        self::assertNotSame([], $was['photo']);
        // It can be worked with: found, drawn, its agreements as they were sealed.
        $found = $this->ask('GET', '/api/dogs?q=tansy', expect: 200);
        $tansy = self::text(self::rows($found['dogs'])[0]['id']);
        $card = $this->ask('GET', "/api/dogs/$tansy/card", expect: 200);
        self::assertNotSame([], $card['zones']);
        // Where dogs are, no second salon comes in; nobody of those who came can sign in before they get a link.
        $this->give((string) file_get_contents($zip), 202);
        $this->workThrough();
        $failed = $this->db()->fetchOne("SELECT COUNT(*) FROM job WHERE state = 'failed' AND why LIKE '%no dog%'");
        self::assertSame(1, (int) self::number($failed));
        $this->ask('DELETE', '/api/session', expect: 204);
        $this->ask('POST', '/api/session', ['login' => 'tove-2', 'password' => '!'], 401);
    }

    /** @return iterable<string, array{list<string|int>, mixed, string}> where, what is put there, its name */
    public static function wrongs(): iterable
    {
        yield 'a later version' => [['version'], 99, 'version'];
        yield 'another format' => [['format'], 'x', 'format'];
        yield 'no such table' => [['tables', 'soul'], [['id' => 1]], 'soul'];
        yield 'a column too many' => [['tables', 'dog', 0, 'soul'], 1, 'dog 1 soul'];
        yield 'a column too few' => [['tables', 'dog', 1, 'name'], self::GONE, 'dog 2 name'];
        yield 'another salon\'s dog' => [
            ['tables', 'visit', 0, 'dog_id'],
            '01900000-0000-7000-8000-000000000001',
            'visit 1 dog_id',
        ];
        yield 'the wrong kind' => [['tables', 'dog', 0, 'kg'], 'heavy', 'dog 1 kg'];
        yield 'no day' => [['tables', 'dog', 0, 'born_on'], 'May', 'dog 1 born_on'];
        yield 'twice' => [['tables', 'dog', 1], self::FIRST, 'dog 2 id'];
        yield 'two salons' => [['tables', 'salon', 1], self::FIRST, 'salon'];
        yield 'no salon' => [['tables', 'salon'], [], 'salon'];
    }

    /** @param list<string|int> $where */
    #[DataProvider('wrongs')]
    public function testWhatIsWrongIsNamedByTableRowAndFieldAndNothingIsWritten(
        array $where,
        mixed $put,
        string $field,
    ): void {
        $salon = json_decode($this->json(), true);
        $at = &$salon;
        $last = array_pop($where);
        foreach ($where as $step) {
            self::assertIsArray($at);
            $at = &$at[$step];
        }
        self::assertIsArray($at);
        if (self::GONE === $put) {
            unset($at[$last]);
        } else {
            $at[$last] = self::FIRST === $put ? $at[0] : $put;
        }
        unset($at);
        $this->begin();
        $refused = $this->give(self::zipped((string) json_encode($salon, \JSON_PRESERVE_ZERO_FRACTION)), 422);
        $named = (string) json_encode(array_column(self::rows($refused['errors']), 'field'));
        self::assertStringContainsString($field, $named);
        self::assertSame([], self::rows($this->ask('GET', '/api/dogs?q=', expect: 200)['dogs']));
    }

    /** @return iterable<string, array{string}> */
    public static function noSalons(): iterable
    {
        yield 'nothing' => [''];
        yield 'text' => ['Dear salon'];
        yield 'a list' => ['[1,2,3]'];
        yield 'half a file' => ['{"format":"keen-thistle/salon","version":1,"tables":{"salon":[{"id":"0'];
        yield 'half a zip' => ["PK\x03\x04".str_repeat("\0", 400)];
        yield 'deep' => [str_repeat('{"tables":', 3000)];
    }

    #[DataProvider('noSalons')]
    public function testWhatIsNoSalonIsRefused(string $bytes): void
    {
        $this->begin();
        $refused = $this->give($bytes, 422);
        self::assertNotSame([], self::rows($refused['errors']));
    }

    public function testAZipThatWouldFillTheDiskIsRefusedUnopened(): void
    {
        $this->begin();
        $refused = $this->give(self::zipped(str_repeat(' ', 30_000_000)), 422);
        self::assertStringContainsString('far too large', self::text(self::rows($refused['errors'])[0]['message']));
    }

    private function arrivalOfDemo(): string
    {
        return (string) Uuid::fromBinary(self::text($this->db()->fetchOne(
            'SELECT a.id FROM arrival a JOIN dog d ON d.id = a.dog_id ORDER BY a.id DESC LIMIT 1',
        )));
    }

    /** An empty salon, with its first manager signed in. */
    private function begin(): void
    {
        $newcomers = self::getContainer()->get(Newcomers::class);
        \assert($newcomers instanceof Newcomers);
        $newcomers->begin(
            new Begin('The Long Meadow', 'UTC', 'EUR', 'Barn', 'Nell Sedgeley', 'nell.whole', self::PASSWORD, '4071'),
            null,
        );
        $this->signIn('nell.whole', self::PASSWORD);
    }

    private function export(): string
    {
        $this->ask('POST', '/api/exports', [], 202);
        $this->workThrough();
        $export = self::rows($this->ask('GET', '/api/exports', expect: 200)['exports'])[0];
        $this->client->request('GET', '/api/exports/'.self::text($export['id']));
        $file = (string) tempnam(sys_get_temp_dir(), 'export');
        file_put_contents($file, $this->client->getInternalResponse()->getContent());

        return $file;
    }

    /**
     * Rows without what is new by rights: ids, sign-in names, seals over ids, who leads the new salon, its last entry.
     *
     * @return array<string, list<mixed>>
     */
    private static function plain(string $file): array
    {
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        $salon = json_decode((string) $zip->getFromName('salon.json'), true, 64, \JSON_THROW_ON_ERROR);
        $out = [];
        $names = [];
        foreach (self::map(self::map($salon)['tables']) as $table => $rows) {
            foreach (self::rows($rows) as $row) {
                $isNew = \in_array($row['kind'] ?? '', ['import', 'export'], true);
                if ($isNew || 'nell.whole' === ($row['login'] ?? '')) {
                    continue;
                }
                unset($row['login'], $row['seal']);
                if ('change_log' === $table && \in_array($row['kind'], ['house', 'person'], true)) {
                    continue;
                }
                if ('salon' === $table) {
                    unset($row['house_version'], $row['kit_version']);
                }
                if ('dog' === $table) {
                    unset($row['card_version']);
                }
                // The same row is the same number, whatever its id.
                $json = (string) preg_replace_callback(
                    '/[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/',
                    static function (array $m) use (&$names): string {
                        $names[$m[0]] ??= '#'.\count($names);

                        return $names[$m[0]];
                    },
                    json_encode($row, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION),
                );
                $out[$table][] = $json;
            }
            $out[$table] ??= [];
        }

        return $out;
    }

    /** The demo salon's JSON, written once. */
    private function json(): string
    {
        if (null === self::$json) {
            $this->signIn('maren');
            $zip = new \ZipArchive();
            self::assertTrue($zip->open($this->export()));
            self::$json = (string) $zip->getFromName('salon.json');
        }

        return self::$json;
    }

    private static function zipped(string $json): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        $zip->addFromString('salon.json', $json);
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** @return array<array-key, mixed> */
    private function give(string $bytes, int $expect): array
    {
        return $this->giveSheet($bytes, $expect, '/api/imports/salon');
    }
}
