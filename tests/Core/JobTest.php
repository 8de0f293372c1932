<?php

declare(strict_types=1);

use HotSprue\Calculations;
use HotSprue\Job\CalculationUse;
use HotSprue\Job\Cautions;
use HotSprue\Job\Change;
use HotSprue\Job\DecisionFields;
use HotSprue\Job\Document;
use HotSprue\Job\Drift;
use HotSprue\Job\InputBindings;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\JobTemplate;
use HotSprue\Job\Kind;
use HotSprue\Job\ReadingFields;
use HotSprue\Job\Source\Changed;
use HotSprue\Job\Source\Collected;
use HotSprue\Job\Source\Column;
use HotSprue\Job\Source\Conditional;
use HotSprue\Job\Source\Decision;
use HotSprue\Job\Source\NamesOfYes;
use HotSprue\Job\Source\Reading;
use HotSprue\Job\Source\Result;
use HotSprue\Job\Source\Source;
use HotSprue\Job\Source\Sum;
use HotSprue\Job\Station;
use HotSprue\Job\SuggestedAssembly;
use HotSprue\Job\TypedChanges;
use HotSprue\Workshop\WorkshopSettings;

/** @param array<string, mixed> $typed */
function document(array $typed): Document
{
    return Document::blank()->with(
        TypedChanges::read(
            array_map(
                static fn (string $path, mixed $to): Change => new Change($path, null, $to), array_keys($typed), $typed,
            ),
            WorkshopSettings::shipped(),
        ),
    );
}

/** @param array<string, mixed> $typed */
function job(array $typed): JobAnswers
{
    return JobAnswers::of(document($typed), WorkshopSettings::shipped());
}

const RING = [
    'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925', 'form.width_top' => '4 mm',
    'form.thickness_top' => '2 mm',
];

/** Everything that a source asks: itself, and what it is made of. @return list<Source> */
function asked(Source $source): array
{
    return [$source, ...match (true) {
        $source instanceof Conditional, $source instanceof Changed => asked($source->source),
        $source instanceof Sum => [...asked($source->first), ...asked($source->second)],
        default => [],
    }];
}

/** @return list<Source> everything that a use asks */
function sourcesOf(CalculationUse $use): array
{
    $sources = [...array_merge(...array_values($use->inputs)), ...array_column($use->conditions, 0)];

    return array_merge(...array_map(asked(...), $sources));
}

it('feeds every calculation only from what there is', function (): void {
    foreach (InputBindings::all() as $name => $use) {
        $known = array_column(Calculations::describe($use->calculation)->inputs, 'name');
        expect(array_diff([...array_keys($use->inputs), ...$use->needs], $known))
            ->toBe([], "{$name} feeds what {$use->calculation} does not take");
        foreach (sourcesOf($use) as $source) {
            $what = $name.': '.$source::class;
            match (true) {
                $source instanceof Decision => expect(DecisionFields::all())->toHaveKey($source->path, message: $what),
                $source instanceof Reading, $source instanceof Column => expect(ReadingFields::of($source->group))
                    ->toHaveKey($source->name, message: $what),
                $source instanceof Collected => expect(
                    array_diff($source->names, array_keys(ReadingFields::of($source->group))),
                )
                    ->toBe([], $what),
                $source instanceof NamesOfYes => expect(
                    array_diff($source->paths, array_keys(DecisionFields::all())),
                )->toBe([], $what),
                $source instanceof Result => expect(InputBindings::all())->toHaveKey($source->use, message: $what)
                    ->and(
                        Calculations::describe(InputBindings::all()[$source->use]->calculation)->result($source->name),
                    )
                    ->not->toBeNull("{$what} {$source->use} {$source->name}"),
                default => null,
            };
        }
    }
});

it('goes in no circle: what a use rests on never rests on it', function (): void {
    $restsOn = [];
    foreach (InputBindings::all() as $name => $use) {
        $results = array_filter(sourcesOf($use), static fn (Source $source): bool => $source instanceof Result);
        $restsOn[$name] = array_values(
            array_unique(array_map(static fn (Source $source): string => $source->use, $results)),
        );
    }
    $settled = [];
    do {
        $before = count($settled);
        foreach ($restsOn as $name => $others) {
            array_diff($others, $settled) !== [] || in_array($name, $settled, true) ?: $settled[] = $name;
        }
    } while (count($settled) > $before);

    expect(array_values(array_diff(array_keys($restsOn), $settled)))->toBe([]);
});

it('reckons a use when it is asked for, with what it rests on and nothing else', function (): void {
    $made = [];
    $count = static function (string $key, Closure $make) use (&$made): HotSprue\Calculation\Answer {
        $answer = $make();
        $made[] = $answer->sheet;

        return $answer;
    };
    $typed = [
        ...RING, 'brief.kind' => 'fabricated', 'parts.0.id' => 'shank', 'joints.0.id' => 'seam',
        'joints.0.parts' => 'shank, shank',
    ];
    $job = JobAnswers::of(document($typed), WorkshopSettings::shipped(), $count);
    // The search for a plan is what takes long: nothing at Form rests on it.
    expect($job->value('form.band', 'mass'))->toBeGreaterThan(0)->and($made)->toBe([]);
    expect($job->value('join.plan', 'fires'))
        ->toEqual(1)->and($job->value('join.plan', 'possible'))->toBe('yes')->and($made)->toBe(['join.plan']);
});

it('reckons one use for each row of a list', function (): void {
    $row = static fn (int $at, string $width, string $depth): array => [
        "stones.{$at}.species" => 'diamond', "stones.{$at}.shape" => 'round', "stones.{$at}.cut" => 'faceted',
        "stones.{$at}.width" => $width, "stones.{$at}.depth" => $depth,
    ];
    $job = job([...$row(0, '6.5 mm', '3.9 mm'), ...$row(1, '3.2 mm', '1.9 mm')]);
    // Workbook 3, a round: 0.0018 × diameter² × depth × specific gravity of diamond 3.52.
    $carats = static fn (float $width, float $depth): float => 0.0018 * $width ** 2 * $depth * 3.52;
    expect($job->value('stone.weight', 'carats'))->toEqualWithDelta(
        $job->ofRow('stones', '0')->value('stone.weight', 'carats'), 1e-12,
    )
        ->and(
            $job->ofRow('stones', '0')
                ->value('stone.weight', 'carats') / $job->ofRow('stones', '1')->value('stone.weight', 'carats'),
        )
        ->toEqualWithDelta($carats(6.5, 3.9) / $carats(3.2, 1.9), 1e-9)
        ->and($job->ofRow('stones', '1')->shownInputs('stone.weight')['width']['path'])->toBe('stones.1.width');
});

it('answers every use at one station, and shows only figures that there are', function (): void {
    $answered = array_merge(...array_map(static fn (Station $station): array => $station->uses(), Station::cases()));
    expect($answered)
        ->toBe(array_keys(InputBindings::all()))->and(count($answered))->toBe(count(array_unique($answered)));
    foreach (Station::cases() as $station) {
        expect($station->plan()->signOff())->not->toBe('')->and($station->label())->not->toBe('');
        foreach ($station->plan()->figures() as $figure) {
            $calculation = InputBindings::all()[$figure->use]->calculation;
            expect(
                Calculations::describe($calculation)->result($figure->result),
            )->not->toBeNull("{$station->value}: {$figure->use} {$figure->result}");
        }
    }
});

it('calls a figure by one name, with no code in it', function (): void {
    $labels = [];
    foreach (Calculations::all() as $calculation) {
        $described = HotSprue\Calculation\Description::of($calculation);
        foreach ([...$described->inputs, ...$described->results] as $figure) {
            $labels["{$described->name} {$figure->name}"] = $figure->label();
        }
    }
    foreach ([
        ...DecisionFields::all(), ...array_merge(...array_map(ReadingFields::of(...), ReadingFields::GROUPS)),
    ] as $field) {
        $labels[$field->name] = $field->label();
    }
    foreach ($labels as $of => $label) {
        expect($label)->toMatch('/^[^_]+$/', $of)->not->toMatch('/\b(us|mm3|deg|pa|per min|percent)\b/', $of);
    }
});

it('makes a decision of the input that it feeds, in the same quantity and the same range', function (): void {
    $apart = ['brief.finger', 'settings.0.style', 'form.rounded'];
    foreach (DecisionFields::all() as $path => $field) {
        $input = InputBindings::fedBy($path);
        if ($input === null || in_array($path, $apart, true)) {
            continue;
        }
        expect(
            [
                $field->quantity, $field->least, $field->most, $field->zero, $field->choices, $field->choicesFrom,
                $field->meaning,
            ],
        )
            ->toBe(
                [
                    $input->quantity, $input->least, $input->most, $input->zero, $input->choices, $input->choicesFrom,
                    $input->meaning,
                ],
                $path,
            );
    }
});

it('holds no decision at a station’s name that leads nowhere', function (): void {
    $fed = [];
    foreach (InputBindings::all() as $use) {
        foreach (sourcesOf($use) as $source) {
            $fed = [...$fed, ...match (true) {
                $source instanceof Decision => [$source->path],
                $source instanceof NamesOfYes => array_values($source->paths),
                $source instanceof Conditional => [$source->by],
                default => [],
            }];
        }
    }
    // Said for people, or read where the job is led and its parts proposed.
    $words = [
        'brief.title', 'brief.note', 'brief.due', 'brief.budget', 'brief.finger_base', 'brief.sizer_width',
        'brief.finger_measured', 'brief.client_metal', 'brief.client_stones', 'wax.wrapped',
    ];
    expect(array_values(array_diff(array_keys(DecisionFields::all()), $fed, $words)))->toBe([]);
});

it('leads a job along its kind, in bench order', function (?string $kind, int $count, Station $second): void {
    $stations = Kind::of(document($kind === null ? [] : ['brief.kind' => $kind]))->stations();
    $order = array_map(
        static fn (Station $station): int => (int) array_search($station, Station::cases(), true), $stations,
    );
    $sorted = $order;
    sort($sorted);
    expect($stations)
        ->toHaveCount($count)->and($stations[0])->toBe(Station::Brief)->and($stations[1])->toBe($second)
        ->and($stations[$count - 1])->toBe(Station::HandOver)->and($order)->toBe($sorted);
})->with(
    [
        [null, 11, Station::Form], ['cast', 11, Station::Form], ['fabricated', 7, Station::Form],
        ['sizing', 6, Station::Sizing],
    ],
);

it('asks at a station for nothing that is said after it', function (string $path, Station $from): void {
    foreach (Station::cases() as $at => $station) {
        expect($station->reaches($path))->toBe(
            $at >= array_search($from, Station::cases(), true), "{$station->value} {$path}",
        );
    }
})->with(
    [
        ['form.width_top', Station::Form], ['cuts.0.length', Station::Form], ['sizing.from', Station::Sizing],
        ['attempts.0.bore', Station::Wax], ['castings.0.bore', Station::Pour], ['joints.0.gap', Station::Join],
        ['parts.0.id', Station::Join], ['finish.grits', Station::Finish], ['handover.mark', Station::HandOver],
    ],
);

it('reckons only what a job has chosen', function (array $typed, array $there, array $not): void {
    $job = job([...RING, ...$typed]);
    $answers = array_filter(array_combine($job->uses(), array_map($job->answer(...), $job->uses())));
    foreach ($there as $use) {
        expect($answers)->toHaveKey($use);
    }
    foreach ($not as $use) {
        expect($answers)->not->toHaveKey($use);
    }
})->with([
    'a cast band' => [
        [], ['form.band', 'wax.dimensions', 'finish.plan', 'care.advice'],
        ['strip.length', 'size.change', 'join.plan', 'set.sequence', 'tools.list', 'hand.over', 'inlay.fit'],
    ],
    'made by hand' => [
        ['brief.kind' => 'fabricated'], ['strip.length', 'anneal.bend'], ['size.change', 'anneal.passes', 'plate.cut'],
    ],
    'made by hand, never cast' => [
        ['brief.kind' => 'fabricated'], ['form.band'],
        ['wax.dimensions', 'sprue.size', 'investment.mix', 'metal.charge', 'pour.fill', 'burnout.core', 'cast.check'],
    ],
    'of metal clay, never cast' => [
        ['wax.process' => 'clay'], ['form.band', 'wax.dimensions'],
        [
            'blank.choose', 'layout.grid', 'sprue.size', 'flask.choose', 'investment.mix', 'burnout.programme',
            'burnout.core', 'pour.fill', 'metal.charge',
        ],
    ],
    'a ring to be sized' => [
        ['brief.kind' => 'sizing', 'sizing.from' => 'US 6', 'sizing.width' => '3', 'sizing.thickness' => '2'],
        ['size.change'], ['strip.length'],
    ],
    'with a stone' => [
        [
            'stones.0.species' => 'ruby', 'stones.0.shape' => 'round', 'stones.0.width' => '3',
            'settings.0.style' => 'claws',
        ],
        ['set.sequence', 'tools.list', 'care.finish'], ['join.plan'],
    ],
    'parts without joints' => [['parts.0.id' => 'a'], [], ['join.plan']],
    'parts and joints' => [['parts.0.id' => 'a', 'joints.0.id' => 'x', 'joints.0.parts' => 'a, a'], ['join.plan'], []],
    'weighed for the last time' => [['handover.piece_mass' => '5'], ['hand.over'], []],
]);

it('takes the claws for the pushing order, until another count is said', function (): void {
    $stone = [
        'stones.0.species' => 'ruby', 'stones.0.shape' => 'round', 'stones.0.width' => '5',
        'settings.0.style' => 'claws', 'settings.0.claws' => '6',
    ];
    expect(job([...RING, ...$stone])->value('set.sequence', 'steps'))
        ->toEqual(6)->and(job([...RING, ...$stone, 'set.count' => '5'])->value('set.sequence', 'steps'))->toEqual(5)
        ->and(job([...RING, ...$stone, 'settings.0.style' => 'bezel'])->value('set.sequence', 'steps'))->toEqual(12)
        ->and(job([...RING, ...$stone, 'settings.0.style' => 'bezel', 'stones.0.width' => '4'])
            ->value('set.sequence', 'steps'))->toEqual(8);
});

it('judges in the fire only the stones that are in it', function (): void {
    $rows = [
        ...RING, 'stones.0.species' => 'opal', 'stones.1.species' => 'diamond', 'stones.1.in_fire' => true,
        'parts.0.id' => 'a', 'joints.0.id' => 'x', 'joints.0.parts' => 'a, a',
    ];
    $codes = static fn (array $typed): array => array_map(
        static fn ($finding): string => $finding->code, job($typed)->answer('join.plan')->findings,
    );
    expect($codes($rows))->toContain('heat-with-care')->not->toContain('heat-harms-stone')
        ->and($codes([...$rows, 'stones.0.in_fire' => true]))->toContain('heat-harms-stone');
});

it('knows on every kind of job the stones that are set, and old work for old work', function (): void {
    $joints = [
        'parts.0.id' => 'ring', 'parts.1.id' => 'insert', 'joints.0.id' => 'x', 'joints.0.parts' => 'ring, insert',
    ];
    $sizing = [
        ...RING, ...$joints, 'brief.kind' => 'sizing', 'sizing.from' => 'US 6', 'sizing.width' => '3',
        'sizing.thickness' => '2', 'sizing.stones' => '13', 'sizing.stones_in' => 'head',
    ];
    $codes = static fn (array $typed, string $use): array => array_map(
        static fn ($finding): string => $finding->code, job($typed)->answer($use)->findings,
    );
    expect($codes($sizing, 'join.plan'))->toContain('stones-unknown')->toContain('old-work-unasked')
        ->and($codes($sizing, 'size.change'))->toContain('stones-unknown');
    $known = [...$sizing, 'stones.0.species' => 'sapphire', 'stones.0.count' => '13', 'sizing.old_solder' => 'clean'];
    expect($codes($known, 'join.plan'))
        ->toContain('boron-on-corundum')->not->toContain('stones-unknown')->not->toContain('old-work-unasked')
        ->and(job($known)->answer('join.plan')->value('heats')[0]['coat'])->toContain('none with boron')
        // It is old work, whatever is ticked.
        ->and($codes([...$sizing, 'join.old_work' => false], 'join.plan'))->toContain('old-work-unasked');
});

it('says nickel where the metal is chosen', function (): void {
    expect(implode(' ', Cautions::at(Station::Brief, null, true)))
        ->toContain('Nickel')->and(Cautions::at(Station::Brief, null))->toBe([]);
});

it('takes the stones’ estimate for their weight until they are weighed', function (): void {
    $stone = [
        ...RING, 'stones.0.species' => 'diamond', 'stones.0.shape' => 'round', 'stones.0.width' => '5',
        'stones.0.depth' => '3', 'handover.piece_mass' => '6 g',
    ];
    // 0.0018 × 5 × 5 × 3 × 3.52 carats.
    $carats = 0.0018 * 75 * 3.52;
    expect(job($stone)->value('hand.over', 'metal_mass'))->toEqualWithDelta(6 - 0.2 * $carats, 1e-6)
        ->and(job([...$stone, 'handover.stones_carats' => '0.5'])->value('hand.over', 'metal_mass'))
        ->toEqualWithDelta(5.9, 1e-9);
});

it('says of a plan that cannot be read what is wrong, and of the job the rest', function (): void {
    $reckoned = job([...RING, 'parts.0.id' => 'a', 'joints.0.id' => 'x', 'joints.0.parts' => 'a, b']);
    expect($reckoned->errors('join.plan')['joints'][0])->toContain('b is not here')
        ->and($reckoned->answer('form.band'))->not->toBeNull()->and($reckoned->answer('join.plan'))->toBeNull();
});

it('keeps a station’s figures as they were signed, lists left out', function (): void {
    $reckoned = job([...RING, 'parts.0.id' => 'a', 'joints.0.id' => 'x', 'joints.0.parts' => 'a, a']);
    $copy = Drift::copy(Station::Join, $reckoned);
    expect($copy['join.plan']['fires']['value'])->toEqual(1)->and($copy['join.plan'])->not->toHaveKey('heats');
});

it('warns at every station of the bench, once and in few words', function (Station $station): void {
    $cautions = Cautions::at($station, null);
    expect($cautions)->not->toBe([])->and(count($cautions))->toBeLessThanOrEqual(5);
    foreach ($cautions as $caution) {
        expect(str_word_count($caution))->toBeLessThanOrEqual(32, $caution);
    }
})->with([[Station::Form], [Station::Sizing], [Station::Join], [Station::Set], [Station::Finish], [Station::HandOver]]);

it('names lead, cadmium, mercury, vents, acids and rhodium where they are met', function (
    Station $station, string $word,
): void {
    expect(implode(' ', Cautions::at($station, null)))->toContain($word);
})->with(
    [
        [Station::Sizing, 'lead'], [Station::Join, 'admium-free'], [Station::Join, 'mercury'], [Station::Join, 'vent'],
        [Station::Join, 'cid to water'], [Station::Join, 'oric acid'], [Station::Finish, 'hodium'],
        [Station::Finish, 'poisonous gas'], [Station::Finish, 'sleeves'], [Station::HandOver, 'assay office'],
        [Station::Set, 'Laser'],
    ],
);

it('proposes nothing that its own plan refuses', function (array $typed): void {
    $document = document([...RING, ...$typed]);
    $proposed = SuggestedAssembly::of($document, JobAnswers::of($document, WorkshopSettings::shipped()));
    $rows = [];
    foreach ($proposed as $group => $list) {
        foreach ($list as $at => $row) {
            foreach ($row as $name => $to) {
                $rows["{$group}.{$at}.{$name}"] = $to;
            }
        }
    }
    expect(job([...RING, ...$typed, ...$rows])->value('join.plan', 'possible'))->toBe('yes');
})->with([
    [['brief.kind' => 'fabricated']],
    [
        [
            'brief.kind' => 'fabricated', 'stones.0.shape' => 'round', 'stones.0.width' => '5',
            'settings.0.style' => 'claws',
        ],
    ],
    [
        [
            'settings.0.style' => 'bezel', 'settings.0.made' => 'apart', 'stones.0.shape' => 'oval',
            'stones.0.width' => '5', 'stones.0.length' => '7', 'stones.1.group' => 'shoulders',
        ],
    ],
    [['brief.kind' => 'sizing', 'sizing.from' => 'US 3', 'sizing.width' => '3', 'sizing.thickness' => '2']],
]);

it('copies of a job what is a plan, not what was seen', function (): void {
    $changes = JobTemplate::of(
        document(
            [
                ...RING, 'brief.due' => '2027-01-01', 'handover.mark' => 'struck', 'joints.0.id' => 'x',
                'joints.0.gap' => '0.1', 'cuts.0.length' => '12', 'attempts.0.bore' => '17',
            ],
        ),
    );
    expect(array_map(static fn (Change $change): string => $change->path, $changes))->toEqualCanonicalizing(
        ['brief.alloy', 'brief.finger', 'form.thickness_top', 'form.width_top', 'cuts.0.length', 'joints.0.id'],
    );
});

it('leaves no question open that is not of the job', function (array $typed): void {
    $reckoned = job([...RING, ...$typed]);
    $asked = array_filter(
        $reckoned->uses(),
        static fn (string $use): bool => ($reckoned->wants($use) !== [] || $reckoned->errors($use) !== [])
            && preg_match('/^(metal|pour|burnout|sprue|flask|investment|spin|cast|blank)\\./', $use) === 1,
    );
    expect($asked)->toBe([]);
})->with(
    [
        [['brief.kind' => 'fabricated']],
        [['brief.kind' => 'sizing', 'sizing.from' => 'US 6', 'sizing.width' => '3', 'sizing.thickness' => '2']],
        [['wax.process' => 'clay']],
    ],
);

it('passes a ring of metal clay by the casting stations', function (): void {
    $stations = Kind::of(document([...RING, 'wax.process' => 'clay']))->stations();
    expect($stations)
        ->not->toContain(Station::Tree)->not->toContain(Station::Burnout)->not->toContain(Station::Pour)
        ->toContain(Station::Wax)->toContain(Station::Form);
});
