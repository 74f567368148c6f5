<?php

/** Opens the zip that a salon is taken along in: its JSON and its photos, never more than it says, nothing else. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Core\Input\InvalidInput;
use Symfony\Component\Filesystem\Filesystem;

final readonly class Packed
{
    private const MOST_BYTES = 2_000_000_000;
    private const MOST_FILES = 200_000;
    /** Text of rows packs well; a bomb packs a thousand times better than that. */
    private const MOST_RATIO = 200;
    private const PHOTO_BYTES = 12_000_000;

    private Filesystem $files;

    public function __construct()
    {
        $this->files = new Filesystem();
    }

    /** Path of the JSON, taken out of its zip where it is in one. */
    public function json(string $file): string
    {
        $zip = $this->zip($file);
        if (null === $zip) {
            return $file;
        }
        $in = $zip->getStream('salon.json');
        if (false === $in) {
            throw InvalidInput::at('file', 'has no salon.json in it');
        }
        $out = $this->files->tempnam(sys_get_temp_dir(), 'salon');
        $to = fopen($out, 'w');
        if (false === $to) {
            throw InvalidInput::at('file', 'cannot be taken out: there is no room');
        }
        stream_copy_to_stream($in, $to, self::MOST_BYTES);
        fclose($to);

        return $out;
    }

    /** JPEG bytes; null: the file has none of it. */
    public function photo(string $file, string $id): ?string
    {
        $bytes = $this->zip($file)?->getFromName("photos/$id-large.jpg", self::PHOTO_BYTES) ?? false;

        return false === $bytes ? null : $bytes;
    }

    public function done(string $json, string $file): void
    {
        if ($json !== $file) {
            $this->files->remove($json);
        }
    }

    /** @throws InvalidInput for one that says it would fill the disk */
    private function zip(string $file): ?\ZipArchive
    {
        $begins = is_file($file) ? file_get_contents($file, length: 2) : throw InvalidInput::at('file', 'is not there');
        if ('PK' !== $begins) {
            return null;
        }
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::RDONLY)) {
            throw InvalidInput::at('file', 'is no whole zip');
        }
        if ($zip->numFiles > self::MOST_FILES) {
            throw InvalidInput::at('file', 'has too many files in it');
        }
        $all = 0;
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $one = $zip->statIndex($i);
            [$size, $packed] = false === $one ? [0, 1] : [$one['size'], max(1, $one['comp_size'])];
            $all += $size;
            if ($all > self::MOST_BYTES || ($size > 1_000_000 && $size / $packed > self::MOST_RATIO)) {
                throw InvalidInput::at('file', 'would be far too large unpacked');
            }
        }

        return $zip;
    }
}
