<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use LogicException;

/** Finds the hardest-first plan, or that there is none. Source: workbook 12, the plan. */
final readonly class Search
{
    /** So many stages are looked into for the fewest joints that clash; then more of them are named. */
    private const CLASH = 2500;

    private Completion $completion;

    private bool $guarded;

    private function __construct(public Heats $heats, int $tries)
    {
        $this->completion = new Completion($heats, $tries);
        $this->guarded = in_array(true, array_column(array_merge(...$heats->together), 1), true);
    }

    /** @param int $tries where an answer that errs towards “no” will do, how hard it is looked for */
    public static function in(Assembly $assembly, PlanTerms $terms, int $tries = PHP_INT_MAX): self
    {
        return new self(Heats::of($assembly, $terms), $tries);
    }

    /** Whether some of the heats can be done. */
    public function can(int $set): bool
    {
        return $this->completion->can($set, PartialAssembly::bare());
    }

    /** @return list<array{int, int}>|null heats and their levels in order, null where there is no plan */
    public function best(): ?array
    {
        if (! $this->can($this->heats->all())) {
            return null;
        }
        $reached = [[PartialAssembly::bare(), []]];
        while ($reached[0][0]->done !== $this->heats->all()) {
            $reached = $this->hottest($reached);
        }

        return $reached[0][1];
    }

    /**
     * Every way to do the most heats at the hottest level that leaves the rest possible.
     *
     * @param  non-empty-list<array{PartialAssembly, list<array{int, int}>}>  $reached
     * @return non-empty-list<array{PartialAssembly, list<array{int, int}>}>
     */
    private function hottest(array $reached): array
    {
        foreach (array_keys($this->heats->flows) as $level) {
            $sizes = [];
            $further = $reached;
            while (($further = $this->further($level, $further)) !== []) {
                // What a heat lets go may flow hotter, and then comes before another of this level.
                $hotter = array_values(array_filter($further, fn (array $one): bool => $this->letsGo($level, ...$one)));
                if ($hotter !== []) {
                    return $hotter;
                }
                $sizes[] = $further;
            }
            while (($most = array_pop($sizes)) !== null) {
                $possible = $this->possible($most);
                if ($possible !== []) {
                    return $possible;
                }
            }
        }

        throw new LogicException('a plan that can be done ends before it is done');
    }

    /**
     * Whether the last heat lets another go that may flow hotter than it.
     *
     * @param  list<array{int, int}>  $path
     */
    private function letsGo(int $level, PartialAssembly $stage, array $path): bool
    {
        $last = $path[count($path) - 1][0];
        foreach (Assembly::bits($this->heats->following[$last] & ~$stage->done) as $heat) {
            $hotter = $this->heats->before[$heat] & ~$stage->done ? $level : $this->heats->levelFrom(
                $heat, $stage->least($heat, $this->heats),
            );
            for (; $hotter < $level; $hotter++) {
                if (in_array($hotter, $this->heats->levels[$heat], true)
                    && $this->completion->can($this->heats->all(), $stage->after($heat, $hotter, $this->heats))) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  list<array{PartialAssembly, list<array{int, int}>}>  $reached
     * @return list<array{PartialAssembly, list<array{int, int}>}>
     */
    private function possible(array $reached): array
    {
        return array_values(
            array_filter($reached, fn (array $one): bool => $this->completion->can($this->heats->all(), $one[0])),
        );
    }

    /**
     * @param  list<array{PartialAssembly, list<array{int, int}>}>  $reached
     * @return list<array{PartialAssembly, list<array{int, int}>}>
     */
    private function further(int $level, array $reached): array
    {
        $further = [];
        foreach ($reached as [$stage, $path]) {
            $last = $path[count($path) - 1] ?? [-1, -1];
            // Heats at one level do not touch, unless guarded, and are taken in their order only.
            $from = $this->guarded || $last[1] !== $level ? 0 : $last[0] + 1;
            foreach (array_keys($this->heats->parts) as $heat) {
                if (($heat >= $from || $this->heats->before[$heat] >> $last[0] & 1) && ! ($stage->done >> $heat & 1)
                    && ! ($this->heats->before[$heat] & ~$stage->done)
                    && in_array($level, $this->heats->levels[$heat], true)
                    && $stage->least($heat, $this->heats) <= $level) {
                    $after = $stage->after($heat, $level, $this->heats);
                    $further[$after->key()] ??= [$after, [...$path, [$heat, $level]]];
                }
            }
        }

        return array_values($further);
    }

    /** How many stages have been looked into: what the search has cost, told without a clock. */
    public function looked(): int
    {
        return $this->completion->looked();
    }

    /**
     * @return list<string> joints that clash: without any one of them the rest could be done, as far as that is soon
     * found
     */
    public function clash(): array
    {
        $core = $this->heats->all();
        while (($fewer = $this->completion->stuck($core)) !== null) {
            $core = $fewer;
        }
        $most = $this->looked() + self::CLASH;
        foreach (array_keys($this->heats->joints) as $heat) {
            if ($this->looked() < $most && ! $this->can($core & ~(1 << $heat))) {
                $core &= ~(1 << $heat);
            }
        }
        $ids = [];
        foreach (Assembly::bits($core) as $heat) {
            $ids = [...$ids, ...array_map(static fn (Joint $joint): string => $joint->id, $this->heats->joints[$heat])];
        }

        return $ids;
    }
}
