<?php

declare(strict_types=1);

namespace HotSprue\Burnout;

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
use HotSprue\Workshop\WorkshopSettings;

/** What the core of a flask feels while the kiln runs its programme: a model, shown as one. Source: workbook 9. */
final class BurnoutCore implements Calculation
{
    private const SOURCE = 'workbook 9, what the core feels';

    /** Three days, min: longer than any flask is burnt. */
    private const LONGEST = 4_320.0;

    private const STEP = 75.0;

    /** A point of the curves every so many minutes. */
    private const POINT = 5;

    private const DRY = 105.0;

    private const CLEAN = 620.0;

    public function description(): Description
    {
        return new Description(
            'burnout.core',
            'What the core feels',
            'What the core of a flask feels while the kiln runs its programme, by a model',
            self::SOURCE,
            [
                Field::length('diameter', 'diameter of the widest flask'),
                Field::rows(
                    'stages',
                    [
                        Field::temperature('temperature', 'where the kiln goes'),
                        Field::minutes('minutes', 'how long, with its ramp'),
                    ],
                    'the programme, instead of a school',
                )->optional(),
                Field::choice(
                    'school', BurnoutSchedule::names(), 'the programme of a school; auto goes by the diameter',
                )
                    ->called('programme')->optional(),
                Field::temperature('pour_temperature', 'flask temperature at the pour, with a school')
                    ->called('flask at the pour')->optional(),
                Field::number('water_per_100', 'ml of water to 100 g of powder')
                    ->called('water to 100 g')->between(0, 60)->allowingZero()->fromSetting('investment.water_per_100'),
                Field::share('emissivity', 'emissivity between kiln and flask')->default(0.85),
                Field::share('bound_water', 'water that the gypsum itself holds, kg a kg of dry investment')
                    ->called('water bound')->default(0.06),
                Field::of(Quantity::HeatingRate, 'climb_c_per_min', 'how fast the kiln climbs')
                    ->called('kiln climbs')->fromSetting('burnout.climb_c_per_min'),
                Field::of(Quantity::HeatingRate, 'fall_c_per_min', 'how fast the kiln falls')
                    ->called('kiln falls')->fromSetting('burnout.fall_c_per_min'),
            ],
            [
                Output::of(Quantity::Minutes, 'dry_at_min', 'when the core is dry')->called('dry at'),
                Output::of(
                    Quantity::Minutes, 'above_620_min', 'how long the core is above 620 °C',
                )->called('above 620 °C'),
                Output::of(Quantity::Temperature, 'core_at_pour', 'core at the pour'),
                Output::of(Quantity::TemperatureDifference, 'largest_lag', 'most that the core lags behind the kiln'),
                Output::of(Quantity::Minutes, 'total_min', 'length of the programme')->called('in all'),
                Output::of(Quantity::Temperature, 'gypsum_limit', 'what gypsum investment stands'),
                Output::rows('curves', 'every five minutes: min, kiln_c, wall_c, core_c'),
            ],
            [
                'core-unclean' => 'core above 620 °C for under 20 minutes',
                'core-barely-clean' => 'core above 620 °C for under 60 minutes',
                'core-off-kiln' => 'core over 30 °C from the kiln at the pour',
                'wet-above-520' => 'kiln over 520 °C with the core still under 105',
                'wet-above-600' => 'kiln over 600 °C with the core still under 105',
                'over-gypsum-limit' => 'the kiln goes above what gypsum stands',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $stages = $this->stages($input, $settings);
        if (array_sum(array_column($stages, 1)) > self::LONGEST) {
            throw BadInput::field(
                'stages',
                'This programme is longer than three days in all; a shorter one, or a kiln that climbs faster, is '
                    .'accepted.',
            );
        }
        $flow = new HeatFlow(
            $input->num('diameter') / 1000, $input->num('water_per_100'), $input->num('emissivity'),
            $input->num('bound_water'),
        );
        $kiln = HeatFlow::ROOM;
        $minute = $clean = $lag = 0.0;
        $dry = null;
        $hottestWet = $kiln;
        $curves = [['min' => 0.0, 'kiln_c' => $kiln, 'wall_c' => $kiln, 'core_c' => $kiln]];
        foreach ($stages as [$to, $minutes]) {
            for ($left = $minutes; $left > 1e-9; $left -= self::STEP / 60) {
                $step = min(self::STEP, $left * 60);
                $was = $kiln;
                $kiln = $to > $kiln ? min(
                    $to, $kiln + $input->num('climb_c_per_min') * $step / 60,
                ) : max($to, $kiln - $input->num('fall_c_per_min') * $step / 60);
                $before = $flow->core();
                $flow->step($was, $kiln, $step);
                $minute += $step / 60;
                $core = $flow->core();
                $clean += $step / 60 * self::above(self::CLEAN, $before, $core);
                $lag = max($lag, abs($kiln - $core));
                // Between two steps the core is taken to rise evenly.
                $dry ??= $core > self::DRY ? $minute - $step / 60 * self::above(self::DRY, $before, $core) : null;
                $hottestWet = $dry === null ? max($hottestWet, $kiln) : $hottestWet;
                if ($minute >= self::POINT * count($curves) - 1e-6) {
                    $curves[] = [
                        'min' => $minute, 'kiln_c' => $kiln, 'wall_c' => $flow->wall($kiln), 'core_c' => $core,
                    ];
                }
            }
        }
        $because = 'heat conducted through damp gypsum from the wall inward; a model, so leave room for what it '
            .'does not know';
        $uses = [
            'diameter', 'water_per_100', 'climb_c_per_min', 'fall_c_per_min',
            ...array_filter(['stages', 'school', 'pour_temperature'], $input->has(...)),
        ];
        $answer = AnswerBuilder::of($this, $input);
        if ($dry !== null) {
            $answer->work(
                'dry_at_min', $dry, Formula::taken('the minute at which the core passes 105 °C', $dry), uses: $uses,
                because: $because,
            );
        }
        $answer
            ->work(
                'above_620_min', $clean, Formula::taken('minutes that the core spends above 620 °C', $clean),
                uses: $uses, because: $because,
            )
            ->work(
                'core_at_pour', $flow->core(), Formula::taken('the core at the end of the programme', $flow->core()),
                uses: $uses, because: $because,
            )
            ->work(
                'largest_lag', $lag, Formula::taken('the most that kiln and core are apart', $lag), uses: $uses,
                because: $because,
            )
            ->work(
                'total_min', $minute, Formula::sum('the stages, one after another', array_column($stages, 1)),
                uses: $uses, because: 'each with its ramp',
            )
            ->give('curves', $curves);
        $this->judge($answer, $settings, $clean, $flow->core(), $kiln, $hottestWet);
        $limit = $settings->num('burnout.gypsum_limit');
        $answer->work(
            'gypsum_limit', $limit, Formula::taken('the workshop’s figure', $limit), uses: [],
            because: 'above it gypsum breaks down and gives off sulphur gas',
        );
        $hottest = max(array_column($stages, 0));
        if ($hottest > $limit + 1e-9) {
            $answer->find(
                Level::Stop, 'over-gypsum-limit', 'stages',
                sprintf(
                    '%s °C is above %s °C: gypsum breaks down and gives off sulphur gas that spoils the metal and '
                        .'harms people.',
                    Show::degrees($hottest), Show::degrees($limit),
                ),
                sprintf('Burn out at %s °C or under.', Show::degrees($limit)),
            );
        }

        return $answer->answer();
    }

    /** Which share of a step is spent above a temperature. */
    private static function above(float $limit, float $from, float $to): float
    {
        return match (true) {
            $from >= $limit && $to >= $limit => 1.0,
            $from < $limit && $to < $limit => 0.0,
            default => (max($from, $to) - $limit) / abs($to - $from),
        };
    }

    /**
     * @return non-empty-list<array{float, float}> where the kiln goes, and for how long with its ramp
     *
     * @throws BadInput
     */
    private function stages(Input $input, WorkshopSettings $settings): array
    {
        $given = array_map(
            static fn (array $row): array => [(float) $row['temperature'], (float) $row['minutes']],
            $input->rows('stages'),
        );
        if ($given !== [] && $input->has('school')) {
            throw BadInput::bothGiven(['stages', 'school']);
        }
        if ($given !== []) {
            return $this->lengthened($given, $input, $settings);
        }
        if (! $input->has('pour_temperature')) {
            throw BadInput::neitherGiven('stages', ['the stages', 'a school and a pouring temperature']);
        }
        $programme = Answer::of(new BurnoutProgramme, [
            'flask_diameters' => [$input->num('diameter')], 'pour_temperature' => $input->num('pour_temperature'),
            'school' => $input->textOrNull('school') ?? 'auto',
            'climb_c_per_min' => $input->num('climb_c_per_min'), 'fall_c_per_min' => $input->num('fall_c_per_min'),
        ], $settings)->value('stages');
        $stages = array_map(
            static fn (array $stage): array => [
                (float) $stage['ramp_to_c'], (float) $stage['ramp_min'] + (float) $stage['hold_min'],
            ],
            is_array($programme) ? array_values($programme) : [],
        );

        return $stages === [] ? throw BadInput::neitherGiven(
            'stages', ['the stages', 'a school and a pouring temperature'],
        ) : $stages;
    }

    /**
     * No stage is shorter than its ramp and its least hold.
     *
     * @param  non-empty-list<array{float, float}>  $stages
     * @return non-empty-list<array{float, float}>
     */
    private function lengthened(array $stages, Input $input, WorkshopSettings $settings): array
    {
        $top = max(array_column($stages, 0));
        $from = HeatFlow::ROOM;
        $lengthened = [];
        foreach ($stages as [$to, $minutes]) {
            $ramp = abs($to - $from) / $input->num($to > $from ? 'climb_c_per_min' : 'fall_c_per_min');
            $lengthened[] = [
                $to,
                max($minutes, $ramp + $settings->num($to === $top ? 'burnout.least_top_hold' : 'burnout.least_hold')),
            ];
            $from = $to;
        }

        return $lengthened;
    }

    private function judge(
        AnswerBuilder $answer, WorkshopSettings $settings, float $clean, float $core, float $kiln, float $hottestWet,
    ): void
    {
        if ($hottestWet > $settings->num('burnout.wet_stop') + 1e-9) {
            $answer->find(
                Level::Stop, 'wet-above-600', 'stages',
                sprintf('The kiln is at %.0f °C with the core still wet: steam cracks the mould.', $hottestWet),
                'Hold longer at 149 °C before it climbs.',
            );
        } elseif ($hottestWet > $settings->num('burnout.wet_caution') + 1e-9) {
            $answer->find(
                Level::Caution, 'wet-above-520', 'stages',
                sprintf('The kiln is at %.0f °C with the core still wet.', $hottestWet),
                'Hold longer at 149 °C before it climbs.',
            );
        }
        if ($clean < $settings->num('burnout.clean_stop') - 1e-9) {
            $answer->find(
                Level::Stop, 'core-unclean', 'above_620_min',
                sprintf('The core is above 620 °C for %.0f minutes: carbon is left in it.', $clean),
                'Hold longer at the top.',
            );
        } elseif ($clean < $settings->num('burnout.clean') - 1e-9) {
            $answer->find(
                Level::Caution, 'core-barely-clean', 'above_620_min',
                sprintf(
                    'The core is above 620 °C for %.0f minutes, and %.0f are wanted.', $clean,
                    $settings->num('burnout.clean'),
                ),
                'Hold longer at the top.',
            );
        }
        if (abs($core - $kiln) > $settings->num('burnout.core_lag') + 1e-9) {
            $answer->find(
                Level::Caution, 'core-off-kiln', 'core_at_pour',
                sprintf('At the pour the core is at %.0f °C and the kiln at %.0f °C.', $core, $kiln),
                'Wait at pouring temperature until the core has followed.',
            );
        }
    }
}
