<?php

declare(strict_types=1);

namespace App\Pictures;

use GdImage;

/**
 * Takes a picture in: sized up before it is decoded, turned upright, brought to 2,400 px at most, and
 * written anew, which leaves every kind of metadata and hidden content behind.
 */
final class PictureIntake
{
    public const MOST_BYTES = 25 * 1024 * 1024;

    /**
     * What decodes within the memory that a request may take; the screen scales a larger photograph before it sends it.
     */
    private const MOST_PIXELS = 10_000_000;

    private const LONGEST_SIDE = 12_000;

    private const LONGEST = 2_400;

    private const KINDS = [IMAGETYPE_PNG => 'png', IMAGETYPE_JPEG => 'jpg', IMAGETYPE_WEBP => 'webp'];

    public function __construct(private readonly PictureStore $store) {}

    /**
     * @return array{file: string, width: int, height: int} the stored name is the hash of what was written
     *
     * @throws Refused
     */
    public function take(string $path): array
    {
        if ((int) filesize($path) > self::MOST_BYTES) {
            throw Refused::tooLarge();
        }
        $size = @getimagesize($path);
        $kind = $size === false ? null : (self::KINDS[$size[2]] ?? null);
        if ($size === false || $kind === null) {
            throw Refused::notAPicture();
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS || max($size[0], $size[1]) > self::LONGEST_SIDE) {
            throw Refused::tooManyPixels($size[0] * $size[1] / 1e6);
        }
        $image = @imagecreatefromstring((string) file_get_contents($path));
        if ($image === false) {
            throw Refused::notAPicture();
        }
        $image = $this->upright($this->scaled($image), $path, $kind);

        return [...$this->write($image, $kind), 'width' => imagesx($image), 'height' => imagesy($image)];
    }

    private function upright(GdImage $image, string $path, string $kind): GdImage
    {
        $turn = $kind === 'jpg' && function_exists('exif_read_data')
            ? ((@exif_read_data($path) ?: [])['Orientation'] ?? 1)
            : 1;
        if (in_array($turn, [2, 4, 5, 7], true)) {
            imageflip($image, in_array($turn, [2, 5, 7], true) ? IMG_FLIP_HORIZONTAL : IMG_FLIP_VERTICAL);
        }
        $degrees = match ($turn) {
            3 => 180, 5, 8 => 90, 6, 7 => -90, default => 0
        };
        $turned = $degrees === 0 ? $image : imagerotate($image, $degrees, 0);

        return $turned === false ? $image : $turned;
    }

    private function scaled(GdImage $image): GdImage
    {
        $longest = max(imagesx($image), imagesy($image));
        if ($longest <= self::LONGEST) {
            return $image;
        }
        $scaled = imagescale(
            $image, max(1, (int) round(imagesx($image) * self::LONGEST / $longest)), -1, IMG_BILINEAR_FIXED,
        );

        return $scaled === false ? $image : $scaled;
    }

    /** @return array{file: string} */
    private function write(GdImage $image, string $kind): array
    {
        if ($kind === 'png') {
            imagesavealpha($image, true);
        }
        ob_start();
        match ($kind) {
            'png' => imagepng($image, null, 4),
            'webp' => imagewebp($image, null, 88),
            default => imagejpeg($image, null, 88),
        };

        return ['file' => $this->store->keep((string) ob_get_clean(), $kind)];
    }
}
