<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/** What the workshop's stretch tests say together. Source: workbook 12, stretch test log. */
final class StretchLog
{
    /**
     * @param  list<array{form: string, grade: string, start: float, broken: float, where: string}>  $samples
     * @return list<array{form: string, grade: string, samples: int, strain: float, at_joint: int}>
     *   mean strain at break, the strongest first
     */
    public static function learned(array $samples): array
    {
        $by = [];
        foreach ($samples as $sample) {
            $by["{$sample['form']} {$sample['grade']}"][] = $sample;
        }
        $learned = array_map(static fn (array $alike): array => [
            'form' => $alike[0]['form'], 'grade' => $alike[0]['grade'], 'samples' => count($alike),
            'strain' => array_sum(
                array_map(
                    static fn (array $sample): float => ($sample['broken'] - $sample['start']) / $sample['start'],
                    $alike,
                ),
            ) / count($alike),
            'at_joint' => count(array_filter($alike, static fn (array $sample): bool => $sample['where'] === 'joint')),
        ], array_values($by));
        usort($learned, static fn (array $one, array $other): int => $other['strain'] <=> $one['strain']);

        return $learned;
    }
}
