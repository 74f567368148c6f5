<?php

/** A restore that is killed, a copy that is damaged, seals that hold elsewhere. */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

use PHPUnit\Framework\Attributes\DataProvider;

final class RestoreTest extends CopyCase
{
    /** @return iterable<string, array{string}> */
    public static function steps(): iterable
    {
        foreach (['looked', 'imported', 'beside', 'closed', 'kept', 'exchanged', 'opened'] as $step) {
            yield $step => [$step];
        }
    }

    #[DataProvider('steps')]
    public function testARestoreThatIsKilledIsAsBeforeOrAsTheCopyAndRunsAgain(string $step): void
    {
        if (false === getenv('KT_LONG') && !\in_array($step, ['beside', 'exchanged'], true)) {
            self::assertNotSame('', $step, 'in the long form');

            return;
        }
        self::change('as in the copy');
        $copy = $this->backup();
        $inCopy = self::mark();
        self::change("changed since, $step");
        $before = self::mark();
        [$code] = $this->command("restore $copy", $step);
        self::assertSame(137, $code, 'it was killed');
        self::assertContains(self::mark(), [$before, $inCopy]);
        $kept = (array) glob(self::given('KT_HOME').'/before-restore-*');
        [$code, $said] = $this->command("restore $copy");
        self::assertSame(0, $code, $said);
        self::assertSame($inCopy, self::mark());
        self::assertSame(
            [],
            array_diff($kept, (array) glob(self::given('KT_HOME').'/before-restore-*')),
            'what was kept first stays',
        );
        self::assertSame(200, self::person()->ask('GET', '/api/session')[0], 'it is open');
        self::assertSame(
            201,
            self::person()->ask('POST', '/api/dogs/'.self::dog('Wick').'/handling/dryer/ladder', [
                'rung' => 'sees_it',
                'calm' => true,
            ])[0],
        );
        self::assertSame([], glob(self::given('KT_HOME').'/restore.*'), 'nothing is left lying about');
    }

    public function testNothingAcknowledgedDuringARestoreIsLost(): void
    {
        $copy = $this->backup();
        $writers = new Writers(self::address(), ['steps', 'steps']);
        $writers->waitFor(10);
        [$code, $said] = $this->command("restore $copy");
        self::assertSame(0, $code, $said);
        $writers->waitFor(10);
        $writes = $writers->stop();
        self::signOutAll();
        // Steps of before are in the copy that was kept, steps of after in the salon.
        exec(
            'tar -xzOf '.
                escapeshellarg((string) ((array) glob(self::given('KT_HOME').'/before-restore-*'))[0]).
                ' ./COUNTS',
            $counts,
        );
        $kept = 0;
        foreach ($counts as $line) {
            $kept += str_starts_with($line, 'ladder_entry ') ? (int) substr($line, 13) : 0;
        }
        exec('tar -xzOf '.escapeshellarg($copy).' ./COUNTS', $first);
        $inCopy = 0;
        foreach ($first as $line) {
            $inCopy += str_starts_with($line, 'ladder_entry ') ? (int) substr($line, 13) : 0;
        }
        $now = self::value('SELECT COUNT(*) FROM ladder_entry');
        $found = $kept - $inCopy + ((is_numeric($now) ? (int) $now : 0) - $inCopy);
        self::assertGreaterThanOrEqual(\count($writes), $found, 'lost');
        self::assertLessThanOrEqual(\count($writes) + 4, $found, 'doubled');
        self::assertSame([], array_diff(array_merge([], ...array_column($writes, 'other')), [0, 401, 403, 503]));
        fwrite(\STDERR, \sprintf("\n  %d writes acknowledged during a restore, 0 lost\n", \count($writes)));
    }

    /** @return iterable<string, array{string, string}> what is done to an opened copy, what is said */
    public static function damages(): iterable
    {
        yield 'cut off' => ['truncate -s -4000 COPY', 'not a whole copy'];
        yield 'another file' => ['head -c 4000 /dev/urandom >COPY', 'not a whole copy'];
        yield 'one byte in the data' => ['sed -i "0,/Wick/s//Wack/" thistle.sql', 'damaged'];
        yield 'no end of the data' => ['sed -i "/^-- Dump completed/d" thistle.sql; SEAL', 'cut off'];
        yield 'a photo less' => ['rm "$(ls photos/*-large.jpg | head -1)"; SEAL', 'lacks'];
        yield 'a photo that the list does not know' => [
            'cp "$(ls photos/*.jpg | head -1)" photos/other.jpg',
            'does not hold what it lists',
        ];
        yield 'rows less' => [
            'php -r \'$l = file("thistle.sql"); $at = array_key_last(array_filter($l, fn ($x) => '.
            'str_starts_with($x, "INSERT INTO `dog_term`"))); unset($l[$at + 1]); '.
            'file_put_contents("thistle.sql", $l);\'; SEAL',
            'could not be imported whole',
        ];
        yield 'another format' => ['echo "something else 7" >FORMAT; SEAL', 'not a copy of Keen Thistle'];
    }

    #[DataProvider('damages')]
    public function testADamagedCopyIsRefusedAndNothingIsChanged(string $damage, string $says): void
    {
        $copy = $this->backup();
        mkdir($open = "$this->folder/open");
        $seal = 'find . -type f ! -name MANIFEST -print0 | sort -z | xargs -0 sha256sum >MANIFEST';
        $do = str_contains($damage, 'COPY')
            ? str_replace('COPY', escapeshellarg($copy), $damage)
            : "tar -xzf $copy; ".str_replace('SEAL', $seal, $damage)."; tar -czf $copy .";
        exec('cd '.escapeshellarg($open).' && bash -c '.escapeshellarg($do).' 2>&1', $out, $code);
        self::assertSame(0, $code, implode("\n", $out));
        $before = self::mark();
        [$code, $said] = $this->command("restore $copy");
        self::assertSame(1, $code);
        self::assertStringContainsString($says, $said);
        self::assertSame($before, self::mark());
        self::assertSame(200, self::person()->ask('GET', '/api/session')[0]);
    }

    public function testAgreementsKeepTheirSealsElsewhereAndUnderANewKey(): void
    {
        $keys = self::given('KT_HOME').'/seal.keys';
        $arrival = self::id('SELECT arrival_id FROM agreement ORDER BY id LIMIT 1');
        $intact = static function () use ($arrival): array {
            $agreements = self::person()->ask('GET', "/api/arrivals/$arrival")[1]['agreements'] ?? [];

            return array_unique(array_column(\is_array($agreements) ? $agreements : [], 'intact'), \SORT_REGULAR);
        };
        self::signOutAll();
        self::assertSame([true], $intact());
        file_put_contents("$this->folder/pass", "a sentence to lock it with\n");
        [$code, $said] = $this->command("backup --passphrase-file $this->folder/pass $this->folder/locked.tar.gz");
        self::assertSame(0, $code, $said);
        exec('tar -tzf '.escapeshellarg("$this->folder/locked.tar.gz"), $names);
        self::assertContains('./seal.keys.locked', $names);
        self::assertNotContains('./seal.keys', $names);
        // Elsewhere: an instance with a key of its own.
        $was = (string) file_get_contents($keys);
        file_put_contents($keys, bin2hex(random_bytes(32))."\n");
        self::assertSame([false], $intact(), 'another key opens nothing');
        file_put_contents("$this->folder/wrong", "another sentence\n");
        self::assertStringContainsString(
            'not the passphrase',
            $this->command("restore --passphrase-file $this->folder/wrong $this->folder/locked.tar.gz")[1],
        );
        self::assertStringContainsString('are locked', $this->command("restore $this->folder/locked.tar.gz")[1]);
        [$code, $said] = $this->command("restore --passphrase-file $this->folder/pass $this->folder/locked.tar.gz");
        self::assertSame(0, $code, $said);
        self::signOutAll();
        self::assertSame([true], $intact(), 'the seals came along');
        $lines = file($keys, \FILE_IGNORE_NEW_LINES);
        self::assertIsArray($lines);
        self::assertNotSame(explode("\n", $was)[0], $lines[0], 'it seals with its own key, and opens with the old one');
        self::assertContains(explode("\n", $was)[0], $lines);
    }
}
