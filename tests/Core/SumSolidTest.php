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
    'a gallery' => ['seat.gallery', ['shape' => 'oval', 'length' => 8, 'width' => 6, 'depths' => '1, 3', 'taper' => 10,
        'struts' => 4], ['gallery']],
    'a gallery of strip' => ['seat.gallery', ['shape' => 'round', 'width' => 7, 'depths' => '2', 'height' => 1.5,
        'struts' => 3, 'outside' => 0.6], ['gallery']],
    'a gallery with corners' => ['seat.gallery', ['shape' => 'octagon', 'length' => 8, 'width' => 6, 'depths' => '1.5',
        'inset' => 0.3], ['gallery']],
]);

it('lays a gallery’s rings where the sheet has them, and leads its struts in by the slope', function (): void {
    [$parts] = sumSolid('seat.gallery', [
        'shape' => 'round', 'width' => 8, 'depths' => '1, 3', 'wire' => 0.8, 'taper' => 20,
    ]);
    $mesh = $parts[0]->mesh;
    // Two rings of wire lie 1 and 3 mm under the girdle; each steps in by tan 20° a millimetre from 4 mm.
    [$least, $most] = $mesh->box();
    expect($most[2])->toEqualWithDelta(-1 + 0.4, 0.005)->and($least[2])->toEqualWithDelta(-3 - 0.4, 0.005)
        ->and($most[0])->toEqualWithDelta(4 - tan(deg2rad(20)), 0.01)->and(MeshFaults::of($mesh)->euler)->toBe(0);
    [$low] = sumSolid('seat.gallery', [
        'shape' => 'round', 'width' => 8, 'depths' => '3', 'wire' => 0.8, 'taper' => 20,
    ]);
    expect($low[0]->mesh->box()[1][0])->toEqualWithDelta(4 - 3 * tan(deg2rad(20)), 0.01);
    // With a strut its foot stands as deep as is said.
    [$stood] = sumSolid('seat.gallery', [
        'shape' => 'round', 'width' => 8, 'depths' => '1', 'taper' => 0, 'struts' => 4, 'deep' => 5,
    ]);
    expect($stood[0]->mesh->box()[0][2])->toEqualWithDelta(-5.0, 1e-6)->and($stood[0]->mesh->box()[1][2])
        ->toEqualWithDelta(0.0, 1e-6);
});

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
