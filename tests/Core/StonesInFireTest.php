<?php

declare(strict_types=1);

use HotSprue\Calculation\Finding;

const TWO_PARTS = [
    'parts' => [
        ['id' => 'ring', 'alloy' => '18k-yellow', 'mass' => 4],
        ['id' => 'insert', 'alloy' => '18k-yellow', 'mass' => 0.4],
    ],
    'joints' => [['id' => 'left', 'parts' => 'ring, insert']],
];

/** @return list<string> */
function codesOf(HotSprue\Calculation\Answer $answer): array
{
    return array_map(static fn (Finding $finding): string => $finding->code, $answer->findings);
}

it('takes the stones of old work to be in the fire, and those of new work as they are said', function (): void {
    $ruby = ['species' => 'ruby', 'name' => 'the ruby'];
    expect(
        codesOf(
            reckon('join.plan', [...TWO_PARTS, 'set_stones' => [$ruby], 'old_work' => true, 'old_solder' => 'clean']),
        ),
    )->toBe(['boron-on-corundum'])
        ->and(codesOf(reckon('join.plan', [...TWO_PARTS, 'set_stones' => [$ruby]])))->toBe(['fire-unsaid'])
        ->and(codesOf(reckon('join.plan', [...TWO_PARTS, 'set_stones' => [[...$ruby, 'in_fire' => false]]])))->toBe([])
        ->and(
            codesOf(
                reckon(
                    'join.plan',
                    [
                        ...TWO_PARTS, 'set_stones' => [[...$ruby, 'removed' => '2026-11-02']], 'old_work' => true,
                        'old_solder' => 'clean',
                    ],
                ),
            ),
        )
        ->toBe([]);
});

it('gives no boric acid to a stone that it etches, nor to one that nobody knows', function (
    array $more, string $coat,
): void {
    expect(reckon('join.plan', [...TWO_PARTS, ...$more])->value('heats')[0]['coat'])->toContain($coat);
})->with([
    'none set' => [[], 'boric acid in alcohol'],
    'a ruby' => [['stones_set' => ['ruby']], 'none with boron: the ruby'],
    'a diamond' => [['stones_set' => ['diamond']], 'boric acid in alcohol'],
    'thirteen of which nobody has said' => [['stones_count' => 13], 'until every stone in it is known'],
]);

it('says of every stone whether it goes in before or after the last fire', function (): void {
    $stones = [
        ['species' => 'opal'], ['species' => 'sapphire', 'name' => 'the blue one'],
        ['species' => 'diamond', 'in_fire' => true], ['species' => 'diamond', 'name' => 'filled', 'treated' => true],
    ];
    $said = reckon('join.plan', [...TWO_PARTS, 'set_stones' => $stones])->value('stones');
    expect(array_column($said, 'when', 'stone'))->toBe(
        [
            'opal' => 'after the last fire', 'the blue one' => 'after the last fire',
            'diamond' => 'in the fire; after the last fire is best', 'filled' => 'after the last fire',
        ],
    )
        ->and(implode(' ', array_column($said, 'why')))
        ->toContain('boron')->toContain('does not stand the torch')->toContain('treated');
});

it('knows on a sizing how many stones are set and which', function (): void {
    $ring = [
        'from' => 54, 'to' => 58, 'width' => 3, 'thickness' => 2, 'alloy' => '18k-yellow', 'old_solder' => 'clean',
        'stones_in' => 'head',
    ];
    expect(codesOf(reckon('size.change', [...$ring, 'stones' => 13])))->toContain('stones-unknown')
        ->and(
            codesOf(
                reckon(
                    'size.change',
                    [...$ring, 'stones' => 13, 'set_stones' => [['species' => 'diamond', 'count' => 13]]],
                ),
            ),
        )
        ->not->toContain('stones-unknown')->toContain('heat-with-care')
        // Nothing is heated where it has its size already.
        ->and(codesOf(reckon('size.change', [...$ring, 'to' => 54, 'stones' => 13])))->not->toContain('stones-unknown');
});
