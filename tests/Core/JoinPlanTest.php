<?php

declare(strict_types=1);

use HotSprue\Calculation\Answer;
use Tests\Support\EveryPlan;

// Expected figures are the workbook's, reckoned by hand from its list of solders, or found by trying every order.

/**
 * @param  array<string, string>  $parts  name => alloy
 * @param  list<array<string, mixed>>  $joints
 * @param  array<string, mixed>  $more
 */
function joined(array $parts, array $joints, array $more = []): Answer
{
    return reckon(
        'join.plan',
        [
            'parts' => array_map(
                static fn (string $id, string $alloy): array => ['id' => $id, 'alloy' => $alloy, 'mass' => 2],
                array_keys($parts), $parts,
            ),
            'joints' => $joints, ...$more,
        ],
    );
}

/** @return list<array<string, mixed>> */
function chain(int $count, bool $waits = true): array
{
    return array_map(
        static fn (int $at): array => [
            'id' => "j{$at}", 'parts' => "p{$at}, p".($at + 1), 'after' => $waits && $at > 1 ? 'j'.($at - 1) : '',
        ],
        range(1, $count),
    );
}

/** @return array<string, string> */
function pieces(int $count, string $alloy = 'sterling-925'): array
{
    return array_fill_keys(array_map(static fn (int $at): string => "p{$at}", range(1, $count)), $alloy);
}

/** @return list<mixed> */
function flows(Answer $answer): array
{
    return array_column((array) $answer->value('heats'), 'flow_c');
}

it('goes down the first set of silver solders, one joint after another', function (): void {
    $answer = joined(pieces(5), chain(4));
    expect(flows($answer))->toBe([788.0, 738.0, 718.0, 652.0])->and($answer->value('order'))->toBe('j1, j2, j3, j4')
        ->and($answer->num('least_margin'))
        ->toBe(14.0)->and($answer->num('last_flow'))->toBe(652.0)->and($answer->value('remaining_grades'))->toBe([]);
});

it('joins two pair by pair before it joins the pairs', function (): void {
    // j1 and j3 do not know of each other, so both flow at 788; the joint between comes last.
    $answer = joined(pieces(4), chain(3, false));
    expect(flows($answer))->toBe([788.0, 788.0, 738.0])->and($answer->value('order'))->toBe('j1, j3, j2')
        ->and(array_column($answer->value('remaining_grades'), 'solder'))->toBe(['silver-easy', 'silver-extra-easy']);
});

it('keeps to the law where it is asked to', function (): void {
    expect(flows(joined(pieces(4), chain(3), ['law' => 'on'])))->toBe([788.0, 738.0, 718.0])
        ->and(joined(pieces(5), chain(4), ['law' => 'on'])->value('possible'))->toBe('no')
        ->and(joined(pieces(5), chain(4))->finding('under-fineness')?->message)->toContain('j4');
});

it('takes the sort of gold solder that goes with the piece', function (string $alloy, array $expected): void {
    expect(array_column((array) joined(pieces(4, $alloy), chain(3))->value('heats'), 'solder'))->toBe($expected);
})->with([
    ['18k-yellow', ['18k-yellow-hard', '18k-yellow-medium', '18k-yellow-easy']],
    ['18k-white-palladium', ['18k-white-hard', '18k-white-medium', '18k-white-easy']],
    ['22k-yellow', ['18k-yellow-hard', '18k-yellow-medium', '18k-yellow-easy']],
    ['10k-yellow', ['9k-hard', '9k-medium', '9k-easy']],
    ['14k-rose', ['14k-yellow-hard', '14k-yellow-medium', '14k-yellow-easy']],
    ['bronze', ['silver-enamelling', 'silver-hard', 'silver-medium']],
    ['platinum-950', ['platinum-hard', 'platinum-medium', 'platinum-easy']],
]);

it('heeds the solidus of every part in the fire, and of no other', function (): void {
    // 9k at 835 stands 800 with a margin of 10; sterling at 802 does not. The gold collet is closed before it meets
    // silver.
    $answer = joined(
        ['shank' => 'sterling-925', 'collet' => '9k-yellow'],
        [['id' => 'on', 'parts' => 'shank, collet'], ['id' => 'closed', 'parts' => 'collet, collet']],
        ['solders' => ['silver-enamelling', 'silver-hard', 'silver-easy']],
    );
    expect(flows($answer))->toBe([800.0, 788.0])->and($answer->value('order'))->toBe('closed, on')
        ->and(array_column((array) $answer->value('heats'), 'piece'))->toBe([['collet'], ['shank', 'collet']]);
});

it('takes for a joint alone the hardest that is safe, or the easy one', function (
    string $school, string $solder,
): void {
    expect(
        array_column((array) joined(pieces(2), chain(1), ['school' => $school])->value('heats'), 'solder'),
    )->toBe([$solder]);
})->with([['hardest', 'silver-hard'], ['easy', 'silver-extra-easy']]);

it('makes the joints of a group in one heat', function (): void {
    $joints = chain(3, false);
    $joints[0]['same_heat'] = $joints[1]['same_heat'] = 'A';
    $answer = joined(pieces(4), $joints);
    expect(flows($answer))
        ->toBe([788.0, 738.0])->and($answer->num('fires'))->toBe(2.0)
        ->and(array_column((array) $answer->value('heats'), 'joints'))->toBe([['j1', 'j2'], ['j3']]);
});

it('proposes which joints could share a heat', function (): void {
    $answer = joined(
        ['shank' => 'sterling-925', 'left' => 'sterling-925', 'right' => 'sterling-925'],
        [['id' => 'l', 'parts' => 'shank, left'], ['id' => 'r', 'parts' => 'shank, right']],
    );
    expect(array_column((array) $answer->value('sharing'), 'joints'))
        ->toBe(['l, r'])->and(flows($answer))->toBe([788.0, 738.0]);
    $taken = joined(
        ['shank' => 'sterling-925', 'left' => 'sterling-925', 'right' => 'sterling-925'],
        [
            ['id' => 'l', 'parts' => 'shank, left', 'same_heat' => 'A'],
            ['id' => 'r', 'parts' => 'shank, right', 'same_heat' => 'A'],
        ],
    );
    expect(flows($taken))->toBe([788.0]);
});

it('says which joints clash, and every remedy it offers frees them', function (): void {
    $joints = chain(5);
    $joints[] = ['id' => 'apart', 'parts' => 'p7, p7'];
    $answer = joined(pieces(7), $joints);
    expect($answer->value('possible'))
        ->toBe('no')->and(array_column((array) $answer->value('clash'), 'joint'))->toBe(['j1', 'j2', 'j3', 'j4', 'j5']);
    $kinds = [];
    foreach ((array) $answer->value('remedies') as $remedy) {
        $kinds[] = $remedy['kind'];
        $freed = $joints;
        foreach ($remedy['changes'] as ['joint' => $id, 'field' => $field, 'value' => $value]) {
            $freed[array_search($id, array_column($joints, 'id'), true)][$field] = $value;
        }
        expect(joined(pieces(7), $freed)->value('possible'))->toBe('yes', $remedy['words']);
    }
    expect(array_values(array_unique($kinds)))->toBe(['guard', 'order', 'cold']);
});

it('frees five side collets by sharing', function (): void {
    $parts = ['shank' => 'sterling-925', ...pieces(5)];
    $joints = array_map(static fn (int $at): array => ['id' => "c{$at}", 'parts' => "shank, p{$at}"], range(1, 5));
    $answer = joined($parts, $joints);
    $share = current(
        array_filter(
            (array) $answer->value('remedies'), static fn (array $remedy): bool => $remedy['kind'] === 'share',
        ),
    );
    expect($share['joints'])->toBe('c1, c2');
    $joints[0]['same_heat'] = $joints[1]['same_heat'] = 'A';
    expect(flows(joined($parts, $joints)))->toBe([788.0, 738.0, 718.0, 652.0]);
});

it('plans in an order that was asked for, and says what it costs', function (): void {
    $answer = joined(pieces(4), chain(3, false), ['order' => 'j2, j1, j3']);
    expect($answer->value('order'))->toBe('j2, j1, j3')->and(flows($answer))->toBe([788.0, 738.0, 718.0])
        ->and($answer->value('cost'))->toContain('heat 2 flows at 738 °C in place of 788')->toContain('one more grade')
        ->and(joined(pieces(4), chain(3, false), ['order' => 'j1, j3, j2'])->value('cost'))->toBe('nothing');
});

it('says where the flame goes from the masses of both sides', function (): void {
    $answer = reckon('join.plan', ['parts' => [
        ['id' => 'shank', 'alloy' => 'sterling-925', 'mass' => 6],
        ['id' => 'collet', 'alloy' => 'sterling-925', 'mass' => 1.5],
        ['id' => 'claw', 'alloy' => 'sterling-925', 'mass' => 0.5],
    ],
        'joints' => [
            ['id' => 'a', 'parts' => 'collet, claw'],
            ['id' => 'b', 'parts' => 'shank, collet', 'after' => 'a', 'length' => 10, 'section' => 1.5],
        ]]);
    [$first, $second] = (array) $answer->value('heats');
    // 1.5 to 0.5, then 6 to the 2 that hang together; 10 × 1.5 × 0.07 mm³ is 4.2 chips of 0.25.
    expect($first['flame_on'])
        ->toContain('collet')->toContain('3.0')->and($second['flame_on'])->toContain('shank')->toContain('3.0')
        ->and($second['flame_share'])
        ->toEqualWithDelta(0.75, 1e-9)->and($second['chips'])->toBe(6)->and($first['chips'])->toBeNull();
});

it('finds what trying every order and grade finds', function (int $seed): void {
    mt_srand($seed);
    $flow = ['silver-hard' => 788, 'silver-hard-uk' => 778, 'silver-medium' => 738, 'silver-easy' => 718];
    $alloys = ['sterling-925' => 802, '9k-yellow' => 835];
    $parts = $solidus = $joints = [];
    for ($part = 0; $part < 4; $part++) {
        $parts["p{$part}"] = mt_rand(0, 3) === 0 ? '9k-yellow' : 'sterling-925';
        $solidus["p{$part}"] = $alloys[$parts["p{$part}"]];
    }
    $waits = mt_rand(0, 2);
    for ($joint = 0; $joint < mt_rand(3, 5); $joint++) {
        $joints[] = [
            'id' => "j{$joint}", 'parts' => ['p'.mt_rand(0, 3), 'p'.mt_rand(0, 3)],
            'after' => $joint > 0 && $waits > 0 && mt_rand(0, 3) < $waits ? ['j'.mt_rand(0, $joint - 1)] : [],
            'grade' => mt_rand(0, 9) === 0 ? 'silver-medium' : null, 'guard' => mt_rand(0, 4) === 0,
            'same_heat' => mt_rand(0, 3) === 0 ? 'A' : null,
        ];
    }
    $heats = [];
    foreach ($joints as $joint) {
        $heats[$joint['same_heat'] ?? $joint['id']][] = $joint;
    }
    $step = mt_rand(0, 1) ? 10 : 25;
    $best = EveryPlan::best($solidus, array_values($heats), $flow, $step, 10);
    $answer = joined($parts, $joints, ['solders' => array_keys($flow), 'step_c' => $step]);
    expect($answer->value('possible'))->toBe($best === null ? 'no' : 'yes');
    if ($best !== null) {
        expect(flows($answer))
            ->toEqual($best['flows'])->and(count(array_unique(array_column((array) $answer->value('heats'), 'solder'))))
            ->toBe($best['grades'])
            ->and(array_column((array) $answer->value('heats'), 'joints'))
            ->toBe(
                array_map(
                    static fn (int $heat): array => array_column(array_values($heats)[$heat], 'id'), $best['order'],
                ),
            );

        return;
    }
    $clash = array_column((array) $answer->value('clash'), 'joint');
    $without = static fn (array $ids): ?array => EveryPlan::best(
        $solidus,
        array_values(
            array_filter(
                array_map(
                    static fn (array $heat): array => array_values(
                        array_map(
                            static fn (array $joint): array => [
                                ...$joint, 'after' => array_values(array_intersect($joint['after'], $ids)),
                            ],
                            array_filter($heat, static fn (array $joint): bool => in_array($joint['id'], $ids, true)),
                        ),
                    ),
                    $heats,
                ),
            ),
        ),
        $flow, $step, 10,
    );
    if (array_merge(...array_column($joints, 'after')) !== []) {
        return;
    }
    expect($without($clash))->toBeNull();
    foreach ($heats as $heat) {
        $left = array_values(array_diff($clash, array_column($heat, 'id')));
        if (count($left) < count($clash)) {
            expect($left === [] ? [] : $without($left))->not->toBeNull();
        }
    }
})->with(range(1, 200));

it('finds under the law what every order of the fine solders finds', function (int $seed): void {
    mt_srand($seed);
    $fine = ['silver-hard' => 788, 'silver-medium' => 738, 'silver-easy' => 718];
    $joints = [];
    for ($joint = 0; $joint < mt_rand(3, 5); $joint++) {
        $one = mt_rand(0, 3);
        $joints[] = [
            'id' => "j{$joint}", 'parts' => ["p{$one}", 'p'.(($one + mt_rand(1, 3)) % 4)],
            'after' => $joint > 0 && mt_rand(0, 3) === 0 ? ['j'.mt_rand(0, $joint - 1)] : [], 'grade' => null,
            'guard' => mt_rand(0, 4) === 0, 'same_heat' => null,
        ];
    }
    $solidus = array_fill_keys(['p0', 'p1', 'p2', 'p3'], 802);
    $heats = array_map(static fn (array $joint): array => [$joint], $joints);
    $best = EveryPlan::best($solidus, $heats, $fine, 10, 10);
    // Extra easy is in the cupboard, and 56 % silver: the law keeps it from every joint.
    $solders = [...array_keys($fine), 'silver-extra-easy'];
    $parts = array_fill_keys(array_keys($solidus), 'sterling-925');
    $answer = joined($parts, $joints, ['solders' => $solders, 'law' => 'on', 'step_c' => 10]);
    expect($answer->value('possible'))->toBe($best === null ? 'no' : 'yes')
        ->and($best === null ? [] : flows($answer))->toEqual($best['flows'] ?? []);
    $free = EveryPlan::best($solidus, $heats, [...$fine, 'silver-extra-easy' => 652], 10, 10);
    $remedy = joined($parts, $joints, ['solders' => $solders, 'step_c' => 10])->finding('under-fineness')?->remedy;
    expect($remedy !== null)->toBe(in_array(652, $free['flows'] ?? [], true))
        ->and(str_contains((string) $remedy, 'there is no plan'))->toBe($remedy !== null && $best === null);
})->with(range(301, 360));

/**
 * A piece by lot: eight parts at the most, a tree of joints over them and more that brace it.
 *
 * @return array{array<string, string>, array<string, int>, list<array<string, mixed>>}
 */
function pieceByLot(int $seed, int $count): array
{
    mt_srand($seed);
    $alloys = ['sterling-925' => 802, '9k-yellow' => 835, '14k-yellow' => 830];
    $parts = $solidus = $joints = [];
    foreach (range(0, 7) as $part) {
        $parts["p{$part}"] = array_keys($alloys)[mt_rand(0, 9) < 8 ? 0 : mt_rand(1, 2)];
        $solidus["p{$part}"] = $alloys[$parts["p{$part}"]];
    }
    for ($joint = 0; $joint < $count; $joint++) {
        [$one, $other] = $joint < 7 ? [mt_rand(0, $joint), $joint + 1] : [mt_rand(0, 7), mt_rand(0, 7)];
        $joints[] = [
            'id' => "j{$joint}", 'parts' => ["p{$one}", "p{$other}"],
            'after' => $joint > 0 && mt_rand(0, 5) === 0 ? ['j'.mt_rand(0, $joint - 1)] : [],
            'grade' => null, 'guard' => mt_rand(0, 7) === 0, 'same_heat' => null,
        ];
    }

    return [$parts, $solidus, $joints];
}

it('keeps every rule in a large plan, and could flow no heat hotter', function (int $seed): void {
    $flow = [
        'silver-hard' => 788, 'silver-hard-uk' => 778, 'silver-medium-uk' => 765, 'silver-medium' => 738,
        'silver-easy-uk' => 723, 'silver-easy' => 718, 'silver-extra-easy-uk' => 709, 'silver-extra-easy' => 652,
    ];
    [$parts, $solidus, $joints] = pieceByLot($seed, 8 + $seed % 7);
    $answer = joined($parts, $joints, ['solders' => array_keys($flow), 'step_c' => 5]);
    if ($answer->value('possible') === 'no') {
        $clash = array_column((array) $answer->value('clash'), 'joint');
        // Without any one of those that clash, these can be made; and every remedy that is offered frees the whole.
        foreach ($clash as $gone) {
            $left = array_values(
                array_filter(
                    $joints,
                    static fn (array $joint): bool => $joint['id'] !== $gone && in_array($joint['id'], $clash, true),
                ),
            );
            $ids = array_column($left, 'id');
            $rest = array_map(
                static fn (array $joint): array => [
                    ...$joint, 'after' => array_values(array_intersect($joint['after'], $ids)),
                ],
                $left,
            );
            expect(
                $rest === [] ? 'yes' : joined(
                    $parts, $rest, ['solders' => array_keys($flow), 'step_c' => 5],
                )->value('possible'),
            )->toBe('yes', "without {$gone}");
        }
        foreach ((array) $answer->value('remedies') as $remedy) {
            $freed = $joints;
            foreach ($remedy['changes'] as ['joint' => $id, 'field' => $field, 'value' => $value]) {
                $freed[array_search($id, array_column($joints, 'id'), true)][$field] = $value;
            }
            expect(
                joined($parts, $freed, ['solders' => array_keys($flow), 'step_c' => 5])->value('possible'),
            )->toBe('yes', $remedy['words']);
        }

        return;
    }
    $by = array_column($joints, null, 'id');
    $planned = (array) $answer->value('heats');
    $heats = array_map(
        static fn (array $heat): array => array_map(static fn (string $id): array => $by[$id], $heat['joints']),
        $planned,
    );
    $used = array_column($planned, 'solder');
    expect(array_merge(...array_column($planned, 'joints')))
        ->toHaveCount(count($joints))->and(EveryPlan::keeps($solidus, $heats, $flow, 5, 10, $used))->toBeTrue();
    foreach ($used as $at => $solder) {
        foreach (array_keys($flow) as $hotter) {
            if ($flow[$hotter] > $flow[$solder]) {
                expect(
                    EveryPlan::keeps($solidus, $heats, $flow, 5, 10, array_replace($used, [$at => $hotter])),
                )->toBeFalse("heat {$at} with {$hotter}");
            }
        }
    }
})->with(range(1, 40));

it('keeps in an order that was asked for to that order, or says that it cannot', function (int $seed): void {
    $flow = ['silver-hard' => 788, 'silver-medium' => 738, 'silver-easy' => 718, 'silver-extra-easy' => 652];
    [$parts, $solidus, $joints] = pieceByLot($seed, 4);
    $joints = array_map(static fn (array $joint): array => [...$joint, 'after' => []], $joints);
    $order = array_column($joints, 'id');
    shuffle($order);
    $answer = joined($parts, $joints, ['solders' => array_keys($flow), 'order' => implode(', ', $order)]);
    if ($answer->value('possible') === 'no') {
        return;
    }
    $by = array_column($joints, null, 'id');
    $heats = array_map(static fn (string $id): array => [$by[$id]], $order);
    $best = null;
    foreach (array_keys($flow) as $a) {
        foreach (array_keys($flow) as $b) {
            foreach (array_keys($flow) as $c) {
                foreach (array_keys($flow) as $d) {
                    $flows = [$flow[$a], $flow[$b], $flow[$c], $flow[$d]];
                    if (($best === null || $flows > $best)
                        && EveryPlan::keeps($solidus, $heats, $flow, 10, 10, [$a, $b, $c, $d])) {
                        $best = $flows;
                    }
                }
            }
        }
    }
    if ($best === null) {
        expect($answer->finding('order-stuck'))->not->toBeNull();
    } else {
        expect($answer->value('order'))->toBe(implode(', ', $order))->and(flows($answer))->toEqual($best);
    }
})->with(range(201, 230));

it('needs no fire where every joint is made cold, and keeps cold ones for after the last', function (): void {
    $cold = joined(pieces(2), [['id' => 'riveted', 'parts' => 'p1, p2', 'cold' => true]]);
    expect($cold->value('possible'))
        ->toBe('yes')->and($cold->num('fires'))->toBe(0.0)->and($cold->value('heats'))->toBe([])
        ->and(array_column((array) $cold->value('cold'), 'joint'))->toBe(['riveted']);
    $both = joined(
        pieces(3),
        [
            ['id' => 'riveted', 'parts' => 'p2, p3', 'cold' => true, 'after' => 'on'],
            ['id' => 'on', 'parts' => 'p1, p2'],
        ],
    );
    expect($both->value('order'))
        ->toBe('on')->and(array_column((array) $both->value('cold'), 'joint'))->toBe(['riveted']);
});

it('keeps boron off a corundum that is set, and says what is coated', function (): void {
    $coats = static fn (string $alloy, array $more = []): array => array_column(
        (array) joined(pieces(2, $alloy), chain(1), $more)->value('heats'), 'coat',
    );
    expect($coats('sterling-925')[0])
        ->toContain('boric acid in alcohol')->and($coats('platinum-950')[0])->toContain('none needed')
        ->and($coats('sterling-925', ['stones_set' => 'ruby'])[0])->toContain('none with boron');
});

it('cuts chips for the gap that was seen, or for a hair', function (?float $gap, int $chips): void {
    $joint = [
        'id' => 'j', 'parts' => 'p1, p2', 'length' => 10, 'section' => 2, ...($gap === null ? [] : ['gap' => $gap]),
    ];
    expect(array_column((array) joined(pieces(2), [$joint])->value('heats'), 'chips'))->toBe([$chips]);
})->with([
    // 10 × 2 × 0.07 is 5.6 chips of 0.25, 10 × 2 × 0.1 is 8; and one more.
    [null, 7], [0.1, 9], [0.0, 7],
]);

it('refuses what makes no piece', function (array $parts, array $joints, string $field, string $says): void {
    $refused = refused(
        'join.plan',
        [
            'parts' => array_map(static fn (string $id): array => ['id' => $id, 'alloy' => 'sterling-925'], $parts),
            'joints' => $joints,
        ],
    );
    expect($refused[$field][0] ?? '')->toContain($says);
})->with([
    'no parts' => [[], [['id' => 'j', 'parts' => 'a, b']], 'parts', 'at least one'],
    'no joints' => [['a'], [], 'joints', 'at least one'],
    'nine parts' => [range('a', 'i'), [['id' => 'j', 'parts' => 'a, b']], 'parts', 'up to 8'],
    'a name twice' => [['a', 'a'], [['id' => 'j', 'parts' => 'a, a']], 'parts', 'twice'],
    'a part that is not there' => [['a', 'b'], [['id' => 'j', 'parts' => 'a, c']], 'joints', 'c is not here'],
    'one part alone' => [['a', 'b'], [['id' => 'j', 'parts' => 'a']], 'joints', 'names it twice'],
    'after a joint that is not there' => [
        ['a', 'b'], [['id' => 'j', 'parts' => 'a, b', 'after' => 'k']], 'joints', 'k is not here',
    ],
    'waiting in a ring' => [
        ['a', 'b'],
        [['id' => 'j', 'parts' => 'a, b', 'after' => 'k'], ['id' => 'k', 'parts' => 'a, b', 'after' => 'j']], 'joints',
        'waits for itself',
    ],
    'after one made cold' => [
        ['a', 'b'],
        [['id' => 'j', 'parts' => 'a, b', 'after' => 'k'], ['id' => 'k', 'parts' => 'a, b', 'cold' => true]], 'joints',
        'after the last fire',
    ],
    'a grade that is not in stock' => [
        ['a', 'b'], [['id' => 'j', 'parts' => 'a, b', 'grade' => 'tin']], 'joints', 'not in the solder stock',
    ],
]);

it('counts chips from the seam, and one more', function (): void {
    expect(reckon('join.chips', ['length' => 10, 'section' => 2, 'gap' => 0.05])->num('chips'))->toBe(5.0)
        ->and(reckon('join.chips', ['length' => 10.1, 'section' => 2, 'gap' => 0.05])->num('chips'))->toBe(6.0)
        ->and(reckon('join.chips', ['length' => 3, 'section' => 1])->num('joint_volume'))->toEqualWithDelta(0.21, 1e-9);
});

it('puts the flame on the heavier part', function (): void {
    $answer = reckon(
        'join.advice',
        ['parts' => [['id' => 'shank', 'mass' => 6], ['id' => 'bezel', 'mass' => 1.5]], 'between' => 'bezel, shank'],
    );
    expect($answer->num('ratio'))
        ->toBe(4.0)->and($answer->num('flame_share'))->toBe(0.8)->and($answer->value('flame_on'))->toContain('shank')
        ->and($answer->value('from'))->toContain('far side')
        ->and(
            reckon(
                'join.advice',
                ['parts' => [['id' => 'a', 'mass' => 1], ['id' => 'b', 'mass' => 1.2]], 'between' => 'a, b'],
            )->value('flame_on'),
        )
        ->toBe('both alike')
        ->and(
            reckon(
                'join.advice', ['parts' => [['id' => 'a', 'mass' => 1]], 'between' => 'a, a', 'textured' => true],
            )->value('from'),
        )
        ->toContain('behind the textured face')
        ->and(array_keys(refused('join.advice', ['parts' => [['id' => 'a', 'mass' => 1]], 'between' => 'a, b'])))
        ->toBe(['between'])
        ->and(array_keys(refused('join.advice', ['parts' => [['id' => 'a', 'mass' => 1]], 'between' => 'a'])))
        ->toBe(['between']);
});

it('compares two stretched samples', function (): void {
    $samples = [
        ['name' => 'chip', 'start' => 50, 'broken' => 54], ['name' => 'paste', 'start' => 50, 'broken' => 51.5],
    ];
    $answer = reckon('stretch.test', ['samples' => $samples]);
    expect($answer->num('strain_first'))
        ->toEqualWithDelta(0.08, 1e-9)->and($answer->num('strain_second'))->toEqualWithDelta(0.03, 1e-9)
        ->and($answer->value('stronger'))->toBe('chip')
        ->and(
            reckon(
                'stretch.test', ['samples' => [$samples[0], ['name' => 'wire', 'start' => 50, 'broken' => 54.2]]],
            )->value('stronger'),
        )
        ->toBe('alike')
        ->and(array_keys(refused('stretch.test', ['samples' => [$samples[0]]])))->toBe(['samples'])
        ->and(
            array_keys(
                refused(
                    'stretch.test', ['samples' => [$samples[0], ['name' => 'wire', 'start' => 50, 'broken' => 49]]],
                ),
            ),
        )
        ->toBe(['samples']);
});

it('leaves a riveted joint out of an order that is asked for: it waits for the last fire, and no fire for it',
    function (): void {
        $answer = joined(pieces(3), [
            ['id' => 'on', 'parts' => 'p1, p2'], ['id' => 'riveted', 'parts' => 'p2, p3', 'cold' => true],
            ['id' => 'seam', 'parts' => 'p1, p1'],
        ], ['order' => 'riveted, on, seam']);
        expect($answer->value('possible'))->toBe('yes')->and($answer->value('order'))->toBe('on, seam')
            ->and($answer->num('fires'))->toBe(2.0)
            ->and(array_column((array) $answer->value('cold'), 'joint'))->toBe(['riveted']);
    });
