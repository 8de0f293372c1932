<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;

/** Stones as shipped: hardness, specific gravity and what each stands. Source: workbook 3. */
final class SpeciesList
{
    /** Grown stones stand the firing of metal clay; a natural one has flaws that do not. °C. */
    private const KILN = ['synthetic-corundum' => 900.0, 'synthetic-spinel' => 900.0, 'cubic-zirconia' => 900.0];

    /** @return list<Field> */
    public static function columns(): array
    {
        $stands = static fn (string $name, string $meaning): Field => Field::choice($name, ['y', 'c', 'n'], $meaning)
            ->saying(['y' => 'yes', 'c' => 'with care', 'n' => 'no']);

        return [
            Field::text('name', 'identifier'),
            Field::text('label', 'as said at the bench'),
            Field::number('mohs', 'hardness')->between(1, 10),
            Field::number('specific_gravity', 'specific gravity')->between(0.5, 22),
            $stands('torch', 'stands the heat of a torch'),
            $stands('ultrasonic', 'stands an ultrasonic bath'),
            $stands('steam', 'stands steam'),
            $stands('pickle', 'stands pickle'),
            Field::yesNo('boron', 'whether boron etches it hot')->default(false),
            Field::temperature('kiln_c', 'hottest firing in metal clay that it stands; 0 where it stands none')
                ->between(0, 1000)->default(0.0),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        $rows = [
            ['diamond', 'diamond', 10, 3.52, 'cyyy'], ['ruby', 'ruby', 9, 4.00, 'cyyy', true],
            ['sapphire', 'sapphire', 9, 4.00, 'cyyy', true],
            ['chrysoberyl', 'chrysoberyl', 8.5, 3.73, 'nyyy'], ['spinel', 'spinel', 8, 3.60, 'nyyy', true],
            ['topaz', 'topaz', 8, 3.53, 'nnny'],
            ['emerald', 'emerald', 7.75, 2.72, 'nnnn'], ['aquamarine', 'aquamarine', 7.75, 2.70, 'ncny'],
            ['morganite', 'morganite', 7.75, 2.70, 'ncny'],
            ['cubic-zirconia', 'cubic zirconia', 8.4, 5.80, 'cyyy', true],
            ['moissanite', 'moissanite', 9.25, 3.22, 'cyyy', true], ['zircon', 'zircon', 7.25, 4.65, 'ncny'],
            ['tourmaline', 'tourmaline', 7.25, 3.06, 'nnny'], ['garnet', 'garnet', 7.25, 3.85, 'ncny'],
            ['amethyst', 'amethyst', 7, 2.65, 'ncny'], ['citrine', 'citrine', 7, 2.65, 'ncny'],
            ['rose-quartz', 'rose quartz', 7, 2.65, 'ncny'], ['smoky-quartz', 'smoky quartz', 7, 2.65, 'ncny'],
            ['iolite', 'iolite', 7.25, 2.61, 'nnnn'], ['jadeite', 'jadeite', 6.75, 3.33, 'ncnn'],
            ['peridot', 'peridot', 6.75, 3.34, 'nnnn'], ['tanzanite', 'tanzanite', 6.5, 3.35, 'nnnn'],
            ['kunzite', 'kunzite', 6.75, 3.18, 'nnny'], ['agate', 'agate', 6.75, 2.60, 'ncnn'],
            ['onyx', 'onyx', 6.75, 2.60, 'ncnn'],
            ['moonstone', 'moonstone', 6.25, 2.60, 'nnnn'], ['labradorite', 'labradorite', 6.25, 2.60, 'nnnn'],
            ['opal', 'opal', 6, 2.10, 'nnnn'], ['turquoise', 'turquoise', 5.5, 2.76, 'nnnn'],
            ['lapis', 'lapis', 5.5, 2.80, 'nnnn'], ['malachite', 'malachite', 3.75, 3.90, 'nnnn'],
            ['pearl', 'pearl', 3.5, 2.70, 'nnnn'], ['coral', 'coral', 3.5, 2.68, 'nnnn'],
            ['amber', 'amber', 2.25, 1.07, 'nnnn'], ['shell', 'shell', 3.5, 2.75, 'nnnn'],
            ['haematite', 'haematite', 6, 5.2, 'nnnn'], ['glass', 'glass', 5.5, 2.5, 'nnnn'],
            ['synthetic-corundum', 'synthetic corundum', 9, 4.00, 'cyyy', true],
            ['synthetic-spinel', 'synthetic spinel', 8, 3.60, 'nyyy', true],
        ];
        $names = array_column(self::columns(), 'name');

        return array_map(
            static fn (array $row): array => array_combine(
                $names, [
                    $row[0], $row[1], $row[2], $row[3], ...str_split($row[4]), $row[5] ?? false,
                    self::KILN[$row[0]] ?? 0.0,
                ],
            ),
            $rows,
        );
    }
}
