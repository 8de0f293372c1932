<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/** Heats in order, each with its solder, and what is in the fire with it. */
final readonly class Plan
{
    /** @param list<PlannedHeat> $heats */
    private function __construct(public array $heats) {}

    /** @param list<array{int, int}> $sequence heats and their levels in order */
    public static function of(Heats $heats, array $sequence, PlanTerms $terms): self
    {
        $chosen = self::chosen($heats, $sequence, $terms);
        $planned = $pieces = $made = [];
        foreach ($sequence as [$heat, $level]) {
            $joints = $heats->joints[$heat];
            $solder = $chosen[$heat];
            $first = 1 << Assembly::bits($joints[0]->parts)[0];
            $side = self::around($first, $pieces);
            $piece = self::around($heats->parts[$heat], $pieces);
            $softened = $moving = $again = $close = [];
            foreach ($made as [$joint, $other]) {
                if (! ($joint->parts & $piece)) {
                    continue;
                }
                $solder->flow > $other->solidus + 1e-9 ? $softened[] = $joint->id : null;
                if ($solder->flow > $other->flow - $terms->step + 1e-9) {
                    $again[] = $joint->id;

                    continue;
                }
                $solder->flow > $other->solidus + $terms->moves + 1e-9 ? $moving[] = $joint->id : null;
                $solder->flow > $other->flow - $terms->read + 1e-9 ? $close[] = $joint->id : null;
            }
            $planned[] = new PlannedHeat(
                $joints, $solder, $piece, $heats->assembly->solidus($piece) - $solder->flow, $softened, $moving, $again,
                $close, [$side, $piece & ~$side],
            );
            foreach ($joints as $joint) {
                $made[] = [$joint, $solder];
            }
            $pieces = PartSets::of([...$pieces, ...array_map(static fn (Joint $joint): int => $joint->parts, $joints)]);
        }

        return new self($planned);
    }

    /** @return list<float> flow temperatures in order, °C */
    public function flows(): array
    {
        return array_map(static fn (PlannedHeat $heat): float => $heat->solder->flow, $this->heats);
    }

    /** @return list<string> joints in order */
    public function order(): array
    {
        return array_merge(...array_map(static fn (PlannedHeat $heat): array => $heat->ids(), $this->heats));
    }

    /** @return list<string> names of the solders used */
    public function grades(): array
    {
        return array_values(
            array_unique(array_map(static fn (PlannedHeat $heat): string => $heat->solder->name, $this->heats)),
        );
    }

    /**
     * Of solders that flow alike, those that serve the most heats: fewer grades on the bench.
     *
     * @param  list<array{int, int}>  $sequence
     * @return array<int, Solder> by heat
     */
    private static function chosen(Heats $heats, array $sequence, PlanTerms $terms): array
    {
        $choices = $serves = $chosen = [];
        foreach ($sequence as [$heat, $level]) {
            $choices[$heat] = $heats->solders($heat, $level, $terms);
            foreach ($choices[$heat] as $solder) {
                $serves[$solder->name] = ($serves[$solder->name] ?? 0) + 1;
            }
        }
        foreach ($choices as $heat => $solders) {
            usort(
                $solders, static fn (Solder $one, Solder $other): int => $serves[$other->name] <=> $serves[$one->name],
            );
            $chosen[$heat] = $solders[0];
        }

        return $chosen;
    }

    /** @param list<int> $pieces */
    private static function around(int $parts, array $pieces): int
    {
        foreach ($pieces as $piece) {
            $parts |= $piece & $parts ? $piece : 0;
        }

        return $parts;
    }
}
