<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** What every plan of a workload asks alike, found once. */
final readonly class Prepared
{
    /**
     * @param  list<int>  $hands  people who have any hours
     * @param  list<int>  $longest  the longest that each of them stands without a break, minutes
     * @param  array<int, int>  $pours  the pour that follows a burnout
     * @param  Calendar  $house  when somebody is in it, breaks within a day and all
     * @param  list<?int>  $named  who is to do it, by step
     * @param  array<int, Flask>  $flasks  by the steps of investing and burning out
     */
    private function __construct(
        public array $hands, public array $longest, public array $pours, public Calendar $house, public array $named,
        public array $flasks,
    ) {}

    public static function of(Workload $workload): self
    {
        $pours = [];
        foreach ($workload->steps as $at => $step) {
            foreach ($step->after as $before) {
                if ($step->resource === 'person' && $step->minutes > 0 && $workload->steps[$before]->isBurnout()) {
                    $pours[$before] ??= $at;
                }
            }
        }

        return new self(
            $workload->hands(),
            array_map(static fn (Calendar $hours): int => $hours->longest(), $workload->hours), $pours,
            self::house($workload), array_map(
                static fn (PlanStep $step): ?int => $workload->person($step->person)
                    ?? $workload->person($workload->jobs[$step->job]->person), $workload->steps,
            ), Flask::in($workload, $pours),
        );
    }

    private static function house(Workload $workload): Calendar
    {
        $days = [];
        foreach ($workload->hours as $hours) {
            foreach ($hours->intervals() as [$from, $to]) {
                $day = $workload->local($from)->format('Y-m-d');
                $days[$day] = [min($from, $days[$day][0] ?? $from), max($to, $days[$day][1] ?? $to)];
            }
        }
        sort($days);

        return Calendar::of($days);
    }
}
