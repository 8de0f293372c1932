<?php

declare(strict_types=1);

namespace HotSprue\Heat;

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
use HotSprue\Stock\Torch;
use HotSprue\Workshop\WorkshopSettings;

/** A piece as it lies before the torch is lit: cut into nodes, with its joints. Source: workbook 20, the piece. */
final class HeatPiece implements Calculation
{
    public const SOURCE = 'workbook 20, heat rehearsed';

    public const WHEN = ['before', 'now', 'later'];

    public function description(): Description
    {
        return new Description(
            'heat.piece',
            'A piece in the fire',
            'What a piece takes to come to heat, and how it lies for a rehearsal',
            self::SOURCE,
            self::fields(),
            [
                Output::rows('nodes', 'the pieces that its parts are cut into'),
                Output::rows('links', 'neighbours within a part'),
                Output::rows('contacts', 'where its parts meet'),
                Output::rows('outlines', 'each of its pieces as it is seen from above'),
                Output::mass('mass', 'the piece in the fire'),
                Output::of(Quantity::Temperature, 'flow', 'hottest flow of the solders of this heat')
                    ->called('solder flows'),
                Output::of(Quantity::Temperature, 'solidus', 'where the first of its metal melts')
                    ->called('first metal melts'),
                Output::number('heat_to_flow', 'heat that brings all of it to the flow, in kilojoules')
                    ->called('heat to the flow, kJ'),
                Output::number('loss_at_flow', 'what it loses while it stands at the flow, in watts')
                    ->called('lost at the flow, W'),
            ],
            [
                'torch-weak' => 'a torch whose whole flame gives less at the flow than the piece loses there',
                'melts-first' => 'a solder that flows at or over the solidus of a part',
            ],
        );
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::rows('parts', [
                Field::text('id', 'name of the part'),
                Field::named('alloy', 'stock.alloys', 'its alloy'),
                Field::mass('mass', 'its mass; from its sizes unless said')->optional(),
                Field::choice('form', PartForm::names(), 'its shape')->default(PartForm::Bar->value)->saying([
                    'ring' => 'ring, lying on its side', 'loop' => 'bezel or collet', 'bar' => 'wire or bar',
                    'plate' => 'plate or block',
                ]),
                Field::length('length', 'length along it')->optional(),
                Field::length('width', 'width; the height of a bezel')->optional(),
                Field::length('thickness', 'thickness; the wall of a bezel')->optional(),
                Field::length('x', 'where its middle lies, to the right')
                    ->between(-200, 200)->allowingZero()->optional(),
                Field::length('y', 'where its middle lies, downwards')
                    ->between(-200, 200)->allowingZero()->optional(),
                Field::of(Quantity::Angle, 'turn', 'how far it is turned')->between(-360, 360)
                    ->allowingZero()->optional(),
            ], 'the parts'),
            Field::rows('joints', [
                Field::text('id', 'name of the joint'),
                Field::text('parts', 'the parts it joins, with a comma; a part closed on itself twice')->many(),
                Field::named('solder', 'stock.solders', 'its solder')->optional(),
                Field::choice('when', self::WHEN, 'made in a heat before, now, or later')->default('now'),
                Field::length('length', 'length of the joint')->optional(),
                Field::length('section', 'thickness of the metal that meets')->optional(),
                Field::yesNo('guard', 'whether it is guarded')->called('guarded?')->default(false),
                Field::choice('form', ['chip', 'wire', 'paste', 'fed'], 'solder laid before, or fed by hand')
                    ->default('chip'),
            ], 'the joints'),
            Field::choice('support', Support::names(), 'what it lies on or hangs from')
                ->saying(['third-arm' => 'third arm'])->default(Support::Charcoal->value),
            Field::text('held', 'the part that the third arm holds')->optional(),
            Field::choice('torch', Torch::names(), 'the torch')->saying(Torch::sayings())->fromSetting('heat.torch'),
            Field::yesNo('coat', 'whether it is coated with boric acid')->called('coated?')->default(true),
            Field::yesNo('flux', 'whether its joints are fluxed')->called('fluxed?')->default(true),
        ];
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $built = PieceBuilder::of($input, $settings);
        $piece = $built->piece();
        $answer = AnswerBuilder::of($this, $input);
        $masses = $melts = $heats = [];
        foreach ($piece->nodes as $node) {
            $masses[$node->part] = ($masses[$node->part] ?? 0.0) + $node->mass;
            $heats[$node->part] = ($heats[$node->part] ?? 0.0) + $node->heat();
            $melts[] = $node->solidus;
        }
        $flow = $piece->flow();
        $torch = Torch::from($input->text('torch'));
        $answer
            ->give('nodes', array_map(static fn (Node $node): array => $node->row(), $piece->nodes))
            ->give('links', array_map(static fn (Link $link): array => $link->row(), $piece->links))
            ->give('contacts', array_map(static fn (Contact $contact): array => $contact->row(), $piece->contacts))
            ->give('outlines', $built->outlines())
            ->work(
                'mass', array_sum($masses), Formula::sum('the parts together', array_values($masses)), ['parts'],
                'all that is in the fire takes heat',
            )
            ->work(
                'flow', $flow, Formula::taken('hottest flow of this heat', $flow), ['joints'],
                'both sides of each joint are to come past it',
            )
            ->work(
                'solidus', min($melts), Formula::taken('least solidus of its parts', min($melts)), ['parts'],
                'past it that part slumps',
            )
            ->work(
                'heat_to_flow', array_sum($heats) * ($flow - Node::AIR) / 1000,
                Formula::of('{heat of a degree, J} × ({flow} − {air}) ÷ 1000', [
                    'heat of a degree, J' => array_sum($heats), 'flow' => $flow, 'air' => Node::AIR,
                ]),
                ['parts', 'joints'], 'mass × specific heat × degrees',
            )
            ->work(
                'loss_at_flow', TorchChoice::loses($piece),
                Formula::of(
                    '{surface, mm²} ÷ 1000000 × (12 × ({flow} − 20) + 0.25 × 5.670374 × ((({flow} + 273.15) ÷ 100) ^ 4 '
                        .'− 2.9315 ^ 4)) + {block, W/K} × ({flow} − 20)',
                    ['surface, mm²' => $piece->surface(), 'flow' => $flow, 'block, W/K' => $piece->held()],
                ),
                ['parts', 'joints', 'support'], 'to the air, by its own glow, and to what it lies on',
            );
        if ($flow >= min($melts)) {
            $answer->find(
                Level::Stop, 'melts-first', 'joints',
                sprintf('A solder flows at %.0f °C, where metal of the piece melts.', $flow),
                'Take a solder that flows under it.',
            );
        }
        if (! TorchChoice::isEnough($torch, $piece)) {
            $better = TorchChoice::for($piece, $torch);
            $answer->find(
                Level::Caution, 'torch-weak', 'torch',
                'This torch gives less at the flow than the piece loses there: it will not come to heat as a whole.',
                'Take a hotter torch, or warm the block as well.',
                TorchChoice::isEnough($better, $piece) ? ['torch' => $better->value] : [],
            );
        }

        return $answer->answer();
    }
}
