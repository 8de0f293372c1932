<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Measures\Quantity;
use HotSprue\Sheet\Field;

/** What is read off an instrument or a clock: of each wax attempt, and of each casting. */
final class ReadingFields
{
    public const GROUPS = ['attempts', 'castings'];

    /** @return array<string, Field> the readings of one attempt or casting, by name */
    public static function of(string $group): array
    {
        $fields = match ($group) {
            'attempts' => [
                Field::of(Quantity::Day, 'begun', 'the day it was begun'),
                Field::mass('wax_mass', 'mass of the wax on the balance'),
                Field::choice('weighed', ['pattern', 'tree'], 'whether the bare pattern or the sprued tree was weighed'),
                Field::yesNo('stones_in_wax', 'whether stones were in the wax when it was weighed'),
                Field::mass('stones_mass', 'mass of the stones in it')->allowingZero(),
                Field::length('bore', 'bore by caliper'),
                Field::length('width', 'width by caliper'),
                Field::length('thickness', 'thinnest thickness by caliper'),
                Field::minutes('minutes', 'time spent on it'),
                Field::choice('verdict', ['passed', 'left'], 'whether it was passed or left'),
                Field::text('note', 'why it was left or passed, and the client’s word'),
            ],
            'castings' => [
                Field::of(Quantity::Day, 'poured', 'the day it was poured'),
                Field::mass('charge_mass', 'metal that was melted'),
                Field::mass('casting_mass', 'the casting, sprues on, button off'),
                Field::mass('button_mass', 'the button')->allowingZero(),
                Field::mass('scrap_mass', 'splashes and flash gathered')->allowingZero(),
                Field::length('bore', 'bore of the casting before finishing'),
                Field::choice('verdict', ['good', 'mend', 'cast-again'], 'good, mend, or cast again from a new wax'),
                Field::text('note', 'what was seen'),
            ],
            default => [],
        };

        return array_column($fields, null, 'name');
    }
}
