<?php

declare(strict_types=1);

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\Finding;
use HotSprue\Calculation\Level;

/**
 * A piece of sterling, its joints and more.
 *
 * @param  list<array<string, mixed>>  $joints
 * @param  array<string, mixed>  $more
 */
function silverPiece(array $joints, array $more = []): Answer
{
    $parts = array_map(
        static fn (string $id): array => ['id' => $id, 'alloy' => 'sterling-925', 'mass' => 2],
        ['a', 'b', 'c', 'd', 'e', 'f'],
    );

    return reckon('join.plan', ['parts' => $parts, 'joints' => $joints, ...$more]);
}

/** @return list<array{string, string}> level and code of each finding */
function foundIn(Answer $answer): array
{
    return array_map(
        static fn (Finding $finding): array => [$finding->level->value, $finding->code], $answer->findings,
    );
}

/** Steps of a solder's own: 730 to 780, and one that flows so far under it. */
function twoGrades(float $second): array
{
    return ['solders' => ['first', 'second'], 'rules' => ['stock.solders' => [
        ['name' => 'first', 'label' => 'first', 'metal' => 'silver', 'solidus_c' => 730, 'flow_c' => 780],
        ['name' => 'second', 'label' => 'second', 'metal' => 'silver', 'solidus_c' => 600, 'flow_c' => $second],
    ]]];
}

it('says how an earlier joint takes the next fire: a note to 30 over its solidus, a caution beyond', function (
    float $flow, array $codes,
): void {
    $answer = silverPiece(
        [['id' => 'j', 'parts' => 'a, b'], ['id' => 'k', 'parts' => 'b, c', 'after' => 'j']], twoGrades($flow),
    );
    $about = array_values(
        array_filter(
            foundIn($answer),
            static fn (array $found): bool => in_array(
                $found[1], ['softens-earlier', 'moves-earlier', 'flows-close'], true,
            ),
        ),
    );
    expect($about)->toBe($codes);
})->with([
    'at its solidus' => [730, []],
    'over it' => [731, [['note', 'softens-earlier']]],
    'by 30' => [760, [['note', 'softens-earlier']]],
    'by more, and closer than a torch is read' => [761, [['caution', 'moves-earlier'], ['note', 'flows-close']]],
    'one step under' => [770, [['caution', 'moves-earlier'], ['note', 'flows-close']]],
]);

it('says nothing of pieces that are not in one fire', function (): void {
    $answer = silverPiece(
        [['id' => 'j', 'parts' => 'a, b'], ['id' => 'k', 'parts' => 'c, d', 'after' => 'j']], twoGrades(761),
    );
    expect(array_column(foundIn($answer), 1))->not->toContain('moves-earlier')->not->toContain('flows-close');
});

it('reports every gap that is too wide, each by its joint', function (): void {
    $answer = silverPiece([
        ['id' => 'seam', 'parts' => 'a, a', 'gap' => 0.25], ['id' => 'bezel', 'parts' => 'b, b', 'gap' => 0.07],
        ['id' => 'collet', 'parts' => 'c, c', 'gap' => 0.16], ['id' => 'plate', 'parts' => 'd, d', 'gap' => 0.3],
    ]);
    $gaps = array_values(
        array_filter($answer->findings, static fn (Finding $finding): bool => str_starts_with($finding->code, 'gap-')),
    );
    expect(array_map(static fn (Finding $finding): array => [$finding->level, strtok($finding->message, ' ')], $gaps))
        ->toBe([[Level::Stop, 'seam'], [Level::Caution, 'collet'], [Level::Stop, 'plate']]);
});

it('takes a grade that is fixed for a joint beside eight others', function (): void {
    $eight = [
        'silver-extra-easy', 'silver-easy', 'silver-medium', 'silver-hard', 'silver-extra-easy-uk', 'silver-easy-uk',
        'silver-medium-uk', 'silver-hard-uk',
    ];
    $answer = silverPiece(
        [['id' => 'j', 'parts' => 'a, b', 'grade' => 'silver-enamelling'], ['id' => 'k', 'parts' => 'b, c']],
        ['solders' => $eight, 'margin_c' => 0],
    );
    expect($answer->value('possible'))
        ->toBe('yes')->and(array_column($answer->value('heats'), 'solder'))->toContain('silver-enamelling');
    expect(
        refused(
            'join.plan',
            [
                'parts' => [['id' => 'a', 'alloy' => 'sterling-925']], 'joints' => [['id' => 'j', 'parts' => 'a, a']],
                'solders' => [...$eight, '9k-easy'],
            ],
        ),
    )
        ->toHaveKey('solders');
});

it('offers to keep to the law only where there is a plan that does', function (): void {
    $one = ['joints' => [['id' => 'j', 'parts' => 'a, b']]];
    // Extra-easy alone is 0.560 fine: kept to the law nothing is left.
    $alone = silverPiece($one['joints'], ['solders' => ['silver-extra-easy']])->finding('under-fineness');
    expect($alone?->set)->toBe([])->and($alone?->remedy)->toContain('no plan')
        ->and(silverPiece($one['joints'], ['solders' => ['silver-extra-easy'], 'law' => 'on'])->value('possible'))
        ->toBe('no');
    // Two joints between the same parts: hard, then extra-easy, as nothing lies between; kept to the law, both by easy
    // beside it.
    $chosen = ['solders' => ['silver-hard', 'silver-easy', 'silver-extra-easy']];
    $three = [['id' => 'i', 'parts' => 'a, b'], ['id' => 'j', 'parts' => 'b, c', 'grade' => 'silver-extra-easy']];
    expect(silverPiece($three, $chosen)->finding('under-fineness')?->set)->toBe([]);
});

it('leaves a plan after any remedy and any sharing that is tapped', function (int $seed): void {
    mt_srand($seed);
    $joints = [];
    for ($at = 0; $at < mt_rand(6, 9); $at++) {
        $ends = [chr(97 + mt_rand(0, 3)), chr(97 + mt_rand(0, 3))];
        $joints[] = [
            'id' => "j{$at}", 'parts' => implode(', ', $ends),
            ...($at > 0 && mt_rand(0, 2) === 0 ? ['after' => 'j'.mt_rand(0, $at - 1)] : []),
        ];
    }
    $answer = silverPiece($joints);
    $offers = [...(array) $answer->value('remedies'), ...(array) $answer->value('sharing')];
    foreach ($offers as $offer) {
        $changed = $joints;
        foreach ($offer['changes'] as $change) {
            $row = (int) array_search($change['joint'], array_column($joints, 'id'), true);
            $changed[$row][$change['field']] = $change['value'];
        }
        expect(silverPiece($changed)->value('possible'))->toBe('yes', $offer['words']);
    }
    expect(true)->toBeTrue();
})->with(range(1, 25));
