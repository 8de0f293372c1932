<?php

declare(strict_types=1);

namespace HotSprue\Pour;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Calculation\Show;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Metal\Methods;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Whether the mould fills before its thinnest section freezes, and whether the metal is driven into it at all. Source:
 * workbook 10.
 */
final class PourFill implements Calculation
{
    private const SOURCE = 'workbook 10, the pour';

    /** Speed in the gate, m/s, and drive, Pa; a hand pour has its head. */
    private const SPEED = ['spin' => 1.5, 'vacuum' => 1.0];

    private const DRIVE = ['spin' => 100_000.0, 'vacuum' => 60_000.0];

    private const GRAVITY = 9.80665;

    /** k ρ c of the mould, W² s/m⁴K². */
    private const MOULD = 6.4e5;

    private const LIQUID = 0.92;

    public function description(): Description
    {
        return new Description(
            'pour.fill',
            'Filling and freezing',
            'Whether the mould fills before it freezes, and whether the metal is driven in',
            self::SOURCE,
            [
                Field::length('thinnest_modulus', 'area over perimeter of the thinnest section, as cast'),
                Field::of(Quantity::CubicMillimetres, 'volume_mm3', 'volume of one pattern'),
                Field::of(Quantity::SquareMillimetres, 'gate_area', 'area of one pattern’s gates'),
                Field::choice('method', Methods::ALL, 'how it is poured')
                    ->called('poured by')->fromSetting('charge.method'),
                Field::named('alloy', 'stock.alloys', 'the alloy'),
                Field::temperature('flask_temperature', 'temperature of the flask’s core')->called('flask at the pour'),
                Field::temperature(
                    'metal_temperature', 'temperature of the metal at the pour',
                )->called('metal at the pour'),
                Field::length('head', 'head of metal, poured by hand')->called('head of metal')->default(30.0),
            ],
            [
                Output::of(Quantity::Seconds, 'fill_time_s', 'time to fill')->called('fills in'),
                Output::of(
                    Quantity::Seconds, 'freeze_time_s', 'time in which the thinnest section freezes',
                )->called('freezes in'),
                Output::number('drive_pa', 'what drives the metal, Pa')->called('drive'),
                Output::number(
                    'entry_pa', 'what the thinnest section asks before it lets metal in, Pa',
                )->called('to enter'),
                Output::share('fill_share', 'filling as a share of freezing'),
            ],
            [
                'fills-slowly' => 'filling takes over a quarter of freezing',
                'freezes-first' => 'filling takes over half of freezing',
                'weak-drive' => 'drive under 1.5 times the entry pressure',
                'not-driven-in' => 'drive under the entry pressure',
                'flask-too-cold' => 'flask under 200 °C',
                'metal-too-cold' => 'metal not above its liquidus',
                'hot-for-gypsum' => 'metal poured over 1150 °C into gypsum',
                'too-hot-for-gypsum' => 'metal poured over 1260 °C into gypsum',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $alloy = Alloy::named($input->text('alloy'), $settings);
        [$flask, $metal] = [$input->num('flask_temperature'), $input->num('metal_temperature')];
        if (! $alloy->isForGypsum()) {
            throw BadInput::field(
                'alloy',
                sprintf(
                    '%s is not poured into gypsum investment, and no figures are kept for it: fabricate it, or '
                        .'send it out.',
                    ucfirst($alloy->label),
                ),
            );
        }
        if ($flask >= $alloy->solidus) {
            throw BadInput::field(
                'flask_temperature',
                sprintf(
                    'The flask is at or over the solidus of %s: it would never freeze. Under %.0f °C is accepted.',
                    $alloy->label, $alloy->solidus,
                ),
            );
        }
        [$latent, $heat, $tension] = $this->properties($alloy);
        $density = self::LIQUID * $alloy->density * 1000;
        [$method, $head] = [$input->text('method'), $input->num('head') / 1000];
        $modulus = $input->num('thinnest_modulus') / 1000;
        $speed = self::SPEED[$method] ?? sqrt(2 * self::GRAVITY * $head);
        $fill = $input->num('volume_mm3') / ($input->num('gate_area') * $speed * 1000);
        $superheat = max(0.0, $metal - $alloy->liquidus);
        $given = $density * ($latent + $heat * $superheat);
        $factor = M_PI / 4 * ($given / ($alloy->liquidus - $flask)) ** 2 / self::MOULD;
        $freeze = $factor * $modulus ** 2;
        $drive = self::DRIVE[$method] ?? $density * self::GRAVITY * $head;
        $entry = 0.8 * $tension / $modulus;
        $temperatures = ['alloy', 'flask_temperature', 'metal_temperature', 'thinnest_modulus'];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'fill_time_s', $fill,
                Formula::of(
                    '{volume} ÷ ({gate area} × {speed} × 1000)',
                    ['volume' => $input->num('volume_mm3'), 'gate area' => $input->num('gate_area'), 'speed' => $speed],
                ),
                uses: ['volume_mm3', 'gate_area', 'method', 'head'],
                because: 'speed in the gate: spinning 1.5 m/s, vacuum 1.0, by hand √(2 g h)',
            )
            ->work(
                'freeze_time_s', $freeze,
                Formula::of(
                    'π ÷ 4 × ({density} × ({L} + {c} × {superheat}) ÷ ({liquidus} − {flask})) ^ 2 ÷ 640000 × '
                        .'{modulus} ^ 2',
                    [
                        'density' => $density, 'L' => $latent, 'c' => $heat, 'superheat' => $superheat,
                        'liquidus' => $alloy->liquidus, 'flask' => $flask, 'modulus' => $modulus,
                    ],
                ),
                uses: $temperatures, because: 'freezing goes with the square of the modulus',
            )
            ->work(
                'fill_share', $fill / $freeze,
                Formula::of('{filling} ÷ {freezing}', ['filling' => $fill, 'freezing' => $freeze]),
                uses: ['volume_mm3', 'gate_area', ...$temperatures], because: 'a quarter is safe',
            )
            ->work('drive_pa', $drive, isset(self::DRIVE[$method])
                ? Formula::taken('by the method', $drive)
                : Formula::of(
                    '{liquid density} × 9.80665 × {head}', ['liquid density' => $density, 'head' => $head],
                ), uses: [
                    'method', 'alloy', 'head',
                ], because: 'spinning 100 kPa, vacuum 60 kPa, by hand the head of metal')
            ->work(
                'entry_pa', $entry,
                Formula::of(
                    '0.8 × {surface tension} ÷ {modulus}', ['surface tension' => $tension, 'modulus' => $modulus],
                ),
                uses: ['alloy', 'thinnest_modulus'],
                because: 'molten metal does not wet the mould and must be driven in',
            );
        $this->judge($answer, $settings, $fill / $freeze, $drive / $entry, $flask, $metal, $alloy);

        return $answer->answer();
    }

    /** @return array{float, float, float} latent heat J/kg, heat J/kgK, surface tension N/m */
    private function properties(Alloy $alloy): array
    {
        return match (true) {
            $alloy->metal === 'silver' => [105_000.0, 280.0, 0.92],
            $alloy->metal === 'base' => [200_000.0, 400.0, 1.2],
            $alloy->fineness >= 0.75 => [70_000.0, 180.0, 1.05],
            default => [105_000.0, 260.0, 1.05],
        };
    }

    private function judge(
        AnswerBuilder $answer, WorkshopSettings $settings, float $share, float $driven, float $flask, float $metal,
        Alloy $alloy,
    ): void
    {
        $change = 'A hotter flask, more superheat, larger gates or a thicker section.';
        if ($share > $settings->num('pour.fill_stop') + 1e-9) {
            $answer->find(
                Level::Stop, 'freezes-first', 'fill_time_s',
                sprintf('Filling takes %.0f %% of freezing: it freezes on the way.', 100 * $share), $change,
            );
        } elseif ($share > $settings->num('pour.fill_caution') + 1e-9) {
            $answer->find(
                Level::Caution, 'fills-slowly', 'fill_time_s',
                sprintf('Filling takes %.0f %% of freezing, over a quarter.', 100 * $share), $change,
            );
        }
        if ($driven < 1 - 1e-9) {
            $answer->find(
                Level::Stop, 'not-driven-in', 'drive_pa', 'The metal is not driven into the thinnest section at all.',
                'Spin it or draw it in by vacuum, give it more head, or make the section thicker.',
                ['method' => 'spin'],
            );
        } elseif ($driven < $settings->num('pour.entry') - 1e-9) {
            $answer->find(
                Level::Caution, 'weak-drive', 'drive_pa',
                sprintf(
                    'The drive is %.1f times what the thinnest section asks; %.1f is safe.', $driven,
                    $settings->num('pour.entry'),
                ),
                'More head, or spin it.', ['method' => 'spin'],
            );
        }
        if ($flask < $settings->num('pour.coldest_flask')) {
            $answer->find(
                Level::Stop, 'flask-too-cold', 'flask_temperature',
                sprintf('A flask at %.0f °C freezes the metal at the gate.', $flask),
                sprintf('Pour at %s °C or above.', Show::degrees($settings->num('pour.coldest_flask'))),
                ['flask_temperature' => $settings->num('pour.coldest_flask')],
            );
        }
        if ($metal > 1260 + 1e-9) {
            $answer->find(
                Level::Stop, 'too-hot-for-gypsum', 'metal_temperature',
                sprintf('Poured at %.0f °C, over 1260 °C: gypsum breaks down against it.', $metal),
                'Use a phosphate-bonded investment by its own sheet, or another alloy.',
            );
        } elseif ($metal > 1150 + 1e-9) {
            $answer->find(
                Level::Caution, 'hot-for-gypsum', 'metal_temperature',
                sprintf('Poured at %.0f °C, over 1150 °C: gypsum begins to break down against it.', $metal),
                'Pour no hotter than it must be, and ask the investment’s maker.',
            );
        }
        if ($metal <= $alloy->liquidus) {
            $answer->find(
                Level::Stop, 'metal-too-cold', 'metal_temperature',
                sprintf('%s is not all liquid at %.0f °C.', ucfirst($alloy->label), $metal),
                sprintf('Heat it %.0f °C above its liquidus of %.0f °C.', $alloy->superheatLow ?? 50, $alloy->liquidus),
                ['metal_temperature' => $alloy->liquidus + ($alloy->superheatLow ?? 50)],
            );
        }
    }
}
