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
use HotSprue\Workshop\WorkshopSettings;

/** An end forged or planished thinner: what it gains in length, and how often it is annealed. Source: volume stays. */
final class ForgeLength implements Calculation
{
    private const SOURCE = 'the volume of the metal stays';

    public function description(): Description
    {
        return new Description(
            'forge.length',
            'Forged ends',
            'A strip forged or planished thinner over a length: what it gains, and how often it is annealed',
            self::SOURCE,
            [
                Field::length('width', 'width of the strip'),
                Field::length('thickness', 'its thickness'),
                Field::length('length', 'length that is forged')->called('forged over'),
                Field::length('thickness_after', 'thickness at the end; half unless said')
                    ->called('forged down to')->optional(),
                Field::length('width_after', 'width after forging; as before unless said')
                    ->called('spread to')->optional(),
                Field::choice('taper', ['even', 'to-a-point'], 'thin all along, or thinning to the end')
                    ->called('thinned')->saying(['even' => 'all along', 'to-a-point' => 'toward the end'])
                    ->default('even'),
            ],
            [
                Output::length('length_after', 'how long that part becomes')->called('it becomes'),
                Output::length('gained', 'length gained')->called('length gained'),
                Output::share('reduction', 'how far the section is worked down')->called('worked down by'),
                Output::of(Quantity::Count, 'anneals', 'annealings while it is forged')->called('annealings'),
            ],
            ['forged-thin' => 'an end forged under 0.8 mm'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        [$wide, $thick, $long] = [$input->num('width'), $input->num('thickness'), $input->num('length')];
        $thin = $input->numOr('thickness_after', $thick / 2);
        $spread = $input->numOr('width_after', $wide);
        if ($thin >= $thick) {
            throw BadInput::field(
                'thickness_after', sprintf('It is forged thinner; under %.2f mm is accepted.', $thick),
            );
        }
        if ($spread < $wide) {
            throw BadInput::field('width_after', sprintf('It spreads; %.2f mm or more is accepted.', $wide));
        }
        // Thinned evenly toward its end, a part has its mean section.
        $isEven = $input->text('taper') === 'even';
        $after = $isEven ? $spread * $thin
            : ($wide * $thick + $spread * $thin + ($wide * $thin + $spread * $thick) / 2) / 3;
        $becomes = $long * $wide * $thick / $after;
        if ($becomes <= $long) {
            throw BadInput::field('width_after', 'Spread so far it would be no longer; less is accepted.');
        }
        $reduction = 1 - $spread * $thin / ($wide * $thick);
        $step = $settings->num('work.reduction');
        $anneals = $reduction <= 0 ? 0.0 : max(0.0, ceil(log(1 - $reduction) / log(1 - $step) - 1e-9) - 1);
        $uses = ['width', 'thickness', 'length', 'thickness_after', 'width_after', 'taper'];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'length_after', $becomes,
                Formula::of(
                    '{length} × {section before} ÷ {section after}',
                    ['length' => $long, 'section before' => $wide * $thick, 'section after' => $after],
                ), uses: $uses, because: $isEven ? 'what it loses in section it gains in length'
                    : 'by the mean section of a part that thins evenly to its end',
            )
            ->work(
                'gained', $becomes - $long,
                Formula::of('{it becomes} − {length}', ['it becomes' => $becomes, 'length' => $long]), uses: $uses,
                because: 'taken off the blank before it is cut',
            )
            ->work(
                'reduction', $reduction,
                Formula::of(
                    '1 − {section at the end} ÷ {section before}',
                    ['section at the end' => $spread * $thin, 'section before' => $wide * $thick],
                ), uses: $uses, because: 'where it is worked most', source: 'workbook 11, annealing',
            )
            ->work(
                'anneals', $anneals,
                Formula::taken(sprintf('one after every %.0f %% but the last', 100 * $step), $anneals), uses: $uses,
                because: 'worked farther it cracks at the edges', source: 'workbook 11, annealing',
            );
        $least = $settings->num('limits.crown_stop');
        if ($thin < $least - 1e-9) {
            $answer->find(
                Level::Caution, 'forged-thin', 'thickness_after',
                sprintf('An end of %.2f mm bends and cuts.', $thin),
                sprintf('Leave %.2f mm.', $least), ['thickness_after' => $least],
            );
        }

        return $answer->answer();
    }
}
