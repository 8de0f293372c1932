<?php

declare(strict_types=1);

namespace Tests\Support;

/** Findings of settings, clusters and galleries: an input at its limit where it fires, and one just inside. */
final class SettingFindings
{
    private const CLAY = ['inner_diameter' => 17.8, 'width' => 5, 'thickness' => 1.6];

    /** @return array<string, list<array{string, array<string, mixed>, array<string, mixed>, array<string, mixed>}>> */
    public static function bySheet(): array
    {
        $round = ['shape' => 'round', 'width' => 3];
        // Two of 3.8 outside on a band of 20: they touch where 20 × sin(α ÷ 2) is 3.8, at 21.906°.
        $beside = static fn (float $angle): array => ['others' => [[
            'name' => 'other', 'shape' => 'round', 'width' => 3, 'outside' => 0.4, 'angle' => $angle,
        ]]];
        $placed = [...$round, 'outside' => 0.4, 'outer_diameter' => 20];
        $bare = [...$round, 'outer_diameter' => 20, 'band_width' => 4];
        $cluster = ['shape' => 'oval', 'length' => 9, 'width' => 7, 'stone_diameter' => 2, 'count' => 15];

        return [
            'setting.place' => [
                ['settings-overlap', $placed, $beside(21.90), $beside(21.91)],
                // 0.2 is left where 20 × sin(α ÷ 2) is 4: at 23.074°.
                ['settings-close', $placed, $beside(23.07), $beside(23.08)],
                // Holes of 1.5 leave 0.2 at the finger where 16 × sin(α ÷ 2) is 1.7: at 12.198°.
                [
                    'bridge-thin', [...$placed, 'inner_diameter' => 16, 'in_band' => true], $beside(12.19),
                    $beside(12.21),
                ],
                ['edge-thin', [...$bare, 'in_band' => true], ['across' => 0.01], ['across' => 0]],
                ['over-the-edge', $bare, ['across' => 0.51], ['across' => 0.5]],
            ],
            'settings.total' => [
                ['nothing-to-set', [], self::setting(['stones' => 0]), self::setting(['stones' => 1])],
                ['stone-in-no-setting', self::setting([]), ['loose' => 1], ['loose' => 0]],
                [
                    'carats-estimated', [], self::setting(['carats' => 0.3]),
                    self::setting(['carats' => 0.3, 'weighed' => true]),
                ],
            ],
            // 9.5 ÷ 0.95 is 10.
            'settings.cut' => [['metal-short', ['shank_mass' => 9.5], ['old_mass' => 9.999], ['old_mass' => 10]]],
            'seat.gallery' => [[
                'gallery-too-deep', ['shape' => 'round', 'width' => 8],
                ['levels' => [['depth' => 2, 'inset' => 2.01]]], ['levels' => [['depth' => 2, 'inset' => 2]]],
            ]],
            'bench.order' => [
                ['patina-dulls', ['patina' => true, 'bright' => true, 'stones' => 1], ['patina_when' => 'after'],
                    ['patina_when' => 'before']],
                ['out-of-reach', ['hidden' => true], ['fires' => 1], ['fires' => 0]],
                ['milgrain-lost', ['stones' => 1], ['milgrain' => 'before'], ['milgrain' => 'after']],
            ],
            'clay.ring' => [
                // Bronze is fired at 820; a natural stone stands no kiln, a grown one 900.
                ['stone-in-kiln', self::CLAY, ['stones' => [['species' => 'sapphire', 'in_fire' => true]]],
                    ['stones' => [['species' => 'synthetic-corundum', 'in_fire' => true]]]],
                ['clay-damp', self::CLAY, ['dried' => 1439], ['dried' => 1440]],
                // 17.8 ÷ 0.89 is 20: 17.6 fired is 12 %, and 17.61 is 11.95.
                ['shrank-otherwise', self::CLAY, ['fired_diameter' => 17.59], ['fired_diameter' => 17.61]],
            ],
            'wire.ring' => [['wire-stiff', ['inner_diameter' => 4], ['wire' => 2.01], ['wire' => 2]]],
            'forge.length' => [
                ['forged-thin', ['width' => 4, 'thickness' => 2, 'length' => 10], ['thickness_after' => 0.79],
                    ['thickness_after' => 0.8]],
            ],
            // A foot of 6 on a band of 20 across: 10 − √91 is 0.4606.
            'seam.fit' => [
                ['crescent-deep', ['outer_diameter' => 20, 'foot' => 6], ['height' => 0.921], ['height' => 0.922]],
            ],
            // 10.36 g of sterling is a cm³: 950 mm³ of it over 5 mm² are 190 mm.
            'ingot.length' => [
                ['ingot-short', ['mass' => 10.36, 'width' => 5, 'thickness' => 1], ['wanted' => 190.01],
                    ['wanted' => 189.99]],
            ],
            'layout.cluster' => [
                // P = 25.231 and 2π × 1.15 make 32.457: 2.03 for each of sixteen, 1.91 of seventeen.
                ['stones-overlap', $cluster, ['count' => 17], ['count' => 16]],
                // A wire of 0.7, notched 0.14 from either side, spans 0.42.
                [
                    'gap-over-claw', ['stone_diameter' => 2.5, 'count' => 6], ['stone_gap' => 0.421],
                    ['stone_gap' => 0.419],
                ],
                ['pocket-small', [...$cluster, 'edge_gap' => 0], ['wire' => 0.6], ['wire' => 0.58]],
                // A claw of 1.2 notched 0.36 reaches 0.84 beyond the girdle.
                [
                    'claw-meets-stone', [...$cluster, 'centre_claws' => 4, 'centre_wire' => 1.2], ['edge_gap' => 0.15],
                    ['edge_gap' => 0.85, 'count' => 17],
                ],
                // A hole of 0.48 for a wire of 0.5: 0.01 more than the margin is left to the edge.
                ['plate-thin', $cluster, ['plate_margin' => 0.235], ['plate_margin' => 0.25]],
                ['plate-tears', $cluster, ['plate_margin' => 0.135], ['plate_margin' => 0.15]],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function setting(array $more): array
    {
        return ['settings' => [['name' => 'the opal', ...$more]]];
    }
}
