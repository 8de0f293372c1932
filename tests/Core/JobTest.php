<?php

declare(strict_types=1);

use HotSprue\Calculations;
use HotSprue\Job\Cautions;
use HotSprue\Job\Change;
use HotSprue\Job\DecisionFields;
use HotSprue\Job\Document;
use HotSprue\Job\Drift;
use HotSprue\Job\InFlask;
use HotSprue\Job\InputBindings;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\JobCalculator;
use HotSprue\Job\JobTemplate;
use HotSprue\Job\Kind;
use HotSprue\Job\ReadingFields;
use HotSprue\Job\Source;
use HotSprue\Job\Station;
use HotSprue\Job\SuggestedAssembly;
use HotSprue\Job\Surroundings;
use HotSprue\Workshop\WorkshopSettings;

/** @param array<string, mixed> $typed */
function document(array $typed): Document
{
    return Document::blank()->with(Document::understood(array_map(static fn (string $path, mixed $to): Change => new Change($path, null, $to), array_keys($typed), $typed), WorkshopSettings::shipped()));
}

/** @param array<string, mixed> $typed */
function job(array $typed): JobAnswers
{
    return JobCalculator::reckon(document($typed), WorkshopSettings::shipped());
}

const RING = ['brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925', 'form.width_top' => '4 mm', 'form.thickness_top' => '2 mm'];

/** Everything that a source asks, itself and what is added to it. @return list<Source> */
function asked(Source $source): array
{
    return [$source, ...($source->plus === null ? [] : asked($source->plus))];
}

it('feeds every sheet only from what there is, and from uses that were reckoned before', function (): void {
    $before = [];
    foreach (InputBindings::table() as $use => ['sheet' => $sheet, 'inputs' => $inputs, 'when' => $when]) {
        $known = array_column(Calculations::describe($sheet)->inputs, 'name');
        $sources = array_merge(...array_values($inputs), ...[array_column($when, 0)]);
        expect(array_diff(array_keys($inputs), $known))->toBe([], "{$use} feeds what {$sheet} does not take");
        foreach (array_merge(...array_map(asked(...), $sources)) as $source) {
            $what = "{$use}: {$source->kind} {$source->name} {$source->result}";
            match ($source->kind) {
                'decision' => expect(DecisionFields::all())->toHaveKey($source->name, message: $what),
                'reading', 'picked' => expect(ReadingFields::of($source->name))->toHaveKey($source->result, message: $what),
                'collected' => expect(array_diff(array_keys($source->flags), array_keys(ReadingFields::of($source->name))))->toBe([], $what),
                'flags' => expect(array_diff($source->flags, array_keys(DecisionFields::all())))->toBe([], $what),
                'result' => expect($before)->toContain($source->name)->and(Calculations::describe(InputBindings::table()[$source->name]['sheet'])->result($source->result))->not->toBeNull($what),
                'flask' => expect(property_exists(InFlask::class, $source->name))->toBeTrue($what),
                'around' => expect(property_exists(Surroundings::class, $source->name))->toBeTrue($what),
                default => expect($source->kind)->toBeIn(['fixed', 'yes']),
            };
        }
        $before[] = $use;
    }
});

it('answers every use at one station, and shows only figures that there are', function (): void {
    $answered = array_merge(...array_map(static fn (Station $station): array => $station->uses(), Station::cases()));
    expect(array_values(array_diff($answered, array_keys(InputBindings::table()))))->toBe([])->and(count($answered))->toBe(count(array_unique($answered)))
        ->and(array_values(array_diff(array_keys(InputBindings::table()), $answered)))->toBe([]);
    foreach (Station::cases() as $station) {
        expect($station->signOff())->not->toBe('')->and($station->label())->not->toBe('');
        foreach ($station->strip() as [$use, $result]) {
            expect(Calculations::describe(InputBindings::table()[$use]['sheet'])->result($result))->not->toBeNull("{$station->value}: {$use} {$result}");
        }
    }
});

it('holds no decision at a station’s name that leads nowhere', function (): void {
    $fed = [];
    foreach (InputBindings::table() as ['inputs' => $inputs, 'when' => $when]) {
        foreach (array_merge(...array_values($inputs), ...[array_column($when, 0)]) as $source) {
            foreach (asked($source) as $one) {
                $fed = [...$fed, ...($one->kind === 'decision' ? [$one->name] : []), ...($one->kind === 'flags' ? array_values($one->flags) : []), ...($one->unless === null ? [] : [$one->unless]), ...($one->kind === 'result' ? array_keys($one->flags) : [])];
            }
        }
    }
    // Said for people, or read where the job is led and its parts proposed.
    $words = ['brief.title', 'brief.note', 'brief.due', 'brief.budget', 'brief.finger_base', 'brief.sizer_width', 'brief.finger_measured', 'brief.client_metal', 'brief.client_stones', 'wax.wrapped'];
    expect(array_values(array_diff(array_keys(DecisionFields::all()), $fed, $words)))->toBe([]);
});

it('leads a job along its kind, in bench order', function (?string $kind, int $count, Station $second): void {
    $stations = Kind::of(document($kind === null ? [] : ['brief.kind' => $kind]))->stations();
    $order = array_map(static fn (Station $station): int => (int) array_search($station, Station::cases(), true), $stations);
    $sorted = $order;
    sort($sorted);
    expect($stations)->toHaveCount($count)->and($stations[0])->toBe(Station::Brief)->and($stations[1])->toBe($second)->and($stations[$count - 1])->toBe(Station::HandOver)->and($order)->toBe($sorted);
})->with([[null, 11, Station::Form], ['cast', 11, Station::Form], ['fabricated', 7, Station::Form], ['sizing', 6, Station::Sizing]]);

it('asks at a station for nothing that is said after it', function (string $path, Station $from): void {
    foreach (Station::cases() as $at => $station) {
        expect($station->reaches($path))->toBe($at >= array_search($from, Station::cases(), true), "{$station->value} {$path}");
    }
})->with([['form.width_top', Station::Form], ['cuts.0.length', Station::Form], ['sizing.from', Station::Sizing], ['attempts.0.bore', Station::Wax], ['castings.0.bore', Station::Pour], ['joints.0.gap', Station::Join], ['parts.0.id', Station::Join], ['finish.grits', Station::Finish], ['handover.mark', Station::HandOver]]);

it('reckons only what a job has chosen', function (array $typed, array $there, array $not): void {
    $answers = job([...RING, ...$typed])->answers;
    foreach ($there as $use) {
        expect($answers)->toHaveKey($use);
    }
    foreach ($not as $use) {
        expect($answers)->not->toHaveKey($use);
    }
})->with([
    'a cast band' => [[], ['form.band', 'wax.dimensions', 'finish.plan', 'care.advice'], ['strip.length', 'size.change', 'join.plan', 'set.sequence', 'tools.list', 'hand.over', 'inlay.fit']],
    'made by hand' => [['brief.kind' => 'fabricated'], ['strip.length', 'anneal.bend'], ['size.change', 'anneal.passes', 'plate.cut']],
    'made by hand, never cast' => [['brief.kind' => 'fabricated'], ['form.band'], ['wax.dimensions', 'sprue.size', 'investment.mix', 'metal.charge', 'pour.fill', 'burnout.core', 'cast.check']],
    'of metal clay, never cast' => [['wax.process' => 'clay'], ['form.band', 'wax.dimensions'], ['blank.choose', 'layout.grid', 'sprue.size', 'flask.choose', 'investment.mix', 'burnout.programme', 'burnout.core', 'pour.fill', 'metal.charge']],
    'a ring to be sized' => [['brief.kind' => 'sizing', 'sizing.from' => 'US 6', 'sizing.width' => '3', 'sizing.thickness' => '2'], ['size.change'], ['strip.length']],
    'with a stone' => [['stones.0.species' => 'ruby', 'stones.0.shape' => 'round', 'stones.0.width' => '3', 'stones.setting' => 'claws'], ['set.sequence', 'tools.list', 'care.finish'], ['join.plan']],
    'parts without joints' => [['parts.0.id' => 'a'], [], ['join.plan']],
    'parts and joints' => [['parts.0.id' => 'a', 'joints.0.id' => 'x', 'joints.0.parts' => 'a, a'], ['join.plan'], []],
    'weighed for the last time' => [['handover.piece_mass' => '5'], ['hand.over'], []],
]);

it('takes the claws for the pushing order, until another count is said', function (): void {
    $stone = ['stones.0.species' => 'ruby', 'stones.0.shape' => 'round', 'stones.0.width' => '5', 'stones.setting' => 'claws', 'stones.claws' => '6'];
    expect(job([...RING, ...$stone])->value('set.sequence', 'steps'))->toEqual(6)->and(job([...RING, ...$stone, 'set.count' => '5'])->value('set.sequence', 'steps'))->toEqual(5)
        ->and(job([...RING, ...$stone, 'stones.setting' => 'bezel'])->wants['set.sequence'])->toBe(['set.count']);
});

it('judges in the fire only the stones that are in it', function (): void {
    $rows = [...RING, 'stones.0.species' => 'opal', 'stones.1.species' => 'diamond', 'stones.1.in_fire' => true, 'parts.0.id' => 'a', 'joints.0.id' => 'x', 'joints.0.parts' => 'a, a'];
    $codes = static fn (array $typed): array => array_map(static fn ($finding): string => $finding->code, job($typed)->answers['join.plan']->findings);
    expect($codes($rows))->toContain('heat-with-care')->not->toContain('heat-harms-stone')
        ->and($codes([...$rows, 'stones.0.in_fire' => true]))->toContain('heat-harms-stone');
});

it('knows on every kind of job the stones that are set, and old work for old work', function (): void {
    $joints = ['parts.0.id' => 'ring', 'parts.1.id' => 'insert', 'joints.0.id' => 'x', 'joints.0.parts' => 'ring, insert'];
    $sizing = [...RING, ...$joints, 'brief.kind' => 'sizing', 'sizing.from' => 'US 6', 'sizing.width' => '3', 'sizing.thickness' => '2', 'sizing.stones' => '13', 'sizing.stones_in' => 'head'];
    $codes = static fn (array $typed, string $use): array => array_map(static fn ($finding): string => $finding->code, job($typed)->answers[$use]->findings);
    expect($codes($sizing, 'join.plan'))->toContain('stones-unknown')->toContain('old-work-unasked')
        ->and($codes($sizing, 'size.change'))->toContain('stones-unknown');
    $known = [...$sizing, 'stones.0.species' => 'sapphire', 'stones.0.count' => '13', 'sizing.old_solder' => 'clean'];
    expect($codes($known, 'join.plan'))->toContain('boron-on-corundum')->not->toContain('stones-unknown')->not->toContain('old-work-unasked')
        ->and(job($known)->answers['join.plan']->value('heats')[0]['coat'])->toContain('none with boron')
        // It is old work, whatever is ticked.
        ->and($codes([...$sizing, 'join.old_work' => false], 'join.plan'))->toContain('old-work-unasked');
});

it('says nickel where the metal is chosen', function (): void {
    expect(implode(' ', Cautions::at(Station::Brief, null, true)))->toContain('Nickel')->and(Cautions::at(Station::Brief, null))->toBe([]);
});

it('takes the stones’ estimate for their weight until they are weighed', function (): void {
    $stone = [...RING, 'stones.0.species' => 'diamond', 'stones.0.shape' => 'round', 'stones.0.width' => '5', 'stones.0.depth' => '3', 'handover.piece_mass' => '6 g'];
    // 0.0018 × 5 × 5 × 3 × 3.52 carats.
    $carats = 0.0018 * 75 * 3.52;
    expect(job($stone)->value('hand.over', 'metal_mass'))->toEqualWithDelta(6 - 0.2 * $carats, 1e-6)
        ->and(job([...$stone, 'handover.stones_carats' => '0.5'])->value('hand.over', 'metal_mass'))->toEqualWithDelta(5.9, 1e-9);
});

it('says of a plan that cannot be read what is wrong, and of the job the rest', function (): void {
    $reckoned = job([...RING, 'parts.0.id' => 'a', 'joints.0.id' => 'x', 'joints.0.parts' => 'a, b']);
    expect($reckoned->errors['join.plan']['joints'][0])->toContain('b is not here')->and($reckoned->answers)->toHaveKey('form.band')->not->toHaveKey('join.plan');
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

it('names lead, cadmium, mercury, vents, acids and rhodium where they are met', function (Station $station, string $word): void {
    expect(implode(' ', Cautions::at($station, null)))->toContain($word);
})->with([[Station::Sizing, 'lead'], [Station::Join, 'admium-free'], [Station::Join, 'mercury'], [Station::Join, 'vent'], [Station::Join, 'cid to water'], [Station::Join, 'oric acid'], [Station::Finish, 'hodium'], [Station::Finish, 'poisonous gas'], [Station::Finish, 'sleeves'], [Station::HandOver, 'assay office'], [Station::Set, 'Laser']]);

it('proposes nothing that its own plan refuses', function (array $typed): void {
    $document = document([...RING, ...$typed]);
    $proposed = SuggestedAssembly::of($document, JobCalculator::reckon($document, WorkshopSettings::shipped()));
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
    [['brief.kind' => 'fabricated']], [['brief.kind' => 'fabricated', 'stones.0.shape' => 'round', 'stones.0.width' => '5', 'stones.setting' => 'claws']],
    [['stones.setting' => 'bezel', 'stones.head_soldered' => true, 'stones.0.shape' => 'oval', 'stones.0.width' => '5', 'stones.0.length' => '7', 'stones.1.group' => 'shoulders']],
    [['brief.kind' => 'sizing', 'sizing.from' => 'US 3', 'sizing.width' => '3', 'sizing.thickness' => '2']],
]);

it('copies of a job what is a plan, not what was seen', function (): void {
    $changes = JobTemplate::of(document([...RING, 'brief.due' => '2027-01-01', 'handover.mark' => 'struck', 'joints.0.id' => 'x', 'joints.0.gap' => '0.1', 'cuts.0.length' => '12', 'attempts.0.bore' => '17']));
    expect(array_map(static fn (Change $change): string => $change->path, $changes))->toEqualCanonicalizing(['brief.alloy', 'brief.finger', 'form.thickness_top', 'form.width_top', 'cuts.0.length', 'joints.0.id']);
});

it('leaves no question open that is not of the job', function (array $typed): void {
    $reckoned = job([...RING, ...$typed]);
    $asked = array_filter(array_keys($reckoned->wants + $reckoned->errors), static fn (string $use): bool => preg_match('/^(metal|pour|burnout|sprue|flask|investment|spin|cast|blank)\\./', $use) === 1);
    expect($asked)->toBe([]);
})->with([[['brief.kind' => 'fabricated']], [['brief.kind' => 'sizing', 'sizing.from' => 'US 6', 'sizing.width' => '3', 'sizing.thickness' => '2']], [['wax.process' => 'clay']]]);

it('passes a ring of metal clay by the casting stations', function (): void {
    $stations = Kind::of(document([...RING, 'wax.process' => 'clay']))->stations();
    expect($stations)->not->toContain(Station::Tree)->not->toContain(Station::Burnout)->not->toContain(Station::Pour)->toContain(Station::Wax)->toContain(Station::Form);
});
