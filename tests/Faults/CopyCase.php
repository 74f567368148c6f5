<?php

/** A copy in a folder of its own, for the tests of backup and restore. */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

abstract class CopyCase extends FaultCase
{
    protected string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kt-copies-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        exec(
            'rm -rf '.
                escapeshellarg($this->folder).
                ' '.
                escapeshellarg(self::given('KT_HOME')).
                '/before-restore-*',
        );
    }

    /** @return array{int, string} exit code and what was said */
    protected function command(string $command, string $dieAt = ''): array
    {
        $port = (string) parse_url(self::address(), \PHP_URL_PORT);
        exec(
            'cd '.
                escapeshellarg(\dirname(__DIR__, 2)).
                ' && KT_INSTANCE='.
                self::instance().
                " KT_PORT=$port KT_DIE_AT=$dieAt bash -c ".
                escapeshellarg("bin/$command").
                ' 2>&1',
            $out,
            $code,
        );

        return [$code, implode("\n", $out)];
    }

    protected function backup(string $name = 'copy'): string
    {
        [$code, $said] = $this->command("backup $this->folder/$name.tar.gz");
        self::assertSame(0, $code, $said);

        return "$this->folder/$name.tar.gz";
    }

    /** What may be told apart: how many dogs are called otherwise, and photos whose files are there. */
    protected static function mark(): string
    {
        self::signOutAll();

        return json_encode(
            [
                self::value('SELECT COUNT(*) FROM booking'),
                self::value("SELECT breed FROM dog WHERE name = 'Wick'"),
                self::value('SELECT COUNT(*) FROM photo'),
            ],
            \JSON_THROW_ON_ERROR,
        );
    }

    protected static function change(string $breed): void
    {
        self::db()
            ->prepare("UPDATE dog SET breed = ? WHERE name = 'Wick'")
            ->execute([$breed]);
    }
}
