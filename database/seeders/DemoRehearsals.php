<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Person;
use App\Models\Rehearsal;
use App\Rehearsals\HeatLesson;
use App\Rehearsals\Played;
use HotSprue\Heat\Move;
use HotSprue\Stock\Torch;
use Illuminate\Support\Carbon;

/** What Maren and Tobit rehearsed: a first one melted, and better since. */
final class DemoRehearsals
{
    public static function keep(Person $maren, Person $tobit, Carbon $today): void
    {
        $held = static fn (float $x, float $y, float $seconds, float $spread = 1.0): array => array_fill(
            0, (int) (5 * $seconds), ['x' => $x, 'y' => $y, 'spread' => $spread],
        );
        $pushed = static fn (int ...$numbers): array => array_map(
            static fn (int $number, int|string $at): array => ['push' => $number, 'at' => 1.4 * (int) $at], $numbers,
            array_keys($numbers),
        );
        $good = array_map(
            static fn (Move $move): array => $move->row(), HeatLesson::named('near-a-first')->shown(Torch::AirGas),
        );
        foreach ([
            [$tobit, 31, ['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => $held(0, 0, 54)]],
            [$tobit, 30, ['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => $held(0, 0, 35)]],
            [$tobit, 12, [
                'lesson' => 'collet-on-shank', 'torch' => 'air-acetylene', 'moves' => $held(0, -15.2, 80, 0.0),
            ]],
            [$tobit, 9, ['lesson' => 'push-6', 'moves' => $pushed(6, 1)]],
            [$tobit, 9, [
                'lesson' => 'push-6', 'moves' => $pushed(6, 3, 1, 4, 2, 5, 6, 3, 1, 4, 2, 5, 6, 3, 1, 4, 2, 5),
            ]],
            [$maren, 9, ['lesson' => 'near-a-first', 'torch' => 'air-gas', 'moves' => $good]],
        ] as [$person, $days, $sent]) {
            $at = $today->copy()->subDays($days)->addHours(15);
            Rehearsal::keep(Played::of($sent), $person)->forceFill(['created_at' => $at])->save();
        }
    }
}
