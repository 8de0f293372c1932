<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** What can hurt at a station, shown there once. Source: workbook 18. */
final class Cautions
{
    public const FOLLOW = 'Follow your local code and a qualified person’s training.';

    /** @return list<string> */
    public static function at(Station $station, ?string $process, bool $nickel = false): array
    {
        return match ($station) {
            Station::Brief => $nickel ? [
                'Nickel: this alloy can bring on a skin allergy, and local law limits what it may give off. Ask the '
                    .'client, and offer a palladium white.',
            ] : [],
            Station::Form => [
                'Hot metal looks cold: tongs, and a place where it may lie.',
                'A rolling mill takes fingers: cuffs, hair and gloves away.',
            ],
            Station::Sizing => [
                'Old work: look for lead, cadmium and fire gilding before any flame; their fumes poison.',
            ],
            Station::Join => [
                'Cadmium-free solder only; flux fumes: ventilate. Old solder with cadmium or lead, and mercury '
                    .'gilding, are not heated.',
                'Gas: leak test, bottles upright, a backfire is shut at the bottle. Platinum’s heat wants a '
                    .'welding shade.',
                'Boric acid in alcohol: burnt off away from the bottle; the flame is not seen. It is toxic to '
                    .'reproduction; methanol poisons.',
                'A hollow without a vent bursts; pickle trapped in one spits. Acid to water, eyes covered, hot metal '
                    .'does not go in.',
            ],
            Station::Set => [
                'A graver that slips goes into the hand: thumb behind it, the stone guarded.',
                'Laser: eyes by its class, covers closed.',
            ],
            Station::Finish => [
                'A polishing wheel catches: no gloves, hair and sleeves tied, the piece held below the middle.',
                'Polishing dust scars the lungs: extraction, respirator.',
                'Patina of sulphide and acid together make a poisonous gas; cyanide baths and acid are never in '
                    .'one room.',
                'Rhodium baths are acid and sensitise; an ultrasonic bath is not for hands.',
            ],
            Station::HandOver => [
                'Law may want a mark before it is sold: ask the local assay office. Nickel against the skin is '
                    .'limited by law.',
            ],
            Station::Stones => ['Acids and hot pickle: eyes covered, fumes away; an ultrasonic bath and steam hurt '
                .'hands as well as stones.',
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
