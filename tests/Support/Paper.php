<?php

declare(strict_types=1);

namespace Tests\Support;

/** Looks at a printed page as an eye with a rule would. */
final class Paper
{
    /** The longest unbroken black line in the upper third of the first page, mm. */
    public static function blackRun(string $pdf): float
    {
        $dpi = 600;
        exec(
            sprintf(
                'pdftoppm -r %d -l 1 -png -singlefile -H %d %s %s', $dpi, $dpi * 4, escapeshellarg($pdf),
                escapeshellarg("{$pdf}.page"),
            ),
        );
        $image = imagecreatefrompng("{$pdf}.page.png");
        unlink("{$pdf}.page.png");
        $longest = 0;
        for ($y = 0; $y < imagesy($image); $y += 5) {
            for ($x = $run = 0; $x < imagesx($image); $x++) {
                $run = (imagecolorat($image, $x, $y) & 0xFFFFFF) < 0x202020 ? $run + 1 : 0;
                $longest = max($longest, $run);
            }
        }

        return $longest / $dpi * 25.4;
    }
}
