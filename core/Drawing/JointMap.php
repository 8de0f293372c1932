<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Sheet\Answer;
use HotSprue\Sheet\Input;

/** The piece as a map: parts as discs as large as they are heavy, joints between them with the number of their heat. */
final class JointMap
{
    private const OUT = 27.0;

    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        $parts = array_column($input->rows('parts'), 'mass', 'id');
        $heats = [];
        foreach (is_array($answer->value('heats')) ? $answer->value('heats') : [] as $heat) {
            foreach ($heat['joints'] as $joint) {
                $heats[$joint] = [$heat['number'], $heat['flow_c']];
            }
        }
        $clash = array_column(is_array($answer->value('clash')) ? $answer->value('clash') : [], 'joint');
        $places = self::places(array_map(strval(...), array_keys($parts)));
        $view = new View('joints', 'Parts and joints', 'main', [-78, -38, 156, 82]);
        $beside = [];
        foreach ($input->rows('joints') as $joint) {
            $ends = array_map(static fn (string $part): array => $places[$part], array_values(array_filter((array) $joint['parts'], is_string(...))));
            $pair = json_encode($joint['parts']);
            $beside[$pair] = ($beside[$pair] ?? -1) + 1;
            self::joint($view, $ends, $beside[$pair], in_array($joint['id'], $clash, true) ? 'hot' : ($joint['cold'] === true ? 'ghost' : 'outline'), (string) $joint['id'], $heats[$joint['id']] ?? null);
        }
        foreach ($parts as $id => $mass) {
            [$x, $y] = $places[(string) $id];
            $radius = is_numeric($mass) ? min(8.5, 3.2 + 1.6 * sqrt((float) $mass)) : 4.0;
            $view->circle($x, $y, $radius, 'fill-metal')->circle($x, $y, $radius)->text($x, $y + 1, (string) $id, 'middle', 'label');
        }

        return [$view->input('step_c', 'step between grades', [-56, 36])->input('margin_c', 'under every solidus', [0, 36])->result('least_margin', 'nearest to melting', [56, 36])];
    }

    /**
     * @param  list<string>  $parts
     * @return array<string, array{float, float}>
     */
    private static function places(array $parts): array
    {
        $places = [];
        foreach ($parts as $at => $part) {
            $angle = 2 * M_PI * $at / max(2, count($parts)) - M_PI / 2;
            $places[$part] = count($parts) === 1 ? [0.0, 0.0] : [1.7 * self::OUT * sin($angle + M_PI / 2 + M_PI / max(2, count($parts))), -0.82 * self::OUT * cos($angle + M_PI / 2 + M_PI / max(2, count($parts)))];
        }

        return $places;
    }

    /**
     * @param  list<array{float, float}>  $ends
     * @param  ?array{int, float}  $heat
     */
    private static function joint(View $view, array $ends, int $beside, string $style, string $id, ?array $heat): void
    {
        [[$x1, $y1], [$x2, $y2]] = [$ends[0], $ends[1]];
        $said = $heat === null ? $id : sprintf('%s · %.0f°', $id, $heat[1]);
        if ($x1 === $x2 && $y1 === $y2) {
            $out = hypot($x1, $y1) ?: 1.0;
            [$x, $y] = [$x1 + ($x1 ?: 0.6) / $out * (9 + 5 * $beside), $y1 + $y1 / $out * 8];
            $view->circle(($x1 + $x) / 2, ($y1 + $y) / 2, 5.5, $style);
        } else {
            // Joints between the same two parts stand side by side.
            [$nx, $ny] = [($y2 - $y1) / hypot($x2 - $x1, $y2 - $y1), ($x1 - $x2) / hypot($x2 - $x1, $y2 - $y1)];
            $off = $beside === 0 ? 0.0 : 5.0 * (intdiv($beside + 1, 2) * ($beside % 2 ? 1 : -1));
            [$x, $y] = [($x1 + $x2) / 2 + $off * $nx, ($y1 + $y2) / 2 + $off * $ny];
            $view->through([[$x1, $y1], [$x, $y], [$x2, $y2]], $style, false);
        }
        $view->circle($x, $y, 2.6, 'fill-paper')->circle($x, $y, 2.6, $style)->text($x, $y + 1, $heat === null ? '–' : (string) $heat[0])->text($x, $y + 6.2, $said, 'middle', 'small');
    }
}
