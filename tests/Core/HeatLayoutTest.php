<?php

declare(strict_types=1);

use HotSprue\Fields\BadInput;
use HotSprue\Heat\Contact;
use HotSprue\Heat\Fire;
use HotSprue\Heat\Move;
use HotSprue\Heat\Node;
use HotSprue\Heat\PartForm;
use HotSprue\Heat\Piece;
use HotSprue\Heat\TorchChoice;
use HotSprue\Heat\TorchFlame;
use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\RehearsedHeat;
use HotSprue\Job\TypedChanges;
use HotSprue\Stock\Torch;
use HotSprue\Workshop\WorkshopSettings;
use Tests\Support\Heats;

/** @return list<Node> */
function nodesOf(Piece $piece, string $part): array
{
    return array_values(array_filter($piece->nodes, static fn (Node $node): bool => $node->part === $part));
}

/** @return array{float, float} the middle of a part */
function middleOf(Piece $piece, string $part): array
{
    $own = nodesOf($piece, $part);

    return [
        array_sum(array_map(static fn (Node $node): float => $node->x, $own)) / count($own),
        array_sum(array_map(static fn (Node $node): float => $node->y, $own)) / count($own),
    ];
}

/** @return array<string, mixed> */
function silver(string $id, string $form, float ...$sizes): array
{
    return ['id' => $id, 'alloy' => 'sterling-925', 'form' => $form, ...$sizes];
}

/** @return array<string, mixed> a joint of silver easy */
function easy(string $id, string $parts, mixed ...$more): array
{
    return ['id' => $id, 'parts' => $parts, 'solder' => 'silver-easy', ...$more];
}

it('lays a collet at the top of its ring, and three side by side', function (): void {
    $ring = silver('shank', 'ring', length: 60.0);
    $one = Heats::piece([
        'parts' => [$ring, silver('collet', 'loop', length: 16.0)], 'joints' => [easy('on', 'shank, collet')],
    ]);
    [$x, $y] = middleOf($one, 'collet');
    // The ring reaches 60 ÷ 2π + 0.9, the collet 16 ÷ 2π + 0.25.
    expect($x)->toEqualWithDelta(0.0, 1e-3)->and($y)->toEqualWithDelta(-(76 / (2 * M_PI) + 1.15), 0.01);
    $three = Heats::piece([
        'parts' => [$ring, ...array_map(
            static fn (string $id): array => silver($id, 'loop', length: 16.0), ['a', 'b', 'c'],
        )],
        'joints' => [easy('1', 'shank, a'), easy('2', 'shank, b'), easy('3', 'shank, c')],
    ]);
    foreach (['a' => -40, 'b' => 0, 'c' => 40] as $name => $degrees) {
        [$x, $y] = middleOf($three, $name);
        expect(rad2deg(atan2($x, -$y)))->toEqualWithDelta($degrees, 0.01);
    }
});

it('stands a bezel over the middle of its plate, and joins it all round', function (): void {
    $piece = Heats::piece([
        'parts' => [
            silver('plate', 'plate', length: 12.0, width: 12.0), silver('bezel', 'loop', length: 24.0, width: 2.5),
        ],
        'joints' => [easy('on', 'plate, bezel')],
    ]);
    expect(middleOf($piece, 'bezel'))->toEqualWithDelta([0.0, 0.0], 1e-3)
        ->and(nodesOf($piece, 'bezel'))->toHaveCount(6)->and(nodesOf($piece, 'plate'))->toHaveCount(9)
        ->and($piece->contacts)->toHaveCount(6)
        ->and(array_sum(array_map(static fn (Contact $one): float => $one->length, $piece->contacts)))
        ->toEqualWithDelta(24.0, 1e-9);
});

it('stands claws in a row along their bar, on the one side of it', function (): void {
    $piece = Heats::piece([
        'parts' => [
            silver('bar', 'bar', length: 20.0, width: 2.0),
            ...array_map(static fn (string $id): array => silver($id, 'bar', length: 6.0, width: 0.9), ['a', 'b', 'c']),
        ],
        'joints' => [easy('1', 'bar, a'), easy('2', 'bar, b'), easy('3', 'bar, c')],
    ]);
    foreach (['a' => -5.0, 'b' => 0.0, 'c' => 5.0] as $name => $along) {
        // Half of the bar’s two and half of the claw’s six off its middle.
        expect(middleOf($piece, $name))->toEqualWithDelta([$along, -4.0], 1e-3);
    }
});

it('lets an insert into its ring, which is open there, with a joint at each end', function (): void {
    $piece = Heats::piece([
        'parts' => [silver('ring', 'ring', length: 60.0), silver('insert', 'bar', length: 4.0, width: 3.0)],
        'joints' => [easy('left', 'ring, insert'), easy('right', 'ring, insert')],
    ]);
    $between = static fn (int $one, int $other): bool => array_filter(
        $piece->links, static fn ($link): bool => [$link->from, $link->to] === [$one, $other],
    ) !== [];
    // Sixteen of the ring without the link over its top, two of the insert with theirs.
    expect($piece->links)->toHaveCount(15 + 1)->and($between(15, 0))->toBeFalse()->and($between(0, 1))->toBeTrue()
        ->and($piece->contacts)->toHaveCount(2)
        ->and($piece->contacts[0]->from)->not->toBe($piece->contacts[1]->from)
        ->and(middleOf($piece, 'insert')[0])->toEqualWithDelta(0.0, 1e-3);
});

it('lies where it is said to lie, turned as it is said', function (): void {
    $piece = Heats::piece([
        'parts' => [
            silver('one', 'bar', length: 8.0, width: 1.0, x: 5.0, y: -3.0, turn: 90.0),
            silver('other', 'bar', length: 8.0, width: 1.0, x: 5.0, y: 3.0, turn: 0.0),
        ],
        'joints' => [easy('on', 'one, other')],
    ]);
    [$first, $last] = nodesOf($piece, 'one');
    expect([$first->x, $first->y, $last->x, $last->y])->toEqualWithDelta([5.0, -5.0, 5.0, -1.0], 1e-3);
});

it('cuts a seam where its part is closed, and two seams opposite one another', function (): void {
    $piece = Heats::piece([
        'parts' => [silver('ring', 'ring', length: 60.0)],
        'joints' => [easy('one', 'ring, ring'), easy('two', 'ring, ring')],
    ]);
    $ends = array_map(static fn (Contact $one): array => [$one->from, $one->to], $piece->contacts);
    expect($ends)->toBe([[15, 0], [7, 8]])->and($piece->links)->toHaveCount(14);
});

it('conducts in a closed joint as metal does', function (): void {
    $piece = Heats::piece([
        'parts' => [silver('ring', 'ring', length: 60.0, width: 4.0, thickness: 2.0)],
        'joints' => [easy('seam', 'ring, ring')],
    ]);
    // 360 × 4 × 2 mm² over a piece’s own chord: 2 × 9.549 × sin(π ÷ 16) = 3.726 mm.
    expect($piece->contacts[0]->metal)->toEqualWithDelta(360 * 8 / (60 / M_PI * sin(M_PI / 16)) / 1000, 1e-3)
        ->and($piece->contacts[0]->length)->toEqualWithDelta(4.0, 1e-9);
});

it('guesses the sizes of what was only weighed, and keeps its mass', function (string $form): void {
    [$length, $width, $thickness] = PartForm::from($form)->sizesOf(100.0);
    $piece = Heats::piece([
        'parts' => [silver('ring', 'ring', length: 60.0), ['mass' => 1.036, ...silver('part', $form)]],
        'joints' => [easy('on', 'ring, part')],
    ]);
    $own = nodesOf($piece, 'part');
    expect($length * $width * $thickness)->toEqualWithDelta(100.0, 1e-6)
        ->and(array_sum(array_map(static fn (Node $node): float => $node->mass, $own)))->toEqualWithDelta(1.036, 1e-9);
})->with(['loop', 'bar', 'plate']);

it('keeps the torch that is usual where it is enough', function (): void {
    $small = Heats::piece([
        'parts' => [silver('ring', 'ring', length: 55.0)], 'joints' => [easy('seam', 'ring, ring')],
    ]);
    expect(TorchChoice::for($small, Torch::AirAcetylene))->toBe(Torch::AirAcetylene)
        ->and(TorchChoice::for($small, Torch::AirGas))->toBe(Torch::AirGas);
});

it('says of a heat that no torch of these reaches which gives most', function (): void {
    $hard = Heats::piece([
        'parts' => [['id' => 'ring', 'alloy' => 'platinum-950', 'form' => 'ring', 'length' => 60]],
        'joints' => [['id' => 'seam', 'parts' => 'ring, ring', 'solder' => 'platinum-hard']],
    ]);
    // At 1520 °C the whole of it loses 164 kW/m², and oxygen and gas give 84 at the most.
    expect(TorchChoice::isEnough(TorchChoice::for($hard, Torch::AirGas), $hard))->toBeFalse();
});

it('holds one part with a sink while the other comes to heat', function (): void {
    $piece = Heats::lesson('collet-on-shank');
    $piece = (new Move(0, 0, acts: ['sink: collet']))->actedOn($piece);
    $burnt = Fire::burn($piece, TorchFlame::at(Torch::AirAcetylene, 0, 0), 20.0)->piece;
    $hottest = static fn (string $part): float => max(array_map(
        static fn (Node $node): float => $node->celsius, nodesOf($burnt, $part),
    ));
    expect($hottest('collet'))->toBeLessThanOrEqual(100.0)->and($hottest('shank'))->toBeGreaterThan(400.0);
});

/**
 * @param  array<string, mixed>  $decisions  by path, as typed
 * @return array<string, mixed> as `heat.piece` takes it
 */
function heatOf(array $decisions, int $number): array
{
    $settings = WorkshopSettings::shipped();
    $changes = array_map(
        static fn (string $path, mixed $typed): Change => new Change($path, null, $typed), array_keys($decisions),
        $decisions,
    );
    $document = Document::blank()->with(TypedChanges::read($changes, $settings));

    return RehearsedHeat::of(JobAnswers::of($document, $settings), $number);
}

/** @return array<string, string> a shank and a bezel with its seam */
function bezelRing(): array
{
    return [
        'brief.alloy' => 'sterling-925', 'brief.finger' => 'US 7', 'form.width_top' => '4',
        'form.thickness_top' => '1.8', 'parts.0.id' => 'shank', 'parts.0.mass' => '4.5', 'parts.1.id' => 'bezel',
        'parts.1.mass' => '0.6', 'joints.0.id' => 'bezel seam', 'joints.0.parts' => 'bezel, bezel',
        'joints.1.id' => 'bezel on shank', 'joints.1.parts' => 'shank, bezel', 'joints.1.after' => 'bezel seam',
        'joints.1.length' => '5',
    ];
}

it('takes of a job what is in the fire, as Form and Join have it', function (): void {
    $first = heatOf(bezelRing(), 1);
    expect(array_column($first['parts'], 'id'))->toBe(['bezel'])->and($first['parts'][0]['form'])->toBe('loop')
        ->and($first['joints'])->toHaveCount(1)->and($first['joints'][0]['when'])->toBe('now')
        ->and($first['joints'][0]['solder'])->toBe('silver-hard');
    $second = heatOf(bezelRing(), 2);
    [$shank, $bezel] = $second['parts'];
    // US 7 is 17.3196 inside: its middle runs π × (17.3196 + 1.8) round.
    expect($shank)->toMatchArray(['id' => 'shank', 'form' => 'ring', 'mass' => 4.5, 'width' => 4.0, 'thickness' => 1.8])
        ->and($shank['length'])->toEqualWithDelta(M_PI * 19.1196, 1e-3)->and($bezel['mass'])->toBe(0.6)
        ->and($second['joints'][0])->toMatchArray([
            'id' => 'bezel seam', 'when' => 'before', 'solder' => 'silver-hard', 'guard' => false,
        ])
        ->and($second['joints'][1])->toMatchArray([
            'id' => 'bezel on shank', 'when' => 'now', 'solder' => 'silver-medium', 'length' => 5.0,
        ]);
});

it('knows a part by what it is called', function (string $name, string $form): void {
    $given = heatOf([...bezelRing(), 'parts.1.id' => $name, 'joints.0.parts' => "{$name}, {$name}",
        'joints.1.parts' => "shank, {$name}"], 1);
    expect($given['parts'][0]['form'])->toBe($form);
})->with([
    ['left collet', 'loop'], ['head', 'loop'], ['halo 2', 'loop'], ['base plate', 'plate'], ['Signet', 'plate'],
    ['claw wire', 'bar'], ['insert', 'bar'], ['inlay', 'ring'],
]);

it('takes a sized ring as Sizing has it, open where the insert goes in', function (): void {
    $given = heatOf([
        'brief.kind' => 'sizing', 'brief.alloy' => 'sterling-925', 'sizing.width' => '3', 'sizing.thickness' => '1.6',
        'parts.0.id' => 'ring', 'parts.0.mass' => '4', 'parts.1.id' => 'insert', 'parts.1.mass' => '0.3',
        'joints.0.id' => 'left', 'joints.0.parts' => 'ring, insert', 'joints.0.same_heat' => 'A',
        'joints.1.id' => 'right', 'joints.1.parts' => 'ring, insert', 'joints.1.same_heat' => 'A',
    ], 1);
    $piece = Heats::piece($given);
    expect($given['parts'][0])->toMatchArray(['form' => 'ring', 'width' => 3.0, 'thickness' => 1.6])
        ->and(array_unique(array_column($given['joints'], 'when')))->toBe(['now'])
        ->and(nodesOf($piece, 'ring'))->toHaveCount(16)->and($piece->contacts)->toHaveCount(2);
});

it('takes a fused joint as made, and one for later as open', function (): void {
    $given = heatOf([
        ...bezelRing(), 'joints.0.how' => 'fuse', 'parts.2.id' => 'plate', 'parts.2.mass' => '1',
        'joints.2.id' => 'plate on bezel', 'joints.2.parts' => 'bezel, plate', 'joints.2.after' => 'bezel on shank',
    ], 1);
    $when = array_column($given['joints'], 'when', 'id');
    expect($when)->toBe(['bezel seam' => 'before', 'bezel on shank' => 'now'])
        ->and(Heats::piece($given)->now())->not->toBeEmpty();
});

it('says that a job has no such heat', function (): void {
    expect(fn () => heatOf(bezelRing(), 3))->toThrow(BadInput::class, 'joined in 2 heats')
        ->and(fn () => heatOf(['brief.alloy' => 'sterling-925'], 1))->toThrow(BadInput::class, 'not planned yet');
});
