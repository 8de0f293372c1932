<?php

declare(strict_types=1);

namespace HotSprue\Pour;

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

/** Where the counterweight goes, or how heavy it is, and how many turns the spring takes. Source: workbook 10. */
final class SpinBalance implements Calculation
{
    private const SOURCE = 'workbook 10, spin arm balance';

    public function description(): Description
    {
        return new Description(
            'spin.balance',
            'Spin arm',
            'Where the counterweight of a spin arm goes, and how many turns the spring takes',
            self::SOURCE,
            [
                Field::mass('crucible_mass', 'crucible with its carriage')->called('crucible'),
                Field::mass('flask_mass', 'the invested flask, weighed')->called('flask'),
                Field::mass('charge_mass', 'metal to melt')->called('charge'),
                Field::length(
                    'crucible_radius', 'from the pivot to the middle of the crucible',
                )->called('pivot to crucible'),
                Field::length('flask_radius', 'from the pivot to the middle of the flask')->called('pivot to flask'),
                Field::mass('counterweight_mass', 'the counterweight')->called('counterweight')->optional(),
                Field::length('counterweight_radius', 'from the pivot to the counterweight')->optional(),
                Field::length('arm_length', 'farthest that the counterweight goes')->optional(),
                Field::count('turns', 'turns that the spring is given')->optional(),
            ],
            [
                Output::number('moment_g_mm', 'moment to balance, g·mm')->called('moment'),
                Output::length('counterweight_radius', 'where the counterweight goes'),
                Output::mass('counterweight_mass', 'how heavy it is'),
                Output::of(Quantity::Count, 'turns', 'turns of the spring'),
            ],
            [
                'weight-off-arm' => 'the counterweight would stand beyond the end of the arm',
                'overwound' => 'more turns than the charge asks for',
                'one-radius' => 'crucible and flask are said to stand at one radius',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        if ($input->has('counterweight_mass') === $input->has('counterweight_radius')) {
            throw $input->has('counterweight_mass')
                ? BadInput::bothGiven(['counterweight_mass', 'counterweight_radius'])
                : BadInput::neitherGiven(
                    'counterweight_mass',
                    ['its mass, to be told where it goes', 'where it stands, to be told its mass'],
                );
        }
        [$crucible, $flask, $inner, $outer] = [
            $input->num('crucible_mass'), $input->num('flask_mass'), $input->num('crucible_radius'),
            $input->num('flask_radius'),
        ];
        $moment = ($crucible + $input->num('charge_mass')) * $inner + $flask * $outer;
        $uses = ['crucible_mass', 'flask_mass', 'charge_mass', 'crucible_radius', 'flask_radius'];
        $charge = $input->num('charge_mass');
        $turns = $charge <= 20 ? 2 : ($charge <= 50 ? 3 : 4);
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'moment_g_mm', $moment,
                Formula::of(
                    '({crucible} + {charge}) × {the crucible’s radius} + {flask} × {the flask’s radius}',
                    [
                        'crucible' => $crucible, 'charge' => $charge, 'the crucible’s radius' => $inner,
                        'flask' => $flask, 'the flask’s radius' => $outer,
                    ],
                ),
                uses: $uses, because: 'an arm out of balance shakes itself off its post',
            )
            ->work(
                'turns', $turns, Formula::taken('by the charge: to 20 g two, to 50 three, above four', $turns),
                uses: ['charge_mass'], because: 'an overwound spring throws the metal out',
            );
        if ($input->has('counterweight_mass')) {
            $radius = $moment / $input->num('counterweight_mass');
            $answer->work(
                'counterweight_radius', $radius,
                Formula::of(
                    '{moment} ÷ {counterweight}',
                    ['moment' => $moment, 'counterweight' => $input->num('counterweight_mass')],
                ),
                uses: [...$uses, 'counterweight_mass'], because: 'both sides pull alike',
            )
                ->work(
                    'counterweight_mass', $input->num('counterweight_mass'),
                    Formula::taken('as given', $input->num('counterweight_mass')), uses: ['counterweight_mass'],
                    because: 'the weight at hand',
                );
            if ($input->has('arm_length') && $radius > $input->num('arm_length') + 1e-9) {
                $answer->find(
                    Level::Stop, 'weight-off-arm', 'counterweight_mass',
                    sprintf('It would stand %.0f mm out on an arm of %.0f mm.', $radius, $input->num('arm_length')),
                    sprintf('Take a weight of %.0f g or more.', ceil($moment / $input->num('arm_length'))),
                    ['counterweight_mass' => ceil($moment / $input->num('arm_length'))],
                );
            }
        } else {
            $mass = $moment / $input->num('counterweight_radius');
            $answer->work(
                'counterweight_mass', $mass,
                Formula::of(
                    '{moment} ÷ {radius of the counterweight}',
                    ['moment' => $moment, 'radius of the counterweight' => $input->num('counterweight_radius')],
                ),
                uses: [...$uses, 'counterweight_radius'], because: 'both sides pull alike',
            )
                ->work(
                    'counterweight_radius', $input->num('counterweight_radius'),
                    Formula::taken('as given', $input->num('counterweight_radius')), uses: ['counterweight_radius'],
                    because: 'where it stands',
                );
        }
        if (abs($inner - $outer) < 1e-9) {
            $answer->find(
                Level::Caution, 'one-radius', 'crucible_radius',
                'Crucible and flask are said to stand equally far from the pivot; one radius for both is some '
                    .'15 % out.',
                'Measure to the middle of each.',
            );
        }
        if ($input->has('turns') && $input->num('turns') > $turns) {
            $answer->find(
                Level::Stop, 'overwound', 'turns',
                sprintf(
                    '%d turns for %.1f g: an overwound arm throws the metal, or flies.', (int) $input->num('turns'),
                    $charge,
                ),
                sprintf('Give it %d.', $turns), ['turns' => $turns],
            );
        }

        return $answer->answer();
    }
}
