<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Rules\Rules;
use HotSprue\Sheet\Input;
use HotSprue\Sheet\Level;
use HotSprue\Sheet\Reckoning;
use HotSprue\Stones\Species;

/** Stones that are set while the piece is in the fire. Source: workbook 3, species. */
final class SetStones
{
    public const FINDINGS = [
        'heat-harms-stone' => 'a stone set that does not stand the torch',
        'boron-on-corundum' => 'a coat or flux of boron with corundum, spinel, cubic zirconia or moissanite set',
        'heat-with-care' => 'a stone set that stands the torch only with care',
    ];

    public static function judge(Input $input, Reckoning $answer, Rules $rules): void
    {
        $species = array_map(static fn (string $name): Species => Species::named($name, $rules), $input->texts('stones_set'));
        $label = static fn (callable $which): string => implode(', ', array_unique(array_map(static fn (Species $stone): string => $stone->label, array_filter($species, $which))));
        $harmed = $label(static fn (Species $stone): bool => $stone->torch === 'n');
        if ($harmed !== '') {
            $answer->find(Level::Stop, 'heat-harms-stone', 'stones_set', "Set already, and not for the torch: {$harmed}.", 'Take it out, or set it after the last fire.');
        }
        $etched = $label(static fn (Species $stone): bool => $stone->boron);
        if ($etched !== '') {
            $answer->find(Level::Stop, 'boron-on-corundum', 'stones_set', "Boron in the coat and flux etches it when it is hot: {$etched}.", 'Take it out, or shield and heat-sink it; best, set it after the last fire.');
        }
        $careful = $label(static fn (Species $stone): bool => $stone->torch === 'c' && ! $stone->boron);
        if ($careful !== '') {
            $answer->find(Level::Caution, 'heat-with-care', 'stones_set', "Set already, and in the fire only with care: {$careful}.", 'Under a film of boric acid in alcohol, heated and cooled slowly, never quenched.');
        }
    }
}
