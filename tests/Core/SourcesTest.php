<?php

declare(strict_types=1);

use HotSprue\Fields\Origin;
use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\From;
use HotSprue\Job\InFlask;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\Source\Source;
use HotSprue\Job\Surroundings;
use HotSprue\Job\TypedChanges;
use HotSprue\Workshop\WorkshopSettings;

/** @param array<string, mixed> $typed */
function sourced(array $typed, Surroundings $around = new Surroundings): JobAnswers
{
    $changes = array_map(
        static fn (string $path, mixed $to): Change => new Change($path, null, $to), array_keys($typed), $typed,
    );
    $settings = WorkshopSettings::shipped();

    return JobAnswers::of(Document::blank()->with(TypedChanges::read($changes, $settings)), $settings, null, $around);
}

const TWO_STONES = [
    'stones.0.group' => 'halo', 'stones.0.species' => 'opal', 'stones.0.width' => '2 mm',
    'stones.1.group' => 'centre', 'stones.1.species' => 'diamond', 'stones.1.width' => '6 mm',
    'stones.1.name' => 'the large one',
];

it('gives what the job says, and where that was said', function (
    Source $source, array $typed, mixed $value, Origin $origin, ?string $path,
): void {
    $job = sourced($typed);
    expect($source->value($job))
        ->toEqual($value)->and($source->origin())->toBe($origin)->and($source->path($job))->toBe($path);
})->with([
    'a decision' => [
        From::decision('form.width_top'), ['form.width_top' => '5 mm'], 5.0, Origin::Typed, 'form.width_top',
    ],
    'a decision that nobody made' => [From::decision('form.width_top'), [], null, Origin::Typed, 'form.width_top'],
    'a reading of the centre stone' => [
        From::reading('stones', 'width'), TWO_STONES, 6.0, Origin::Measured, 'stones.1.width',
    ],
    'a reading of no stone' => [From::reading('stones', 'width'), [], null, Origin::Measured, 'stones.0.width'],
    'what is fixed' => [From::fixed('tube'), [], 'tube', Origin::Reckoned, null],
    'rows that have the first' => [
        From::rows('stones', 'name', 'species'), TWO_STONES, [['name' => 'the large one', 'species' => 'diamond']],
        Origin::Reckoned, null,
    ],
    'no rows' => [From::rows('stones', 'name'), [], null, Origin::Reckoned, null],
    'a column' => [From::column('stones', 'species'), TWO_STONES, ['opal', 'diamond'], Origin::Reckoned, null],
    'names of yes' => [
        From::namesOfYes(['steam' => 'finish.steam', 'torch' => 'finish.torch']),
        ['finish.steam' => true, 'finish.torch' => false], ['steam'], Origin::Reckoned, null,
    ],
    'no yes' => [
        From::namesOfYes(['steam' => 'finish.steam']), ['finish.steam' => false], null, Origin::Reckoned, null,
    ],
    'a result' => [
        From::result('size.convert', 'inner_circumference'), ['brief.finger' => 'EU 54'], 54.0, Origin::Reckoned, null,
    ],
    'a result of nothing' => [From::result('size.convert', 'inner_circumference'), [], null, Origin::Reckoned, null],
]);

it('asks a source only where it is asked for', function (): void {
    $shrinkage = From::decision('wax.process')->unless('wax.shrinkage');
    expect($shrinkage->value(sourced(['wax.process' => 'resin'])))->toBe('resin')
        ->and($shrinkage->value(sourced(['wax.process' => 'resin', 'wax.shrinkage' => 0.02])))->toBeNull()
        ->and($shrinkage->path(sourced([])))->toBe('wax.process');
    $of = From::decision('sizing.stones')->onlyFor('brief.kind', 'sizing');
    expect($of->value(sourced(['sizing.stones' => 3])))->toBeNull()
        ->and($of->value(sourced(['sizing.stones' => 3, 'brief.kind' => 'sizing'])))->toBe(3);
});

it('counts a reading as made once it is there, and a no as not made', function (): void {
    expect(sourced(['attempts.0.wax_mass' => '2 g'])->isMade('attempts.wax_mass'))->toBeTrue()
        ->and(sourced([])->isMade('attempts.wax_mass'))->toBeFalse()
        ->and(sourced(['stones.after_steam' => 'false'])->isMade('stones.after_steam'))->toBeFalse()
        ->and(sourced(['stones.after_steam' => 'true'])->isMade('stones.after_steam'))->toBeTrue()
        ->and(sourced(['settings.0.made' => 'apart'])->isMade('settings.made'))->toBeTrue();
});

it('turns what a source gives, and adds two up where both give a number', function (): void {
    $job = sourced(['form.width_top' => '5 mm', 'form.thickness_top' => '2 mm']);
    [$width, $thickness, $none] = [
        From::decision('form.width_top'), From::decision('form.thickness_top'), From::decision('form.edge'),
    ];
    expect($width->times(0.001)->value($job))
        ->toEqualWithDelta(0.005, 1e-12)->and($width->listed()->value($job))->toEqual([5.0])
        ->and($none->listed()->value($job))->toBeNull()->and($width->plus($thickness)->value($job))->toEqual(7.0)
        ->and($width->plus($none)->value($job))->toBeNull()->and($width->times(2)->origin())->toBe(Origin::Typed)
        ->and($width->plus($thickness)->origin())->toBe(Origin::Reckoned);
});

it('knows of the flask, the clock and the client’s metal what is so outside the document', function (): void {
    $around = new Surroundings(
        new InFlask(63.5, 76.2, 1500.0, '2026-12-01T08:00', true, 42.0, 6.0), 3.2, '2026-12-01T09:00',
    );
    [$in, $out] = [sourced([], $around), sourced([])];
    $asked = [
        From::flask('diameter'), From::flask('water'), From::flask('invested'), From::besideInFlask(), From::clock(),
        From::clientMetalLeft(),
    ];
    $of = static fn (JobAnswers $job): array => array_map(
        static fn (Source $source): mixed => $source->value($job), $asked,
    );
    expect($of($in))->toBe([63.5, 42.0, '2026-12-01T08:00', 1500.0, '2026-12-01T09:00', 3.2])
        ->and($of($out))->toBe([null, null, null, 0.0, null, null]);
    foreach ($asked as $source) {
        expect($source->wants($out))->toBeNull();
    }
});

it('asks for what would give what is missing, and never for what is reckoned', function (
    array $typed, string $use, array $wants,
): void {
    expect(sourced($typed)->wants($use))->toBe($wants);
})->with([
    'the finger, for a size' => [[], 'size.convert', ['brief.finger']],
    'the finger behind the size, for a band' => [
        ['form.width_top' => '4', 'form.thickness_top' => '2'], 'form.band', ['brief.finger'],
    ],
    'all that a band lacks' => [['brief.finger' => 'US 7'], 'form.band', ['form.width_top', 'form.thickness_top']],
    'the width that is said most' => [['brief.finger' => 'US 7'], 'size.fit', ['form.width_top']],
    'the form behind the wax, for a blank' => [
        ['brief.finger' => 'US 7', 'form.width_top' => '4'], 'blank.choose', ['form.thickness_top'],
    ],
    'an alloy, for a charge' => [
        ['brief.finger' => 'US 7', 'form.width_top' => '4', 'form.thickness_top' => '2'], 'metal.charge',
        ['brief.alloy'],
    ],
    'nothing of what nobody asked for' => [['brief.finger' => 'US 7'], 'layout.lettering', []],
    'a number of places, where no claws say' => [['stones.0.species' => 'opal'], 'set.sequence', ['set.count']],
]);

it('leads a tap to where the figure came from, else to the decision that could give it', function (): void {
    $job = sourced(
        [
            'brief.finger' => 'US 7', 'form.width_top' => '4', 'form.thickness_top' => '2',
            'attempts.0.wax_mass' => '2 g',
        ],
    );
    expect($job->editable('size.fit', 'width'))
        ->toBe('form.width_top')->and($job->editable('form.band', 'width_base'))->toBe('form.width_base')
        ->and($job->editable('form.band', 'inner_diameter'))
        ->toBeNull()->and($job->editable('metal.charge', 'wax_mass'))->toBe('attempts.0.wax_mass')
        ->and($job->editable('size.change', 'from'))->toBe('sizing.from');
});

it('keeps the errors of one use apart from the others', function (): void {
    $job = sourced(
        [
            'brief.finger' => 'US 7', 'form.width_top' => '4', 'form.thickness_top' => '2', 'form.profile' => 'knife',
            'form.edge' => '2.5',
        ],
    );
    expect($job->errors('form.band'))->toHaveKey('edge')->and($job->answer('form.band'))->toBeNull()
        ->and($job->answer('wax.dimensions'))->not->toBeNull()->and($job->errors('wax.dimensions'))->toBe([]);
});
