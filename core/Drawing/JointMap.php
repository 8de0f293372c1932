<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** The piece as a map: parts as discs as large as they are heavy, joints between them with the number of their heat. */
final class JointMap
{
    /** With more parts than this the names of joints lie over one another. */
    private const CROWD = 5;

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
        $places = self::places(array_map(strval(...), array_keys($parts)), $input->rows('joints'));
        $view = new View('joints', 'Parts and joints', 'main', [-78, -36, 156, 88]);
        $beside = [];
        foreach ($input->rows('joints') as $joint) {
            $ends = array_map(
                static fn (string $part): array => $places[$part],
                array_values(array_filter((array) $joint['parts'], is_string(...))),
            );
            $pair = json_encode($joint['parts']);
            $beside[$pair] = ($beside[$pair] ?? -1) + 1;
            self::joint(
                $view, $ends, $beside[$pair],
                in_array($joint['id'], $clash, true) ? 'hot' : ($joint['cold'] === true ? 'ghost' : 'outline'),
                (string) $joint['id'], $heats[$joint['id']] ?? null, count($parts) > self::CROWD,
            );
        }
        foreach ($parts as $id => $mass) {
            [$x, $y] = $places[(string) $id];
            $radius = self::radius($mass);
            $view->circle($x, $y, $radius, 'fill-metal')->circle($x, $y, $radius)
                ->text(
                    $x, $y === 0.0 ? $y + 1 : ($y > 0 ? $y + $radius + 3.6 : $y - $radius - 1.6), (string) $id,
                    'middle', 'label',
                );
        }

        return [
            $view->input('step_c', 'step between grades', [-56, 44])
                ->input('margin_c', 'under every solidus', [0, 44])
                ->result('least_margin', 'nearest to melting', [56, 44]),
        ];
    }

    private static function radius(mixed $mass): float
    {
        return is_numeric($mass) ? min(9.0, 3.4 + 2.2 * sqrt((float) $mass)) : 4.4;
    }

    /**
     * The part that most others are joined to in the middle, the rest round it.
     *
     * @param  list<string>  $parts
     * @param  list<array<string, mixed>>  $joints
     * @return array<string, array{float, float}>
     */
    private static function places(array $parts, array $joints): array
    {
        $reach = array_map(
            static fn (string $part): int => count(
                array_filter(
                    $joints,
                    static fn (array $joint): bool => in_array($part, (array) $joint['parts'], true) && count(
                        array_unique((array) $joint['parts']),
                    ) > 1,
                ),
            ),
            $parts,
        );
        $middle = count($parts) > 2 || count($parts) === 1 ? (int) array_search(max($reach), $reach, true) : -1;
        $places = [];
        $round = array_values(array_filter($parts, static fn (int $at): bool => $at !== $middle, ARRAY_FILTER_USE_KEY));
        foreach ($round as $at => $part) {
            $angle = 2 * M_PI * ($at + 0.5) / count($round);
            $places[$part] = count($round) === 2 ? [
                $at === 0 ? -46.0 : 46.0, $middle < 0 ? 0.01 : 12.0,
            ] : [56.0 * sin($angle), -23.0 * cos($angle) + 0.01];
        }
        if ($middle >= 0) {
            $places[$parts[$middle]] = [0.0, 0.0];
        }

        return $places;
    }

    /**
     * @param  list<array{float, float}>  $ends
     * @param  ?array{int, float}  $heat
     */
    private static function joint(
        View $view, array $ends, int $beside, string $style, string $id, ?array $heat, bool $crowded,
    ): void
    {
        [[$x1, $y1], [$x2, $y2]] = [$ends[0], $ends[1]];
        // Beside a joint that stands upright, under any other.
        $upright = abs($x1 - $x2) < 6 && $y1 !== $y2;
        // Among many the parts at its ends tell a joint; its name would lie over the next one’s.
        $name = $crowded && ! ($x1 === $x2 && $y1 === $y2) ? '' : $id;
        $said = $heat === null ? $name : trim(sprintf('%s · %.0f°', $name, $heat[1]), ' ·');
        if ($x1 === $x2 && $y1 === $y2) {
            $out = hypot($x1, $y1) < 0.1 ? null : hypot($x1, $y1);
            // A seam of one part hangs on its outer side.
            [$x, $y] = $out === null ? [$x1 + 13 + 7 * $beside, $y1 + 10] : [
                $x1 + ($x1 < 0 ? -13 - 7 * $beside : 13 + 7 * $beside), $y1,
            ];
            $view->line($x1, $y1, $x, $y, $style);
        } else {
            // Joints between the same two parts stand side by side.
            [$nx, $ny] = [($y2 - $y1) / hypot($x2 - $x1, $y2 - $y1), ($x1 - $x2) / hypot($x2 - $x1, $y2 - $y1)];
            $off = $beside === 0 ? 0.0 : 5.0 * (intdiv($beside + 1, 2) * ($beside % 2 ? 1 : -1));
            [$x, $y] = [($x1 + $x2) / 2 + $off * $nx, ($y1 + $y2) / 2 + $off * $ny];
            $view->through([[$x1, $y1], [$x, $y], [$x2, $y2]], $style, false);
        }
        $view->circle($x, $y, 2.6, 'fill-paper')
            ->circle($x, $y, 2.6, $style)->text($x, $y + 1, $heat === null ? '–' : (string) $heat[0])
            ->text($upright ? $x + 4 : $x, $upright ? $y + 1 : $y + 6, $said, $upright ? 'start' : 'middle', 'small');
    }
}
