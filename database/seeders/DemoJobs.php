<?php

declare(strict_types=1);

namespace Database\Seeders;

/** The demo's pieces: our own inventions, nobody's ring. */
final class DemoJobs
{
    /** @return list<array<string, mixed>> jobs on the bench now, at every station */
    public static function open(): array
    {
        $wax = static fn (string $mass, string $bore, string $width, string $thickness, string $minutes): array => [
            'attempts.0.wax_mass' => $mass, 'attempts.0.weighed' => 'pattern', 'attempts.0.bore' => $bore,
            'attempts.0.width' => $width,
            'attempts.0.thickness' => $thickness, 'attempts.0.minutes' => $minutes, 'attempts.0.verdict' => 'passed',
        ];

        return [
            ['client' => [
                'Oda Brannick', 'oda@brannick.invalid',
            ], 'days_ago' => 12, 'due_in' => 18, 'sketch' => 'first sketch, stone across the finger',
                'decisions' => [
                    'brief.title' => 'east–west zircon', 'brief.finger' => 'US 7', 'brief.finger_base' => 'US 6 1/2',
                    'brief.sizer_width' => '4 mm', 'brief.alloy' => '18k-yellow', 'brief.budget' => 'to 2,400',
                    'brief.client_stones' => 'one oval zircon, 8 × 6, hers', 'form.profile' => 'half-round',
                    'form.width_top' => '4.5', 'form.width_base' => '3.2', 'form.thickness_top' => '2.3',
                    'form.thickness_base' => '1.5', 'wax.wax' => 'carving-hard', 'settings.0.style' => 'bezel',
                    'settings.0.wall' => '0.5',
                ],
                'readings' => [
                    4 => [
                        'attempts.0.wax_mass' => '0.53', 'attempts.0.weighed' => 'pattern',
                        'attempts.0.bore' => '17.52', 'attempts.0.width' => '4.7', 'attempts.0.thickness' => '1.6',
                        'attempts.0.minutes' => '2 h', 'attempts.0.verdict' => 'left',
                        'attempts.0.note' => 'bore went over while opening it',
                    ],
                    9 => [
                        'attempts.1.wax_mass' => '0.50', 'attempts.1.weighed' => 'pattern',
                        'attempts.1.bore' => '17.36', 'attempts.1.width' => '4.75', 'attempts.1.thickness' => '1.76',
                    ],
                ],
                'stones' => [
                    [
                        'name' => 'hers', 'species' => 'zircon', 'shape' => 'oval', 'width' => '6', 'length' => '8',
                        'depth' => '4.1', 'weighed_carats' => '2.1', 'owner' => 'client', 'source' => 'heirloom',
                        'condition' => 'two facet edges rubbed', 'place' => 'box 4',
                    ],
                ],
                'signed' => ['brief', 'form', 'stones']],
            ['client' => ['Keir Ostrander', 'keir@ostrander.invalid'], 'days_ago' => 20, 'due_in' => 9,
                'decisions' => [
                    'brief.title' => 'harbour-light signet', 'brief.finger' => 'US 10 1/2',
                    'brief.alloy' => '14k-yellow', 'form.profile' => 'flat', 'form.width_top' => '11',
                    'form.width_base' => '4.5', 'form.thickness_top' => '2.6', 'form.thickness_base' => '1.8',
                    'brief.fit_apply' => false, 'tree.feed_at' => 'shoulders', 'burnout.ready_at' => 1,
                ],
                'readings' => [9 => $wax('1.42', '20.2', '11.35', '2.1', '190 min')],
                'signed' => ['brief', 'form', 'wax', 'tree']],
            ['client' => ['Hesper and Jory Vane', 'the-vanes@skellavar.invalid'], 'days_ago' => 15, 'due_in' => 31,
                'decisions' => [
                    'brief.title' => 'wedding band, hers', 'brief.finger' => 'UK L½', 'brief.alloy' => '18k-rose',
                    'form.profile' => 'court', 'form.width_top' => '3', 'form.thickness_top' => '2',
                ],
                'readings' => [
                    8 => $wax('0.36', '16.5', '3.25', '2.28', '95 min'),
                ], 'signed' => ['brief', 'form', 'wax']],
            ['client' => [
                'Hesper and Jory Vane', 'the-vanes@skellavar.invalid',
            ], 'with' => 'wedding band, hers', 'days_ago' => 15, 'due_in' => 31,
                'decisions' => [
                    'brief.title' => 'wedding band, his', 'brief.finger' => 'UK T', 'brief.alloy' => '18k-rose',
                    'brief.fit_apply' => true, 'form.profile' => 'court', 'form.width_top' => '6',
                    'form.thickness_top' => '2.2',
                ],
                'signed' => ['brief']],
            ['client' => ['Sunniva Loach', 'sunniva@loach.invalid'], 'days_ago' => 6, 'due_in' => 40,
                'decisions' => [
                    'brief.title' => 'moss agate, plain bezel', 'brief.finger' => 'EU 53',
                    'brief.alloy' => 'sterling-925', 'brief.client_stones' => 'a moss agate cabochon from her aunt',
                    'form.profile' => 'half-round', 'form.width_top' => '4', 'form.thickness_top' => '1.8',
                    'form.thickness_base' => '1.6', 'settings.0.style' => 'bezel',
                ],
                'stones' => [
                    [
                        'name' => 'her aunt’s', 'species' => 'agate', 'shape' => 'oval', 'cut' => 'cabochon',
                        'width' => '10', 'length' => '14', 'depth' => '4.2', 'owner' => 'client',
                        'source' => 'heirloom', 'condition' => 'sound, one natural pit at the edge', 'place' => 'box 2',
                    ],
                ], 'signed' => ['brief', 'form']],
            ['client' => ['Brother Anselm of the Point', ''], 'days_ago' => 3, 'due_in' => 52,
                'decisions' => [
                    'brief.title' => 'knife-edge band', 'brief.finger' => 'US 9 1/4', 'brief.alloy' => '9k-yellow',
                    'form.profile' => 'knife', 'form.edge' => '1.1', 'form.width_top' => '5',
                    'form.thickness_top' => '2.6',
                ], 'signed' => ['brief']],
            ['client' => ['Lisbet Corran', 'lisbet@corran.invalid'], 'days_ago' => 1, 'due_in' => 60,
                'decisions' => [
                    'brief.title' => 'five garnets in a row',
                    'brief.note' => 'to wear above a plain band; likes it low', 'brief.finger' => 'US 6 1/4',
                    'brief.budget' => 'to 900', 'brief.client_stones' => 'five garnets, to be bought',
                    'brief.alloy' => '9k-yellow', 'form.profile' => 'half-round', 'form.width_top' => '4.2',
                    'form.thickness_top' => '2.4', 'settings.row.holds' => 'row', 'settings.row.style' => 'shared',
                    'settings.row.also' => '1',
                    'settings.row.count' => '5',
                    'settings.row.largest' => '2.8', 'settings.row.smallest' => '2', 'settings.row.gap' => '0.3',
                ],
                'stones' => [
                    [
                        'name' => 'middle garnet', 'species' => 'garnet', 'shape' => 'round', 'width' => '2.8',
                        'depth' => '1.7', 'owner' => 'workshop', 'source' => 'bought', 'price' => '18',
                        'place' => 'paper 31',
                    ],
                    [
                        'name' => 'four beside it', 'group' => 'shoulders', 'species' => 'garnet', 'shape' => 'round',
                        'width' => '2.4', 'count' => '4', 'owner' => 'workshop', 'source' => 'bought',
                        'place' => 'paper 31',
                    ],
                ], 'signed' => ['brief', 'form']],
            ['client' => ['Perrin Oakes-Daly', 'perrin@oakes-daly.invalid'], 'days_ago' => 7, 'due_in' => 36,
                'decisions' => [
                    'brief.title' => 'pear aquamarine, spray of diamonds', 'brief.finger' => 'US 6 1/2',
                    'brief.alloy' => '18k-white-palladium', 'brief.budget' => 'to 5,000',
                    'form.profile' => 'half-round', 'form.width_top' => '3', 'form.width_base' => '2.4',
                    'form.thickness_top' => '2.2', 'form.thickness_base' => '1.8', 'settings.0.style' => 'claws',
                    'settings.halo.holds' => 'halo', 'settings.halo.beside' => '0',
                    'settings.halo.stone_diameter' => '1.5', 'stones.after_steam' => true,
                ],
                'stones' => [
                    [
                        'name' => 'the pear', 'species' => 'aquamarine', 'shape' => 'pear', 'width' => '6',
                        'length' => '9', 'depth' => '4', 'owner' => 'client', 'source' => 'reclaimed',
                        'keep_setting' => false, 'condition' => 'point unchipped under the glass',
                        'place' => 'safe, tray 1',
                    ],
                    [
                        'name' => 'spray', 'group' => 'halo', 'species' => 'diamond', 'shape' => 'round',
                        'width' => '1.5', 'count' => '17', 'owner' => 'workshop', 'source' => 'bought',
                        'place' => 'paper 12',
                    ],
                ], 'signed' => ['brief', 'form']],
            ['client' => ['Rowan Ketteridge', 'rowan@ketteridge.invalid'], 'days_ago' => 9, 'due_in' => 28,
                'decisions' => [
                    'brief.title' => 'six stones, strewn', 'brief.finger' => 'US 7 1/2', 'brief.alloy' => '14k-yellow',
                    'brief.note' => 'her grandmother’s stones, all of them, no two alike',
                    'form.profile' => 'half-round',
                    'form.width_top' => '6.5', 'form.width_base' => '3.4', 'form.thickness_top' => '2.2',
                    'form.thickness_base' => '1.7', ...self::tubes(),
                ],
                'stones' => self::sixStones(), 'signed' => ['brief', 'form']],
            ['client' => ['Edda Marrin', 'edda@marrin.invalid'], 'days_ago' => 5, 'due_in' => 44,
                'decisions' => [
                    'brief.title' => 'blue oval in a ring of diamonds', 'brief.finger' => 'UK M',
                    'brief.alloy' => '18k-yellow', 'form.profile' => 'half-round', 'form.width_top' => '2.8',
                    'form.thickness_top' => '1.9', 'settings.0.style' => 'claws', 'settings.0.made' => 'apart',
                    'settings.ring.holds' => 'cluster', 'settings.ring.style' => 'shared-claws',
                    'settings.ring.made' => 'apart', 'settings.ring.beside' => '0', 'settings.ring.edge_gap' => '0.9',
                    'settings.ring.name' => 'ring of diamonds',
                ],
                'stones' => [
                    [
                        'name' => 'the blue oval', 'species' => 'sapphire', 'shape' => 'oval', 'width' => '7',
                        'length' => '9', 'depth' => '4.4', 'owner' => 'workshop', 'source' => 'bought',
                        'weighed_carats' => '2.24', 'place' => 'safe, tray 2',
                    ],
                    [
                        'name' => 'diamonds', 'group' => 'halo', 'species' => 'diamond', 'shape' => 'round',
                        'width' => '2', 'depth' => '1.22', 'count' => '17', 'owner' => 'workshop',
                        'source' => 'bought', 'weighed_carats' => '0.52', 'place' => 'paper 14',
                    ],
                ], 'signed' => ['brief', 'form']],
            [
                'client' => ['Ned Farrowgate', ''], 'days_ago' => 0, 'due_in' => 70,
                'decisions' => [
                    'brief.title' => 'wave-edged band', 'brief.note' => 'finger to be measured on Thursday',
                ],
            ],
            ['client' => ['Marisol Teague', 'marisol@teague.invalid'], 'days_ago' => 24, 'due_in' => 5,
                'decisions' => [
                    'brief.title' => 'tourmaline, tapered shank', 'brief.finger' => 'US 5 1/2',
                    'brief.alloy' => '14k-rose', 'form.profile' => 'half-round', 'form.width_top' => '3.4',
                    'form.width_base' => '2.4', 'form.thickness_top' => '2.1', 'form.thickness_base' => '1.6',
                    'burnout.ready_at' => 0,
                ],
                'readings' => [
                    10 => $wax('0.29', '16.1', '3.65', '1.87', '130 min'),
                ], 'signed' => ['brief', 'form', 'wax', 'tree', 'burnout']],
            ['client' => ['Aldous Wray', 'aldous@wray.invalid'], 'days_ago' => 26, 'due_in' => 3,
                'decisions' => [
                    'brief.title' => 'broad band, flat', 'brief.finger' => 'US 11', 'brief.alloy' => 'sterling-925',
                    'brief.fit_apply' => true, 'form.profile' => 'flat', 'form.width_top' => '9',
                    'form.thickness_top' => '2', 'burnout.ready_at' => -2, 'pour.new_mass' => '19',
                    'pour.reused_mass' => '12', 'tree.count' => '3',
                ],
                'readings' => [
                    12 => $wax('1.58', '21.2', '9.32', '2.27', '80 min'),
                    24 => [
                        'castings.0.charge_mass' => '31', 'castings.0.casting_mass' => '23.9',
                        'castings.0.button_mass' => '6.9', 'castings.0.bore' => '20.88',
                    ],
                ], 'signed' => ['brief', 'form', 'wax', 'tree', 'burnout']],
            ['client' => ['Oda Brannick', 'oda@brannick.invalid'], 'days_ago' => 30, 'due_in' => -2,
                'decisions' => [
                    'brief.title' => 'spinel between two leaves', 'brief.finger' => 'US 7',
                    'brief.alloy' => '18k-white-nickel', 'form.profile' => 'round', 'form.width_top' => '2.4',
                    'form.thickness_top' => '2.2', 'burnout.ready_at' => -4, 'pour.new_mass' => '5',
                    'pour.reused_mass' => '8',
                ],
                'readings' => [
                    14 => $wax('0.42', '17.4', '2.65', '2.49', '240 min'),
                    26 => [
                        'castings.0.charge_mass' => '13', 'castings.0.casting_mass' => '6.95',
                        'castings.0.button_mass' => '5.9', 'castings.0.bore' => '17.14', 'castings.0.verdict' => 'mend',
                        'castings.0.note' => 'one leaf tip short',
                    ],
                ], 'signed' => ['brief', 'form', 'wax', 'tree', 'burnout']],
            ['client' => ['Tamsin Quill', 'tamsin@quill.invalid'], 'days_ago' => 18, 'due_in' => 14,
                'decisions' => [
                    'brief.title' => 'stacking pair, square', 'brief.finger' => 'JP 11', 'brief.alloy' => 'bronze',
                    'form.profile' => 'flat', 'form.width_top' => '2', 'form.thickness_top' => '1.7',
                    'form.beside_neighbour' => true, 'tree.count' => '1',
                ],
                'readings' => [
                    9 => $wax('0.25', '16.4', '2.25', '1.97', '55 min'),
                ], 'signed' => ['brief', 'form', 'wax']],
            [
                'client' => ['Corwin Ashby-Nile', ''], 'days_ago' => 44, 'due_in' => -10,
                'decisions' => [
                    'brief.title' => 'citrine with harp shoulders', 'brief.finger' => 'US 8',
                    'brief.alloy' => '10k-yellow', 'form.width_top' => '3', 'form.thickness_top' => '2',
                ],
                'signed' => ['brief'], 'closed' => ['how' => 'abandoned', 'reason' => 'moved abroad; deposit returned'],
            ],
        ];
    }

    /** @return array<string, string> six tubes, each in its own place on the band */
    private static function tubes(): array
    {
        $places = [['0', '0'], ['-26', '1.2'], ['24', '-1'], ['-50', '-0.8'], ['47', '1'], ['68', '-0.6']];
        $decided = [];
        foreach ($places as $at => [$angle, $across]) {
            $decided["settings.{$at}.style"] = 'tube';
            $decided["settings.{$at}.made"] = 'apart';
            $decided["settings.{$at}.angle"] = $angle;
            $decided["settings.{$at}.across"] = $across;
        }

        return $decided;
    }

    /** @return list<array<string, mixed>> no two alike, and all of one client */
    private static function sixStones(): array
    {
        $stones = [
            ['the garnet', 'garnet', '4', '2.5', '0.28'], ['the spinel', 'spinel', '3.2', '2', '0.13'],
            ['the sapphire', 'sapphire', '3', '1.9', '0.12'], ['the peridot', 'peridot', '2.8', '1.7', '0.08'],
            ['the topaz', 'topaz', '2.5', '1.5', '0.06'], ['the iolite', 'iolite', '2.2', '1.3', '0.03'],
        ];

        $rows = [];
        foreach ($stones as $stone) {
            $rows[] = [
                'name' => $stone[0], 'species' => $stone[1], 'shape' => 'round', 'width' => $stone[2],
                'depth' => $stone[3], 'weighed_carats' => $stone[4], 'owner' => 'client', 'source' => 'reclaimed',
                'keep_setting' => false, 'removed' => '2026-11-18', 'acknowledged' => '2026-11-18',
                'place' => 'box 9',
            ];
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> jobs past the casting, made by hand, or brought in */
    public static function bench(): array
    {
        $cast = static fn (string $wax, string $charge, string $casting, string $button, string $bore): array => [
            6 => [
                'attempts.0.wax_mass' => $wax, 'attempts.0.weighed' => 'pattern', 'attempts.0.verdict' => 'passed',
                'attempts.0.minutes' => '110 min',
            ],
            11 => [
                'castings.0.charge_mass' => $charge, 'castings.0.casting_mass' => $casting,
                'castings.0.button_mass' => $button, 'castings.0.bore' => $bore, 'castings.0.verdict' => 'good',
            ],
        ];
        $done = ['brief', 'form', 'stones', 'wax', 'tree', 'burnout', 'pour'];
        $round = static fn (
            string $name, string $species, string $width, string $depth, string $group = 'centre',
        ): array => [
            'name' => $name, 'species' => $species, 'group' => $group, 'shape' => 'round', 'width' => $width,
            'depth' => $depth, 'owner' => 'workshop', 'source' => 'bought', 'in_fire' => false,
        ];
        $looks = [
            'handover.size' => true, 'handover.tight' => true, 'handover.level' => true, 'handover.snags' => true,
        ];

        return [
            ['client' => ['Isla Threnody', 'isla@threnody.invalid'], 'days_ago' => 16, 'due_in' => 8,
                'decisions' => [
                    'brief.title' => 'sapphire between two pearls’ lights', 'brief.finger' => 'US 7',
                    'brief.alloy' => 'sterling-925', 'form.profile' => 'half-round', 'form.width_top' => '4',
                    'form.thickness_top' => '2', 'settings.0.style' => 'bezel', 'settings.0.made' => 'apart',
                ],
                'stones' => [
                    $round('the sapphire', 'sapphire', '6', '3.8'),
                    $round('left light', 'moonstone', '2.5', '1.5', 'shoulders'),
                    $round('right light', 'moonstone', '2.5', '1.5', 'shoulders'),
                ],
                'readings' => $cast('0.38', '9.5', '3.9', '5.5', '17.14') + [14 => [
                    'parts.0.id' => 'shank', 'parts.0.mass' => '3.7', 'parts.1.id' => 'bezel', 'parts.1.mass' => '0.32',
                    'parts.2.id' => 'left collet', 'parts.2.mass' => '0.12', 'parts.3.id' => 'right collet',
                    'parts.3.mass' => '0.12',
                    'joints.0.id' => 'bezel seam', 'joints.0.parts' => 'bezel, bezel', 'joints.0.length' => '3.4',
                    'joints.0.section' => '0.4', 'joints.0.gap' => '0.05', 'joints.0.outcome' => 'flowed',
                    'joints.1.id' => 'bezel on shank', 'joints.1.parts' => 'shank, bezel',
                    'joints.1.after' => 'bezel seam', 'joints.1.length' => '9', 'joints.1.section' => '0.9',
                    'joints.2.id' => 'left on shank', 'joints.2.parts' => 'shank, left collet',
                    'joints.2.after' => 'bezel on shank', 'joints.3.id' => 'right on shank',
                    'joints.3.parts' => 'shank, right collet', 'joints.3.after' => 'bezel on shank',
                ]], 'signed' => $done],
            ['client' => ['Keir Ostrander', 'keir@ostrander.invalid'], 'days_ago' => 21, 'due_in' => 6,
                'decisions' => [
                    'brief.title' => 'spinel, eight claws', 'brief.finger' => 'US 9', 'brief.alloy' => '18k-yellow',
                    'form.profile' => 'half-round', 'form.width_top' => '3.6', 'form.thickness_top' => '2.1',
                    'settings.0.style' => 'claws', 'settings.0.claws' => '8', 'settings.halo.holds' => 'halo',
                    'settings.halo.beside' => '0', 'settings.halo.stone_diameter' => '1.3',
                ],
                'stones' => [
                    $round('the spinel', 'spinel', '6.5', '4.2'),
                ], 'readings' => $cast('0.42', '14', '6.4', '7.4', '18.9'), 'signed' => [...$done, 'join']],
            ['client' => ['Ama Sorley', ''], 'days_ago' => 24, 'due_in' => 4,
                'decisions' => [
                    'brief.title' => 'opal under a wave', 'brief.finger' => 'UK N', 'brief.alloy' => '14k-yellow',
                    'form.profile' => 'court', 'form.width_top' => '4', 'form.thickness_top' => '2',
                    'settings.0.style' => 'bezel', 'finish.finish' => 'satin', 'finish.mass_before' => '5.1',
                    'finish.mass_after' => '4.86', 'finish.wheels' => true, 'finish.guarded' => true,
                    'finish.tumble' => false,
                ],
                'stones' => [
                    [
                        'name' => 'the opal', 'species' => 'opal', 'shape' => 'oval', 'cut' => 'cabochon',
                        'width' => '6', 'length' => '8', 'depth' => '2.6', 'owner' => 'client', 'source' => 'heirloom',
                        'acknowledged' => '2026-11-02',
                    ],
                ],
                'readings' => $cast('0.38', '11', '5.1', '5.8', '17.3'), 'signed' => [...$done, 'join', 'set']],
            ['client' => ['Dov Kestrel', ''], 'days_ago' => 28, 'due_in' => 1,
                'decisions' => [
                    'brief.title' => 'garnet, low in the band', 'brief.finger' => 'US 10', 'brief.alloy' => '9k-yellow',
                    'form.profile' => 'flat', 'form.width_top' => '6', 'form.thickness_top' => '2.4',
                    'settings.0.style' => 'flush', 'finish.mass_before' => '8.4', 'finish.mass_after' => '8.02',
                    'handover.piece_mass' => '8.06', 'handover.stones_carats' => '0.2',
                    'handover.size_measured' => 'US 10', 'handover.expected_mass' => '8.1', ...$looks,
                ],
                'stones' => [
                    $round('the garnet', 'garnet', '3', '1.9'),
                ], 'readings' => $cast(
                    '0.75', '15.5', '8.4', '7', '20.1',
                ), 'signed' => [...$done, 'join', 'set', 'finish']],
            ['client' => ['Gwen Trevanion-Roe', ''], 'days_ago' => 2, 'due_in' => 11,
                'decisions' => [
                    'brief.kind' => 'sizing', 'brief.title' => 'her mother’s band, larger', 'brief.finger' => 'UK Q',
                    'brief.alloy' => '18k-yellow', 'sizing.from' => 'UK L', 'sizing.profile' => 'half-round',
                    'sizing.width' => '3.2', 'sizing.thickness' => '1.7', 'sizing.stones_in' => 'head',
                    'sizing.stones' => '1', 'sizing.old_solder' => 'clean', 'sizing.metal_price' => '92',
                ],
                'stones' => [
                    [
                        'name' => 'the old stone', 'species' => 'diamond', 'shape' => 'round', 'width' => '3.1',
                        'owner' => 'client', 'source' => 'heirloom',
                    ],
                ],
                'signed' => ['brief']],
            ['client' => ['Osric Dane', ''], 'days_ago' => 4, 'due_in' => 22,
                'decisions' => [
                    'brief.kind' => 'fabricated', 'brief.title' => 'overlapping strip, open shank',
                    'brief.finger' => 'US 8', 'brief.alloy' => 'sterling-925', 'form.profile' => 'half-round',
                    'form.width_top' => '4.2', 'form.thickness_top' => '1.8', 'form.overlap' => '2',
                    'form.stock_length' => '120', 'form.divide_total' => '42', 'form.divide_parts' => '4',
                ],
                'readings' => [
                    1 => [
                        'cuts.0.name' => 'shank', 'cuts.0.length' => '62.5', 'cuts.0.count' => '1',
                        'cuts.1.name' => 'shoulder', 'cuts.1.length' => '11', 'cuts.1.count' => '2',
                    ],
                ], 'signed' => ['brief']],
        ];
    }

    /** @return list<array<string, mixed>> a year of finished jobs, oldest first */
    public static function finished(): array
    {
        $pieces = [
            ['kelp-green band', 'US 6', 'sterling-925', 'half-round', '4', '1.9'],
            ['ferryman’s ring', 'US 10', 'sterling-925', 'flat', '6', '2'],
            ['thin court band', 'UK M', '9k-yellow', 'court', '2.6', '2.1'],
            ['pilot’s signet', 'US 9', '14k-yellow', 'flat', '8', '2.2'],
            ['anniversary half-round', 'EU 55', '18k-yellow', 'half-round', '5', '2'],
            ['amethyst shank', 'US 7 1/2', 'sterling-925', 'half-round', '3.2', '2'],
            ['net-maker’s band', 'US 11 1/2', 'bronze', 'flat', '7', '2.1'],
            ['chrysoberyl shank', 'US 5', '18k-yellow', 'round', '2.5', '2.5'],
            ['pair, first', 'UK K', '14k-rose', 'court', '3', '2'],
            ['pair, second', 'UK R½', '14k-rose', 'court', '5', '2.1'],
            ['harbourmaster’s knot', 'US 8 1/2', 'sterling-925', 'round', '2.8', '2.6'],
            ['topaz shank', 'US 6 3/4', '14k-yellow', 'half-round', '3.4', '2'],
            ['plain and heavy', 'US 12', 'sterling-925', 'half-round', '7', '2.6'],
            ['stacking band', 'US 6 1/2', '9k-yellow', 'flat', '2.2', '1.8'],
            ['iolite shank', 'EU 52', 'sterling-925', 'half-round', '3', '1.9'],
            ['wedding band, narrow', 'UK N', '18k-yellow', 'court', '2.5', '1.9'],
            ['cooper’s band', 'US 10 1/4', 'bronze', 'flat', '8', '2'],
            ['moonstone shank', 'US 5 3/4', 'sterling-925', 'half-round', '3.6', '1.9'],
            ['old-gold band', 'US 9 1/2', '22k-yellow', 'half-round', '4', '1.9'],
            ['tall knife-edge', 'US 7', 'sterling-925', 'flat', '3', '2.4'],
            ['labradorite shank', 'US 8', 'sterling-925', 'half-round', '4', '2'],
            ['wedding band, deep', 'UK V', '18k-rose', 'court', '5', '2.3'],
            ['tide-line band', 'US 6 1/4', '14k-yellow', 'flat', '4', '1.9'],
            ['lamp-lighter’s ring', 'US 9 3/4', 'sterling-925', 'round', '3', '2.8'],
        ];
        $clients = [
            'Ama Sorley', 'Petra Winstone', 'Dov Kestrel', 'Ruan Hollick', 'Ines Marlowe-Pike', 'Gwen Trevanion-Roe',
            'Osric Dane', 'Yara Pennick',
        ];

        return array_map(static fn (array $piece, int $index): array => [
            'client' => [$clients[$index % count($clients)], ''],
            'decisions' => [
                'brief.title' => $piece[0], 'brief.finger' => $piece[1], 'brief.alloy' => $piece[2],
                'form.profile' => $piece[3], 'form.width_top' => $piece[4], 'form.thickness_top' => $piece[5],
            ],
        ], $pieces, array_keys($pieces));
    }
}
