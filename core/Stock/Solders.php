<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/**
 * Solders as shipped: typical melting ranges, cadmium-free; the supplier's own sheet wins. Source: workbook 12, grades.
 */
final class Solders
{
    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::text('name', 'identifier'),
            Field::text('label', 'as said at the bench'),
            Field::choice('metal', ['silver', 'gold', 'platinum'], 'the metal it is of'),
            Field::temperature('solidus_c', 'where it begins to melt'),
            Field::temperature('flow_c', 'where it flows'),
            Field::of(Quantity::Share, 'fineness', 'parts of fine metal in 1; none said for platinum')->optional(),
            Field::text('mark', 'how the strip is marked')->optional(),
            Field::text('form', 'the forms in stock')->optional(),
            Field::yesNo('held', 'whether the cupboard holds it')->default(true),
            Field::choice('colour', Alloy::COLOURS, 'its colour')->optional(),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        $sets = [
            [
                'silver', 'silver', '',
                [
                    'extra-easy' => [618, 652, 0.56], 'easy' => [671, 718, 0.65], 'medium' => [691, 738, 0.70],
                    'hard' => [741, 788, 0.75], 'enamelling' => [730, 800, 0.80],
                ],
            ],
            [
                'silver', 'silver', '-uk',
                [
                    'extra-easy' => [667, 709, 0.56], 'easy' => [705, 723, 0.65], 'medium' => [720, 765, 0.70],
                    'hard' => [745, 778, 0.75],
                ],
            ],
            [
                'gold', '9k', '',
                ['easy' => [650, 720, 0.375], 'medium' => [735, 755, 0.375], 'hard' => [755, 795, 0.375]],
            ],
            [
                'gold', '14k-yellow', '',
                ['easy' => [660, 710, 0.585], 'medium' => [700, 741, 0.585], 'hard' => [730, 775, 0.585]],
            ],
            [
                'gold', '14k-white', '',
                ['easy' => [690, 730, 0.585], 'medium' => [740, 780, 0.585], 'hard' => [790, 830, 0.585]],
            ],
            [
                'gold', '18k-yellow', '',
                ['easy' => [700, 715, 0.75], 'medium' => [730, 765, 0.75], 'hard' => [788, 815, 0.75]],
            ],
            [
                'gold', '18k-white', '',
                ['easy' => [720, 750, 0.75], 'medium' => [780, 810, 0.75], 'hard' => [850, 885, 0.75]],
            ],
            [
                'platinum', 'platinum', '',
                ['easy' => [1000, 1050, null], 'medium' => [1280, 1310, null], 'hard' => [1480, 1520, null]],
            ],
        ];
        $marks = [
            'extra-easy' => 'one nick and a dot', 'easy' => 'one nick', 'medium' => 'two nicks',
            'hard' => 'three nicks', 'enamelling' => 'a cross',
        ];
        $rows = [];
        foreach ($sets as [$metal, $sort, $set, $grades]) {
            foreach ($grades as $grade => [$solidus, $flow, $fineness]) {
                $rows[] = [
                    'name' => "{$sort}-{$grade}{$set}",
                    'label' => trim(str_replace('-', ' ', $sort)." {$grade}".($set === '' ? '' : ', British set')),
                    'metal' => $metal,
                    'solidus_c' => $solidus, 'flow_c' => $flow, 'fineness' => $fineness, 'mark' => $marks[$grade],
                    'form' => $grade === 'easy' ? 'chip, paste' : 'chip', 'held' => $set === '',
                    'colour' => $metal === 'gold' && ! str_ends_with($sort, 'white') ? 'yellow' : 'white',
                ];
            }
        }

        return $rows;
    }
}
