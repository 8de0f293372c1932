<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Solder\Solder;

/** Which nodes meet in a joint, and how its heat passes there. Source: workbook 20, the piece. */
final readonly class JointContacts
{
    /** One contact for so much of a joint, mm. */
    private const EACH = 4.0;

    /** Closer than this two nodes do not lie, mm. */
    private const NEAREST = 1.0;

    /** How much of a part’s round a joint of unsaid length takes at the most, mm. */
    private const USUAL = 6.0;

    /**
     * @param  array<string, PartPiece>  $parts
     * @param  array<string, list<array{float, float}>>  $places  of their nodes
     * @param  array<string, int>  $first  place in the list of each part’s first node
     */
    public function __construct(private array $parts, private array $places, private array $first) {}

    /**
     * @param  array{string, string}  $between
     * @param  int  $again  how many joints of these two parts came before it
     * @param  int  $among  how many there are of them
     * @return list<array{int, int, float, float}> two nodes by their place in the list, length, W/K once closed
     */
    public function of(array $between, ?float $length, ?float $section, int $again, int $among): array
    {
        [$one, $other] = [$this->parts[$between[0]], $this->parts[$between[1]]];
        $pairs = $one === $other ? [$this->seam($one, $again, $among)] : $this->nearest(
            $one, $other, $length ?? min($one->foot(), $other->foot()), $again, $among,
        );
        $length ??= $one === $other ? $one->width : ($this->isStanding($one, $other)
            ? min($one->foot(), $other->foot()) : min($one->foot(), $other->foot(), self::USUAL));
        $section ??= min($one->thickness, $other->thickness);
        $leads = min(MetalHeat::of($one->alloy)->conductivity, MetalHeat::of($other->alloy)->conductivity);

        return array_map(fn (array $pair): array => [
            ...$pair, $length / count($pairs),
            $leads * $length / count($pairs) * $section / max(self::NEAREST, $this->apart($one, $other, $pair)) * 1e-3,
        ], $pairs);
    }

    /** @return array{int, int} */
    private function seam(PartPiece $part, int $again, int $among): array
    {
        $count = count($part->places);
        $at = intdiv($again * $count, $among);
        $before = $part->form->isClosed() ? ($at + $count - 1) % $count : max(0, intdiv($count, 2) - 1);
        $after = $part->form->isClosed() ? $at : min($count - 1, $before + 1);

        return [$this->first[$part->name] + $before, $this->first[$part->name] + $after];
    }

    /** Whether one stands on the other with all of its foot. */
    private function isStanding(PartPiece $one, PartPiece $other): bool
    {
        $forms = [$one->form, $other->form];

        return in_array(PartForm::Plate, $forms, true) && in_array(PartForm::Loop, $forms, true);
    }

    /**
     * The nodes of the lighter that lie nearest to the heavier, each with its nearest there.
     *
     * @return list<array{int, int}>
     */
    private function nearest(PartPiece $one, PartPiece $other, float $length, int $again, int $among): array
    {
        $light = count($one->places) < count($other->places) || $one->mass < $other->mass ? $one : $other;
        $heavy = $light === $one ? $other : $one;
        $pairs = [];
        foreach ($this->places[$light->name] as $from => $place) {
            $to = $this->nearestOf($heavy, $place);
            $pairs[] = [self::far($place, $this->places[$heavy->name][$to]), $from, $to];
        }
        sort($pairs);
        // Two joints of the same parts are at two places; a long one takes several.
        $wanted = $this->isStanding($one, $other) ? count($pairs) : max(1, (int) round(
            min($length, $light->form === PartForm::Bar && $length <= $light->foot() ? 1.0 : $length) / self::EACH,
        ));
        $chosen = $among > 1 ? array_slice($pairs, min($again, count($pairs) - 1), 1) : array_slice($pairs, 0, $wanted);

        return array_map(function (array $pair) use ($one, $light, $heavy): array {
            $ends = [$this->first[$light->name] + $pair[1], $this->first[$heavy->name] + $pair[2]];

            return $light === $one ? $ends : array_reverse($ends);
        }, $chosen);
    }

    /** @param array{float, float} $place */
    private function nearestOf(PartPiece $part, array $place): int
    {
        $nearest = 0;
        foreach ($this->places[$part->name] as $at => $other) {
            if (self::far($place, $other) < self::far($place, $this->places[$part->name][$nearest]) - 1e-9) {
                $nearest = $at;
            }
        }

        return $nearest;
    }

    /** @param array{int, int} $pair */
    private function apart(PartPiece $one, PartPiece $other, array $pair): float
    {
        return self::far(
            $this->places[$one->name][$pair[0] - $this->first[$one->name]],
            $this->places[$other->name][$pair[1] - $this->first[$other->name]],
        );
    }

    /**
     * @param  array{float, float}  $one
     * @param  array{float, float}  $other
     */
    private static function far(array $one, array $other): float
    {
        return hypot($one[0] - $other[0], $one[1] - $other[1]);
    }

    public static function needsFlux(Solder $solder): bool
    {
        return $solder->metal !== 'platinum';
    }
}
