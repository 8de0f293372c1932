<?php

declare(strict_types=1);

use HotSprue\Heat\Contact;
use HotSprue\Heat\Flux;
use HotSprue\Heat\Judgement;
use HotSprue\Heat\Move;
use HotSprue\Heat\Node;
use HotSprue\Heat\Piece;
use HotSprue\Heat\Rehearsal;
use HotSprue\Heat\SolderState;
use HotSprue\Stock\Torch;
use Tests\Support\Heats;

/**
 * @param  array<string, mixed>  $contact
 * @param  list<array<string, mixed>>  $marks
 * @param  list<array<string, mixed>>  $curve
 */
function judged(array $contact, array $marks = [], array $curve = [], bool $slumped = false): Judgement
{
    $piece = new Piece([
        new Node('shank', 0, 0, 4.0, 60, 250, 802), new Node('collet', 3, 0, 0.4, 20, 250, 802, slumped: $slumped),
    ], [], [new Contact('seam', 0, 1, 4.0, 0.3, 738, 691, ...[
        'isNow' => true, 'isMade' => false, 'flux' => Flux::Clear, ...$contact,
    ])]);

    return Judgement::of($piece, $marks, $curve);
}

it('says in one sentence what to do otherwise', function (array $contact, string $outcome, string $words): void {
    $judged = judged($contact);
    expect($judged->outcome->value)->toBe($outcome)->and($judged->sentence)->toContain($words);
})->with([
    'balled on the collet' => [
        ['solder' => SolderState::Balled, 'ahead' => -140.0], 'balled',
        'The collet was 140 °C ahead of the shank when the solder drew up: start on the far side of the shank.',
    ],
    'balled on the shank' => [
        ['solder' => SolderState::Balled, 'ahead' => 30.0], 'balled', 'The shank was 30 °C ahead of the collet',
    ],
    'balled over spent flux' => [
        ['solder' => SolderState::Balled, 'flux' => Flux::Spent, 'ahead' => 5.0], 'balled', 'The flux was spent',
    ],
    'balled without flux' => [
        ['solder' => SolderState::Balled, 'flux' => Flux::None, 'ahead' => 5.0], 'balled', 'flux both faces first',
    ],
    'well led' => [['solder' => SolderState::Flowed, 'isMade' => true, 'ahead' => 14.9], 'flowed', 'well led'],
    'flowed, one side ahead' => [
        ['solder' => SolderState::Flowed, 'isMade' => true, 'ahead' => -15.2], 'flowed',
        'It flowed with the collet 15 °C ahead of the shank, and ran to that side: more flame on the shank',
    ],
    'pitted' => [
        ['solder' => SolderState::Flowed, 'isMade' => true, 'ahead' => 1.0, 'pitted' => true], 'pitted',
        'more than 80 °C past its flow for over 10 s',
    ],
    'spent before' => [['solder' => SolderState::Laid, 'flux' => Flux::Spent], 'cold', 'The flux was spent'],
    'cold' => [['solder' => SolderState::Laid, 'flux' => Flux::Wet], 'cold', 'never turned clear'],
    'no solder' => [['solder' => SolderState::None], 'cold', 'There was no solder at the joint: lay chips before'],
    'no flux' => [['solder' => SolderState::Laid, 'flux' => Flux::None], 'cold', 'flux both faces first'],
    'solder that asks for none' => [
        ['solder' => SolderState::Laid, 'flux' => Flux::None, 'needsFlux' => false], 'cold', 'never turned clear',
    ],
]);

it('says of an earlier joint whether it moved or opened', function (bool $isMade, string $words): void {
    $earlier = new Contact('first seam', 0, 1, 4.0, 0.3, 738, 691, false, $isMade, solder: SolderState::Flowed,
        moved: true);
    $piece = new Piece([new Node('a', 0, 0, 4, 60, 250, 802), new Node('b', 3, 0, 4, 60, 250, 802)], [], [
        $earlier, new Contact('now', 0, 1, 4.0, 0.3, 738, 691, true, true, solder: SolderState::Flowed, ahead: 1.0),
    ]);
    $judged = Judgement::of($piece, [], []);
    expect($judged->outcome->value)->toBe('moved')->and($judged->sentence)->toContain($words);
})->with([[true, 'came past its solidus and moved: guard it'], [false, 'came past its own flow and opened']]);

it('says why what melted had not flowed, or that it melted before', function (
    array $contact, array $marks, array $heat, string $sentence,
): void {
    $slumps = ['at_s' => 12.0, 'sign' => 'slumps', 'at' => 'collet', 'seen' => ''];
    $curve = [['at_s' => $heat[0], 'joint' => 'seam', 'one_c' => $heat[1], 'other_c' => $heat[2]]];
    $judged = judged($contact, [...$marks, $slumps], $curve, true);
    expect($judged->outcome->value)->toBe('melted')->and($judged->sentence)->toBe($sentence);
})->with(function (): array {
    $first = 'The collet melted before the joint was at heat: heat the shank, and let the collet take its heat from '
        .'there.';
    $mark = static fn (string $sign): array => [['at_s' => 9.0, 'sign' => $sign, 'at' => 'seam', 'seen' => '']];
    $bare = ['solder' => SolderState::Balled, 'flux' => Flux::None];

    return [
        // Its flow is 738: at it the joint was at heat, a tenth under it was not.
        'no flux, at heat' => [$bare, [], [10.0, 738.0, 790.0], 'There was no flux at the joint, and solder does not '
            .'wet dull metal; the collet was heated on until it melted: flux both faces first.'],
        'no flux, one side just under' => [$bare, [], [10.0, 737.9, 790.0], $first],
        'no flux, at heat only after it had melted' => [$bare, [], [12.2, 760.0, 810.0], $first],
        'a chip that jumped' => [
            ['solder' => SolderState::None], $mark('jumps'), [10.0, 740.0, 790.0], 'The chip jumped off with the '
                .'boiling flux; the collet was heated on until it melted: warm it slowly until the crust is dry, or '
                .'feed the solder by hand.',
        ],
        'no solder' => [
            ['solder' => SolderState::None], [], [10.0, 740.0, 790.0], 'There was no solder at the joint; the collet '
                .'was heated on until it melted: lay chips before, or feed it when both sides are at heat.',
        ],
        'it had flashed' => [
            ['solder' => SolderState::Flowed, 'isMade' => true], $mark('flashes'), [10.0, 740.0, 790.0],
            'The solder had flashed, and the collet was heated on until it melted: take the flame away at the flash.',
        ],
        'flux and solder there' => [['solder' => SolderState::Laid], [], [10.0, 740.0, 790.0], $first],
    ];
});

it('does not send the flame to the lighter part, nor to its like', function (string $lesson, string $part): void {
    $piece = Heats::lesson($lesson);
    $own = array_values(array_filter($piece->nodes, static fn (Node $node): bool => $node->part === $part));
    $end = Rehearsal::of($piece, Torch::OxyGas, array_fill(0, 400, new Move($own[0]->x, $own[0]->y)))->judgement();
    expect($end->outcome->value)->toBe('melted')->and($end->sentence)->not->toContain("heat the {$part}")
        ->not->toContain('let the one half');
})->with([['long-seam', 'one half'], ['gold-on-silver', 'wire']]);

it('names the claw whose chip jumped among those left behind', function (): void {
    $claw = static fn (int $at, array $more): Contact => new Contact("claw {$at}", 0, 1, 1.0, 0.3, 738, 691, ...[
        'isNow' => true, 'isMade' => false, 'flux' => Flux::Clear, ...$more,
    ]);
    $flowed = ['solder' => SolderState::Flowed, 'isMade' => true];
    $piece = new Piece([new Node('bar', 0, 0, 4, 60, 250, 802), new Node('claw', 3, 0, 0.1, 9, 250, 802)], [], [
        $claw(1, $flowed), $claw(2, ['solder' => SolderState::None]), $claw(3, $flowed),
    ]);
    $said = static fn (array $marks): string => Judgement::of($piece, $marks, [])->sentence;
    expect($said([['at_s' => 1.0, 'sign' => 'jumps', 'at' => 'claw 2', 'seen' => '']]))->toBe(
        'Left behind: claw 2. The chip jumped off with the boiling flux: warm it slowly until the crust is dry, or '
            .'feed the solder by hand.',
    )->and($said([]))->toContain('Left behind: claw 2. There was no solder');
});
