<?php

declare(strict_types=1);

use HotSprue\Calculations;
use HotSprue\Drawing\View;
use HotSprue\Fields\Origin;
use HotSprue\Fields\ReadRow;
use HotSprue\Job\Drift;
use HotSprue\Job\Station;
use HotSprue\Layout\Ring;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Stones\Outline;
use HotSprue\Stones\Shape;
use HotSprue\Workshop\WorkshopSettings;

// What few ask for is made when somebody does, and says the same.

it('makes the outline of a stone when it is asked for, and writes it out with the rest', function (): void {
    $answer = reckon('stone.outline', ['shape' => 'round', 'width' => 6]);
    expect($answer->isList('points'))->toBeTrue()->and($answer->isList('area'))->toBeFalse();
    $points = $answer->value('points');
    expect($points)->toHaveCount(96)
        ->and($points[0])->toEqualWithDelta(['x_mm' => 0.0, 'y_mm' => 3.0], 1e-9)
        ->and($points[24])->toEqualWithDelta(['x_mm' => -3.0, 'y_mm' => 0.0], 1e-9);
    $written = json_decode((string) json_encode($answer->toArray()), true);
    expect($written['results']['points']['value'])->toHaveCount(96)
        ->and($written['results']['points']['unit'])->toBeNull()
        ->and($written['results']['area']['value'])->toEqualWithDelta(9 * M_PI, 1e-9);
});

it('pushes in the same order whenever that is asked for', function (): void {
    $sequence = reckon('set.sequence', ['count' => 6])->value('sequence');
    // Opposite pairs, each the farthest from those before.
    expect($sequence)->toBe([[6, 3], [1, 4], [2, 5]]);
});

it('keeps no list among what a signature compares later', function (): void {
    $job = pieceWith([...sixTubes()]);
    foreach (Drift::copy(Station::Stones, $job) as $results) {
        foreach ($results as $name => $result) {
            expect(is_scalar($result['value']) || $result['value'] === null)->toBeTrue($name);
        }
    }
    expect(Drift::since(Drift::copy(Station::Stones, $job), $job))->toBe([]);
});

it('says where each input of a working is from when it is opened', function (): void {
    $working = reckon('setting.place', ['shape' => 'round', 'width' => 4, 'outer_diameter' => 22])->working[0];
    expect($working->used()['outer_diameter'])->toBe(Origin::Typed)
        ->and($working->used()['angle'])->toBe(Origin::Default)
        ->and($working->toArray()['used'])->toEqual((object) ['angle' => 'default', 'outer_diameter' => 'typed']);
});

it('takes rows that were read before as they stand, and refuses what was not read', function (): void {
    $field = Calculations::describe('setting.place')->input('others');
    $rows = [['name' => 'left', 'shape' => 'round', 'width' => 3, 'angle' => 40]];
    $read = ReadRow::all($field, $rows, WorkshopSettings::shipped());
    expect($read[0]->values['across'])->toEqual(0.0)->and($read[0]->values['width'])->toEqual(3.0);
    $place = static fn (array $others): float => reckon('setting.place', [
        'shape' => 'round', 'width' => 4, 'outer_diameter' => 22, 'others' => $others,
    ])->num('least_gap');
    // The chord of 40° on a radius of 11, less both halves.
    expect($place($read))->toEqualWithDelta(2 * 11 * sin(deg2rad(20)) - 3.5, 1e-9)
        ->and($place($read))->toEqual($place($rows));
    expect(fn () => ReadRow::all($field, [['name' => 'left', 'shape' => 'round']], WorkshopSettings::shipped()))
        ->toThrow(NotUnderstood::class, 'width');
});

it('fills and draws one line alike', function (): void {
    $view = (new View('a', 'a', 'main', [0, 0, 1, 1]))->filled([[0, 0], [1, 0], [1, 1]], 'fill-metal', 'thin');
    $shapes = $view->toArray()['shapes'];
    expect(array_column($shapes, 'style'))->toBe(['fill-metal', 'thin'])
        ->and($shapes[0]['d'])->toBe('M0.000 0.000 L1.000 0.000 L1.000 1.000 Z')->toBe($shapes[1]['d']);
});

it('finds where a claw clears a ring of stones, over the top as one run', function (): void {
    // Five of 2 mm round a 4 mm round, their middles 3.2 mm out.
    $halo = reckon('layout.halo', [
        'shape' => 'round', 'width' => 4, 'stone_diameter' => 2, 'edge_gap' => 0.2, 'count' => 5, 'centre_claws' => 4,
        'wire' => 0.8, 'notch' => 0.2,
    ]);
    $arcs = $halo->value('claws_clear_deg');
    $positions = $halo->value('positions');
    $tried = array_filter(range(0, 3599), static function (int $tenth) use ($positions): bool {
        // The axis of a claw stands 0.2 outside the girdle.
        [$x, $y] = [2.2 * cos(deg2rad($tenth / 10)), 2.2 * sin(deg2rad($tenth / 10))];

        return array_filter($positions, static fn (array $stone): bool => hypot(
            $stone['x_mm'] - $x, $stone['y_mm'] - $y,
        ) < 1.4) === [];
    });
    $wide = array_sum(array_map(
        static fn (array $arc): float => fmod($arc['to_deg'] - $arc['from_deg'] + 360, 360), $arcs,
    ));
    expect(count($tried) / 10)->toEqualWithDelta($wide, 0.5 * max(1, count($arcs)) + 0.1)
        ->and(array_column($arcs, 'middle_deg'))->toBe(
            (static function (array $middles): array {
                sort($middles);

                return $middles;
            })(array_column($arcs, 'middle_deg')),
        );
});

it('finds the least edge gap to a micrometre', function (int $count, float $stone): void {
    $halo = reckon('layout.halo', [
        'shape' => 'round', 'width' => 5, 'stone_diameter' => $stone, 'edge_gap' => 0.3, 'stone_gap' => 0.1,
        'count' => $count,
    ]);
    // On a circle a chord of stone and gap: R = (d + gap) ÷ (2 × sin(π ÷ n)).
    $edge = max(0.0, ($stone + 0.1) / (2 * sin(M_PI / $count)) - 2.5 - $stone / 2);
    expect($halo->num('edge_gap_for_count'))->toEqualWithDelta($edge, 1.1e-3);
})->with([[12, 1.5], [16, 1.5], [20, 1.5], [24, 1.5], [10, 2.5], [40, 1.0], [5, 1.0]]);

it('keeps for an outline the area that its points enclose', function (string $shape): void {
    $shape = Shape::from($shape);
    // A half-moon is at least twice as long as wide.
    [$long, $wide] = match (true) {
        $shape === Shape::HalfMoon => [12.0, 5.0],
        $shape->parts()->hasLength() => [8.0, 5.0],
        default => [5.0, 5.0],
    };
    $outline = Outline::of($shape, $long, $wide);
    $points = $outline->parallel(0.0)->corneredPoints(4000);
    $twice = 0.0;
    foreach ($points as $at => [$x, $y]) {
        [$nextX, $nextY] = $points[($at + 1) % count($points)];
        $twice += $x * $nextY - $nextX * $y;
    }
    expect($outline->area())->toEqualWithDelta($twice / 2, 2e-4)
        // Its middle of mass stands at nought, whatever it was moved by.
        ->and(Outline::of($shape, $long, $wide)->area())->toBe($outline->area());
})->with(Shape::names());

it('measures a ring’s closest two as one would with a caliper, however often it is asked', function (int $count): void {
    $ring = new Ring(Outline::of(Shape::Oval, 9.0, 6.0), 0.9, $count, true);
    $least = INF;
    foreach ($ring->places as $one => [$x, $y]) {
        foreach (array_slice($ring->places, $one + 1) as [$otherX, $otherY]) {
            $least = min($least, hypot($otherX - $x, $otherY - $y));
        }
    }
    expect($ring->closest())->toEqualWithDelta($least, 1e-12)->and($ring->closest())->toBe($ring->closest());
})->with([2, 3, 8, 15, 16, 40]);
