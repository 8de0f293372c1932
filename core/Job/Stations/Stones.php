<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Fields\Field;
use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\StationPlan;
use HotSprue\Stones\StoneCare;

/** The stones: measured, weighed, each in its own setting, laid out, and what they stand. */
final class Stones extends StationPlan
{
    public function signOff(): string
    {
        return 'Stones are settled';
    }

    public function uses(): array
    {
        return [
            ...$this->measured(), ...SettingUses::collets(), ...SettingUses::inBand(), ...SettingUses::layouts(),
            SettingUses::place(), $this->total(), $this->care(),
        ];
    }

    /** @return list<CalculationUse> */
    private function measured(): array
    {
        return [
            CalculationUse::of('stone.outline', SharedInputs::stone())->without('head')->each('stones'),
            CalculationUse::of('stone.weight', [
                ...SharedInputs::wholeStone(),
                ...SharedInputs::readings('stones', 'species', 'weighed_carats', 'count'),
            ])->when(From::reading('stones', 'depth'))->when(From::reading('stones', 'species'))->each('stones'),
        ];
    }

    private function total(): CalculationUse
    {
        return CalculationUse::of('settings.total', [
            'settings' => From::each('settings', [
                'name' => From::firstOf(
                    From::reading('settings', 'name'),
                    From::ofJob(static fn (JobAnswers $job): string => $job->setting()->name()),
                ),
                'holds' => From::reading('settings', 'holds'),
                'style' => From::reading('settings', 'style'),
                'made' => From::firstOf(
                    From::reading('settings', 'made'),
                    From::ofJob(static fn (JobAnswers $job): string => $job->setting()->made()),
                ),
                'alloy' => From::reading('settings', 'alloy'),
                'stones' => From::ofJob(
                    static fn (JobAnswers $job): int => $job->setting()->stones() === [] ? 0 : $job->setting()->count(),
                ),
                'carats' => From::ofJob(static fn (JobAnswers $job): ?float => $job->setting()->carats()),
                'weighed' => From::ofJob(
                    static fn (JobAnswers $job): bool => $job->value('stone.weight', 'how') === 'weighed',
                ),
                'volume_mm3' => SharedInputs::metal(),
            ]),
            'alloy' => From::decision('brief.alloy'),
            'loose' => From::ofJob(self::loose(...)),
        ])->when(From::each('settings', ['style' => From::reading('settings', 'style')]));
    }

    /** Stones that are in no setting; none are missed while nobody has said how any is held. */
    private static function loose(JobAnswers $job): int
    {
        $held = array_merge(
            ...array_map(static fn (JobAnswers $row): array => $row->setting()->stones(), $job->eachRow('settings')),
        );
        $loose = 0;
        foreach ($job->document->list('stones') as $index => $stone) {
            $loose += in_array($index, $held, true) ? 0 : (int) ($stone['count']['value'] ?? 1);
        }

        return $loose;
    }

    /** Stones are asked after on every job: what is set is in the fire. */
    private function care(): CalculationUse
    {
        $after = array_map(static fn (string $step): string => "stones.after_{$step}", StoneCare::STEPS);

        return CalculationUse::of('care.check', [
            'stones' => From::each('stones', [
                ...SharedInputs::readings(
                    'stones', 'species', 'treated', 'name', 'owner', 'source', 'keep_setting', 'removed',
                    'acknowledged',
                ),
                'setting' => SharedInputs::heldIn(),
            ]),
            ...SharedInputs::decisions('stones', 'daily'),
            'setting' => SharedInputs::style(),
            'steps' => From::namesOfYes(array_combine(StoneCare::STEPS, $after)),
        ])->when(From::reading('stones', 'species'))->onEveryJob();
    }

    public function decisions(): array
    {
        return [
            self::fed('stones.daily'),
            Field::yesNo('stones.after_torch', 'torch heat after setting'),
            Field::yesNo('stones.after_boron', 'a boron coat or flux after setting'),
            Field::yesNo('stones.after_pickle', 'pickle after setting'),
            Field::yesNo('stones.after_ultrasonic', 'the ultrasonic bath after setting'),
            Field::yesNo('stones.after_steam', 'steam after setting'),
            Field::yesNo('stones.after_wheel', 'abrasive and polishing wheels after setting'),
        ];
    }

    public function figures(): array
    {
        return [
            Figure::of('settings.total', 'carats', 'carats in all'),
            Figure::of('stone.weight', 'carats', 'carats')->unless('settings.total'),
            Figure::of('stone.outline', 'perimeter', 'round the girdle'),
            Figure::of('seat.bezel', 'strip_length', 'strip to cut'),
            Figure::of('seat.claw', 'wire', 'claw wire'),
            Figure::of('seat.round', 'bearing', 'bearing bur'),
            Figure::of('layout.halo', 'count', 'round the centre'),
            Figure::of('layout.cluster', 'wire_total', 'claw wire in all'),
            Figure::of('layout.row', 'total_arc_deg', 'arc of the row'),
            Figure::of('settings.total', 'minutes', 'to set them'),
        ];
    }
}
