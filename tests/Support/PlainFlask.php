<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * Heat into a flask reckoned apart from the core: explicit in time, in steps short enough to be stable, straight from
 * the workbook's figures. Slow, and with nothing clever in it.
 */
final class PlainFlask
{
    private const ROOM = 20.0;

    /**
     * @param  list<array{float, float}>  $stages  where the kiln goes, and minutes with the ramp
     * @return array{dry: float|null, above_620: float, core: float}
     */
    public static function burn(
        float $diameter, array $stages, float $climb, float $fall, float $waterPer100 = 40.0, int $nodes = 30,
        float $step = 0.7,
    ): array
    {
        [$radius, $k, $rho, $c] = [$diameter / 2000, 0.50, 1200.0, 1050.0];
        $boil = 2.257e6 * ($waterPer100 / 100 - 0.06);
        $calcine = 3.1e6 * 0.06;
        $temperature = static function (float $h) use ($c, $boil, $calcine): float {
            foreach ([[95.0, 105.0, $boil], [120.0, 170.0, $calcine]] as [$from, $to, $latent]) {
                $start = $c * ($from - self::ROOM);
                $width = $c * ($to - $from) + $latent;
                if ($h > $start && $h < $start + $width) {
                    return $from + ($to - $from) * ($h - $start) / $width;
                }
                $h -= $h >= $start + $width ? $latent : 0.0;
            }

            return self::ROOM + $h / $c;
        };
        $shell = $radius / $nodes;
        $wallArea = 2 * M_PI * $radius;
        $held = array_fill(0, $nodes, 0.0);
        $t = array_fill(0, $nodes, self::ROOM);
        [$kiln, $wall, $minutes, $above, $dry] = [self::ROOM, self::ROOM, 0.0, 0.0, null];
        foreach ($stages as [$to, $lasts]) {
            for ($n = (int) round($lasts * 60 / $step); $n > 0; $n--) {
                $kiln = $to > $kiln ? min($to, $kiln + $climb * $step / 60) : max($to, $kiln - $fall * $step / 60);
                [$hot, $cool] = [$kiln + 273.15, $wall + 273.15];
                $outer = (12 + 0.85 * 5.670374e-8 * ($hot ** 2 + $cool ** 2) * ($hot + $cool)) * $wallArea;
                $inner = $k * $wallArea / ($shell / 2);
                $wall = ($outer * $kiln + $inner * $t[$nodes - 1]) / ($outer + $inner);
                $flow = 0.0;
                for ($i = 0; $i < $nodes; $i++) {
                    $next = $i === $nodes - 1
                        ? $inner * ($wall - $t[$i])
                        : $k / $shell * 2 * M_PI * $shell * ($i + 1) * ($t[$i + 1] - $t[$i]);
                    $held[$i] += $step * ($next - $flow) / ($rho * M_PI * $shell ** 2 * (2 * $i + 1));
                    $flow = $next;
                }
                $t = array_map($temperature, $held);
                $minutes += $step / 60;
                $dry ??= $t[0] > 105 ? $minutes : null;
                $above += $t[0] > 620 ? $step / 60 : 0.0;
            }
        }

        return ['dry' => $dry, 'above_620' => $above, 'core' => $t[0]];
    }
}
