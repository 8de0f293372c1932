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
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Stones\Species;
use HotSprue\Workshop\WorkshopSettings;

/** How a piece is finished, in order, and what that takes off it. Source: workbook 13, finishing. */
final class FinishPlan implements Calculation
{
    private const SOURCE = 'workbook 13, finishing';

    public function description(): Description
    {
        return new Description(
            'finish.plan',
            'Finishing',
            'Grits, compounds, tumbling, patina and plating in order, and the loss',
            self::SOURCE,
            [
                Field::number('grits', 'grits, coarse to fine')
                    ->many()->default([220.0, 320.0, 400.0, 600.0, 800.0, 1200.0]),
                Field::choice('finish', ['polished', 'satin', 'matt'], 'how it is to look')
                    ->called('look')->default('polished'),
                Field::yesNo('tumble', 'whether it is tumbled')->called('tumbled?')->default(false),
                Field::minutes('tumble_minutes', 'how long it is tumbled')
                    ->called('in the tumbler')->fromSetting('finish.tumble'),
                Field::yesNo('patina', 'whether the lows are darkened')->called('patina in the lows?')->default(false),
                Field::yesNo('rhodium', 'whether it is plated with rhodium')->called('rhodium?')->default(false),
                Field::yesNo('wheels', 'whether wheels are used once stones are set')
                    ->called('wheels beside stones?')->default(true),
                Field::yesNo('guarded', 'whether the stones are guarded from wheels')
                    ->called('stones guarded?')->default(false),
                Field::named('stones_set', 'stock.species', 'stones that are set')->many()->default([]),
                Field::count('fires_left', 'heats still to come')
                    ->called('heats still to come')->allowingZero()->default(0),
                Field::mass('mass_before', 'mass before finishing')->called('before finishing')->optional(),
                Field::mass('mass_after', 'mass after finishing')->called('after finishing')->optional(),
                Field::mass('casting_mass', 'mass of the casting, sprues off')->called('casting')->optional(),
            ],
            [
                Output::rows('steps', 'the steps in order'),
                Output::of(Quantity::Count, 'grit_steps', 'papers and stones to go through')->called('grits'),
                Output::number('greatest_step', 'greatest step from one grit to the next')->called('greatest step'),
                Output::of(Quantity::Minutes, 'tumbling', 'time in the tumbler')->called('in the tumbler'),
                Output::mass('loss', 'metal taken off'),
                Output::share(
                    'loss_share', 'loss as a share of the casting, or of the piece before',
                )->called('loss, share'),
            ],
            [
                'grit-skipped' => 'a grit over twice as fine as the one before',
                'wheel-scratches' => 'abrasive wheels beside a stone other than diamond, unguarded',
                'polish-harms-stone' => 'polishing wheels beside a stone under Mohs 7, unguarded',
                'rhodium-before-fire' => 'plating with heats still to come',
                'loss-high' => 'more taken off than the workshop expects',
                'loss-negative' => 'heavier after finishing than before',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $grits = $input->nums('grits');
        $greatest = 1.0;
        $skipped = [];
        for ($at = 1; $at < count($grits); $at++) {
            $step = $grits[$at] / max($grits[$at - 1], 1e-9);
            if ($step <= 1.0) {
                throw BadInput::field(
                    'grits',
                    sprintf('%.0f comes after %.0f; coarse to fine is accepted.', $grits[$at], $grits[$at - 1]),
                );
            }
            $greatest = max($greatest, $step);
            $step > $settings->num('finish.grit_step') + 1e-9 ? $skipped[] = sprintf(
                '%.0f to %.0f', $grits[$at - 1], $grits[$at],
            ) : null;
        }
        $answer = AnswerBuilder::of($this, $input)
            ->give(
                'steps', array_map(static fn (string $step): array => ['step' => $step], self::steps($input, $grits)),
            )
            ->work(
                'grit_steps', count($grits), Formula::taken('grits', count($grits)), uses: ['grits'],
                because: 'each takes out the scratches of the one before, across them',
            )
            ->work(
                'greatest_step', $greatest, Formula::taken('finer ÷ coarser, the greatest', $greatest), uses: ['grits'],
                because: 'over 2 the coarse scratches stay, and show under the rouge',
            );
        if ($input->flag('tumble')) {
            $answer->work(
                'tumbling', $input->num('tumble_minutes'),
                Formula::taken('the workshop’s own', $input->num('tumble_minutes')), uses: ['tumble_minutes'],
                because: 'steel shot hardens the skin and brightens it',
            );
        }
        if ($skipped !== []) {
            $answer->find(
                Level::Caution, 'grit-skipped', 'grits', 'Steps over 2×: '.implode(', ', $skipped).'.',
                'Put a grit between; every scratch left now shows after polishing.',
            );
        }
        $this->judgeStones($answer, $input, $settings);
        if ($input->flag('rhodium') && $input->num('fires_left') > 0) {
            $answer->find(
                Level::Stop, 'rhodium-before-fire', 'rhodium',
                sprintf('%d heats are still to come: the plating burns and blisters.', (int) $input->num('fires_left')),
                'Plate after the last fire and the last polish.', ['rhodium' => false],
            );
        }
        $this->weigh($answer, $input, $settings);

        return $answer->answer();
    }

    /**
     * @param  list<float>  $grits
     * @return list<string>
     */
    private static function steps(Input $input, array $grits): array
    {
        $finest = $input->text('finish') === 'matt' ? 400.0 : ($input->text('finish') === 'satin' ? 600.0 : INF);
        $steps = array_map(
            static fn (float $grit): string => sprintf('%.0f grit: inside, then outside, edges kept', $grit),
            array_values(array_filter($grits, static fn (float $grit): bool => $grit <= $finest)),
        );
        $steps = [...$steps, ...match ($input->text('finish')) {
            'polished' => ['wash; tripoli: inside, then outside', 'wash; rouge on a wheel of its own'],
            'satin' => ['wash; satin wheel or pad, one way round'],
            default => ['wash; matt with a glass brush or a fine blast, stones covered'],
        }];
        $input->flag('tumble') ? $steps[] = 'tumble in steel shot with soap; rinse' : null;
        $input->flag('patina') ? $steps[] = 'patina into the lows, rinse well, rub the highs back' : null;
        $input->flag('rhodium') ? $steps[] = 'rhodium, after all fire and polish: degrease, plate, rinse' : null;

        return $steps;
    }

    private function judgeStones(AnswerBuilder $answer, Input $input, WorkshopSettings $settings): void
    {
        if (! $input->flag('wheels') || $input->flag('guarded')) {
            return;
        }
        $species = array_map(
            static fn (string $name): Species => Species::named($name, $settings), $input->texts('stones_set'),
        );
        $scratched = array_unique(
            array_map(
                static fn (Species $stone): string => $stone->label,
                array_filter($species, static fn (Species $stone): bool => $stone->name !== 'diamond'),
            ),
        );
        $soft = array_unique(
            array_map(
                static fn (Species $stone): string => $stone->label,
                array_filter($species, static fn (Species $stone): bool => $stone->mohs < 7),
            ),
        );
        if ($soft !== []) {
            $answer->find(
                Level::Stop, 'polish-harms-stone', 'guarded', 'A polishing wheel wears it: '.implode(', ', $soft).'.',
                'Guard it, or keep the wheel off and polish by hand.', ['guarded' => true],
            );
        }
        if ($scratched !== []) {
            $answer->find(
                Level::Caution, 'wheel-scratches', 'guarded',
                'An abrasive wheel scratches it: '.implode(', ', $scratched).'.', 'Guard it, or keep the wheel off.',
                ['guarded' => true],
            );
        }
    }

    private function weigh(AnswerBuilder $answer, Input $input, WorkshopSettings $settings): void
    {
        if (! $input->has('mass_before') || ! $input->has('mass_after')) {
            return;
        }
        [$before, $after] = [$input->num('mass_before'), $input->num('mass_after')];
        $of = $input->numOr('casting_mass', $before);
        $loss = $before - $after;
        $answer->work(
            'loss', $loss, Formula::of('{before} − {after}', ['before' => $before, 'after' => $after]),
            uses: ['mass_before', 'mass_after'], because: 'filings and dust: gathered, they are metal',
        )
            ->work(
                'loss_share', $loss / $of,
                Formula::of(
                    '({before} − {after}) ÷ {casting}', ['before' => $before, 'after' => $after, 'casting' => $of],
                ),
                uses: ['mass_before', 'mass_after', 'casting_mass'], because: 'learned from for the next allowance',
            );
        if ($loss < -1e-9) {
            $answer->find(
                Level::Stop, 'loss-negative', 'mass_after',
                'It weighs more after finishing than before: one of the two was read wrong, or solder or stones came '
                    .'in between.',
                'Weigh again, without stones.',
            );
        } elseif ($loss / $of > $settings->num('finish.loss') + 1e-9) {
            $answer->find(
                Level::Caution, 'loss-high', 'mass_after',
                sprintf('%.1f %% of the casting is gone.', 100 * $loss / $of),
                'Sweep, and look where it went; next time leave less to take off.',
            );
        }
    }
}
