<?php

declare(strict_types=1);

namespace HotSprue\Solder;

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
use HotSprue\Workshop\WorkshopSettings;

/**
 * How one joint is heated: where the flame goes, from which side, and what to look out for. Source: workbook 12,
 * advice.
 */
final class JoinAdvice implements Calculation
{
    private const SOURCE = 'workbook 12, advice for a joint';

    public function description(): Description
    {
        return new Description(
            'join.advice',
            'Where the flame goes',
            'How a joint is heated, from the masses of its parts',
            self::SOURCE,
            [
                Field::rows(
                    'parts', [Field::text('id', 'name of the part'), Field::mass('mass', 'its mass')], 'the parts',
                ),
                Field::text('between', 'the two parts that are joined')->many(),
                Field::choice('form', JoinPlan::FORMS, 'form of the solder')->default('chip'),
                Field::length('gap', 'how far the closed joint gapes')->allowingZero()->optional(),
                Field::yesNo('sized_later', 'whether it is in a shank that may be sized one day')->default(false),
                Field::yesNo('thin_wire', 'whether thin wire goes on a thick base')
                    ->called('thin wire?')->default(false),
                Field::yesNo('textured', 'whether a face beside it is textured')
                    ->called('textured face?')->default(false),
            ],
            [
                Output::number('ratio', 'the heavier over the lighter'),
                Output::share('flame_share', 'share of the flame for the heavier'),
                Output::text('flame_on', 'where the flame goes'),
                Output::text('from', 'from which side'),
                Output::rows('steps', 'what is done, in order'),
            ],
            ['paste-in-shank' => 'paste in a shank that may be sized', ...Gap::FINDINGS],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $masses = array_column($input->rows('parts'), 'mass', 'id');
        $between = $input->texts('between');
        if (count($between) !== 2) {
            throw BadInput::field('between', 'Two parts are accepted; a part closed on itself is named twice.');
        }
        [$one, $other] = $between;
        foreach ($between as $part) {
            isset($masses[$part]) || throw BadInput::field(
                'between',
                sprintf('%s is not among the parts; %s is accepted.', $part, implode(', ', array_keys($masses))),
            );
        }
        $flame = Flame::between($one, (float) $masses[$one], $other, (float) $masses[$other], $settings);
        [$more, $less] = [max($masses[$one], $masses[$other]), min($masses[$one], $masses[$other])];
        $from = $flame->from($input->flag('textured'), $input->flag('thin_wire'));
        $uses = ['parts', 'between'];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'ratio', $flame->ratio, Formula::of('{heavier} ÷ {lighter}', ['heavier' => $more, 'lighter' => $less]),
                uses: $uses, because: 'both are to come to heat together',
            )
            ->work(
                'flame_share', $flame->share,
                Formula::of('{heavier} ÷ ({heavier} + {lighter})', ['heavier' => $more, 'lighter' => $less]),
                uses: $uses, because: 'heat goes with mass',
            )
            ->work(
                'flame_on', $flame->on(),
                Formula::said('the heavier side', sprintf('%.2f g and %.2f g', $masses[$one], $masses[$other])),
                uses: $uses, because: 'the light side follows by itself, and melts first if it does not',
            )
            ->work(
                'from', $from, Formula::said('from where the solder is to run to', $input->text('form')),
                uses: ['textured', 'thin_wire'], because: 'solder follows heat',
            )
            ->give('steps', array_map(static fn (string $step): array => ['step' => $step], [
                'Clean both faces, flux, close the joint: no light through it.',
                'Warm the whole piece until the flux turns clear, near 600 °C.',
                ucfirst("flame on {$flame->on()}, {$from}."),
                'When the solder flashes, draw it through and take the flame away.',
            ]));
        if ($input->text('form') === 'paste' && $input->flag('sized_later')) {
            $answer->find(
                Level::Caution, 'paste-in-shank', 'form',
                'Paste is weaker in tension than a chip or wire; a shank that is stretched one day tears there.',
                'Take a chip or wire.', ['form' => 'chip'],
            );
        }
        if ($input->has('gap')) {
            Gap::judge($answer, $input->num('gap'), 'gap', 'The joint', $settings);
        }

        return $answer->answer();
    }
}
