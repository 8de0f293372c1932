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
use HotSprue\Measures\Moment;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** The kiln's programme for the flasks in it, and when to switch on. Source: workbook 9. */
final class BurnoutProgramme implements Calculation
{
    private const ROOM = 20.0;

    private const SOURCE = 'workbook 9, programmes';

    public function description(): Description
    {
        return new Description(
            'burnout.programme',
            'Burnout',
            'The kiln’s programme for these flasks, and when to switch on',
            self::SOURCE,
            [
                Field::length('flask_diameters', 'diameters of the flasks in the kiln')->many(),
                Field::temperature('pour_temperature', 'flask temperature at the pour')->called('flask at the pour'),
                Field::choice('school', BurnoutSchedule::names(), 'the programme; auto goes by the widest flask')
                    ->called('programme')->fromSetting('burnout.school'),
                Field::of(Quantity::Moment, 'ready_at', 'when the flask is to be ready to pour')
                    ->called('ready to pour')->optional(),
                Field::of(
                    Quantity::Moment, 'switch_on', 'when the kiln is switched on, where no hour of pouring is set',
                )
                    ->called('switched on')->optional(),
                Field::of(
                    Quantity::Moment, 'now', 'what the clock says, where the plan is held against it',
                )->optional(),
                Field::of(Quantity::Moment, 'invested_at', 'when the flask was invested; now, unless said')
                    ->called('invested')->optional(),
                Field::minutes('stand_min', 'how long it is to stand first')
                    ->called('to stand')->allowingZero()->default(0.0),
                Field::of(Quantity::HeatingRate, 'climb_c_per_min', 'how fast the kiln climbs')
                    ->called('kiln climbs')->fromSetting('burnout.climb_c_per_min'),
                Field::of(Quantity::HeatingRate, 'fall_c_per_min', 'how fast the kiln falls')
                    ->called('kiln falls')->fromSetting('burnout.fall_c_per_min'),
            ],
            [
                Output::text('school', 'the programme'),
                Output::rows('stages', 'each stage: where it ramps to, how long it ramps and holds'),
                Output::of(
                    Quantity::Temperature, 'flask_temperature', 'flask at the pour',
                )->called('flask at the pour'),
                Output::of(Quantity::Temperature, 'gypsum_limit', 'what gypsum investment stands'),
                Output::of(Quantity::Minutes, 'total_min', 'switch-on to pour')->called('in all'),
                Output::text('start_at', 'when to switch on')->called('switch on'),
                Output::of(Quantity::Moment, 'ready_by', 'when the flask is ready to pour')->called('ready to pour'),
            ],
            [
                'over-gypsum-limit' => 'the flask goes above 732 °C, or the workshop’s own limit of gypsum',
                'flask-too-cold' => 'the flask is poured under 200 °C',
                'school-too-short' => 'the programme chosen is shorter than the widest flask asks for',
                'switch-on-past' => 'the kiln should have been switched on already',
                'not-yet-stood' => 'the kiln would go on before the flask has stood',
                'stage-lengthened' => 'a stage is longer than taught, because the kiln climbs or falls slowly',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $widest = max($input->nums('flask_diameters'));
        $auto = BurnoutSchedule::forFlask($widest);
        $school = $input->text('school') === BurnoutSchedule::AUTO
            ? $auto
            : BurnoutSchedule::from($input->text('school'));
        $pour = $input->num('pour_temperature');
        $stages = $this->stages($school, $pour, $input, $settings);
        $minutes = array_map(static fn (array $stage): float => $stage['ramp_min'] + $stage['hold_min'], $stages);
        $total = array_sum($minutes);
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'school', $school->value,
                Formula::said(
                    $input->text('school') === BurnoutSchedule::AUTO ? 'by the widest flask in the kiln' : 'as chosen',
                    sprintf('widest %.1f mm: to 64 short, to 90 medium, above long', $widest),
                ),
                uses: ['flask_diameters', 'school'], because: 'a wide flask dries and burns clean later',
            )
            ->give('stages', $stages)
            ->work(
                'total_min', $total, Formula::sum('the stages, one after another', $minutes),
                uses: ['flask_diameters', 'pour_temperature', 'school', 'climb_c_per_min', 'fall_c_per_min'],
                because: 'a stage lasts the longer of its minutes, and its ramp with the least hold',
            );
        $limit = $settings->num('burnout.gypsum_limit');
        $answer
            ->work(
                'flask_temperature', $pour, Formula::taken('as it is to be poured', $pour), uses: ['pour_temperature'],
                because: 'where the programme ends',
            )
            ->work(
                'gypsum_limit', $limit, Formula::taken('the workshop’s figure', $limit), uses: [],
                because: 'above it gypsum breaks down and gives off sulphur gas',
            );
        if ($input->has('ready_at') && $input->has('switch_on')) {
            throw BadInput::bothGiven(['ready_at', 'switch_on']);
        }
        if ($input->has('ready_at')) {
            $answer->work(
                'start_at', Moment::later($input->text('ready_at'), -ceil($total)),
                Formula::said(
                    'ready to pour − the whole programme',
                    sprintf('%s − %d min', str_replace('T', ' ', $input->text('ready_at')), (int) ceil($total)),
                ),
                uses: ['ready_at', 'flask_diameters', 'pour_temperature', 'school'],
                because: 'so that the flask waits for nobody',
            );
        }
        if ($input->has('switch_on')) {
            $answer->work(
                'ready_by', Moment::later($input->text('switch_on'), ceil($total)),
                Formula::said(
                    'switch-on + the whole programme',
                    sprintf('%s + %d min', str_replace('T', ' ', $input->text('switch_on')), (int) ceil($total)),
                ),
                uses: ['switch_on', 'flask_diameters', 'pour_temperature', 'school'],
                because: 'when the torch may be lit',
            );
        }
        $this->judgeClock($answer, $input, $total);
        $hottest = max(array_column($stages, 'ramp_to_c'));
        if ($hottest > $limit + 1e-9) {
            $answer->find(
                Level::Stop, 'over-gypsum-limit', 'pour_temperature',
                sprintf(
                    '%s °C is above %s °C: gypsum breaks down and gives off sulphur gas that spoils the metal and '
                        .'harms people.',
                    Show::degrees($hottest), Show::degrees($limit),
                ),
                $pour > $limit ? sprintf('Pour at %s °C or under.', Show::degrees($limit)) : sprintf(
                    'Burn out with a programme that stays at %s °C or under, such as three-step.',
                    Show::degrees($limit),
                ),
                $pour > $limit ? ['pour_temperature' => $limit] : [],
            );
        }
        if ($pour < $settings->num('pour.coldest_flask')) {
            $answer->find(
                Level::Stop, 'flask-too-cold', 'pour_temperature',
                sprintf('A flask at %s °C freezes the metal at the gate.', Show::degrees($pour)),
                sprintf('Pour at %s °C or above.', Show::degrees($settings->num('pour.coldest_flask'))),
                ['pour_temperature' => $settings->num('pour.coldest_flask')],
            );
        }
        if ($school->minutes() < $auto->minutes()) {
            $answer->find(
                Level::Caution, 'school-too-short', 'school',
                sprintf(
                    'A %.0f mm flask wants the %s programme; %s leaves carbon in it.', $widest, $auto->value,
                    $school->value,
                ),
                "Burn the {$auto->value} programme.", ['school' => $auto->value],
            );
        }
        $longer = array_filter($stages, static fn (array $stage): bool => $stage['lengthened_min'] > 0);
        if ($longer !== []) {
            $answer->find(
                Level::Note, 'stage-lengthened', 'climb_c_per_min',
                implode(
                    ' ',
                    array_map(
                        static fn (array $stage): string => sprintf(
                            '“%s” takes %.0f min longer than taught.', $stage['name'], ceil($stage['lengthened_min']),
                        ),
                        $longer,
                    ),
                ),
                'The times shown hold for your kiln as it climbs and falls.',
            );
        }

        return $answer->answer();
    }

    /** A pour that is asked for before the flask can have stood, and a switch-on that is past. */
    private function judgeClock(AnswerBuilder $answer, Input $input, float $total): void
    {
        if (! $input->has('now') || ! $input->has('ready_at') && ! $input->has('switch_on')) {
            return;
        }
        $now = $input->text('now');
        $start = $input->has('switch_on') ? $input->text('switch_on') : Moment::later(
            $input->text('ready_at'), -ceil($total),
        );
        $stood = Moment::later($input->textOrNull('invested_at') ?? $now, ceil($input->num('stand_min')));
        $from = Moment::latest($stood, $now);
        $ready = Moment::later($from, ceil($total));
        $set = $input->has('ready_at') ? ['ready_at' => $ready] : ['switch_on' => $from];
        if (Moment::isBefore($start, $now)) {
            $answer->find(Level::Stop, 'switch-on-past', (string) array_key_first($set),
                sprintf('The kiln should have been switched on at %s, and that is past.', self::said($start)),
                sprintf('%s it is ready to pour at %s at the earliest; no stage is cut short for it.',
                    Moment::isBefore($now, $stood) ? sprintf(
                        'Switched on when it has stood, at %s,', self::said($stood),
                    ) : 'Switched on now,', self::said($ready)), $set);
        } elseif (Moment::isBefore($start, $stood)) {
            $answer->find(Level::Stop, 'not-yet-stood', (string) array_key_first($set),
                sprintf(
                    'The kiln would go on at %s, before the flask has stood its %.0f min (at %s).', self::said($start),
                    $input->num('stand_min'), self::said($stood),
                ),
                sprintf('It is ready to pour at %s at the earliest.', self::said($ready)), $set);
        }
    }

    private static function said(string $moment): string
    {
        return str_replace('T', ' ', substr($moment, 0, 16));
    }

    /** @return list<array{name: string, ramp_to_c: float, ramp_min: float, hold_min: float, lengthened_min: float}> */
    private function stages(BurnoutSchedule $school, float $pour, Input $input, WorkshopSettings $settings): array
    {
        $taught = $school->stages();
        $top = max(array_map(static fn (array $stage): float => $stage[2] ?? 0.0, $taught));
        $from = self::ROOM;
        $stages = [];
        foreach ($taught as [$name, $minutes, $target]) {
            $to = (float) ($target ?? $pour);
            $ramp = abs($to - $from) / $input->num($to > $from ? 'climb_c_per_min' : 'fall_c_per_min');
            $least = $settings->num($to === $top ? 'burnout.least_top_hold' : 'burnout.least_hold');
            $hold = max($minutes - $ramp, $least);
            $stages[] = [
                'name' => $name, 'ramp_to_c' => $to, 'ramp_min' => $ramp, 'hold_min' => $hold,
                'lengthened_min' => max(0.0, $ramp + $hold - $minutes),
            ];
            $from = $to;
        }

        return $stages;
    }

    /** @throws BadInput */
}
