<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Torch;
use HotSprue\Workshop\WorkshopSettings;

/** What some seconds of flame do to a piece, and what the eye sees of it. Source: workbook 20, `heat.step`. */
final class HeatStep implements Calculation
{
    public function description(): Description
    {
        return new Description(
            'heat.step',
            'The torch for a moment',
            'What a moment of flame does to a piece, and what is seen of it; a model, for learning',
            HeatPiece::SOURCE,
            [
                Field::rows('nodes', Node::columns(), 'the pieces that its parts are cut into')
                    ->between(0, Piece::MOST),
                Field::rows('links', Link::columns(), 'neighbours within a part')->default([]),
                Field::rows('contacts', Contact::columns(), 'where its parts meet')->default([]),
                Field::of(Quantity::Seconds, 'at', 'since the torch was lit')->called('so far')
                    ->allowingZero()->default(0.0),
                ...Move::fields(),
                Field::choice('torch', Torch::names(), 'the torch')
                    ->saying(Torch::sayings())->fromSetting('heat.torch'),
                Field::yesNo('dark', 'whether the room is darkened')->called('lamp off?')->default(false),
                Field::of(Quantity::Seconds, 'seconds', 'how long it burns')->between(0, 60)
                    ->default(Move::SECONDS),
            ],
            [
                Output::rows('nodes', 'the pieces as they are now'),
                Output::rows('contacts', 'its joints as they are now'),
                Output::rows('looks', 'how each piece glows'),
                Output::rows('signs', 'what was seen to happen'),
                Output::of(Quantity::Seconds, 'at', 'since the torch was lit')->called('so far'),
                Output::number('given', 'heat that the flame gave, J')->called('given by the flame, J'),
                Output::number('lost', 'heat that was lost, J')->called('lost, J'),
                Output::number('stored', 'heat that stayed in the metal, J')->called('stayed in the metal, J'),
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $seconds = $input->num('seconds');
        $before = Piece::read($input);
        $move = Move::read($input);
        $burnt = Fire::burn(
            $move->actedOn($before), $move->flame(Torch::from($input->text('torch'))), $seconds,
        );
        $dark = $input->flag('dark');

        return AnswerBuilder::of($this, $input)
            ->give('nodes', array_map(static fn (Node $node): array => $node->row(), $burnt->piece->nodes))
            ->give('contacts', array_map(
                static fn (Contact $contact): array => $contact->row(), $burnt->piece->contacts,
            ))
            ->give('looks', array_map(static fn (Node $node): array => [
                'part' => $node->part, 'glow' => Glow::at($node->celsius, $dark)->value,
                'glow_level' => Glow::level($node->celsius, $dark), 'black' => $node->black,
                'slumped' => $node->slumped,
            ], $burnt->piece->nodes))
            ->give('signs', array_map(static fn (Sign $sign): array => $sign->row(), $burnt->signs))
            ->work(
                'at', $before->seconds + $seconds,
                Formula::of('{so far} + {seconds}', ['so far' => $before->seconds, 'seconds' => $seconds]),
                ['at', 'seconds'], 'the torch burns on',
            )
            ->work(
                'given', $burnt->givenInAll(), Formula::sum(
                    'h₀ exp(−r² ÷ 2R²) × half the surface × (flame − metal) × time, each part',
                    array_values($burnt->given),
                ),
                ['nodes', 'x', 'y', 'spread', 'distance', 'on', 'torch', 'seconds'],
                'each piece of a part takes what the flame gives it where it lies',
            )
            ->work(
                'lost', $burnt->lostInAll(), Formula::sum(
                    '(12 × surface × (metal − 20) + εσ × surface × (T⁴ − T₀⁴) + block × (metal − 20)) × time, '
                        .'each part',
                    array_values($burnt->lost),
                ),
                ['nodes', 'seconds'], 'to the air, by its own glow, and to what it lies on',
            )
            ->work(
                'stored', $burnt->givenInAll() - $burnt->lostInAll(),
                Formula::of('{given} − {lost}', ['given' => $burnt->givenInAll(), 'lost' => $burnt->lostInAll()]),
                ['nodes', 'seconds'], 'what is not lost makes it hotter',
            )
            ->answer();
    }
}
