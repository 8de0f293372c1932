<?php

declare(strict_types=1);

namespace Tools\Benchmark;

use Closure;
use HotSprue\Calculation\Answer;
use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\RowUses;
use HotSprue\Job\Station;
use HotSprue\Job\StationPage;
use HotSprue\Job\TypedChanges;
use HotSprue\Workshop\WorkshopSettings;

/** A piece of forty stones in twelve settings: tubes, claws, bezels, flush stones, a halo, a cluster and a row. */
final class ManySettings
{
    /** @return iterable<Measured> */
    public static function measure(int $times): iterable
    {
        [$document, $settings] = [self::document(), WorkshopSettings::shipped()];
        $kept = [];
        $remember = static function (string $key, Closure $make) use (&$kept): Answer {
            return $kept[$key] ??= $make();
        };
        $answers = static fn (): JobAnswers => JobAnswers::of($document, $settings, $remember);

        // A request ends before its cycles are collected.
        gc_collect_cycles();
        gc_disable();
        yield Measured::of('core, 40 stones in 12 settings', $times, static function () use ($answers): void {
            $job = $answers();
            array_map($job->answer(...), (new RowUses($job))->all($job->uses()));
        }, 8.0);
        yield Measured::of('core, their head drawn', $times, static function () use ($answers): void {
            $page = new StationPage(Station::Stones, $answers());
            $page->drawings();
        }, 5.0);
        gc_enable();
    }

    private static function document(): Document
    {
        $typed = [
            'brief.finger' => 'US 7', 'brief.alloy' => '14k-yellow', 'form.width_top' => '8',
            'form.thickness_top' => '2.4',
        ];
        foreach ([['claws', 6.0], ['tube', 3.0], ['bezel', 4.0], ['tube', 2.5], ['flush', 2.0], ['tube', 2.2],
            ['claws', 3.0], ['flush', 1.8], ['tube', 2.8]] as $at => [$style, $width]) {
            $typed += self::stone($at, $width) + [
                "settings.{$at}.style" => $style, "settings.{$at}.angle" => 20 * $at - 80,
                "settings.{$at}.across" => $at % 2 === 0 ? 1.5 : -1.5,
            ];
        }
        $groups = [['halo', 'bead', 1.0, 18], ['cluster', 'shared-claws', 1.6, 8], ['row', 'shared', 1.5, 5]];
        foreach ($groups as $at => [$holds, $style, $width, $count]) {
            $key = 9 + $at;
            $typed += self::stone($key, $width) + [
                "settings.{$key}.holds" => $holds, "settings.{$key}.style" => $style, "settings.{$key}.count" => $count,
            ] + ($holds === 'cluster' ? ["settings.{$key}.beside" => '2'] : []);
        }
        $changes = array_map(
            static fn (string $path, mixed $to): Change => new Change($path, null, $to), array_keys($typed), $typed,
        );

        return Document::blank()->with(TypedChanges::read($changes, WorkshopSettings::shipped()));
    }

    /** @return array<string, mixed> */
    private static function stone(int $at, float $width): array
    {
        return [
            "stones.{$at}.shape" => 'round', "stones.{$at}.width" => $width, "stones.{$at}.depth" => 0.6 * $width,
            "stones.{$at}.species" => 'diamond',
        ];
    }
}
