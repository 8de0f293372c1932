<?php

declare(strict_types=1);

namespace HotSprue\Strip;

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
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Plates and discs cut from sheet, in rows and columns; a disc that is to be domed is cut larger. Source: workbook 11;
 * the geometry is its own.
 */
final class PlateCut implements Calculation
{
    private const SOURCE = 'geometry';

    public function description(): Description
    {
        return new Description(
            'plate.cut',
            'Plates and discs',
            'Plates and discs cut from a sheet of metal, how many it gives and what they weigh',
            self::SOURCE,
            [
                Field::length('sheet_width', 'width of the sheet'),
                Field::length('sheet_length', 'length of the sheet'),
                Field::length('thickness', 'thickness of the sheet'),
                Field::choice('shape', PlateShape::PLATES, 'what is cut from sheet')
                    ->called('plate or disc')->saying(['free' => 'a free outline'])->default('plate'),
                Field::length(
                    'width', 'width of a plate; diameter of a disc, or of the dome’s rim; not of a free outline',
                )
                    ->optional(),
                ...PlateShape::fields(),
                Field::length('length', 'length of a plate; as its width unless said')->optional(),
                Field::length('dome_height', 'how high a disc is domed')
                    ->called('domed, high')->allowingZero()->default(0.0),
                Field::length('gap', 'between two, for the saw or the punch')->allowingZero()->fromSetting('work.kerf'),
                Field::count('count', 'how many of them are wanted')->called('how many')->default(1),
                Field::named('alloy', 'stock.alloys', 'the alloy')->default('sterling-925'),
            ],
            [
                Output::length('blank', 'width of the blank; diameter of a disc before it is domed'),
                Output::of(Quantity::Count, 'makes', 'how many the sheet gives'),
                Output::of(
                    Quantity::SquareMillimetres, 'area', 'area of one, before it is domed',
                )->called('area of each'),
                Output::length('edge', 'length of its edge')->called('edge to file'),
                Output::rows('points', 'its outline: x_mm, y_mm'),
                Output::mass('mass_each', 'mass of one')->called('mass of each'),
                Output::share('waste_share', 'share of the sheet that is not in the pieces wanted'),
            ],
            ['sheet-short' => 'the sheet gives fewer than are wanted'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $disc = $input->text('shape') === 'disc';
        if (! $input->has('width') && $input->text('shape') !== 'free') {
            throw BadInput::neitherGiven('width', ['the width of the plate']);
        }
        $outline = PlateShape::of($input);
        [$width, $height] = $outline?->size() ?? [$input->num('width'), 0.0];
        $dome = $input->num('dome_height');
        if ($dome > 0 && (! $disc || $dome > $width / 2)) {
            throw BadInput::field(
                'dome_height',
                $disc ? sprintf(
                    'Higher than half a ball; up to %.2f mm is accepted.', $width / 2,
                ) : 'Only a disc is domed here; 0 is accepted.',
            );
        }
        if ($disc && $input->has('length')) {
            throw BadInput::field('length', 'A disc has none; its diameter alone is accepted.');
        }
        $blank = $disc ? hypot($width, 2 * $dome) : $width;
        $long = $outline === null ? ($disc ? $blank : $input->numOr('length', $width)) : $height;
        $gap = $input->num('gap');
        $makes = max(
            self::rows($input->num('sheet_width'), $blank, $gap) * self::rows($input->num('sheet_length'), $long, $gap),
            self::rows($input->num('sheet_width'), $long, $gap) * self::rows($input->num('sheet_length'), $blank, $gap),
        );
        $area = $outline?->area() ?? ($disc ? M_PI / 4 * $blank ** 2 : $blank * $long);
        $edge = $outline?->edge() ?? ($disc ? M_PI * $blank : 2 * ($blank + $long));
        $density = Alloy::named($input->text('alloy'), $settings)->density;
        $count = $input->num('count');
        $sheet = $input->num('sheet_width') * $input->num('sheet_length');
        $size = ['shape', 'width', ...($input->has('length') ? ['length'] : []), 'dome_height'];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'blank', $blank, Formula::of('√({rim} ^ 2 + (2 × {height}) ^ 2)', ['rim' => $width, 'height' => $dome]),
                uses: $size, because: 'a dome has the area of the disc that it is beaten from',
            )
            ->work(
                'area', $area,
                Formula::taken($outline === null ? 'of the blank' : 'within its outline, piece by piece', $area),
                uses: $size, because: 'what it weighs by', source: 'geometry',
            )
            ->work(
                'edge', $edge, Formula::taken('along its outline', $edge), uses: $size,
                because: 'sawn outside the line and filed to it',
            )
            ->give('points', array_map(
                static fn (array $p): array => ['x_mm' => $p[0], 'y_mm' => $p[1]], $outline->points ?? [],
            ))
            ->work(
                'makes', $makes, Formula::taken('rows × columns, the better way round', $makes),
                uses: [...$size, 'sheet_width', 'sheet_length', 'gap'],
                because: 'set out in straight rows, as it is sawn',
            )
            ->work(
                'mass_each', $area * $input->num('thickness') * $density / 1000,
                Formula::of(
                    '{area} × {thickness} × {density} ÷ 1000',
                    ['area' => $area, 'thickness' => $input->num('thickness'), 'density' => $density],
                ),
                uses: [...$size, 'thickness', 'alloy'], because: 'metal to take from stock',
                source: 'workbook 6, densities',
            )
            ->work(
                'waste_share', max(0.0, 1 - min($count, $makes) * $area / $sheet),
                Formula::of(
                    '1 − {pieces} × {area} ÷ {sheet}',
                    ['pieces' => min($count, $makes), 'area' => $area, 'sheet' => $sheet],
                ),
                uses: [...$size, 'count', 'sheet_width', 'sheet_length'], because: 'scrap, or the next piece',
            );
        if ($makes < $count) {
            $answer->find(
                Level::Stop, 'sheet-short', 'count', sprintf('The sheet gives %d of them.', $makes),
                $makes > 0 ? 'Cut so many, or take a larger sheet.' : 'Take a larger sheet.',
                $makes > 0 ? ['count' => $makes] : [],
            );
        }

        return $answer->answer();
    }

    private static function rows(float $sheet, float $piece, float $gap): int
    {
        return (int) floor(($sheet + $gap) / ($piece + $gap) + 1e-9);
    }
}
