<?php

declare(strict_types=1);

namespace HotSprue\Price;

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

/** What a piece costs and what is charged for it, line by line, to the smallest coin. Source: workbook 16. */
final class PriceQuote implements Calculation
{
    public const GROUPS = [
        'metal', 'stones', 'setting', 'bench', 'fire', 'outside', 'consumables', 'overhead',
    ];

    public function description(): Description
    {
        return new Description(
            'price.quote',
            'Quote',
            'Cost line by line, with margin, rounding, discount and tax; the lines add up to the total',
            'workbook 16, price',
            [
                Field::rows('lines', [
                    Field::choice('group', self::GROUPS, 'what it is for'),
                    Field::text('label', 'as it stands on the quote'),
                    Field::number('quantity', 'how many or how much')->between(-1e6, 1e6)->default(1),
                    Field::text('unit', 'of what: g, min, piece')->default(''),
                    Field::number('rate', 'cost of one')->between(-1e9, 1e9),
                    Field::share('markup', 'on top of its cost')->between(0, 10)->default(0),
                ], 'what it costs')->called('cost, line by line'),
                Field::share('margin', 'share of the price that is kept')->between(0,
                    0.95)->fromSetting('price.margin'),
                Field::share('overhead', 'on bench and consumables, for rent, light and tools')->between(0, 5)
                    ->fromSetting('price.overhead'),
                Field::number('round_to', 'the price is rounded to so much; nought leaves it')->called('rounded to')
                    ->fromSetting('price.round_to'),
                Field::number('discount', 'taken off the price')->default(0),
                Field::text('reason', 'why it is taken off')->optional(),
                Field::share('tax', 'tax on the price; by none where nought')->fromSetting('price.tax'),
                Field::yesNo('tax_in', 'whether the price has the tax in it')->called('tax in the price')
                    ->fromSetting('price.tax_in'),
                Field::share('deposit_share', 'of the total, asked before work begins')->called('deposit')
                    ->fromSetting('price.deposit'),
                Field::text('currency', 'as ISO 4217 writes it, such as EUR')->fromSetting('price.currency'),
                Field::number('metal_then', 'price of a fine gram when it was quoted')->called('metal, quoted at')
                    ->optional(),
                Field::number('metal_now', 'price of a fine gram now')->called('metal now')->optional(),
                Field::of(Quantity::Day, 'until', 'the day until which it stands')->called('stands until')->optional(),
                Field::of(Quantity::Day, 'today', 'the day on which it is looked at')->optional(),
            ],
            [
                Output::rows('lines', 'every line, which together are the total'),
                Output::rows('client_lines', 'as the client is told, the margin in each')->called('for the client'),
                Output::number('cost', 'what it costs the workshop'),
                Output::number('price', 'before rounding, discount and tax'),
                Output::number('tax', 'on the price, or in it'),
                Output::number('total', 'what the client pays'),
                Output::number('deposit', 'of it before work begins'),
                Output::number('balance', 'of it at hand-over'),
            ],
            [
                'metal-moved' => 'metal has moved since it was quoted',
                'quote-past' => 'the day until which it stands is past',
                'discount-silent' => 'a discount without its reason',
                'under-cost' => 'the client pays less than it costs',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        if (preg_match('/^[A-Za-z]{3}$/D', $input->text('currency')) !== 1) {
            throw BadInput::field('currency', 'Three letters of ISO 4217 are accepted, such as EUR.');
        }
        $places = Money::placesOf($input->text('currency'));
        $sums = QuoteLines::of($input, $places);
        $answer = AnswerBuilder::of($this, $input)->give('lines', $sums->rows())
            ->give('client_lines', $sums->forClient());
        $margin = $input->num('margin');
        $answer->work(
            'cost', $sums->cost->toFloat(), Formula::sum('all lines of cost', array_map(
                static fn (QuoteLine $line): float => $line->amount->toFloat(), $sums->ofCost,
            )), uses: ['lines', 'overhead'], because: 'each rounded half up to the smallest coin',
        )->work(
            'price', $sums->price->toFloat(),
            Formula::of('{cost} ÷ (1 − {margin})', ['cost' => $sums->cost->toFloat(), 'margin' => $margin]),
            uses: ['lines', 'margin'], because: 'so that the margin is a share of the price, and not of the cost',
        )->work(
            'tax', $sums->tax->toFloat(), $input->flag('tax_in')
                ? Formula::of('{paid} × {tax} ÷ (1 + {tax})', [
                    'paid' => $sums->total->toFloat(), 'tax' => $input->num('tax'),
                ])
                : Formula::of('{price} × {tax}', ['price' => $sums->net->toFloat(), 'tax' => $input->num('tax')]),
            uses: ['tax', 'tax_in'], because: 'what is owed in tax, the law decides',
        )->work(
            'total', $sums->total->toFloat(), Formula::sum('all lines', array_map(
                static fn (QuoteLine $line): float => $line->amount->toFloat(), $sums->all(),
            )), uses: ['lines', 'margin', 'round_to', 'discount', 'tax'], because: 'the lines add up, to the unit',
        );
        $deposit = $sums->total->times($input->num('deposit_share'));
        $answer->work(
            'deposit', $deposit->toFloat(), Formula::of('{total} × {deposit}', [
                'total' => $sums->total->toFloat(), 'deposit' => $input->num('deposit_share'),
            ]), uses: ['deposit_share'], because: 'it pays the metal and holds the place in the plan',
        )->work(
            'balance', $sums->total->minus($deposit)->toFloat(), Formula::of('{total} − {deposit}', [
                'total' => $sums->total->toFloat(), 'deposit' => $deposit->toFloat(),
            ]), uses: ['deposit_share'], because: 'both together are the total',
        );
        $this->judge($answer, $input, $settings, $sums);

        return $answer->answer();
    }

    private function judge(AnswerBuilder $answer, Input $input, WorkshopSettings $settings, QuoteLines $sums): void
    {
        if ($input->has('metal_then') && $input->has('metal_now') && $input->num('metal_then') > 0) {
            $moved = $input->num('metal_now') / $input->num('metal_then') - 1;
            if (abs($moved) > $settings->num('price.moved') + 1e-12) {
                $answer->find(
                    Level::Caution, 'metal-moved', 'metal_now',
                    sprintf('Metal is %.1f %% %s than when this was quoted.', 100 * abs($moved),
                        $moved > 0 ? 'dearer' : 'cheaper'),
                    'Make the quote anew at the present price.',
                );
            }
        }
        if ($input->has('until') && $input->has('today') && $input->text('today') > $input->text('until')) {
            $answer->find(
                Level::Caution, 'quote-past', 'until', sprintf('It stood until %s.', $input->text('until')),
                'Make it anew, or say that it stands on.',
            );
        }
        if ($input->num('discount') > 0 && trim($input->textOrNull('reason') ?? '') === '') {
            $answer->find(
                Level::Caution, 'discount-silent', 'reason', 'Something is taken off, and nobody has said why.',
                'Say why: it stands on the quote, and is known again next year.',
            );
        }
        if ($sums->net->minor < $sums->cost->minor) {
            $answer->find(
                Level::Stop, 'under-cost', 'discount',
                sprintf('It costs %s and brings %s.', $sums->cost->spoken(), $sums->net->spoken()),
                'Take less off, or agree to give it away with a reason.',
            );
        }
    }
}
