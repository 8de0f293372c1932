<?php

declare(strict_types=1);

namespace HotSprue\Layout;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Seats\Claws;
use HotSprue\Stock\Alloy;
use HotSprue\Stones\Outline;
use HotSprue\Stones\StoneInput;
use HotSprue\Workshop\WorkshopSettings;

/**
 * A ring of rounds whose neighbours share claws, round a centre or round nothing, on a plate. Source: workbook 5,
 * stones that share claws.
 */
final class LayoutCluster implements Calculation
{
    public const SOURCE = 'workbook 5, stones that share claws';

    public const MOST = 60;

    /** What of a claw's wire is held while it is worked, mm. */
    private const HELD = 1.0;

    public function description(): Description
    {
        return LayoutClusterDescription::make();
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $centre = $input->has('shape') ? StoneInput::read($input) : null;
        if ($centre === null && ! $input->has('count')) {
            throw BadInput::neitherGiven('count', ['how many, where they stand round nothing']);
        }
        [$d, $gap] = [$input->num('stone_diameter'), $input->num('stone_gap')];
        [$places, $count] = $this->places($input, $centre, $d, $gap);
        $wire = $input->has('wire') ? $input->num('wire') : Claws::wireFor($d);
        $notch = $input->numOr('notch', $settings->num('seats.shared_notch') * $wire);
        if ($notch >= $wire / 2) {
            throw BadInput::field('notch', sprintf('Under half of the wire is accepted: less than %.3f.', $wire / 2));
        }
        $shared = new SharedClaws($places, $d, $wire, $notch, $centre);
        $claws = $shared->all();
        $thick = $input->numOr('centre_wire', $wire);
        $own = $centre !== null && $input->has('centre_claws') ? Claws::of($centre, (int) $input->num('centre_claws'))
            ->places($thick / 2 - $settings->num('seats.notch') * $thick) : [];
        $answer = AnswerBuilder::of($this, $input);
        $this->stones($answer, $input, $places, $d);
        $this->wires($answer, $input, $claws, count($own), $wire, $notch, $settings);
        $plate = new ClusterPlate($places, $claws, $d, $wire, $input->num('plate_margin'), $input->num('dome'));
        $plate->answer($answer, $input, $this->density($input, $settings));
        $answer->give('positions', array_map(self::place(...), $places))
            ->give('claws', self::rows($claws, $own, $wire, $notch, $thick))
            ->give('drill_order', self::drilled($count, $claws))
            ->give('cuts', $plate->cuts());
        (new ClusterFindings($answer, $settings))->judge(
            $input, $shared, $claws, $own, $plate, $places, $wire, $notch, $thick,
        );

        return $answer->answer();
    }

    /** @return array{list<array{0: float, 1: float, 2?: float}>, int} */
    private function places(Input $input, ?Outline $centre, float $d, float $gap): array
    {
        if ($centre === null) {
            $count = (int) $input->num('count');
            // Neighbours at their gap, in a ring that closes.
            $radius = ($d + $gap) / 2 / sin(M_PI / $count);
            $at = static fn (int $i): array => [
                $radius * cos(M_PI_2 + 2 * M_PI * $i / $count), $radius * sin(M_PI_2 + 2 * M_PI * $i / $count),
            ];

            return [array_map($at, range(0, $count - 1)), $count];
        }
        $offset = $input->num('edge_gap') + $d / 2;
        $ring = $input->has('count')
            ? Ring::best($centre, $offset, (int) $input->num('count'))
            : Ring::fullest($centre, $offset, $d + $gap, self::MOST) ?? throw BadInput::field(
                'stone_diameter', 'Not even two of these fit round the centre; smaller stones are accepted.',
            );

        return [$ring->places, $ring->count];
    }

    private function density(Input $input, WorkshopSettings $settings): float
    {
        return Alloy::named($input->text('alloy'), $settings)->density;
    }

    /** @param list<array{0: float, 1: float, 2?: float}> $places */
    private function stones(AnswerBuilder $answer, Input $input, array $places, float $d): void
    {
        $gaps = ClusterFindings::gaps($places, $d);
        $uses = array_values(array_filter(['shape', 'stone_diameter', 'edge_gap', 'count'], $input->has(...)));
        $answer
            ->work(
                'count', count($places),
                Formula::taken($input->has('count') ? 'as chosen' : 'as many as keep their gap', count($places)),
                uses: $uses, because: 'equally spaced along the line of their middles',
            )
            ->work(
                'least_gap', min($gaps),
                Formula::of(
                    '{closest middles} − {stone}', ['closest middles' => min($gaps) + $d, 'stone' => $d],
                ), uses: $uses, because: 'the straight distance between every two neighbours',
            )
            ->work(
                'greatest_gap', max($gaps),
                Formula::of(
                    '{farthest middles} − {stone}', ['farthest middles' => max($gaps) + $d, 'stone' => $d],
                ), uses: $uses, because: 'a claw has to span it',
            );
    }

    /** @param list<array{kind: string, x: float, y: float, holds: list<int>, free: float}> $claws */
    private function wires(
        AnswerBuilder $answer, Input $input, array $claws, int $own, float $wire, float $notch,
        WorkshopSettings $settings,
    ): void
    {
        $kinds = array_count_values(array_column($claws, 'kind'));
        [$count, $each] = [count($claws) + $own, $this->cut($input)];
        $cut = (int) ceil($count * 13 / 12 - 1e-9);
        $answer
            ->work(
                'wire', $wire, Formula::taken($input->has('wire') ? 'as chosen' : 'by the stone’s diameter', $wire),
                uses: ['wire', 'stone_diameter'], because: 'one wire for all shared claws', source: 'workbook 4, claws',
            )
            ->work(
                'notch_depth', $notch,
                $input->has('notch') ? Formula::taken('as given', $notch) : Formula::of(
                    '{share} × {wire}', ['share' => $settings->num('seats.shared_notch'), 'wire' => $wire],
                ),
                uses: ['notch', 'wire'], because: 'two stones share it: a notch from either side must leave a neck',
            )
            ->work(
                'outer_claws', $kinds['outer'] ?? 0,
                Formula::taken('one to each pair that a claw spans', $kinds['outer'] ?? 0),
                uses: ['count', 'wire'], because: 'outside the ring of stones',
            )
            ->work(
                'inner_claws', $kinds['inner'] ?? 0,
                Formula::taken('one to each pair that a claw spans', $kinds['inner'] ?? 0),
                uses: ['count', 'wire'], because: 'inside the ring of stones',
            )
            ->work(
                'drill', $wire - 0.02, Formula::of('{wire} − 0.02', ['wire' => $wire]), uses: ['wire'],
                because: 'a pilot first, then opened to a push fit',
            )
            ->work(
                'cut_length', $each,
                Formula::of(
                    '{basket} + {plate} + {standing} + 1',
                    [
                        'basket' => $input->num('basket_depth'), 'plate' => $input->num('plate_thickness'),
                        'standing' => $input->num('standing'),
                    ],
                ),
                uses: ['basket_depth', 'plate_thickness', 'standing'],
                because: 'through plate and basket, and a mm to hold',
            )
            ->work(
                'wire_total', $cut * $each,
                Formula::of(
                    'ceil({claws} × 13 ÷ 12) × {each}', ['claws' => $count, 'each' => $each],
                ), uses: ['count', 'basket_depth', 'plate_thickness', 'standing'],
                because: 'one to spare in twelve',
            )
            ->work(
                'wire_volume_mm3', $count * M_PI / 4 * $wire ** 2 * ($each - self::HELD),
                Formula::of(
                    '{claws} × π ÷ 4 × {wire} ^ 2 × ({each} − 1)',
                    ['claws' => $count, 'wire' => $wire, 'each' => $each],
                ), uses: ['count', 'wire'], because: 'what is held comes off',
            );
    }

    private function cut(Input $input): float
    {
        return $input->num('basket_depth') + $input->num('plate_thickness') + $input->num('standing') + self::HELD;
    }

    /**
     * @param  list<array{kind: string, x: float, y: float, holds: list<int>, free: float}>  $claws
     * @param  list<array{x_mm: float, y_mm: float, angle_deg: float, v: bool}>  $own
     * @return list<array<string, mixed>>
     */
    private static function rows(array $claws, array $own, float $wire, float $notch, float $thick): array
    {
        $row = static fn (string $kind, float $x, float $y, array $holds, float $wire): array => [
            'kind' => $kind, 'x_mm' => $x, 'y_mm' => $y, 'drill_mm' => $wire - 0.02, 'wire_mm' => $wire,
            'holds' => $holds,
        ];

        return [
            ...array_map(
                // So near the centre that its notch reaches it, an inner claw holds three.
                static fn (array $claw): array => $row($claw['kind'], $claw['x'], $claw['y'], [
                    ...$claw['holds'], ...($claw['free'] < -1e-9 && $claw['free'] >= -$notch - 1e-9 ? ['centre'] : []),
                ], $wire),
                $claws,
            ),
            ...array_map(
                static fn (array $claw): array => $row('centre', $claw['x_mm'], $claw['y_mm'], ['centre'], $thick),
                $own,
            ),
        ];
    }

    /**
     * @param  array{0: float, 1: float, 2?: float}  $at
     * @return array{x_mm: float, y_mm: float, angle_deg: float}
     */
    private static function place(array $at): array
    {
        return [
            'x_mm' => $at[0], 'y_mm' => $at[1], 'angle_deg' => fmod(rad2deg(atan2($at[1], $at[0])) + 360, 360),
        ];
    }

    /**
     * Pairs on the quarter lines first, then halves; every pilot before any hole is opened, so that a drifting one can
     * be pulled over.
     *
     * @param  list<array{kind: string, x: float, y: float, holds: list<int>, free: float}>  $claws
     * @return list<array{claw: int, hole: string}> claws numbered from 1 as they are listed
     */
    private static function drilled(int $count, array $claws): array
    {
        $order = [];
        foreach (['pilot', 'full'] as $hole) {
            foreach (LayoutHalo::drillOrder($count) as $stone) {
                foreach ($claws as $at => $claw) {
                    $claw['holds'][0] !== $stone ?: $order[] = ['claw' => $at + 1, 'hole' => $hole];
                }
            }
        }

        return $order;
    }
}
