<?php

declare(strict_types=1);

namespace HotSprue\Asking;

/**
 * How each sum is asked for: words that name it, and in which order its bare figures are said (`4 x 1.65` is a width
 * and a thickness).
 */
final class SumWords
{
    private const WORDS = [
        'size.convert' => ['convert size diameter circumference inside finger scale mandrel', 'size'],
        'size.fit' => ['broad wide band fit comfort', 'width'],
        'form.band' => ['band volume ring shank weigh weighs heavy', 'width_top thickness_top'],
        'stone.outline' => ['outline girdle corners template', 'length width'],
        'stone.weight' => ['stone carat carats ct weigh weighs weight stand', 'length width'],
        'care.check' => ['stands care heat safe acid ultrasonic pickle', ''],
        'seat.bezel' => ['bezel collet rub rubover blank', 'length width'],
        'seat.claw' => ['claw claws prong prongs collet basket', 'length width'],
        'seat.round' => ['seat bur burs drill cup flush bead', 'diameter'],
        'seat.depth' => ['culet under deep depth finger', 'diameter thickness'],
        'seat.gallery' => ['gallery basket rail', 'length width'],
        'setting.place' => ['place shoulder setting gap', 'length width'],
        'settings.total' => ['settings all together carats minutes', ''],
        'settings.cut' => ['stock settings wire claws enough', ''],
        'layout.halo' => ['halo how many around', 'stone_diameter width length'],
        'layout.cluster' => ['cluster shared claws flower', 'stone_diameter'],
        'layout.row' => ['row stones eternity line along spacing pitch', 'largest outer_diameter'],
        'layout.lettering' => ['letters lettering text engrave signet inscription', 'outer_diameter'],
        'layout.divide' => ['divide parts equal spaces dividers', 'total parts'],
        'layout.grid' => ['grid lines mark wax', 'width thickness bore'],
        'layout.symmetry' => ['symmetry sides differ compare', ''],
        'wax.dimensions' => ['wax size sizes carve bore shrink shrinkage', 'width thickness'],
        'wax.predict' => ['wax finishes predict bore become', 'bore width thickness'],
        'wax.density' => ['wax density', 'mass'],
        'wax.like' => ['like earlier wax compare', 'like_mass'],
        'clay.ring' => ['clay metal-clay fired mandrel', 'width thickness'],
        'blank.choose' => ['blank tube block wax choose', 'bore width thickness'],
        'time.plan' => ['plan schedule who does what when late kiln hours', ''],
        'time.promise' => ['promise promised ready when can by date day', ''],
        'metal.charge' => ['wax metal charge melt cast button weigh weighs how much', 'wax_mass'],
        'alloy.density' => ['alloy density composition', ''],
        'alloy.mix' => ['fineness mix raise lower bring refine', ''],
        'sprue.size' => ['sprue gate feed band wax', 'width thickness'],
        'flask.choose' => ['flask tree which cylinder', 'across tall'],
        'tree.pack' => ['tree several together', ''],
        'investment.mix' => ['investment powder water mix plaster flask', 'flask_diameter flask_height'],
        'pour.temperatures' => ['pour heat flask metal temperature temperatures liquidus', 'thinnest'],
        'burnout.programme' => ['burnout kiln programme switch ramp', 'flask_diameters'],
        'burnout.core' => ['core feels burnout inside', 'diameter'],
        'pour.fill' => ['fill filling freeze freezing', 'thinnest_modulus'],
        'spin.balance' => ['spin arm counterweight balance centrifugal', 'flask_mass crucible_mass charge_mass'],
        'cast.check' => ['casting check loss lost button expected', 'casting_mass charge_mass'],
        'strip.length' => ['strip length shank blank cut saw', 'thickness width'],
        'stock.cut' => ['pieces stock kerf cut saw rest', 'stock_length'],
        'plate.cut' => ['plate sheet dome nest', 'width thickness'],
        'wire.ring' => ['wire jump rings ring coil', 'inner_diameter wire'],
        'forge.length' => ['forge forged taper ends draw', 'width thickness length'],
        'seam.fit' => ['foot seam saddle file collet', 'outer_diameter foot'],
        'ingot.length' => ['ingot pour bar roll', 'mass width thickness'],
        'anneal.passes' => ['anneal annealing annealings passes draw roll dome', 'thickness'],
        'inlay.fit' => ['inlay groove insert', 'width thickness'],
        'size.change' => ['resize sizing larger smaller up down bigger stretch', 'width thickness'],
        'join.plan' => ['solder order joints grades heats', ''],
        'join.advice' => ['flame torch where solder', ''],
        'join.chips' => ['chips paillons solder chip', 'length section'],
        'stretch.test' => ['stretch test', ''],
        'heat.piece' => ['torch heat fire warm loses enough', ''],
        'heat.step' => ['torch moment flame rehearse', ''],
        'pour.minute' => ['minute crucible release mirror', ''],
        'set.push' => ['pushed tips level tilt', 'count'],
        'set.sequence' => ['push pushing sequence claws order', 'count'],
        'tools.list' => ['burs tools drills bur', ''],
        'bench.order' => ['order bench polish plate when', ''],
        'finish.plan' => ['finish polish grits paper steps', 'mass_before mass_after'],
        'hand.over' => ['hand over last look check', 'piece_mass'],
        'time.steps' => ['minutes time step long how hours', ''],
        'price.quote' => ['quote price charge cost margin', ''],
        'own.figure' => ['own figure samples median usual spread', 'default'],
        'care.advice' => ['client told care advice', ''],
    ];

    /** @return list<string> */
    public static function of(string $calculation): array
    {
        return array_map(Question::stem(...), explode(' ', self::WORDS[$calculation][0] ?? ''));
    }

    /** @return list<string> names of its inputs in the order in which bare figures are said */
    public static function order(string $calculation): array
    {
        return array_values(array_filter(explode(' ', self::WORDS[$calculation][1] ?? '')));
    }
}
