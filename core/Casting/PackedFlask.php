<?php

declare(strict_types=1);

namespace HotSprue\Casting;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\BadInput;
use HotSprue\Tree\TreePack;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Jobs on one tree in the smallest flask that holds it. Lengths in mm, temperature in °C. Source: workbook 8, flask.
 *
 * @phpstan-type Pattern array{
 *     number: int, title: string, alloy: string, pour_c: float, across: float, deep: float,
 *     volume: float, gates: float,
 * }
 */
final readonly class PackedFlask
{
    /** @param list<int> $jobs numbers of the jobs in it */
    private function __construct(
        public array $jobs,
        public string $flask,
        public float $diameter,
        public float $height,
        public string $alloy,
        public float $pour,
    ) {}

    /**
     * @param  non-empty-list<Pattern>  $patterns
     * @param  string  $field  where a refusal is shown
     *
     * @throws BadInput where they cannot share a flask, or none holds them
     */
    public static function of(array $patterns, WorkshopSettings $settings, string $field): self
    {
        $sharing = Sharing::propose($patterns);
        if (count($sharing['flasks']) > 1) {
            $why = implode('; ', array_column($sharing['apart'], 'why'));
            throw BadInput::field($field, "These cannot share a flask: {$why}.");
        }
        $tree = Answer::of(new TreePack, ['patterns' => array_map(self::onTree(...), $patterns)], $settings);
        if ($tree->value('flask') === null) {
            throw BadInput::field($field, $tree->findings[0]->message ?? 'No flask holds these.');
        }

        return new self(
            array_column($patterns, 'number'), (string) $tree->value('flask'), $tree->num('flask_diameter'),
            $tree->num('flask_height'), $patterns[0]['alloy'], $patterns[0]['pour_c'],
        );
    }

    /**
     * @param  Pattern  $pattern
     * @return array<string, mixed>
     */
    private static function onTree(array $pattern): array
    {
        return [
            'name' => (string) $pattern['number'], 'across' => $pattern['across'], 'deep' => $pattern['deep'],
            'volume' => max(0.001, $pattern['volume']), 'gate_area' => max(0.001, $pattern['gates']),
        ];
    }
}
