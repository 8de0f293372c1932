<?php

declare(strict_types=1);

namespace HotSprue\Workshop;

use HotSprue\Fields\Field;

/** Figures of a workshop for seats, stones and settings. */
final class SettingFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [
            Field::choice('seats.school', SeatCutting::names(), 'where seats are cut')->default('trued-in-metal'),
            Field::length('seats.wall', 'wall of a bezel')->default(0.4),
            Field::length('seats.fit', 'clearance between stone and bezel')->allowingZero()->default(0.05),
            Field::length('seats.ledge', 'ledge that a stone rests on')->allowingZero()->default(0.5),
            Field::length('seats.under_culet', 'clearance under a culet')->allowingZero()->default(0.4),
            Field::length('seats.cabochon_seat', 'height of the seat under a cabochon')->default(1.0),
            Field::share(
                'seats.cabochon_cover', 'a cabochon is covered to this share of its height at most',
            )->default(0.3),
            Field::share('seats.notch', 'depth of a claw’s notch, of its wire')->default(0.3),
            Field::share(
                'seats.deepest_notch', 'a notch deeper than this share of the wire breaks the claw',
            )->default(0.4),
            Field::length(
                'seats.least_standing', 'a claw stands at least so high over the girdle before it is bent',
            )->default(1.5),
            Field::share('seats.pilot', 'pilot drill of a seat, of its stone')->default(0.5),
            Field::share('seats.opened', 'a seat is opened to so much of its stone')->default(0.7),
            Field::share('seats.ball', 'ball or bud bur of a seat, of its stone')->default(0.9),
            Field::share('seats.bearing', 'bearing bur of a seat, of its stone')->default(0.95),
            Field::length('seats.wall_below', 'thinnest wall between two seats below the surface')->default(0.2),
            Field::length('seats.girdles_apart', 'girdles nearer than this chip one another')->default(0.05),
            Field::length('seats.tube_wall', 'thinnest wall of tube round a seat')->default(0.3),
            Field::length(
                'seats.tube_under_least', 'the inside of a tube is at least so much under its stone',
            )->default(0.2),
            Field::length(
                'seats.tube_under_most', 'the inside of a tube is at most so much under its stone',
            )->default(0.8),
            Field::share('seats.cup', 'cup of a bead, of its stone')->default(0.35),
            Field::share('seats.bead_below', 'a bead-set girdle lies so far under the surface, of its stone')
                ->allowingZero()->default(0.05),
            Field::share('stones.crown', 'crown of a faceted stone, of its width')->default(0.15),
            Field::share('stones.girdle', 'girdle of a faceted stone, of its width')->default(0.03),
            Field::share('stones.pavilion', 'pavilion of a faceted stone, of its width')->default(0.43),
            Field::length('seats.least_edge', 'metal left between a seat in the band and its edge')->default(0.5),
            Field::length('seats.settings_apart', 'room left between two settings, for pusher and file')->default(0.2),
            Field::share('seats.shared_notch', 'depth of a notch in a claw that two stones share, of its wire')
                ->default(0.2),
            Field::share('seats.plate_caution', 'plate left between two holes, or to its edge, of the wire')
                ->default(0.5),
            Field::share('seats.plate_stop', 'less plate than this tears out, of the wire')->default(0.3),
            Field::minutes('setting.minutes_bezel', 'to set a stone in a bezel')->default(30.0),
            Field::minutes('setting.minutes_claws', 'to set a stone in claws')->default(25.0),
            Field::minutes('setting.minutes_flush', 'to set a stone flush')->default(20.0),
            Field::minutes('setting.minutes_bead', 'to set a stone under beads')->default(15.0),
            Field::minutes('setting.minutes_shared', 'to set a stone whose claws others share')->default(12.0),
        ];
    }
}
