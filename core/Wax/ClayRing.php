<?php

declare(strict_types=1);

namespace HotSprue\Wax;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Fields\Input;
use HotSprue\Form\FingerInput;
use HotSprue\Measures\RingSize;
use HotSprue\Measures\Scale;
use HotSprue\Stock\Clay;
use HotSprue\Stones\Species;
use HotSprue\Workshop\WorkshopSettings;

/**
 * A ring of metal clay: the mandrel to form it on, its thickness in cards, stones in the fire, drying and firing.
 * Source: workbook 6, metal clay.
 */
final class ClayRing implements Calculation
{
    public const SOURCE = 'workbook 6, metal clay';

    /** A US size across, mm. */
    private const US_SIZE = 0.8128;

    public function description(): Description
    {
        return ClayRingDescription::make();
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $clay = Clay::named($input->text('clay'), $settings);
        $s = $input->numOr('shrinkage', $clay->shrinkage);
        $answer = AnswerBuilder::of($this, $input);
        $this->mandrel($answer, $input, $s, $settings);
        $this->cards($answer, $input, $s, $settings);
        $this->seat($answer, $input, $s, $settings);
        $this->fire($answer, $clay, min($clay->climb, $settings->num('burnout.climb_c_per_min')));
        $this->stones($answer, $input, $clay, $settings);
        $this->fired($answer, $input, $s);

        return $answer->answer();
    }

    private function mandrel(AnswerBuilder $answer, Input $input, float $s, WorkshopSettings $settings): void
    {
        $d = FingerInput::read($input)->diameter();
        $extra = self::US_SIZE * ($input->num('width') >= $settings->num('clay.wide')
            ? $settings->num('clay.wide_sizes') : 0.0);
        $mandrel = $d / (1 - $s) + $extra;
        $uses = [...FingerInput::uses($input), 'clay', 'shrinkage'];
        $answer
            ->work(
                'mandrel', $mandrel,
                Formula::of(
                    '{D} ÷ (1 − {shrinkage}) + {more for a wide band}',
                    ['D' => $d, 'shrinkage' => $s, 'more for a wide band' => $extra],
                ),
                uses: [...$uses, 'width'], because: 'it shrinks onto its size as it is fired; a wide band holds faster',
            )
            ->work(
                'mandrel_mark',
                RingSize::ofDiameter($mandrel)->mark(Scale::from($settings->text('units.size')))->spoken(),
                Formula::said('the nearest mark of the workshop’s stick', sprintf('%.2f mm across', $mandrel)),
                uses: $uses, because: 'wrapped in paper, so that it comes off',
            )
            ->work(
                'sizes_up', ($mandrel - $d) / self::US_SIZE,
                Formula::of('({mandrel} − {D}) ÷ 0.8128', ['mandrel' => $mandrel, 'D' => $d]), uses: $uses,
                because: 'North American sizes',
            );
    }

    private function cards(AnswerBuilder $answer, Input $input, float $s, WorkshopSettings $settings): void
    {
        $card = $settings->num('clay.card');
        $wet = $input->num('thickness') / (1 - $s);
        $cards = ceil($wet / $card - 1e-9);
        $answer
            ->work(
                'thickness_wet', $wet,
                Formula::of(
                    '{thickness} ÷ (1 − {shrinkage})', ['thickness' => $input->num('thickness'), 'shrinkage' => $s],
                ), uses: ['thickness', 'clay', 'shrinkage'], because: 'it shrinks that way too',
            )
            ->work(
                'cards', $cards, Formula::of('ceil({wet} ÷ {card})', ['wet' => $wet, 'card' => $card]),
                uses: ['thickness', 'clay', 'shrinkage'], because: 'rolled between so many on either side',
            )
            ->work(
                'thickness_fired', $cards * $card * (1 - $s),
                Formula::of(
                    '{cards} × {card} × (1 − {shrinkage})', ['cards' => $cards, 'card' => $card, 'shrinkage' => $s],
                ), uses: ['thickness', 'clay', 'shrinkage'], because: 'before it is filed',
            )
            ->work(
                'width_wet', $input->num('width') / (1 - $s),
                Formula::of('{width} ÷ (1 − {shrinkage})', ['width' => $input->num('width'), 'shrinkage' => $s]),
                uses: ['width', 'clay', 'shrinkage'], because: 'cut to this',
            );
    }

    private function seat(AnswerBuilder $answer, Input $input, float $s, WorkshopSettings $settings): void
    {
        if (! $input->has('stone')) {
            return;
        }
        $d = $input->num('stone');
        $share = $settings->num('seats.opened');
        $answer
            ->work(
                'seat', $d / (1 - $s), Formula::of('{stone} ÷ (1 − {shrinkage})', ['stone' => $d, 'shrinkage' => $s]),
                uses: ['stone', 'clay', 'shrinkage'],
                because: 'the clay comes in to the stone; the stone does not shrink',
            )
            ->work(
                'punch', $share * $d / (1 - $s),
                Formula::of(
                    '{share} × {stone} ÷ (1 − {shrinkage})', ['share' => $share, 'stone' => $d, 'shrinkage' => $s],
                ), uses: ['stone', 'clay', 'shrinkage'], because: 'a hole right through: light, and room for the culet',
            );
    }

    /** @param float $climb °C a minute: no faster than its sheet allows, and no faster than the kiln can */
    private function fire(AnswerBuilder $answer, Clay $clay, float $climb): void
    {
        $ramp = ($clay->fire - 20) / $climb;
        $stages = [['ramp_to_c' => $clay->fire, 'ramp_min' => $ramp, 'hold_min' => $clay->minutes]];
        $answer->give('stages', $stages)
            ->work(
                'fire_at', $clay->fire, Formula::taken('by its sheet', $clay->fire), uses: ['clay'],
                because: $clay->carbon ? 'buried in carbon, with a lid' : 'on a shelf in open air',
                source: 'the sort’s own sheet',
            )
            ->work(
                'fire_min', $ramp + $clay->minutes,
                Formula::of(
                    '({fired at} − 20) ÷ {climb} + {held}',
                    ['fired at' => $clay->fire, 'climb' => $climb, 'held' => $clay->minutes],
                ), uses: ['clay'], because: 'from cold to the end of its hold', source: 'the sort’s own sheet',
            );
    }

    private function stones(AnswerBuilder $answer, Input $input, Clay $clay, WorkshopSettings $settings): void
    {
        $burnt = [];
        foreach ($input->rows('stones') as $stone) {
            $species = Species::named((string) $stone['species'], $settings);
            $isIn = $stone['in_fire'] === true;
            if ($isIn && ($stone['treated'] === true || $species->kiln < $clay->fire)) {
                $burnt[] = $stone['name'] ?? $species->label;
            }
        }
        if ($burnt !== []) {
            $answer->find(
                Level::Stop, 'stone-in-kiln', 'stones',
                sprintf('At %.0f °C it does not stand: %s.', $clay->fire, implode(', ', $burnt)),
                'Leave a seat, and set it after firing; or take a stone that stands it, or a sort fired lower.',
            );
        }
        $dried = $input->num('dried');
        $least = $settings->num('clay.drying');
        if ($dried < $least - 1e-9) {
            $answer->find(
                Level::Caution, 'clay-damp', 'dried',
                sprintf('Dried %.0f min, and %.0f is wanted: steam inside it blisters and bursts.', $dried, $least),
                'Let it dry through; held on a mirror it leaves no mist.', ['dried' => $least],
            );
        }
    }

    private function fired(AnswerBuilder $answer, Input $input, float $s): void
    {
        if (! $input->has('fired_diameter')) {
            return;
        }
        $mandrel = $answer->given('mandrel');
        $shrank = 1 - $input->num('fired_diameter') / $mandrel;
        $answer->work(
            'shrinkage_measured', $shrank,
            Formula::of(
                '1 − {fired} ÷ {mandrel}', ['fired' => $input->num('fired_diameter'), 'mandrel' => $mandrel],
            ), uses: ['fired_diameter', 'clay', 'shrinkage'], because: 'this sort, this kiln, this hand',
        );
        if (abs($shrank - $s) > 0.01 + 1e-9) {
            $answer->find(
                Level::Caution, 'shrank-otherwise', 'fired_diameter',
                sprintf('It shrank %.1f %%, and %.1f was reckoned with.', 100 * $shrank, 100 * $s),
                sprintf('Measure the next too; in Shop this sort may be given %.3f.', $shrank),
            );
        }
    }
}
