<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** What can hurt at a station, shown there once. Source: workbook 18. */
final class Cautions
{
    public const FOLLOW = 'Follow your local code and a qualified person’s training.';

    /** @return list<string> */
    public static function at(Station $station, ?string $process): array
    {
        return match ($station) {
            Station::Brief, Station::Form => [],
            Station::Stones => ['Acids and hot pickle: eyes covered, fumes away; an ultrasonic bath and steam hurt hands as well as stones.',
                'Casting stones in place is not offered here: the heat and the shrinkage risk the stone.',
            ],
            Station::Wax => match ($process) {
                'resin' => ['Uncured resin burns and sensitises skin: gloves, and cure it through.'],
                'mould' => ['Hot injection wax burns; let the pot cool before it is opened.'],
                default => [],
            },
            Station::Tree => [
                'Stones tacked on for the client’s look come off before the flask is invested.',
                'Silica in investment powder scars the lungs: respirator, wet clean-up, no sweeping.',
            ],
            Station::Burnout => [
                'Burnout fumes and sulphur gas: ventilate, and do not open a kiln on wax vapour.',
                'An unattended kiln is a fire: only where local rules allow it.',
            ],
            Station::Pour => [
                'Molten metal and hot flasks burn: face, apron, shoes, and a shade for bright heat.',
                'Moisture in a mould explodes as steam: never a cold or damp rod, tongs or metal into a melt.',
                'Spin casting: guard closed, stand clear; an overwound arm or a loose flask flies.',
                'A quenched flask throws steam, hot metal spatters pickle; acid to water, eyes covered.',
                'Zinc fumes when alloying: ventilate. Flux and cadmium-free solder only.',
            ],
        };
    }
}
