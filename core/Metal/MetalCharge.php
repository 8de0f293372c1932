<?php

declare(strict_types=1);

namespace HotSprue\Metal;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Stock\Alloy;
use HotSprue\Wax\Shrinkage;
use HotSprue\Workshop\WorkshopSettings;

/** The metal to melt for a wax, and what the cold casting should weigh. Source: workbook 7. */
final class MetalCharge implements Calculation
{
    public const SOURCE = 'workbook 7, metal from wax';

    public function description(): Description
    {
        return MetalChargeDescription::make();
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        [$metal, $metalUse, $alloy] = $this->metal($input, $settings);
        $shrink = Shrinkage::weighedToCasting($input, $settings);
        $sprues = $input->num('sprue_volume_mm3');
        $answer = AnswerBuilder::of($this, $input);
        $pattern = $input->text('weighed') === 'pattern';
        [$cast, $formula, $uses] = $this->inMetal($input, $settings, $metal, $metalUse);
        $fill = $pattern ? $cast + $sprues * $metal / 1000 : $cast;
        $piece = $pattern ? $cast : $cast - $sprues * $metal / 1000;
        if ($piece <= 0) {
            throw BadInput::field(
                'sprue_volume_mm3', 'The sprues are larger than the whole tree; a smaller volume is accepted.',
            );
        }
        $withSprues = [...$uses, 'sprue_volume_mm3', 'weighed'];
        $pattern
            ? $answer->work(
                'piece_mass', $piece, $formula, uses: [...$uses, 'weighed'],
                because: 'the mould is the wax’s size, and metal fills it',
            )
                ->work(
                    'fill_mass', $fill,
                    Formula::of(
                        '{piece} + {sprue volume} × {metal density} ÷ 1000',
                        ['piece' => $piece, 'sprue volume' => $sprues, 'metal density' => $metal],
                    ),
                    uses: $withSprues, because: 'the bare pattern was weighed, so the sprues are added',
                )
            : $answer->work(
                'fill_mass', $fill, $formula, uses: [...$uses, 'weighed'], because: 'the sprued tree was weighed',
            )
                ->work(
                    'piece_mass', $piece,
                    Formula::of(
                        '{fill} − {sprue volume} × {metal density} ÷ 1000',
                        ['fill' => $fill, 'sprue volume' => $sprues, 'metal density' => $metal],
                    ),
                    uses: $withSprues, because: 'the sprued tree was weighed, so the sprues are taken off',
                );
        $fraction = $input->numOr('button_fraction', $settings->num('charge.button_'.$input->text('method')));
        $minimum = $input->numOr('button_minimum', $settings->num('charge.least_'.$input->text('method')));
        $button = max($fraction * $fill, $minimum);
        $charge = $fill + $button;
        $buttonUse = $input->has('button_fraction') ? 'button_fraction' : 'method';
        $answer
            ->work(
                'piece_volume_mm3', 1000 * $piece / $metal,
                Formula::of('{piece} ÷ {metal density} × 1000', ['piece' => $piece, 'metal density' => $metal]),
                uses: $withSprues, because: 'one bare pattern',
            )
            ->work(
                'pattern_volume_mm3', 1000 * $fill / $metal,
                Formula::of('{fill} ÷ {metal density} × 1000', ['fill' => $fill, 'metal density' => $metal]),
                uses: $withSprues, because: 'the mould is the wax’s size, and metal fills it',
            )
            ->work(
                'expected_mass', $fill * (1 - $shrink) ** 3,
                Formula::of('{fill} × (1 − {shrinkage}) ^ 3', ['fill' => $fill, 'shrinkage' => $shrink]),
                uses: [...$withSprues, 'process'],
                because: 'the cold casting is smaller every way; only this is held against the balance',
            )
            ->work(
                'expected_piece_mass', $piece * (1 - $shrink) ** 3,
                Formula::of('{piece} × (1 − {shrinkage}) ^ 3', ['piece' => $piece, 'shrinkage' => $shrink]),
                uses: [...$withSprues, 'process'], because: 'the trimmed casting is held against this',
            )
            ->work(
                'button_mass', $button,
                Formula::of(
                    'max({share} × {fill}, {least button})',
                    ['share' => $fraction, 'fill' => $fill, 'least button' => $minimum],
                ),
                uses: [...$withSprues, $buttonUse],
                because: 'the button feeds the sprues while they freeze, and drives a hand pour',
            )
            ->work(
                'charge_mass', $charge, Formula::of('{fill} + {button}', ['fill' => $fill, 'button' => $button]),
                uses: [...$withSprues, $buttonUse], because: 'what goes in the crucible',
            );
        if ($input->has('wax_mass')) {
            $bare = $input->num('wax_mass') - $input->num('stones_mass');
            $answer->work(
                'factor', $charge / $bare,
                Formula::of('{charge} ÷ {wax without stones}', ['charge' => $charge, 'wax without stones' => $bare]),
                uses: $uses, because: 'the rule of thumb this replaces',
            );
        }
        $this->judge($answer, $input, $settings, $charge, $alloy);
        if ($input->has('wax_mass') && $input->has('drawn_volume_mm3')) {
            $this->judgeDrawing($answer, $settings, 1000 * $piece / $metal, $input->num('drawn_volume_mm3'));
        }

        return $answer->answer();
    }

    /**
     * @return array{float, string, ?Alloy} density, the input that gave it, and the alloy
     *
     * @throws BadInput
     */
    private function metal(Input $input, WorkshopSettings $settings): array
    {
        if ($input->has('alloy') && $input->has('metal_density')) {
            throw BadInput::bothGiven(['alloy', 'metal_density']);
        }
        if ($input->has('metal_density')) {
            return [$input->num('metal_density'), 'metal_density', null];
        }
        if (! $input->has('alloy')) {
            throw BadInput::neitherGiven('alloy', ['an alloy', 'a metal density']);
        }
        $alloy = Alloy::named($input->text('alloy'), $settings);

        return [$alloy->density, 'alloy', $alloy];
    }

    /**
     * What was weighed or displaced, in metal.
     *
     * @return array{float, Formula, list<string>} mass, how it is come by, and the inputs
     *
     * @throws BadInput
     */
    private function inMetal(Input $input, WorkshopSettings $settings, float $metal, string $metalUse): array
    {
        if ($input->has('wax_mass') && $input->has('displaced_ml')) {
            throw BadInput::bothGiven(['wax_mass', 'displaced_ml']);
        }
        if ($input->has('displaced_ml')) {
            return [
                $input->num('displaced_ml') * $metal,
                Formula::of(
                    '{displaced water} × {metal density}',
                    ['displaced water' => $input->num('displaced_ml'), 'metal density' => $metal],
                ),
                ['displaced_ml', $metalUse],
            ];
        }
        if (! $input->has('wax_mass')) {
            throw BadInput::neitherGiven('wax_mass', ['a mass', 'displaced water']);
        }
        if ($input->has('wax') && $input->has('wax_density')) {
            throw BadInput::bothGiven(['wax', 'wax_density']);
        }
        $wax = $input->has('wax') ? $settings->row(
            'stock.waxes', $input->text('wax'),
        )['density'] : $input->numOr('wax_density', 1.0);
        $stones = $input->num('stones_mass');
        $bare = $input->num('wax_mass') - $stones;
        if ($bare <= 0) {
            throw BadInput::field(
                'stones_mass', 'The stones weigh more than the wax with its stones; a smaller mass is accepted.',
            );
        }
        $uses = [
            'wax_mass', $input->has('wax') ? 'wax' : 'wax_density', $metalUse, ...($stones > 0 ? ['stones_mass'] : []),
        ];

        $densities = ['metal density' => $metal, 'wax density' => $wax];
        $formula = $stones > 0
            ? Formula::of(
                '({wax mass} − {stones}) × {metal density} ÷ {wax density}',
                ['wax mass' => $input->num('wax_mass'), 'stones' => $stones, ...$densities],
            )
            : Formula::of('{wax mass} × {metal density} ÷ {wax density}', ['wax mass' => $bare, ...$densities]);

        return [$bare * $metal / $wax, $formula, $uses];
    }

    private function judge(
        AnswerBuilder $answer, Input $input, WorkshopSettings $settings, float $charge, ?Alloy $alloy,
    ): void
    {
        if ($input->flag('stones_in_wax') && $input->num('stones_mass') === 0.0) {
            $answer->find(
                Level::Stop, 'stones-in-wax', 'wax_mass', 'The wax was weighed with stones stuck in it.',
                'Take the stones out and weigh again, or enter their mass.',
            );
        }
        if ($input->has('new_mass') || $input->has('reused_mass')) {
            $new = $input->numOr('new_mass', 0.0);
            $all = $new + $input->numOr('reused_mass', 0.0);
            if ($all > 0) {
                $share = $new / $all;
                $answer->work(
                    'new_share', $share,
                    Formula::of('{new} ÷ ({new} + {reused})', ['new' => $new, 'reused' => $all - $new]),
                    uses: ['new_mass', 'reused_mass'], because: 'old metal brings oxides and lost zinc',
                );
                $this->judgeShare($answer, $settings, $share, $all);
                if ($all < $charge - 0.005) {
                    $answer->find(
                        Level::Stop, 'charge-short', 'new_mass',
                        sprintf('%.2f g is laid out and %.2f g is wanted: it will not fill.', $all, $charge),
                        sprintf('Add %.2f g.', $charge - $all), ['new_mass' => round($new + $charge - $all, 3)],
                    );
                }
            }
        }
        if ($alloy?->nickel === true) {
            $answer->find(
                Level::Caution, 'nickel', 'alloy',
                'This alloy holds nickel: it can bring on a skin allergy, and local law limits what it may give off.',
                'Ask the client, and offer a palladium white.',
            );
        }
        if ($alloy !== null && ! $alloy->isForGypsum()) {
            $answer->find(
                Level::Stop, 'not-for-gypsum', 'alloy',
                ucfirst($alloy->metal).' goes beyond gypsum investment and an ordinary torch.',
                'Fabricate it, or send it out to be cast.',
            );
        }
    }

    private function judgeDrawing(AnswerBuilder $answer, WorkshopSettings $settings, float $weighed, float $drawn): void
    {
        $off = $weighed / $drawn - 1;
        if (abs($off) > $settings->num('charge.off_drawing') + 1e-9) {
            $answer->find(Level::Caution, 'weighed-off-drawing', 'wax_mass',
                sprintf(
                    'The weighed wax is %.0f mm³, %.0f %% %s than drawn (%.0f).', $weighed, 100 * abs($off),
                    $off > 0 ? 'more' : 'less', $drawn,
                ),
                'Look which is wrong: stones in the wax, the tree weighed for the pattern, or sizes that were carved '
                    .'otherwise. Charge and powder go by the weighed one.');
        }
    }

    private function judgeShare(AnswerBuilder $answer, WorkshopSettings $settings, float $share, float $all): void
    {
        $half = $settings->num('charge.new_caution');
        $set = ['new_mass' => round($half * $all, 3), 'reused_mass' => round((1 - $half) * $all, 3)];
        $remedy = sprintf('Make %.2f g of it new metal.', $half * $all);
        if ($share < $settings->num('charge.new_stop') - 1e-9) {
            $answer->find(
                Level::Stop, 'too-little-new-metal', 'new_mass',
                sprintf('Only %.0f %% of the charge is new metal: expect pits and cracks.', 100 * $share), $remedy,
                $set,
            );
        } elseif ($share < $half - 1e-9) {
            $answer->find(
                Level::Caution, 'little-new-metal', 'new_mass',
                sprintf('%.0f %% of the charge is new metal, under half.', 100 * $share), $remedy, $set,
            );
        }
    }
}
