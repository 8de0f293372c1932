<?php

declare(strict_types=1);

namespace HotSprue\Workshop;

use HotSprue\Fields\Field;

/** How long a step takes at this bench: attended minutes, and what waits by itself. Source: workbook 15. */
final class TimeFields
{
    private const MINUTES = [
        'brief' => ['the brief with its client', 30], 'form' => ['deciding the form', 30],
        'stones' => ['looking at stones', 15], 'stone' => ['each stone looked at', 5],
        'carve' => ['carving a wax', 120], 'letter' => ['each letter carved', 2.5],
        'texture' => ['a texture on the wax', 60], 'seat' => ['each seat cut in wax', 45],
        'mould' => ['a wax from a mould', 15], 'resin' => ['a printed pattern cleaned and looked at', 10],
        'look' => ['the client’s look', 15], 'client' => ['a client thinks it over for', 2880],
        'sprueing' => ['sprueing', 15], 'sprue' => ['each sprue', 5], 'invest' => ['each flask invested', 25],
        'pour' => ['each flask poured', 20], 'cooling' => ['a poured flask cools for', 20],
        'cleaning' => ['cleaning a casting', 15], 'pickle' => ['pickling takes', 10],
        'shank' => ['a shank made by hand', 45], 'bezel' => ['a bezel or collet made by hand', 40],
        'claw' => ['each claw made by hand', 12], 'plate' => ['a plate made by hand', 60],
        'hole' => ['each hole of a plate', 6], 'heat' => ['each heat', 12], 'prefinish' => ['pre-finishing', 45],
        'finish' => ['finishing', 45], 'grit' => ['each grit', 5], 'tumbler' => ['the tumbler runs for', 120],
        'patina' => ['patina', 15], 'plating' => ['plating', 20], 'handover' => ['handing over', 20],
        'sizing' => ['sizing an old ring', 30], 'held' => ['a flask is held after its burnout', 60],
    ];

    /** @return list<Field> */
    public static function all(): array
    {
        $fields = [];
        foreach (self::MINUTES as $name => [$meaning, $minutes]) {
            $fields[] = Field::minutes("time.{$name}", $meaning)->allowingZero()->default($minutes);
        }

        $fields[] = Field::degreesApart('time.one_fall', 'pours so near to one another share a burnout')
            ->called('one fall')->default(100.0);

        $fields[] = Field::minutes('time.late_spread', 'eight of ten jobs end within so much of their planned day')
            ->called('ends within')->allowingZero()->default(1440.0);

        return $fields;
    }
}
