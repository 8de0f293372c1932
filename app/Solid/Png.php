<?php

declare(strict_types=1);

namespace App\Solid;

use HotSprue\Solid\Part;
use HotSprue\Solid\StillPicture;

/** A still picture of parts as PNG, clear where nothing is. */
final class Png
{
    /**
     * @param  non-empty-list<Part>  $parts
     * @param  int<1, max>  $wide
     * @param  int<1, max>  $high
     * @param  float  $turn  of a whole turn
     * @param  ?float  $span  of the shorter side, mm; as it fits unless said
     */
    public static function of(array $parts, int $wide, int $high, float $turn = 0.0, ?float $span = null): string
    {
        $image = imagecreatetruecolor($wide, $high);
        imagesavealpha($image, true);
        imagefill($image, 0, 0, (int) imagecolorallocatealpha($image, 255, 255, 255, 127));
        foreach (StillPicture::of($parts, $wide, $high, $turn, $span) as $at => $colour) {
            imagesetpixel($image, $at % $wide, intdiv($at, $wide), $colour);
        }
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
