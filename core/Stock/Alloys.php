<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/** Casting alloys as shipped: typical figures, the supplier's own sheet wins. */
final class Alloys
{
    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::text('name', 'identifier'),
            Field::text('label', 'as said at the bench'),
            Field::choice('metal', ['silver', 'gold', 'platinum', 'palladium', 'base'], 'the metal it is an alloy of'),
            Field::share('fineness', 'parts of fine metal in 1'),
            Field::of(Quantity::Density, 'density', 'density of the solid'),
            Field::temperature('solidus_c', 'where it begins to melt'),
            Field::temperature('liquidus_c', 'where it is all liquid'),
            Field::yesNo('nickel', 'whether it holds nickel')->default(false),
            Field::temperature('flask_c', 'flask at the pour')->optional(),
            Field::degreesApart('superheat_low_c', 'least superheat above the liquidus')->optional(),
            Field::degreesApart('superheat_high_c', 'most superheat above the liquidus')->optional(),
            Field::choice(
                'colour', Alloy::COLOURS, 'its colour: rose is quenched at once, white is joined with white',
            )->optional(),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        $rows = [
            ['fine-silver', 'fine silver', 'silver', 0.999, 10.49, 961, 961, false, 480, 40, 60, 'white'],
            ['sterling-925', 'sterling 925', 'silver', 0.925, 10.36, 802, 899, false, 480, 40, 60, 'white'],
            ['9k-yellow', '9k yellow', 'gold', 0.375, 11.2, 835, 895, false, 520, 50, 80, 'yellow'],
            ['9k-white', '9k white', 'gold', 0.375, 11.7, 880, 940, false, 560, 60, 90, 'white'],
            ['10k-yellow', '10k yellow', 'gold', 0.417, 11.6, 820, 900, false, 520, 50, 80, 'yellow'],
            ['14k-yellow', '14k yellow', 'gold', 0.585, 13.1, 830, 885, false, 520, 50, 80, 'yellow'],
            ['14k-white-nickel', '14k white, nickel', 'gold', 0.585, 12.7, 925, 995, true, 560, 60, 90, 'white'],
            ['14k-rose', '14k rose', 'gold', 0.585, 13.3, 890, 925, false, 520, 50, 80, 'rose'],
            ['18k-yellow', '18k yellow', 'gold', 0.750, 15.5, 885, 915, false, 540, 50, 80, 'yellow'],
            ['18k-rose', '18k rose', 'gold', 0.750, 15.1, 885, 895, false, 540, 50, 80, 'rose'],
            [
                '18k-white-palladium', '18k white, palladium', 'gold', 0.750, 15.9, 1110, 1160, false, 560, 60, 90,
                'white',
            ],
            ['18k-white-nickel', '18k white, nickel', 'gold', 0.750, 14.7, 905, 960, true, 560, 60, 90, 'white'],
            ['22k-yellow', '22k yellow', 'gold', 0.916, 17.7, 965, 985, false, 540, 50, 80, 'yellow'],
            ['fine-gold', 'fine gold', 'gold', 0.999, 19.32, 1064, 1064, false, 540, 50, 80, 'yellow'],
            ['platinum-950', 'platinum 950', 'platinum', 0.950, 20.7, 1780, 1795, false, null, null, null, 'white'],
            ['palladium-950', 'palladium 950', 'palladium', 0.950, 11.8, 1380, 1400, false, null, null, null, 'white'],
            ['bronze', 'bronze', 'base', 0.0, 8.5, 971, 1027, false, 480, 60, 90, 'yellow'],
        ];
        $names = array_column(self::columns(), 'name');

        return array_map(static fn (array $row): array => array_combine($names, $row), $rows);
    }
}
