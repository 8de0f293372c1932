<?php

declare(strict_types=1);

namespace HotSprue\Stones;

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

/**
 * Every heat, cleaning and acid step that comes after setting, held against every stone. Source: workbook 3, species
 * and findings.
 */
final class StoneCare implements Calculation
{
    public const STEPS = ['torch', 'boron', 'pickle', 'ultrasonic', 'steam', 'wheel'];

    /** How a stone may be held; the first of them guard its edge. */
    public const HELD = [
        'bezel', 'tube', 'flush', 'channel', 'guarded', 'claws', 'shared-claws', 'bead', 'shared', 'none',
    ];

    private const GUARDING = ['bezel', 'tube', 'flush', 'channel', 'guarded'];

    private const WORDS = [
        'torch' => 'torch heat', 'boron' => 'a boron coat or flux', 'pickle' => 'pickle',
        'ultrasonic' => 'the ultrasonic bath', 'steam' => 'steam', 'wheel' => 'abrasive and polishing wheels',
    ];

    public function description(): Description
    {
        return new Description(
            'care.check',
            'What stones stand',
            'Which later heat, cleaning and acid steps the stones stand',
            'workbook 3, species',
            [
                Field::rows('stones', [
                    Field::named('species', 'stock.species', 'what stone it is'),
                    Field::yesNo('treated', 'whether it is treated, filled or included')
                        ->called('treated?')->default(false),
                    Field::text('name', 'which stone it is')->optional(),
                    Field::choice('owner', ['client', 'workshop'], 'whose it is')->optional(),
                    Field::choice('source', ['bought', 'heirloom', 'reclaimed'], 'where it comes from')->optional(),
                    Field::yesNo('keep_setting', 'reclaimed: whether the old setting is kept')
                        ->called('keep the old setting?')->optional(),
                    Field::of(Quantity::Day, 'removed', 'reclaimed: the day it was taken out, weighed and measured')
                        ->called('taken out')->optional(),
                    Field::of(Quantity::Day, 'acknowledged', 'the day the client signed for its condition')
                        ->called('client signed for it')->optional(),
                    Field::choice('setting', self::HELD, 'how this one is held')->optional(),
                ], 'the stones of the piece'),
                Field::choice('steps', self::STEPS, 'steps that come after setting')->many()->default([]),
                Field::choice('setting', self::HELD, 'how the stones are held, where it is not said of each')
                    ->default('claws'),
                Field::yesNo('daily', 'whether it is worn every day')->called('worn daily?')->default(true),
            ],
            [
                Output::rows('stands', 'each stone and step: y yes, c with care, n no'),
                Output::number('softest', 'hardness of the softest stone'),
            ],
            [
                'step-harms-stone' => 'a step that a stone does not stand',
                'step-with-care' => 'a step that a stone stands only with care',
                'boron-on-corundum' => 'a boron coat or flux with corundum, spinel, cubic zirconia or moissanite set',
                'condition-unsigned' => 'a client’s stone whose condition the client has not signed for',
                'not-yet-removed' => 'a reclaimed stone not yet taken out, weighed and measured',
                'old-setting-unasked' => 'a reclaimed stone, and nobody has asked whether its old setting is kept',
                'soft-in-daily-ring' => 'a stone under Mohs 7 in a daily ring with no bezel or guarding wall',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $answer = AnswerBuilder::of($this, $input);
        $stands = $harmed = $careful = $etched = [];
        $softest = $bare = null;
        foreach ($input->rows('stones') as $stone) {
            $species = Species::named((string) $stone['species'], $settings);
            $softest = $softest === null || $species->mohs < $softest->mohs ? $species : $softest;
            $isGuarded = in_array($stone['setting'] ?? $input->text('setting'), self::GUARDING, true);
            $bare = ! $isGuarded && ($bare === null || $species->mohs < $bare->mohs) ? $species : $bare;
            foreach (self::STEPS as $step) {
                $mark = $stone['treated'] === true && $step !== 'wheel' ? 'n' : $species->stands($step);
                $stands[] = ['stone' => $stone['name'] ?? $species->label, 'step' => $step, 'stands' => $mark];
                if (! in_array($step, $input->texts('steps'), true)) {
                    continue;
                }
                $said = sprintf('%s and %s', $species->label, self::WORDS[$step]);
                if ($step === 'boron' && $species->boron) {
                    $etched[] = $species->label;
                } elseif ($mark === 'n') {
                    $harmed[] = $said;
                } elseif ($mark === 'c') {
                    $careful[] = $said;
                }
            }
        }
        $this->judgeHistory($answer, $input->rows('stones'));
        $softest ?? throw BadInput::field('stones', 'At least one stone is accepted.');
        $answer->give('stands', $stands)
            ->work(
                'softest', $softest->mohs, Formula::taken('the least hardness among the stones', $softest->mohs),
                uses: ['stones'], because: "the {$softest->label} is the softest",
            );
        if ($harmed !== []) {
            $answer->find(
                Level::Stop, 'step-harms-stone', 'steps',
                sprintf('Not to be done with the stone set: %s.', implode('; ', array_unique($harmed))),
                'Do it before setting, take the stone out, or choose another way.',
            );
        }
        if ($etched !== []) {
            $answer->find(
                Level::Stop, 'boron-on-corundum', 'steps',
                sprintf('Boron etches a hot %s.', implode(', a hot ', array_unique($etched))),
                'Take it out, or shield and heat-sink it; best, set it after the last fire.',
            );
        }
        if ($careful !== []) {
            $answer->find(
                Level::Caution, 'step-with-care', 'steps',
                sprintf('Only with care: %s.', implode('; ', array_unique($careful))),
                'Diamond only under a film of boric acid in alcohol, heated and cooled slowly, never quenched; the '
                    .'rest short, warm and watched.',
            );
        }
        if ($bare !== null && $bare->mohs < 7 && $input->flag('daily')) {
            $answer->find(
                Level::Caution, 'soft-in-daily-ring', 'setting',
                sprintf(
                    '%s is %s on Mohs’ scale: in a daily ring dust scratches it and knocks chip it.',
                    ucfirst($bare->label), $bare->mohs,
                ),
                'Give it a bezel or a guarding wall.', ['setting' => 'bezel'],
            );
        }

        return $answer->answer();
    }

    /** @param list<array<string, mixed>> $stones */
    private function judgeHistory(AnswerBuilder $answer, array $stones): void
    {
        $said = static fn (array $stone): string => (string) ($stone['name'] ?? $stone['species']);
        $some = static fn (callable $which): string => implode(', ', array_map($said, array_filter($stones, $which)));
        $unsigned = $some(
            static fn (array $stone): bool => $stone['owner'] === 'client' && $stone['acknowledged'] === null,
        );
        if ($unsigned !== '') {
            $answer->find(
                Level::Caution, 'condition-unsigned', 'stones',
                "The client has not signed for the condition of: {$unsigned}.",
                'Look for chips and treatment under a glass, photograph it, and have the client sign before work.',
            );
        }
        $inside = $some(
            static fn (array $stone): bool => $stone['source'] === 'reclaimed' && $stone['removed'] === null,
        );
        if ($inside !== '') {
            $answer->find(
                Level::Caution, 'not-yet-removed', 'stones', "Still in its old setting: {$inside}.",
                'Take it out, then weigh and measure it: what it measures in a setting is a guess.',
            );
        }
        $unasked = $some(
            static fn (array $stone): bool => $stone['source'] === 'reclaimed' && $stone['keep_setting'] === null,
        );
        if ($unasked !== '') {
            $answer->find(
                Level::Note, 'old-setting-unasked', 'stones',
                "Nobody has asked whether the old setting is to be kept: {$unasked}.",
                'Ask the client before it is cut.',
            );
        }
    }
}
