<?php

declare(strict_types=1);

use HotSprue\Job\PieceSolid;
use HotSprue\Job\RingSolid;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\Look;
use HotSprue\Solid\Mesh;
use HotSprue\Solid\MeshFaults;
use HotSprue\Solid\Part;
use HotSprue\Solid\Sheen;
use HotSprue\Solid\SolidTold;
use HotSprue\Solid\Stage;
use HotSprue\Solid\StillPicture;
use HotSprue\Solid\ThreeMf;
use HotSprue\Stock\Alloy;
use HotSprue\Wax\Blank;
use HotSprue\Workshop\WorkshopSettings;

/** @return array<string, mixed> a half round band of sterling, and what else is said of it */
function solidBand(array $more = []): array
{
    return [
        'brief.finger' => '17.4 mm diameter', 'brief.alloy' => 'sterling-925', 'form.profile' => 'half-round',
        'form.width_top' => '5', 'form.width_base' => '3', 'form.thickness_top' => '2',
        'form.thickness_base' => '1.6', ...$more,
    ];
}

/** @return array<string, mixed> a stone of a shape in a setting of a style */
function solidStone(string $shape, string $style, array $more = [], string $key = 'a'): array
{
    $said = [
        "stones.{$key}.species" => 'garnet', "stones.{$key}.shape" => $shape, "stones.{$key}.width" => '5',
        "settings.{$key}.style" => $style, "settings.{$key}.stone" => $key,
    ];
    if (HotSprue\Stones\Shape::from($shape)->parts()->hasLength()) {
        $said["stones.{$key}.length"] = $shape === 'half-moon' ? '11' : '7';
    }

    return [...$said, ...$more];
}

/** @return list<Part> */
function solidParts(array $typed, Stage $stage = Stage::Finished): array
{
    [, $answers] = heldJob($typed);

    return (new RingSolid($answers, $stage, Fineness::Look))->parts();
}

/** @param list<Part> $parts */
function solidOf(array $parts, string $kind): Part
{
    return array_values(array_filter($parts, static fn (Part $part): bool => $part->kind === $kind))[0];
}

it('shows nothing while the form is not known, and says what is wanted', function (): void {
    expect(solidParts(['brief.finger' => '17.4 mm diameter']))->toBe([])
        ->and(SolidTold::words([], Stage::Finished, 0.0))->toContain('say the size and the section');
});

it('is of the sheets’ volume at every stage, to one in a thousand', function (string $profile): void {
    $typed = solidBand(['form.profile' => $profile, ...($profile === 'knife' ? ['form.edge' => '0.6'] : [])]);
    [, $answers] = heldJob($typed);
    foreach ([
        [Stage::Finished, (float) $answers->value('form.band', 'volume_mm3')],
        [Stage::Wax, (float) $answers->value('wax.pattern', 'volume_mm3')],
        // What is cast has shrunk from its wax by 1.5 % every way.
        [Stage::Cast, 0.985 ** 3 * (float) $answers->value('wax.pattern', 'volume_mm3')],
    ] as [$stage, $volume]) {
        $band = solidOf((new RingSolid($answers, $stage, Fineness::Look))->parts(), 'band');
        expect($band->mesh->volume() / $volume)->toEqualWithDelta(1.0, 0.001, "{$profile}, {$stage->value}");
    }
})->with(['flat', 'half-round', 'court', 'round', 'knife']);

it('is as wide in the bore as each stage says', function (): void {
    [, $answers] = heldJob(solidBand(['form.profile' => 'flat']));
    foreach ([[Stage::Finished, 17.4], [Stage::Wax, $answers->value('wax.dimensions', 'bore')],
        [Stage::Cast, $answers->value('wax.dimensions', 'bore_as_cast')]] as [$stage, $bore]) {
        $band = solidOf((new RingSolid($answers, $stage, Fineness::File))->parts(), 'band');
        $nearest = INF;
        foreach (array_chunk($band->mesh->points, 3) as [$x, , $z]) {
            $nearest = min($nearest, hypot($x, $z));
        }
        expect(2 * $nearest)->toEqualWithDelta((float) $bore, 0.01);
    }
});

it('stands a bezel of the sheet’s volume on the band, and its stone in it', function (string $shape): void {
    // Standing clear of the band its foot is flat, as the sheet has it.
    $typed = solidBand(solidStone($shape, 'bezel', ['settings.a.height' => '0.5']));
    [, $answers] = heldJob($typed);
    $row = $answers->ofRow('settings', 'a');
    $parts = (new RingSolid($answers, Stage::Finished, Fineness::File))->parts();
    [$collar, $stone] = [solidOf($parts, 'collar'), solidOf($parts, 'stone')];
    [$foot, $top] = [$collar->mesh->box()[0][2], $collar->mesh->box()[1][2]];
    $depth = 0.61 * 5;
    expect($collar->mesh->volume() / $row->value('seat.bezel', 'volume_mm3'))->toEqualWithDelta(1.0, 0.001)
        ->and($foot)->toEqualWithDelta(17.4 / 2 + 2 + 0.5, 1e-6)
        ->and($top - $foot)->toEqualWithDelta((float) $row->value('seat.bezel', 'strip_height'), 1e-6)
        ->and($collar->mesh->box()[1][0] - $collar->mesh->box()[0][0])
        ->toEqualWithDelta((float) $row->value('seat.bezel', 'outside_width'), 0.02)
        // The underside of the girdle on the seat, its culet the pavilion lower.
        ->and($stone->mesh->box()[1][2] - $stone->mesh->box()[0][2])->toEqualWithDelta($depth, 1e-6)
        ->and($stone->mesh->box()[0][2])
        ->toEqualWithDelta($foot + $row->value('seat.bezel', 'seat_height') - 0.43 * 5, 1e-6)
        ->and($stone->look->colour)->toBe(Look::stone('garnet')->colour)
        ->and($stone->isBody())->toBeFalse()->and($collar->setting)->toBe('a');
})->with(['round', 'oval', 'marquise', 'pear', 'cushion', 'octagon', 'rectangle', 'trillion', 'hexagon', 'kite']);

it('stands claws of the sheet’s volume about their stone', function (): void {
    $typed = solidBand(solidStone('oval', 'claws', ['settings.a.height' => '0.3']));
    [, $answers] = heldJob($typed);
    $claws = solidOf((new RingSolid($answers, Stage::Finished, Fineness::Look))->parts(), 'claws');
    $row = $answers->ofRow('settings', 'a');
    expect($claws->mesh->volume())->toEqualWithDelta((float) $row->value('seat.claw', 'volume_mm3'), 1e-6)
        ->and(MeshFaults::of($claws->mesh)->euler)->toBe(2 * (int) $row->value('seat.claw', 'claws'));
});

it('has a gallery of the sheet’s volume under its claws, a strut at each', function (): void {
    $typed = solidBand(solidStone('oval', 'claws', ['settings.a.height' => '0.3', 'settings.a.gallery' => '1.5']));
    [, $answers] = heldJob($typed);
    $parts = (new RingSolid($answers, Stage::Finished, Fineness::Look))->parts();
    $gallery = solidOf($parts, 'gallery');
    $row = $answers->ofRow('settings', 'a');
    expect($gallery->mesh->volume() / $row->value('seat.gallery', 'volume_mm3'))->toEqualWithDelta(1.0, 0.001)
        ->and($gallery->isBody())->toBeTrue()->and($gallery->setting)->toBe('a')
        // A ring is a torus, each strut a ball.
        ->and(MeshFaults::of($gallery->mesh)->euler)->toBe(2 * (int) $row->value('seat.claw', 'claws'));
    // At each claw’s middle, and so half a wire from it, a strut goes down to the foot.
    $half = (float) $row->input('seat.gallery')->num('wire') / 2;
    $lowest = array_filter(
        array_chunk($gallery->mesh->points, 3),
        static fn (array $at): bool => $at[2] < $gallery->mesh->box()[0][2] + 1e-6,
    );
    foreach ($row->value('seat.claw', 'places') as $claw) {
        $near = array_filter($lowest, static fn (array $at): bool => abs(
            hypot($at[0] - $claw['x_mm'], $at[1] - $claw['y_mm']) - $half,
        ) < 0.02);
        expect(count($near))->toBeGreaterThanOrEqual(14);
    }
});

it('weighs a gallery and a cluster that are cast with their ring into its wax', function (): void {
    $wax = static function (array $more): float {
        [, $answers] = heldJob(solidBand(solidStone('round', 'claws', ['settings.a.made' => 'cast', ...$more])));

        return (float) $answers->value('wax.pattern', 'ring_volume_mm3');
    };
    [, $answers] = heldJob(solidBand(solidStone('round', 'claws', [
        'settings.a.made' => 'cast', 'settings.a.gallery' => '1.5',
    ])));
    $metal = (float) $answers->ofRow('settings', 'a')->value('seat.gallery', 'volume_mm3');
    // Carved wax shrinks by 1.5 % every way.
    expect($wax(['settings.a.gallery' => '1.5']) - $wax([]))->toEqualWithDelta($metal / 0.985 ** 3, 1e-6)
        ->and($wax(['settings.a.gallery' => '1.5', 'settings.a.made' => 'apart']))
        ->toEqualWithDelta($wax(['settings.a.made' => 'apart']), 1e-9);
    $cluster = [
        'stones.b.shape' => 'round', 'stones.b.width' => '1.3', 'settings.b.holds' => 'cluster',
        'settings.b.stone' => 'b', 'settings.b.style' => 'shared-claws',
    ];
    [, $answers] = heldJob(solidBand([...solidStone('round', 'claws'), ...$cluster, 'settings.b.made' => 'apart']));
    $plate = (float) $answers->ofRow('settings', 'b')->value('layout.cluster', 'volume_mm3');
    expect($plate)->toBeGreaterThan(10.0)
        ->and($wax([...$cluster, 'settings.b.made' => 'cast']) - $wax([...$cluster, 'settings.b.made' => 'apart']))
        ->toEqualWithDelta($plate / 0.985 ** 3, 1e-6);
});

it('sinks a stone that is set into the band, its table where the sheet says', function (): void {
    $typed = solidBand(solidStone('round', 'flush', ['stones.a.width' => '2', 'settings.a.angle' => '30']));
    [, $answers] = heldJob($typed);
    $stone = solidOf((new RingSolid($answers, Stage::Finished, Fineness::Look))->parts(), 'stone');
    $farthest = 0.0;
    foreach (array_chunk($stone->mesh->points, 3) as [$x, , $z]) {
        $farthest = max($farthest, $x * sin(deg2rad(30)) + $z * cos(deg2rad(30)));
    }
    $row = $answers->ofRow('settings', 'a');
    // Its girdle's underside lies the seat's depth below the outside of the band there; crown and girdle stand on it.
    $band = 17.4 / 2 + 1.6 + 0.4 * (1 + cos(deg2rad(30))) / 2;
    expect($farthest)->toEqualWithDelta(
        $band - (float) $row->value('seat.depth', 'seat_depth') + (0.15 + 0.03) * 2, 1e-6,
    );
});

it('has a stone for each that is laid out round a centre, in a row, and in a cluster', function (): void {
    $centre = solidStone('round', 'claws');
    $round = static fn (string $holds, array $more): array => solidBand([
        ...$centre, 'stones.b.species' => 'diamond', 'stones.b.shape' => 'round', 'stones.b.width' => '1.3',
        'settings.b.holds' => $holds, 'settings.b.stone' => 'b', ...$more,
    ]);
    $count = static function (array $typed, string $use, string $result): array {
        [, $answers] = heldJob($typed);
        $parts = (new RingSolid($answers, Stage::Finished, Fineness::Look))->parts();
        $stones = array_values(array_filter(
            $parts, static fn (Part $part): bool => $part->kind === 'stone' && $part->setting === 'b',
        ))[0];

        // Each stone is a ball.
        return [
            intdiv(MeshFaults::of($stones->mesh)->euler, 2), $answers->ofRow('settings', 'b')->value($use, $result),
        ];
    };
    foreach ([
        [$round('halo', ['settings.b.style' => 'shared']), 'layout.halo', 'count'],
        [$round('cluster', ['settings.b.style' => 'shared-claws']), 'layout.cluster', 'count'],
    ] as [$typed, $use, $result]) {
        [$found, $said] = $count($typed, $use, $result);
        expect($found)->toBe((int) $said)->and($found)->toBeGreaterThan(8);
    }
    [$found] = $count($round('row', ['settings.b.style' => 'bead', 'settings.b.count' => '7']), 'layout.row',
        'least_wall');
    expect($found)->toBe(7);
});

it('casts the heads that are cast with the ring, and neither stones nor what is soldered on', function (): void {
    $kinds = static fn (string $made, Stage $stage): array => array_map(
        static fn (Part $part): string => $part->kind,
        solidParts(solidBand(solidStone('round', 'bezel', ['settings.a.made' => $made])), $stage),
    );
    expect($kinds('cast', Stage::Wax))->toBe(['band', 'collar'])->and($kinds('cast', Stage::Cast))
        ->toBe(['band', 'collar'])->and($kinds('apart', Stage::Wax))->toBe(['band'])
        ->and($kinds('apart', Stage::Finished))->toBe(['band', 'collar', 'stone']);
});

it('grows a head that is cast by its finishing and its shrinkage, as its sheet does', function (): void {
    $typed = solidBand(solidStone('oval', 'bezel', ['settings.a.made' => 'cast', 'settings.a.height' => '0.4']));
    [, $answers] = heldJob($typed);
    $wax = solidOf((new RingSolid($answers, Stage::Wax, Fineness::File))->parts(), 'collar');
    $said = $answers->ofRow('settings', 'a')->answer('seat.bezel');
    expect($wax->mesh->volume() / $said->num('wax_volume_mm3'))->toEqualWithDelta(1.0, 0.001)
        ->and($wax->mesh->box()[1][2] - $wax->mesh->box()[0][2])
        ->toEqualWithDelta($said->num('height_in_wax'), 1e-6);
});

it('looks like its metal, its wax, and its stones', function (): void {
    $settings = WorkshopSettings::shipped();
    $gold = Look::metal(Alloy::named('18k-rose', $settings));
    expect($gold->colour)->not->toBe(Look::metal(Alloy::named('18k-yellow', $settings))->colour)
        ->and(Look::metal(Alloy::named('sterling-925', $settings))->colour)
        ->not->toBe(Look::metal(Alloy::named('platinum-950', $settings))->colour)
        ->and(solidOf(solidParts(solidBand(), Stage::Wax), 'band')->look->material)->toBe('wax')
        ->and(Look::stone('ruby')->colour)->not->toBe(Look::stone('emerald')->colour)
        ->and(Look::stone('diamond'))->toEqual(Look::stone(null));
});

it('takes the light as it is finished, and as it came from the flask', function (): void {
    $look = static fn (array $typed, Stage $stage = Stage::Finished): Look => solidParts(
        solidBand([...solidStone('round', 'bezel'), ...$typed]), $stage,
    )[1]->look;
    expect($look([])->sheen)->toBe(Sheen::Polished)->and($look(['finish.finish' => 'satin'])->sheen)->toBe(Sheen::Satin)
        ->and($look(['finish.finish' => 'matt'], Stage::Cast)->sheen)->toBe(Sheen::AsCast)
        ->and($look(['finish.patina' => true])->isDarkened)->toBeTrue()
        ->and($look(['finish.patina' => true], Stage::Cast)->isDarkened)->toBeFalse()
        ->and($look(['finish.finish' => 'satin'], Stage::Wax))->toEqual(Look::wax());
    // Rhodium is one white over every gold.
    $gold = ['brief.alloy' => '18k-yellow'];
    $plated = $look([...$gold, 'finish.rhodium' => true])->colour;
    expect($plated)->not->toBe($look($gold)->colour)
        ->and($plated)->toBe($look(['brief.alloy' => '14k-rose', 'finish.rhodium' => true])->colour)
        ->and($look([...$gold, 'finish.rhodium' => true], Stage::Cast)->colour)->toBe($look($gold)->colour);
});

it('says in words how it is finished', function (): void {
    $words = static fn (array $typed, Stage $stage = Stage::Finished): string => SolidTold::words(
        solidParts(solidBand($typed), $stage), $stage, 0.0,
    );
    expect($words(['finish.finish' => 'satin', 'finish.patina' => true]))->toContain(' Satin, its lows darkened.')
        ->and($words(['finish.patina' => true]))->toContain(' Its lows darkened.')
        ->and($words([]))->not->toContain('Polished')
        ->and($words(['finish.finish' => 'matt'], Stage::Cast))->not->toContain('Matt');
});

it('shows less of the lamp in a still of a satin ring than of a polished one', function (): void {
    $bright = static fn (string $finish): int => count(array_filter(
        StillPicture::of(solidParts(solidBand(['finish.finish' => $finish])), 160, 120),
        static fn (int $colour): bool => ($colour & 0xFF) > 245,
    ));
    expect($bright('polished'))->toBeGreaterThan($bright('satin') + 20)->and($bright('satin'))
        ->toBeGreaterThan($bright('matt'));
});

it('is as large in its still however it is turned, where the span is said', function (): void {
    $parts = solidParts(solidBand());
    $tall = static function (array $pixels): int {
        $rows = array_map(static fn (int $at): int => intdiv($at, 120), array_keys($pixels));

        return max($rows) - min($rows) + 1;
    };
    // A ring of 21 mm in 100 mm is a fifth of the picture’s 120 rows, and in 50 two fifths, from whichever side.
    foreach ([0.0, 0.1, 0.25] as $turn) {
        $small = $tall(StillPicture::of($parts, 120, 120, $turn, 100.0));
        $large = $tall(StillPicture::of($parts, 120, 120, $turn, 50.0));
        expect($small)->toBeGreaterThan(22)->toBeLessThan(32)->and($large)->toEqualWithDelta(2 * $small, 3.0);
    }
    // Corner to corner of its box, and a margin.
    [$least, $most] = $parts[0]->mesh->box();
    expect(StillPicture::span($parts))->toEqualWithDelta(1.08 * sqrt(
        ($most[0] - $least[0]) ** 2 + ($most[1] - $least[1]) ** 2 + ($most[2] - $least[2]) ** 2,
    ), 1e-9);
});

it('says the piece in words, and where its parts are not the sheets’ sum', function (): void {
    $parts = solidParts(solidBand(solidStone('round', 'bezel')));
    $volume = array_sum(array_map(
        static fn (Part $part): float => $part->isBody() ? $part->mesh->volume() : 0.0, $parts,
    ));
    $words = SolidTold::words($parts, Stage::Finished, $volume / 1.0099);
    expect($words)->toContain('finished')->toContain('5.9 along the finger')->not->toContain('sheets')
        ->and(SolidTold::words($parts, Stage::Finished, $volume / 1.0101))->toContain('The sheets reckon');
});

it('draws a still: the ring in the middle, a hole in it, gold where it is of gold', function (): void {
    $parts = solidParts(solidBand(['brief.alloy' => '18k-yellow', 'form.width_top' => '4', 'form.width_base' => '4']));
    $pixels = StillPicture::of($parts, 200, 160);
    $column = array_filter(range(0, 199), static fn (int $x): bool => isset($pixels[80 * 200 + $x]));
    expect(count($pixels))->toBeGreaterThan(4000)->and(isset($pixels[80 * 200 + 100]))->toBeFalse()
        ->and(isset($pixels[0]))->toBeFalse()->and(min($column))->toBeGreaterThan(10)
        ->and(max($column))->toBeLessThan(190);
    // Yellow: more red than green, more green than blue, in the sum of all that is seen.
    $sum = static fn (int $shift): int => array_sum(array_map(
        static fn (int $pixel): int => $pixel >> $shift & 0xFF, $pixels,
    ));
    expect($sum(16))->toBeGreaterThan($sum(8))->and($sum(8))->toBeGreaterThan((int) (1.3 * $sum(0)));
});

it('writes a 3MF whose objects are its parts, each by its name', function (): void {
    $parts = solidParts(solidBand(solidStone('round', 'bezel', ['settings.a.name' => 'hers & “his”'])));
    $model = simplexml_load_string(ThreeMf::model($parts, 'a <ring>'));
    $objects = $model->resources->object;
    expect((string) $model['unit'])->toBe('millimeter')->and($objects)->toHaveCount(count($parts))
        ->and((string) $objects[1]['name'])->toBe('hers & “his”')->and((string) $model->metadata)->toBe('a <ring>')
        ->and($model->build->item)->toHaveCount(count($parts))
        ->and($objects[0]->mesh->triangles->triangle)->toHaveCount($parts[0]->mesh->triangles());
    // Read by hand: the same volume.
    $points = [];
    foreach ($objects[0]->mesh->vertices->vertex as $vertex) {
        array_push($points, (float) $vertex['x'], (float) $vertex['y'], (float) $vertex['z']);
    }
    $faces = [];
    foreach ($objects[0]->mesh->triangles->triangle as $triangle) {
        array_push($faces, (int) $triangle['v1'], (int) $triangle['v2'], (int) $triangle['v3']);
    }
    expect(Mesh::of($points, $faces)->volume())->toEqualWithDelta($parts[0]->mesh->volume(), 1e-3);
});

it('keeps whole whatever is typed: fifty random rings', function (): void {
    mt_srand(19);
    $pick = static fn (array $from): mixed => $from[mt_rand(0, count($from) - 1)];
    for ($case = 0; $case < 50; $case++) {
        $profile = $pick(['flat', 'half-round', 'court', 'round', 'knife']);
        $typed = solidBand([
            'form.profile' => $profile, 'form.width_top' => (string) (mt_rand(25, 90) / 10),
            'form.thickness_top' => (string) (mt_rand(12, 28) / 10), 'form.thickness_base' => '1.2',
            ...($profile === 'knife' ? ['form.edge' => '0.4'] : []),
            ...solidStone(
                $pick(['round', 'oval', 'pear', 'octagon', 'trillion', 'kite']), $pick(['bezel', 'claws']),
                [
                    'settings.a.angle' => (string) mt_rand(-60, 60), 'settings.a.turn' => (string) mt_rand(0, 90),
                    'settings.a.tilt' => (string) mt_rand(-20, 20),
                ],
            ),
        ]);
        foreach (Stage::cases() as $stage) {
            foreach (solidParts($typed, $stage) as $part) {
                expect(MeshFaults::of($part->mesh)->isSound())->toBeTrue("{$part->kind} of case {$case}");
            }
        }
    }
});

it('stands the wax on its sprues in its flask, fed from below', function (array $more, int $count): void {
    [, $answers] = heldJob(solidBand(['form.width_base' => '5', 'form.thickness_base' => '2', ...$more]));
    $parts = PieceSolid::parts($answers, Stage::Tree, Fineness::Look);
    [$sprues, $flask] = [solidOf($parts, 'sprues'), solidOf($parts, 'flask')];
    $said = $answers->answer('sprue.size');
    foreach ($parts as $part) {
        expect(MeshFaults::of($part->mesh)->isSound())->toBeTrue($part->kind);
    }
    // Each leg a ball, and the stem that they join one more.
    expect(MeshFaults::of($sprues->mesh)->euler)->toBe(2 * ($count + ($count > 1 ? 1 : 0)))
        // Melted 0.3 mm into a wax that is larger than its casting.
        ->and($sprues->mesh->volume() / $said->num('sprue_volume_mm3'))->toEqualWithDelta(1.0, 0.06)
        ->and($flask->mesh->volume())->toEqualWithDelta(
            M_PI / 4 * $answers->value('flask.choose', 'flask_diameter') ** 2
            * $answers->value('flask.choose', 'flask_height'), 1e-6,
        )
        // The ring stands in it, its sprues below.
        ->and($flask->mesh->box()[1][2])->toBeGreaterThan(solidOf($parts, 'band')->mesh->box()[1][2] + 6)
        ->and($sprues->mesh->box()[0][2])->toBeLessThan(solidOf($parts, 'band')->mesh->box()[0][2])
        ->and($flask->isBody())->toBeFalse();
})->with([
    'one' => [['tree.count' => '1'], 1], 'a Y' => [['tree.count' => '2', 'tree.y_angle' => '90'], 2],
    'three' => [['tree.count' => '3'], 3], 'at the head' => [['tree.count' => '1', 'tree.feed_at' => 'head'], 1],
]);

it('turns a ring over that is fed at its head', function (): void {
    $typed = solidBand(solidStone('round', 'bezel', ['settings.a.made' => 'cast']));
    $collar = static function (string $at) use ($typed): array {
        [, $answers] = heldJob([...$typed, 'tree.feed_at' => $at]);

        return solidOf(PieceSolid::parts($answers, Stage::Tree, Fineness::Look), 'collar')->mesh->box();
    };
    expect($collar('base')[0][2])->toBeGreaterThan(8.0)->and($collar('head')[1][2])->toBeLessThan(-8.0);
});

it('says what the sheets reckon at each stage', function (): void {
    [, $answers] = heldJob(solidBand());
    $wax = (float) $answers->value('wax.pattern', 'ring_volume_mm3');
    expect(PieceSolid::wanted($answers, Stage::Wax))->toEqual($wax)
        ->and(PieceSolid::wanted($answers, Stage::Cast))->toEqualWithDelta($wax * 0.985 ** 3, 1e-6)
        ->and(PieceSolid::wanted($answers, Stage::Tree))->toBe(0.0);
    [, $none] = heldJob(['brief.finger' => '17 mm diameter']);
    expect(PieceSolid::wanted($none, Stage::Finished))->toBe(0.0);
});

it('cuts a seat and a hole right through for each stone that is set into the band', function (): void {
    $typed = solidBand([
        'form.profile' => 'flat', 'form.width_base' => '5', 'form.thickness_base' => '2',
        ...solidStone('round', 'flush', ['stones.a.width' => '2', 'settings.a.hole' => '50 %']),
    ]);
    $parts = solidParts($typed);
    $cut = solidOf($parts, 'cut');
    [$least, $most] = $cut->mesh->box();
    expect(MeshFaults::of($cut->mesh)->isSound())->toBeTrue()->and($cut->isBody())->toBeFalse()
        ->and($cut->isSeen())->toBeFalse()
        // As wide as the stone above, and from over the band to under the finger's side of it.
        ->and($most[0] - $least[0])->toEqualWithDelta(2.0, 0.02)->and($most[2])->toBeGreaterThan(17.4 / 2 + 2)
        ->and($least[2])->toBeLessThan(17.4 / 2);
    // Where it leaves at the finger it is half as wide as the stone.
    $foot = array_filter(array_chunk($cut->mesh->points, 3), static fn (array $at): bool => $at[2] < $least[2] + 1e-6);
    expect(max(array_column($foot, 0)) - min(array_column($foot, 0)))->toEqualWithDelta(1.0, 0.01);
    $row = solidParts(solidBand([
        'stones.b.shape' => 'round', 'stones.b.width' => '1.5', 'settings.b.holds' => 'row',
        'settings.b.style' => 'bead', 'settings.b.count' => '5', 'settings.b.stone' => 'b',
    ]));
    expect(MeshFaults::of(solidOf($row, 'cut')->mesh)->euler)->toBe(2 * 5)
        // Nothing is cut for a stone in a collet, nor in wax.
        ->and(array_column(solidParts(solidBand(solidStone('round', 'bezel'))), 'kind'))->not->toContain('cut')
        ->and(array_column(solidParts($typed, Stage::Wax), 'kind'))->not->toContain('cut');
});

it('shows the wax in the slice that it is carved from', function (string $blank): void {
    [, $answers] = heldJob(solidBand(['wax.blank' => $blank]));
    $parts = PieceSolid::parts($answers, Stage::Blank, Fineness::File);
    $slice = solidOf($parts, 'blank');
    [$least, $most] = $slice->mesh->box();
    $stock = Blank::find($blank, WorkshopSettings::shipped());
    expect(MeshFaults::of($slice->mesh)->isSound())->toBeTrue()->and($slice->look->material)->toBe('clear')
        ->and($slice->mesh->volume() / ($stock->area() * $answers->value('blank.choose', 'slice')))
        ->toEqualWithDelta(1.0, 0.006)
        ->and($most[1] - $least[1])->toEqualWithDelta((float) $answers->value('blank.choose', 'slice'), 1e-9)
        ->and($most[0] - $least[0])->toEqualWithDelta($stock->across, 0.01 * $stock->across);
})->with(array_column(WorkshopSettings::shipped()->rows('stock.blanks'), 'name'));
