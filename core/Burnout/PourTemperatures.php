<?php

declare(strict_types=1);

namespace HotSprue\Burnout;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** How hot the flask and the metal are at the pour, by alloy and thinness. Source: workbook 9. */
final class PourTemperatures implements Calculation
{
    private const SOURCE = 'workbook 9, temperatures at the pour';

    public function description(): Description
    {
        return new Description(
            'pour.temperatures',
            'Heat of flask and metal',
            'How hot the flask and the metal are at the pour',
            self::SOURCE,
            [
                Field::named('alloy', 'stock.alloys', 'the alloy to cast'),
                Field::length('thinnest', 'the thinnest section, as cast')->optional(),
            ],
            [
                Output::of(
                    Quantity::Temperature, 'flask_temperature', 'flask at the pour',
                )->called('flask at the pour'),
                Output::of(Quantity::Temperature, 'metal_low', 'least temperature of the metal')->called('metal, from'),
                Output::of(Quantity::Temperature, 'metal_high', 'most temperature of the metal')->called('metal, to'),
            ],
            [
                'not-for-gypsum' => 'platinum or palladium: not in gypsum investment',
                'hot-for-gypsum' => 'metal poured over 1150 °C into gypsum',
                'too-hot-for-gypsum' => 'metal poured over 1260 °C into gypsum',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $alloy = Alloy::named($input->text('alloy'), $settings);
        $answer = AnswerBuilder::of($this, $input);
        if ($alloy->flask === null || ! $alloy->isForGypsum()) {
            return $answer->find(
                Level::Stop, 'not-for-gypsum', 'alloy', "{$alloy->label} is not poured into gypsum investment.",
                'Fabricate it, or send it out to be cast.',
            )->answer();
        }
        $thinnest = $input->has('thinnest') ? $input->num('thinnest') : null;
        $shift = match (true) {
            $thinnest === null => 0.0,
            $thinnest < $settings->num('pour.thin') => $settings->num('pour.shift'),
            $thinnest > $settings->num('pour.thick') => -$settings->num('pour.shift'),
            default => 0.0,
        };
        [$low, $high] = [$alloy->superheatLow ?? 50.0, $alloy->superheatHigh ?? 80.0];
        $answer
            ->work(
                'flask_temperature', $alloy->flask + $shift,
                Formula::of(
                    '{the alloy’s flask temperature} + {shift for thinness}',
                    ['the alloy’s flask temperature' => $alloy->flask, 'shift for thinness' => $shift],
                ),
                uses: ['alloy', 'thinnest'],
                because: 'a thin section freezes before it fills, a thick one comes out coarse: under 1 mm hotter by '
                    .'40, over 2.5 mm cooler by 40',
            )
            ->work(
                'metal_low', $alloy->liquidus + $low,
                Formula::of(
                    '{liquidus} + {least superheat}', ['liquidus' => $alloy->liquidus, 'least superheat' => $low],
                ),
                uses: ['alloy'], because: 'hot enough to run',
            )
            ->work(
                'metal_high', $alloy->liquidus + $high,
                Formula::of(
                    '{liquidus} + {most superheat}', ['liquidus' => $alloy->liquidus, 'most superheat' => $high],
                ),
                uses: ['alloy'], because: 'hotter takes up gas and eats the mould',
            );
        if ($alloy->liquidus + $low > 1260 + 1e-9) {
            $answer->find(
                Level::Stop, 'too-hot-for-gypsum', 'alloy',
                sprintf('Poured at %.0f °C, over 1260 °C: gypsum breaks down against it.', $alloy->liquidus + $low),
                'Use a phosphate-bonded investment by its own sheet, or another alloy.',
            );
        } elseif ($alloy->liquidus + $low > 1150 + 1e-9) {
            $answer->find(
                Level::Caution, 'hot-for-gypsum', 'alloy',
                sprintf('Poured at %.0f °C, over 1150 °C: gypsum begins to break down.', $alloy->liquidus + $low),
                'Pour at the lower end, with the flask no hotter than it must be.',
            );
        }

        return $answer->answer();
    }
}
