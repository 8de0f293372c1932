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
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/**
 * The last look at a piece before it goes: size, weights, mark, and what has been looked at. Source: workbook 13, last
 * look.
 */
final class HandOver implements Calculation
{
    private const SOURCE = 'workbook 13, last look';

    public const LOOKS = [
        'size' => 'size on the mandrel', 'tight' => 'stones tight, tapped and heard', 'level' => 'stones level',
        'snags' => 'claws free of snags', 'joints' => 'joints closed, under a glass', 'photograph' => 'photographed',
    ];

    public const LEFT = ['unasked', 'kept'];

    public const MARKS = ['unasked', 'struck', 'sent', 'exempt'];

    public function description(): Description
    {
        return new Description(
            'hand.over',
            'Last look',
            'The last look before a piece goes: size, weights, mark',
            self::SOURCE,
            [
                Field::mass('piece_mass', 'the finished piece on the balance, stones in')->called('piece'),
                Field::number('stones_carats', 'all stones in it, carats')
                    ->called('stones, carats')->allowingZero()->default(0.0),
                Field::mass('expected_mass', 'what its metal should weigh')->called('should weigh')->optional(),
                Field::length('wanted_diameter', 'inside diameter that was agreed')
                    ->called('wanted inside')->optional(),
                Field::of(Quantity::RingSize, 'size_measured', 'size on the mandrel')->called('measures')->optional(),
                Field::choice('mark', self::MARKS, 'mark where law asks')->default('unasked'),
                Field::named('alloy', 'stock.alloys', 'the alloy'),
                Field::choice('looked', array_keys(self::LOOKS), 'what has been looked at')->many()->default([]),
                Field::mass('client_metal', 'metal that the client gave')
                    ->called('client’s metal given')->allowingZero()->default(0.0),
                Field::mass('client_returned', 'metal that went back to the client')
                    ->called('and returned')->allowingZero()->default(0.0),
                Field::mass('client_left_mass', 'metal of the client’s that stands in the account, in no piece')
                    ->called('client’s metal here')->allowingZero()->optional(),
                Field::choice('client_left', self::LEFT, 'what was agreed about metal of the client’s that is left')
                    ->called('client’s metal left')->default('unasked'),
            ],
            [
                Output::mass('metal_mass', 'metal in it, stones off')->called('metal in it'),
                Output::mass('off_expected', 'over what its metal should weigh')->called('over what was expected'),
                Output::length('size_off', 'inside diameter over what was agreed')->called('over its size'),
                Output::mass('fine_mass', 'fine metal in it')->called('fine metal'),
                Output::mass(
                    'client_balance', 'client’s metal still in the workshop; below 0, the workshop’s in the piece',
                )->called('client’s metal left'),
                Output::rows('left', 'what has not been looked at'),
            ],
            [
                'size-off' => 'a size away from the one agreed by a quarter of a US size or more',
                'mass-off' => 'metal away from what it should weigh by more than the workshop allows',
                'client-metal-left' => 'metal of the client’s is left over, and nobody has said what becomes of it',
                'mark-unasked' => 'nobody has asked whether law wants a mark',
                'not-looked' => 'something on the last-look list not yet looked at',
                'holds-nickel' => 'a white gold that holds nickel',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $alloy = Alloy::named($input->text('alloy'), $settings);
        $carats = $input->num('stones_carats');
        $metal = $input->num('piece_mass') - $carats * 0.2;
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'metal_mass', $metal,
                Formula::of('{piece} − {carats} × 0.2', ['piece' => $input->num('piece_mass'), 'carats' => $carats]),
                uses: ['piece_mass', 'stones_carats'], because: 'a carat is a fifth of a gram',
            )
            ->work(
                'fine_mass', $metal * $alloy->fineness,
                Formula::of(
                    '({piece} − {carats} × 0.2) × {fineness}',
                    ['piece' => $input->num('piece_mass'), 'carats' => $carats, 'fineness' => $alloy->fineness],
                ),
                uses: ['piece_mass', 'stones_carats', 'alloy'], because: 'for the metal account', source: 'workbook 14',
            )
            ->work(
                'client_balance',
                $input->num('client_metal') - $input->num('client_returned')
                    - ($input->num('client_metal') > 0 ? $metal : 0.0),
                Formula::of(
                    '{client’s metal} − {returned} − {metal in the piece, where the client gave any}',
                    [
                        'client’s metal' => $input->num('client_metal'), 'returned' => $input->num('client_returned'),
                        'metal in the piece, where the client gave any' => $input->num('client_metal') > 0
                            ? $metal
                            : 0.0,
                    ],
                ),
                uses: ['client_metal', 'client_returned', 'piece_mass'],
                because: 'settled with the client at the counter', source: 'workbook 14',
            );
        $this->judgeWeight($answer, $input, $metal, $settings);
        $this->judgeSize($answer, $input, $settings);
        if ($input->numOr('client_left_mass', 0.0) > 0.0 && $input->text('client_left') === 'unasked') {
            $answer->find(Level::Stop, 'client-metal-left', 'client_left', sprintf(
                '%.3f g of the client’s own metal stands in the account, and is not in this piece.',
                $input->num('client_left_mass'),
            ),
                'Give it back or credit it below; or say that it is kept for the client’s '
                    .'next piece.', ['client_left' => 'kept']);
        }
        if ($input->text('mark') === 'unasked') {
            $answer->find(
                Level::Stop, 'mark-unasked', 'mark', 'Nobody has said whether law wants a mark on it.',
                'Ask the local assay office; then say struck, sent or exempt.',
            );
        }
        if ($alloy->nickel) {
            $answer->find(
                Level::Note, 'holds-nickel', 'alloy',
                'This white gold holds nickel; local law may limit it against the skin.', 'Tell the client.',
            );
        }
        $left = array_diff(array_keys(self::LOOKS), $input->texts('looked'));
        $answer->give(
            'left', array_values(array_map(static fn (string $look): array => ['look' => self::LOOKS[$look]], $left)),
        );
        if ($left !== []) {
            $answer->find(
                Level::Caution, 'not-looked', 'looked',
                'Not yet looked at: '.implode(
                    '; ', array_map(static fn (string $look): string => self::LOOKS[$look], $left),
                ).'.',
                'Look, and tick it off.',
            );
        }

        return $answer->answer();
    }

    private function judgeWeight(AnswerBuilder $answer, Input $input, float $metal, WorkshopSettings $settings): void
    {
        if (! $input->has('expected_mass')) {
            return;
        }
        $expected = $input->num('expected_mass');
        $answer->work(
            'off_expected', $metal - $expected,
            Formula::of(
                '({piece} − {carats} × 0.2) − {expected}',
                [
                    'piece' => $input->num('piece_mass'), 'carats' => $input->num('stones_carats'),
                    'expected' => $expected,
                ],
            ),
            uses: ['piece_mass', 'stones_carats', 'expected_mass'],
            because: 'a piece that is light has lost something, a heavy one holds more solder or a wrong alloy',
        );
        if (abs($metal - $expected) / $expected > $settings->num('finish.off') + 1e-9) {
            $answer->find(
                Level::Caution, 'mass-off', 'piece_mass',
                sprintf('%.2f g away from what its metal should weigh.', abs($metal - $expected)),
                'Weigh again; look at the carats, the alloy and the form.',
            );
        }
    }

    private function judgeSize(AnswerBuilder $answer, Input $input, WorkshopSettings $settings): void
    {
        if (! $input->has('wanted_diameter') || ! $input->has('size_measured')) {
            return;
        }
        $wanted = $input->num('wanted_diameter');
        $off = $input->num('size_measured') / M_PI - $wanted;
        $answer->work(
            'size_off', $off,
            Formula::of(
                '{measured round the inside} ÷ π − {agreed}',
                ['measured round the inside' => $input->num('size_measured'), 'agreed' => $wanted],
            ),
            uses: ['size_measured', 'wanted_diameter'], because: 'on the mandrel, at the middle of the band',
        );
        if (abs($off) >= $settings->num('finish.size') - 1e-9) {
            $answer->find(
                Level::Caution, 'size-off', 'size_measured',
                sprintf('%.2f mm %s than agreed.', abs($off), $off > 0 ? 'larger' : 'smaller'),
                'Size it before it goes, or have the client try it on.',
            );
        }
    }
}
