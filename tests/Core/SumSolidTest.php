<?php

declare(strict_types=1);

use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Fields\Input;
use HotSprue\Samples\Samples;
use HotSprue\Solid\Look;
use HotSprue\Solid\MeshFaults;
use HotSprue\Solid\Part;
use HotSprue\Solid\SumSolid;
use HotSprue\Workshop\WorkshopSettings;

/**
 * @param  array<string, mixed>  $typed
 * @return array{list<Part>, Answer}
 */
function sumSolid(string $sheet, array $typed): array
{
    $settings = WorkshopSettings::shipped();
    $input = Input::read(Calculations::describe($sheet)->inputs, $typed, $settings);
    $answer = Calculations::named($sheet)->reckon($input, $settings);

    return [SumSolid::parts($sheet, $input, $answer, $settings), $answer];
}

it('shows a sum’s band, bezel or claws of the volume that the sheet reckons', function (string $sheet, array $typed,
    array $kinds): void {
    [$parts, $answer] = sumSolid($sheet, $typed);
    expect(array_map(static fn (Part $part): string => $part->kind, $parts))->toBe($kinds)
        ->and($parts[0]->mesh->volume() / $answer->num('volume_mm3'))->toEqualWithDelta(1.0, 0.001);
    foreach ($parts as $part) {
        expect(MeshFaults::of($part->mesh)->isSound())->toBeTrue($part->kind);
    }
})->with([
    'a court band' => ['form.band', ['inner_diameter' => 17, 'profile' => 'court', 'width_top' => 5,
        'thickness_top' => 2], ['band']],
    'a bezel' => ['seat.bezel', ['shape' => 'oval', 'length' => 8, 'width' => 6], ['collar', 'stone']],
    'a scored bezel' => ['seat.bezel', ['shape' => 'octagon', 'length' => 8, 'width' => 6, 'corners' => 'scored'],
        ['collar', 'stone']],
    'a tube' => ['seat.bezel', ['shape' => 'round', 'width' => 4, 'made_from' => 'tube'], ['collar', 'stone']],
    'claws' => ['seat.claw', ['shape' => 'pear', 'length' => 8, 'width' => 5], ['claws', 'stone']],
]);

it('is of the metal that was named, of silver where none was, and sets a dome for a dome', function (): void {
    $colour = static fn (array $more): string => sumSolid(
        'form.band', ['inner_diameter' => 17, 'width_top' => 5, 'thickness_top' => 2, ...$more],
    )[0][0]->look->colour;
    expect($colour(['alloy' => '18k-yellow']))->not->toBe($colour([]));
    $stone = static fn (array $more): Part => sumSolid(
        'seat.bezel', ['shape' => 'round', 'width' => 6, 'depth' => 3, ...$more],
    )[0][1];
    // Half an ellipsoid on its base, and a brilliant with its point below it.
    expect($stone(['cut' => 'cabochon'])->mesh->volume())->toEqualWithDelta(2 / 3 * M_PI * 9 * 3, 1.0)
        ->and($stone([])->mesh->volume())->toBeLessThan(M_PI * 9 * 3 * 0.6)
        ->and($stone([])->look)->toEqual(Look::stone(null));
});

it('seats its stone where the sheet has the seat', function (): void {
    [$parts, $answer] = sumSolid('seat.claw', ['shape' => 'round', 'width' => 6]);
    // The pavilion, 43 % of the width, lies under the underside of the girdle.
    expect($parts[1]->mesh->box()[0][2])->toEqualWithDelta($answer->num('below') - 0.43 * 6, 1e-9)
        ->and($parts[0]->mesh->box()[0][2])->toEqual(0.0);
});

it('has a body for no other sheet', function (string $sheet): void {
    [$parts] = sumSolid($sheet, Samples::first($sheet));
    expect($parts)->toBe([])->and(SumSolid::has($sheet))->toBeFalse();
})->with(['size.convert', 'layout.halo', 'metal.charge', 'seat.depth', 'join.plan']);
