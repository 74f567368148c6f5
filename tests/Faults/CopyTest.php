<?php

/** Copies: one moment of the salon while it works on; put back whole or not at all, wherever it is stopped. */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

final class CopyTest extends CopyCase
{
    public function testTheCopyOfTheNightIsPutBackLikeOneByHand(): void
    {
        // As the worker asks for it: by the application's own account.
        $home = self::given('KT_HOME');
        $file = "$this->folder/night.tar.gz";
        $ask = implode(' ', [
            'cd '.escapeshellarg(\dirname(__DIR__, 2)),
            "&& . $home/secrets && DB_NAME=thistle PHOTOS=photos && { [ ! -f $home/current ] || . $home/current; }",
            '&& export DB_NAME DB_USER=thistle MYSQL_PWD="$DB_PASSWORD"',
            'DB_SOCKET='.self::given('KT_RUN').'/db/mariadb.sock',
            "COPY_WORK=$home PHOTO_DIR=$home/\$PHOTOS SEAL_KEY_FILE=$home/seal.keys LAST_COPY_FILE=$this->folder/last",
            "&& bash ops/write-copy.sh $file 2>&1",
        ]);
        $before = self::mark();
        exec($ask, $out, $code);
        self::assertSame(0, $code, implode("\n", $out));
        $said = explode(' ', trim((string) file_get_contents("$this->folder/last")));
        self::assertSame((string) filesize($file), $said[1] ?? '');
        self::change('changed since');
        self::assertNotSame($before, self::mark());
        [$code, $said] = $this->command("restore $file");
        self::assertSame(0, $code, $said);
        self::assertSame($before, self::mark());
        // Photos that are taken from now on are kept where the restored ones are.
        $writers = new Writers(self::address(), ['photos']);
        $writers->waitFor(3);
        self::assertSame([], array_merge([], ...array_column($writers->stop(), 'other')));
    }

    public function testACopyIsOneMomentAndWritesGoOn(): void
    {
        $writers = new Writers(self::address(), ['steps', 'photos', 'photos']);
        $seen = [];
        for ($i = 0; $i < self::times(3, 10); ++$i) {
            $writers->waitFor(10);
            $copy = $this->backup("copy-$i");
            $into = "$this->folder/open-$i";
            mkdir($into);
            exec(
                'tar -C '.
                    escapeshellarg($into).
                    ' -xzf '.
                    escapeshellarg($copy).
                    ' && cd '.
                    escapeshellarg($into).
                    ' && sha256sum --quiet --strict -c MANIFEST',
                $out,
                $code,
            );
            self::assertSame(0, $code, implode("\n", $out));
            exec(
                'php '.
                    escapeshellarg(\dirname(__DIR__, 2).'/ops/copy.php').
                    ' photos <'.
                    escapeshellarg("$into/thistle.sql"),
                $rows,
            );
            $files = array_map(
                static fn (string|false $f): string => substr(basename((string) $f), 0, 36),
                (array) glob("$into/photos/*-large.jpg"),
            );
            sort($rows);
            sort($files);
            self::assertSame($rows, $files, 'rows and files agree');
            $seen[] = \count($rows);
            $rows = [];
        }
        $writes = $writers->stop();
        self::assertSame([], array_merge([], ...array_column($writes, 'other')), 'nobody was held up');
        self::assertGreaterThan(30, \count($writes));
        fwrite(
            \STDERR,
            \sprintf(
                "\n  %d copies while %d writes were acknowledged, %d refused; photos in them: %s\n",
                \count($seen),
                \count($writes),
                0,
                implode(', ', $seen),
            ),
        );
    }

    public function testABackupThatIsKilledLeavesTheCopyOfBeforeAsItWas(): void
    {
        $copy = $this->backup();
        $sum = sha1_file($copy);
        foreach (['photos', 'dump', 'written', 'packed'] as $step) {
            [$code] = $this->command("backup $copy", $step);
            self::assertSame(137, $code, 'it was killed');
            self::assertSame($sum, sha1_file($copy));
            self::assertSame(200, self::person()->ask('GET', '/api/session')[0]);
        }
        self::assertSame(0, $this->command("backup $copy")[0]);
        self::assertSame(0, $this->command("restore $copy")[0]);
        self::assertSame([], glob(self::given('KT_HOME').'/backup.*'), 'nothing is left lying about');
        self::signOutAll();
    }
}
