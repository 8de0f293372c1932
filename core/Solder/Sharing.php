<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/**
 * Which joints of a plan could be made in one heat, though nobody asked. Source: workbook 12, the plan.
 *
 * @phpstan-type Shared array{
 *     joints: string, words: string, changes: list<array{joint: string, field: string, value: string|bool}>,
 * }
 */
final readonly class Sharing
{
    /** What would take longer to prove is not offered. */
    private const TRIES = 30;

    public function __construct(private PlanTerms $terms) {}

    /** @return list<Shared> */
    public function in(Assembly $assembly, Plan $plan): array
    {
        $shared = [];
        for ($at = 0; $at < count($plan->heats) - 1; $at++) {
            $together = [$plan->heats[$at]];
            while (isset($plan->heats[$at + 1])
                && $this->fits([...$together, $plan->heats[$at + 1]], $assembly, $plan)) {
                $together[] = $plan->heats[++$at];
            }
            if (count($together) > 1) {
                $taken = array_column(array_merge(...array_column($shared, 'changes')), 'value');
                $group = (string) current(
                    array_diff(
                        range('A', 'Z'),
                        array_map(static fn (Joint $joint): string => $joint->group, $assembly->joints), $taken,
                    ),
                );
                if ($this->stillGoes($together, $group, $assembly)) {
                    $shared[] = self::said($together, $group);
                }
            }
        }

        return $shared;
    }

    /**
     * Whether there is a plan for the whole piece when these are one heat.
     *
     * @param  list<PlannedHeat>  $together
     */
    private function stillGoes(array $together, string $group, Assembly $assembly): bool
    {
        $joints = $assembly->joints;
        foreach ($together as $heat) {
            foreach ($heat->joints as $joint) {
                $joints[$joint->index] = $joint->with(group: $group);
            }
        }
        $search = Search::in($assembly->with(array_values($joints)), $this->terms, self::TRIES);

        return $search->can($search->heats->all());
    }

    /**
     * @param  non-empty-list<PlannedHeat>  $together
     * @return Shared
     */
    private static function said(array $together, string $group): array
    {
        $ids = array_merge(...array_map(static fn (PlannedHeat $heat): array => $heat->ids(), $together));

        return [
            'joints' => implode(', ', $ids),
            'words' => sprintf('%s in one heat, with %s', implode(' and ', $ids), $together[0]->solder->label),
            'changes' => array_map(
                static fn (string $id): array => ['joint' => $id, 'field' => 'same_heat', 'value' => $group], $ids,
            ),
        ];
    }

    /**
     * Whether heats that follow one another can be one, with the first one's solder, and the rest as it is.
     *
     * @param  list<PlannedHeat>  $together
     */
    private function fits(array $together, Assembly $assembly, Plan $plan): bool
    {
        $joints = array_merge(...array_map(static fn (PlannedHeat $heat): array => $heat->joints, $together));
        $solder = $together[0]->solder;
        $piece = array_reduce($together, static fn (int $parts, PlannedHeat $heat): int => $parts | $heat->piece, 0);
        $parts = array_map(static fn (Joint $joint): int => $joint->parts, $joints);
        foreach ($joints as $joint) {
            foreach ($joints as $other) {
                if ($other->after >> $joint->index & 1) {
                    return false;
                }
            }
        }

        // Every pair must have a part in common, or hang together by a third: what is held in two places is two heats.
        return count(PartSets::of($parts)) === 1 && $this->terms->allow($solder, $joints, $assembly)
            && $solder->flow <= $assembly->solidus($piece) - $this->terms->margin + 1e-9 && $this->standsBefore(
                $together[0], $piece, $solder, $plan,
            );
    }

    /** Whether what was made before in that piece stands this solder. */
    private function standsBefore(PlannedHeat $first, int $piece, Solder $solder, Plan $plan): bool
    {
        foreach ($plan->heats as $heat) {
            if ($heat === $first) {
                return true;
            }
            foreach ($heat->joints as $joint) {
                if ($joint->parts & $piece
                    && $solder->flow > $heat->solder->flow - ($joint->guarded ? 0 : $this->terms->step) + 1e-9) {
                    return false;
                }
            }
        }

        return true;
    }
}
