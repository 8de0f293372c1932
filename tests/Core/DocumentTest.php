<?php

declare(strict_types=1);

use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use HotSprue\Job\Conflict;
use HotSprue\Job\Document;
use HotSprue\Job\Kind;
use HotSprue\Job\PreparedChanges;
use HotSprue\Job\RowPath;
use HotSprue\Job\Rows;
use HotSprue\Job\Station;
use HotSprue\Job\TypedChanges;
use HotSprue\Workshop\WorkshopSettings;
use Tests\Support\Draw;

/** @param array<string, mixed> $typed @return list<Change> as the core understands them */
function understood(array $typed, ?Document $over = null): array
{
    $changes = array_map(
        static fn (string $path, mixed $to): Change => new Change($path, $over?->at($path), $to), array_keys($typed),
        $typed,
    );

    return TypedChanges::read($changes, WorkshopSettings::shipped());
}

/** @param array<string, mixed> $typed */
function holding(array $typed): Document
{
    return Document::blank()->with(understood($typed));
}

/** What a document holds, without the memory of rows that came and went. @return array<string, mixed> */
function contents(Document $document): array
{
    return array_diff_key($document->toArray(), ['gone' => 1]);
}

it('keeps what was said as it was said, and what it is in the core’s unit', function (
    string $path, mixed $said, mixed $value,
): void {
    $entry = holding([$path => $said])->entry($path);
    is_float($value) ? expect($entry['value'])->toEqualWithDelta($value, 1e-6) : expect($entry['value'])->toBe($value);
    expect($entry['typed'])->toBe(is_string($said) ? $said : (string) json_encode($said));
})->with([
    ['form.width_top', '16 ga', 0.127 * 92 ** (20 / 39)], ['form.width_top', '1/8 in', 3.175],
    ['brief.finger', 'US 7', M_PI * (11.63 + 0.8128 * 7)], ['brief.finger', 'UK O½', 37.5 + 1.25 * 14.5],
    ['burnout.pour_temperature', '900 F', 482.222222],
    ['wax.shrinkage', '1.5 %', 0.015],
    ['brief.alloy', 'sterling-925', 'sterling-925'], ['handover.piece_mass', '5 dwt', 7.775869],
]);

it('refuses a path that nobody declared', function (string $path): void {
    expect(fn () => understood([$path => '1']))->toThrow(BadInput::class);
})->with(
    [
        'form.weight', 'shop.width', 'stones.0.colour', 'castings.0.width', 'nowhere', 'stones.0',
        'form.width_top.value', '',
    ],
);

it('holds nothing for good: any list of changes is taken back by its own reverse', function (int $seed): void {
    $draw = new Draw($seed);
    $document = holding(['brief.finger' => 'US 7', 'cuts.0.length' => '10', 'stones.0.width' => '6']);
    $paths = [
        'form.width_top', 'form.thickness_top', 'brief.title', 'cuts.0.length', 'cuts.1.length', 'cuts.1.name',
        'stones.0.width',
        'stones.1.species', 'attempts.0.wax_mass', 'castings.0.casting_mass', 'handover.tight', 'parts.0.id',
    ];
    $values = [
        'brief.title' => ['band', 'ring'], 'stones.1.species' => ['opal', 'diamond'], 'cuts.1.name' => ['a', 'b'],
        'handover.tight' => [true, false], 'parts.0.id' => ['shank', 'bezel'],
    ];
    for ($step = 0; $step < 25; $step++) {
        $before = $document;
        $typed = [];
        for ($many = $draw->whole(1, 4); $many > 0; $many--) {
            $path = $draw->pick($paths);
            $typed[$path] = $draw->whole(0, 5) === 0 ? null : $draw->pick($values[$path] ?? ['2', '3.5', '4.25']);
        }
        $made = PreparedChanges::of($document, understood($typed, $document));
        $document = $document->with($made);
        $back = array_reverse(array_map(static fn (Change $change): Change => $change->reversed(), $made));
        expect(contents($document->with($back)))->toEqual(contents($before), json_encode($typed));
    }
})->with(range(1, 12));

it('refuses a change where somebody else was first, with both values, and changes nothing', function (): void {
    $document = holding(['form.width_top' => '5 mm']);
    $stale = understood(['form.width_top' => '6 mm'], holding(['form.width_top' => '4 mm']));
    try {
        $document->with($stale);
        $clashes = [];
    } catch (Conflict $conflict) {
        $clashes = $conflict->clashes;
    }
    expect($clashes)
        ->toHaveCount(1)->and($clashes[0]['path'])->toBe('form.width_top')->and($clashes[0]['present']['value'])
        ->toEqual(5.0)
        ->and($clashes[0]['from']['value'])->toEqual(4.0)->and($document->decision('form.width_top'))->toEqual(5.0);
});

it('lets a change pass that was made already', function (): void {
    $document = holding(['form.width_top' => '5 mm']);
    $same = understood(['form.width_top' => '5 mm']);
    expect(contents($document->with($same)))
        ->toEqual(contents($document))->and(fn () => $document->with($same, exactly: true))->toThrow(Conflict::class);
});

it('makes a row before its first figure, and gives no key of a row that was taken out again', function (): void {
    $document = holding(['stones.0.width' => '6', 'stones.1.width' => '2']);
    $without = $document->with([new Change('stones.1', $document->at('stones.1'), null)]);
    expect(array_column($document->list('stones'), Rows::KEY))
        ->toBe(['0', '1'])->and(array_column($without->list('stones'), Rows::KEY))->toBe(['0'])
        ->and($without->nextKey('stones'))->toBe('2')
        ->and(fn () => $without->with(understood(['stones.1.width' => '3'])))
        ->toThrow(BadInput::class, 'taken out meanwhile');
});

it('puts rows in where they stood', function (): void {
    $rows = Rows::of([['key' => 'a'], ['key' => 'b'], ['key' => 'c']]);
    $back = $rows->without('b')->with('b', ['name' => 'again'], 1);
    expect(array_column($back->all(), 'key'))
        ->toBe(['a', 'b', 'c'])->and($back->at('b'))->toBe(['key' => 'b', 'name' => 'again'])
        ->and($rows->without('z')->all())
        ->toBe($rows->all())->and($rows->indexOf('c'))->toBe(2)->and($rows->indexOf('z'))->toBeNull();
});

it('takes as a key only what a path can name', function (string $key, bool $isOne): void {
    expect(Rows::isKey($key))->toBe($isOne);
})->with(
    [
        ['0', true], ['k3f2', true], ['a1b2c3d4e5f6', true], ['a1b2c3d4e5f67', false], ['A', false], ['a.b', false],
        ['', false], ['é', false],
    ],
);

it('has in hand the centre stone, the last wax that was not left, and the last casting', function (
    array $typed, array $inHand,
): void {
    $document = holding($typed);
    expect([$document->centreStone(), $document->attemptInHand(), $document->castingInHand()])->toBe($inHand);
})->with([
    'nothing' => [[], [null, null, null]],
    'the one of each' => [
        ['stones.0.width' => '6', 'attempts.0.bore' => '17', 'castings.0.casting_mass' => '9'], [0, 0, 0],
    ],
    'a centre after a halo' => [
        ['stones.0.group' => 'halo', 'stones.0.width' => '1', 'stones.1.group' => 'centre', 'stones.1.width' => '6'],
        [1, null, null],
    ],
    'the second wax' => [
        ['attempts.0.bore' => '17', 'attempts.0.verdict' => 'left', 'attempts.1.bore' => '17.2'], [null, 1, null],
    ],
    'the last casting' => [['castings.0.casting_mass' => '9', 'castings.1.casting_mass' => '9.1'], [null, null, 1]],
]);

it('tells what a job is by what it decides', function (array $typed, Kind $kind, array $passes, array $not): void {
    $stations = Kind::of(holding($typed))->stations();
    expect(Kind::of(holding($typed)))->toBe($kind);
    foreach ($passes as $station) {
        expect(in_array($station, $stations, true))->toBeTrue($station->value);
    }
    foreach ($not as $station) {
        expect(in_array($station, $stations, true))->toBeFalse($station->value);
    }
})->with([
    'cast' => [[], Kind::Cast, [Station::Wax, Station::Pour], [Station::Sizing]],
    'by hand' => [
        ['brief.kind' => 'fabricated'], Kind::Fabricated, [Station::Form, Station::Join], [Station::Wax, Station::Pour],
    ],
    'sized' => [['brief.kind' => 'sizing'], Kind::Sizing, [Station::Sizing], [Station::Form, Station::Wax]],
    'of clay' => [['wax.process' => 'clay'], Kind::Clay, [Station::Wax], [Station::Tree, Station::Pour]],
    'by hand, whatever its wax' => [
        ['brief.kind' => 'fabricated', 'wax.process' => 'clay'], Kind::Fabricated, [Station::Form], [Station::Wax],
    ],
]);

it('counts two values as one where they say the same', function (
    mixed $one, mixed $other, bool $same,
): void {
    expect(Change::same($one, $other))->toBe($same);
})->with([
    [1.0, 1, true], [null, null, true], [null, 0, false], ['a', 'a', true], ['1', 1, false],
    [[1, 2], [1, 2], true],
    [[1, 2], [2, 1], false], [['value' => 5.0, 'typed' => '5'], ['typed' => '5', 'value' => 5], true], [true, 1, false],
]);

it('tells a path of a row from a decision', function (string $path, ?array $expected): void {
    $at = RowPath::of($path);
    expect($at === null ? null : [$at->list, $at->key, $at->figure, $at->row(), $at->whenGone()])->toBe($expected);
})->with([
    ['stones.0.width', ['stones', '0', 'width', 'stones.0', 'stones-0']],
    ['pictures.k3f2', ['pictures', 'k3f2', null, 'pictures.k3f2', 'pictures-k3f2']],
    ['attempts.k3f2.bore', ['attempts', 'k3f2', 'bore', 'attempts.k3f2', 'attempts-k3f2']],
    'a decision' => ['stones.daily', null], 'a decision of a station' => ['form.width_top', null],
    'no key' => ['stones', null], 'no row’s key' => ['stones.NoKey.width', null], 'a map' => ['stations.wax', null],
]);
