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

    /** Which share of the first page is light. */
    public static function lightShare(string $pdf): float
    {
        exec(sprintf('pdftoppm -r 20 -l 1 -png -singlefile %1$s %1$s.page', escapeshellarg($pdf)));
        $page = imagecreatefrompng("{$pdf}.page.png");
        unlink("{$pdf}.page.png");
        $light = 0;
        for ($y = 0; $y < imagesy($page); $y++) {
            for ($x = 0; $x < imagesx($page); $x++) {
                $light += (imagecolorat($page, $x, $y) & 0xFF) > 0xC0 ? 1 : 0;
            }
        }

        return $light / imagesx($page) / imagesy($page);
    }

    /**
     * How far the bluish parts of the first page, its stones, reach across and down.
     *
     * @return array{float, float} mm
     */
    public static function tinted(string $pdf): array
    {
        $dpi = 300;
        exec(sprintf(
            'pdftoppm -r %d -l 1 -png -singlefile %s %s', $dpi, escapeshellarg($pdf), escapeshellarg("{$pdf}.page"),
        ));
        $image = imagecreatefrompng("{$pdf}.page.png");
        unlink("{$pdf}.page.png");
        $seen = [[], []];
        for ($y = 0; $y < imagesy($image); $y++) {
            for ($x = 0; $x < imagesx($image); $x++) {
                $colour = imagecolorat($image, $x, $y);
                if (($colour & 0xFF) - (($colour >> 16) & 0xFF) > 6) {
                    $seen[0][$x] = $seen[1][$y] = true;
                }
            }
        }

        return array_map(
            static fn (array $at): float => (max(array_keys($at)) - min(array_keys($at)) + 1) / $dpi * 25.4, $seen,
        );
    }
}
