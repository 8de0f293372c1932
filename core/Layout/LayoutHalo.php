<?php

declare(strict_types=1);

namespace HotSprue\Layout;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Seats\Claws;
use HotSprue\Stones\Outline;
use HotSprue\Stones\StoneInput;
use HotSprue\Workshop\WorkshopSettings;

/** Stones round a centre: how many fit, where they stand, and in which order to drill. Source: workbook 5. */
final class LayoutHalo implements Calculation
{
    public const SOURCE = 'workbook 5, halo';

    public const MOST = 240;

    /** Places round the centre at which a claw is tried. */
    private const TRIED = 720;

    public function description(): Description
    {
        return LayoutHaloDescription::make();
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $outline = StoneInput::read($input);
        [$d, $edge, $gap] = [$input->num('stone_diameter'), $input->num('edge_gap'), $input->num('stone_gap')];
        $offset = $edge + $d / 2;
        $full = Ring::fullest($outline, $offset, $d + $gap, self::MOST) ?? throw BadInput::field(
            'stone_diameter', 'Not even two of these fit round the centre; smaller stones are accepted.',
        );
        $count = (int) $input->numOr('count', $full->count);
        $ring = $count === $full->count ? $full : Ring::best($outline, $offset, $count);
        $uses = [...StoneInput::uses($input), 'stone_diameter', 'edge_gap'];
        $left = $ring->closest() - $d;
        $more = $this->leastEdge($outline, $full->count + 1, $d, $gap);
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'ring_length', $ring->length,
                Formula::of(
                    '{perimeter} + 2 × π × ({edge gap} + {stone} ÷ 2)',
                    ['perimeter' => $outline->perimeter(), 'edge gap' => $edge, 'stone' => $d],
                ),
                uses: $uses, because: 'the true parallel of a convex outline is longer by 2π times its distance',
            )
            ->work(
                'count_max', $full->count,
                Formula::taken('the most whose smallest straight distance is stone + gap or more', $full->count),
                uses: [...$uses, 'stone_gap'],
                because: sprintf(
                    'at %d the closest centres are %.3f mm apart, and %.3f mm is wanted', $full->count,
                    $full->closest(),
                    $d + $gap,
                ),
            )
            ->work(
                'count', $count, Formula::taken($input->has('count') ? 'as chosen' : 'as many as fit', $count),
                uses: ['count', 'stone_gap'], because: 'the centres are spaced equally by arc length',
            )
            ->work(
                'pitch', $ring->length / $count,
                Formula::of('{ring length} ÷ {count}', ['ring length' => $ring->length, 'count' => $count]),
                uses: [...$uses, 'count'], because: 'along the line of the centres',
            )
            ->work(
                'gap_left', $left,
                Formula::of(
                    '{smallest straight distance} − {stone}',
                    ['smallest straight distance' => $ring->closest(), 'stone' => $d],
                ),
                uses: [...$uses, 'count'], because: 'measured between every two, not estimated',
            )
            ->work(
                'edge_gap_for_one_more', $more,
                Formula::taken('least edge gap at which one more keeps its distance', $more),
                uses: [...$uses, 'stone_gap'], because: sprintf('%d stones', $full->count + 1),
            )
            ->work(
                'start', $ring->onTop ? 'a stone at the top' : 'half a pitch off the top',
                Formula::said(
                    'the better of the two', sprintf('the closest centres are then %.3f mm apart', $ring->closest()),
                ),
                uses: $uses, because: 'at a point or a corner one of them leaves more room',
            )
            ->give(
                'positions',
                array_map(
                    static fn (array $p): array => [
                        'x_mm' => $p[0], 'y_mm' => $p[1], 'angle_deg' => self::angle($p),
                    ],
                    $ring->places,
                ),
            )
            ->give('drill_order', self::drillOrder($count));
        if ($input->has('count')) {
            $need = $this->leastEdge($outline, $count, $d, $gap);
            $answer->work(
                'edge_gap_for_count', $need,
                Formula::taken('least edge gap at which this count keeps its distance', $need),
                uses: [...$uses, 'count', 'stone_gap'], because: 'found by halving',
            );
            if ($count > $full->count) {
                $answer->find(
                    Level::Stop, 'too-many', 'count',
                    sprintf(
                        '%d do not fit: %.2f mm would be left between two of them, and %.2f mm is wanted.', $count,
                        $left,
                        $gap,
                    ),
                    sprintf('Take %d, or an edge gap of %.2f mm.', $full->count, $need), ['count' => $full->count],
                );
            }
        }
        if ($left >= $gap + $d / $count / 2 && $left - $gap >= $d / 2) {
            $answer->find(
                Level::Note, 'gap-wide', 'count', sprintf('%.2f mm is left between two of them.', $left),
                sprintf('Take %d, or larger stones.', $full->count),
                $count < $full->count ? ['count' => $full->count] : [],
            );
        }
        if ($full->count === self::MOST && Ring::fits($outline, $offset, self::MOST + 1, $d + $gap)) {
            $answer->find(Level::Note, 'capped', 'stone_diameter', sprintf(
                'More than %d would fit; no more than that are laid out.', self::MOST,
            ),
                'Take larger stones, or lay them out in part circles.');
        }
        $this->claws($answer, $input, $outline, $ring);
        if ($d >= $outline->wide) {
            $answer->find(
                Level::Caution, 'larger-than-centre', 'stone_diameter',
                'These are as wide as the stone they stand round.',
                'Take smaller ones, or set it as a cluster of equals.',
            );
        }

        return $answer->answer();
    }

    /** The centre's claws against the stones round it. */
    private function claws(AnswerBuilder $answer, Input $input, Outline $outline, Ring $ring): void
    {
        if (! $input->has('centre_claws')) {
            return;
        }
        $claws = Claws::of($outline, (int) $input->num('centre_claws'));
        $wire = $input->numOr('wire', $claws->wire());
        $out = $wire - $input->numOr('notch', 0.3 * $wire);
        $apart = (($input->num('stone_diameter') + $wire) / 2 - 1e-9) ** 2;
        [$lastX, $lastY] = $ring->places[0];
        $clears = static function (float $x, float $y) use ($ring, $apart, &$lastX, &$lastY): bool {
            // What was in the way of the place before is mostly in the way of this one.
            if (($lastX - $x) * ($lastX - $x) + ($lastY - $y) * ($lastY - $y) < $apart) {
                return false;
            }
            foreach ($ring->places as [$stoneX, $stoneY]) {
                if (($stoneX - $x) * ($stoneX - $x) + ($stoneY - $y) * ($stoneY - $y) < $apart) {
                    [$lastX, $lastY] = [$stoneX, $stoneY];

                    return false;
                }
            }

            return true;
        };
        $axes = $outline->parallel($out - $wire / 2)->points(self::TRIED);
        $clear = self::clearArcs(
            $axes, array_map(static fn (array $at): bool => $clears($at[0], $at[1]), $axes),
        );
        $answer->give('claws_clear_deg', $clear);
        $meet = array_values(
            array_filter(
                $claws->places($out - $wire / 2),
                static fn (array $claw): bool => ! $clears($claw['x_mm'], $claw['y_mm']),
            ),
        );
        if ($meet !== []) {
            $answer->find(Level::Stop, 'claw-meets-stone', 'edge_gap',
                sprintf(
                    '%d of the centre’s %d claws stand where a stone round it lies (at %s°).', count($meet),
                    $claws->count(), self::degrees(array_column($meet, 'angle_deg')),
                ),
                sprintf('%s; or move them out: at an edge gap of %.2f mm every claw clears.', $clear === []
                    ? 'Nowhere between two stones is there room for this wire'
                    : 'A claw clears at '.self::degrees(array_column($clear, 'middle_deg')).'°', $out), [
                        'edge_gap' => ceil(1000 * $out - 1e-6) / 1000,
                    ]);
        }
    }

    /**
     * Runs of places that clear, the way round; one that goes over 0° is one.
     *
     * @param  list<array{0: float, 1: float, 2?: float}>  $axes  counter-clockwise once round
     * @param  list<bool>  $clears  whether a claw there clears
     * @return list<array{from_deg: float, to_deg: float, middle_deg: float}>
     */
    private static function clearArcs(array $axes, array $clears): array
    {
        $count = count($axes);
        $blocked = array_search(false, $clears, true);
        if ($blocked === false) {
            return [['from_deg' => 0.0, 'to_deg' => 360.0, 'middle_deg' => 180.0]];
        }
        $arcs = [];
        $from = null;
        $last = 0;
        // Once round from a place that is blocked.
        for ($i = 1; $i <= $count; $i++) {
            $at = ($blocked + $i) % $count;
            if ($clears[$at]) {
                $from ??= self::angle($axes[$at]);
                $last = $at;
            } elseif ($from !== null) {
                $to = self::angle($axes[$last]);
                $wide = fmod($to - $from + 360, 360);
                $arcs[] = ['from_deg' => $from, 'to_deg' => $to, 'middle_deg' => fmod($from + $wide / 2, 360)];
                $from = null;
            }
        }
        usort($arcs, static fn (array $a, array $b): int => $a['middle_deg'] <=> $b['middle_deg']);

        return $arcs;
    }

    /** @param array{0: float, 1: float, 2?: float} $at */
    private static function angle(array $at): float
    {
        return fmod(rad2deg(atan2($at[1], $at[0])) + 360, 360);
    }

    /** @param list<float> $angles */
    private static function degrees(array $angles): string
    {
        return implode(
            ', ',
            array_map(static fn (float $angle): string => rtrim(rtrim(sprintf('%.1f', $angle), '0'), '.'), $angles),
        );
    }

    /** The least edge gap at which so many keep their distance, mm; 0 where they do at none. */
    private function leastEdge(Outline $outline, int $count, float $d, float $gap): float
    {
        $fits = static fn (float $edge): bool => Ring::fits($outline, $edge + $d / 2, $count, $d + $gap);
        if ($fits(0.0)) {
            return 0.0;
        }
        // A straight distance is never over the arc, so at no less than this can they fit; and mostly at little more.
        $low = max(0.0, ($count * ($d + $gap) - $outline->perimeter()) / (2 * M_PI) - $d / 2);
        $step = $d / 20;
        while (! $fits($high = $low + $step)) {
            [$low, $step] = [$high, 2 * $step];
        }
        // Found to a micrometre.
        while ($high - $low > 1e-3) {
            $middle = ($low + $high) / 2;
            $fits($middle) ? $high = $middle : $low = $middle;
        }

        return $high;
    }

    /**
     * The axes first, then halves, so that an error does not add up.
     *
     * @return list<int> numbers from 1
     */
    public static function drillOrder(int $count): array
    {
        $order = [];
        for ($parts = 4; count($order) < $count; $parts *= 2) {
            for ($part = 0; $part < $parts; $part++) {
                $stone = (int) round($part * $count / $parts) % $count + 1;
                if (! in_array($stone, $order, true)) {
                    $order[] = $stone;
                }
            }
        }

        return $order;
    }
}
