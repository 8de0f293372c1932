<?php

declare(strict_types=1);

namespace Tests\Support;

/** For every finding: an input at its limit where it fires, and one just inside where it does not. */
final class Findings
{
    /** @return list<array{string, string, array<string, mixed>, array<string, mixed>}> sheet, code, fires, quiet */
    public static function all(): array
    {
        $rows = [];
        foreach (self::bySheet() as $sheet => $codes) {
            foreach ($codes as [$code, $base, $fires, $quiet]) {
                $rows[] = [$sheet, $code, [...$base, ...$fires], [...$base, ...$quiet]];
            }
        }

        return $rows;
    }

    /** @return array<string, list<array{string, array<string, mixed>, array<string, mixed>, array<string, mixed>}>> */
    private static function bySheet(): array
    {
        $band = ['inner_diameter' => 17.4, 'width_top' => 5];
        $wax = ['bore' => 17.38, 'width' => 5.28];
        $half = ['profile' => 'flat', 'width' => 5, 'thickness' => 2];
        $cast = ['charge_mass' => 40, 'button_mass' => 5];
        $pour = [
            'gate_area' => 1, 'alloy' => 'sterling-925', 'method' => 'spin', 'flask_temperature' => 480,
            'metal_temperature' => 950,
        ];

        $sized = ['from' => 50, 'width' => 3, 'thickness' => 2, 'alloy' => '18k-yellow'];
        $brought = [...$sized, 'to' => 51, 'old_work' => true];

        $two = ['parts' => [['id' => 'a', 'alloy' => 'sterling-925'], ['id' => 'b', 'alloy' => 'sterling-925']]];
        $joint = static fn (array $more = []): array => ['joints' => [['id' => 'j', 'parts' => 'a, b', ...$more]]];
        $seams = static fn (int $count): array => [
            'joints' => array_map(
                static fn (int $at): array => ['id' => "s{$at}", 'parts' => 'a, b'], range(1, $count),
            ),
        ];
        // a–b, c–d at 788 and b–c at 738: the middle first leaves 788 to neither.
        $row = [
            'parts' => array_map(
                static fn (string $id): array => ['id' => $id, 'alloy' => 'sterling-925'], ['a', 'b', 'c', 'd'],
            ),
            'joints' => [
                ['id' => 'x', 'parts' => 'a, b'], ['id' => 'y', 'parts' => 'b, c'], ['id' => 'z', 'parts' => 'c, d'],
            ],
        ];
        $pair = [
            'parts' => [['id' => 'shank', 'mass' => 5], ['id' => 'collet', 'mass' => 1]], 'between' => 'shank, collet',
        ];
        $bought = ['seats' => [['width' => 3]], 'setting' => 'flush'];
        $last = [
            'piece_mass' => 8, 'alloy' => '18k-yellow', 'mark' => 'struck',
            'looked' => ['size', 'tight', 'level', 'snags', 'joints', 'photograph'],
        ];

        $grades = static fn (float $second): array => ['solders' => ['first', 'second'], 'rules' => [
            'stock.solders' => [
                ['name' => 'first', 'label' => 'first', 'metal' => 'silver', 'solidus_c' => 730, 'flow_c' => 780],
                ['name' => 'second', 'label' => 'second', 'metal' => 'silver', 'solidus_c' => 600, 'flow_c' => $second],
            ],
        ]];

        return [
            ...SettingFindings::bySheet(),
            ...HouseFindings::bySheet(),
            ...HeatFindings::bySheet(),
            // Sterling’s solidus is 802: four grades of the first set flow under it.
            'join.plan' => [
                ['no-plan', $two, $seams(5), $seams(4)],
                // Sterling slumps over 97 °C; fine silver has one melting point.
                ['cannot-fuse', $two, $joint(['how' => 'fuse']), [
                    'parts' => [['id' => 'a', 'alloy' => 'fine-silver'], ['id' => 'b', 'alloy' => 'fine-silver']],
                    ...$joint(['how' => 'fuse']),
                ]],
                [
                    'fuse-late', $two,
                    ['joints' => [
                        ['id' => 'x', 'parts' => 'a, b'],
                        ['id' => 'y', 'parts' => 'a, b', 'after' => 'x', 'how' => 'fuse'],
                    ]],
                    ['joints' => [
                        ['id' => 'x', 'parts' => 'a, b'],
                        ['id' => 'y', 'parts' => 'a, b', 'after' => 'x', 'how' => 'laser'],
                    ]],
                ],
                ['order-costs', $row, ['order' => 'y, x, z'], ['order' => 'x, z, y']],
                [
                    'order-stuck', ['solders' => ['silver-hard', 'silver-medium'], ...$row], ['order' => 'y, x, z'],
                    ['order' => 'x, z, y'],
                ],
                [
                    'margin-small',
                    [
                        ...$two, ...$joint(),
                        'rules' => [
                            'stock.solders' => [
                                [
                                    'name' => 'own', 'label' => 'own', 'metal' => 'silver', 'solidus_c' => 700,
                                    'flow_c' => 777,
                                ],
                            ],
                        ],
                    ],
                    [
                        'parts' => [['id' => 'a', 'alloy' => 'sterling-925'], ['id' => 'b', 'alloy' => '10k-yellow']],
                        'solders' => ['own'],
                        'rules' => [
                            'stock.solders' => [
                                [
                                    'name' => 'own', 'label' => 'own', 'metal' => 'silver', 'solidus_c' => 700,
                                    'flow_c' => 777.5,
                                ],
                            ],
                        ],
                    ],
                    [],
                ],
                // The first flows at 780 and begins at 730.
                ['softens-earlier', [...$two, ...$seams(2)], $grades(730.1), $grades(730)],
                ['moves-earlier', [...$two, ...$seams(2)], $grades(760.1), $grades(760)],
                ['flows-close', [...$two, ...$seams(2)], $grades(760.1), $grades(760)],
                [
                    'grade-again', [...$two, 'solders' => ['silver-hard', 'silver-medium']],
                    [
                        'joints' => [
                            ['id' => 'j', 'parts' => 'a, b', 'guard' => true],
                            ['id' => 'k', 'parts' => 'a, b', 'after' => 'j'],
                        ],
                    ],
                    ['joints' => [['id' => 'j', 'parts' => 'a, b'], ['id' => 'k', 'parts' => 'a, b', 'after' => 'j']]],
                ],
                [
                    'under-fineness', $two, [...$joint(), 'solders' => ['silver-extra-easy']],
                    [...$joint(), 'solders' => ['silver-easy']],
                ],
                ['no-vent', $two, $joint(['hollow' => true]), $joint(['hollow' => true, 'vent' => true])],
                ['heat-harms-stone', [...$two, ...$joint()], ['stones_set' => ['opal']], ['stones_set' => ['diamond']]],
                [
                    'boron-on-corundum', [...$two, ...$joint()], ['stones_set' => ['sapphire']],
                    ['stones_set' => ['diamond']],
                ],
                ['heat-with-care', [...$two, ...$joint()], ['stones_set' => ['diamond']], []],
                [
                    'stones-unknown',
                    [
                        ...$two, ...$joint(),
                        'set_stones' => [['species' => 'diamond', 'count' => 12, 'in_fire' => true]],
                    ],
                    ['stones_count' => 13], ['stones_count' => 12],
                ],
                [
                    'fire-unsaid', [...$two, ...$joint()], ['set_stones' => [['species' => 'diamond']]],
                    ['set_stones' => [['species' => 'diamond', 'in_fire' => false]]],
                ],
                ['gap-over-hair', $two, $joint(['gap' => 0.071]), $joint(['gap' => 0.07])],
                ['gap-wide', $two, $joint(['gap' => 0.151]), $joint(['gap' => 0.15])],
                ['gap-too-wide', $two, $joint(['gap' => 0.201]), $joint(['gap' => 0.2])],
                ['old-work-unasked', [...$two, ...$joint(), 'old_work' => true], [], ['old_solder' => 'clean']],
                [
                    'lead-found', [...$two, ...$joint(), 'old_work' => true], ['old_solder' => 'lead'],
                    ['old_solder' => 'clean'],
                ],
                [
                    'cadmium-found', [...$two, ...$joint(), 'old_work' => true], ['old_solder' => 'cadmium'],
                    ['old_solder' => 'clean'],
                ],
                [
                    'plating-found', [...$two, ...$joint(), 'old_work' => true], ['old_solder' => 'plated'],
                    ['old_solder' => 'clean'],
                ],
            ],
            'join.advice' => [
                ['paste-in-shank', [...$pair, 'form' => 'paste'], ['sized_later' => true], []],
                ['gap-over-hair', $pair, ['gap' => 0.071], ['gap' => 0.07]],
                ['gap-wide', $pair, ['gap' => 0.151], ['gap' => 0.15]],
                ['gap-too-wide', $pair, ['gap' => 0.201], ['gap' => 0.2]],
            ],
            'tools.list' => [['tool-missing', $bought, [], ['seats' => [['width' => 3]], 'setting' => 'bezel']]],
            'finish.plan' => [
                ['grit-skipped', [], ['grits' => [400, 801]], ['grits' => [400, 800]]],
                ['wheel-scratches', [], ['stones_set' => ['sapphire']], ['stones_set' => ['diamond']]],
                ['polish-harms-stone', [], ['stones_set' => ['opal']], ['stones_set' => ['amethyst']]],
                ['rhodium-before-fire', ['rhodium' => true], ['fires_left' => 1], ['fires_left' => 0]],
                ['loss-high', ['mass_before' => 10], ['mass_after' => 8.99], ['mass_after' => 9]],
                ['loss-negative', ['mass_before' => 10], ['mass_after' => 10.01], ['mass_after' => 10]],
            ],
            // A quarter of a US size is 0.2032 mm across.
            'hand.over' => [
                [
                    'size-off', [...$last, 'wanted_diameter' => 17], ['size_measured' => round(M_PI * 17.2033, 4)],
                    ['size_measured' => round(M_PI * 17.2031, 4)],
                ],
                ['mass-off', [...$last, 'expected_mass' => 8], ['piece_mass' => 8.41], ['piece_mass' => 8.4]],
                ['client-metal-left', $last, ['client_left_mass' => 0.001], ['client_left_mass' => 0]],
                [
                    'client-metal-left', $last, ['client_left_mass' => 2],
                    ['client_left_mass' => 2, 'client_left' => 'kept'],
                ],
                ['mark-unasked', $last, ['mark' => 'unasked'], ['mark' => 'exempt']],
                ['not-looked', $last, ['looked' => ['size', 'tight', 'level', 'snags', 'joints']], []],
                ['holds-nickel', $last, ['alloy' => '18k-white-nickel'], ['alloy' => '18k-white-palladium']],
            ],
            // A knife whose edge is half its thickness: π × 0.2222 t is 0.638 at 0.9139.
            'strip.length' => [
                [
                    'stock-short', ['scale' => 'us', 'size' => '7', 'width' => 4, 'thickness' => 2],
                    ['stock_length' => 60.69], ['stock_length' => 60.7],
                ],
                [
                    'rule-off', ['inner_diameter' => 17, 'profile' => 'knife', 'width' => 4], ['thickness' => 0.914],
                    ['thickness' => 0.913],
                ],
            ],
            'stock.cut' => [
                [
                    'stock-short', ['pieces' => [['name' => 'side', 'length' => 20, 'count' => 2]]],
                    ['stock_length' => 40.29], ['stock_length' => 40.3],
                ],
            ],
            'plate.cut' => [
                [
                    'sheet-short', ['sheet_length' => 10, 'thickness' => 1, 'width' => 10, 'count' => 2],
                    ['sheet_width' => 20.29], ['sheet_width' => 20.3],
                ],
            ],
            'inlay.fit' => [
                [
                    'press-too-far', ['floor_diameter' => 18, 'width' => 2, 'thickness' => 1],
                    ['groove_depth' => 0.783], ['groove_depth' => 0.782],
                ],
                [
                    'lip-thin', ['floor_diameter' => 18, 'band_width' => 5, 'thickness' => 1], ['width' => 3.76],
                    ['width' => 3.75],
                ],
                [
                    'floor-thin', ['floor_diameter' => 18, 'width' => 2, 'thickness' => 1], ['inner_diameter' => 16.41],
                    ['inner_diameter' => 16.4],
                ],
                [
                    'insert-low', ['floor_diameter' => 18, 'width' => 2, 'groove_depth' => 0.5], ['thickness' => 0.49],
                    ['thickness' => 0.5],
                ],
            ],
            // π × 0.4 = 1.2566 and π × 0.8 = 2.5133 round the inside.
            'size.change' => [
                [
                    'heat-harms-stone', [...$sized, 'to' => 54], ['set_stones' => [['species' => 'opal']]],
                    ['set_stones' => [['species' => 'opal', 'in_fire' => false]]],
                ],
                [
                    'heat-harms-stone', [...$sized, 'to' => 54],
                    ['set_stones' => [['species' => 'diamond', 'treated' => true]]],
                    ['set_stones' => [['species' => 'diamond']]],
                ],
                [
                    'boron-on-corundum', [...$sized, 'to' => 54], ['set_stones' => [['species' => 'ruby']]],
                    ['set_stones' => [['species' => 'ruby', 'removed' => '2026-11-02']]],
                ],
                ['heat-with-care', [...$sized, 'to' => 54], ['set_stones' => [['species' => 'diamond']]], []],
                [
                    'stones-unknown',
                    [...$sized, 'to' => 54, 'set_stones' => [['species' => 'diamond', 'count' => 12]]],
                    ['stones' => 13], ['stones' => 12],
                ],
                ['stones-set', [...$sized, 'stones_in' => 'head'], ['to' => 51.257], ['to' => 51.256]],
                ['stones-remade', [...$sized, 'stones_in' => 'channel'], ['to' => 52.514], ['to' => 52.513]],
                ['stretch-too-far', [...$sized, 'method' => 'stretch'], ['to' => 52.5], ['to' => 52.49]],
                [
                    'stretch-through-stones', [...$sized, 'to' => 51, 'method' => 'stretch'], ['stones_in' => 'pave'],
                    ['stones_in' => 'head'],
                ],
                ['wrong-way', [...$sized, 'to' => 51], ['method' => 'compress'], ['method' => 'stretch']],
                ['joint-in-way', [...$sized, 'to' => 51], ['joint' => true], []],
                [
                    'kerf-takes-it', [...$sized, 'to' => 49.6, 'method' => 'take-out'], ['kerf' => 0.401],
                    ['kerf' => 0.4],
                ],
                ['thin-after', [...$sized, 'to' => 51], ['thickness' => 1.212], ['thickness' => 1.2122]],
                ['old-work-unasked', $brought, [], ['old_solder' => 'clean']],
                ['lead-found', $brought, ['old_solder' => 'lead'], ['old_solder' => 'clean']],
                ['cadmium-found', $brought, ['old_solder' => 'cadmium'], ['old_solder' => 'clean']],
                ['plating-found', $brought, ['old_solder' => 'plated'], ['old_solder' => 'clean']],
            ],
            'size.convert' => [
                ['between-marks', ['scale' => 'circumference'], ['size' => '52.75'], ['size' => '52.76']],
            ],
            'size.fit' => [
                ['fits-tighter', ['inner_diameter' => 17.4], ['width' => 4], ['width' => 3.99]],
                ['made-larger', ['inner_diameter' => 17.4, 'apply' => true], ['width' => 4], ['width' => 3.99]],
            ],
            // Heavy finishing takes 0.25 mm beyond the usual.
            'form.band' => [
                ['crown-too-thin', $band, ['thickness_top' => 1.049], ['thickness_top' => 1.05]],
                ['crown-thin', $band, ['thickness_top' => 1.449], ['thickness_top' => 1.45]],
                [
                    'edge-thin', [...$band, 'profile' => 'knife', 'thickness_top' => 2.6], ['edge' => 1.049],
                    ['edge' => 1.05],
                ],
                [
                    'base-much-thinner', [...$band, 'thickness_top' => 3], ['thickness_base' => 1.499],
                    ['thickness_base' => 1.5],
                ],
                [
                    'top-heavy',
                    ['inner_diameter' => 17.4, 'width_top' => 5, 'thickness_top' => 3, 'thickness_base' => 1.6],
                    ['width_base' => 1.99], ['width_base' => 2],
                ],
                [
                    'neighbour-unknown', [...$band, 'thickness_top' => 2, 'beside_neighbour' => true], [],
                    ['neighbour_profile' => 'flat'],
                ],
            ],
            'stone.outline' => [['centre-off-middle', ['width' => 6], ['shape' => 'trillion'], ['shape' => 'round']]],
            // 0.0018 × 5 × 5 × 3 × 4 = 0.54 ct, and 15 % of it.
            'stone.weight' => [
                [
                    'weight-odd', ['shape' => 'round', 'width' => 5, 'depth' => 3, 'specific_gravity' => 4],
                    ['weighed_carats' => 0.6211], ['weighed_carats' => 0.621],
                ],
                [
                    'weight-odd', ['shape' => 'round', 'width' => 5, 'depth' => 3, 'specific_gravity' => 4],
                    ['weighed_carats' => 0.4589], ['weighed_carats' => 0.459],
                ],
            ],
            'care.check' => [
                [
                    'step-harms-stone', ['steps' => ['ultrasonic']], ['stones' => [['species' => 'opal']]],
                    ['stones' => [['species' => 'agate']]],
                ],
                [
                    'step-harms-stone', ['steps' => ['ultrasonic'], 'setting' => 'bezel'],
                    ['stones' => [['species' => 'sapphire', 'treated' => true]]],
                    ['stones' => [['species' => 'sapphire']]],
                ],
                [
                    'step-with-care', ['steps' => ['ultrasonic']], ['stones' => [['species' => 'agate']]],
                    ['stones' => [['species' => 'diamond']]],
                ],
                [
                    'boron-on-corundum', ['steps' => ['boron']], ['stones' => [['species' => 'ruby']]],
                    ['stones' => [['species' => 'diamond']]],
                ],
                [
                    'condition-unsigned', [], ['stones' => [['species' => 'ruby', 'owner' => 'client']]],
                    ['stones' => [['species' => 'ruby', 'owner' => 'client', 'acknowledged' => '2026-11-20']]],
                ],
                [
                    'not-yet-removed', [], ['stones' => [['species' => 'ruby', 'source' => 'reclaimed']]],
                    ['stones' => [['species' => 'ruby', 'source' => 'reclaimed', 'removed' => '2026-11-20']]],
                ],
                [
                    'old-setting-unasked', [], ['stones' => [['species' => 'ruby', 'source' => 'reclaimed']]],
                    ['stones' => [['species' => 'ruby', 'source' => 'reclaimed', 'keep_setting' => false]]],
                ],
                [
                    'soft-in-daily-ring', [], ['stones' => [['species' => 'jadeite']]],
                    ['stones' => [['species' => 'amethyst']]],
                ],
                [
                    'soft-in-daily-ring', ['stones' => [['species' => 'opal']]], ['setting' => 'claws'],
                    ['setting' => 'bezel'],
                ],
            ],
            // 30 % of 2 mm; a tube of 4.4 × 3.0 leaves 0.3 round a stone of 3.8.
            'seat.bezel' => [
                ['wall-thin', ['shape' => 'round', 'width' => 5], ['wall' => 0.299], ['wall' => 0.3]],
                [
                    'cover-too-high',
                    ['shape' => 'oval', 'length' => 10, 'width' => 8, 'cut' => 'cabochon', 'depth' => 2],
                    ['cover' => 0.601], ['cover' => 0.6],
                ],
                [
                    'no-tube',
                    [
                        'shape' => 'round', 'made_from' => 'tube',
                        'rules' => ['stock.tubes' => [['name' => 'one', 'inside' => 3, 'outside' => 4.4]]],
                    ],
                    ['width' => 3.81], ['width' => 3.8],
                ],
                [
                    'no-tube',
                    [
                        'shape' => 'round', 'made_from' => 'tube',
                        'rules' => ['stock.tubes' => [['name' => 'one', 'inside' => 3, 'outside' => 4.4]]],
                    ],
                    ['width' => 3.19], ['width' => 3.2],
                ],
                [
                    'stone-loose-in-wax', ['shape' => 'round', 'width' => 6.5], ['school' => 'to-size-in-wax'],
                    ['school' => 'trued-in-metal'],
                ],
            ],
            'seat.claw' => [
                ['notch-too-deep', ['shape' => 'round', 'width' => 6], ['notch' => 0.401], ['notch' => 0.4]],
                ['standing-short', ['shape' => 'round', 'width' => 6], ['standing' => 1.899], ['standing' => 1.9]],
            ],
            // 0.35 and 0.9 over 0.35.
            'seat.round' => [
                ['cup-limited', ['style' => 'bead'], ['diameter' => 0.999], ['diameter' => 1]],
                ['cup-limited', ['style' => 'bead'], ['diameter' => 2.572], ['diameter' => 2.571]],
            ],
            // Flush, 2 mm: seat at 0.36, culet at 1.22. In a band of R = 10 and t = 2: pitch × 0.878 − 1.4, pitch × 0.8
            // − 1.0, pitch × 0.964 − 2.
            'seat.depth' => [
                ['culet-low', ['diameter' => 2, 'inner_diameter' => 17], ['thickness' => 1.619], ['thickness' => 1.62]],
                [
                    'culet-too-low', ['diameter' => 2, 'inner_diameter' => 17], ['thickness' => 1.419],
                    ['thickness' => 1.42],
                ],
                [
                    'girdles-close', ['diameter' => 2, 'inner_diameter' => 16, 'thickness' => 2], ['pitch' => 2.126],
                    ['pitch' => 2.127],
                ],
                [
                    'girdles-overlap', ['diameter' => 2, 'inner_diameter' => 16, 'thickness' => 2], ['pitch' => 2.074],
                    ['pitch' => 2.075],
                ],
                [
                    'seats-converge', ['diameter' => 2, 'inner_diameter' => 16, 'thickness' => 2], ['pitch' => 1.822],
                    ['pitch' => 1.823],
                ],
            ],
            'layout.halo' => [
                [
                    'too-many', ['shape' => 'round', 'width' => 6.5, 'stone_diameter' => 1.3], ['count' => 19],
                    ['count' => 18],
                ],
                [
                    'gap-wide', ['shape' => 'round', 'width' => 6.5, 'stone_diameter' => 1.3], ['count' => 12],
                    ['count' => 13],
                ],
                // Eight stand at 45° too, where a 1.0 wire with a notch of 0.3 reaches 0.7 outside the girdle.
                [
                    'claw-meets-stone',
                    ['shape' => 'round', 'width' => 6.5, 'stone_diameter' => 1.3, 'count' => 8, 'centre_claws' => 4],
                    ['edge_gap' => 0.699], ['edge_gap' => 0.7],
                ],
                // 241 × 0.4 ÷ π − 0.65 = 30.035.
                [
                    'capped', ['shape' => 'round', 'stone_diameter' => 0.35, 'stone_gap' => 0.05], ['width' => 30.05],
                    ['width' => 30.03],
                ],
                [
                    'larger-than-centre', ['shape' => 'round', 'width' => 3], ['stone_diameter' => 3],
                    ['stone_diameter' => 2.99],
                ],
            ],
            // On R = 10 two stones of 2 with no gap are 11.478° apart and end 5.739° farther on either side.
            'layout.row' => [
                [
                    'row-too-long', ['sizes' => [2], 'outer_diameter' => 20, 'gap' => 0],
                    ['sizes' => array_fill(0, 17, 2)], ['sizes' => array_fill(0, 16, 2)],
                ],
                [
                    'row-under-finger', ['outer_diameter' => 20, 'gap' => 0], ['sizes' => array_fill(0, 9, 2)],
                    ['sizes' => array_fill(0, 8, 2)],
                ],
                // R = 4: (2 + gap) × (4 − 0.92) ÷ 4 − 1.4 = 0.2 at 0.0779; (2 + gap) × (4 − 0.06) ÷ 4 − 2 = 0.05 at
                // 0.0812 and 0 at 0.0305.
                ['seats-converge', ['sizes' => [2, 2], 'outer_diameter' => 8], ['gap' => 0.077], ['gap' => 0.078]],
                ['girdles-close', ['sizes' => [2, 2], 'outer_diameter' => 8], ['gap' => 0.081], ['gap' => 0.082]],
                ['girdles-overlap', ['sizes' => [2, 2], 'outer_diameter' => 8], ['gap' => 0.030], ['gap' => 0.031]],
            ],
            // π × 22 ÷ n against 0.8.
            'layout.lettering' => [
                [
                    'cells-narrow', ['outer_diameter' => 22], ['text' => str_repeat('a', 87)],
                    ['text' => str_repeat('a', 86)],
                ],
            ],
            'layout.divide' => [['part-narrow', ['parts' => 10], ['total' => 4.99], ['total' => 5]]],
            'layout.grid' => [
                [
                    'line-too-near', ['width' => 5, 'thickness' => 2, 'bore' => 17],
                    ['stones' => [['along' => 0, 'diameter' => 0.599]]],
                    ['stones' => [['along' => 0, 'diameter' => 0.6]]],
                ],
                [
                    'stone-off-band', ['width' => 5, 'thickness' => 2, 'bore' => 17],
                    ['stones' => [['along' => 0, 'across' => 1.01, 'diameter' => 3]]],
                    ['stones' => [['along' => 0, 'across' => 1, 'diameter' => 3]]],
                ],
            ],
            'layout.symmetry' => [
                [
                    'sides-differ', [], ['pairs' => [['name' => 'shoulder', 'left' => 3.201, 'right' => 3]]],
                    ['pairs' => [['name' => 'shoulder', 'left' => 3.2, 'right' => 3]]],
                ],
            ],
            'wax.dimensions' => [
                [
                    'bore-nets-two-pulls', ['inner_diameter' => 17.4, 'width' => 5, 'thickness' => 2],
                    ['finish_inside' => 0.01], ['finish_inside' => 0],
                ],
                [
                    'clay-mandrel', ['inner_diameter' => 17.4, 'width' => 5, 'thickness' => 2], ['process' => 'clay'],
                    ['process' => 'carved'],
                ],
            ],
            // t × 0.985 − 0.5 against 0.8 and 1.2; 17.32 + 0.1016 = 0.985 × bore + 0.2.
            'wax.predict' => [
                ['finishes-too-thin', $wax, ['thickness' => 1.3197], ['thickness' => 1.3199]],
                ['finishes-thin', $wax, ['thickness' => 1.7258], ['thickness' => 1.726]],
                [
                    'finishes-off-size', ['width' => 5, 'thickness' => 2.3, 'wanted_diameter' => 17.32],
                    ['bore' => 17.484], ['bore' => 17.4838],
                ],
            ],
            'wax.density' => [
                ['density-unlikely', ['volume_mm3' => 10000], ['mass' => 9.29], ['mass' => 9.3]],
                ['density-unlikely', ['volume_mm3' => 10000], ['mass' => 10.31], ['mass' => 10.3]],
            ],
            'blank.choose' => [
                ['no-blank-fits', ['bore' => 20, 'width' => 5], ['thickness' => 10.51], ['thickness' => 10.5]],
                [
                    'blank-too-small', ['bore' => 17, 'width' => 5, 'blank' => 'round-tube-22'], ['thickness' => 2.11],
                    ['thickness' => 2.1],
                ],
                ['bore-to-drill', ['width' => 5, 'thickness' => 2], ['bore' => 15.9], ['bore' => 15.91]],
            ],
            // 1 g of wax in sterling: 10.36 and the least button of 5.
            'metal.charge' => [
                [
                    'stones-in-wax', ['wax_mass' => 2, 'alloy' => 'sterling-925', 'stones_in_wax' => true],
                    ['stones_mass' => 0], ['stones_mass' => 0.01],
                ],
                [
                    'little-new-metal', ['wax_mass' => 0.4, 'alloy' => 'sterling-925'],
                    ['new_mass' => 4.999, 'reused_mass' => 5.001], ['new_mass' => 5, 'reused_mass' => 5],
                ],
                [
                    'too-little-new-metal', ['wax_mass' => 0.4, 'alloy' => 'sterling-925'],
                    ['new_mass' => 2.999, 'reused_mass' => 7.001], ['new_mass' => 3, 'reused_mass' => 7],
                ],
                [
                    'charge-short', ['wax_mass' => 1, 'alloy' => 'sterling-925'], ['new_mass' => 15.35],
                    ['new_mass' => 15.36],
                ],
                // 1 g of wax at 1.00 is 1000 mm³.
                [
                    'weighed-off-drawing', ['wax_mass' => 1, 'alloy' => 'sterling-925'], ['drawn_volume_mm3' => 909],
                    ['drawn_volume_mm3' => 910],
                ],
                [
                    'weighed-off-drawing', ['wax_mass' => 1, 'alloy' => 'sterling-925'], ['drawn_volume_mm3' => 1112],
                    ['drawn_volume_mm3' => 1111],
                ],
                ['nickel', ['wax_mass' => 1], ['alloy' => '14k-white-nickel'], ['alloy' => '18k-white-palladium']],
                ['not-for-gypsum', ['wax_mass' => 1], ['alloy' => 'palladium-950'], ['alloy' => '18k-white-palladium']],
            ],
            'alloy.mix' => [
                [
                    'fineness-unknown', ['target_fineness' => 0.417],
                    ['lots' => [['mass' => 12, 'fineness' => 0.585], ['mass' => 1]]],
                    ['lots' => [['mass' => 12, 'fineness' => 0.585]]],
                ],
                // 12 × 0.585 ÷ 0.417 = 16.8345.
                [
                    'short-of-target', ['lots' => [['mass' => 12, 'fineness' => 0.585]], 'target_fineness' => 0.417],
                    ['target_mass' => 16.835], ['target_mass' => 16.834],
                ],
            ],
            // A single ring: √(across² + deep²) ÷ 2 within 44.8, and across within 76.2 − 12 − 10.
            'tree.pack' => [
                [
                    'no-flask-fits', [], ['patterns' => [['across' => 89.05, 'deep' => 10]]],
                    ['patterns' => [['across' => 89.04, 'deep' => 10]]],
                ],
                [
                    'flask-too-small', ['flask' => '3×3'], ['patterns' => [['across' => 54.21, 'deep' => 10]]],
                    ['patterns' => [['across' => 54.2, 'deep' => 10]]],
                ],
                [
                    'too-many-for-one', [], ['patterns' => array_fill(0, 25, ['across' => 6, 'deep' => 1])],
                    ['patterns' => array_fill(0, 24, ['across' => 6, 'deep' => 1])],
                ],
            ],
            // Whole minutes and tenths of a degree on either side of where the model crosses the limit.
            'burnout.core' => [
                [
                    'core-unclean', ['diameter' => 88.9, 'rules' => ['burnout.least_top_hold' => 15]],
                    ['stages' => self::kiln([149, 200], [732, 134])], ['stages' => self::kiln([149, 200], [732, 135])],
                ],
                [
                    'core-barely-clean', ['diameter' => 88.9], ['stages' => self::kiln([149, 200], [732, 174])],
                    ['stages' => self::kiln([149, 200], [732, 175])],
                ],
                [
                    'core-off-kiln', ['diameter' => 101.6], ['stages' => self::kiln([149, 300], [732, 260], [540, 89])],
                    ['stages' => self::kiln([149, 300], [732, 260], [540, 91])],
                ],
                [
                    'wet-above-520', ['diameter' => 101.6], ['stages' => self::kiln([520.1, 100])],
                    ['stages' => self::kiln([520, 100])],
                ],
                [
                    'wet-above-600', ['diameter' => 101.6], ['stages' => self::kiln([600.1, 100])],
                    ['stages' => self::kiln([600, 100])],
                ],
                [
                    'over-gypsum-limit', ['diameter' => 63.5], ['stages' => self::kiln([149, 140], [732.1, 180])],
                    ['stages' => self::kiln([149, 140], [732, 180])],
                ],
            ],
            // Sterling at 950 into 480 freezes 0.7 mm in 4.4271 s; a gate of 1 mm² spun fills 1500 mm³ a second.
            // By hand 30 mm of it drive with 2804.07 Pa, against 0.736 ÷ modulus.
            'pour.fill' => [
                [
                    'fills-slowly', [...$pour, 'thinnest_modulus' => 0.7], ['volume_mm3' => 1660.3],
                    ['volume_mm3' => 1660],
                ],
                [
                    'freezes-first', [...$pour, 'thinnest_modulus' => 0.7], ['volume_mm3' => 3320.6],
                    ['volume_mm3' => 3320],
                ],
                [
                    'weak-drive', [...$pour, 'volume_mm3' => 100, 'method' => 'hand'], ['thinnest_modulus' => 0.3937],
                    ['thinnest_modulus' => 0.3938],
                ],
                [
                    'not-driven-in', [...$pour, 'volume_mm3' => 100, 'method' => 'hand'],
                    ['thinnest_modulus' => 0.26247], ['thinnest_modulus' => 0.26248],
                ],
                [
                    'flask-too-cold', [...$pour, 'volume_mm3' => 100, 'thinnest_modulus' => 0.7],
                    ['flask_temperature' => 199.9], ['flask_temperature' => 200],
                ],
                [
                    'metal-too-cold', [...$pour, 'volume_mm3' => 100, 'thinnest_modulus' => 0.7],
                    ['metal_temperature' => 899], ['metal_temperature' => 900],
                ],
                [
                    'hot-for-gypsum', [...$pour, 'volume_mm3' => 100, 'thinnest_modulus' => 0.7],
                    ['metal_temperature' => 1150.1], ['metal_temperature' => 1150],
                ],
                [
                    'too-hot-for-gypsum', [...$pour, 'volume_mm3' => 100, 'thinnest_modulus' => 0.7],
                    ['metal_temperature' => 1260.1], ['metal_temperature' => 1260],
                ],
            ],
            // ((400 + 30) × 150 + 900 × 180) ÷ 1500 = 151.
            'spin.balance' => [
                [
                    'weight-off-arm',
                    [
                        'crucible_mass' => 400, 'flask_mass' => 900, 'charge_mass' => 30, 'crucible_radius' => 150,
                        'flask_radius' => 180, 'counterweight_mass' => 1500,
                    ],
                    ['arm_length' => 150.9], ['arm_length' => 151],
                ],
                [
                    'one-radius',
                    [
                        'crucible_mass' => 400, 'flask_mass' => 900, 'charge_mass' => 30, 'flask_radius' => 180,
                        'counterweight_mass' => 1500,
                    ],
                    ['crucible_radius' => 180], ['crucible_radius' => 179.9],
                ],
                [
                    'overwound',
                    [
                        'crucible_mass' => 400, 'flask_mass' => 900, 'crucible_radius' => 150, 'flask_radius' => 180,
                        'counterweight_mass' => 1500, 'turns' => 3,
                    ],
                    ['charge_mass' => 20], ['charge_mass' => 20.01],
                ],
            ],
            // One sprue: π (D + 2) ÷ 2 is 45 and 73 moduli of 10 ÷ 14 at D = 18.4628 and 31.1952.
            'sprue.size' => [
                ['reach-long', [...$half, 'count' => 1], ['inner_diameter' => 18.463], ['inner_diameter' => 18.462]],
                [
                    'reach-too-long', [...$half, 'count' => 1], ['inner_diameter' => 31.196],
                    ['inner_diameter' => 31.195],
                ],
                ['few-for-mass', ['count' => 1], ['section_modulus' => 0.701], ['section_modulus' => 0.7]],
                [
                    'fed-through-light', [...$half, 'inner_diameter' => 17], ['thickness_base' => 1.7307],
                    ['thickness_base' => 1.7308],
                ],
                ['sprue-slim', ['section_modulus' => 0.7], ['sprue_diameter' => 3.079], ['sprue_diameter' => 3.08]],
                [
                    'sprue-freezes-first', ['section_modulus' => 0.7], ['sprue_diameter' => 2.799],
                    ['sprue_diameter' => 2.8],
                ],
                ['no-wire', [], ['section_modulus' => 1.8183], ['section_modulus' => 1.8181]],
            ],
            'flask.choose' => [
                ['no-flask-fits', ['tall' => 20], ['across' => 89.61], ['across' => 89.6]],
                ['thin-wall', ['tall' => 20, 'flask' => '2½×2½'], ['across' => 51.51], ['across' => 51.5]],
                ['thin-end', ['across' => 20, 'flask' => '2½×2½'], ['tall' => 41.51], ['tall' => 41.5]],
                ['does-not-fit', ['tall' => 20, 'flask' => '2½×2½'], ['across' => 63.51], ['across' => 63.5]],
            ],
            'investment.mix' => array_map(static fn (array $row): array => [
                $row[0], ['flask_diameter' => 63.5, 'flask_height' => 63.5], $row[1], $row[2],
            ], [
                ['water-off-temperature', ['water_temperature' => 24.1], ['water_temperature' => 24]],
                ['water-off-temperature', ['water_temperature' => 20.9], ['water_temperature' => 21]],
                ['water-off-ratio', ['water_per_100' => 37.9], ['water_per_100' => 38]],
                ['water-off-ratio', ['water_per_100' => 42.1], ['water_per_100' => 42]],
                ['stands-too-short', ['stand' => 59], ['stand' => 60]],
                ['stands-too-long', ['stand' => 91], ['stand' => 90]],
            ]),
            'pour.temperatures' => [
                ['not-for-gypsum', [], ['alloy' => 'platinum-950'], ['alloy' => 'fine-gold']],
                [
                    'hot-for-gypsum', ['alloy' => 'trial'], ['rules' => self::trial(1101)],
                    ['rules' => self::trial(1100)],
                ],
                [
                    'too-hot-for-gypsum', ['alloy' => 'trial'], ['rules' => self::trial(1211)],
                    ['rules' => self::trial(1210)],
                ],
            ],
            // (732 − 371) ÷ climb + 60 against the 120 minutes taught.
            'burnout.programme' => [
                // The short programme takes 360.17 min as the kiln climbs: for 20:00 it is switched on at 13:59.
                [
                    'switch-on-past',
                    ['flask_diameters' => [50], 'pour_temperature' => 480, 'ready_at' => '2026-03-02T20:00'],
                    ['now' => '2026-03-02T14:00'], ['now' => '2026-03-02T13:59'],
                ],
                [
                    'not-yet-stood',
                    [
                        'flask_diameters' => [50], 'pour_temperature' => 480, 'ready_at' => '2026-03-02T20:00',
                        'now' => '2026-03-02T12:30',
                    ],
                    ['stand_min' => 90], ['stand_min' => 89],
                ],
                [
                    'not-yet-stood',
                    [
                        'flask_diameters' => [50], 'pour_temperature' => 480, 'switch_on' => '2026-03-02T14:00',
                        'now' => '2026-03-02T12:30', 'invested_at' => '2026-03-02T12:00',
                    ],
                    ['stand_min' => 121], ['stand_min' => 120],
                ],
                [
                    'over-gypsum-limit', ['flask_diameters' => [63.5]], ['pour_temperature' => 732.1],
                    ['pour_temperature' => 732],
                ],
                [
                    'flask-too-cold', ['flask_diameters' => [63.5]], ['pour_temperature' => 199.9],
                    ['pour_temperature' => 200],
                ],
                [
                    'school-too-short', ['pour_temperature' => 540, 'school' => 'short'], ['flask_diameters' => [64.1]],
                    ['flask_diameters' => [64]],
                ],
                [
                    'stage-lengthened', ['flask_diameters' => [63.5], 'pour_temperature' => 540],
                    ['climb_c_per_min' => 6.016], ['climb_c_per_min' => 6.017],
                ],
            ],
            'cast.check' => [
                ['loss-high', $cast, ['casting_mass' => 34.59], ['casting_mass' => 34.6]],
                ['loss-too-high', $cast, ['casting_mass' => 33.79], ['casting_mass' => 33.8]],
                ['weighing-error', $cast, ['casting_mass' => 35.05], ['casting_mass' => 35.04]],
                ['casting-light', ['expected_mass' => 30], ['casting_mass' => 28.19], ['casting_mass' => 28.2]],
                [
                    'casting-light', ['expected_mass' => 30, 'density_measured' => true], ['casting_mass' => 29.09],
                    ['casting_mass' => 29.1],
                ],
                [
                    'casting-light',
                    [
                        'expected_mass' => 40, 'expected_piece_mass' => 30, 'weighed' => 'trimmed',
                        'density_measured' => true,
                    ],
                    ['casting_mass' => 29.09], ['casting_mass' => 29.1],
                ],
                [
                    'shrinkage-odd', ['casting_mass' => 30, 'wax_bore' => 20], ['measured_bore' => 18.99],
                    ['measured_bore' => 19],
                ],
                [
                    'shrinkage-odd', ['casting_mass' => 30, 'wax_bore' => 20], ['measured_bore' => 20.01],
                    ['measured_bore' => 20],
                ],
            ],
        ];
    }

    /**
     * @param  array{float|int, float|int}  ...$stages
     * @return list<array<string, mixed>>
     */
    private static function kiln(array ...$stages): array
    {
        return array_map(
            static fn (array $stage): array => ['temperature' => $stage[0], 'minutes' => $stage[1]],
            array_values($stages),
        );
    }

    /** @return array<string, mixed> the list with one alloy of this liquidus, poured 50 °C above it */
    private static function trial(int $liquidus): array
    {
        return [
            'stock.alloys' => [
                [
                    'name' => 'trial', 'label' => 'trial', 'metal' => 'gold', 'fineness' => 0.75, 'density' => 15,
                    'solidus_c' => 1000, 'liquidus_c' => $liquidus, 'nickel' => false, 'flask_c' => 560,
                    'superheat_low_c' => 50, 'superheat_high_c' => 80,
                ],
            ],
        ];
    }
}
