<?php

declare(strict_types=1);

namespace App\Pictures;

use GdImage;

/**
 * Takes a picture in: sized up before it is decoded, turned upright, brought to 3,000 px at most, and
 * written anew, which leaves every kind of metadata and hidden content behind.
 */
final class PictureIntake
{
    public const MOST_BYTES = 25 * 1024 * 1024;

    private const MOST_PIXELS = 50_000_000;

    private const LONGEST = 3_000;

    private const KINDS = [IMAGETYPE_PNG => 'png', IMAGETYPE_JPEG => 'jpg', IMAGETYPE_WEBP => 'webp'];

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
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw Refused::tooManyPixels($size[0] * $size[1] / 1e6);
        }
        // 50 megapixels decode to 200 MB, and turning them takes as much again.
        ini_set('memory_limit', '768M');
        $image = @imagecreatefromstring((string) file_get_contents($path));
        if ($image === false) {
            throw Refused::notAPicture();
        }
        $image = $this->scaled($this->upright($image, $path, $kind));

        return [...$this->write($image, $kind), 'width' => imagesx($image), 'height' => imagesy($image)];
    }

    private function upright(GdImage $image, string $path, string $kind): GdImage
    {
        $turn = $kind === 'jpg' && function_exists('exif_read_data') ? ((@exif_read_data($path) ?: [])['Orientation'] ?? 1) : 1;
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
        $scaled = imagescale($image, max(1, (int) round(imagesx($image) * self::LONGEST / $longest)), -1, IMG_BILINEAR_FIXED);

        return $scaled === false ? $image : $scaled;
    }

    /** @return array{file: string} */
    private function write(GdImage $image, string $kind): array
    {
        $folder = (string) config('sprue.pictures');
        if (! is_dir($folder)) {
            mkdir($folder, 0o755, true);
        }
        $temporary = (string) tempnam($folder, 'new');
        if ($kind === 'png') {
            imagesavealpha($image, true);
        }
        match ($kind) {
            'png' => imagepng($image, $temporary),
            'webp' => imagewebp($image, $temporary, 88),
            default => imagejpeg($image, $temporary, 88),
        };
        $file = substr((string) hash_file('sha256', $temporary), 0, 40).'.'.$kind;
        rename($temporary, "{$folder}/{$file}");
        chmod("{$folder}/{$file}", 0o644);

        return ['file' => $file];
    }
}
