<?php

declare(strict_types=1);

namespace HotSprue\Layout;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Seats\Convergence;
use HotSprue\Workshop\WorkshopSettings;

/** Graded stones in a row over the top of a band, both ways round. Source: workbook 5. */
final class LayoutRow implements Calculation
{
    private const SOURCE = 'workbook 5, row on a band';

    private const BELOW_GIRDLE = 0.46;

    public function description(): Description
    {
        return new Description(
            'layout.row',
            'Row on a band',
            'Graded stones in a row over a band, large or small in the middle',
            self::SOURCE,
            [
                Field::length(
                    'sizes', 'the stones’ diameters, from the middle outward on one side, the middle one first',
                )
                    ->many()->optional(),
                Field::count('count', 'how many stones in all, instead of a list')
                    ->called('stones in the row')->between(2, 80)->optional(),
                Field::length('largest', 'the largest, where they are interpolated')->optional(),
                Field::length('smallest', 'the smallest, where they are interpolated')->optional(),
                Field::length('gap', 'gap between girdles')->allowingZero()->fromSetting('layouts.stone_gap'),
                Field::length('outer_diameter', 'outside diameter of the band')->called('outside diameter'),
                Field::length('girdle_depth', 'girdle under the surface')
                    ->called('girdle under the surface')->allowingZero()->default(0.0),
                Field::length('thickness', 'thickness of the band under the row')->optional(),
                Field::share('through_hole', 'hole right through, as a share of the stone')
                    ->called('hole through')->default(0.5),
                Field::choice(
                    'middle', ['large', 'small'], 'which end of the grading stands in the middle',
                )->default('large'),
            ],
            [
                Output::length('girdle_radius', 'radius on which the centres lie'),
                Output::of(Quantity::Angle, 'total_arc_deg', 'arc that the row takes')->called('arc of the row'),
                Output::length('total_arc', 'the same along the outside of the band'),
                Output::share('arc_share', 'share of the circumference')->called('share of the ring'),
                Output::length(
                    'least_wall', 'least wall between opened seats at the depth of the culets',
                )->called('least wall between seats'),
                Output::length('wall_at_finger', 'least wall between through holes at the finger'),
                Output::length('girdle_gap', 'least gap between girdles at the depth of their seats'),
                Output::rows(
                    'stones', 'each stone from one end to the other: diameter_mm, angle_deg from the top, along_mm',
                ),
                Output::rows('other_way', 'the same, graded the other way'),
                Output::rows(
                    'on_band', 'centres for the grid: along and across the outside, and diameter, mm',
                )->called('places on the band'),
            ],
            [
                'row-too-long' => 'the row goes round more than the whole band',
                'row-under-finger' => 'the row goes round over half of the band',
                'seats-converge' => 'a wall between two seats under 0.2 mm below the surface',
                'girdles-close' => 'girdles under 0.05 mm apart at the depth of their seats',
                'girdles-overlap' => 'girdles overlap at the depth of their seats',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        [$side, $odd] = $this->side($input);
        $radius = $input->num('outer_diameter') / 2 - $input->num('girdle_depth');
        if ($radius <= max($side)) {
            throw BadInput::field(
                'outer_diameter',
                'The stones are too large to lie on so small a band; a larger band or smaller stones are accepted.',
            );
        }
        $asked = $input->text('middle') === 'large' ? $side : array_reverse($side);
        $row = $this->place($this->bothSides($asked, $odd), $radius, $input);
        $other = $this->place($this->bothSides(array_reverse($asked), $odd), $radius, $input);
        $last = $row[count($row) - 1];
        // The row ends at the outer edges of its end stones.
        $arc = $last['angle_deg'] - $row[0]['angle_deg'] + rad2deg(
            asin($last['diameter_mm'] / 2 / $radius) + asin($row[0]['diameter_mm'] / 2 / $radius),
        );
        $uses = [
            $input->has('sizes') && $input->nums('sizes') !== [] ? 'sizes' : 'count', 'gap', 'outer_diameter',
            'girdle_depth',
        ];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'girdle_radius', $radius,
                Formula::of(
                    '{outside diameter} ÷ 2 − {girdle depth}',
                    [
                        'outside diameter' => $input->num('outer_diameter'),
                        'girdle depth' => $input->num('girdle_depth'),
                    ],
                ),
                uses: ['outer_diameter', 'girdle_depth'], because: 'the girdles lie here',
            )
            ->work(
                'total_arc_deg', $arc,
                Formula::taken('sum of 2 × asin((mean diameter + gap) ÷ (2 × R)) and the two end stones’ halves', $arc),
                uses: $uses, because: 'neighbours by their straight distance',
            )
            ->work(
                'total_arc', deg2rad($arc) * $input->num('outer_diameter') / 2,
                Formula::of(
                    '{arc} × π ÷ 180 × {outside diameter} ÷ 2',
                    ['arc' => $arc, 'outside diameter' => $input->num('outer_diameter')],
                ),
                uses: $uses, because: 'with dividers along the outside',
            )
            ->work(
                'arc_share', $arc / 360, Formula::of('{arc} ÷ 360', ['arc' => $arc]), uses: $uses,
                because: 'of the way round',
            )
            ->give('stones', $row)
            ->give('other_way', $other)
            ->give(
                'on_band',
                array_map(
                    static fn (array $stone): array => [
                        'along' => $stone['along_mm'], 'across' => 0.0, 'diameter' => $stone['diameter_mm'],
                    ],
                    $row,
                ),
            );
        if ($arc > 360 + 1e-9) {
            $answer->find(
                Level::Stop, 'row-too-long', 'count', sprintf('The row takes %.0f° and a band has 360.', $arc),
                'Take fewer stones, smaller ones or less gap.',
            );
        } elseif ($arc > 180 + 1e-9) {
            $answer->find(
                Level::Note, 'row-under-finger', 'count',
                sprintf('The row takes %.0f° and goes round under the finger.', $arc),
                'It cannot be sized later; say so to the client.',
            );
        }
        $this->neighbours($answer, $input, $row, $radius, $settings);

        return $answer->answer();
    }

    /**
     * One side from the middle outward, the large end first, and whether one stone stands in the middle.
     *
     * @return array{list<float>, bool}
     *
     * @throws BadInput
     */
    private function side(Input $input): array
    {
        if ($input->has('sizes') && $input->nums('sizes') !== []) {
            foreach (['count', 'largest', 'smallest'] as $other) {
                if ($input->has($other)) {
                    throw BadInput::bothGiven(['sizes', $other]);
                }
            }
            $side = $input->nums('sizes');
            rsort($side);

            return [$side, true];
        }
        foreach (['count', 'largest', 'smallest'] as $needed) {
            if (! $input->has($needed)) {
                throw BadInput::neitherGiven($needed, ['a list of sizes', 'count, largest and smallest together']);
            }
        }
        [$count, $largest, $smallest] = [(int) $input->num('count'), $input->num('largest'), $input->num('smallest')];
        if ($smallest > $largest) {
            throw BadInput::field(
                'smallest', 'The smallest is larger than the largest; a size up to that is accepted.',
            );
        }
        // From the middle outward in even steps; of an even count the two in the middle are alike.
        $steps = intdiv($count - 1, 2);
        $size = static fn (int $step): float => $steps === 0
            ? $largest
            : $largest + ($smallest - $largest) * $step / $steps;

        return [array_map($size, range(0, $steps)), $count % 2 === 1];
    }

    /**
     * @param  list<float>  $side  from the middle outward
     * @return list<float> from one end to the other, alike on both sides
     */
    private function bothSides(array $side, bool $odd): array
    {
        return [...array_reverse($side), ...($odd ? array_slice($side, 1) : $side)];
    }

    /**
     * @param  list<float>  $sizes
     * @return non-empty-list<array{diameter_mm: float, angle_deg: float, along_mm: float}>
     */
    private function place(array $sizes, float $radius, Input $input): array
    {
        $angles = [0.0];
        for ($i = 1; $i < count($sizes); $i++) {
            $angles[] = $angles[$i - 1] + rad2deg(
                2 * asin((($sizes[$i - 1] + $sizes[$i]) / 2 + $input->num('gap')) / (2 * $radius)),
            );
        }
        $middle = ($angles[0] + $angles[count($angles) - 1]) / 2;
        $row = [];
        foreach ($sizes as $i => $size) {
            $row[] = [
                'diameter_mm' => $size, 'angle_deg' => $angles[$i] - $middle,
                'along_mm' => deg2rad($angles[$i] - $middle) * $input->num('outer_diameter') / 2,
            ];
        }

        return $row === [] ? [['diameter_mm' => 0.0, 'angle_deg' => 0.0, 'along_mm' => 0.0]] : $row;
    }

    /**
     * What is left between neighbours below the surface, as `seat.depth` has it, at the tightest of them.
     *
     * @param  non-empty-list<array{diameter_mm: float, angle_deg: float, along_mm: float}>  $row
     */
    private function neighbours(
        AnswerBuilder $answer, Input $input, array $row, float $radius, WorkshopSettings $settings,
    ): void
    {
        if (count($row) < 2) {
            return;
        }
        [$outer, $depth] = [$input->num('outer_diameter') / 2, $input->num('girdle_depth')];
        $band = new Convergence($outer, $settings);
        [$left, $more, $with] = [['girdle_gap' => INF, 'least_wall' => INF, 'wall_at_finger' => INF], 0.0, []];
        for ($i = 1; $i < count($row); $i++) {
            $mean = ($row[$i - 1]['diameter_mm'] + $row[$i]['diameter_mm']) / 2;
            // Straight from middle to middle, as it is at the surface.
            $pitch = 2 * $outer * sin(deg2rad($row[$i]['angle_deg'] - $row[$i - 1]['angle_deg']) / 2);
            $at = [
                'girdle_gap' => [$depth + $settings->num('stones.girdle') * $mean, $mean],
                'least_wall' => [$depth + self::BELOW_GIRDLE * $mean, $band->opened * $mean],
            ];
            if ($input->has('thickness')) {
                $at['wall_at_finger'] = [$input->num('thickness'), $input->num('through_hole') * $mean];
            }
            foreach ($at as $name => $place) {
                $wanted = $name === 'girdle_gap' ? $band->girdles : $band->leastWall;
                $wall = $band->wall($pitch, ...$place);
                if ($wall < $left[$name]) {
                    [$left[$name], $with[$name]] = [
                        $wall, ['pitch' => $pitch, 'R' => $outer, 'depth' => $place[0], 'hole' => $place[1]],
                    ];
                }
                // The gap is between girdles, so what the pitch wants is wanted at their radius.
                $more = max($more, ($band->pitch($wanted, ...$place) - $pitch) * $radius / $outer);
            }
        }
        foreach ($with as $name => $numbers) {
            $answer->work($name, $left[$name], Formula::of('{pitch} × ({R} − {depth}) ÷ {R} − {hole}', $numbers)
                ->told('least of pitch × (R − depth) ÷ R − hole, of neighbours'), uses: [
                    'gap', 'outer_diameter', 'girdle_depth',
                    ...($name === 'wall_at_finger' ? ['thickness', 'through_hole'] : []),
                ], because: 'seats draw together below the surface', source: 'workbook 4, convergence');
        }
        $gap = ceil(1000 * ($input->num('gap') + $more)) / 1000;
        $remedy = [sprintf('Take a gap of %.3f mm, or smaller stones.', $gap), ['gap' => $gap]];
        if ($left['girdle_gap'] < -1e-9) {
            $answer->find(Level::Stop, 'girdles-overlap', 'gap',
                sprintf('Neighbours overlap by %.2f mm at their seats.', -$left['girdle_gap']), ...$remedy);
        } elseif ($left['girdle_gap'] < $band->girdles - 1e-9) {
            $answer->find(Level::Caution, 'girdles-close', 'gap',
                sprintf(
                    'Girdles are %.2f mm apart at their seats: setting one chips the next.', $left['girdle_gap'],
                ), ...$remedy);
        }
        $thin = min($left['least_wall'], $left['wall_at_finger']);
        if ($thin < $band->leastWall - 1e-9) {
            $answer->find(Level::Stop, 'seats-converge', 'gap',
                sprintf(
                    'Only %.2f mm is left between two seats below the surface: they run together.', $thin,
                ), ...$remedy);
        }
    }
}
