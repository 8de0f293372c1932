<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Fields\Field;
use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\Kind;
use HotSprue\Job\StationPlan;
use HotSprue\Measures\Quantity;

/** What is agreed with the client: the piece, the finger, the metal, the day. */
final class Brief extends StationPlan
{
    public function signOff(): string
    {
        return 'Agree this brief';
    }

    public function uses(): array
    {
        return [
            CalculationUse::of('size.convert', [
                'scale' => From::fixed('circumference'),
                'size' => From::decision('brief.finger'),
            ]),
            CalculationUse::of('size.fit', [
                'inner_diameter' => From::result('size.convert', 'inner_diameter'),
                'width' => [From::decision('form.width_base'), From::decision('form.width_top')],
                'profile' => From::decision('form.profile'),
                'apply' => From::decision('brief.fit_apply'),
            ])->needing('inner_diameter'),
        ];
    }

    public function decisions(): array
    {
        return [
            Field::choice('brief.kind', Kind::names(), 'cast, made by hand from stock, or an old ring to be sized')
                ->called('kind of job')->default('cast'),
            Field::text('brief.title', 'what the piece is called'),
            Field::text('brief.note', 'what the client wants, in words'),
            Field::of(Quantity::Day, 'brief.due', 'when it is due'),
            Field::text('brief.budget', 'what the client means to spend'),
            Field::of(Quantity::RingSize, 'brief.finger', 'the finger, at the knuckle or as the ring must pass'),
            Field::of(Quantity::RingSize, 'brief.finger_base', 'the finger at its base, measured the second time'),
            Field::length('brief.sizer_width', 'width of the sizer it was measured with'),
            Field::of(Quantity::Day, 'brief.finger_measured', 'when the finger was measured'),
            self::fed('brief.fit_apply'),
            self::fed('brief.alloy'),
            Field::text('brief.client_metal', 'metal that the client brings')->called('client’s metal'),
            Field::text('brief.client_stones', 'stones that the client brings')->called('client’s stones'),
        ];
    }

    public function figures(): array
    {
        return [
            Figure::of('size.convert', 'inner_diameter', 'inside the ring')->always(),
            Figure::of('size.fit', 'inner_diameter', 'to make')->always(),
            Figure::of('size.fit', 'inner_circumference', 'round, to make')->always(),
            Figure::of('size.fit', 'mark', 'on the stick')->always(),
        ];
    }
}
