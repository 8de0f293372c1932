<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Calculation\Description;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;
use HotSprue\Stones\StoneInput;

/** What `SeatBezel` takes, gives and finds. */
final class SeatBezelDescription
{
    public static function make(): Description
    {
        return new Description(
            'seat.bezel',
            'Bezel',
            'The strip for a bezel round a stone, what it weighs and how it is carved',
            SeatBezel::SOURCE,
            [
                ...StoneInput::fields(),
                Field::choice('cut', ['faceted', 'cabochon'], 'faceted or cabochon')->default('faceted'),
                ...Proportions::fields(),
                Field::length('wall', 'wall of the bezel')->fromSetting('seats.wall'),
                Field::length('fit', 'clearance between stone and wall')->allowingZero()->fromSetting('seats.fit'),
                Field::length(
                    'seat_height', 'from the foot to the seat; pavilion + 0.4, or 1.0 under a cabochon, unless said',
                )
                    ->called('foot to seat')->optional(),
                Field::length('cover', 'metal pushed over the girdle; by the width unless said')->optional(),
                Field::length('ledge_width', 'width of the ledge that the stone rests on')
                    ->called('ledge')->allowingZero()->fromSetting('seats.ledge'),
                Field::choice(
                    'corners', ['bent', 'scored'],
                    'how the strip goes round points; scored for rectangle and octagon unless said',
                )->optional(),
                Field::choice('made_from', ['strip', 'tube'], 'strip, or tube for a small round')->default('strip'),
                Field::named('alloy', 'stock.alloys', 'the alloy')->optional(),
                ...InWax::fields(),
            ],
            [
                Output::length('strip_length', 'length of the strip along its neutral middle')->called('strip to cut'),
                Output::length('strip_height', 'height of the strip'),
                Output::length('seat_height', 'from the foot to the seat'),
                Output::length('cover', 'metal pushed over the girdle'),
                Output::length('outside_width', 'width of the bezel outside'),
                Output::length('outside_length', 'length of the bezel outside'),
                Output::of(Quantity::CubicMillimetres, 'volume_mm3', 'volume of wall and ledge'),
                Output::of(
                    Quantity::CubicMillimetres, 'wax_volume_mm3',
                    'volume of the same in wax, finishing and shrinkage added',
                ),
                Output::mass('mass', 'mass in its own alloy'),
                Output::rows('masses', 'mass in every alloy, g'),
                Output::length('wall_in_wax', 'wall to carve, cast in one piece'),
                Output::length('outside_width_in_wax', 'width outside to carve, cast in one piece'),
                Output::length('outside_length_in_wax', 'length outside to carve, cast in one piece'),
                Output::length('height_in_wax', 'height to carve, cast in one piece'),
                Output::length('root_modulus', 'area over perimeter of its foot as cast'),
                Output::length('seat_width_in_wax', 'width of the seat to cut in the wax'),
                Output::length('seat_length_in_wax', 'length of the seat to cut in the wax'),
                Output::length('play_in_wax', 'play of the stone in the wax'),
                Output::text('tube', 'tube from stock, outside × inside'),
                Output::length('tube_inside', 'inside of the tube that it is cut from'),
            ],
            [
                'wall-thin' => 'wall under 0.3 mm',
                'cover-too-high' => 'cover over 30 % of a cabochon’s height',
                'no-tube' => 'no tube in stock suits the stone',
                'stone-loose-in-wax' => 'the stone has play in the wax, as casting closes the seat',
            ],
        );
    }
}
