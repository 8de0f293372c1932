<?php

declare(strict_types=1);

namespace HotSprue\Strip;

use HotSprue\Calculation\Description;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Form\SectionInput;
use HotSprue\Measures\Quantity;
use HotSprue\Solder\OldWork;
use HotSprue\Solder\SetStones;

/** What `SizeChange` takes, gives and finds. */
final class SizeChangeDescription
{
    public static function make(): Description
    {
        return new Description(
            'size.change',
            'Larger or smaller',
            'How a ring is made larger or smaller, and what it costs in metal',
            SizeChange::SOURCE,
            [
                Field::of(Quantity::RingSize, 'from', 'the size that it has'),
                Field::of(Quantity::RingSize, 'to', 'the size that it is to have'),
                ...SectionInput::fields('shank'),
                Field::named('alloy', 'stock.alloys', 'the alloy'),
                Field::length('kerf', 'width of a saw cut')->allowingZero()->fromSetting('work.kerf'),
                Field::choice('method', SizeChange::METHODS, 'how it is done, where it is chosen by hand')
                    ->called('how, if you choose')->optional(),
                Field::choice('stones_in', SizeChange::STONES, 'where stones are set in it')
                    ->called('stones in it')->default('none'),
                Field::count('stones', 'how many stones are set in it')->allowingZero()->default(0),
                ...array_filter(SetStones::fields(), static fn (Field $field): bool => $field->name === 'set_stones'),
                Field::yesNo('joint', 'whether the shank has a soldered joint already')
                    ->called('has a joint already?')->default(false),
                Field::number('metal_price', 'price of a gram of the metal')->called('price of a gram')->optional(),
                ...OldWork::fields(),
            ],
            [
                Output::length('change_diameter', 'how much larger the diameter becomes')->called('change, across'),
                Output::length('change_round', 'how much longer it becomes round the inside')->called('change, round'),
                Output::share('strain', 'stretch of a plain band'),
                Output::share('limit', 'a plain band is stretched or pressed under this'),
                Output::text('method', 'how it is done'),
                Output::length('insert', 'piece to let in'),
                Output::length('edges_apart', 'outer edges of the two cuts'),
                Output::length('scribe_apart', 'centres of the two cuts, to scribe inside'),
                Output::length('edges_outside', 'outer edges of the two cuts, on the outside of the shank'),
                Output::length('scribe_outside', 'centres of the two cuts, to scribe on the outside of the shank'),
                Output::of(Quantity::Count, 'passes', 'passes on the mandrel, annealed before each'),
                Output::text('annealing', 'how it is annealed'),
                Output::rows('steps', 'what is done, in order'),
                Output::length('thickness_after', 'thickness afterwards')->called('thick afterwards'),
                Output::mass('metal_change', 'metal that is added, or comes off')->called('metal let in or taken out'),
                Output::number('price_hint', 'what it comes to, in the workshop’s money')->called('price, a hint'),
            ],
            [
                'stones-set' => 'stones set, and the diameter changes by over 0.4 mm',
                'stones-remade' => 'channel, pavé or a full circle, and the diameter changes by over 0.8 mm',
                'stretch-too-far' => 'stretched or pressed as far as the metal goes, or farther',
                'stretch-through-stones' => 'stretched through a zone that is set with stones',
                'wrong-way' => 'a way of working that goes the other way',
                'joint-in-way' => 'stretched with a soldered joint in the shank',
                'kerf-takes-it' => 'one saw cut is wider than what is to come out',
                'thin-after' => 'thinner than a daily ring should be afterwards',
                ...OldWork::FINDINGS,
                // What is set in old work is in the fire, unless it is taken out: nothing is left unsaid of it.
                ...array_diff_key(SetStones::FINDINGS, ['fire-unsaid' => 1]),
            ],
        );
    }
}
