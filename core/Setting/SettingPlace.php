<?php

declare(strict_types=1);

namespace HotSprue\Setting;

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
use HotSprue\Seats\Proportions;
use HotSprue\Stones\StoneInput;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Where a setting sits on the band, and what is left between it, its neighbours and the band's edges. Source:
 * workbook 4, under the stone; the geometry of a round band.
 */
final class SettingPlace implements Calculation
{
    private const SOURCE = 'geometry of a round band';

    public function description(): Description
    {
        return new Description(
            'setting.place',
            'Place of a setting',
            'Where a setting sits on the band, and what is left between it, its neighbours and the edges',
            self::SOURCE,
            [
                ...StoneInput::fields(),
                ...PlacedOutline::fields(),
                Field::length('height', 'how high its foot stands over the outside of the band')
                    ->called('foot over the band')->allowingZero()->default(0.0),
                Field::of(Quantity::Angle, 'tilt', 'how far its table leans from level')
                    ->between(-90, 90)->default(0.0),
                Field::length('girdle', 'underside of the girdle over the foot of the setting')
                    ->called('girdle over the foot')->between(-20, 20)->allowingZero()->optional(),
                ...Proportions::fields(),
                Field::length('outer_diameter', 'outside diameter of the band')->called('outside diameter'),
                Field::length('inner_diameter', 'inside diameter of the finished ring')
                    ->called('inside diameter')->optional(),
                Field::length('band_width', 'width of the band there')->optional(),
                Field::share('hole', 'hole right through under the stone, as a share of its width')
                    ->called('hole through')->between(0, 0.9)->fromSetting('seats.pilot'),
                Field::yesNo('in_band', 'whether its seat is cut into the band itself')
                    ->called('cut into the band?')->default(false),
                Field::rows('others', [
                    Field::text('name', 'which setting'), Field::text('key', 'its key on the job')->optional(),
                    ...StoneInput::fields(), ...PlacedOutline::fields(),
                ], 'the other settings of the ring')->optional(),
            ],
            [
                Output::length('along', 'from the top along the outside of the band; to the right positive')
                    ->called('along the band'),
                Output::length('least_gap', 'to the nearest other setting, at the outside of the band')
                    ->called('to the nearest'),
                Output::text('nearest', 'which setting is nearest'),
                Output::length('bridge', 'metal left between its hole and the nearest one’s, at the finger')
                    ->called('bridge at the finger'),
                Output::length('edge_left', 'from its outside to the nearer edge of the band')
                    ->called('to the band’s edge'),
                Output::length('opening', 'opening for light under the stone')->called('opening for light'),
                Output::length('culet_over_finger', 'the culet over the finger')->called('culet over the finger'),
                Output::rows('on_band', 'its centre for the grid: along and across the outside, and diameter, mm')
                    ->called('place on the band'),
            ],
            [
                'settings-overlap' => 'two settings lie over one another',
                'settings-close' => 'two settings nearer than the workshop leaves between them',
                'bridge-thin' => 'less metal between two holes at the finger than between seats',
                'edge-thin' => 'a seat cut nearer to the band’s edge than the workshop leaves',
                'over-the-edge' => 'a setting wider than the band that carries it',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $mine = PlacedOutline::of($input->values(), StoneInput::read($input));
        $radius = $input->num('outer_diameter') / 2;
        if ($input->has('inner_diameter') && $input->num('inner_diameter') >= 2 * $radius) {
            throw BadInput::field('inner_diameter', 'The inside is smaller than the outside of the band.');
        }
        $opening = $input->num('hole') * $input->num('width');
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'along', $mine->along($radius),
                Formula::of('{angle} × π ÷ 180 × {R}', ['angle' => $mine->angle, 'R' => $radius]),
                uses: ['angle', 'outer_diameter'], because: 'with dividers along the outside',
            )
            ->work(
                'opening', $opening,
                Formula::of('{hole} × {width}', ['hole' => $input->num('hole'), 'width' => $input->num('width')]),
                uses: ['hole', 'width'], because: 'light and a brush come in here',
                source: 'workbook 4, under the stone',
            )
            ->give('on_band', [[
                'along' => $mine->along($radius), 'across' => $mine->across, 'diameter' => $input->num('width'),
            ]]);
        $this->under($answer, $input, $settings);
        $this->edge($answer, $input, $mine, $settings);
        $this->neighbours($answer, $input, $mine, $radius, $settings);

        return $answer->answer();
    }

    /** How far the stone’s point stays from the finger. */
    private function under(AnswerBuilder $answer, Input $input, WorkshopSettings $settings): void
    {
        if (! $input->has('girdle') || ! $input->has('inner_diameter')) {
            return;
        }
        $stone = Proportions::of($input, $input->num('width'), $settings);
        $thick = ($input->num('outer_diameter') - $input->num('inner_diameter')) / 2;
        $answer->work(
            'culet_over_finger', $thick + $input->num('height') + $input->num('girdle') - $stone->pavilion,
            Formula::of(
                '{band} + {foot over it} + {girdle over the foot} − {pavilion}',
                [
                    'band' => $thick, 'foot over it' => $input->num('height'),
                    'girdle over the foot' => $input->num('girdle'), 'pavilion' => $stone->pavilion,
                ],
            ),
            uses: ['outer_diameter', 'inner_diameter', 'height', 'girdle', 'width', 'depth'],
            because: 'a culet that comes near the finger scratches, and chips', source: 'workbook 4, under the stone',
        );
    }

    private function edge(
        AnswerBuilder $answer, Input $input, PlacedOutline $mine, WorkshopSettings $settings,
    ): void
    {
        if (! $input->has('band_width')) {
            return;
        }
        [$half, $reach] = [$input->num('band_width') / 2, $mine->reach(M_PI_2)];
        $left = $half - abs($mine->across) - $reach;
        $answer->work(
            'edge_left', $left,
            Formula::of(
                '{band} ÷ 2 − {across} − {its half}',
                ['band' => 2 * $half, 'across' => abs($mine->across), 'its half' => $reach],
            ),
            uses: ['band_width', 'across', 'outside', 'turn', 'width'], because: 'what holds it on that side',
        );
        $least = $settings->num('seats.least_edge');
        if ($input->flag('in_band') && $left < $least - 1e-9) {
            $answer->find(
                $left < -1e-9 ? Level::Stop : Level::Caution, 'edge-thin', 'across',
                sprintf('%.2f mm of metal is left between its seat and the edge; %.2f mm is wanted.', $left, $least),
                sprintf('Make the band %.2f mm wide there, or move it in.', 2 * ($half - $left + $least)),
            );
        } elseif (! $input->flag('in_band') && $left < -1e-9) {
            $answer->find(
                Level::Note, 'over-the-edge', 'across',
                sprintf('It reaches %.2f mm over the edge of the band.', -$left),
                'See that it clears the next finger, and that its joint is long enough.',
            );
        }
    }

    private function neighbours(
        AnswerBuilder $answer, Input $input, PlacedOutline $mine, float $radius, WorkshopSettings $settings,
    ): void
    {
        $nearest = $thinnest = null;
        foreach ($input->rows('others') as $row) {
            $other = PlacedOutline::of($row, StoneInput::ofRow($row));
            $gap = $mine->gapTo($other, $radius);
            $nearest = $nearest === null || $gap < $nearest[0] ? [$gap, (string) $row['name'], $other] : $nearest;
            if ($input->has('inner_diameter')) {
                $holes = $input->num('hole') * ($input->num('width') + (float) $row['width']) / 2;
                $apart = $mine->apart($other, $input->num('inner_diameter') / 2);
                $thinnest = $thinnest === null || $apart - $holes < $thinnest[0] - $thinnest[1]
                    ? [$apart, $holes] : $thinnest;
            }
        }
        if ($nearest === null) {
            return;
        }
        [$gap, $name, $other] = $nearest;
        $apart = $mine->apart($other, $radius);
        $answer
            ->work(
                'least_gap', $gap,
                Formula::of(
                    '{middle to middle} − {both halves that way}',
                    ['middle to middle' => $apart, 'both halves that way' => $apart - $gap],
                ),
                uses: ['others', 'angle', 'across', 'outside', 'outer_diameter'],
                because: 'along the straight line between their middles',
            )
            ->work(
                'nearest', $name, Formula::said('the least gap', sprintf('%.2f mm', $gap)), uses: ['others'],
                because: 'it is set beside this one',
            );
        if ($thinnest !== null) {
            $answer->work(
                'bridge', $thinnest[0] - $thinnest[1],
                Formula::of(
                    '{middle to middle at the finger} − {holes}',
                    ['middle to middle at the finger' => $thinnest[0], 'holes' => $thinnest[1]],
                ),
                uses: ['others', 'angle', 'inner_diameter', 'hole'],
                because: 'on a curved band neighbours draw together below',
            );
        }
        $this->judge($answer, $input, $gap, $name, $settings);
    }

    private function judge(
        AnswerBuilder $answer, Input $input, float $gap, string $name, WorkshopSettings $settings,
    ): void
    {
        $least = $settings->num('seats.settings_apart');
        if ($gap < $least - 1e-9) {
            $over = $gap < -1e-9;
            $answer->find(
                $over ? Level::Stop : Level::Caution, $over ? 'settings-overlap' : 'settings-close', 'angle',
                $over
                    ? sprintf('It lies %.2f mm over “%s”.', -$gap, $name)
                    : sprintf('Only %.2f mm is left to “%s”: a pusher and a file need %.2f mm.', $gap, $name, $least),
                sprintf('Move one of them %.2f mm away.', $least - $gap),
            );
        }
        $wall = $settings->num('seats.wall_below');
        $bridge = $input->flag('in_band') && $input->has('inner_diameter') ? $answer->given('bridge') : $wall;
        if ($bridge < $wall - 1e-9) {
            $answer->find(
                Level::Stop, 'bridge-thin', 'angle',
                sprintf('Only %.2f mm is left between two holes at the finger: they run together.', $bridge),
                sprintf('Move one of them %.2f mm away, or drill smaller holes.', $wall - $bridge),
            );
        }
    }
}
