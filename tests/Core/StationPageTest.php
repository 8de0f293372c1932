<?php

declare(strict_types=1);

use HotSprue\Calculation\Level;
use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\ShownFinding;
use HotSprue\Job\Station;
use HotSprue\Job\StationPage;
use HotSprue\Job\Surroundings;
use HotSprue\Job\TypedChanges;
use HotSprue\Workshop\WorkshopSettings;

const BAND = [
    'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925', 'form.width_top' => '4 mm',
    'form.thickness_top' => '2 mm',
];

/** @param array<string, mixed> $typed */
function pageOf(
    Station $station, array $typed, array $overrides = [], Surroundings $around = new Surroundings,
): StationPage
{
    $changes = array_map(
        static fn (string $path, mixed $to): Change => new Change($path, null, $to), array_keys($typed), $typed,
    );
    $settings = WorkshopSettings::shipped();
    $document = Document::blank()->with(TypedChanges::read($changes, $settings));
    foreach ($overrides as $at => $override) {
        $document = $document->with([new Change("overrides.{$at}", null, $override)]);
    }

    return new StationPage($station, JobAnswers::of($document, $settings, null, $around));
}

/** @return array<string, array<string, mixed>> findings by code */
function found(StationPage $page): array
{
    return array_column(
        array_map(static fn (ShownFinding $one): array => $one->toArray(), $page->findings()), null, 'code',
    );
}

/** @return array<string, mixed> as an override is kept */
function overridden(string $use, string $code, string $about, mixed $value): array
{
    return [
        'use' => $use, 'code' => $code, 'about' => $about, 'value' => $value, 'reason' => 'worn on a chain',
        'by' => 'Ines', 'at' => '2026-11-25T09:00:00+00:00',
    ];
}

it('shows the gravest finding first', function (): void {
    // A crown of 1.0 less heavy finishing is under 0.8: a stop; its court edges are thin too.
    $page = pageOf(
        Station::Form,
        [...BAND, 'form.thickness_top' => '0.9 mm', 'form.profile' => 'court', 'form.beside_neighbour' => true],
    );
    $levels = array_map(static fn (ShownFinding $one): int => $one->finding->level->rank(), $page->findings());
    $sorted = $levels;
    sort($sorted);
    expect(count($levels))->toBeGreaterThan(1)->and($levels)->toBe($sorted)->and($levels[0])->toBe(Level::Stop->rank())
        ->and($page->worst())->toBe(Level::Stop)->and($page->isBlocked())->toBeTrue();
});

it('says of a quiet station that nothing is the matter', function (): void {
    $page = pageOf(Station::Form, BAND);
    expect($page->isBlocked())->toBeFalse()->and($page->worst())->toBeNull();
});

it('offers the figure that mends it, at the decision that it is of', function (): void {
    $finding = found(pageOf(Station::Form, [...BAND, 'form.thickness_top' => '0.9 mm']))['crown-too-thin'];
    expect($finding['path'])
        ->toBe('form.thickness_top')->and($finding['value'])->toBe(0.9)->and($finding['use'])->toBe('form.band')
        ->and($finding['fixes'])->toHaveCount(1)->and($finding['fixes'][0]['path'])->toBe('form.thickness_top')
        ->and($finding['fixes'][0]['value'])->toBeGreaterThan(0.9);
});

it('is cleared by what it offers', function (): void {
    $typed = [...BAND, 'form.thickness_top' => '0.9 mm'];
    $fix = found(pageOf(Station::Form, $typed))['crown-too-thin']['fixes'][0];
    expect(found(pageOf(Station::Form, [...$typed, $fix['path'] => $fix['value']])))->not->toHaveKey('crown-too-thin');
});

it('offers nothing where a figure of it is no decision of the job', function (): void {
    // What the remedy sets is a reading: it is measured, not decided.
    $stone = [
        'stones.0.species' => 'opal', 'stones.0.width' => '6', 'stones.0.shape' => 'round',
        'stones.0.owner' => 'client',
    ];
    foreach (found(pageOf(Station::Stones, [...BAND, ...$stone, 'settings.0.style' => 'claws'])) as $finding) {
        foreach ($finding['fixes'] as $fix) {
            expect(Document::isDecided($fix['path']))->toBeTrue($finding['code']);
        }
    }
});

it('lets an overridden stop pass until the value that it was given for changes', function (
    mixed $value, bool $holds,
): void {
    $override = overridden('form.band', 'crown-too-thin', 'thickness_top', $value);
    $page = pageOf(Station::Form, [...BAND, 'form.thickness_top' => '0.9 mm'], [$override]);
    expect(found($page)['crown-too-thin']['override'] !== null)->toBe($holds)->and($page->isBlocked())->toBe(! $holds);
})->with(
    [
        'the same' => [0.9, true], 'thinner then' => [0.85, false], 'thicker then' => [1.0, false],
        'nothing then' => [null, false],
    ],
);

it('keeps an override to the finding that it was given for', function (string $use, string $code): void {
    $page = pageOf(
        Station::Form, [...BAND, 'form.thickness_top' => '0.9 mm'], [overridden($use, $code, 'thickness_top', 0.9)],
    );
    expect($page->isBlocked())->toBeTrue();
})->with([['form.band', 'crown-thin'], ['wax.predict', 'crown-too-thin']]);

it('counts an overridden stop no more when it says how grave a station is', function (): void {
    $override = overridden('form.band', 'crown-too-thin', 'thickness_top', 0.9);
    expect(
        pageOf(Station::Form, [...BAND, 'form.thickness_top' => '0.9 mm'], [$override])->worst(),
    )->not->toBe(Level::Stop);
});

it('asks at a station for what it lacks, and at an earlier one for nothing of a later', function (): void {
    expect(pageOf(Station::Brief, [])->wants())->toBe(['brief.finger'])
        ->and(pageOf(Station::Form, ['brief.finger' => 'US 7'])->wants())
        ->toEqualCanonicalizing(['form.width_top', 'form.thickness_top'])
        ->and(pageOf(Station::Wax, ['brief.finger' => 'US 7'])->wants())->toContain('form.width_top')
        ->and(pageOf(Station::Brief, ['brief.finger' => 'US 7'])->wants())->toBe([])
        ->and(pageOf(Station::Form, BAND)->wants())->toBe([]);
});

it('shows at its foot what stands for the ring, and the strip in its place where it is '
    .'made by hand', function (): void {
        $shown = static fn (array $typed): array => array_map(
            static fn (array $figure): string => "{$figure['use']}.{$figure['result']}",
            pageOf(Station::Form, [...BAND, ...$typed])->figures(),
        );
        expect($shown([]))->toContain('form.band.outer_height', 'form.band.mass')->not->toContain('strip.length.length')
            ->and($shown(['brief.kind' => 'fabricated', 'form.stock_length' => '80']))
            ->toContain('strip.length.length', 'strip.length.left_over', 'form.band.mass')
            ->not->toContain('form.band.outer_height')
            ->and(
                $shown(
                    [
                        'brief.kind' => 'fabricated', 'form.stock_length' => '120', 'cuts.0.length' => '20',
                        'cuts.0.count' => '1', 'cuts.0.name' => 'shoulder',
                    ],
                ),
            )
            ->toContain('stock.cut.left_over')->not->toContain('strip.length.left_over');
    });

it('keeps the places of the wax’s figures while they are not known', function (): void {
    $figures = pageOf(Station::Wax, [])->figures();
    expect(array_column($figures, 'result'))->toBe(['bore', 'bore_mark', 'slice', 'piece_mass', 'inner_diameter'])
        ->and(array_column($figures, 'value'))->toBe([null, null, null, null, null])
        ->and($figures[0]['quantity'])->toBe('length');
});

it('draws a thing once: the grid in place of the bare band, the section of the wax, the head together', function (
    Station $at, array $typed, array $drawn, array $not,
): void {
    $views = array_map(
        static fn (array $one): string => "{$one[0]}/{$one[1]->name}", pageOf($at, [...BAND, ...$typed])->drawings(),
    );
    expect($views)->toBe(array_values(array_unique($views)));
    foreach ($drawn as $view) {
        expect($views)->toContain($view);
    }
    foreach ($not as $view) {
        expect($views)->not->toContain($view);
    }
})->with([
    'a form' => [Station::Form, [], ['form.band/ring', 'form.band/unrolled', 'form.band/section-top'], []],
    'a strip' => [
        Station::Form, ['brief.kind' => 'fabricated'], ['form.band/ring', 'strip.length/strip'], ['form.band/unrolled'],
    ],
    'a wax' => [
        Station::Wax, [], ['wax.dimensions/wax', 'layout.grid/grid', 'wax.pattern/section-top'],
        ['wax.dimensions/unrolled', 'wax.pattern/ring', 'wax.pattern/unrolled'],
    ],
    'a head' => [
        Station::Stones, ['stones.0.shape' => 'round', 'stones.0.width' => '6', 'settings.0.style' => 'bezel'],
        ['stone.outline@0/head', 'seat.bezel/seat'], ['seat.bezel/head'],
    ],
]);

it('warns of nickel where it is agreed to, and of nothing where it is not', function (
    string $alloy, bool $warns,
): void {
    $cautions = implode(' ', pageOf(Station::Brief, [...BAND, 'brief.alloy' => $alloy])->cautions());
    expect(str_contains($cautions, 'Nickel'))->toBe($warns);
})->with([['14k-white-nickel', true], ['18k-white-palladium', false], ['sterling-925', false]]);

it('has the checklist and the quench at the pour, by its method and its metal, and nowhere else', function (): void {
    $pour = pageOf(Station::Pour, [...BAND, 'pour.method' => 'hand', 'brief.alloy' => '14k-rose']);
    expect($pour->checklist())->not->toContain('arm balanced')->toContain('metal rolling and bright')
        ->and($pour->quench())->toContain('at once')->and(pageOf(Station::Pour, [])->quench())->toBeNull()
        ->and(pageOf(Station::Pour, [])->checklist())->toContain('arm balanced')
        ->and(pageOf(Station::Wax, BAND)->checklist())->toBe([])->and(pageOf(Station::Wax, BAND)->quench())->toBeNull();
});

it('says in a line what each finding is, as its calculation does', function (): void {
    $page = pageOf(Station::Form, ['brief.finger' => 'US 7', 'form.width_top' => '5', 'form.thickness_top' => '0.9']);
    $titles = array_map(static fn ($one): string => $one->toArray()['title'], $page->findings());
    $said = HotSprue\Calculations::describe('form.band')->findings;
    expect($titles)->not->toBe([])->and(array_intersect($titles, $said))->not->toBe([]);
    foreach ($titles as $title) {
        expect($title)->not->toMatch('/^[a-z]+(-[a-z]+)+$/');
    }
});
