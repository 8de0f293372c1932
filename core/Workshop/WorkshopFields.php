<?php

declare(strict_types=1);

namespace HotSprue\Workshop;

use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;
use HotSprue\Measures\Scale;
use HotSprue\Stock\Alloys;
use HotSprue\Stock\BenchTools;
use HotSprue\Stock\Blanks;
use HotSprue\Stock\BroadBands;
use HotSprue\Stock\Clays;
use HotSprue\Stock\CupTools;
use HotSprue\Stock\Flasks;
use HotSprue\Stock\Solders;
use HotSprue\Stock\SpeciesList;
use HotSprue\Stock\SprueWires;
use HotSprue\Stock\Torch;
use HotSprue\Stock\Tubes;
use HotSprue\Stock\Waxes;

/** Every figure that a workshop may call its own, with what ships. A rule's name is its path. */
final class WorkshopFields
{
    /** @var array<string, Field>|null */
    private static ?array $all = null;

    /** @return array<string, Field> by path */
    public static function all(): array
    {
        return self::$all ??= array_column(self::fields(), null, 'name');
    }

    /** @return list<Field> */
    private static function fields(): array
    {
        return [
            Field::choice('units.length', ['mm', 'in', 'gauge'], 'how lengths are shown')->default('mm'),
            Field::choice('units.mass', ['g', 'dwt', 'ozt'], 'how masses are shown')->default('g'),
            Field::choice('units.temperature', ['C', 'F'], 'how temperatures are shown')
                ->saying(['C' => '°C', 'F' => '°F'])->default('C'),
            Field::choice(
                'units.size', ['us', 'uk', 'iso', 'jp', 'ch'], 'the ring scale that a bare size means',
            )->saying(Scale::sayings())->default('us'),

            Field::length('allowances.finish_inside', 'finishing takes off the inside')->allowingZero()->default(0.10),
            Field::length('allowances.finish_outside', 'finishing takes off the outside')
                ->allowingZero()->default(0.15),
            Field::length('allowances.finish_side', 'finishing takes off each side')->allowingZero()->default(0.10),
            Field::number('allowances.light', 'light finishing takes this many times as much')->default(0.5),
            Field::number('allowances.heavy', 'heavy texture removal takes this many times as much')->default(2.0),
            Field::length('limits.crown_caution', 'thinnest crown of a daily-wear shank')->default(1.2),
            Field::length('limits.crown_stop', 'a crown thinner than this fails')->default(0.8),
            Field::length('limits.edge', 'thinnest edge of a court or knife section')->default(0.8),
            Field::length('limits.steady_shank', 'a top-heavy ring turns on a shank narrower than this')->default(2.0),
            Field::share(
                'limits.top_heavy', 'more of its metal than this over the finger’s middle makes a ring top-heavy',
            )->default(0.6),
            Field::rows(
                'limits.broad_bands', BroadBands::columns(), 'how much up a broad band goes',
            )->default(BroadBands::shipped()),

            Field::share('shrinkage.carved', 'wax to finished casting, hand-carved wax')
                ->between(0, 0.3)->default(0.015),
            Field::share('shrinkage.mould', 'master to casting by way of a rubber mould')
                ->between(0, 0.3)->default(0.035),
            Field::share('shrinkage.resin', 'printed resin to casting')->between(0, 0.3)->default(0.010),
            Field::share('shrinkage.clay', 'metal clay, by its sheet')->between(0, 0.3)->default(0.11),
            Field::share('shrinkage.mould_weighed', 'weighed moulded wax to casting')->between(0, 0.3)->default(0.015),

            Field::share('charge.button_spin', 'button as a share of the fill, spin casting')->default(0.15),
            Field::share('charge.button_vacuum', 'button as a share of the fill, vacuum')->default(0.20),
            Field::share('charge.button_hand', 'button as a share of the fill, poured by hand')->default(0.25),
            Field::mass('charge.least_spin', 'least button, spin casting')->default(5.0),
            Field::mass('charge.least_vacuum', 'least button, vacuum')->default(8.0),
            Field::mass('charge.least_hand', 'least button, poured by hand')->default(10.0),
            Field::share('charge.off_drawing', 'weighed wax and drawing may differ by so much')->default(0.1),
            Field::share('charge.new_caution', 'least share of clean new metal')->default(0.5),
            Field::share('charge.new_stop', 'a smaller share of new metal is refused')->default(0.3),
            Field::choice('charge.method', ['spin', 'vacuum', 'hand'], 'how this workshop pours')->default('spin'),

            Field::length('sprue.least', 'thinnest sprue')->default(2.0),
            Field::number('sprue.margin', 'sprue modulus over the modulus it feeds')->between(1.0, 1.3)->default(1.1),
            Field::length('sprue.length', 'length of a sprue')->default(10.0),
            Field::length('sprue.stem_length', 'length of the stem that a Y or three sprues join')
                ->allowingZero()->default(8.0),
            Field::number(
                'sprue.reach_caution',
                'metal that runs farther than this often freezes, in moduli of the thinnest section',
            )->default(45.0),
            Field::number(
                'sprue.reach_stop', 'metal that runs farther than this freezes, in moduli of the thinnest section',
            )->default(73.0),
            Field::length('flask.wall', 'pattern to flask wall')->default(6.0),
            Field::length('flask.end', 'top of the pattern to the end')->default(12.0),

            Field::length('wax.spare', 'wax to spare on every side of a blank, and for truing each face')->default(0.5),
            Field::of(Quantity::Density, 'wax.density_least', 'carving wax is no lighter than this')->default(0.93),
            Field::of(Quantity::Density, 'wax.density_most', 'carving wax is no heavier than this')->default(1.03),

            Field::of(Quantity::Density, 'investment.powder_density', 'density of investment powder')->default(2.55),

            Field::number('investment.water_per_100', 'ml of water to 100 g of powder')->between(20, 60)->default(40.0),
            Field::number('investment.overage_percent', 'slurry mixed over what the flask takes')
                ->between(0, 50)->default(5.0),
            Field::minutes('investment.working_time', 'from powder in water until it sets')
                ->between(3, 30)->default(9.0),
            Field::choice(
                'investment.standing', ['short', 'long'], 'how long an invested flask stands',
            )->default('short'),

            Field::choice(
                'burnout.school', ['auto', 'short', 'medium', 'long', 'three-step', 'overnight'],
                'the programme this workshop burns',
            )->default('auto'),
            Field::of(Quantity::HeatingRate, 'burnout.climb_c_per_min', 'how fast the kiln climbs')->default(6.0),
            Field::of(Quantity::HeatingRate, 'burnout.fall_c_per_min', 'how fast the kiln falls')->default(3.0),
            Field::minutes('burnout.least_hold', 'least hold of a stage')->default(15.0),
            Field::minutes('burnout.least_top_hold', 'least hold of the hottest stage')->default(60.0),
            Field::temperature('burnout.gypsum_limit', 'gypsum investment breaks down above')->default(732.0),
            Field::minutes('burnout.wait', 'least time at the pouring heat of each later flask')->default(20.0),
            Field::minutes('burnout.clean', 'the core is to be above 620 °C for so long')->default(60.0),
            Field::minutes('burnout.clean_stop', 'a core above 620 °C for less than this keeps carbon')->default(20.0),
            Field::degreesApart(
                'burnout.core_lag', 'the core may differ from the kiln at the pour by so much',
            )->default(30.0),
            Field::temperature(
                'burnout.wet_caution', 'a kiln over this with the core still wet is a caution',
            )->default(520.0),
            Field::temperature(
                'burnout.wet_stop', 'a kiln over this with the core still wet cracks the mould',
            )->default(600.0),

            Field::temperature(
                'pour.coldest_flask', 'a flask under this freezes the metal at the gate',
            )->default(200.0),
            Field::length('pour.thin', 'a section thinner than this wants a hotter flask')->default(1.0),
            Field::length('pour.thick', 'a section thicker than this wants a cooler flask')->default(2.5),
            Field::degreesApart(
                'pour.shift', 'a flask is so much hotter for thin work, and cooler for thick',
            )->default(40.0),
            Field::share(
                'pour.fill_caution', 'filling longer than this share of the freezing time is a caution',
            )->default(0.25),
            Field::share('pour.fill_stop', 'filling longer than this share of the freezing time fails')->default(0.5),
            Field::number(
                'pour.entry', 'the drive is to be so many times the pressure that the metal needs to enter',
            )->default(1.5),

            Field::share('cast.loss_caution', 'more loss in the melt than this is a caution')->default(0.01),
            Field::share('cast.loss_stop', 'more loss in the melt than this is looked into')->default(0.03),
            Field::mass('cast.ignored', 'less loss than this is the balance’s')->allowingZero()->default(0.05),
            Field::share(
                'cast.light', 'a casting lighter than this may be hollow, where the wax’s density was measured',
            )->default(0.03),
            Field::share(
                'cast.light_by_list',
                'a casting lighter than this may be hollow, where the wax’s density is by the list',
            )->default(0.06),

            Field::degreesApart(
                'kiln.off', 'a kiln this far from its programme is not doing what was asked',
            )->default(40.0),
            Field::minutes('kiln.off_for', 'and is told of after so long')->default(10.0),
            Field::degreesApart('kiln.over', 'a thermocouple reads so much over before it is an alarm')
                ->allowingZero()->default(12.0),

            ...SettingFields::all(),
            Field::length('tools.near', 'tools this near in size are one')->default(0.05),
            Field::length('layouts.symmetry', 'a pair may differ by so much')->allowingZero()->default(0.2),
            Field::length('layouts.edge_gap', 'from the centre’s edge to the stones round it')
                ->allowingZero()->default(0.15),
            Field::length('layouts.stone_gap', 'between two stones of a layout')->allowingZero()->default(0.1),
            Field::length('layouts.finest_step', 'the finest step that dividers are set to')->default(0.3),
            Field::length('layouts.narrowest_letter', 'the narrowest letter that is cut')->default(0.8),
            Field::length('layouts.narrowest_part', 'the narrowest part that is drilled or sawn')->default(0.5),

            Field::length('work.kerf', 'width of a saw cut')->allowingZero()->default(0.3),
            Field::share('work.stretch_gold', 'gold is stretched or pressed under this')->default(0.05),
            Field::share('work.stretch_silver', 'silver is stretched or pressed under this')->default(0.08),
            Field::share('work.bend', 'bent, domed or pressed so far between two annealings')->default(0.15),
            Field::share('work.reduction', 'drawn or rolled so far between two annealings')
                ->between(0.05, 0.9)->default(0.5),
            Field::length('work.lip', 'a lip over an inlay thinner than this tears')->default(0.6),
            Field::number('sizing.fee_up', 'fee for a ring made larger, in the workshop’s money')->default(40.0),
            Field::number('sizing.fee_down', 'fee for a ring made smaller')->default(35.0),
            Field::number('sizing.per_stone', 'fee for checking each stone')->default(4.0),
            Field::length(
                'sizing.stones_caution', 'a set ring changed by more than this across is a caution',
            )->default(0.4),
            Field::length(
                'sizing.stones_stop', 'a ring of channel or pavé changed by more than this across is remade',
            )->default(0.8),

            Field::degreesApart('solder.step', 'a solder flows this far under those already there')->default(10.0),
            Field::degreesApart(
                'solder.margin', 'a solder flows this far under the solidus of every part',
            )->default(10.0),
            Field::degreesApart(
                'solder.margin_caution', 'nearer than this to the solidus of a part is a caution',
            )->default(25.0),
            Field::degreesApart(
                'solder.moves', 'a flow this far over an earlier solder’s solidus lets that joint move',
            )->default(30.0),
            Field::degreesApart('solder.read', 'flows nearer than this are not told apart at the torch')->default(20.0),
            Field::choice(
                'solder.law', ['off', 'on'], 'whether solder must be as fine as the assay office asks',
            )->default('off'),
            Field::choice(
                'solder.school', ['hardest', 'easy'], 'which solder a single joint takes',
            )->default('hardest'),
            Field::share('solder.least_silver', 'least fineness of solder on silver')->default(0.65),
            Field::share('solder.least_9k', 'least fineness of solder on 9 and 10k')->default(0.375),
            Field::share('solder.least_14k', 'least fineness of solder on 14k')->default(0.585),
            Field::share('solder.least_18k', 'least fineness of solder on 18 and 22k')->default(0.75),
            Field::length('solder.chip', 'side of a chip')->default(1.0),
            Field::length('solder.chip_thickness', 'thickness of a chip')->default(0.25),
            Field::length('solder.gap', 'a good joint’s gap: a hair')->default(0.07),
            Field::length('solder.gap_caution', 'a joint that gapes wider than this is a caution')->default(0.15),
            Field::length('solder.gap_stop', 'a joint that gapes wider than this is not filled')->default(0.2),
            Field::number(
                'solder.even', 'sides whose masses differ by less than this many times are heated alike',
            )->default(1.25),
            Field::share('solder.alike', 'stretched samples that differ by less than this are alike')->default(0.005),
            Field::choice('heat.torch', Torch::names(), 'the torch that a rehearsal begins with')
                ->saying(Torch::sayings())->default(Torch::AirGas->value),

            Field::minutes('finish.tumble', 'time in the tumbler')->default(90.0),
            Field::share('finish.loss', 'more loss in finishing than this is a caution')->default(0.1),
            Field::number('finish.grit_step', 'a grit may be so many times as fine as the one before')->default(2.0),
            Field::share('finish.off', 'a finished piece may be so far from what it should weigh')->default(0.05),
            Field::length(
                'finish.size', 'a finished ring this far from its size is a caution; a quarter of a US size',
            )->default(0.2032),

            ...TimeFields::all(),
            ...PriceFields::all(),
            Field::number('own.prior', 'the usual figure counts as so many jobs of one’s own')->default(5),

            Field::rows('stock.solders', Solders::columns(), 'solders')->default(Solders::shipped()),
            Field::rows(
                'stock.tools', BenchTools::columns(), 'burs, drills and tools that the workshop owns',
            )->default(BenchTools::shipped()),
            Field::rows(
                'stock.species', SpeciesList::columns(), 'stones, and what they stand',
            )->default(SpeciesList::shipped()),
            Field::rows('stock.tubes', Tubes::columns(), 'tube for bezels')->default(Tubes::shipped()),
            Field::rows('stock.cup_tools', CupTools::columns(), 'beading tools')->default(CupTools::shipped()),
            Field::rows('stock.alloys', Alloys::columns(), 'alloys')->default(Alloys::shipped()),
            Field::rows('stock.waxes', Waxes::columns(), 'waxes')->default(Waxes::shipped()),
            Field::rows('stock.clays', Clays::columns(), 'sorts of metal clay')->default(Clays::shipped()),
            Field::length('clay.card', 'thickness of a card that clay is rolled between')->default(0.25),
            Field::minutes('clay.drying', 'clay dries for so long before it is fired')->default(1440.0),
            Field::length('clay.wide', 'a band of this width or more holds the mandrel faster')->default(6.0),
            Field::number('clay.wide_sizes', 'such a band is formed so many US sizes farther up')
                ->between(0, 2)->default(0.5),
            Field::rows('stock.blanks', Blanks::columns(), 'wax tubes and blocks')->default(Blanks::shipped()),
            Field::rows('stock.flasks', Flasks::columns(), 'flasks')->default(Flasks::shipped()),
            Field::rows('stock.sprue_wires', SprueWires::columns(), 'sprue wire')->default(SprueWires::shipped()),
        ];
    }
}
