<?php

/** Takes a photo in: checked, decoded, turned upright, made small, written anew without anything that came with it. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;
use KeenThistle\Core\Input\InvalidInput;
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

    private Filesystem $files;

    public function __construct(#[Autowire('%env(PHOTO_DIR)%')] string $folder)
    {
        $this->files = new Filesystem(new LocalFilesystemAdapter($folder));
    }

    /**
     * @return array{int, int} width and height of the large one
     *
     * @throws InvalidInput for anything that is not a whole photo of a known type
     */
    public function take(string $id, string $bytes): array
    {
        if (\strlen($bytes) > self::MAX_BYTES) {
            throw InvalidInput::at('photo', \sprintf('is %d MB; at most %d MB', (int) ceil(\strlen($bytes) / 1e6), (int) (self::MAX_BYTES / 1e6)));
        }
        $info = @getimagesizefromstring($bytes);
        if (false === $info || !isset(self::TYPES[$info[2]])) {
            throw InvalidInput::at('photo', 'must be a photo: '.implode(', ', self::TYPES));
        }
        if ($info[0] * $info[1] > self::MAX_PIXELS || $info[0] < 16 || $info[1] < 16) {
            throw InvalidInput::at('photo', \sprintf('is %d × %d; between 16 × 16 and %d megapixels', $info[0], $info[1], (int) (self::MAX_PIXELS / 1e6)));
        }
        if (\IMAGETYPE_JPEG === $info[2] && !str_ends_with(rtrim($bytes, "\0"), "\xFF\xD9")) {
            throw InvalidInput::at('photo', 'is cut off: take or choose it again');
        }
        try {
            $image = (new ImageManager(new Driver()))->read($bytes);
            $size = [0, 0];
            foreach (self::SIZES as $name => $longest) {
                $image->scaleDown($longest, $longest);
                if ('large' === $name) {
                    $size = [$image->width(), $image->height()];
                }
                $this->files->write("$id-$name.jpg", (string) $image->toJpeg(84, strip: true));
            }

            return $size;
        } catch (RuntimeException) {
            throw InvalidInput::at('photo', 'cannot be read as a photo: it may be damaged');
        }
    }

    /** JPEG bytes, or null where there is none. @param string $size large or small */
    public function read(string $id, string $size): ?string
    {
        try {
            return isset(self::SIZES[$size]) ? $this->files->read("$id-$size.jpg") : null;
        } catch (FilesystemException) {
            return null;
        }
    }

    public function remove(string $id): void
    {
        foreach (array_keys(self::SIZES) as $size) {
            $this->files->delete("$id-$size.jpg");
        }
    }
}
