<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Finish\HandOver;
use HotSprue\Stones\StoneCare;

/**
 * The one table that feeds the sheets of a job: for each use of a sheet, each input's sources in the
 * order in which they are asked (reading, decision, derived result); an input that none gives keeps
 * its default. Uses stand in the order in which they can be reckoned.
 */
final class InputBindings
{
    /** @var array<string, array{sheet: string, inputs: array<string, list<Source>>, when: list<array{Source, list<string>}>}>|null */
    private static ?array $table = null;

    /** @return array<string, array{sheet: string, inputs: array<string, list<Source>>, when: list<array{Source, list<string>}>}> by use */
    public static function table(): array
    {
        return self::$table ??= self::write();
    }

    /** The decision that an input of a use is fed by, if any. */
    public static function decisionFor(string $use, string $input): ?string
    {
        foreach (self::table()[$use]['inputs'][$input] ?? [] as $source) {
            if ($source->kind === 'decision') {
                return $source->name;
            }
        }

        return null;
    }

    /** The reading that an input of a use is fed by, as group and name, if any. */
    public static function readingFor(string $use, string $input): ?string
    {
        foreach (self::table()[$use]['inputs'][$input] ?? [] as $source) {
            if ($source->kind === 'reading') {
                return "{$source->name}.{$source->result}";
            }
        }

        return null;
    }

    /** @return array<string, array{sheet: string, inputs: array<string, list<Source>>, when: list<array{Source, list<string>}>}> */
    private static function write(): array
    {
        $decision = static fn (string $path): array => [Source::decision($path)];
        $result = static fn (string $use, string $name): array => [Source::result($use, $name)];
        $reading = static fn (string $group, string $name): array => [Source::reading($group, $name)];
        $shape = static fn (): array => [
            'profile' => $decision('form.profile'), 'edge' => $decision('form.edge'),
            'rise_inside' => $decision('form.rise_inside'), 'rise_outside' => $decision('form.rise_outside'),
        ];
        $shrinkage = ['process' => [Source::decision('wax.process')->unless('wax.shrinkage')], 'shrinkage' => $decision('wax.shrinkage')];
        $finishing = [
            'finishing' => $decision('wax.finishing'), 'finish_inside' => $decision('wax.finish_inside'),
            'finish_outside' => $decision('wax.finish_outside'), 'finish_side' => $decision('wax.finish_side'),
        ];
        $stone = ['shape' => $reading('stones', 'shape'), 'length' => $reading('stones', 'length'), 'width' => $reading('stones', 'width')];
        // A head that is cast with its ring is part of the pattern; one that is soldered on later is not.
        $castHead = static fn (string $result): array => array_map(
            static fn (string $use): Source => Source::result($use, $result)->unless('stones.head_soldered'),
            ['seat.bezel', 'seat.claw'],
        );
        $headRoom = [
            'head_along' => $castHead('outside_length_in_wax'), 'head_across' => $castHead('outside_width_in_wax'),
            'head_height' => $castHead('height_in_wax'),
        ];
        $uses = [
            'size.convert' => ['scale' => [Source::fixed('circumference')], 'size' => $decision('brief.finger')],
            'size.fit' => [
                'inner_diameter' => $result('size.convert', 'inner_diameter'),
                'width' => [Source::decision('form.width_base'), Source::decision('form.width_top')],
                'profile' => $decision('form.profile'), 'apply' => $decision('brief.fit_apply'),
            ],
            'stone.outline' => $stone,
            'stone.weight' => [...$stone, 'cut' => $reading('stones', 'cut'), 'depth' => $reading('stones', 'depth'), 'species' => $reading('stones', 'species'), 'weighed_carats' => $reading('stones', 'weighed_carats')],
            'seat.bezel' => [
                ...$stone, 'cut' => $reading('stones', 'cut'), 'depth' => $reading('stones', 'depth'),
                'wall' => $decision('stones.wall'), 'fit' => $decision('stones.fit'), 'seat_height' => $decision('stones.seat_height'), 'cover' => $decision('stones.cover'),
                'ledge_width' => $decision('stones.ledge_width'), 'corners' => $decision('stones.corners'), 'school' => $decision('stones.school'), 'alloy' => $decision('brief.alloy'),
                ...$shrinkage, 'finishing' => $decision('wax.finishing'), 'finish_outside' => $decision('wax.finish_outside'),
            ],
            'seat.tube' => [
                ...$stone, 'cut' => $reading('stones', 'cut'), 'depth' => $reading('stones', 'depth'),
                'seat_height' => $decision('stones.seat_height'), 'cover' => $decision('stones.cover'),
                'alloy' => $decision('brief.alloy'), 'made_from' => [Source::fixed('tube')],
            ],
            'seat.claw' => [...$stone, 'depth' => $reading('stones', 'depth'), 'claws' => $decision('stones.claws'), 'wire' => $decision('stones.claw_wire'), 'notch' => $decision('stones.notch'), ...$shrinkage],
            'form.band' => [
                'inner_diameter' => [Source::result('size.fit', 'inner_diameter'), Source::result('size.convert', 'inner_diameter')],
                'width_top' => $decision('form.width_top'), 'width_base' => $decision('form.width_base'),
                'thickness_top' => $decision('form.thickness_top'), 'thickness_base' => $decision('form.thickness_base'),
                ...$shape(),
                'head_volume_mm3' => [Source::result('seat.bezel', 'volume_mm3'), Source::result('seat.tube', 'volume_mm3'), Source::result('seat.claw', 'volume_mm3')],
                'alloy' => $decision('brief.alloy'), 'beside_neighbour' => $decision('form.beside_neighbour'), 'neighbour_profile' => $decision('form.neighbour_profile'),
            ],
            'seat.round' => ['diameter' => $reading('stones', 'width'), 'depth' => $reading('stones', 'depth'), 'style' => $decision('stones.setting')],
            'seat.depth' => [
                'diameter' => $reading('stones', 'width'), 'depth' => $reading('stones', 'depth'), 'style' => $decision('stones.setting'), 'girdle_below' => $decision('stones.girdle_below'),
                'thickness' => $decision('form.thickness_top'), 'inner_diameter' => [Source::result('size.fit', 'inner_diameter'), Source::result('size.convert', 'inner_diameter')],
            ],
            'layout.halo' => [
                ...$stone, 'stone_diameter' => $decision('stones.halo_diameter'), 'edge_gap' => $decision('stones.halo_edge_gap'), 'stone_gap' => $decision('stones.halo_stone_gap'), 'count' => $decision('stones.halo_count'),
                'centre_claws' => $result('seat.claw', 'claws'), 'wire' => $result('seat.claw', 'wire'), 'notch' => $result('seat.claw', 'notch'),
            ],
            'layout.row' => [
                'count' => $decision('stones.row_count'), 'largest' => $decision('stones.row_largest'), 'smallest' => [Source::decision('stones.row_smallest'), Source::decision('stones.row_largest')],
                'gap' => $decision('stones.row_gap'), 'middle' => $decision('stones.row_middle'), 'outer_diameter' => $result('form.band', 'outer_diameter_top'),
                'girdle_depth' => $decision('stones.girdle_below'), 'thickness' => $decision('form.thickness_top'),
            ],
            'care.check' => [
                'stones' => [Source::collected('stones', ['species', 'treated', 'name', 'owner', 'source', 'keep_setting', 'removed', 'acknowledged'])], 'setting' => $decision('stones.setting'), 'daily' => $decision('stones.daily'),
                'steps' => [Source::flags(array_combine(StoneCare::STEPS, array_map(static fn (string $step): string => "stones.after_{$step}", StoneCare::STEPS)))],
            ],
            'wax.dimensions' => [
                'inner_diameter' => [Source::result('size.fit', 'inner_diameter'), Source::result('size.convert', 'inner_diameter')],
                'width' => $decision('form.width_top'), 'width_base' => $decision('form.width_base'),
                'thickness' => $decision('form.thickness_top'), 'thickness_base' => $decision('form.thickness_base'),
                ...$shrinkage, ...$finishing,
            ],
            'wax.pattern' => [
                'inner_diameter' => $result('wax.dimensions', 'bore'),
                'width_top' => $result('wax.dimensions', 'width'), 'width_base' => $result('wax.dimensions', 'width_base'),
                'thickness_top' => $result('wax.dimensions', 'thickness'), 'thickness_base' => $result('wax.dimensions', 'thickness_base'),
                ...$shape(),
                'head_volume_mm3' => $castHead('wax_volume_mm3'), ...$headRoom,
            ],
            'blank.choose' => [
                'bore' => $result('wax.dimensions', 'bore'),
                'width' => $result('wax.dimensions', 'width'), 'width_base' => $result('wax.dimensions', 'width_base'),
                'thickness' => $result('wax.dimensions', 'thickness'), 'thickness_base' => $result('wax.dimensions', 'thickness_base'),
                ...$headRoom, 'pattern_volume_mm3' => $result('wax.pattern', 'ring_volume_mm3'), 'blank' => $decision('wax.blank'),
            ],
            'layout.grid' => [
                'width' => $result('wax.dimensions', 'width'), 'width_base' => $result('wax.dimensions', 'width_base'),
                'thickness' => $result('wax.dimensions', 'thickness'), 'thickness_base' => $result('wax.dimensions', 'thickness_base'),
                'bore' => $result('wax.dimensions', 'bore'), 'slice' => $result('blank.choose', 'slice'),
                'wrapped_on' => [Source::result('blank.choose', 'blank_across')->onlyFor('wax.wrapped', 'blank'), Source::result('blank.choose', 'trued_across')->onlyFor('wax.wrapped', 'trued')],
                'stones' => [Source::result('layout.row', 'on_band'), Source::result('seat.round', 'on_band')], 'stones_on' => $result('form.band', 'outer_diameter_top'),
            ],
            'layout.lettering' => ['text' => $decision('wax.text'), 'margin' => $decision('wax.text_margin'), 'outer_diameter' => $result('wax.dimensions', 'outside')],
            'layout.symmetry' => ['pairs' => $reading('attempts', 'pairs')],
            'wax.predict' => [
                'bore' => $reading('attempts', 'bore'), 'width' => $reading('attempts', 'width'), 'thickness' => $reading('attempts', 'thickness'),
                'wanted_diameter' => [Source::result('size.fit', 'inner_diameter')],
                ...$shrinkage, ...$finishing,
            ],
            'sprue.size' => [
                'profile' => [Source::decision('form.profile'), Source::fixed('flat')], 'edge' => $decision('form.edge'), 'rise_inside' => $decision('form.rise_inside'), 'rise_outside' => $decision('form.rise_outside'),
                'width' => $result('wax.dimensions', 'width_as_cast'), 'width_base' => $result('wax.dimensions', 'width_base_as_cast'),
                'thickness' => $result('wax.dimensions', 'thickness_as_cast'), 'thickness_base' => $result('wax.dimensions', 'thickness_base_as_cast'),
                'inner_diameter' => $result('wax.dimensions', 'bore_as_cast'),
                'head_modulus' => [Source::result('seat.bezel', 'root_modulus')->unless('stones.head_soldered')],
                'count' => $decision('tree.count'), 'feed_at' => $decision('tree.feed_at'), 'y_angle_deg' => $decision('tree.y_angle'),
                'length' => $decision('tree.sprue_length'), 'sprue_diameter' => $decision('tree.sprue_diameter'),
            ],
            'flask.choose' => [
                'across' => $result('wax.pattern', 'whole_across'), 'deep' => $result('wax.pattern', 'whole_along'), 'tall' => $result('wax.pattern', 'whole_tall'),
                'sprue_length' => $result('sprue.size', 'height'), 'flask' => $decision('tree.flask'),
            ],
            'metal.charge' => [
                'wax_mass' => $reading('attempts', 'wax_mass'), 'stones_in_wax' => $reading('attempts', 'stones_in_wax'), 'stones_mass' => $reading('attempts', 'stones_mass'),
                'displaced_ml' => [Source::result('wax.pattern', 'ring_volume_mm3')->times(0.001)->unless('attempts.wax_mass')],
                'weighed' => $reading('attempts', 'weighed'), 'wax' => $decision('wax.wax'),
                'sprue_volume_mm3' => $result('sprue.size', 'sprue_volume_mm3'), 'alloy' => $decision('brief.alloy'),
                'method' => $decision('pour.method'), 'button_fraction' => $decision('pour.button_fraction'), 'process' => $decision('wax.process'),
                'drawn_volume_mm3' => $result('wax.pattern', 'ring_volume_mm3'),
                'new_mass' => $decision('pour.new_mass'), 'reused_mass' => $decision('pour.reused_mass'),
            ],
            // A weighed wax is the better volume; what stands beside it in the flask takes its part too.
            'investment.mix' => [
                'flask_diameter' => [Source::flask('diameter'), Source::result('flask.choose', 'flask_diameter')],
                'flask_height' => [Source::flask('height'), Source::result('flask.choose', 'flask_height')],
                'pattern_volume_mm3' => [
                    Source::result('metal.charge', 'pattern_volume_mm3')->plus(Source::flask('others')),
                    Source::result('wax.pattern', 'ring_volume_mm3')->plus(Source::result('sprue.size', 'sprue_volume_mm3')),
                ],
                'water_per_100' => [Source::flask('water'), Source::decision('tree.water_per_100')],
                'overage_percent' => [Source::flask('overage'), Source::decision('tree.overage_percent')],
                'water_temperature' => $decision('tree.water_temperature'), 'standing' => $decision('tree.standing'), 'stand' => $decision('tree.stand'),
            ],
            'pour.temperatures' => ['alloy' => $decision('brief.alloy'), 'thinnest' => $result('wax.dimensions', 'thinnest_as_cast')],
            'burnout.programme' => [
                'flask_diameters' => [Source::flask('diameter')->listed(), Source::result('flask.choose', 'flask_diameter')->listed()],
                'pour_temperature' => [Source::decision('burnout.pour_temperature'), Source::result('pour.temperatures', 'flask_temperature')],
                'school' => $decision('burnout.school'), 'ready_at' => $decision('burnout.ready_at'), 'switch_on' => [Source::decision('burnout.switch_on')->unless('burnout.ready_at')],
                'now' => [Source::around('now')], 'invested_at' => [Source::flask('invested')], 'stand_min' => $result('investment.mix', 'stand_min'),
            ],
            'burnout.core' => [
                'diameter' => [Source::flask('diameter'), Source::result('flask.choose', 'flask_diameter')], 'school' => $decision('burnout.school'), 'water_per_100' => $decision('tree.water_per_100'),
                'pour_temperature' => [Source::decision('burnout.pour_temperature'), Source::result('pour.temperatures', 'flask_temperature')],
            ],
            'pour.fill' => [
                'thinnest_modulus' => $result('sprue.size', 'thinnest_modulus'), 'volume_mm3' => [Source::result('metal.charge', 'piece_volume_mm3'), Source::result('wax.pattern', 'ring_volume_mm3')],
                'gate_area' => $result('sprue.size', 'gate_area'),
                'method' => $decision('pour.method'), 'alloy' => $decision('brief.alloy'), 'flask_temperature' => $result('burnout.core', 'core_at_pour'),
                'metal_temperature' => [Source::decision('pour.metal_temperature'), Source::result('pour.temperatures', 'metal_low')], 'head' => $decision('pour.head'),
            ],
            'spin.balance' => [
                'crucible_mass' => $decision('pour.crucible_mass'), 'flask_mass' => $decision('pour.flask_mass'), 'charge_mass' => $result('metal.charge', 'charge_mass'),
                'crucible_radius' => $decision('pour.crucible_radius'), 'flask_radius' => $decision('pour.flask_radius'), 'counterweight_mass' => $decision('pour.counterweight_mass'), 'turns' => $decision('pour.turns'),
            ],
            'cast.check' => [
                'casting_mass' => $reading('castings', 'casting_mass'), 'weighed' => $reading('castings', 'weighed'), 'sprues_mass' => $reading('castings', 'sprues_mass'),
                'expected_mass' => $result('metal.charge', 'expected_mass'), 'expected_piece_mass' => $result('metal.charge', 'expected_piece_mass'),
                'charge_mass' => $reading('castings', 'charge_mass'), 'button_mass' => $reading('castings', 'button_mass'), 'scrap_mass' => $reading('castings', 'scrap_mass'),
                'wax_bore' => $reading('attempts', 'bore'), 'expected_bore' => $result('wax.dimensions', 'bore_as_cast'), 'measured_bore' => $reading('castings', 'bore'),
            ],
        ];
        $finger = [Source::result('size.fit', 'inner_diameter'), Source::result('size.convert', 'inner_diameter')];
        $stonesSet = [Source::collected('stones', ['species', 'name', 'treated', 'removed', 'count', 'in_fire'])];
        $uses += [
            'strip.length' => [
                'inner_diameter' => $finger, 'width' => $decision('form.width_top'), 'thickness' => $decision('form.thickness_top'), ...$shape(),
                'overlap' => $decision('form.overlap'), 'gap' => $decision('form.gap'), 'trim' => $decision('form.trim'), 'stock_length' => $decision('form.stock_length'), 'alloy' => $decision('brief.alloy'),
            ],
            'stock.cut' => [
                'stock_length' => $decision('form.stock_length'), 'pieces' => [Source::collected('cuts', ['length', 'name', 'count'])],
                'shank' => $result('strip.length', 'length'),
            ],
            'plate.cut' => [
                'shape' => $decision('form.plate'), 'width' => $decision('form.plate_width'), 'length' => $decision('form.plate_length'), 'dome_height' => $decision('form.plate_dome'), 'count' => $decision('form.plate_count'),
                'sheet_width' => $decision('form.sheet_width'), 'sheet_length' => $decision('form.sheet_length'), 'thickness' => $decision('form.sheet_thickness'), 'alloy' => $decision('brief.alloy'),
            ],
            'form.divide' => ['total' => $decision('form.divide_total'), 'parts' => $decision('form.divide_parts')],
            'anneal.bend' => ['alloy' => $decision('brief.alloy'), 'inner_diameter' => $finger, 'thickness' => $decision('form.thickness_top')],
            'anneal.passes' => [
                'alloy' => $decision('brief.alloy'), 'work' => $decision('form.work'), 'inner_diameter' => $finger, 'thickness' => $decision('form.thickness_top'), 'strain' => $decision('form.work_strain'),
                'rim' => $decision('form.work_rim'), 'height' => $decision('form.work_height'), 'area_before' => $decision('form.work_before'), 'area_after' => $decision('form.work_after'),
            ],
            'inlay.fit' => [
                'outer_diameter' => $result('form.band', 'outer_diameter_top'), 'groove_depth' => $decision('form.inlay_depth'), 'inner_diameter' => $finger, 'band_width' => $decision('form.width_top'),
                'width' => $decision('form.inlay_width'), 'thickness' => $decision('form.inlay_thickness'), 'alloy' => $decision('brief.alloy'),
            ],
            'size.rounded' => [
                'from' => $decision('form.rounded'), 'to' => [Source::result('size.fit', 'inner_circumference'), Source::decision('brief.finger')],
                'width' => $decision('form.width_top'), 'thickness' => $decision('form.thickness_top'), ...$shape(), 'alloy' => $decision('brief.alloy'),
            ],
            'size.change' => [
                'from' => $decision('sizing.from'), 'to' => $decision('brief.finger'), 'profile' => $decision('sizing.profile'), 'width' => $decision('sizing.width'), 'thickness' => $decision('sizing.thickness'),
                'alloy' => $decision('brief.alloy'), 'kerf' => $decision('sizing.kerf'), 'method' => $decision('sizing.method'), 'stones_in' => $decision('sizing.stones_in'), 'stones' => $decision('sizing.stones'),
                'joint' => $decision('sizing.joint'), 'metal_price' => $decision('sizing.metal_price'), 'old_work' => [Source::yes()], 'old_solder' => $decision('sizing.old_solder'), 'set_stones' => $stonesSet,
            ],
            'join.plan' => [
                'parts' => [Source::collected('parts', ['id', 'alloy', 'mass'])],
                'joints' => [Source::collected('joints', ['id', 'parts', 'after', 'form', 'grade', 'same_heat', 'hollow', 'vent', 'guard', 'cold', 'textured', 'thin_wire', 'length', 'section', 'gap'])],
                'alloy' => $decision('brief.alloy'), 'solders' => $decision('join.solders'), 'set_stones' => $stonesSet, 'stones_count' => [Source::decision('sizing.stones')->onlyFor('brief.kind', 'sizing')],
                'order' => $decision('join.order'),
                'step_c' => $decision('join.step_c'), 'margin_c' => $decision('join.margin_c'), 'law' => $decision('join.law'), 'school' => $decision('join.school'),
                'old_work' => [Source::yes()->onlyFor('brief.kind', 'sizing'), Source::decision('join.old_work')], 'old_solder' => [Source::decision('join.old_solder'), Source::decision('sizing.old_solder')],
            ],
            'set.sequence' => ['count' => [Source::decision('set.count'), Source::result('seat.claw', 'claws')], 'wire' => $result('seat.claw', 'wire'), 'notch' => $result('seat.claw', 'notch')],
            'tools.list' => [
                'seats' => [Source::collected('stones', ['width', 'name', 'count'])], 'setting' => $decision('stones.setting'), 'wire' => $result('seat.claw', 'wire'), 'corners' => $decision('stones.corners'),
                'halo_diameter' => $decision('stones.halo_diameter'), 'row_largest' => $decision('stones.row_largest'), 'row_smallest' => $decision('stones.row_smallest'),
            ],
            'finish.plan' => [
                'grits' => $decision('finish.grits'), 'finish' => $decision('finish.finish'), 'tumble' => $decision('finish.tumble'), 'tumble_minutes' => $decision('finish.tumble_minutes'), 'patina' => $decision('finish.patina'),
                'rhodium' => $decision('finish.rhodium'), 'wheels' => $decision('finish.wheels'), 'guarded' => $decision('finish.guarded'), 'stones_set' => [Source::picked('stones', 'species')], 'fires_left' => $decision('finish.fires_left'),
                'mass_before' => $decision('finish.mass_before'), 'mass_after' => $decision('finish.mass_after'), 'casting_mass' => $reading('castings', 'casting_mass'),
            ],
            'care.finish' => [
                'stones' => [Source::collected('stones', ['species', 'treated', 'name'])], 'setting' => [Source::fixed('bezel')],
                'steps' => [Source::flags(['torch' => 'finish.torch', 'pickle' => 'finish.pickle', 'ultrasonic' => 'finish.ultrasonic', 'steam' => 'finish.steam'])],
            ],
            'hand.over' => [
                'piece_mass' => $decision('handover.piece_mass'), 'stones_carats' => [Source::decision('handover.stones_carats'), Source::result('stone.weight', 'carats')], 'expected_mass' => $decision('handover.expected_mass'),
                'wanted_diameter' => $finger, 'size_measured' => $decision('handover.size_measured'), 'mark' => $decision('handover.mark'), 'alloy' => $decision('brief.alloy'),
                'looked' => [Source::flags(array_combine(array_keys(HandOver::LOOKS), array_map(static fn (string $look): string => "handover.{$look}", array_keys(HandOver::LOOKS))))],
                'client_metal' => $decision('handover.client_metal'), 'client_returned' => $decision('handover.client_returned'),
                'client_left_mass' => [Source::around('clientMetalLeft')], 'client_left' => $decision('handover.client_left'),
            ],
            'care.advice' => ['alloy' => $decision('brief.alloy'), 'stones' => [Source::collected('stones', ['species', 'treated'])], 'setting' => $decision('stones.setting'), 'rhodium' => $decision('finish.rhodium'), 'patina' => $decision('finish.patina')],
        ];
        $setting = static fn (string ...$among): array => [[Source::reading('stones', 'width'), []], [Source::decision('stones.setting'), array_values($among)]];
        // Uses that are asked for only when the goldsmith has chosen what they are of.
        $when = [
            'stone.weight' => [[Source::reading('stones', 'depth'), []], [Source::reading('stones', 'species'), []]],
            'seat.bezel' => $setting('bezel'), 'seat.tube' => $setting('tube'), 'seat.claw' => $setting('claws'), 'seat.round' => $setting('flush', 'bead', 'shared'), 'seat.depth' => $setting('flush', 'bead', 'shared'),
            'layout.halo' => [[Source::reading('stones', 'width'), []], [Source::decision('stones.halo_diameter'), []]],
            'layout.row' => [[Source::decision('stones.row_count'), []], [Source::decision('stones.row_largest'), []]],
            'care.check' => [[Source::reading('stones', 'species'), []]],
            'spin.balance' => [[Source::decision('pour.crucible_mass'), []], [Source::decision('pour.flask_mass'), []], [Source::decision('pour.flask_radius'), []], [Source::decision('pour.crucible_radius'), []], [Source::decision('pour.counterweight_mass'), []]],
            ...array_fill_keys(['strip.length', 'anneal.bend'], [[Source::decision('brief.kind'), ['fabricated']]]),
            'stock.cut' => [[Source::collected('cuts', ['length']), []]], 'plate.cut' => [[Source::decision('form.plate'), []]], 'form.divide' => [[Source::decision('form.divide_total'), []]],
            'anneal.passes' => [[Source::decision('form.work'), []]], 'inlay.fit' => [[Source::decision('form.inlay_width'), []]], 'size.rounded' => [[Source::decision('form.rounded'), []]],
            'size.change' => [[Source::decision('brief.kind'), ['sizing']]],
            'join.plan' => [[Source::collected('parts', ['id']), []], [Source::collected('joints', ['id']), []]],
            'tools.list' => [[Source::collected('stones', ['width']), []], [Source::decision('stones.setting'), []]], 'set.sequence' => [[Source::reading('stones', 'species'), []]], 'care.finish' => [[Source::reading('stones', 'species'), []]],
            'layout.lettering' => [[Source::decision('wax.text'), []]], 'layout.symmetry' => [[Source::reading('attempts', 'pairs'), []]],
        ];
        $sheets = ['wax.pattern' => 'form.band', 'seat.tube' => 'seat.bezel', 'anneal.bend' => 'anneal.passes', 'form.divide' => 'layout.divide', 'size.rounded' => 'size.change', 'care.finish' => 'care.check'];
        $table = [];
        foreach ($uses as $use => $inputs) {
            $table[$use] = ['sheet' => $sheets[$use] ?? $use, 'inputs' => $inputs, 'when' => $when[$use] ?? []];
        }

        return $table;
    }
}
