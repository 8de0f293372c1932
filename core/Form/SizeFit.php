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
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\RingSize;
use HotSprue\Measures\Scale;
use HotSprue\Workshop\WorkshopSettings;

/** How much larger a broad band is made: advice, applied only when the goldsmith says so. Source: workbook 1 and 2. */
final class SizeFit implements Calculation
{
    public function description(): Description
    {
        return new Description(
            'size.fit',
            'Broad band fit',
            'How much up a broad band goes, and the size to make',
            'workbook 1, broad bands',
            [
                ...FingerInput::fields(),
                Field::length('width', 'finished width at the base of the finger'),
                Field::choice('profile', Profile::names(), 'cross-section of the shank')->default('flat'),
                Field::yesNo('apply', 'whether the advice for broad bands is applied')
                    ->called('apply the advice')->default(false),
            ],
            [
                Output::number(
                    'advice_us', 'North American sizes up that the width asks for',
                )->called('sizes up advised'),
                Output::number('applied_us', 'North American sizes up that were applied')->called('sizes up applied'),
                Output::length('inner_diameter', 'inside diameter to make')->called('inside diameter'),
                Output::length('inner_circumference', 'inside circumference to make')->called('inside, round'),
                Output::text('mark', 'nearest mark on the workshop’s own stick'),
            ],
            [
                'fits-tighter' => 'the width asks for a larger size and it is not applied',
                'made-larger' => 'the advice is applied',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $finger = FingerInput::read($input);
        $advice = $this->advice($input->num('width'), Profile::from($input->text('profile')), $settings);
        $applied = $input->flag('apply') ? $advice : 0.0;
        $number = Scale::NorthAmerican->number($finger->circumference);
        $made = RingSize::ofCircumference(Scale::NorthAmerican->circumference($number + $applied));
        $uses = [...FingerInput::uses($input), 'width', 'profile', 'apply'];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'advice_us', $advice,
                Formula::taken('by the width’s band in the workshop’s table; half of it for a court', $advice),
                uses: ['width', 'profile'], because: 'a band holds from its lower bound',
            )
            ->work(
                'applied_us', $applied, Formula::taken('the advice, where it is applied', $applied), uses: ['apply'],
                because: 'advice until the goldsmith says so',
            )
            ->work(
                'inner_diameter', $made->diameter(),
                Formula::of(
                    '{inside diameter} + 0.8128 × {sizes up}',
                    ['inside diameter' => $finger->diameter(), 'sizes up' => $applied],
                ),
                uses: $uses, because: 'a broad band touches more of the finger and so fits tighter',
            )
            ->work(
                'inner_circumference', $made->circumference,
                Formula::of('π × {inside diameter}', ['inside diameter' => $made->diameter()]), uses: $uses,
                because: 'the size as it is held', source: 'ISO 8653',
            )
            ->work(
                'mark', $made->mark(Scale::from($settings->text('units.size')))->spoken(),
                Formula::said('nearest mark on the workshop’s stick', sprintf('%.3f mm round', $made->circumference)),
                uses: $uses, because: 'a hair is up to half a step', source: 'ISO 8653',
            );
        if ($applied > 0) {
            $answer->find(Level::Note, 'made-larger', 'apply', sprintf(
                'Made %s US larger than the finger, for its width.', self::eighths($applied),
            ),
                'Try a broad sizer on the client before you cut; leave it off if the client '
                    .'likes it snug.', ['apply' => false]);
        } elseif ($advice > 0) {
            $answer->find(Level::Note, 'fits-tighter', 'apply', sprintf(
                '%s mm wide fits tighter: goldsmiths go up %s US.',
                rtrim(rtrim(number_format($input->num('width'), 2), '0'), '.'), self::eighths($advice),
            ),
                'Apply the advice, or size with a sizer as broad as the ring.', ['apply' => true]);
        }

        return $answer->answer();
    }

    private function advice(float $width, Profile $profile, WorkshopSettings $settings): float
    {
        $up = 0.0;
        foreach ($settings->rows('limits.broad_bands') as $band) {
            if ($width >= $band['from']) {
                $up = (float) $band['us_up'];
            }
        }

        return $profile === Profile::Court ? $up / 2 : $up;
    }

    private static function eighths(float $us): string
    {
        return ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'][(int) round($us * 8) % 8];
    }
}
