<?php

declare(strict_types=1);

namespace HotSprue\Finish;

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

/**
 * In which order a piece is joined, polished, textured, darkened, set and plated: the job's own. Source: workbook 13,
 * finishing.
 */
final class BenchOrder implements Calculation
{
    private const SOURCE = 'workbook 13, setting and finishing';

    public function description(): Description
    {
        return new Description(
            'bench.order',
            'Order at the bench',
            'In which order a piece is joined, polished, textured, darkened, set and plated',
            self::SOURCE,
            [
                Field::count('fires', 'heats of solder')->called('heats')->allowingZero()->default(0),
                Field::count('stones', 'stones to set')->allowingZero()->default(0),
                Field::yesNo('pre_polish', 'whether parts are polished before they are joined')
                    ->called('polished before joining?')->default(false),
                Field::choice('milgrain', ['none', 'before', 'after'], 'milgrain, before or after setting')
                    ->saying(['before' => 'before setting', 'after' => 'after setting'])->default('none'),
                Field::yesNo('patina', 'whether the lows are darkened')->default(false),
                Field::choice('patina_when', ['before', 'after'], 'darkened before or after setting')
                    ->called('darkened')->saying(['before' => 'before setting', 'after' => 'after setting'])
                    ->default('before'),
                Field::yesNo('bright', 'whether a setting is to stay bright')
                    ->called('a setting stays bright?')->default(false),
                Field::yesNo('hidden', 'whether faces lie where no wheel reaches once it is joined')
                    ->called('faces out of reach?')->default(false),
                Field::yesNo('rhodium', 'whether it is plated')->default(false),
            ],
            [
                Output::rows('steps', 'each step in order: step, station, why'),
                Output::of(Quantity::Count, 'count', 'steps')->called('steps'),
            ],
            [
                'patina-dulls' => 'darkening after a setting that is to stay bright',
                'out-of-reach' => 'faces that no wheel reaches, and no polish before joining',
                'milgrain-lost' => 'milgrain before a bezel or beads are pushed over it',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $steps = array_map(
            static fn (array $step): array => array_combine(['step', 'station', 'why'], $step), self::steps($input),
        );
        $answer = AnswerBuilder::of($this, $input)->give('steps', $steps)->work(
            'count', count($steps), Formula::taken('those that this piece has', count($steps)),
            uses: ['fires', 'stones', 'pre_polish', 'milgrain', 'patina', 'rhodium'],
            because: 'each before what it spares',
        );
        if ($input->flag('patina') && $input->flag('bright') && $input->text('patina_when') === 'after'
            && $input->num('stones') > 0) {
            $answer->find(
                Level::Caution, 'patina-dulls', 'patina_when',
                'Darkened after setting, the setting that is to stay bright darkens too, and cannot be polished back.',
                'Darken the lows first, polish the heights, then set.', ['patina_when' => 'before'],
            );
        }
        if ($input->flag('hidden') && ! $input->flag('pre_polish') && $input->num('fires') > 0) {
            $answer->find(
                Level::Caution, 'out-of-reach', 'pre_polish',
                'No wheel reaches some faces once it is joined.',
                'Polish those parts before they are joined.', ['pre_polish' => true],
            );
        }
        if ($input->text('milgrain') === 'before' && $input->num('stones') > 0) {
            $answer->find(
                Level::Note, 'milgrain-lost', 'milgrain',
                'Metal pushed over a stone flattens milgrain that is there already.',
                'Run it after setting, with a light hand; before only where its edge is not pushed.',
                ['milgrain' => 'after'],
            );
        }

        return $answer->answer();
    }

    /** @return list<array{string, string, string}> */
    private static function steps(Input $input): array
    {
        [$fires, $stones] = [$input->num('fires'), $input->num('stones')];
        $dark = $input->flag('patina') ? $input->text('patina_when') : null;
        $step = static fn (bool $if, string $words, string $station, string $why): ?array => $if
            ? [$words, $station, $why] : null;

        return array_values(array_filter([
            $step($input->flag('pre_polish'), 'Polish what cannot be reached later', 'join', 'before it is joined'),
            $step(
                $fires > 0, sprintf('Solder, %d heats', (int) $fires), 'join',
                'every fire before polish, patina, stones and plate',
            ),
            $step(true, 'File, emery and pre-polish', 'finish', 'inside before outside'),
            $step($input->text('milgrain') === 'before', 'Milgrain', 'finish', 'on edges that are not pushed'),
            $step($dark === 'before', 'Darken the lows, polish the heights', 'finish', 'bright settings come after'),
            $step($stones > 0, sprintf('Set %d stones', (int) $stones), 'set', 'after the last fire'),
            $step($input->text('milgrain') === 'after', 'Milgrain', 'set', 'after the metal has been pushed'),
            $step($dark === 'after', 'Darken the lows, polish the heights', 'finish', 'the stones guarded'),
            $step(true, 'Last polish, the stones guarded', 'finish', 'edges kept'),
            $step($input->flag('rhodium'), 'Rhodium', 'finish', 'after all fire and polish'),
        ]));
    }
}
