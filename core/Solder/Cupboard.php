<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Which solders a plan may take: those named, or what the cupboard holds for the metals of the piece. Source: workbook
 * 12, grades.
 */
final class Cupboard
{
    /**
     * @param  list<Alloy>  $alloys
     * @param  list<Joint>  $joints
     * @return list<Solder>
     *
     * @throws BadInput when there is none, or more than a plan takes
     */
    public static function solders(Input $input, array $alloys, array $joints, WorkshopSettings $settings): array
    {
        $names = $input->texts('solders') ?: self::fitting($alloys, $settings);
        if (count(array_unique($names)) > Assembly::SOLDERS) {
            throw BadInput::field(
                'solders',
                sprintf(
                    '%d are too many for one plan; name up to %d of them.', count(array_unique($names)),
                    Assembly::SOLDERS,
                ),
            );
        }
        // A grade that is fixed for a joint is there for that joint, whatever else is chosen from.
        foreach ($joints as $joint) {
            if ($joint->grade !== null) {
                in_array($joint->grade, $settings->names('stock.solders'), true) || throw BadInput::field(
                    'joints',
                    "{$joint->id}: {$joint->grade} is not in the solder stock; ".implode(
                        ', ', $settings->names('stock.solders'),
                    ).' is accepted.',
                );
                $names[] = $joint->grade;
            }
        }
        $names = array_values(array_unique($names));

        return match (true) {
            $names === [] => throw BadInput::field(
                'solders', 'The cupboard holds none for these metals; name one of the stock.',
            ),
            default => array_map(static fn (string $name): Solder => Solder::named($name, $settings), $names),
        };
    }

    /**
     * Silver's for silver and bronze; for gold the finest sort that is no finer than the piece, white for white
     * where there is a white one.
     *
     * @param  list<Alloy>  $alloys
     * @return list<string>
     */
    private static function fitting(array $alloys, WorkshopSettings $settings): array
    {
        $held = array_filter(
            array_map(
                static fn (string $name): Solder => Solder::named($name, $settings), $settings->names('stock.solders'),
            ),
            static fn (Solder $solder): bool => $solder->held,
        );
        $fitting = [];
        foreach ($alloys as $alloy) {
            $metal = match ($alloy->metal) {
                'base' => 'silver', 'palladium' => 'platinum', default => $alloy->metal
            };
            $own = array_filter(
                $held,
                static fn (Solder $solder): bool => $solder->metal === $metal
                    && ($metal !== 'gold' || $solder->fineness <= $alloy->fineness + 1e-9),
            );
            if ($metal === 'gold' && $own !== []) {
                $finest = max(array_map(static fn (Solder $solder): float => (float) $solder->fineness, $own));
                $own = array_filter($own, static fn (Solder $solder): bool => $solder->fineness === $finest);
                $coloured = array_filter(
                    $own,
                    static fn (Solder $solder): bool => ($solder->colour === 'white') === ($alloy->colour === 'white'),
                );
                $own = $coloured ?: $own;
            }
            $fitting = [...$fitting, ...array_map(static fn (Solder $solder): string => $solder->name, $own)];
        }

        return array_values(array_unique($fitting));
    }
}
