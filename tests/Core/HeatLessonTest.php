<?php

declare(strict_types=1);

use HotSprue\Calculations;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Heat\GoodHand;
use HotSprue\Heat\Judgement;
use HotSprue\Heat\Lessons;
use HotSprue\Heat\Move;
use HotSprue\Heat\Node;
use HotSprue\Heat\Piece;
use HotSprue\Heat\Rehearsal;
use HotSprue\Heat\TorchChoice;
use HotSprue\Stock\Alloy;
use HotSprue\Stock\Torch;
use HotSprue\Workshop\WorkshopSettings;
use Tests\Support\Draw;
use Tests\Support\Heats;

/** @param list<Move> $moves */
function end_of(Piece $piece, array $moves, Torch $torch = Torch::AirGas): Judgement
{
    return Rehearsal::of($piece, $torch, $moves)->judgement();
}

/** @return list<Move> one place held for so long */
function held(float $x, float $y, float $seconds, float $spread = 1.0, float $distance = 1.0): array
{
    return array_fill(0, (int) round($seconds / Move::SECONDS), new Move($x, $y, $spread, $distance));
}

/** @return array{float, float} the middle of a part */
function middle(Piece $piece, string $part): array
{
    $own = array_filter($piece->nodes, static fn (Node $node): bool => $node->part === $part);

    return [
        array_sum(array_map(static fn (Node $node): float => $node->x, $own)) / count($own),
        array_sum(array_map(static fn (Node $node): float => $node->y, $own)) / count($own),
    ];
}

it('has eight lessons, each with a torch in reach of its solder', function (): void {
    expect(array_keys(Lessons::all()))->toBe([
        'ring-seam', 'bezel-on-plate', 'wire-on-base', 'collet-on-shank', 'near-a-first', 'gold-on-silver',
        'long-seam', 'three-claws',
    ]);
    foreach (Lessons::all() as $lesson) {
        $answer = Calculations::answer('heat.piece', $lesson->piece);
        expect($answer->finding('torch-weak'))->toBeNull($lesson->key)
            ->and($answer->finding('melts-first'))->toBeNull($lesson->key)
            ->and($lesson->teaches)->not->toBe('');
    }
});

it('comes well out of a good hand with every torch', function (string $lesson, string $torch): void {
    $piece = Heats::lesson($lesson);
    $end = end_of($piece, GoodHand::moves($piece, Torch::from($torch)), Torch::from($torch));
    expect($end->outcome->value)->toBe('flowed')->and(abs((float) $end->ahead))->toBeLessThan(20.0);
})->with(array_keys(Lessons::all()))->with(Torch::names());

it('melts in every lesson where the flame stays on after the flash', function (string $lesson): void {
    $piece = Heats::lesson($lesson);
    [$x, $y] = $piece->middle();
    $end = end_of($piece, held($x, $y, 80), Torch::AirAcetylene);
    expect($end->outcome->value)->toBe('melted')
        ->and($end->sentence)->toContain('take the flame away at the flash');
})->with(array_keys(Lessons::all()));

it('stays cold from too far off', function (string $lesson): void {
    $piece = Heats::lesson($lesson);
    [$x, $y] = $piece->middle();
    $end = end_of($piece, held($x, $y, 60, distance: 3.0));
    expect($end->outcome->value)->toBe('cold')->and($end->sentence)->toContain('come nearer');
})->with(array_keys(Lessons::all()));

it('balls on dull metal in every lesson', function (string $lesson): void {
    $piece = Heats::piece([...Lessons::all()[$lesson]->piece, 'flux' => false]);
    $moves = GoodHand::moves(Heats::lesson($lesson), Torch::AirGas);
    // The same hand over the same piece, and no flux.
    $moves[0] = new Move($moves[0]->x, $moves[0]->y, distance: $moves[0]->distance);
    $end = end_of($piece, [...$moves, ...array_slice($moves, -2, 1), ...array_slice($moves, -2, 1)]);
    expect($end->outcome->value)->toBe('balled')->and($end->sentence)->toContain('flux both faces first');
})->with(array_keys(Lessons::all()));

it('says what went wrong where the light part was heated first', function (
    string $lesson, string $torch, string $part, float $spread, string $outcome, string $words,
): void {
    $piece = Heats::lesson($lesson);
    $end = end_of($piece, held(...[...middle($piece, $part), 100, $spread]), Torch::from($torch));
    expect($end->outcome->value)->toBe($outcome)->and($end->sentence)->toContain($words);
})->with([
    'a sharp flame on the collet' => ['collet-on-shank', 'air-acetylene', 'collet', 0.0, 'balled',
        'start on the far side of the shank'],
    'a hot flame on the collet' => ['collet-on-shank', 'oxy-gas', 'collet', 1.0, 'melted',
        'The collet melted before the joint was at heat: heat the shank'],
    'a hot flame on the bezel at once' => ['bezel-on-plate', 'oxy-gas', 'bezel', 1.0, 'melted',
        'The chip jumped off with the boiling flux; the bezel was heated on until it melted: warm it slowly'],
    'a flame on one claw of three' => ['three-claws', 'oxy-gas', 'claw 1', 1.0, 'melted', 'claw 1'],
]);

it('moves the first joint where the second is heated on', function (): void {
    $piece = Heats::lesson('near-a-first');
    $joint = $piece->nodes[$piece->now()[0]->from];
    // The second flows at 718 after some 44 s; the first begins to melt at 741.
    $end = end_of($piece, held($joint->x, $joint->y, 120));
    expect($end->outcome->value)->toBe('moved')->and($end->sentence)->toContain('shank seam')
        ->and($end->sentence)->toContain('guard it');
});

it('stays where it is when the first is guarded', function (): void {
    $piece = Heats::lesson('near-a-first');
    $joint = $piece->nodes[$piece->now()[0]->from];
    $guarded = [new Move($joint->x, $joint->y, acts: ['guard: shank seam']), ...held($joint->x, $joint->y, 119.8)];
    expect(end_of($piece, $guarded)->outcome->value)->toBe('flowed');
});

it('pits where a joint is held far past its flow', function (): void {
    // 18k flows at 715 and melts at 885: held near 840 for a while.
    $piece = Heats::lesson('collet-on-shank');
    [$x, $y] = $piece->middle();
    $end = end_of($piece, held($x, $y, 60, distance: 1.02), Torch::AirAcetylene);
    expect($end->outcome->value)->toBeIn(['pitted', 'melted']);
});

it('flows along a part of a long seam where the flame stands still', function (): void {
    $piece = Heats::lesson('long-seam');
    $end = end_of($piece, held(-10, -0.7, 60));
    expect($end->outcome->value)->toBe('partly')->and($end->sentence)->toContain('keep the flame moving');
});

it('names the claws that were left behind', function (): void {
    $piece = Heats::lesson('three-claws');
    $row = $piece->now();
    $end = end_of($piece, held(-10, $piece->nodes[$row[0]->from]->y, 32, 0.2), Torch::AirAcetylene);
    expect($end->outcome->value)->toBe('partly')->and($end->sentence)->toContain('Left behind:')
        ->and($end->sentence)->toContain('claw 3 on bar');
});

it('tells a chip that jumped, and a joint with no solder', function (): void {
    $piece = Heats::lesson('three-claws');
    [$x, $y] = middle($piece, 'claw 2');
    $jumped = Rehearsal::of($piece, Torch::OxyGas, held($x, $y, 1.0));
    $bare = Heats::piece(['joints' => array_map(
        static fn (array $joint): array => [...$joint, 'form' => 'fed'], Lessons::all()['ring-seam']->piece['joints'],
    ), 'parts' => Lessons::all()['ring-seam']->piece['parts']]);
    expect(array_column($jumped->marks, 'sign'))->toContain('jumps')
        ->and($jumped->judgement()->sentence)->toContain('jumped off')
        ->and(end_of($bare, held(0, 9, 10))->sentence)->toContain('no solder at the joint');
});

it('flows where solder is fed by hand at heat', function (): void {
    $fed = ['joints' => [['id' => 'seam', 'parts' => 'ring, ring', 'solder' => 'silver-medium', 'form' => 'fed']]];
    $piece = Heats::piece([...Lessons::all()['ring-seam']->piece, ...$fed]);
    $moves = [...held(0, 0, 40), new Move(0, 0, acts: ['feed: seam'])];
    expect(end_of($piece, $moves)->outcome->value)->toBe('flowed');
});

it('plays again exactly as it was', function (): void {
    $piece = Heats::lesson('collet-on-shank');
    $moves = GoodHand::moves($piece, Torch::AirGas);
    $one = Rehearsal::of($piece, Torch::AirGas, $moves);
    $again = Rehearsal::of(Heats::lesson('collet-on-shank'), Torch::AirGas, $moves);
    expect($again->curve)->toBe($one->curve)->and($again->marks)->toBe($one->marks)
        ->and(count($one->curve))->toBe(count($moves) + 1)
        ->and($one->curve[0])->toBe(['at_s' => 0.0, 'joint' => 'collet on shank', 'one_c' => 20.0, 'other_c' => 20.0]);
});

it('gives back at every moment what it takes for the next', function (string $lesson): void {
    $piece = Calculations::answer('heat.piece', Lessons::all()[$lesson]->piece);
    $state = ['nodes' => $piece->value('nodes'), 'contacts' => $piece->value('contacts'), 'at' => 0.0];
    $middle = Heats::lesson($lesson)->middle();
    for ($at = 0; $at < 60; $at++) {
        $answer = Calculations::answer('heat.step', [
            ...$state, 'links' => $piece->value('links'), 'torch' => 'air-acetylene', 'x' => round($middle[0], 2),
            'y' => round($middle[1], 2), 'seconds' => 0.5, 'acts' => $at === 0 ? ['sink', 'coat'] : [],
        ]);
        $state = ['nodes' => $answer->value('nodes'), 'contacts' => $answer->value('contacts'),
            'at' => $answer->value('at')];
    }
    expect($state['at'])->toEqualWithDelta(30.0, 1e-6);
})->with(array_keys(Lessons::all()));

it('shows moves that can be made again through the sheet', function (string $lesson): void {
    $settings = WorkshopSettings::shipped();
    $moves = GoodHand::moves(Heats::lesson($lesson), Torch::AirGas);
    $read = array_map(static fn (Move $move): Move => Move::read(Input::read(
        Move::fields(), (array) json_decode((string) json_encode($move->row()), true), $settings,
    )), $moves);
    expect($read)->toEqual($moves);
})->with(array_keys(Lessons::all()));

it('ends after five minutes', function (): void {
    expect(fn () => Rehearsal::of(Heats::lesson('ring-seam'), Torch::AirGas, array_fill(0, 1501, new Move(0, 0))))
        ->toThrow(BadInput::class, 'Up to 1500 moves are accepted');
});

it('aims at the heavy side while the light one is ahead, as the advice for the joint says', function (): void {
    $piece = Heats::lesson('collet-on-shank');
    $contact = $piece->now()[0];
    $shank = $piece->nodes[$piece->nodes[$contact->from]->part === 'shank' ? $contact->from : $contact->to];
    $collet = middle($piece, 'collet');
    $on = array_filter(GoodHand::moves($piece, Torch::AirAcetylene), static fn (Move $move): bool => $move->isOn);
    foreach ($on as $move) {
        // Nearer to the shank’s side of the joint than to the collet, every moment.
        expect(hypot($move->x - $shank->x, $move->y - $shank->y))
            ->toBeLessThan(hypot($move->x - $collet[0], $move->y - $collet[1]));
    }
});

it('takes a hotter torch where the usual one does not hold the piece', function (
    string $alloy, string $solder, Torch $torch,
): void {
    $piece = Heats::piece([
        'parts' => [['id' => 'ring', 'alloy' => $alloy, 'mass' => 4.5, 'form' => 'ring', 'length' => 60]],
        'joints' => [['id' => 'seam', 'parts' => 'ring, ring', 'solder' => $solder]],
    ]);
    expect(TorchChoice::for($piece, Torch::AirGas))->toBe($torch);
})->with([
    ['sterling-925', 'silver-easy', Torch::AirGas], ['sterling-925', 'silver-hard', Torch::AirAcetylene],
    ['platinum-950', 'platinum-easy', Torch::OxyGas],
]);

it('agrees with the plan of Join on pieces drawn by chance', function (int $seed): void {
    $draw = new Draw($seed);
    $settings = WorkshopSettings::shipped();
    for ($left = 10; $left > 0;) {
        [$parts, $joints] = drawnPiece($draw, $settings);
        $plan = Calculations::answer('join.plan', ['parts' => array_map(
            static fn (array $part): array => array_intersect_key($part, ['id' => 0, 'alloy' => 0, 'mass' => 0]),
            $parts,
        ), 'joints' => $joints]);
        $heats = $plan->value('heats');
        if ($plan->value('possible') !== 'yes' || ! is_array($heats)) {
            continue;
        }
        $left--;
        $made = [];
        foreach ($heats as $heat) {
            $in = array_filter($joints, static fn (array $joint): bool => array_diff(
                explode(', ', $joint['parts']), $heat['piece'],
            ) === []);
            $piece = Heats::piece([
                'parts' => array_values(array_filter(
                    $parts, static fn (array $part): bool => in_array($part['id'], $heat['piece'], true),
                )),
                'joints' => array_values(array_map(static fn (array $joint): array => [
                    'id' => $joint['id'], 'parts' => $joint['parts'], ...match (true) {
                        in_array($joint['id'], $heat['joints'], true) => [
                            'when' => 'now', 'solder' => $heat['solder'],
                        ],
                        isset($made[$joint['id']]) => [
                            'when' => 'before', 'solder' => $made[$joint['id']],
                            'guard' => in_array($joint['id'], $heat['guard'], true),
                        ],
                        default => ['when' => 'later'],
                    },
                ], $in)),
            ]);
            $torch = TorchChoice::for($piece, Torch::AirGas);
            $end = end_of($piece, GoodHand::moves($piece, $torch), $torch);
            expect($end->outcome->value)->toBe('flowed', "{$heat['solder']}: {$end->sentence}");
            $made = [...$made, ...array_fill_keys($heat['joints'], $heat['solder'])];
        }
    }
})->with([11, 12, 13, 14]);

/** @return array{list<array<string, mixed>>, list<array<string, string>>} parts and joints of a piece */
function drawnPiece(Draw $draw, WorkshopSettings $settings): array
{
    $alloy = $draw->pick([
        'sterling-925', '9k-yellow', '14k-yellow', '14k-white-nickel', '18k-yellow', '18k-rose', '18k-white-palladium',
    ]);
    $mass = $draw->between(2.0, 9.0);
    $parts = [[
        'id' => 'shank', 'alloy' => $alloy, 'mass' => $mass, 'form' => 'ring', 'length' => 60, 'width' => 3.5,
        'thickness' => 1000 * $mass / Alloy::named($alloy, $settings)->density / 60 / 3.5,
    ]];
    $joints = $draw->whole(0, 1) === 1 ? [['id' => 'shank seam', 'parts' => 'shank, shank']] : [];
    $more = $draw->whole(1, 2);
    for ($at = 1; $at <= $more; $at++) {
        $form = $draw->pick(['loop', 'bar', 'plate']);
        $parts[] = ['id' => "p{$at}", 'alloy' => $alloy, 'form' => $form, 'mass' => match ($form) {
            'loop' => $draw->between(0.3, 2.0), 'bar' => $draw->between(0.02, 0.3),
            default => $draw->between(0.5, 4.0)
        }];
        $seam = $form === 'loop' && $draw->whole(0, 1) === 1
            ? [['id' => "p{$at} seam", 'parts' => "p{$at}, p{$at}"]] : [];
        $joints = [...$joints, ...$seam, [
            'id' => "p{$at} on shank", 'parts' => "shank, p{$at}", ...($seam === [] ? [] : ['after' => "p{$at} seam"]),
        ]];
    }

    return [$parts, $joints];
}
