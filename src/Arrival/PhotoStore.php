<?php

/** Takes a photo in: checked, decoded, turned upright, made small, written anew without anything that came with it. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Refusal\Refused;
use League\Flysystem\Filesystem;
use League\Flysystem\FilesystemException;
use League\Flysystem\Local\LocalFilesystemAdapter;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Behind a Flysystem, so that another store than a local folder needs no change here. */
final readonly class PhotoStore
{
    public const MAX_BYTES = 12_000_000;
    private const MAX_PIXELS = 24_000_000;
    private const TYPES = [\IMAGETYPE_JPEG => 'JPEG', \IMAGETYPE_PNG => 'PNG', \IMAGETYPE_WEBP => 'WebP'];
    private const SIZES = ['large' => 1600, 'small' => 360];

    private const ASIDE = 'aside';
    private const KEEP_S = 3600;

    private Filesystem $files;

    public function __construct(#[Autowire('%env(PHOTO_DIR)%')] string $folder)
    {
        $this->files = new Filesystem(new LocalFilesystemAdapter($folder, lazyRootCreation: true));
    }

    /**
     * @return array{int, int} width and height of the large one
     *
     * @throws InvalidInput for anything that is not a whole photo of a known type
     */
    public function take(string $id, string $bytes): array
    {
        if (\strlen($bytes) > self::MAX_BYTES) {
            throw InvalidInput::at(
                'photo',
                \sprintf('is %d MB; at most %d MB', (int) ceil(\strlen($bytes) / 1e6), (int) (self::MAX_BYTES / 1e6)),
            );
        }
        if (1 === preg_match('/^....ftyp(hei[cx]|hev[cx]|mif1|msf1)/s', $bytes)) {
            throw InvalidInput::at(
                'photo',
                'is in HEIC, which is not read here: set the camera to its most compatible format (JPEG), or share '.
                    'the photo as JPEG',
            );
        }
        $info = @getimagesizefromstring($bytes);
        if (false === $info || !isset(self::TYPES[$info[2]])) {
            throw InvalidInput::at('photo', 'must be a photo: '.implode(', ', self::TYPES));
        }
        if ($info[0] * $info[1] > self::MAX_PIXELS || $info[0] < 16 || $info[1] < 16) {
            throw InvalidInput::at(
                'photo',
                \sprintf(
                    'is %d × %d; between 16 × 16 and %d megapixels',
                    $info[0],
                    $info[1],
                    (int) (self::MAX_PIXELS / 1e6),
                ),
            );
        }
        if (\IMAGETYPE_JPEG === $info[2] && !str_ends_with(rtrim($bytes, "\0"), "\xFF\xD9")) {
            throw InvalidInput::at('photo', 'is cut off: take or choose it again');
        }
        try {
            $image = (new ImageManager(new Driver()))->read($bytes);
            $size = [0, 0];
            $made = [];
            foreach (self::SIZES as $name => $longest) {
                $image->scaleDown($longest, $longest);
                if ('large' === $name) {
                    $size = [$image->width(), $image->height()];
                }
                $made[$name] = (string) $image->toJpeg(84, strip: true);
            }
        } catch (RuntimeException) {
            throw InvalidInput::at('photo', 'cannot be read as a photo: it may be damaged');
        }
        $this->write($id, $made);

        return $size;
    }

    /**
     * Both sizes, or none of them.
     *
     * @param array<string, string> $made JPEG bytes by size
     */
    private function write(string $id, array $made): void
    {
        try {
            foreach ($made as $name => $bytes) {
                $this->files->write("$id-$name.jpg", $bytes);
            }
        } catch (FilesystemException) {
            foreach (array_keys($made) as $name) {
                try {
                    $this->files->delete("$id-$name.jpg");
                } catch (FilesystemException) {
                    // Swept up later: no row names it.
                }
            }
            throw Refused::noRoom(
                'The photo could not be kept: there is no room, or no right to write. Tell whoever looks after '.
                    'this server.',
            );
        }
    }

    /** JPEG bytes, or null where there is none. @param string $size large or small */
    public function read(string $id, string $size): ?string
    {
        // Put aside by a removal that never came about: it is still there.
        foreach (isset(self::SIZES[$size]) ? ["$id-$size.jpg", self::ASIDE."/$id-$size.jpg"] : [] as $path) {
            try {
                return $this->files->read($path);
            } catch (FilesystemException) {
                continue;
            }
        }

        return null;
    }

    /**
     * Out of sight, until sweep() finds that no row names it any more: a copy of the salon that is made meanwhile has
     * it.
     *
     * @throws Refused 507 where the folder cannot be written to
     */
    public function putAside(string $id): void
    {
        try {
            foreach (array_keys(self::SIZES) as $size) {
                if ($this->files->fileExists("$id-$size.jpg")) {
                    $this->files->move("$id-$size.jpg", self::ASIDE."/$id-$size.jpg");
                }
            }
        } catch (FilesystemException) {
            throw Refused::noRoom(
                'The photo could not be taken out: its folder cannot be written to. Tell whoever looks after '.
                    'this server.',
            );
        }
    }

    /**
     * Deletes files that no row names and that are older than an hour.
     *
     * @param callable(list<string>): list<string> $known which of these ids have a row
     *
     * @return int how many files went
     */
    public function sweep(\DateTimeImmutable $now, callable $known): int
    {
        $old = [];
        foreach ($this->files->listContents('', true) as $file) {
            if (
                $file->isFile()
                && 1 === preg_match('~(?:^|/)([0-9a-f-]{36})-(?:large|small)\.jpg$~', $file->path(), $m)
                && ($file->lastModified() ?? 0) < $now->getTimestamp() - self::KEEP_S
            ) {
                $old[$m[1]][] = $file->path();
            }
        }
        $gone = 0;
        foreach (array_diff_key($old, array_fill_keys([] === $old ? [] : $known(array_keys($old)), true)) as $paths) {
            foreach ($paths as $path) {
                $this->files->delete($path);
                ++$gone;
            }
        }

        return $gone;
    }
}
