<?php

declare(strict_types=1);

namespace Tests\Support;

/** Sums that between them reach every working of every sheet. */
final class Examples
{
    /** @return array<string, list<array<string, mixed>>> by sheet */
    public static function all(): array
    {
        return [
            'size.convert' => [
                ['scale' => 'us', 'size' => '7'], ['scale' => 'uk', 'size' => 'O½'], ['scale' => 'iso', 'size' => '54'],
                ['scale' => 'jp', 'size' => '14'], ['scale' => 'ch', 'size' => '14'], ['scale' => 'diameter', 'size' => '17.3'], ['scale' => 'circumference', 'size' => '54.4'],
            ],
            'size.fit' => [['scale' => 'us', 'size' => '7', 'width' => 6, 'apply' => true], ['inner_diameter' => 17.3, 'width' => 9, 'profile' => 'court']],
            'form.band' => [
                ['scale' => 'us', 'size' => '7', 'width_top' => 5, 'thickness_top' => 2, 'alloy' => '18k-yellow'],
                ['inner_diameter' => 17.4, 'profile' => 'half-round', 'width_top' => 4.2, 'thickness_top' => 1.8],
                ['inner_diameter' => 17.4, 'profile' => 'half-round', 'width_top' => 3, 'thickness_top' => 2.2],
                ['inner_diameter' => 19, 'profile' => 'court', 'width_top' => 5, 'thickness_top' => 2.2, 'width_base' => 4, 'thickness_base' => 1.8],
                ['inner_diameter' => 19, 'profile' => 'court', 'width_top' => 5, 'thickness_top' => 2.2, 'rise_inside' => 0.3, 'rise_outside' => 0.6],
                ['inner_diameter' => 16, 'profile' => 'round', 'width_top' => 2.4, 'thickness_top' => 2.2],
                ['inner_diameter' => 18, 'profile' => 'knife', 'edge' => 1.1, 'width_top' => 5, 'thickness_top' => 2.6],
            ],
            'stone.outline' => array_map(static fn (array $stone): array => ['shape' => $stone[0], 'length' => $stone[1], 'width' => $stone[2]], [['round', 6.5, 6.5], ['oval', 10, 8], ['marquise', 10, 5], ['pear', 9, 6], ['cushion', 8, 7], ['octagon', 8, 6], ['rectangle', 7, 5], ['trillion', 6, 6]]),
            'stone.weight' => [
                ['shape' => 'round', 'width' => 6.5, 'depth' => 4, 'species' => 'diamond'], ['shape' => 'octagon', 'length' => 8.4, 'width' => 6, 'depth' => 4, 'specific_gravity' => 2.72],
                ['shape' => 'oval', 'length' => 9, 'width' => 7, 'depth' => 3.5, 'species' => 'opal', 'cut' => 'cabochon', 'weighed_carats' => 1.1],
            ],
            'care.check' => [['stones' => [['species' => 'opal'], ['species' => 'diamond', 'name' => 'left']], 'steps' => ['ultrasonic']]],
            'seat.bezel' => [
                ['shape' => 'round', 'width' => 4.5, 'alloy' => 'sterling-925', 'made_from' => 'tube'], ['shape' => 'pear', 'length' => 9, 'width' => 6, 'school' => 'to-size-in-wax', 'seat_height' => 3, 'cover' => 0.4],
                ['shape' => 'rectangle', 'length' => 7, 'width' => 5], ['shape' => 'octagon', 'length' => 8, 'width' => 6, 'corners' => 'scored', 'ledge_width' => 0], ['shape' => 'oval', 'length' => 10, 'width' => 8, 'cut' => 'cabochon', 'depth' => 1.2, 'school' => 'all-in-metal'],
            ],
            'seat.claw' => [
                ['shape' => 'round', 'width' => 6.5], ['shape' => 'round', 'width' => 4, 'claws' => 3, 'standing' => 2.5], ['shape' => 'oval', 'length' => 9, 'width' => 7, 'claws' => 6], ['shape' => 'pear', 'length' => 9, 'width' => 6, 'notch' => 0.3, 'wire' => 1.1],
                ['shape' => 'marquise', 'length' => 10, 'width' => 5], ['shape' => 'octagon', 'length' => 8, 'width' => 6], ['shape' => 'rectangle', 'length' => 8, 'width' => 6], ['shape' => 'trillion', 'width' => 7, 'below' => 3], ['shape' => 'cushion', 'length' => 8, 'width' => 7],
            ],
            'seat.round' => [['diameter' => 3], ['diameter' => 1.3, 'style' => 'bead'], ['diameter' => 2.5, 'depth' => 1.6, 'style' => 'shared']],
            'seat.depth' => [['diameter' => 2, 'thickness' => 2.2, 'inner_diameter' => 17.3, 'pitch' => 2.6], ['diameter' => 3, 'thickness' => 3, 'inner_diameter' => 17.3, 'style' => 'bead', 'girdle_below' => 0.2]],
            'layout.halo' => [['shape' => 'round', 'width' => 6.5, 'stone_diameter' => 1.3], ['shape' => 'pear', 'length' => 9, 'width' => 6, 'stone_diameter' => 1.5, 'count' => 16], ['shape' => 'cushion', 'length' => 7, 'width' => 6, 'stone_diameter' => 1.2, 'count' => 30], ['shape' => 'oval', 'length' => 9, 'width' => 7, 'stone_diameter' => 1.5, 'count' => 14, 'centre_claws' => 4, 'wire' => 1, 'notch' => 0.3]],
            'layout.row' => [['sizes' => [3, 2.5, 2], 'outer_diameter' => 21.3], ['count' => 8, 'largest' => 2.4, 'smallest' => 1.5, 'outer_diameter' => 21.3, 'girdle_depth' => 0.3, 'middle' => 'small', 'gap' => 0.2, 'thickness' => 2]],
            'layout.lettering' => [['text' => 'Ebb & flow', 'outer_diameter' => 22], ['text' => 'IIM', 'outer_diameter' => 20, 'margin' => 3, 'start' => 30, 'weights' => [1, 1, 2]]],
            'layout.divide' => [['total' => 7.5, 'parts' => 3], ['total' => 12, 'ratios' => [1, 2, 1], 'kerf' => 0.2]],
            'layout.grid' => [['width' => 5.28, 'thickness' => 2.28, 'bore' => 17.38, 'stones' => [['along' => 0, 'diameter' => 3], ['along' => 3.4, 'diameter' => 2], ['along' => -3.4, 'diameter' => 2]]], ['width' => 5, 'width_base' => 3, 'thickness' => 2.4, 'thickness_base' => 1.8, 'bore' => 17, 'slice' => 6, 'wrapped_on' => 27]],
            'layout.symmetry' => [['pairs' => [['name' => 'shoulder', 'left' => 3.4, 'right' => 3.1], ['name' => 'width', 'left' => 5, 'right' => 5.1]]]],
            'wax.dimensions' => [
                ['scale' => 'us', 'size' => '7', 'width' => 5, 'thickness' => 2], ['inner_diameter' => 18, 'width' => 4, 'width_base' => 3, 'thickness' => 2, 'thickness_base' => 1.6, 'process' => 'mould', 'finishing' => 'heavy'],
                ['inner_diameter' => 18, 'width' => 4, 'thickness' => 2, 'process' => 'clay'], ['inner_diameter' => 18, 'width' => 4, 'thickness' => 2, 'shrinkage' => '1.2 %', 'finish_inside' => 0, 'finish_outside' => 0.2, 'finish_side' => 0.05],
            ],
            'wax.predict' => [['bore' => 17.38, 'width' => 5.28, 'thickness' => 2.28, 'wanted_diameter' => 17.32], ['bore' => 18, 'width' => 4, 'thickness' => 2, 'process' => 'resin', 'finishing' => 'light']],
            'wax.density' => [['mass' => 9.8, 'length' => 25, 'width' => 20, 'height' => 20], ['mass' => 9.8, 'volume_mm3' => 10000]],
            'blank.choose' => [['bore' => 17.38, 'width' => 5.28, 'thickness' => 2.28], ['bore' => 15, 'width' => 3, 'thickness' => 2, 'thickness_base' => 1.5], ['bore' => 17, 'width' => 4, 'thickness' => 2, 'blank' => 'flat-top-27-30', 'pattern_volume_mm3' => 480]],
            'metal.charge' => [
                ['wax_mass' => 2.31, 'alloy' => '18k-yellow', 'sprue_volume_mm3' => 120, 'new_mass' => 30, 'reused_mass' => 20],
                ['wax_mass' => 2.8, 'stones_mass' => 0.3, 'stones_in_wax' => true, 'wax' => 'injection', 'alloy' => 'sterling-925', 'method' => 'vacuum', 'weighed' => 'tree'],
                ['displaced_ml' => 0.7, 'metal_density' => 12.4, 'method' => 'hand', 'button_fraction' => 0.3, 'button_minimum' => 6, 'process' => 'resin'],
            ],
            'alloy.density' => [['composition' => ['Au' => 0.75, 'Ag' => 0.125, 'Cu' => 0.125]]],
            'alloy.mix' => [['lots' => [['mass' => 12, 'fineness' => 0.585]], 'target_fineness' => 0.417], ['lots' => [['mass' => 12, 'fineness' => 0.585], ['mass' => 3]], 'target_fineness' => 0.75, 'target_mass' => 18], ['lots' => [['mass' => 5, 'fineness' => 0.75]], 'target_fineness' => 0.75]],
            'tree.pack' => [['patterns' => array_fill(0, 5, ['name' => 'band', 'across' => 22, 'deep' => 5, 'volume' => 600, 'gate_area' => 7])], ['patterns' => [['across' => 22, 'deep' => 5]], 'flask' => '3×3']],
            'burnout.core' => [['diameter' => 63.5, 'stages' => [['temperature' => 149, 'minutes' => 60], ['temperature' => 371, 'minutes' => 60], ['temperature' => 732, 'minutes' => 120], ['temperature' => 480, 'minutes' => 60]], 'fall_c_per_min' => 6], ['diameter' => 76.2, 'pour_temperature' => 540]],
            'pour.fill' => [['thinnest_modulus' => 0.714, 'volume_mm3' => 700, 'gate_area' => 9, 'alloy' => 'sterling-925', 'flask_temperature' => 480, 'metal_temperature' => 950], ['thinnest_modulus' => 0.714, 'volume_mm3' => 700, 'gate_area' => 9, 'alloy' => '14k-yellow', 'method' => 'hand', 'flask_temperature' => 520, 'metal_temperature' => 950]],
            'spin.balance' => [['crucible_mass' => 400, 'flask_mass' => 900, 'charge_mass' => 30, 'crucible_radius' => 150, 'flask_radius' => 180, 'counterweight_mass' => 1500, 'turns' => 3], ['crucible_mass' => 400, 'flask_mass' => 900, 'charge_mass' => 12, 'crucible_radius' => 150, 'flask_radius' => 180, 'counterweight_radius' => 160]],
            'sprue.size' => [['section_modulus' => 0.74], ['profile' => 'flat', 'width' => 5.2, 'thickness' => 2.25, 'inner_diameter' => 17.12], ['profile' => 'half-round', 'width' => 6, 'thickness' => 2.4, 'thickness_base' => 1.8, 'inner_diameter' => 18, 'count' => 2, 'y_angle_deg' => 120, 'sprue_diameter' => 3]],
            'flask.choose' => [['across' => 22, 'tall' => 22], ['across' => 24, 'deep' => 5, 'tall' => 26, 'sprue_length' => 18, 'flask' => '3×3']],
            'investment.mix' => [['flask_diameter' => 76.2, 'flask_height' => 101.6, 'pattern_volume_mm3' => 8000], ['flask_diameter' => '2.5 in', 'flask_height' => '2.5 in', 'water_per_100' => 38, 'overage_percent' => 0, 'standing' => 'long', 'stand' => '10 h']],
            'pour.temperatures' => [['alloy' => 'sterling-925'], ['alloy' => '14k-rose', 'thinnest' => 0.9], ['alloy' => 'bronze', 'thinnest' => 3]],
            'burnout.programme' => [['flask_diameters' => [63.5], 'pour_temperature' => 540], ['flask_diameters' => [76.2, 88.9], 'pour_temperature' => 480, 'ready_at' => '2026-12-01T14:00'], ['flask_diameters' => [101.6], 'pour_temperature' => 520, 'school' => 'overnight', 'switch_on' => '2026-12-01T20:00']],
            'strip.length' => [['scale' => 'us', 'size' => '7', 'width' => 5, 'thickness' => 2, 'trim' => 0.5, 'stock_length' => 80, 'alloy' => '18k-yellow'], ['inner_diameter' => 17.4, 'profile' => 'half-round', 'width' => 4.2, 'thickness' => 1.8, 'overlap' => 1.5]],
            'stock.cut' => [['stock_length' => 120, 'pieces' => [['name' => 'shank', 'length' => 61], ['name' => 'shoulder', 'length' => 12, 'count' => 2]]]],
            'plate.cut' => [['sheet_width' => 50, 'sheet_length' => 80, 'thickness' => 0.8, 'shape' => 'disc', 'width' => 12, 'dome_height' => 3, 'count' => 2], ['sheet_width' => 30, 'sheet_length' => 40, 'thickness' => 1, 'width' => 9, 'length' => 12]],
            'anneal.passes' => [['alloy' => 'sterling-925', 'inner_diameter' => 8, 'thickness' => 2], ['alloy' => '18k-rose', 'work' => 'dome', 'rim' => 20, 'height' => 6], ['alloy' => '14k-white-nickel', 'work' => 'draw', 'area_before' => 16, 'area_after' => 3], ['alloy' => 'platinum-950', 'work' => 'stretch', 'strain' => 0.06]],
            'inlay.fit' => [['outer_diameter' => 19.6, 'groove_depth' => 0.6, 'inner_diameter' => 16.6, 'band_width' => 6, 'width' => 2.5, 'thickness' => 0.8], ['floor_diameter' => 18, 'width' => 2, 'thickness' => 1, 'profile' => 'half-round']],
            'size.change' => [['from' => 54, 'to' => 56, 'width' => 3, 'thickness' => 2, 'alloy' => 'sterling-925'], ['from' => 50, 'to' => 54, 'width' => 3, 'thickness' => 2, 'alloy' => '18k-yellow', 'stones' => 5, 'metal_price' => 70], ['from' => 54, 'to' => 50, 'width' => 4, 'thickness' => 2, 'profile' => 'court', 'alloy' => '18k-yellow']],
            'join.plan' => [
                ['parts' => [['id' => 'shank', 'alloy' => 'sterling-925', 'mass' => 6], ['id' => 'bezel', 'alloy' => 'sterling-925', 'mass' => 2]], 'joints' => [['id' => 'seam', 'parts' => 'bezel, bezel', 'length' => 4, 'section' => 0.4], ['id' => 'on', 'parts' => 'shank, bezel', 'after' => 'seam']], 'order' => 'seam, on'],
                ['parts' => [['id' => 'shank', 'alloy' => 'sterling-925']], 'joints' => array_map(static fn (int $at): array => ['id' => "seam {$at}", 'parts' => 'shank, shank'], range(1, 5))],
            ],
            'join.advice' => [['parts' => [['id' => 'shank', 'mass' => 6], ['id' => 'bezel', 'mass' => 1.5]], 'between' => 'bezel, shank']],
            'join.chips' => [['length' => 10, 'section' => 1.6]],
            'stretch.test' => [['samples' => [['name' => 'chip', 'start' => 50, 'broken' => 54], ['name' => 'paste', 'start' => 50, 'broken' => 51.5, 'where' => 'beside']]]],
            'set.sequence' => [['count' => 12], ['count' => 5]],
            'tools.list' => [['seats' => [['width' => 6, 'name' => 'centre']], 'setting' => 'claws', 'wire' => 1, 'halo_diameter' => 1.3]],
            'finish.plan' => [['tumble' => true, 'mass_before' => 8.2, 'mass_after' => 7.8, 'casting_mass' => 8.4], ['grits' => [400, 1200], 'finish' => 'satin']],
            'care.advice' => [['alloy' => '18k-white-nickel', 'stones' => [['species' => 'opal']], 'setting' => 'claws', 'rhodium' => true]],
            'hand.over' => [['piece_mass' => 8.2, 'stones_carats' => 1.25, 'expected_mass' => 7.9, 'wanted_diameter' => 17.32, 'size_measured' => 54.5, 'alloy' => '18k-yellow', 'client_metal' => 10, 'client_returned' => 1.5]],
            'cast.check' => [['casting_mass' => 35.1, 'expected_mass' => 35.8, 'charge_mass' => 42, 'button_mass' => 6.7, 'wax_bore' => 17.38, 'expected_bore' => 17.12, 'measured_bore' => 17.1]],
        ];
    }
}
