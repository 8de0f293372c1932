<?php

declare(strict_types=1);

use HotSprue\Account\Ledger;
use HotSprue\Account\Lot;
use HotSprue\Account\MetalRefused;
use HotSprue\Account\Movement;
use HotSprue\Account\MovementKind;
use HotSprue\Account\Posting;
use HotSprue\Account\Settlement;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @param array<int, int> $lots */
function movement(MovementKind $kind, array $lots, int $loss = 0): Movement
{
    return Movement::of(
        $kind, array_map(static fn (int $lot, int $mg): Posting => new Posting($lot, $mg), array_keys($lots), $lots),
        $loss,
    );
}

it('balances to the milligram, or is no movement', function (
    MovementKind $kind, array $lots, int $loss, bool $balances,
): void {
    $try = static fn (): Movement => movement($kind, $lots, $loss);
    $balances ? expect($try())->toBeInstanceOf(Movement::class) : expect($try)->toThrow(MetalRefused::class);
})->with([
    'melt' => [MovementKind::Melt, [1 => -5000, 2 => -3000, 3 => 7990], 10, true],
    'melt, a milligram short' => [MovementKind::Melt, [1 => -5000, 2 => -3000, 3 => 7989], 10, false],
    'charge' => [MovementKind::Charge, [1 => -20000, 2 => 14000, 3 => 5900], 100, true],
    'charge that gains' => [MovementKind::Charge, [1 => -20000, 2 => 14000, 3 => 6100], -100, false],
    'receive' => [MovementKind::Receive, [1 => 5000], 0, true],
    'receive nothing' => [MovementKind::Receive, [1 => 0], 0, false],
    'receive less than nothing' => [MovementKind::Receive, [1 => -5000], 0, false],
    'return' => [MovementKind::Return, [1 => -5000], 0, true],
    'deliver into stock' => [MovementKind::Deliver, [1 => 5000], 0, false],
    'correct up' => [MovementKind::Correct, [1 => 12], 0, true],
    'correct down' => [MovementKind::Correct, [1 => -12], 0, true],
    'one lot twice' => [MovementKind::Cut, [], 0, false],
]);

/** One random sequence of movements, reversals among them: what is off at its end or on its way. */
function sequence(int $seed, int $length): ?string
{
    $dice = new Randomizer(new Mt19937($seed));
    $ledger = Ledger::of(array_map(static fn (int $id): Lot => new Lot($id, 'sterling-925', 0.925, 0), range(1, 8)));
    $outside = $lost = 0;
    $done = [];
    $kinds = [
        MovementKind::Receive, MovementKind::Melt, MovementKind::Charge, MovementKind::Cut, MovementKind::Scrap,
        MovementKind::Sweeps, MovementKind::Deliver, MovementKind::Correct,
    ];
    for ($i = 0; $i < $length; $i++) {
        $kind = $kinds[$dice->getInt(0, count($kinds) - 1)];
        [$a, $b, $c] = $dice->pickArrayKeys(array_flip(range(1, 8)), 3);
        [$mg, $loss] = [$dice->getInt(1, 9000), $dice->getInt(0, 40)];
        $back = $dice->getInt(0, 4) === 0 && $done !== [];
        $key = $back ? $dice->pickArrayKeys($done, 1)[0] : null;
        $made = $key !== null ? $done[$key]->reversed() : match ($kind) {
            MovementKind::Receive, MovementKind::Sweeps => movement($kind, [$a => $mg]),
            MovementKind::Deliver => movement($kind, [$a => -$mg]),
            MovementKind::Correct => movement($kind, [$a => $dice->getInt(0, 1) === 0 ? $mg : -$mg]),
            MovementKind::Melt => movement(
                $kind, [$a => -$mg, $b => -2 * $mg, $c => 3 * $mg - min($loss, 3 * $mg - 1)], min($loss, 3 * $mg - 1),
            ),
            default => movement($kind, [$a => -$mg - 100, $b => $mg, $c => 100 - min($loss, 99)], min($loss, 99)),
        };
        try {
            $ledger = $ledger->after($made);
        } catch (MetalRefused) {
            continue;
        }
        if ($key !== null) {
            unset($done[$key]);
        } else {
            $done[] = $made;
        }
        $sum = array_sum(array_map(static fn (Posting $p): int => $p->milligrams, $made->postings));
        $outside += $sum + $made->loss;
        $lost += $made->loss;
        if ($ledger->total() !== $outside - $lost
            || min(array_map(static fn (Lot $lot): int => $lot->mass, $ledger->lots)) < 0) {
            return "sequence {$seed} is off at movement {$i}";
        }
    }

    return null;
}

it('keeps every milligram through thousands of random sequences, reversals among them, and never goes '
    .'under nought', function (int $first): void {
        $off = [];
        for ($seed = $first; $seed < $first + 1000; $seed++) {
            $off[] = sequence($seed, 40);
        }
        $off[] = sequence($first, 2000);
        expect(array_filter($off))->toBe([]);
    })->with([1, 10_001, 20_001]);

it('lets a client’s metal into that client’s piece, or back, and nowhere else', function (
    MovementKind $kind, array $lots, bool $allowed,
): void {
    $ledger = Ledger::of([
        new Lot(1, '18k-yellow', 0.75, 10000, 7), new Lot(2, '18k-yellow', 0.75, 10000),
        new Lot(3, '18k-yellow', 0.75, 0, 7, 7), new Lot(4, '18k-yellow', 0.75, 0, 9, 9),
        new Lot(5, '18k-yellow', 0.75, 0, 7), new Lot(6, '18k-yellow', 0.75, 0), new Lot(8, '14k-yellow', 0.585, 5000),
        new Lot(10, 'own-684', 0.684, 0),
    ]);
    $try = static fn (): Ledger => $ledger->after(movement($kind, $lots));
    $allowed ? expect($try())->toBeInstanceOf(Ledger::class) : expect($try)->toThrow(MetalRefused::class);
})->with([
    'into the client’s piece' => [MovementKind::Charge, [1 => -5000, 3 => 4000, 5 => 1000], true],
    'with some of the workshop’s' => [MovementKind::Charge, [1 => -3000, 2 => -2000, 3 => 4000, 5 => 1000], true],
    'into another’s piece' => [MovementKind::Charge, [1 => -5000, 4 => 5000], false],
    'its button into stock' => [MovementKind::Charge, [1 => -5000, 3 => 4000, 6 => 1000], false],
    'back to the client' => [MovementKind::Return, [1 => -5000], true],
    'the workshop’s to a client' => [MovementKind::Return, [2 => -5000], false],
    'the workshop’s into a piece' => [MovementKind::Charge, [2 => -5000, 4 => 4000, 6 => 1000], true],
    'melted into the workshop’s' => [MovementKind::Melt, [1 => -5000, 6 => 5000], false],
    'the workshop’s melted into a client’s' => [MovementKind::Melt, [2 => -5000, 5 => 5000], false],
    'two alloys in one charge' => [MovementKind::Charge, [2 => -3000, 8 => -2000, 6 => 5000], false],
    'two alloys melted, finer than they are' => [MovementKind::Melt, [2 => -3000, 8 => -2000, 6 => 5000], false],
    // 3 g of 0.750 and 2 of 0.585 are 0.684 fine.
    'two alloys melted into what they make' => [MovementKind::Melt, [2 => -3000, 8 => -2000, 10 => 5000], true],
    'more than there is' => [MovementKind::Deliver, [1 => -10001], false],
]);

it('settles a finished piece: the first lots bear the loss, and no more leaves than is held', function (
    array $held, int $finished, array $lost, array $delivered,
): void {
    $settled = Settlement::of($held, $finished);
    expect($settled->lost)
        ->toBe($lost)->and($settled->delivered)->toBe($delivered)
        ->and(array_sum($settled->lost) + array_sum($settled->delivered))->toBe(-array_sum($held));
})->with([
    'one lot, filed' => [[3 => 8600], 8100, [3 => -500], [3 => -8100]],
    'nothing lost' => [[3 => 8600], 8600, [], [3 => -8600]],
    'heavier by solder' => [[3 => 8600], 9000, [], [3 => -8600]],
    'two lots' => [[3 => 400, 5 => 8000], 7900, [3 => -400, 5 => -100], [5 => -7900]],
    'all of it filed away' => [[3 => 400, 5 => 600], 0, [3 => -400, 5 => -600], []],
]);

it('puts no two clients’ metal into one lot, whoever’s that lot is', function (?int $owner, bool $passes): void {
    $ledger = Ledger::of([
        new Lot(1, 'sterling-925', 0.925, 10_000, owner: 7), new Lot(2, 'sterling-925', 0.925, 10_000, owner: 8),
        new Lot(3, 'sterling-925', 0.925, 10_000, owner: 7), new Lot(4, 'sterling-925', 0.925, 0, owner: $owner),
    ]);
    $of = static fn (int $other): Closure => static fn (): Ledger => $ledger->after(
        movement(MovementKind::Melt, [1 => -5000, $other => -5000, 4 => 9990], 10),
    );
    // Of one client alone it may be melted, into a lot of that client's.
    expect($of(2))->toThrow(MetalRefused::class);
    $passes ? expect($of(3)()->total())->toBe(29_990) : expect($of(3))->toThrow(MetalRefused::class);
})->with([[7, true], [8, false], [null, false]]);
