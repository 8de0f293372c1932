<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/**
 * The heats of a plan as bit sets: which joints each makes, which come before it, and at which levels it may flow.
 * A level is a place in the list of flow temperatures, hottest first. Source: workbook 12, the plan.
 */
final readonly class Heats
{
    /** Cooler than any level. */
    public const NEVER = 99;

    /**
     * @param  list<list<Joint>>  $joints  of each heat
     * @param  list<int>  $parts  that each heat joins
     * @param  list<int>  $before  heats that come before each
     * @param  list<list<int>>  $levels  where each may flow, hottest first
     * @param  list<bool>  $guarded  whether what each makes is guarded in later heats
     * @param  list<float>  $flows  °C of each level
     * @param  list<int>  $cooler  for each level, the next that is a step under it
     * @param  list<int>  $first  for every set of parts, the hottest level that all of them stand
     * @param  list<list<array{int, bool}>>  $together
     *   the parts that each heat joins, piece by piece, and whether all joints there are guarded
     * @param  list<int>  $following  heats that come after each
     */
    private function __construct(
        public Assembly $assembly,
        public array $joints,
        public array $parts,
        public array $before,
        public array $levels,
        public array $guarded,
        public array $flows,
        private array $cooler,
        public array $first,
        public array $together,
        public array $following,
    ) {}

    public static function of(Assembly $assembly, PlanTerms $terms): self
    {
        $joints = $heatOf = [];
        foreach ($assembly->joints as $joint) {
            if ($joint->cold) {
                continue;
            }
            $key = $joint->group === '' ? "joint {$joint->index}" : "group {$joint->group}";
            $joints[$key][] = $joint;
            $heatOf[$joint->index] = array_search($key, array_keys($joints), true);
        }
        $joints = array_values($joints);
        $flows = self::flows($assembly, $terms, $joints);
        $parts = array_map(
            static fn (array $heat): int => array_reduce(
                $heat, static fn (int $parts, Joint $joint): int => $parts | $joint->parts, 0,
            ),
            $joints,
        );
        $cooler = array_map(static function (float $flow) use ($flows, $terms): int {
            foreach ($flows as $level => $other) {
                if ($other <= $flow - $terms->step + 1e-9) {
                    return $level;
                }
            }

            return count($flows);
        }, $flows);
        $before = [];
        foreach ($joints as $made) {
            $set = 0;
            foreach ($made as $joint) {
                foreach (array_filter(
                    Assembly::bits($joint->after), static fn (int $one): bool => isset($heatOf[$one]),
                ) as $earlier) {
                    $set |= 1 << $heatOf[$earlier];
                }
            }
            $before[] = $set;
        }

        $before = Assembly::closure($before);

        return new self(
            $assembly, $joints, $parts, $before, self::levels($assembly, $terms, $joints, $parts, $flows),
            array_map(
                static fn (array $heat): bool => ! in_array(
                    false, array_map(static fn (Joint $joint): bool => $joint->guarded, $heat), true,
                ),
                $joints,
            ),
            $flows, $cooler, self::first($assembly, $terms, $flows),
            array_map(self::together(...), $joints),
            array_map(
                static fn (int $heat): int => array_sum(
                    array_map(
                        static fn (int $other): int => $before[$other] >> $heat & 1 ? 1 << $other : 0,
                        array_keys($before),
                    ),
                ),
                array_keys($before),
            ),
        );
    }

    /**
     * What flows at some heat, hottest first. What the law or a joint keeps from all of them is left out: the rest are
     * then alike, which is soon reckoned.
     *
     * @param  list<list<Joint>>  $joints
     * @return list<float> °C
     */
    private static function flows(Assembly $assembly, PlanTerms $terms, array $joints): array
    {
        $flows = [];
        foreach ($assembly->solders as $solder) {
            foreach ($joints as $made) {
                if ($terms->allow($solder, $made, $assembly)) {
                    $flows[] = $solder->flow;
                    break;
                }
            }
        }
        $flows = array_values(array_unique($flows));
        rsort($flows);

        return $flows;
    }

    /** Every heat. */
    public function all(): int
    {
        return (1 << count($this->joints)) - 1;
    }

    /** The parts that some of the heats join. */
    public function partsOf(int $set): int
    {
        $parts = 0;
        foreach ($this->parts as $heat => $own) {
            $parts |= $set >> $heat & 1 ? $own : 0;
        }

        return $parts;
    }

    /**
     * The heats that make any of these joints.
     *
     * @param  list<string>  $ids
     */
    public function making(array $ids): int
    {
        $set = 0;
        foreach ($this->joints as $heat => $made) {
            foreach ($made as $joint) {
                $set |= in_array($joint->id, $ids, true) ? 1 << $heat : 0;
            }
        }

        return $set;
    }

    /** The hottest level that is a step under another. */
    public function cooler(int $level): int
    {
        return $this->cooler[$level];
    }

    /** Whether every heat may take every grade that its parts stand. */
    public function areAlike(): bool
    {
        foreach ($this->levels as $heat => $levels) {
            if (count($levels) !== max(0, count($this->flows) - $this->first[$this->parts[$heat]])) {
                return false;
            }
        }

        return true;
    }

    /** The hottest level that a heat may flow at, from one on; NEVER where there is none. */
    public function levelFrom(int $heat, int $least): int
    {
        foreach ($this->levels[$heat] as $level) {
            if ($level >= $least) {
                return $level;
            }
        }

        return self::NEVER;
    }

    /**
     * The solders that a heat may take at a level.
     *
     * @return list<Solder>
     */
    public function solders(int $heat, int $level, PlanTerms $terms): array
    {
        return array_values(
            array_filter(
                $this->assembly->solders,
                fn (Solder $solder): bool => $solder->flow === $this->flows[$level] && $terms->allow(
                    $solder, $this->joints[$heat], $this->assembly,
                ),
            ),
        );
    }

    /**
     * @param  list<Joint>  $heat
     * @return list<array{int, bool}>
     */
    private static function together(array $heat): array
    {
        $unguarded = array_filter($heat, static fn (Joint $joint): bool => ! $joint->guarded);
        $parts = static fn (Joint $joint): int => $joint->parts;

        return array_map(
            static fn (int $piece): array => [
                $piece,
                array_filter($unguarded, static fn (Joint $joint): bool => ($joint->parts & $piece) !== 0) === [],
            ],
            PartSets::of(array_map($parts, $heat)),
        );
    }

    /**
     * @param  list<list<Joint>>  $joints
     * @param  list<int>  $parts
     * @param  list<float>  $flows
     * @return list<list<int>>
     */
    private static function levels(
        Assembly $assembly, PlanTerms $terms, array $joints, array $parts, array $flows,
    ): array
    {
        $levels = [];
        foreach ($joints as $heat => $made) {
            $safe = $assembly->solidus($parts[$heat]) - $terms->margin;
            $own = [];
            foreach ($assembly->solders as $solder) {
                if ($solder->flow <= $safe + 1e-9 && $terms->allow($solder, $made, $assembly)) {
                    $own[] = (int) array_search($solder->flow, $flows, true);
                }
            }
            $own = array_values(array_unique($own));
            sort($own);
            $levels[] = $terms->easy && count($joints) === 1 ? array_slice($own, -1) : $own;
        }

        return $levels;
    }

    /**
     * @param  list<float>  $flows
     * @return list<int>
     */
    private static function first(Assembly $assembly, PlanTerms $terms, array $flows): array
    {
        $first = [0];
        for ($set = 1; $set < 1 << count($assembly->names); $set++) {
            $rest = $set & ($set - 1);
            // Some parts together stand what the weakest of them stands.
            $first[] = $rest === 0
                ? count(
                    array_filter(
                        $flows,
                        static fn (float $flow): bool => $flow > $assembly->solidus($set) - $terms->margin + 1e-9,
                    ),
                )
                : max($first[$rest], $first[$set ^ $rest]);
        }

        return $first;
    }
}
