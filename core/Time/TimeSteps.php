<?php

declare(strict_types=1);

namespace HotSprue\Time;

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
use HotSprue\Workshop\WorkshopSettings;

/** What is still to be done of a job, step by step, with its minutes. Source: workbook 15. */
final class TimeSteps implements Calculation
{
    private const STEPS = [
        'brief', 'form', 'stones', 'wax', 'look', 'sprue', 'invest', 'burnout', 'pour', 'clean', 'shank', 'sizing',
        'made', 'heats', 'prefinish', 'set', 'finish', 'tumble', 'patina', 'plating', 'handover',
    ];

    /** Heats that can be timed one by one. */
    private const HEATS = 24;

    public function description(): Description
    {
        return new Description(
            'time.steps',
            'Steps and their minutes',
            'What is to be done of a piece, how long somebody stands at each step and how long it waits by itself',
            'workbook 15, steps of a job',
            [
                Field::choice('kind', ['cast', 'fabricated', 'sizing'], 'what kind of job it is')->default('cast'),
                Field::choice('process', ['carved', 'mould', 'resin'], 'how the wax is made')->default('carved'),
                self::many('letters', 'letters on the wax'),
                Field::yesNo('textured', 'whether the wax has a texture')->default(false),
                self::many('seats', 'seats cut in the wax'),
                Field::yesNo('look', 'whether the client looks at the wax')->called('client looks')->default(true),
                self::many('sprues', 'sprues', 3),
                self::many('flasks', 'flasks', 1),
                Field::minutes('stand', 'how long the flask stands before the kiln')->allowingZero()->default(60),
                Field::minutes('burnout', 'the kiln’s programme')->allowingZero()->default(360),
                self::many('bezels', 'bezels and collets made by hand'),
                self::many('claws', 'claws made by hand'),
                self::many('plates', 'plates made by hand'),
                self::many('holes', 'holes in plates'),
                self::many('heats', 'heats at the torch'),
                Field::rows('stones', [
                    Field::choice('setting', ['bezel', 'claws', 'flush', 'bead', 'shared'], 'how it is set'),
                    Field::count('count', 'how many')->default(1),
                ], 'stones to be set')->called('stones')->optional(),
                self::many('grits', 'grits from coarse to fine', 4),
                Field::yesNo('tumble', 'whether it goes into the tumbler')->default(false),
                Field::yesNo('patina', 'whether it is darkened')->default(false),
                Field::yesNo('plating', 'whether it is plated')->default(false),
                Field::rows('clocks', [
                    Field::choice('step', [...self::STEPS, ...self::heats()], 'which step'),
                    Field::minutes('minutes', 'what its own clock said')->allowingZero()->optional(),
                    Field::yesNo('done', 'whether it is done')->default(false),
                ], 'steps that were timed, or are done')->called('timed or done')->optional(),
            ],
            [
                Output::rows('steps', 'what is to be done, in bench order'),
                Output::of(Quantity::Minutes, 'attended', 'somebody stands at it for')->called('at the bench'),
                Output::of(Quantity::Minutes, 'waiting', 'it waits by itself for'),
                Output::of(Quantity::Minutes, 'length', 'from the first step to the last, were nothing else to be done')
                    ->called('at the soonest'),
            ],
            ['all-done' => 'nothing is left to do'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $steps = StepList::of($input, $settings);
        $attended = array_map(static fn (Step $step): float => $step->attended, $steps);
        $waits = array_map(static fn (Step $step): float => $step->waits, $steps);
        $uses = array_column($this->description()->inputs, 'name');
        $answer = AnswerBuilder::of($this, $input)
            ->give('steps', array_map(static fn (Step $step): array => $step->toArray(), $steps))
            ->work(
                'attended', array_sum($attended), Formula::sum('every step’s own minutes', $attended), uses: $uses,
                because: 'by the workshop’s usual minutes, or what its clocks said',
            )->work(
                'waiting', array_sum($waits), Formula::sum('client, standing, kiln, pickle and tumbler', $waits),
                uses: $uses, because: 'by the clock, day and night',
            )->work(
                'length', array_sum($attended) + array_sum($waits),
                Formula::of('{at the bench} + {waiting}', [
                    'at the bench' => array_sum($attended), 'waiting' => array_sum($waits),
                ]), uses: $uses, because: 'each step follows the one before; nights and other jobs come on top',
            );
        if ($steps === []) {
            $answer->find(Level::Note, 'all-done', 'clocks', 'Every step is done.', 'Nothing is to be planned of it.');
        }

        return $answer->answer();
    }

    /** @return list<string> */
    private static function heats(): array
    {
        return array_map(static fn (int $heat): string => "heat-{$heat}", range(1, self::HEATS));
    }

    private static function many(string $name, string $meaning, int $usual = 0): Field
    {
        return Field::count($name, $meaning)->allowingZero()->default($usual);
    }
}
