<?php

declare(strict_types=1);

use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\Drift;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\JobTemplate;
use HotSprue\Job\JointOrder;
use HotSprue\Job\PartNames;
use HotSprue\Job\SettingRow;
use HotSprue\Job\SettingUpgrade;
use HotSprue\Job\Station;
use HotSprue\Job\StationPage;
use HotSprue\Job\SuggestedAssembly;
use HotSprue\Job\TypedChanges;
use HotSprue\Workshop\WorkshopSettings;

it('gives every stone its own seat', function (): void {
    $piece = pieceWith(sixTubes());
    foreach (SIX as $at => [, $width]) {
        $alone = reckon('seat.bezel', [
            'shape' => 'round', 'width' => $width, 'depth' => 0.6 * $width, 'made_from' => 'tube',
            'alloy' => '14k-yellow',
        ]);
        expect($piece->value("seat.tube@{$at}", 'tube'))->toBe($alone->value('tube'))
            ->and($piece->value("seat.tube@{$at}", 'volume_mm3'))->toEqualWithDelta($alone->num('volume_mm3'), 1e-12);
    }
    expect(pieceWith(sixTubes(), '4')->value('stone.outline', 'box_width'))->toEqualWithDelta(2.5, 1e-9)
        ->and($piece->answer('seat.tube@nobody'))->toBeNull();
});

it('adds up carats, metal and minutes of all settings', function (): void {
    $piece = pieceWith(sixTubes());
    $volumes = array_map(
        static fn (int $at): float => (float) $piece->value("seat.tube@{$at}", 'volume_mm3'), array_keys(SIX),
    );
    // 14k yellow is 13.1; a stone in a bezel takes half an hour.
    expect($piece->value('settings.total', 'carats'))->toEqualWithDelta(0.70, 1e-9)
        ->and($piece->value('settings.total', 'stones_mass'))->toEqualWithDelta(0.14, 1e-9)
        ->and($piece->value('settings.total', 'metal_mass'))->toEqualWithDelta(array_sum($volumes) * 0.0131, 1e-9)
        ->and($piece->value('settings.total', 'apart_mass'))->toEqualWithDelta(array_sum($volumes) * 0.0131, 1e-9)
        ->and($piece->value('settings.total', 'minutes'))->toEqualWithDelta(180, 1e-9)
        ->and($piece->value('form.band', 'ring_volume_mm3') - $piece->value('form.band', 'volume_mm3'))
        ->toEqualWithDelta(array_sum($volumes), 1e-9)
        ->and($piece->value('wax.pattern', 'ring_volume_mm3'))
        ->toEqualWithDelta($piece->value('wax.pattern', 'volume_mm3'), 1e-9);
});

it('casts what is cast with the ring, and what is of another alloy weighs by itself', function (): void {
    $bezels = [
        'stones.0.shape' => 'round', 'stones.0.width' => '4', 'settings.0.style' => 'bezel',
        'stones.1.shape' => 'round', 'stones.1.width' => '6', 'settings.1.style' => 'bezel',
    ];
    $both = pieceWith($bezels);
    $one = pieceWith([...$bezels, 'settings.1.made' => 'apart', 'settings.1.alloy' => 'sterling-925']);
    $wax = static fn (JobAnswers $job): float => (float) $job->value('wax.pattern', 'ring_volume_mm3')
        - (float) $job->value('wax.pattern', 'volume_mm3');
    $cut = static fn (JobAnswers $job, int $at): float => (float) $job->value("seat.bezel@{$at}", 'wax_volume_mm3');
    expect($wax($both))->toEqualWithDelta($cut($both, 0) + $cut($both, 1), 1e-9)
        ->and($wax($one))->toEqualWithDelta($cut($one, 0), 1e-9)
        // Sterling is 10.36, 14k yellow 13.1.
        ->and($one->value('settings.total', 'metal_mass'))->toEqualWithDelta(
            (float) $one->value('seat.bezel@0', 'volume_mm3') * 0.0131
                + (float) $one->value('seat.bezel@1', 'volume_mm3') * 0.01036, 1e-9,
        )
        // The wider head alone decides how far heads reach.
        ->and($both->input('blank.choose')?->num('head_across'))
        ->toEqualWithDelta((float) $both->value('seat.bezel@1', 'outside_width_in_wax'), 1e-9)
        ->and($one->input('blank.choose')?->num('head_across'))
        ->toEqualWithDelta((float) $one->value('seat.bezel@0', 'outside_width_in_wax'), 1e-9);
});

it('makes each setting as such a setting is made, until it is said otherwise', function (
    string $kind, string $style, string $made,
): void {
    $piece = pieceWith(['brief.kind' => $kind, 'settings.0.style' => $style]);
    expect($piece->setting()->made())->toBe($made)
        ->and(pieceWith(['settings.0.style' => $style, 'settings.0.made' => 'bought'])->setting()->made())
        ->toBe('bought');
})->with([
    ['cast', 'bezel', 'cast'], ['cast', 'claws', 'cast'], ['cast', 'tube', 'apart'], ['cast', 'flush', 'carved'],
    ['cast', 'channel', 'carved'], ['fabricated', 'bezel', 'apart'], ['fabricated', 'bead', 'carved'],
]);

it('takes the stones out of a wax that was weighed with them in, by what they weigh', function (): void {
    $wax = ['attempts.0.wax_mass' => '1.2 g', 'attempts.0.weighed' => 'pattern', 'attempts.0.stones_in_wax' => 'true'];
    // 0.70 ct is 0.14 g; weighed apart, that wins.
    expect(
        pieceWith([...sixTubes(), ...$wax])->input('metal.charge')?->num('stones_mass'),
    )->toEqualWithDelta(0.14, 1e-9)
        ->and(pieceWith([...sixTubes(), ...$wax, 'attempts.0.stones_mass' => '0.2 g'])->input('metal.charge')
            ?->num('stones_mass'))->toEqualWithDelta(0.2, 1e-9)
        ->and(pieceWith([...sixTubes(), ...$wax, 'attempts.0.stones_in_wax' => 'false'])->input('metal.charge')
            ?->num('stones_mass'))->toEqual(0);
});

it('knows which stone each setting holds', function (array $typed, array $held): void {
    $stones = ['stones.0.name' => 'a', 'stones.1.name' => 'b', 'stones.2.name' => 'c'];
    expect(SettingRow::heldBy(typedDocument([...$stones, ...$typed])))->toBe($held);
})->with([
    'unsaid: each the next' => [['settings.0.style' => 'bezel', 'settings.1.style' => 'bezel'], [0 => 0, 1 => 1]],
    'one named, the other takes what is left' => [
        ['settings.0.style' => 'bezel', 'settings.1.stone' => '0'], [1 => 0, 0 => 1],
    ],
    'a stone that is gone holds nothing' => [['settings.0.stone' => '9', 'settings.1.style' => 'bezel'], [1 => 0]],
    'what a group holds besides is taken' => [
        ['settings.0.stone' => '0', 'settings.0.also' => '1', 'settings.1.style' => 'bezel'], [0 => 0, 1 => 2],
    ],
    'more settings than stones' => [
        [
            'settings.0.style' => 'bezel', 'settings.1.style' => 'bezel', 'settings.2.style' => 'bezel',
            'settings.3.style' => 'bezel',
        ],
        [0 => 0, 1 => 1, 2 => 2],
    ],
]);

it('counts a group as it is laid out, and weighs as many', function (): void {
    $halo = pieceWith([
        'stones.0.shape' => 'round', 'stones.0.width' => '6.5', 'stones.0.depth' => '4', 'stones.0.species' => 'spinel',
        'stones.1.shape' => 'round', 'stones.1.width' => '1.3', 'stones.1.depth' => '0.8',
        'stones.1.species' => 'diamond', 'settings.0.style' => 'bezel', 'settings.1.holds' => 'halo',
        'settings.1.style' => 'bead',
    ]);
    // The workbook's eighteen round 6.5; 0.0018 × 1.3² × 0.8 × 3.52 each.
    $each = 0.0018 * 1.69 * 0.8 * 3.52;
    expect($halo->value('layout.halo@1', 'count'))->toEqual(18)
        ->and($halo->value('settings.total', 'stones'))->toEqual(19)
        ->and($halo->value('settings.total', 'carats'))
        ->toEqualWithDelta(0.0018 * 42.25 * 4 * 3.60 + 18 * $each, 1e-9)
        ->and($halo->value('settings.total', 'minutes'))->toEqualWithDelta(30 + 18 * 15, 1e-9);
});

it('measures along the band and to its neighbours', function (): void {
    $others = [['name' => 'far', 'shape' => 'round', 'width' => 2, 'outside' => 0.5, 'angle' => 60]];
    $near = ['name' => 'near', 'shape' => 'round', 'width' => 2, 'outside' => 0.5, 'angle' => -30, 'across' => 3];
    $answer = reckon('setting.place', [
        'shape' => 'round', 'width' => 3, 'outside' => 0.4, 'angle' => 20, 'across' => -1, 'outer_diameter' => 22,
        'inner_diameter' => 18, 'band_width' => 8, 'hole' => 0.4, 'others' => [...$others, $near],
    ]);
    expect($answer->num('along'))->toEqualWithDelta(20 * M_PI / 180 * 11, 1e-9)
        ->and($answer->num('edge_left'))->toEqualWithDelta(4 - 1 - 1.9, 1e-9)
        ->and($answer->num('opening'))->toEqualWithDelta(1.2, 1e-9)
        ->and($answer->value('nearest'))->toBe('far')
        // 40° apart: 22 sin 20° along, 1 across; halves of 1.9 and 1.5.
        ->and($answer->num('least_gap'))->toEqualWithDelta(hypot(22 * sin(deg2rad(20)), 1) - 3.4, 1e-9)
        // At the finger 18 sin 20°, and holes of 0.4 × (3 + 2) ÷ 2.
        ->and($answer->num('bridge'))->toEqualWithDelta(hypot(18 * sin(deg2rad(20)), 1) - 1.0, 1e-9);
});

it('says how far the culet stays from the finger', function (): void {
    // 2 of band, 1.7 from foot to girdle, a pavilion of 0.43 × 3.
    $place = reckon('setting.place', [
        'shape' => 'round', 'width' => 3, 'girdle' => 1.7, 'height' => 0.2, 'outer_diameter' => 21.4,
        'inner_diameter' => 17.4,
    ]);
    expect($place->num('culet_over_finger'))->toEqualWithDelta(2 + 0.2 + 1.7 - 1.29, 1e-9)
        ->and(pieceWith(sixTubes())->value('setting.place@0', 'culet_over_finger'))
        // A collet's seat is its pavilion and 0.4: that much, and the band's 2.2.
        ->toEqualWithDelta(2.6, 1e-9);
});

it('turns a setting on itself', function (float $turn, float $edge): void {
    $answer = reckon('setting.place', [
        'shape' => 'oval', 'length' => 8, 'width' => 6, 'turn' => $turn, 'outer_diameter' => 22, 'band_width' => 10,
    ]);
    expect($answer->num('edge_left'))->toEqualWithDelta($edge, 1e-9);
    // An ellipse of 8 × 6 turned by 30° reaches √(4² cos² + 3² sin²).
})->with([[0, 1.0], [90, 2.0], [-90, 2.0], [30, 5 - sqrt(16 * 0.75 + 9 * 0.25)]]);

it('lays on the wax what is cut into the band, at its place', function (): void {
    $grid = pieceWith([
        'stones.0.shape' => 'round', 'stones.0.width' => '2', 'settings.0.style' => 'flush',
        'settings.0.angle' => '-40',
        'settings.0.across' => '1.5', 'stones.1.shape' => 'round', 'stones.1.width' => '5',
        'settings.1.style' => 'bezel',
        'stones.2.shape' => 'round', 'stones.2.width' => '1.5', 'settings.2.style' => 'shared',
        'settings.2.holds' => 'row', 'settings.2.count' => '3', 'settings.2.angle' => '30',
    ]);
    $stones = $grid->input('layout.grid')?->rows('stones') ?? [];
    $radius = (float) $grid->value('form.band', 'outer_diameter_top') / 2;
    expect($stones)->toHaveCount(4)
        ->and($stones[0]['along'])->toEqualWithDelta(-40 * M_PI / 180 * $radius, 1e-9)
        ->and($stones[0]['across'])->toEqual(1.5)
        ->and($stones[2]['along'])->toEqualWithDelta(30 * M_PI / 180 * $radius, 1e-6);
});

it('says of which setting each finding is, and in which order they are worst', function (): void {
    $piece = pieceWith([...sixTubes(), 'settings.1.angle' => '-58']);
    $page = new StationPage(Station::Stones, $piece);
    $overlap = array_values(array_filter(
        array_map(static fn ($one): array => $one->toArray(), $page->findings()),
        static fn (array $one): bool => $one['code'] === 'settings-overlap',
    ));
    expect(array_column($overlap, 'of'))->toEqualCanonicalizing(['the garnet', 'the spinel'])
        ->and(array_column($overlap, 'path'))->toEqualCanonicalizing(['settings.0.angle', 'settings.1.angle'])
        ->and(array_column($page->settings(), 'worst'))->toBe(['stop', 'stop', null, null, null, null])
        ->and(array_column($page->settings(), 'name')[3])->toBe('the peridot');
});

it('proposes parts and joints of all settings made apart, and they can be soldered', function (): void {
    $document = typedDocument([
        'brief.finger' => '17.4 mm diameter', 'brief.alloy' => '14k-yellow', 'form.width_top' => '6.5',
        'form.thickness_top' => '2.2', 'brief.kind' => 'fabricated', ...sixTubes(), 'settings.5.alloy' => '18k-yellow',
    ]);
    $answers = JobAnswers::of($document, WorkshopSettings::shipped());
    $proposed = SuggestedAssembly::of($document, $answers);
    $parts = array_column($proposed['parts'], null, 'id');
    $mass = (float) $answers->value('seat.tube@0', 'volume_mm3') * 0.0131;
    expect(array_keys($parts))->toHaveCount(7)
        ->and((float) $parts['the garnet']['mass'])->toEqualWithDelta($mass, 6e-4)
        ->and($parts['the iolite']['alloy'])->toBe('18k-yellow')
        ->and(array_column($proposed['joints'], 'id'))->toContain('the peridot on shank');
    foreach ($proposed as $group => $rows) {
        foreach ($rows as $at => $row) {
            foreach ($row as $name => $to) {
                $changes[] = new Change("{$group}.{$at}.{$name}", null, $to);
            }
        }
    }
    $joined = JobAnswers::of(
        $document->with(TypedChanges::read($changes ?? [], WorkshopSettings::shipped())), WorkshopSettings::shipped(),
    );
    expect($joined->value('join.plan', 'possible'))->toBe('yes')
        // The seam of the shank, and all tubes together.
        ->and($joined->value('join.plan', 'fires'))->toEqual(2);
});

it('stands a collet on the part beside which it sits', function (): void {
    $typed = [
        'stones.0.shape' => 'oval', 'stones.0.width' => '7', 'stones.0.length' => '9', 'settings.0.style' => 'claws',
        'settings.0.made' => 'apart', 'settings.0.name' => 'centre', 'stones.1.shape' => 'round',
        'stones.1.width' => '2', 'settings.1.style' => 'shared-claws', 'settings.1.holds' => 'cluster',
        'settings.1.made' => 'apart', 'settings.1.name' => 'ring', 'settings.1.edge_gap' => '0.9',
    ];
    $piece = pieceWith($typed);
    $joints = array_column(SuggestedAssembly::of($piece->document, $piece)['joints'], null, 'id');
    expect($joints['ring on centre']['parts'])->toBe('centre, ring')
        ->and($joints['ring on centre']['after'])->toBe('claws in ring')
        ->and($joints)->toHaveKeys(['claws in centre', 'centre on shank']);
});

it('cuts stock for every setting made apart, and asks whether the old metal reaches', function (): void {
    $piece = pieceWith([
        'brief.kind' => 'fabricated', ...sixTubes(), 'settings.5.style' => 'bezel', 'settings.4.style' => 'claws',
        'settings.4.made' => 'apart', 'form.old_mass' => '4 g',
    ]);
    $pieces = array_column($piece->value('settings.cut', 'pieces'), null, 'name');
    expect($pieces['the iolite']['kind'])->toBe('strip')
        // To spare on every cut: half a millimetre.
        ->and($pieces['the iolite']['length_mm'])
        ->toEqualWithDelta((float) $piece->value('seat.bezel@5', 'strip_length') + 0.5, 1e-9)
        ->and($pieces['the topaz']['kind'])->toBe('wire')->and($pieces['the topaz']['count'])->toBe(4)
        ->and($pieces['the garnet']['kind'])->toBe('tube')
        ->and($piece->value('settings.cut', 'needed_mass'))->toEqualWithDelta(
            ((float) $piece->value('strip.length', 'mass')
                + (float) $piece->value('settings.cut', 'pieces_mass')) / 0.95, 1e-9,
        )
        ->and($piece->answer('settings.cut')?->finding('metal-short'))->not->toBeNull();
});

it('brings an earlier job up: each figure where its setting has it, and the same answers', function (): void {
    $kept = json_decode((string) file_get_contents(dirname(__DIR__).'/samples/job-v4.json'), true);
    $document = Document::stored($kept['document']);
    $answers = JobAnswers::of($document, WorkshopSettings::shipped());
    expect($document->at('settings.0.style')['value'])->toBe('claws')
        ->and($document->at('settings.halo.stone_diameter')['value'])->toEqual(1.5)
        ->and($document->at('settings.halo.holds')['value'])->toBe('halo')
        ->and($document->entry('stones.setting'))->toBeNull()
        ->and($document->list('overrides')[0]['use'])->toBe('layout.halo@halo');
    foreach ($kept['answers'] as $use => $results) {
        foreach ($results as $name => $value) {
            expect($answers->value($use, $name))->toEqualWithDelta($value, 1e-9, "{$use} {$name}");
        }
    }
    $signed = $document->map('stations')['form']['signed'];
    expect(Drift::since($signed, $answers))->toBe([]);
});

it('puts what was cut into the band with its row into one setting', function (): void {
    $decision = static fn (mixed $value): array => ['value' => $value, 'typed' => (string) $value];
    $four = ['version' => 4, 'decisions' => [
        'stones.setting' => $decision('shared'), 'stones.row_count' => $decision(5),
        'stones.row_largest' => $decision(2.8), 'stones.head_soldered' => $decision(true),
    ], 'stones' => [
        ['key' => '0', 'group' => $decision('centre')], ['key' => 'k2', 'group' => $decision('shoulders')],
    ]];
    $rows = Document::stored($four)->list('settings');
    expect($rows)->toHaveCount(1)->and($rows[0]['key'])->toBe('row')
        ->and($rows[0]['style']['value'])->toBe('shared')->and($rows[0]['stone']['value'])->toBe('0')
        ->and($rows[0]['also']['value'])->toBe(['k2'])->and($rows[0]['count']['value'])->toBe(5);
});

it('finds an earlier change where its figure stands now', function (): void {
    $change = static fn (string $path, mixed $to): array => SettingUpgrade::change(
        ['path' => $path, 'from' => null, 'to' => ['value' => $to, 'typed' => json_encode($to)]],
    );
    expect($change('stones.wall', 0.5)['path'])->toBe('settings.0.wall')
        ->and($change('stones.head_soldered', true))->toMatchArray(
            ['path' => 'settings.0.made', 'to' => ['value' => 'apart', 'typed' => 'apart']],
        )
        ->and($change('form.width_top', 4)['path'])->toBe('form.width_top');
});

it('copies to a job like it how its settings are made, not which stones they held', function (): void {
    $changes = JobTemplate::of(typedDocument([
        'settings.k7.style' => 'tube', 'settings.k7.stone' => '0', 'settings.k8.beside' => 'k7', 'stones.0.name' => 'a',
    ]));
    expect(array_map(static fn (Change $change): string => $change->path, $changes))
        ->toEqualCanonicalizing(['settings.k7.style', 'settings.k8.beside']);
});

it('carries joints along with the parts and joints that they name', function (): void {
    $document = typedDocument([
        'parts.0.id' => 'shank', 'parts.1.id' => 'collet', 'joints.0.id' => 'seam', 'joints.0.parts' => 'shank, shank',
        'joints.1.id' => 'foot', 'joints.1.parts' => 'shank, collet', 'joints.1.after' => 'seam',
    ]);
    $named = static fn (string $to): array => ['value' => $to, 'typed' => $to];
    $rename = [new Change('parts.1.id', $document->at('parts.1.id'), $named('tube'))];
    $renamed = $document->with([...$rename, ...PartNames::carried($document, $rename)]);
    expect($renamed->at('joints.1.parts'))->toBe(['value' => ['shank', 'tube'], 'typed' => 'shank, tube']);
    $again = [new Change('joints.0.id', $renamed->at('joints.0.id'), $named('shank seam'))];
    $renamed = $renamed->with([...$again, ...PartNames::carried($renamed, $again)]);
    expect($renamed->at('joints.1.after')['value'])->toBe(['shank seam']);
    $out = [new Change('parts.1', $renamed->at('parts.1'), null, 1)];
    $without = $renamed->with([...$out, ...PartNames::carried($renamed, $out)]);
    expect($without->list('joints'))
        ->toHaveCount(1)->and($without->list('joints')[0]['id']['value'])->toBe('shank seam');
    $seam = [new Change('joints.0', $renamed->at('joints.0'), null, 0)];
    $unsealed = $renamed->with([...$seam, ...PartNames::carried($renamed, $seam)]);
    expect($unsealed->at('joints.1.after'))->toBeNull();
});

it('refuses an order in which a joint comes before the one it waits for', function (): void {
    $typed = [
        'parts.0.id' => 'a', 'joints.0.id' => 'seam', 'joints.0.parts' => 'a, a', 'joints.1.id' => 'foot',
        'joints.1.parts' => 'a, a', 'joints.1.after' => 'seam',
    ];
    JointOrder::mustKeepWaits(typedDocument([...$typed, 'join.order' => 'seam, foot']));
    expect(fn () => JointOrder::mustKeepWaits(typedDocument([...$typed, 'join.order' => 'foot, seam'])))
        ->toThrow(BadInput::class, '“foot” waits for “seam”');
});

it('lists the tools of every seat, each by its own style and size', function (): void {
    $piece = pieceWith([
        'stones.0.shape' => 'round', 'stones.0.width' => '3', 'settings.0.style' => 'flush', 'settings.0.name' => 'one',
        'stones.1.shape' => 'round', 'stones.1.width' => '6', 'settings.1.style' => 'claws', 'settings.1.name' => 'two',
    ]);
    $tools = [];
    foreach ($piece->value('tools.list', 'tools') as $tool) {
        $tools["{$tool['kind']} {$tool['size']}"] = $tool['for'];
    }
    // Bearing bur 95 % of 3.0; a cup bur of the claw wire of a 6.0 stone, 1.0.
    expect($tools['bearing-bur 2.85'])->toBe('one')->and($tools['cup-bur 1'])->toBe('two')
        ->and($tools)->toHaveKey('flush-burnisher ')->toHaveKey('claw-pusher ');
});
