<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * Every order and every grade tried, as one would by hand with much time; knows nothing of the core.
 *
 * @phpstan-type Seam array{id: string, parts: list<string>, after: list<string>, grade: ?string, guard: bool}
 */
final class EveryPlan
{
    /** @var list<array{flows: list<int>, grades: int, order: list<int>}> */
    private array $found = [];

    /**
     * @param  array<string, int>  $solidus  by part
     * @param  list<list<Seam>>  $heats
     * @param  array<string, int>  $flow  by solder
     */
    private function __construct(
        private readonly array $solidus, private readonly array $heats, private readonly array $flow,
        private readonly int $step, private readonly int $margin,
    ) {}

    /**
     * @param  array<string, int>  $solidus
     * @param  list<list<Seam>>  $heats
     * @param  array<string, int>  $flow
     * @return array{flows: list<int>, grades: int, order: list<int>}|null
     */
    public static function best(array $solidus, array $heats, array $flow, int $step, int $margin): ?array
    {
        $try = new self($solidus, $heats, $flow, $step, $margin);
        $try->go([], [], [], []);
        usort(
            $try->found,
            static fn (array $one, array $other): int => [$other['flows'], $one['grades'], $one['order']] <=> [
                $one['flows'], $other['grades'], $other['order'],
            ],
        );

        return $try->found[0] ?? null;
    }

    /**
     * Whether heats in an order, each with its solder, keep every rule.
     *
     * @param  array<string, int>  $solidus
     * @param  list<list<Seam>>  $heats  in their order
     * @param  array<string, int>  $flow
     * @param  list<string>  $used  the solder of each
     */
    public static function keeps(array $solidus, array $heats, array $flow, int $step, int $margin, array $used): bool
    {
        $try = new self($solidus, $heats, $flow, $step, $margin);
        $made = $done = [];
        foreach ($heats as $at => $heat) {
            if (array_diff(array_merge(...array_column($heat, 'after')), $done) !== []
                || ! $try->holds($heat, $used[$at], $flow[$used[$at]], $made)) {
                return false;
            }
            foreach ($heat as $joint) {
                $made[] = [$joint['parts'], $flow[$used[$at]], $joint['guard']];
                $done[] = $joint['id'];
            }
        }

        return true;
    }

    /**
     * @param  list<int>  $order
     * @param  list<string>  $used
     * @param  list<array{list<string>, int, bool}>  $made  parts, flow and guard of each joint made
     * @param  list<string>  $done
     */
    private function go(array $order, array $used, array $made, array $done): void
    {
        if (count($order) === count($this->heats)) {
            $this->found[] = [
                'flows' => array_map(fn (string $solder): int => $this->flow[$solder], $used),
                'grades' => count(array_unique($used)), 'order' => $order,
            ];

            return;
        }
        foreach ($this->heats as $index => $heat) {
            if (in_array($index, $order, true)
                || array_diff(array_merge(...array_column($heat, 'after')), $done) !== []) {
                continue;
            }
            foreach ($this->flow as $solder => $flow) {
                if ($this->holds($heat, $solder, $flow, $made)) {
                    $this->go(
                        [...$order, $index], [...$used, $solder],
                        [
                            ...$made,
                            ...array_map(
                                static fn (array $joint): array => [$joint['parts'], $flow, $joint['guard']], $heat,
                            ),
                        ],
                        [...$done, ...array_column($heat, 'id')],
                    );
                }
            }
        }
    }

    /**
     * @param  list<array{id: string, parts: list<string>, after: list<string>, grade: ?string, guard: bool}>  $heat
     * @param  list<array{list<string>, int, bool}>  $made
     */
    private function holds(array $heat, string $solder, int $flow, array $made): bool
    {
        $fire = array_unique(array_merge(...array_column($heat, 'parts')));
        do {
            $before = $fire;
            foreach ($made as [$parts]) {
                $fire = array_intersect($parts, $fire) === [] ? $fire : array_unique([...$fire, ...$parts]);
            }
        } while (count($before) !== count($fire));
        foreach ($fire as $part) {
            if ($flow > $this->solidus[$part] - $this->margin) {
                return false;
            }
        }
        foreach ($made as [$parts, $earlier, $guard]) {
            if (array_intersect($parts, $fire) !== [] && $flow > $earlier - ($guard ? 0 : $this->step)) {
                return false;
            }
        }
        foreach ($heat as $joint) {
            if ($joint['grade'] !== null && $joint['grade'] !== $solder) {
                return false;
            }
        }

        return true;
    }
}
