<?php

declare(strict_types=1);

namespace HotSprue\Tree;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Patterns of one or several jobs on one stem: levels, places, clearances and the flask that holds them. Source:
 * workbook 8.
 *
 * @phpstan-type PackedTree array{
 *     tilt: float, radius: float, height: float, clearance: float, levels: int, places: list<array{float, int, float}>,
 * }
 */
final class TreePack implements Calculation
{
    public const SOURCE = 'workbook 8, flask';

    /** Sprues leave the stem at 30 to 45° to its axis, pointing away from the button. */
    private const TILTS = [30.0, 37.5, 45.0];

    private const MOST = 24;

    private const MOST_AROUND = 8;

    public function description(): Description
    {
        return TreePackDescription::make();
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $patterns = $input->rows('patterns');
        if ($patterns === []) {
            throw BadInput::field('patterns', 'At least one pattern is accepted.');
        }
        // Heavy patterns nearest the button.
        $room = static fn (array $pattern): float => $pattern['volume'] ?? $pattern['across'] ** 2 * $pattern['deep'];
        usort($patterns, static fn (array $a, array $b): int => $room($b) <=> $room($a));
        $answer = AnswerBuilder::of($this, $input);
        if (count($patterns) > self::MOST) {
            return $answer->find(
                Level::Stop, 'too-many-for-one', 'patterns',
                sprintf('%d patterns are too many for one stem.', count($patterns)), 'Share them out over two flasks.',
            )->answer();
        }
        $flasks = $input->has('flask') ? [
            $settings->row('stock.flasks', $input->text('flask')),
        ] : $settings->rows('stock.flasks');
        $holds = static fn (array $flask): float => $flask['diameter'] ** 2 * $flask['height'];
        usort($flasks, static fn (array $a, array $b): int => $holds($a) <=> $holds($b));
        $trees = $this->trees($patterns, $input);
        [$wall, $end] = [$settings->num('flask.wall'), $settings->num('flask.end')];
        $margins = static fn (array $flask, array $tree): array => [
            $flask['diameter'] / 2 - $tree['radius'], $flask['height'] - $tree['height'],
        ];
        foreach ($flasks as $flask) {
            foreach ($trees as $tree) {
                [$toWall, $toEnd] = $margins($flask, $tree);
                if ($toWall >= $wall - 1e-9 && $toEnd >= $end - 1e-9) {
                    $this->give($answer, $input, $flask, $tree, $patterns);

                    return $answer->answer();
                }
            }
        }
        if ($input->has('flask')) {
            // The tree that comes nearest to fitting, so that it can be seen what is short.
            usort(
                $trees,
                static fn (array $a, array $b): int => min(
                    array_map(
                        static fn (float $m, float $w): float => $m - $w, $margins($flasks[0], $b), [$wall, $end],
                    ),
                ) <=> min(
                    array_map(
                        static fn (float $m, float $w): float => $m - $w, $margins($flasks[0], $a), [$wall, $end],
                    ),
                ),
            );
            $this->give($answer, $input, $flasks[0], $trees[0], $patterns);
            $answer->find(
                Level::Stop, 'flask-too-small', 'flask',
                sprintf(
                    'With %.0f mm to the wall and %.0f mm to the end the tree does not go into this flask.', $wall,
                    $end,
                ),
                'Take a larger flask, or fewer patterns.',
            );
        } else {
            $answer->find(
                Level::Stop, 'no-flask-fits', 'patterns',
                sprintf(
                    'No flask in the list takes the tree with %.0f mm to the wall and %.0f mm to the end.', $wall, $end,
                ),
                'Share the patterns out over two flasks, or shorten the sprues.',
            );
        }

        return $answer->answer();
    }

    /**
     * Every way to stand them: so many round the stem at a level, at each tilt.
     *
     * @param  list<array<string, mixed>>  $patterns
     * @return non-empty-list<PackedTree>
     */
    private function trees(array $patterns, Input $input): array
    {
        [$sprue, $foot, $between] = [$input->num('sprue_length'), $input->num('foot'), $input->num('between')];
        $largest = max(array_column($patterns, 'across'));
        $deepest = max(array_column($patterns, 'deep'));
        if (count($patterns) === 1) {
            // A single ring stands on the axis, straight up.
            return [
                [
                    'tilt' => 0.0, 'radius' => hypot($largest, $deepest) / 2, 'height' => $sprue + $largest,
                    'clearance' => $largest, 'levels' => 1, 'places' => [[0.0, 1, $sprue]],
                ],
            ];
        }
        $trees = [];
        foreach (self::TILTS as $tilt) {
            $out = ($sprue + $largest / 2) * sin(deg2rad($tilt));
            $up = ($sprue + $largest / 2) * cos(deg2rad($tilt));
            for ($around = min(self::MOST_AROUND, count($patterns)); $around >= 2; $around--) {
                // A ring is a disc in a plane through the axis: it comes nearest to its neighbour, and to the stem,
                // where it is nearest to the axis.
                $inner = $out - $largest / 2;
                $apart = 2 * $inner * sin(M_PI / $around) - $deepest * cos(M_PI / $around);
                if ($apart < $between - 1e-9 || $inner <= 0) {
                    continue;
                }
                $levels = (int) ceil(count($patterns) / $around);
                $pitch = $largest + $between;
                $places = [];
                foreach (array_keys($patterns) as $index) {
                    $level = intdiv($index, $around);
                    $onLevel = min($around, count($patterns) - $level * $around);
                    $places[] = [
                        360.0 * ($index % $around) / $onLevel + ($level % 2) * 180.0 / $around, $level + 1,
                        $foot + $level * $pitch,
                    ];
                }
                $trees[] = [
                    'tilt' => $tilt, 'radius' => hypot($out + $largest / 2, $deepest / 2),
                    'height' => $foot + ($levels - 1) * $pitch + $up + $largest / 2,
                    'clearance' => min($apart, $levels > 1 ? $between : $apart), 'levels' => $levels,
                    'places' => $places,
                ];
            }
        }

        return $trees === [] ? [
            ['tilt' => 45.0, 'radius' => INF, 'height' => INF, 'clearance' => 0.0, 'levels' => 1, 'places' => []],
        ] : $trees;
    }

    /**
     * @param  array<string, mixed>  $flask
     * @param  PackedTree  $tree
     * @param  list<array<string, mixed>>  $patterns
     */
    private function give(AnswerBuilder $answer, Input $input, array $flask, array $tree, array $patterns): void
    {
        if (! is_finite($tree['radius'])) {
            return;
        }
        $uses = ['patterns', 'sprue_length', 'foot', 'between', 'flask'];
        $volume = array_sum(
            array_map(static fn (array $pattern): float => (float) ($pattern['volume'] ?? 0.0), $patterns),
        );
        $gates = array_map(static fn (array $pattern): float => (float) ($pattern['gate_area'] ?? 0.0), $patterns);
        $around = (int) ceil(count($patterns) / $tree['levels']);
        $widest = array_sum(array_slice($gates, 0, $around));
        FlaskWorking::work($answer, $flask, $input->has('flask'), 'holds the tree', $uses);
        $answer
            ->work(
                'levels', $tree['levels'],
                Formula::taken('patterns ÷ how many stand round a level, rounded up', $tree['levels']), uses: $uses,
                because: 'the fewest that fit the flask',
            )
            ->work(
                'tilt_deg', $tree['tilt'],
                Formula::taken('between 30 and 45°; a single ring stands straight', $tree['tilt']), uses: $uses,
                because: 'sprues point away from the button, so that metal falls into them',
            )
            ->work(
                'radius', $tree['radius'], Formula::taken('farthest reach from the axis', $tree['radius']), uses: $uses,
                because: 'sprue and pattern at their tilt',
            )
            ->work(
                'height', $tree['height'], Formula::taken('foot, levels and the topmost pattern', $tree['height']),
                uses: $uses, because: 'from the flask’s foot',
            )
            ->work(
                'wall_margin', $flask['diameter'] / 2 - $tree['radius'],
                Formula::of(
                    '{flask diameter} ÷ 2 − {radius}',
                    ['flask diameter' => $flask['diameter'], 'radius' => $tree['radius']],
                ),
                uses: $uses, because: 'six millimetres at the least',
            )
            ->work(
                'end_margin', $flask['height'] - $tree['height'],
                Formula::of(
                    '{flask height} − {height}', ['flask height' => $flask['height'], 'height' => $tree['height']],
                ),
                uses: $uses, because: 'the end takes the push of the metal',
            )
            ->work(
                'clearance', $tree['clearance'], Formula::taken('least between two patterns', $tree['clearance']),
                uses: $uses, because: 'four millimetres at the least',
            )
            ->work(
                'pattern_volume_mm3', $volume, Formula::taken('sum of the patterns’ volumes', $volume),
                uses: ['patterns'], because: 'without the sprues',
            )
            ->work(
                'stem_diameter', sqrt(4 * $widest / M_PI),
                Formula::of('√(4 × {gates of the widest level} ÷ π)', ['gates of the widest level' => $widest]),
                uses: ['patterns'], because: 'the stem’s area is the sprues’ at one level or more',
                source: 'workbook 8, sprue',
            )
            ->give(
                'places',
                array_map(
                    static fn (array $place, array $pattern): array => [
                        'name' => $pattern['name'] ?? '', 'level' => $place[1], 'around_deg' => fmod($place[0], 360.0),
                        'height_mm' => $place[2],
                    ],
                    $tree['places'], $patterns,
                ),
            );
    }
}
