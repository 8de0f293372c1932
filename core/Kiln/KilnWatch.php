<?php

declare(strict_types=1);

namespace HotSprue\Kiln;

use HotSprue\Workshop\WorkshopSettings;

/** What of a kiln's log is an alarm. Pure. */
final class KilnWatch
{
    /**
     * @param  list<array{min: float, kiln_c: ?float, planned_c: float}>  $log  in order
     * @param  ?float  $firedAt  what a piece of metal clay is fired at, °C; null where flasks of gypsum are in the kiln
     * @return array<string, array{min: float, message: string}> by code: when it began, and what to do
     */
    public static function alarms(array $log, WorkshopSettings $settings, ?float $firedAt = null): array
    {
        $alarms = [];
        $since = null;
        $limit = ($firedAt ?? $settings->num('burnout.gypsum_limit')) + $settings->num('kiln.over');
        foreach ($log as $point) {
            $c = $point['kiln_c'];
            if ($c === null) {
                $alarms['thermocouple-lost'] ??= [
                    'min' => $point['min'],
                    'message' => 'The thermocouple reads nothing: the kiln gives no heat. '
                        .'Look at its plug and its tip.',
                ];

                continue;
            }
            if ($c > $limit) {
                $alarms['too-hot'] ??= [
                    'min' => $point['min'],
                    'message' => $firedAt === null
                        ? sprintf(
                            '%.0f °C: gypsum breaks down. Switch the kiln off, ventilate, and do not open it.', $c,
                        )
                        : sprintf(
                            '%.0f °C, and its sheet fires it at %.0f °C: it slumps and melts. Switch the kiln off.', $c,
                            $firedAt,
                        ),
                ];
            }
            $off = $c - $point['planned_c'];
            $since = abs($off) > $settings->num('kiln.off') ? ($since ?? $point['min']) : null;
            if ($since !== null && $point['min'] - $since >= $settings->num('kiln.off_for')) {
                $code = $off < 0 ? 'behind' : 'ahead';
                $alarms[$code] ??= ['min' => $since, 'message' => $off < 0
                    ? sprintf(
                        'The kiln is %.0f °C behind its programme: an element, the power or an open door. The %s '
                            .'will be later.',
                        -$off, $firedAt === null ? 'pour' : 'end',
                    )
                    : sprintf('The kiln is %.0f °C above its programme.', $off)];
            }
        }

        return $alarms;
    }
}
