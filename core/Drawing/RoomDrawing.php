<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** The casting room: a tree in its flask, what the core feels, and filling against freezing. */
final class RoomDrawing
{
    private const WIDE = 190.0;

    private const DEGREE = 0.11;

    /** @return list<View> the tree, cut down its axis */
    public static function tree(Input $input, Answer $answer): array
    {
        $places = $answer->value('places');
        if (! is_array($places) || $places === []) {
            return [];
        }
        [$d, $h] = [$answer->num('flask_diameter'), $answer->num('flask_height')];
        $tilt = deg2rad($answer->num('tilt_deg'));
        $sprue = $input->num('sprue_length');
        $across = max(array_column($input->rows('patterns'), 'across'));
        $stem = max(3.0, $answer->num('stem_diameter'));
        $top = max(array_column($places, 'height_mm'));
        $view = (new View('tree-pack', 'The tree in its flask', 'main', [-0.95 * $d, -$h - 4, 1.9 * $d, $h + 8]))
            ->rect(-$d / 2, -$h, $d, $h, 'fill-invest')
            ->path(sprintf('M%.3F %.3F V0 M%.3F %.3F V0', -$d / 2, -$h, $d / 2, -$h), 'flask')
            ->rect(-$stem / 2, -$top, $stem, $top, 'fill-sprue')->rect(-$stem / 2, -$top, $stem, $top, 'thin');
        foreach ($places as $place) {
            // Seen from the side a pattern stands where its turn round the stem puts it.
            $side = cos(deg2rad($place['around_deg'])) * sin($tilt);
            $reach = $sprue + $across / 2;
            [$x, $y] = [$reach * $side, -$place['height_mm'] - ($tilt === 0.0 ? $across / 2 : $reach * cos($tilt))];
            $view->line(0, -$place['height_mm'], $x, $y, 'measure')
                ->circle($x, $y, $across / 2, 'fill-wax')->circle($x, $y, $across / 2)
                ->circle($x, $y, $across / 2 * 0.8, 'thin');
        }

        return [$view->result(
            'wall_margin', 'to the wall', [0.74 * $d, -$h * 0.7],
        )->result('end_margin', 'to the end', [0.74 * $d, -$h * 0.9])
            ->result('clearance', 'between two', [0.74 * $d, -$h * 0.5])->input(
                'flask', 'flask', [0.74 * $d, -$h * 0.14], [],
                is_string($answer->value('flask')) ? $answer->value('flask') : null,
            )->input('sprue_length', 'sprue length', [0.74 * $d, -$h * 0.32])];
    }

    /** @return list<View> kiln, wall and core by the model */
    public static function core(Answer $answer): array
    {
        $curves = $answer->value('curves');
        if (! is_array($curves) || count($curves) < 2) {
            return [];
        }
        $total = max(1.0, $answer->num('total_min'));
        $high = max(array_column($curves, 'kiln_c'));
        $up = static fn (float $c): float => -$c * self::DEGREE;
        $view = new View(
            'core', 'What the core feels, by a model', 'foot',
            [-18, $up($high) - 14, self::WIDE + 52, -$up($high) + 44],
        );
        $view->line(0, 0, self::WIDE, 0, 'thin');
        for ($hour = 0; $hour * 60 <= $total; $hour++) {
            $x = $hour * 60 / $total * self::WIDE;
            $view->line($x, 0, $x, 1.5, 'thin')->text($x, 6, "{$hour} h", 'middle', 'small');
        }
        $limit = $answer->num('gypsum_limit');
        foreach ([105.0, 371.0, 620.0, $limit] as $degrees) {
            if ($degrees <= $high) {
                $view->line(
                    0, $up($degrees), self::WIDE, $up($degrees), $degrees === $limit ? 'limit' : 'ghost',
                )->degrees(-2, $up($degrees) + 1.5, $degrees, 'end');
            }
        }
        foreach (['kiln_c' => 'hot', 'wall_c' => 'thin', 'core_c' => 'cast'] as $which => $style) {
            $view->through(
                array_map(
                    static fn (array $point): array => [$point['min'] / $total * self::WIDE, $up($point[$which])],
                    array_values($curves),
                ),
                $style, false,
            );
        }
        $last = $curves[count($curves) - 1];
        $view->text(self::WIDE + 2, $up($last['core_c']) + 1.5, 'core', 'start', 'small')
            ->result('above_620_min', 'core above 620', [16, 18])
            ->result('core_at_pour', 'core at the pour', [self::WIDE * 0.62, 18])
            ->result('largest_lag', 'largest lag', [self::WIDE * 0.88, 18]);
        if ($answer->value('dry_at_min') !== null) {
            $x = $answer->num('dry_at_min') / $total * self::WIDE;
            $view->circle($x, $up(105), 1.6, 'outline')->result('dry_at_min', 'core dry', [self::WIDE * 0.36, 18], []);
        }

        return [$view];
    }

    /** @return list<View> filling beside freezing, and drive beside what the section asks */
    public static function fill(Answer $answer): array
    {
        $view = new View('fill', 'Filling against freezing', 'foot', [-2, -2, 190, 27]);
        $share = min(1.0, $answer->num('fill_share'));
        $driven = $answer->num('drive_pa') / $answer->num('entry_pa');
        $view->rect(0, 2, 80, 5, 'ghost')
            ->rect(
                0, 2, max(0.3, 80 * $share), 5,
                $share > 0.5 ? 'fill-hot' : ($share > 0.25 ? 'fill-caution' : 'fill-metal'),
            )
            ->line(20, 1, 20, 8, 'measure')->line(40, 1, 40, 8, 'limit')
            ->text(0, 12, 'filling, of the time to freeze; a quarter is safe', 'start', 'small')
            ->rect(0, 15, 80, 5, 'ghost')
            ->rect(
                0, 15, 80 * min(1.0, $driven / 3), 5,
                $driven < 1 ? 'fill-hot' : ($driven < 1.5 ? 'fill-caution' : 'fill-metal'),
            )
            ->line(80 / 3, 14, 80 / 3, 21, 'limit')->line(40, 14, 40, 21, 'measure')
            ->text(0, 25, 'drive, of what the thinnest section asks', 'start', 'small')
            ->result('fill_time_s', 'to fill', [102, 5])
            ->result('freeze_time_s', 'to freeze', [132, 5])->result('drive_pa', 'drive, Pa', [102, 19])
            ->result('entry_pa', 'asked, Pa', [132, 19])->input('metal_temperature', 'metal at', [166, 12]);

        return [$view];
    }

    /** @return list<View> the spin arm from above, its weights where they balance */
    public static function arm(Input $input, Answer $answer): array
    {
        [$in, $out, $back] = [
            $input->num('crucible_radius'), $input->num('flask_radius'), $answer->num('counterweight_radius'),
        ];
        $scale = 70 / max($in, $out, $back);
        $view = new View('arm', 'The spin arm, balanced', 'foot', [-110, -14, 220, 30]);
        $view->line(-$back * $scale, 0, max($in, $out) * $scale, 0, 'outline')
            ->circle(0, 0, 2.2, 'fill-metal')->circle(0, 0, 2.2)
            ->rect($out * $scale - 6, -5, 12, 10, 'fill-invest')->rect($out * $scale - 6, -5, 12, 10)
            ->circle($in * $scale, 0, 3, 'fill-hot')->circle($in * $scale, 0, 3)
            ->circle(-$back * $scale, 0, 4.5, 'fill-metal')->circle(-$back * $scale, 0, 4.5);

        return [
            $view->result(
                'counterweight_radius', 'weight from the pivot', [-$back * $scale / 2, -9],
            )->result('turns', 'turns', [14, -9])
                ->input('counterweight_mass', 'counterweight', [-96, 4])->input('flask_mass', 'flask, weighed', [96, 4])
                ->input('crucible_radius', 'crucible from the pivot', [12, 11])
                ->input('flask_radius', 'flask from the pivot', [64, 11]),
        ];
    }
}
