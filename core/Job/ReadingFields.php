<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\Field;
use HotSprue\Layout\LayoutSymmetry;
use HotSprue\Measures\Quantity;
use HotSprue\Solder\JoinPlan;
use HotSprue\Stones\Shape;

/** What is read off an instrument or a clock: of each stone, each wax attempt and each casting. */
final class ReadingFields
{
    public const GROUPS = ['stones', 'cuts', 'attempts', 'castings', 'parts', 'joints'];

    /** @return array<string, Field> the readings of one attempt or casting, by name */
    public static function of(string $group): array
    {
        $fields = match ($group) {
            'stones' => [
                Field::text('name', 'which stone it is'),
                Field::choice('group', ['centre', 'halo', 'shoulders', 'other'], 'where it belongs')->default('centre'),
                Field::named('species', 'stock.species', 'what stone it is'),
                Field::choice('shape', Shape::names(), 'outline of its girdle'),
                Field::length('width', 'width; the diameter of a round'),
                Field::length('length', 'length'),
                Field::length('depth', 'depth from table to culet, or height of a cabochon'),
                Field::choice('cut', ['faceted', 'cabochon'], 'faceted or cabochon'),
                Field::count('count', 'how many alike'),
                Field::number('weighed_carats', 'what it weighs on a balance, carats'),
                Field::yesNo('treated', 'whether it is treated, filled or included'),
                Field::choice('owner', ['client', 'workshop'], 'whose it is'),
                Field::choice('source', ['bought', 'heirloom', 'reclaimed'], 'where it comes from'),
                Field::yesNo('keep_setting', 'reclaimed: whether the old setting is to be kept'),
                Field::of(Quantity::Day, 'removed', 'reclaimed: the day it was taken out, weighed and measured'),
                Field::text('condition', 'chips, wear and treatment as seen'),
                Field::of(Quantity::Day, 'acknowledged', 'the day the client signed for its condition'),
                Field::yesNo('in_fire', 'whether it is set while the piece is soldered'),
                Field::text('price', 'price'),
                Field::text('place', 'where it is now'),
            ],
            'attempts' => [
                Field::of(Quantity::Day, 'begun', 'the day it was begun'),
                Field::mass('wax_mass', 'mass of the wax on the balance'),
                Field::choice('weighed', ['pattern', 'tree'], 'whether the bare pattern or the sprued tree was weighed'),
                Field::yesNo('stones_in_wax', 'whether stones were in the wax when it was weighed'),
                Field::mass('stones_mass', 'mass of the stones in it')->allowingZero(),
                Field::length('bore', 'bore by caliper'),
                Field::length('width', 'width by caliper'),
                Field::length('thickness', 'thinnest thickness by caliper'),
                Field::rows('pairs', LayoutSymmetry::columns(), 'pairs measured on both sides'),
                Field::minutes('minutes', 'time spent on it'),
                Field::choice('verdict', ['passed', 'left'], 'whether it was passed or left'),
                Field::text('note', 'why it was left or passed, and the client’s word'),
            ],
            'castings' => [
                Field::of(Quantity::Day, 'poured', 'the day it was poured'),
                Field::mass('charge_mass', 'metal that was melted'),
                Field::mass('casting_mass', 'the casting, button off'),
                Field::choice('weighed', ['whole', 'trimmed'], 'whether its sprues were on when it was weighed'),
                Field::mass('sprues_mass', 'the sprues, cut off')->allowingZero(),
                Field::mass('button_mass', 'the button')->allowingZero(),
                Field::mass('scrap_mass', 'splashes and flash gathered')->allowingZero(),
                Field::length('bore', 'bore of the casting before finishing'),
                Field::choice('verdict', ['good', 'mend', 'cast-again'], 'good, mend, or cast again from a new wax'),
                Field::text('note', 'what was seen'),
            ],
            'cuts' => [
                Field::text('name', 'what is cut'),
                Field::length('length', 'its length'),
                Field::count('count', 'how many now')->allowingZero(),
            ],
            'parts' => [
                Field::text('id', 'name of the part'),
                Field::named('alloy', 'stock.alloys', 'its alloy; the piece’s unless said'),
                Field::mass('mass', 'its mass'),
            ],
            'joints' => [
                Field::text('id', 'name of the joint'),
                Field::text('parts', 'the parts it joins, with a comma; a part closed on itself twice')->many(),
                Field::text('after', 'joints that come before it')->many(),
                Field::choice('form', JoinPlan::FORMS, 'form of the solder'),
                Field::named('grade', 'stock.solders', 'solder, where it is fixed'),
                Field::text('same_heat', 'letter that joints share which share a heat'),
                Field::yesNo('hollow', 'whether it closes a hollow'),
                Field::yesNo('vent', 'whether the hollow has a vent hole'),
                Field::yesNo('guard', 'whether it is guarded, so that its grade may be used again'),
                Field::yesNo('cold', 'whether it is made without a torch'),
                Field::yesNo('textured', 'whether a face beside it is textured'),
                Field::yesNo('thin_wire', 'whether it puts thin wire on a thick base'),
                Field::length('length', 'length of the joint'),
                Field::length('section', 'thickness of the metal that meets'),
                Field::length('gap', 'how far it gapes, as seen before the heat')->allowingZero(),
                Field::choice('outcome', ['flowed', 'needs-more', 'slipped'], 'how it went'),
            ],
            default => [],
        };

        return array_column($fields, null, 'name');
    }
}
