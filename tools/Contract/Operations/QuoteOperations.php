<?php

declare(strict_types=1);

namespace Tools\Contract\Operations;

use Tools\Contract\Shape;

/** Quotes, payments, invoices and prices of metal. */
final class QuoteOperations
{
    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    public static function all(): array
    {
        $text = Shape::TEXT;
        $price = Shape::ref('JobPrice');
        $prices = Shape::ref('MetalPrices');

        return [
            [
                'post', '/api/jobs/{job}/price/try', 'What it would cost with what is being typed',
                [200 => Shape::whole([
                    'currency' => $text, 'now' => Shape::orNull(Shape::NUMBER), 'then' => Shape::orNull(Shape::NUMBER),
                ])], ['type' => 'object'],
            ],
            [
                'post', '/api/jobs/{job}/quotes', 'Issues a quote, which is never changed', [201 => $price],
                Shape::object([
                    'until' => $text, 'discount' => Shape::NUMBER, 'reason' => $text, 'others' => Shape::BOOL,
                ]),
            ],
            [
                'post', '/api/quotes/{quote}/send', 'Sends the client a link to a quote', [200 => $price],
                Shape::whole(['to' => $text]),
            ],
            [
                'post', '/api/quotes/{quote}/answer', 'What a client said of a quote by word of mouth', [200 => $price],
                Shape::object(['what' => Shape::oneOf(['accepted', 'declined']), 'by' => $text, 'words' => $text],
                    ['what', 'by']),
            ],
            [
                'post', '/api/jobs/{job}/payments', 'Takes a payment, or gives one back', [201 => $price],
                Shape::object([
                    'kind' => Shape::oneOf(['deposit', 'balance', 'refund']), 'amount' => $text, 'paid_on' => $text,
                    'how' => $text,
                ], ['kind', 'amount', 'paid_on']),
            ],
            ['post', '/api/payments/{payment}/reverse', 'Puts a payment right by its opposite', [200 => $price], null],
            ['post', '/api/jobs/{job}/invoice', 'Makes the invoice out', [200 => $price], null],
            ['get', '/api/quotes.csv', 'Every quote', [200 => 'text/csv'], null],
            ['get', '/api/payments.csv', 'Every payment', [200 => 'text/csv'], null],
            ['get', '/api/metal-prices', 'Prices of metal by day', [200 => $prices], null],
            [
                'post', '/api/metal-prices', 'A price of a day', [200 => $prices],
                Shape::whole(['metal' => $text, 'price' => Shape::NUMBER, 'on' => $text]),
            ],
            [
                'post', '/api/metal-prices/import', 'Reads prices from a file of day,metal,price', [200 => $prices],
                ['type' => 'object'],
            ],
            ['post', '/api/metal-prices/simulate', 'Today’s prices of the simulated feed', [200 => $prices], null],
        ];
    }
}
