<?php

declare(strict_types=1);

namespace HotSprue\Form;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Input;
use HotSprue\Measures\Scale;
use HotSprue\Measures\StickMark;
use HotSprue\Workshop\WorkshopSettings;

/** A ring size on every scale: exact, and the nearest mark on each stick. Source: ISO 8653; workbook 1. */
final class SizeConvert implements Calculation
{
    /** Off by more than this, mm of circumference, a stick's mark is another size. */
    private const BETWEEN_MARKS = 0.25;

    public function description(): Description
    {
        return new Description(
            'size.convert',
            'Ring size',
            'A finger’s size on every scale, and the nearest mark on each stick',
            'ISO 8653',
            [FingerInput::scale(), FingerInput::size()],
            [
                Output::length('inner_circumference', 'inside circumference')->called('inside, round'),
                Output::length('inner_diameter', 'inside diameter')->called('inside diameter'),
                Output::rows('marks', 'nearest mark on each stick; off_mm is mark minus exact, of circumference'),
            ],
            ['between-marks' => 'every stick’s nearest mark is 0.25 mm of circumference or more away'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $size = FingerInput::sized($input);
        $marks = $size->marks();
        $formula = self::formula(Scale::from($input->text('scale')), $size->circumference);
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'inner_circumference', $size->circumference, $formula, uses: ['scale', 'size'],
                because: 'every scale is a way of saying the inner circumference',
            )
            ->work(
                'inner_diameter', $size->diameter(),
                Formula::of('{circumference} ÷ π', ['circumference' => $size->circumference]), uses: ['scale', 'size'],
                because: 'the diameter of a circle that long', source: 'geometry',
            )
            ->give('marks', array_map(static fn (StickMark $mark): array => $mark->toArray(), $marks));
        $nearest = min(array_map(static fn (StickMark $mark): float => abs($mark->offMm), $marks));
        if ($nearest >= self::BETWEEN_MARKS) {
            $answer->find(Level::Note, 'between-marks', 'size', sprintf(
                'No stick has a mark here; the nearest is %.2f mm off.', $nearest,
            ),
                'Size it by the inside diameter with calipers, not by the mark.');
        }

        return $answer->answer();
    }

    private static function formula(Scale $scale, float $circumference): Formula
    {
        $number = ['size' => $scale->number($circumference)];

        return match ($scale) {
            Scale::Iso, Scale::Circumference => Formula::taken('the size is the circumference', $number['size']),
            Scale::NorthAmerican => Formula::of('π × (11.63 + 0.8128 × {size})', $number),
            Scale::British => Formula::of('37.5 + 1.25 × {letters after A}', ['letters after A' => $number['size']]),
            Scale::Japanese => Formula::of('π × (12 + 2 ÷ 3 + {size} ÷ 3)', $number),
            Scale::Swiss => Formula::of('{size} + 40', $number),
            Scale::Diameter => Formula::of('π × {diameter}', ['diameter' => $number['size']]),
        };
    }
}
