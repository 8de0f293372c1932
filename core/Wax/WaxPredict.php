<?php

declare(strict_types=1);

namespace HotSprue\Wax;

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
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\RingSize;
use HotSprue\Measures\Scale;
use HotSprue\Workshop\WorkshopSettings;

/** A measured wax turned round: what it will finish at. Source: workbook 6. */
final class WaxPredict implements Calculation
{
    /** Half a quarter of a North American size, mm of diameter: nearer than that is the same size. */
    public const SAME_SIZE = 0.1016;

    private const SOURCE = 'workbook 6, allowances';

    public function description(): Description
    {
        return new Description(
            'wax.predict',
            'What a wax finishes at',
            'What a measured wax will finish at',
            self::SOURCE,
            [
                Field::length('bore', 'bore of the wax as measured'),
                Field::length('width', 'width of the wax as measured'),
                Field::length('thickness', 'thickness of the wax at its thinnest, as measured'),
                Field::length('wanted_diameter', 'the inside diameter that is wanted')
                    ->called('wanted inside')->optional(),
                ...Shrinkage::fields(),
                ...Finishing::fields(),
            ],
            [
                Output::length('inner_diameter', 'inside diameter it finishes at')->called('inside diameter'),
                Output::length('inner_circumference', 'inside circumference it finishes at')->called('inside, round'),
                Output::text('mark', 'nearest mark on the workshop’s stick'),
                Output::length('width', 'width it finishes at'),
                Output::length('thickness', 'thickness it finishes at'),
            ],
            [
                'finishes-too-thin' => 'thickness after heavy finishing under 0.8 mm',
                'finishes-thin' => 'thickness after heavy finishing under 1.2 mm',
                'finishes-off-size' => 'finishes over half a quarter size from the one wanted',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $finish = Finishing::read($input, $settings);
        $s = Shrinkage::read($input, $settings);
        $uses = Shrinkage::uses($input);
        $d = $input->num('bore') * (1 - $s) + 2 * $finish->inside;
        $thickness = $input->num('thickness') * (1 - $s) - $finish->wall();
        $width = $input->num('width') * (1 - $s) - 2 * $finish->side;
        foreach (['thickness' => $thickness, 'width' => $width] as $name => $left) {
            if ($left <= 0) {
                throw BadInput::field(
                    $name, 'Finishing would take all of it; a wax thicker than its allowances is accepted.',
                );
            }
        }
        try {
            $size = RingSize::ofDiameter($d);
        } catch (NotUnderstood $not) {
            throw BadInput::field('bore', $not->getMessage());
        }
        $because = 'casting shrinks the wax, then finishing takes its allowance';
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'inner_diameter', $d,
                Formula::of(
                    '{bore} × (1 − {shrinkage}) + 2 × {inside finishing}',
                    ['bore' => $input->num('bore'), 'shrinkage' => $s, 'inside finishing' => $finish->inside],
                ),
                uses: ['bore', ...$uses, 'finish_inside'], because: $because,
            )
            ->work(
                'inner_circumference', $size->circumference,
                Formula::of('π × {inside diameter}', ['inside diameter' => $d]),
                uses: ['bore', ...$uses, 'finish_inside'], because: 'the size as it is held', source: 'ISO 8653',
            )
            ->work(
                'mark', $size->mark(Scale::from($settings->text('units.size')))->spoken(),
                Formula::said('nearest mark on the workshop’s stick', sprintf('%.3f mm round', $size->circumference)),
                uses: ['bore', ...$uses, 'finish_inside'], because: 'a hair is up to half a step', source: 'ISO 8653',
            )
            ->work(
                'width', $width,
                Formula::of(
                    '{width} × (1 − {shrinkage}) − 2 × {side finishing}',
                    ['width' => $input->num('width'), 'shrinkage' => $s, 'side finishing' => $finish->side],
                ),
                uses: ['width', ...$uses, 'finish_side'], because: $because,
            )
            ->work(
                'thickness', $thickness,
                Formula::of(
                    '{thickness} × (1 − {shrinkage}) − {inside finishing} − {outside finishing}',
                    [
                        'thickness' => $input->num('thickness'), 'shrinkage' => $s,
                        'inside finishing' => $finish->inside, 'outside finishing' => $finish->outside,
                    ],
                ),
                uses: ['thickness', ...$uses, 'finish_inside', 'finish_outside'], because: $because,
            );
        $this->judge($answer, $input, $settings, $s, $d, $finish);

        return $answer->answer();
    }

    private function judge(
        AnswerBuilder $answer, Input $input, WorkshopSettings $settings, float $s, float $d, Finishing $finish,
    ): void
    {
        $both = $settings->num('allowances.finish_inside') + $settings->num('allowances.finish_outside');
        $heavy = $settings->num('allowances.heavy') * $both;
        $least = $input->num('thickness') * (1 - $s) - $heavy;
        // Rounded up, so that the figure offered clears the limit.
        $clears = ceil(1000 * ($settings->num('limits.crown_caution') + $heavy) / (1 - $s)) / 1000;
        $levels = [
            'finishes-too-thin' => [Level::Stop, 'limits.crown_stop'],
            'finishes-thin' => [Level::Caution, 'limits.crown_caution'],
        ];
        foreach ($levels as $code => [$level, $limit]) {
            if ($least < $settings->num($limit) - 1e-9) {
                $answer->find($level, $code, 'thickness', sprintf(
                    '%.2f mm in wax finishes at %.2f mm if heavily worked, under %.2f mm.', $input->num('thickness'),
                    $least,
                    $settings->num($limit),
                ),
                    sprintf('Leave the wax %.2f mm thick, or build this one up.', $clears), ['thickness' => $clears]);
                break;
            }
        }
        if ($input->has('wanted_diameter') && abs($d - $input->num('wanted_diameter')) > self::SAME_SIZE) {
            $wanted = ($input->num('wanted_diameter') - 2 * $finish->inside) / (1 - $s);
            $answer->find(Level::Caution, 'finishes-off-size', 'bore', sprintf(
                'It finishes %.2f mm %s in diameter than wanted.', abs($d - $input->num('wanted_diameter')),
                $d > $input->num('wanted_diameter') ? 'larger' : 'smaller',
            ),
                sprintf(
                    'Bring the wax’s bore to %.2f mm%s.', $wanted,
                    $d > $input->num('wanted_diameter')
                        ? '; a bore already larger wants a sleeve of wax or a new carving'
                        : '',
                ), ['bore' => round($wanted, 6)]);
        }
    }
}
