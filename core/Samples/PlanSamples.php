<?php

declare(strict_types=1);

namespace HotSprue\Samples;

/** Small workshops to be planned. */
final class PlanSamples
{
    /** @return non-empty-list<array<string, mixed>> */
    public static function plans(): array
    {
        return [
            self::workshop(['jobs' => [self::cast('131', '2026-12-11'), self::cast('132', '2026-12-10')]]),
            self::workshop([
                'jobs' => [self::cast('131', '2026-12-04'), ['id' => '140', 'title' => 'a sizing', 'steps' => [
                    ['id' => 'sizing', 'attended_min' => 30],
                ]]],
                'fixed' => [['job' => '140', 'step' => 'sizing', 'start' => '2026-12-02T09:00', 'by' => 'Tobit']],
            ]),
        ];
    }

    /** @return non-empty-list<array<string, mixed>> */
    public static function promises(): array
    {
        return [
            self::workshop([
                'jobs' => [self::cast('131', '2026-12-11'), self::cast('new', null)], 'job' => 'new',
            ]),
            self::workshop([
                'jobs' => [self::cast('new', null)], 'job' => 'new', 'wanted' => '2026-12-04', 'confidence' => 0.9,
            ]),
        ];
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function workshop(array $more): array
    {
        $hours = [];
        foreach (['mon', 'tue', 'wed', 'thu', 'fri'] as $day) {
            $hours[] = ['day' => $day, 'from' => '8:30', 'to' => '12:30'];
            $hours[] = ['day' => $day, 'from' => '13:15', 'to' => '17:15'];
        }

        return [
            'now' => '2026-12-01T08:00', 'zone' => 'Europe/Oslo',
            'people' => [['id' => 'Maren', 'hours' => $hours], ['id' => 'Tobit', 'hours' => array_slice($hours, 0, 6)]],
            'kilns' => [['id' => 'kiln', 'flasks' => 3, 'alone' => true]], ...$more,
        ];
    }

    /** @return array<string, mixed> */
    private static function cast(string $id, ?string $due): array
    {
        $steps = [
            ['wax', 165, 0, 'person'], ['look', 15, 2880, 'person'], ['sprue', 30, 0, 'person'],
            ['invest', 25, 60, 'person'], ['burnout', 0, 540, 'kiln'], ['pour', 20, 20, 'person'],
            ['finish', 65, 0, 'person'], ['tumble', 0, 120, 'tumbler'], ['handover', 20, 0, 'person'],
        ];
        $rows = [];
        foreach ($steps as $at => [$name, $minutes, $waits, $needs]) {
            $rows[] = [
                'id' => $name, 'attended_min' => $minutes, 'wait_min' => $waits, 'resource' => $needs,
                'after' => $at === 0 ? [] : [$steps[$at - 1][0]], 'splittable' => in_array($name, ['wax', 'finish'],
                    true),
                ...($needs === 'kiln' ? ['programme' => 'medium', 'pour_c' => 540] : []),
            ];
        }

        return ['id' => $id, 'steps' => $rows, ...($due === null ? [] : ['due' => $due])];
    }
}
