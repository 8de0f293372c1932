<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/**
 * What is said at the bench of one heat: solder, flame, guard, chips, coat, pickle. Source: workbook 12, advice and
 * coats.
 */
final class HeatCard
{
    /** @return array<string, mixed> */
    public static function of(
        int $number, PlannedHeat $heat, Assembly $assembly, Input $input, WorkshopSettings $settings,
    ): array
    {
        $flame = self::flame($heat, $assembly, $settings);
        $row = $heat->joints[0]->row;
        $chips = array_map(
            static fn (Joint $joint): ?int => is_numeric($joint->row['length']) && is_numeric($joint->row['section'])
                ? Chips::of(
                    (float) $joint->row['length'], (float) $joint->row['section'],
                    (float) ($joint->row['gap'] ?? $settings->num('solder.gap')) ?: $settings->num('solder.gap'),
                    $settings,
                )->count
                : null,
            $heat->joints,
        );

        return [
            'number' => $number, 'joints' => $heat->ids(), 'solder' => $heat->solder->name,
            'label' => $heat->solder->label, 'mark' => $heat->solder->mark,
            'flow_c' => $heat->solder->flow, 'solidus_c' => $heat->solder->solidus, 'margin_c' => $heat->margin,
            'piece' => $assembly->namesOf($heat->piece), 'form' => (string) $row['form'],
            'flame_on' => $flame?->on() ?? 'the whole piece, evenly', 'flame_share' => $flame?->share,
            'from' => $flame?->from(
                $row['textured'] === true, $row['thin_wire'] === true,
            ) ?? 'round the seam; the solder runs to the heat',
            'guard' => array_values(array_unique([...$heat->softened, ...$heat->again])),
            'again' => $heat->again !== [],
            'chips' => in_array(null, $chips, true) ? null : array_sum($chips),
            'coat' => self::coat($heat, $assembly, $input, $settings),
            'pickle' => 'pickle, rinse, neutralise; no steel in the pot',
        ];
    }

    private static function flame(PlannedHeat $heat, Assembly $assembly, WorkshopSettings $settings): ?Flame
    {
        [$one, $other] = array_map(
            static fn (int $side): ?float => $side === 0 ? null : $assembly->mass($side), $heat->sides,
        );

        return $one === null || $other === null ? null : Flame::between(
            $assembly->said($heat->sides[0]), $one, $assembly->said($heat->sides[1]), $other, $settings,
        );
    }

    private static function coat(
        PlannedHeat $heat, Assembly $assembly, Input $input, WorkshopSettings $settings,
    ): string
    {
        $stones = SetStones::read($input, $settings);
        if ($stones->etched() !== null) {
            return "none with boron: the {$stones->etched()} would be etched";
        }
        if ($stones->hasUnknown()) {
            return 'none with boron until every stone in it is known';
        }
        foreach (Assembly::bits($heat->piece) as $part) {
            if (in_array($assembly->alloys[$part]->metal, ['silver', 'gold', 'base'], true)) {
                return 'boric acid in alcohol, burnt off away from the bottle';
            }
        }

        return 'none needed; no fire stain';
    }
}
