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

/** How long an ingot becomes, rolled or drawn to a section. Source: workbook 11, annealing; the volume stays. */
final class IngotLength implements Calculation
{
    private const SOURCE = 'the volume of the metal stays';

    public function description(): Description
    {
        return new Description(
            'ingot.length',
            'What an ingot gives',
            'How long an ingot becomes when it is rolled or drawn to a section, and how often it is annealed',
            self::SOURCE,
            [
                Field::mass('mass', 'mass of the ingot'),
                Field::named('alloy', 'stock.alloys', 'the alloy')->default('sterling-925'),
                Field::length('width', 'width of the strip; diameter of a wire'),
                Field::length('thickness', 'thickness of the strip; a round wire unless said')->optional(),
                Field::share('waste', 'ends, cracks and filings that go back to the scrap')
                    ->called('cut away')->between(0, 0.9)->default(0.05),
                Field::of(Quantity::SquareMillimetres, 'ingot_area', 'section of the ingot')
                    ->called('section of the ingot')->optional(),
                Field::length('wanted', 'length that is wanted')->called('wanted, long')->optional(),
            ],
            [
                Output::length('length', 'how long it becomes')->called('it gives'),
                Output::of(Quantity::Count, 'anneals', 'annealings on the way')->called('annealings'),
                Output::mass('mass_wanted', 'metal to melt for the length that is wanted')->called('metal to melt'),
            ],
            ['ingot-short' => 'an ingot that gives less than is wanted'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $density = Alloy::named($input->text('alloy'), $settings)->density;
        [$mass, $wide, $waste] = [$input->num('mass'), $input->num('width'), $input->num('waste')];
        $area = $input->has('thickness') ? $wide * $input->num('thickness') : M_PI / 4 * $wide ** 2;
        $length = $mass * (1 - $waste) * 1000 / $density / $area;
        $uses = ['mass', 'alloy', 'width', 'thickness', 'waste'];
        $answer = AnswerBuilder::of($this, $input)->work(
            'length', $length,
            Formula::of(
                '{mass} × (1 − {cut away}) × 1000 ÷ {density} ÷ {section}',
                ['mass' => $mass, 'cut away' => $waste, 'density' => $density, 'section' => $area],
            ), uses: $uses, because: 'what it loses in section it gains in length',
        );
        if ($input->has('ingot_area')) {
            $before = $input->num('ingot_area');
            if ($before <= $area) {
                throw BadInput::field('ingot_area', sprintf('An ingot is thicker; over %.2f mm² is accepted.', $area));
            }
            $step = $settings->num('work.reduction');
            $anneals = max(0.0, ceil(log($area / $before) / log(1 - $step) - 1e-9) - 1);
            $answer->work(
                'anneals', $anneals,
                Formula::taken(sprintf('one after every %.0f %% but the last', 100 * $step), $anneals),
                uses: ['ingot_area', 'width', 'thickness'], because: 'worked farther it cracks',
                source: 'workbook 11, annealing',
            );
        }
        if ($input->has('wanted')) {
            $need = $input->num('wanted') * $area * $density / 1000 / (1 - $waste);
            $answer->work(
                'mass_wanted', $need,
                Formula::of(
                    '{wanted} × {section} × {density} ÷ 1000 ÷ (1 − {cut away})',
                    [
                        'wanted' => $input->num('wanted'), 'section' => $area, 'density' => $density,
                        'cut away' => $waste,
                    ],
                ), uses: [...$uses, 'wanted'], because: 'the same sum turned round',
            );
            if ($length < $input->num('wanted') - 1e-9) {
                $answer->find(
                    Level::Stop, 'ingot-short', 'mass',
                    sprintf('It gives %.1f mm, and %.1f mm is wanted.', $length, $input->num('wanted')),
                    sprintf('Melt %.2f g.', $need), ['mass' => ceil(1000 * $need) / 1000],
                );
            }
        }

        return $answer->answer();
    }
}
