<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** What is left under a stone set into the band, and how neighbours' seats run together below. Source: workbook 4. */
final class SeatDepth implements Calculation
{
    private const SOURCE = 'workbook 4, under the stone';

    private const CULET = [0.4, 0.2];

    public function description(): Description
    {
        return new Description(
            'seat.depth',
            'Under the stone',
            'The metal under a stone, its culet over the finger, and whether neighbours’ seats meet below',
            self::SOURCE,
            [
                Field::length('diameter', 'diameter of the stone'),
                ...Proportions::fields(),
                Field::length('thickness', 'thickness of the band at the stone'),
                Field::length('inner_diameter', 'inside diameter of the finished ring')->called('inside diameter'),
                Field::choice('style', ['flush', 'bead', 'shared', 'channel'], 'how it is set')->default('flush'),
                Field::length('girdle_below', 'top of the girdle under the surface; by the style unless said')
                    ->called('girdle under the surface')->allowingZero()->optional(),
                Field::share('through_hole', 'hole right through, as a share of the stone')
                    ->called('hole through')->default(0.5),
                Field::length('pitch', 'centre to centre of neighbours along the surface')->optional(),
            ],
            [
                Output::length('seat_depth', 'seat under the surface'),
                Output::length('metal_below', 'metal left below the seat'),
                Output::length('culet_height', 'culet above the finger'),
                Output::length('light_opening', 'light opening under the stone')->called('opening for light'),
                Output::length('girdle_gap', 'girdle to girdle at seat depth'),
                Output::length('wall_at_culet', 'wall between opened seats at the depth of the culets'),
                Output::length('wall_at_finger', 'wall between through holes at the finger'),
            ],
            [
                'culet-low' => 'culet under 0.4 mm above the finger',
                'culet-too-low' => 'culet under 0.2 mm above the finger',
                'seats-converge' => 'a wall between seats under 0.2 mm below the surface',
                'girdles-close' => 'girdles under 0.05 mm apart at seat depth',
                'girdles-overlap' => 'girdles overlap at seat depth',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $d = $input->num('diameter');
        $stone = Proportions::of($input, $d, $settings);
        $t = $input->num('thickness');
        $below = $input->numOr('girdle_below', $stone->girdleBelow($input->text('style'), $d, $settings));
        $seat = $below + $stone->girdle;
        $culet = $t - $seat - $stone->pavilion;
        $uses = ['diameter', 'depth', 'girdle_height', 'style', 'girdle_below'];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'seat_depth', $seat,
                Formula::of(
                    '{girdle below the surface} + {girdle}',
                    ['girdle below the surface' => $below, 'girdle' => $stone->girdle],
                ),
                uses: $uses, because: 'where the stone bears',
            )
            ->work(
                'metal_below', $t - $seat,
                Formula::of('{thickness} − {seat depth}', ['thickness' => $t, 'seat depth' => $seat]),
                uses: [...$uses, 'thickness'], because: 'what carries the stone',
            )
            ->work(
                'culet_height', $culet,
                Formula::of(
                    '{thickness} − {seat depth} − {pavilion}',
                    ['thickness' => $t, 'seat depth' => $seat, 'pavilion' => $stone->pavilion],
                ),
                uses: [...$uses, 'thickness'], because: 'a culet that touches the finger scratches, and chips',
            )
            ->work(
                'light_opening', $input->num('through_hole') * $d,
                Formula::of(
                    '{through hole} × {diameter}', ['through hole' => $input->num('through_hole'), 'diameter' => $d],
                ),
                uses: ['through_hole', 'diameter'], because: 'light and a brush come in here',
            );
        [$caution, $stop] = self::CULET;
        if ($culet < $caution - 1e-9) {
            $need = ceil(1000 * ($t + $caution - $culet)) / 1000;
            $grave = $culet < $stop - 1e-9;
            $answer->find(
                $grave ? Level::Stop : Level::Caution, $grave ? 'culet-too-low' : 'culet-low', 'thickness',
                sprintf('The culet stands %.2f mm above the finger, under %.1f mm.', $culet, $grave ? $stop : $caution),
                sprintf('Make the band %.2f mm thick there, or set it higher.', $need), ['thickness' => $need],
            );
        }
        if ($input->has('pitch')) {
            $this->neighbours($answer, $input, $stone, $seat, $d, $settings);
        }

        return $answer->answer();
    }

    private function neighbours(
        AnswerBuilder $answer, Input $input, Proportions $stone, float $seat, float $d, WorkshopSettings $settings,
    ): void
    {
        [$t, $pitch] = [$input->num('thickness'), $input->num('pitch')];
        $outer = $input->num('inner_diameter') / 2 + $t;
        $band = new Convergence($outer, $settings);
        $because = 'on a curved band neighbours draw together below the surface';
        $uses = ['pitch', 'thickness', 'inner_diameter', 'diameter', 'depth'];
        // Depth under the surface and the hole there, of each place where they may meet.
        $at = [
            'girdle_gap' => [$seat, $d],
            'wall_at_culet' => [$seat + $stone->pavilion, $band->opened * $d],
            'wall_at_finger' => [$t, $input->num('through_hole') * $d],
        ];
        $left = array_map(static fn (array $place): float => $band->wall($pitch, ...$place), $at);
        foreach ($at as $name => [$depth, $hole]) {
            $answer->work(
                $name, $left[$name],
                Formula::of(
                    '{pitch} × ({R} − {depth}) ÷ {R} − {hole}',
                    ['pitch' => $pitch, 'R' => $outer, 'depth' => $depth, 'hole' => $hole],
                ),
                uses: $uses, because: $because,
            );
        }
        $gap = $left['girdle_gap'];
        $thin = min($left['wall_at_culet'], $left['wall_at_finger']);
        // The pitch at which the tightest of the three is right.
        $need = ceil(1000 * max(
            $band->pitch($band->girdles, ...$at['girdle_gap']),
            $band->pitch($band->leastWall, ...$at['wall_at_culet']),
            $band->pitch($band->leastWall, ...$at['wall_at_finger']),
        )) / 1000;
        if ($gap < -1e-9) {
            $answer->find(
                Level::Stop, 'girdles-overlap', 'pitch',
                sprintf('Neighbours overlap by %.2f mm at their seats.', -$gap), sprintf('Space them %.2f mm.', $need),
                ['pitch' => $need],
            );
        } elseif ($gap < $band->girdles - 1e-9) {
            $answer->find(
                Level::Caution, 'girdles-close', 'pitch',
                sprintf('Girdles are %.2f mm apart at their seats: setting one chips the next.', $gap),
                sprintf('Space them %.2f mm.', $need), ['pitch' => $need],
            );
        }
        if ($thin < $band->leastWall - 1e-9) {
            $answer->find(
                Level::Stop, 'seats-converge', 'pitch',
                sprintf('Only %.2f mm is left between the seats below the surface: they run together.', $thin),
                sprintf('Space them %.2f mm, or drill smaller holes.', $need), ['pitch' => $need],
            );
        }
    }
}
