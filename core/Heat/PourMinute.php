<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Output;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** How crucible and flask stand at a moment of the pour, from what was done so far. Source: workbook 20, rehearsed. */
final class PourMinute implements Calculation
{
    private const SOURCE = 'workbook 20, the pour’s minute rehearsed';

    public function description(): Description
    {
        return new Description(
            'pour.minute',
            'The pour’s minute',
            'How metal and flask stand at a moment of the pour; a model, for learning',
            self::SOURCE,
            [
                Field::named('alloy', 'stock.alloys', 'the metal'),
                Field::mass('mass', 'the charge')->called('charge')->between(2, 300)->default(PourRehearsed::CHARGE),
                Field::temperature('flask', 'the flask as it leaves the kiln')->between(200, 800)->optional(),
                Field::rows('done', [
                    Field::choice('step', PourStep::names(), 'what was done')->saying(PourStep::sayings()),
                    Field::of(Quantity::Seconds, 'at', 'when')->called('at')->allowingZero(),
                ], 'what was done, and when')->default([]),
                Field::of(Quantity::Seconds, 'at', 'since it began')->called('so far')->allowingZero()->default(0.0),
            ],
            [
                Output::of(Quantity::Temperature, 'metal', 'the metal')->called('metal'),
                Output::of(Quantity::Temperature, 'flask', 'the flask')->called('flask'),
                Output::number('glow', 'how far along the glows it is'),
                Output::text('look', 'what the eye sees in the crucible'),
                Output::text('outcome', 'what became of it'),
                Output::text('said', 'what happened'),
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $alloy = Alloy::named($input->text('alloy'), $settings);
        if (! $alloy->isForGypsum()) {
            throw BadInput::field(
                'alloy', "{$alloy->label} is no metal for this torch; gold, silver or bronze is accepted.",
            );
        }
        $done = array_column($input->rows('done'), 'at', 'step');
        $flask = $input->numOr('flask', $alloy->flask ?? PourRehearsed::FLASK);
        $pour = new PourRehearsed($alloy, $input->num('mass'), $flask, array_map(floatval(...), $done));
        $at = $input->num('at');
        $told = implode(', ', array_map(
            static fn (array $row): string => sprintf('%s %.1f s', $row['step'], $row['at']), $input->rows('done'),
        ));
        $uses = ['alloy', 'mass', 'done', 'at'];

        return AnswerBuilder::of($this, $input)
            ->work('metal', $pour->metal($at), Formula::taken('after so much torch', $pour->metal($at)), $uses,
                'it climbs as a lump does, slower while it melts, and falls quickly when the torch is off')
            ->work('flask', $pour->flaskAt($at), Formula::taken('after so long in the air', $pour->flaskAt($at)),
                ['flask', 'done', 'at'], 'out of the kiln it falls')
            ->work('glow', Glow::level($pour->metal($at)), Formula::taken('how far along the glows', Glow::level(
                $pour->metal($at),
            )), $uses, 'none at 0, dull red from 1, bright from 3')
            ->work('look', $pour->look($at), Formula::said('by its heat and its flux', sprintf('%.0f °C',
                $pour->metal($at))), $uses, 'the look tells when, not the clock')
            ->work('outcome', $pour->outcome()->value ?? 'not yet', Formula::said('by what was done before the release',
                $told), $uses, 'flask and arm, heat, then flux and crucible')
            ->work('said', $pour->said(), Formula::said('from what was done', $told), $uses, 'one thing at a time')
            ->answer();
    }
}
