<?php

declare(strict_types=1);

namespace HotSprue\Tree;

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
use HotSprue\Workshop\WorkshopSettings;

/** Powder and water for a flask, and the working clock. Source: workbook 8, investment. */
final class InvestmentMix implements Calculation
{
    private const SOURCE = 'workbook 8, investment';

    /** The working clock, as shares of the working time. */
    private const CLOCK = [
        ['mix', 3 / 9, 'powder into water, mix smooth'],
        ['air out of the bowl', 4.5 / 9, 'under vacuum; brush a coat on fine detail meanwhile'],
        ['pour', 6 / 9, 'down the wall, not on the wax'],
        ['air out of the flask', 8 / 9, 'under vacuum'],
        ['still', 1.0, 'set it down and do not move it after'],
    ];

    /** Least and most standing of each school, minutes. */
    public const STANDING = ['short' => [60.0, 90.0], 'long' => [480.0, 1440.0]];

    public function description(): Description
    {
        return new Description(
            'investment.mix',
            'Investment',
            'Powder and water for a flask, and the minutes to mix and pour it',
            self::SOURCE,
            [
                Field::length('flask_diameter', 'inside diameter of the flask'),
                Field::length('flask_height', 'inside height of the flask'),
                Field::of(Quantity::CubicMillimetres, 'pattern_volume_mm3', 'volume of the patterns with their sprues')
                    ->called('volume of the pattern')->allowingZero()->default(0.0),
                Field::number('water_per_100', 'ml of water to 100 g of powder: 38 heavy plain work, 42 fine detail')
                    ->called('water to 100 g')->between(20, 60)->fromSetting('investment.water_per_100'),
                Field::number('overage_percent', 'slurry mixed over what the flask takes')
                    ->called('mixed over, %')->between(0, 50)->fromSetting('investment.overage_percent'),
                Field::minutes('working_time', 'from powder in water until it sets')
                    ->between(3, 30)->fromSetting('investment.working_time'),
                Field::temperature('water_temperature', 'temperature of the water')->called('water')->optional(),
                Field::choice('standing', ['short', 'long'], 'how long the flask stands')
                    ->called('stands')->fromSetting('investment.standing'),
                Field::minutes('stand', 'minutes it is to stand; the school’s least unless said')
                    ->called('to stand')->optional(),
            ],
            [
                Output::of(Quantity::Millilitres, 'slurry_ml', 'slurry to mix')->called('slurry'),
                Output::mass('powder_mass', 'powder')->called('powder'),
                Output::mass('water_mass', 'water')->called('water'),
                Output::rows('clock', 'the working clock: each stage and the minute it ends'),
                Output::of(
                    Quantity::Minutes, 'stand_min', 'how long the flask stands before the kiln',
                )->called('to stand'),
            ],
            [
                'water-off-temperature' => 'water outside 21–24 °C',
                'water-off-ratio' => 'water outside 38–42 ml to 100 g',
                'stands-too-short' => 'stands less than its school asks',
                'stands-too-long' => 'stands longer than its school allows',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        [$d, $h, $pattern] = [
            $input->num('flask_diameter'), $input->num('flask_height'), $input->num('pattern_volume_mm3'),
        ];
        $flask = M_PI / 4 * $d ** 2 * $h;
        if ($pattern >= $flask) {
            throw BadInput::field(
                'pattern_volume_mm3',
                sprintf('The patterns are larger than the flask; under %.0f mm³ is accepted.', $flask),
            );
        }
        [$water, $over] = [$input->num('water_per_100'), $input->num('overage_percent')];
        $slurry = ($flask - $pattern) * (1 + $over / 100) / 1000;
        $powder = $slurry / (1 / $settings->num('investment.powder_density') + $water / 100);
        $mix = ['flask_diameter', 'flask_height', 'pattern_volume_mm3', 'overage_percent'];
        $working = $input->num('working_time');
        [$shortest, $longest] = self::STANDING[$input->text('standing')];
        $stand = $input->numOr('stand', $shortest);
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'slurry_ml', $slurry,
                Formula::of(
                    '(π ÷ 4 × {diameter} ^ 2 × {height} − {patterns}) × (1 + {overage} ÷ 100) ÷ 1000',
                    ['diameter' => $d, 'height' => $h, 'patterns' => $pattern, 'overage' => $over],
                ),
                uses: $mix, because: 'what the flask takes and a little over',
            )
            ->work(
                'powder_mass', $powder,
                Formula::of(
                    '{slurry} ÷ (1 ÷ 2.55 + {water per 100} ÷ 100)', ['slurry' => $slurry, 'water per 100' => $water],
                ),
                uses: [...$mix, 'water_per_100'], because: 'a gram of powder fills 1 ÷ 2.55 ml, and its water the rest',
            )
            ->work(
                'water_mass', $powder * $water / 100,
                Formula::of('{powder} × {water per 100} ÷ 100', ['powder' => $powder, 'water per 100' => $water]),
                uses: [...$mix, 'water_per_100'], because: 'a millilitre of water is a gram',
            )
            ->give(
                'clock',
                array_map(
                    static fn (array $stage): array => [
                        'stage' => $stage[0], 'until_min' => $stage[1] * $working, 'how' => $stage[2],
                    ],
                    self::CLOCK,
                ),
            )
            ->work(
                'stand_min', $stand,
                Formula::taken($input->has('stand') ? 'as chosen' : 'the least of its school', $stand),
                uses: [$input->has('stand') ? 'stand' : 'standing'], because: 'it must be strong before it is heated',
            );
        if ($input->has('water_temperature')
            && ($input->num('water_temperature') < 21 || $input->num('water_temperature') > 24)) {
            $answer->find(
                Level::Caution, 'water-off-temperature', 'water_temperature',
                sprintf(
                    'Water at %.0f °C changes the working time; the clock holds at 21 to 24 °C.',
                    $input->num('water_temperature'),
                ),
                'Bring it to 22 °C.', ['water_temperature' => 22],
            );
        }
        if ($water < 38 - 1e-9 || $water > 42 + 1e-9) {
            $answer->find(
                Level::Caution, 'water-off-ratio', 'water_per_100',
                sprintf('%s ml to 100 g is outside 38–42.', rtrim(rtrim(number_format($water, 1), '0'), '.')),
                $water < 38
                    ? 'Too stiff: it traps air. Take 38 or more.'
                    : 'Too thin: it is weak and rough. Take 42 or less.',
                ['water_per_100' => $water < 38 ? 38 : 42],
            );
        }
        if ($stand < $shortest) {
            $answer->find(
                Level::Caution, 'stands-too-short', 'stand',
                sprintf('%.0f min is short of %.0f: it is not yet strong and may crack.', $stand, $shortest),
                sprintf('Let it stand %.0f min.', $shortest), ['stand' => $shortest],
            );
        }
        if ($stand > $longest) {
            $answer->find(
                Level::Caution, 'stands-too-long', 'stand',
                sprintf('%.0f min is past %.0f: it dries out and cracks.', $stand, $longest),
                $input->text('standing') === 'short'
                    ? 'Keep it damp in a bag and follow the long school.'
                    : 'Keep it damp in a bag, or load it sooner.',
                ['stand' => $longest],
            );
        }

        return $answer->answer();
    }
}
