<?php

declare(strict_types=1);

namespace HotSprue\Setting;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\BenchTools;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Burs, drills and tools for every seat of a job, merged, and which of them the workshop owns. Source: workbook 4 and
 * 13.
 */
final class ToolsList implements Calculation
{
    private const SOURCE = 'workbook 13, bur and tool list';

    public const SETTINGS = ['bezel', 'tube', 'claws', 'shared-claws', 'flush', 'bead', 'shared', 'channel'];

    public function description(): Description
    {
        return new Description(
            'tools.list',
            'Burs and tools',
            'The drills, burs and tools that all seats of a job need, and which are missing',
            self::SOURCE,
            [
                Field::rows('seats', [
                    Field::length('width', 'width of the stone'),
                    Field::text('name', 'which stone')->optional(),
                    Field::choice('setting', self::SETTINGS, 'how it is held')->optional(),
                    Field::count('count', 'how many alike')->default(1),
                    Field::length('smallest', 'the smallest of them, where they are graded')->optional(),
                    Field::length('wire', 'claw wire of this one')->optional(),
                    Field::choice('corners', ['bent', 'scored'], 'how this bezel goes round points')->optional(),
                ], 'the seats'),
                Field::choice('setting', self::SETTINGS, 'how they are held, where it is not said')->default('bezel'),
                Field::length('wire', 'claw wire')->optional(),
                Field::choice('corners', ['bent', 'scored'], 'how a bezel goes round points')->optional(),
                Field::length('halo_diameter', 'stones round the centre')->optional(),
                Field::length('row_largest', 'the largest of a row')->optional(),
                Field::length('row_smallest', 'the smallest of a row')->optional(),
            ],
            [
                Output::rows('tools', 'kind, size, what for, and whether it is owned'),
                Output::of(Quantity::Count, 'needed', 'tools needed')->called('tools needed'),
                Output::of(
                    Quantity::Count, 'missing', 'tools that the workshop does not own',
                )->called('tools not owned'),
            ],
            ['tool-missing' => 'a tool that the workshop does not own'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $tools = self::merged(self::wanted($input), $settings);
        $owned = array_merge(
            $settings->rows('stock.tools'),
            array_map(
                static fn (array $row): array => ['kind' => 'beading-tool', 'size' => $row['cup']],
                $settings->rows('stock.cup_tools'),
            ),
        );
        $list = array_map(
            static fn (array $tool): array => [...$tool, 'owned' => self::isOwned($tool, $owned, $settings)], $tools,
        );
        $missing = array_values(array_filter($list, static fn (array $tool): bool => ! $tool['owned']));
        $answer = AnswerBuilder::of($this, $input)
            ->give('tools', $list)
            ->work(
                'needed', count($list), Formula::taken('tools of all seats, those alike counted once', count($list)),
                uses: ['seats', 'setting'], because: 'laid out before the stone is',
            )
            ->work(
                'missing', count($missing),
                Formula::of(
                    '{needed} − {owned}', ['needed' => count($list), 'owned' => count($list) - count($missing)],
                ),
                uses: ['seats', 'setting'], because: 'bought or made before the day of setting',
                source: 'the workshop’s own list',
            );
        if ($missing !== []) {
            $answer->find(
                Level::Caution, 'tool-missing', 'seats',
                'Not on the workshop’s list: '.implode(', ', array_map(self::said(...), $missing)).'.',
                'Buy or make it, or enter what is owned in the workshop’s tools.',
            );
        }

        return $answer->answer();
    }

    /** @return list<array{kind: string, size: ?float, for: string}> */
    private static function wanted(Input $input): array
    {
        $wanted = [];
        foreach ($input->rows('seats') as $seat) {
            foreach (array_filter([$seat['width'], $seat['smallest']]) as $width) {
                $wanted = [
                    ...$wanted,
                    ...self::forSeat(
                        (string) ($seat['setting'] ?? $input->text('setting')), (float) $width,
                        (string) ($seat['name'] ?? sprintf('%.2f mm', $seat['width'])),
                        is_numeric($seat['wire']) ? (float) $seat['wire'] : null, $seat['corners'] ?? null, $input,
                    ),
                ];
            }
        }
        foreach (['halo_diameter' => 'halo', 'row_largest' => 'row', 'row_smallest' => 'row'] as $name => $for) {
            if ($input->has($name)) {
                $wanted = [...$wanted, ...self::forSeat('shared', $input->num($name), $for, null, null, $input)];
            }
        }

        return $wanted;
    }

    /** @return list<array{kind: string, size: ?float, for: string}> */
    private static function forSeat(
        string $setting, float $width, string $for, ?float $wire, ?string $corners, Input $input,
    ): array
    {
        $wire ??= $input->has('wire') ? $input->num('wire') : null;
        $corners ??= $input->textOrNull('corners');
        $tools = match ($setting) {
            'bezel' => [
                ['bezel-pusher', null], ['burnisher', null],
                ...($corners === 'scored' ? [['mitre-file', null]] : []),
            ],
            'tube' => [['bearing-bur', $width], ['bezel-pusher', null], ['burnisher', null]],
            'claws', 'shared-claws' => [
                ...($wire !== null ? [['drill', $wire - 0.1], ['cup-bur', $wire]] : []),
                ['claw-pusher', null],
            ],
            default => [
                ['drill', 0.5 * $width], ['drill', 0.7 * $width], ['ball-bur', 0.9 * $width],
                ['bearing-bur', 0.95 * $width],
                match ($setting) {
                    'flush' => ['flush-burnisher', null],
                    'channel' => ['bezel-pusher', null],
                    default => ['beading-tool', min(0.9, max(0.35, 0.35 * $width))],
                },
            ],
        };

        return array_map(
            static fn (array $tool): array => ['kind' => $tool[0], 'size' => $tool[1], 'for' => $for], $tools,
        );
    }

    /**
     * @param  list<array{kind: string, size: ?float, for: string}>  $wanted
     * @return list<array{kind: string, size: ?float, for: string}>
     */
    private static function merged(array $wanted, WorkshopSettings $settings): array
    {
        $place = static fn (array $tool): array => [
            array_search($tool['kind'], BenchTools::KINDS, true), $tool['size'],
        ];
        usort($wanted, static fn (array $one, array $other): int => $place($one) <=> $place($other));
        $merged = [];
        foreach ($wanted as $tool) {
            $last = array_pop($merged);
            if ($last !== null && $last['kind'] === $tool['kind']
                && abs((float) $last['size'] - (float) $tool['size']) <= $settings->num('tools.near') + 1e-9) {
                $tool = [
                    'kind' => $last['kind'], 'size' => $last['size'],
                    'for' => implode(', ', array_unique([...explode(', ', $last['for']), $tool['for']])),
                ];
            } elseif ($last !== null) {
                $merged[] = $last;
            }
            $merged[] = $tool;
        }

        return $merged;
    }

    /**
     * @param  array{kind: string, size: ?float, for: string}  $tool
     * @param  list<array<string, mixed>>  $owned
     */
    private static function isOwned(array $tool, array $owned, WorkshopSettings $settings): bool
    {
        foreach ($owned as $one) {
            if ($one['kind'] === $tool['kind']
                && ($tool['size'] === null || is_numeric($one['size'])
                    && abs((float) $one['size'] - $tool['size']) <= $settings->num('tools.near') + 1e-9)) {
                return true;
            }
        }

        return false;
    }

    /** @param array{kind: string, size: ?float} $tool */
    private static function said(array $tool): string
    {
        return str_replace('-', ' ', $tool['kind']).($tool['size'] === null ? '' : sprintf(' %.2f', $tool['size']));
    }
}
