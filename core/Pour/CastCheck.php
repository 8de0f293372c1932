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
use HotSprue\Workshop\WorkshopSettings;

/** A casting weighed and measured against what was expected. Source: workbook 10, after the pour. */
final class CastCheck implements Calculation
{
    private const SOURCE = 'workbook 10, after the pour';

    public function description(): Description
    {
        return new Description(
            'cast.check',
            'Casting against expected',
            'A casting weighed and measured, against what was expected',
            self::SOURCE,
            [
                Field::mass('casting_mass', 'the casting, button off')->called('casting'),
                Field::choice('weighed', ['whole', 'trimmed'], 'whether its sprues were on when it was weighed')
                    ->called('sprues on when weighed?')->default('whole'),
                Field::mass('sprues_mass', 'the sprues, cut off')->called('sprues')->allowingZero()->optional(),
                Field::mass('expected_mass', 'what it should weigh, sprues on')->called('should weigh')->optional(),
                Field::mass('expected_piece_mass', 'what it should weigh, sprues off')
                    ->called('piece should weigh')->optional(),
                Field::yesNo('density_measured', 'whether the wax’s density was measured')->default(false),
                Field::mass('charge_mass', 'metal that was melted')->called('charge')->optional(),
                Field::mass('button_mass', 'the button')->called('button')->allowingZero()->optional(),
                Field::mass('scrap_mass', 'splashes and flash gathered')
                    ->called('splashes')->allowingZero()->default(0.0),
                Field::length('wax_bore', 'bore of the wax as measured')->called('bore of the wax')->optional(),
                Field::length('expected_bore', 'bore expected of the casting')->called('bore expected')->optional(),
                Field::length('measured_bore', 'bore of the casting before finishing')
                    ->called('bore of the casting')->optional(),
            ],
            [
                Output::mass('loss', 'metal in less metal out'),
                Output::share('loss_share', 'loss as a share of the charge')->called('loss, share'),
                Output::mass('off_expected', 'casting less expected')->called('over what was expected'),
                Output::share('light_share', 'how much lighter than expected')->called('lighter by'),
                Output::share('shrinkage', 'measured shrinkage, wax to casting'),
                Output::length('bore_off', 'bore less expected bore')->called('bore, off by'),
            ],
            [
                'loss-high' => 'loss over 1 % of the charge',
                'loss-too-high' => 'loss over 3 % of the charge',
                'weighing-error' => 'more metal came out than went in',
                'casting-light' => 'casting lighter than expected: by over 3 % where the wax’s density was measured, '
                    .'by over 6 % where it was not',
                'shrinkage-odd' => 'measured shrinkage is negative or over 5 %',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $answer = AnswerBuilder::of($this, $input);
        $casting = $input->num('casting_mass');
        $this->loss($answer, $input, $settings, $casting);
        $against = $input->text('weighed') === 'whole' ? 'expected_mass' : 'expected_piece_mass';
        if ($input->has($against)) {
            $expected = $input->num($against);
            $light = 1 - $casting / $expected;
            $answer->work(
                'off_expected', $casting - $expected,
                Formula::of('{casting} − {expected}', ['casting' => $casting, 'expected' => $expected]),
                uses: ['casting_mass', $against, 'weighed'],
                because: 'expected is the shrunk mass of what was on the balance',
            )
                ->work(
                    'light_share', $light,
                    Formula::of('1 − {casting} ÷ {expected}', ['casting' => $casting, 'expected' => $expected]),
                    uses: ['casting_mass', $against, 'weighed'], because: 'as a share',
                );
            $limit = $settings->num($input->flag('density_measured') ? 'cast.light' : 'cast.light_by_list');
            if ($light > $limit + 1e-9) {
                $answer->find(
                    Level::Caution, 'casting-light', 'casting_mass',
                    sprintf(
                        'The casting is %.1f %% lighter than expected: something did not fill, or it is porous.',
                        100 * $light,
                    ),
                    'Look at the thin parts and under the sprues with a glass before you file.',
                );
            }
        }
        if ($input->has('wax_bore') && $input->has('measured_bore')) {
            $s = 1 - $input->num('measured_bore') / $input->num('wax_bore');
            $answer->work(
                'shrinkage', $s,
                Formula::of(
                    '1 − {casting bore} ÷ {wax bore}',
                    ['casting bore' => $input->num('measured_bore'), 'wax bore' => $input->num('wax_bore')],
                ),
                uses: ['measured_bore', 'wax_bore'], because: 'both before finishing',
            );
            if ($s < -1e-9 || $s > 0.05 + 1e-9) {
                $answer->find(
                    Level::Caution, 'shrinkage-odd', 'measured_bore',
                    sprintf('%.1f %% is not how a casting shrinks.', 100 * $s),
                    'Measure both bores again, before finishing, at the same place.',
                );
            }
        }
        if ($input->has('expected_bore') && $input->has('measured_bore')) {
            $answer->work(
                'bore_off', $input->num('measured_bore') - $input->num('expected_bore'),
                Formula::of(
                    '{measured bore} − {expected bore}',
                    ['measured bore' => $input->num('measured_bore'), 'expected bore' => $input->num('expected_bore')],
                ),
                uses: ['measured_bore', 'expected_bore'], because: 'before finishing',
            );
        }

        return $answer->answer();
    }

    /** @throws BadInput */
    private function loss(AnswerBuilder $answer, Input $input, WorkshopSettings $settings, float $casting): void
    {
        if (! $input->has('charge_mass') || ! $input->has('button_mass')) {
            return;
        }
        $isTrimmed = $input->text('weighed') === 'trimmed';
        if ($isTrimmed && ! $input->has('sprues_mass')) {
            return;
        }
        [$charge, $button, $scrap] = [
            $input->num('charge_mass'), $input->num('button_mass'), $input->num('scrap_mass'),
        ];
        $sprues = $isTrimmed ? $input->num('sprues_mass') : 0.0;
        $loss = $charge - $casting - $sprues - $button - $scrap;
        $uses = [
            'charge_mass', 'casting_mass', 'button_mass', 'scrap_mass', 'weighed',
            ...($isTrimmed ? ['sprues_mass'] : []),
        ];
        $answer->work('loss', $loss, Formula::of($isTrimmed
            ? '{charge} − {casting} − {sprues} − {button} − {scrap}'
            : '{charge} − {casting with its sprues} − {button} − {scrap}',
            [
                'charge' => $charge, 'casting' => $casting, 'casting with its sprues' => $casting, 'sprues' => $sprues,
                'button' => $button, 'scrap' => $scrap,
            ]), uses: $uses, because: 'metal in is casting, sprues, button, scrap and loss')
            ->work(
                'loss_share', $loss / $charge, Formula::of('{loss} ÷ {charge}', ['loss' => $loss, 'charge' => $charge]),
                uses: $uses, because: 'fume, flux and splashes',
            );
        if (abs($loss) < $settings->num('cast.ignored') - 1e-9) {
            return;
        }
        if ($loss < 0) {
            $answer->find(
                Level::Stop, 'weighing-error', 'casting_mass', sprintf('%.2f g more came out than went in.', -$loss),
                'Weigh the charge, the casting and the button again; is investment still on it?',
            );
        } elseif ($loss / $charge > $settings->num('cast.loss_stop') + 1e-9) {
            $answer->find(
                Level::Stop, 'loss-too-high', 'button_mass',
                sprintf('%.2f g is lost, %.1f %% of the charge.', $loss, 100 * $loss / $charge),
                'Look for splashes in the machine and metal left in the crucible before anything is cleaned away.',
            );
        } elseif ($loss / $charge > $settings->num('cast.loss_caution') + 1e-9) {
            $answer->find(
                Level::Caution, 'loss-high', 'button_mass',
                sprintf('%.2f g is lost, %.1f %% of the charge.', $loss, 100 * $loss / $charge),
                'Weigh the splashes as scrap.',
            );
        }
    }
}
