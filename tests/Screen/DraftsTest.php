<?php

declare(strict_types=1);

use Tests\Support\Screen;

/** A job that holds two figures, of which one has a row. */
function onScreen(): array
{
    return ['version' => 3, 'document' => [
        'decisions' => ['form.width_top' => ['value' => 5, 'typed' => '5']],
        'stones' => [['key' => 'a', 'width' => ['value' => 4, 'typed' => '4']]], 'gone' => ['stones-b' => 1],
        'ticks' => ['grid-square' => true],
    ]];
}

/** @param list<array<mixed>> $acts */
function draftAfter(array $acts): array
{
    static $number = 500;
    $number++;

    return Screen::ask('draftAfter', 1, $number, array_map(
        static fn (array $act): array => [$act[0], $number, ...array_slice($act, 1)], $acts,
    ));
}

it('reads what a job holds at a path', function (): void {
    expect(Screen::ask('held', onScreen(), 'form.width_top'))->toBe(['value' => 5, 'typed' => '5'])
        ->and(Screen::ask('held', onScreen(), 'stones.a.width'))->toBe(['value' => 4, 'typed' => '4'])
        ->and(Screen::ask('held', onScreen(), 'stones.c.width'))->toBeNull()
        ->and(Screen::ask('held', onScreen(), 'ticks.grid-square'))->toBeTrue()
        ->and(Screen::ask('isGone', onScreen(), 'stones.b.width'))->toBeTrue()
        ->and(Screen::ask('isGone', onScreen(), 'stones.a.width'))->toBeFalse()
        ->and(Screen::ask('typedOf', ['value' => 5, 'typed' => '5 mm']))->toBe('5 mm')
        ->and(Screen::ask('typedOf', null))->toBe('empty');
});

it('sends a figure once it is left, and no half of it', function (): void {
    $half = draftAfter([['edit', onScreen(), 'form.width_top', '6', false]]);
    expect($half['sendable'])->toBe([])->and($half['waiting']['form.width_top']['to'])->toBe('6');
    $whole = draftAfter([
        ['edit', onScreen(), 'form.width_top', '6', false], ['edit', onScreen(), 'form.width_top', '6.5', false],
        ['settle', 'form.width_top'],
    ]);
    // From what the job held, not from what was half typed.
    expect($whole['sendable'])->toBe([
        ['path' => 'form.width_top', 'from' => ['value' => 5, 'typed' => '5'], 'to' => '6.5'],
    ]);
});

it('forgets what is typed back to what stood there', function (): void {
    $draft = draftAfter([
        ['edit', onScreen(), 'form.width_top', '6', true], ['edit', onScreen(), 'form.width_top', '5', true],
    ]);
    expect($draft['waiting'])->toBe([])->and($draft['kept'])->toBeNull();
});

it('keeps what waits under the key it was sent by, while the line is down', function (): void {
    $draft = draftAfter([['edit', onScreen(), 'form.width_top', '6', true], ['flush']]);
    expect($draft['trouble'])->toBe('line')->and($draft['sent']['changes'][0]['to'])->toBe('6')
        ->and(strlen($draft['sent']['key']))->toBe(32)
        ->and(json_decode($draft['kept'], true)['sent']['key'])->toBe($draft['sent']['key'])
        // Typed back while it is on its way, it is a change again.
        ->and(draftAfter([
            ['edit', onScreen(), 'form.width_top', '6', true], ['flush'],
            ['edit', onScreen(), 'form.width_top', '5', true],
        ])['waiting']['form.width_top']['to'])->toBe('5');
});

it('asks for nothing twice that was refused, until it is another figure', function (): void {
    $acts = [
        ['edit', onScreen(), 'form.width_top', '5000', true],
        [
            'refuse', ['form.width_top' => ['to' => '5000']],
            ['form.width_top' => ['too large'], 'other' => ['and this']],
        ],
    ];
    $refused = draftAfter($acts);
    expect($refused['sendable'])->toBe([])->and($refused['notice'])->toBe('and this')
        ->and($refused['refused']['form.width_top']['messages'])->toBe(['too large']);
    $again = draftAfter([...$acts, ['edit', onScreen(), 'form.width_top', '5.5', true]]);
    expect($again['refused'])->toBe([])->and($again['sendable'][0]['to'])->toBe('5.5');
});
