<?php

declare(strict_types=1);

use HotSprue\Account\Settlement;
use HotSprue\Job\Rows;
use Tests\Support\Draw;

it('settles any piece so that what was held is lost or goes with it', function (int $seed): void {
    $draw = new Draw(15000 + $seed);
    $held = [];
    foreach (range(1, $draw->whole(1, 5)) as $lot) {
        $held[$lot * 7] = $draw->whole(1, 20000);
    }
    $finished = $draw->whole(0, array_sum($held) + 500);
    $settled = Settlement::of($held, $finished);
    expect($settled->held())->toBe(array_sum($held))->and($settled->loss())->toBe(max(0, array_sum($held) - $finished));
    $wasFull = false;
    foreach ($held as $lot => $milligrams) {
        [$lost, $goes] = [-($settled->lost[$lot] ?? 0), -($settled->delivered[$lot] ?? 0)];
        expect($lost + $goes)->toBe($milligrams)->and(min($lost, $goes))->toBeGreaterThanOrEqual(0);
        // The first lots bear it: after one of which some is left, none loses anything.
        expect($wasFull && $lost > 0)->toBeFalse();
        $wasFull = $wasFull || $goes > 0;
    }
})->with(range(1, 40));

it('asks first where finishing took more than a share, not at it', function (int $finished, bool $isMuch): void {
    expect(Settlement::of([1 => 4000, 2 => 6000], $finished)->isMuch(0.1))->toBe($isMuch);
})->with([[9000, false], [8999, true], [10000, false], [12000, false], [0, true]]);

it('keeps rows by their keys, wherever they stand', function (): void {
    $rows = Rows::of([])
        ->with('a', ['name' => 'first'])->with('b', ['name' => 'second'])->with('c', ['name' => 'third']);
    $moved = $rows->without('b')->with('a', ['name' => 'again', 'mass' => 1]);
    expect($moved->all())->toBe([
        ['key' => 'a', 'mass' => 1, 'name' => 'again'], ['key' => 'c', 'name' => 'third'],
    ])
        ->and($moved->indexOf('c'))->toBe(1)->and($moved->indexOf('b'))->toBeNull()->and($moved->at('b'))->toBeNull()
        ->and($moved->with('b', ['name' => 'back'], 1)->all()[1])->toBe(['key' => 'b', 'name' => 'back'])
        // Where it once stood farther back than there are rows, it stands last.
        ->and($moved->with('b', ['name' => 'back'], 9)->indexOf('b'))->toBe(2)
        ->and($rows->all()[1]['name'])->toBe('second');
});

it('gives a new row a key that none has, or had', function (): void {
    $rows = Rows::of([['key' => '0'], ['key' => 'k3f2'], ['key' => '3']]);
    expect($rows->nextKey())->toBe('4')->and($rows->nextKey('4', '5'))->toBe('6')
        ->and(Rows::of([])->nextKey())->toBe('0')->and(Rows::of([])->nextKey('0'))->toBe('1');
});

it('takes for a key what can stand in a path', function (string $key, bool $is): void {
    expect(Rows::isKey($key))->toBe($is);
})->with([
    ['0', true], ['k3f2', true], ['abcdefghijkl', true], ['abcdefghijklm', false], ['', false], ['A', false],
    ['a.b', false], ['ä', false], ["a\n", false], ['a b', false],
]);
