<?php

declare(strict_types=1);

namespace App\Photos;

use App\Models\Photo;
use Illuminate\Contracts\Encryption\Encrypter;
use Illuminate\Contracts\Encryption\StringEncrypter;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;

/**
 * Keeps pictures of people: turned upright, scaled down, written anew so that nothing but the picture is left
 * (no place, no camera, no time), and encrypted on disk.
 */
final readonly class PhotoShelf
{
    public const LONGEST_SIDE = 1600;

    /** What can be unpacked without filling the memory of a small server. */
    private const MOST_PIXELS = 16_000_000;

    private const TYPES = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    public function __construct(private Filesystem $files, private StringEncrypter&Encrypter $encrypter, private string $folder) {}

    /**
     * The picture as it would be kept.
     *
     * @throws PhotoRefused
     */
    public function read(string $bytes): ImageInterface
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::TYPES, true)) {
            throw new PhotoRefused('This is not a picture that can be read: JPEG, PNG or WebP, please.');
        }
        if ($size[0] < 80 || $size[1] < 80) {
            throw new PhotoRefused('This picture is too small to mark: at least 80 pixels each way.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw new PhotoRefused(sprintf('This picture has %.0f megapixels; up to %d can be read. Take it smaller, or crop it.', $size[0] * $size[1] / 1e6, intdiv(self::MOST_PIXELS, 1_000_000)));
        }
        try {
            return ImageManager::gd()->read($bytes)->scaleDown(self::LONGEST_SIDE, self::LONGEST_SIDE);
        } catch (\Throwable) {
            throw new PhotoRefused('This picture is damaged and cannot be read.');
        }
    }

    /**
     * Writes the picture beside its row: both stay or neither does.
     *
     * @throws \RuntimeException when it cannot be written, which takes the row back too
     */
    public function keep(Photo $photo, ImageInterface $picture): void
    {
        $path = $this->path($photo);
        DB::afterRollBack(fn() => $this->files->delete($path));
        $this->files->ensureDirectoryExists(dirname($path), 0700);
        $encrypted = $this->encrypter->encryptString((string) $picture->toJpeg(82));
        if ($this->files->put($path, $encrypted, true) !== strlen($encrypted)) {
            $this->files->delete($path);
            throw new \RuntimeException('The picture could not be written.');
        }
    }

    /** @throws \Illuminate\Contracts\Filesystem\FileNotFoundException */
    public function jpeg(Photo $photo): string
    {
        return $this->encrypter->decryptString($this->files->get($this->path($photo)));
    }

    /** Takes the picture away, once its row says so for good. */
    public function remove(Photo $photo): void
    {
        DB::afterCommit(fn() => $this->files->delete($this->path($photo)));
    }

    private function path(Photo $photo): string
    {
        return "{$this->folder}/{$photo->practice_id}/{$photo->id}";
    }
}
