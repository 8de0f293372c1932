<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/** What a plan in an order that was asked for costs against the best one. */
final class Cost
{
    /** In words; null where it costs nothing. */
    public static function of(Plan $best, Plan $asked): ?string
    {
        $costs = [];
        $cooler = array_sum($best->flows()) - array_sum($asked->flows());
        $grades = count($asked->grades()) - count($best->grades());
        if ($best->flows() !== $asked->flows()) {
            $at = self::firstCooler($best->flows(), $asked->flows());
            $costs[] = sprintf(
                'heat %d flows at %.0f °C in place of %.0f °C', $at + 1, $asked->flows()[$at], $best->flows()[$at],
            );
        }
        if ($grades > 0) {
            $costs[] = $grades === 1 ? 'one more grade' : "{$grades} more grades";
        }
        if ($cooler > 0 && count($asked->flows()) > 1) {
            $costs[] = sprintf('%.0f °C of room in all', $cooler);
        }

        return $costs === [] ? null : implode(', ', $costs);
    }

    /**
     * @param  list<float>  $best
     * @param  list<float>  $asked
     */
    private static function firstCooler(array $best, array $asked): int
    {
        foreach ($best as $at => $flow) {
            if ($asked[$at] !== $flow) {
                return $at;
            }
        }

        return 0;
    }
}
