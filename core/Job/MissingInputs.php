<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Job\Source\Source;

/** What is still to be given before a use of a calculation can be reckoned. */
final class MissingInputs
{
    /**
     * @param  array<string, mixed>  $raw
     * @return list<string> the paths that would give what is missing
     */
    public static function of(CalculationUse $use, array $raw, JobAnswers $job): array
    {
        $paths = [];
        foreach (InputBindings::needed($use) as $name) {
            if (! array_key_exists($name, $raw)) {
                $paths = [...$paths, ...self::wanted($use->inputs[$name] ?? [], $job)];
            }
        }

        return array_values(array_unique($paths));
    }

    /**
     * @param  list<Source>  $sources
     * @return list<string>
     */
    private static function wanted(array $sources, JobAnswers $job): array
    {
        $unasked = [];
        foreach (array_reverse($sources) as $source) {
            $wants = $source->wants($job);
            if ($wants !== null && isset(InputBindings::all()[$wants[0] ?? ''])) {
                // Nobody has chosen what that would be of; another source may be.
                $unasked = $wants;
            } elseif ($wants !== null) {
                return $wants;
            }
        }

        return $unasked;
    }
}
