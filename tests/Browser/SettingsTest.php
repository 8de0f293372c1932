<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Run;
use App\Models\Workshop;
use HotSprue\Job\JobAnswers;
use Tests\Support\BrowserCase;
use Tests\Support\Paper;

// Every stone its own setting: on the drawing, through the bench, and out with the right carats and grams.

function sixUnlike(): Job
{
    $typed = [
        'brief.title' => 'six unlike', 'brief.kind' => 'fabricated', 'brief.finger' => 'US 7',
        'brief.alloy' => '14k-yellow', 'form.profile' => 'flat', 'form.width_top' => '6', 'form.thickness_top' => '2',
    ];
    foreach ([['garnet', 4.0, 0.28], ['spinel', 3.2, 0.13], ['sapphire', 3.0, 0.12], ['peridot', 2.8, 0.08],
        ['topaz', 2.5, 0.06], ['iolite', 2.2, 0.03]] as $at => [$species, $width, $carats]) {
        $typed += [
            "stones.{$at}.name" => "the {$species}", "stones.{$at}.species" => $species,
            "stones.{$at}.shape" => 'round', "stones.{$at}.width" => $width, "stones.{$at}.depth" => 0.6 * $width,
            "stones.{$at}.weighed_carats" => $carats, "stones.{$at}.in_fire" => false,
            "settings.{$at}.style" => 'tube', "settings.{$at}.angle" => 30 * $at - 75,
        ];
    }

    return Job::factory()->holding($typed)->create();
}

function answersOf(Job $job): JobAnswers
{
    return JobAnswers::of($job->refresh()->held(), $job->settings());
}

it('takes another setting in hand by a tap on its stone, and pulls it round the band', function (): void {
    $job = sixUnlike();
    $this->station($job, 'stones');
    $this->reads('[aria-label="Settings"]', 'the iolite');
    $this->click('[data-view="setting.place/round"] [data-target="2"]');
    $this->reads('[aria-label="Settings"] [aria-pressed="true"]', 'the sapphire');
    $this->reads('[data-path="stones.2.width"]', '3.00');
    $this->type('settings.2.angle', '-20', '[data-view="setting.place/round"]');
    $this->saved();
    // It lies over the spinel now, at −45, and says so of both.
    $this->until(fn (): bool => count($this->all('[data-finding="settings-overlap"]')) === 0
        && $job->refresh()->held()->at('settings.2.angle')['value'] == -20.0, 'the angle was not taken');
    $this->type('settings.2.angle', '-36', '[data-view="setting.place/round"]');
    $this->until(
        fn (): bool => count($this->all('[data-finding="settings-overlap"]')) === 2, 'nothing was said of both',
    );
    $this->pull('[data-view="setting.place/round"] [data-pull="angle"]', 60, 0);
    $this->until(
        fn (): bool => $job->refresh()->held()->at('settings.2.angle')['value'] > -34, 'the setting did not follow',
    );
});

it('walks six unlike stones in tubes made apart: joined in two heats, set, and out with 0.70 ct', function (): void {
    $job = sixUnlike();
    $volumes = array_sum(array_map(
        static fn (int $at): float => (float) answersOf($job)->value("seat.tube@{$at}", 'volume_mm3'), range(0, 5),
    ));
    $this->station($job, 'form');
    $this->reads('[data-testid="setting-cuts"]', 'the peridot');
    signsOff($this, $job, 'form');
    $this->station($job, 'stones');
    $this->figure('settings.total/carats', '0.7');
    $this->figure('settings.total/minutes', '3:00');
    signsOff($this, $job, 'stones');
    $this->station($job, 'join');
    $this->tap('Take the parts from the job');
    $this->reads('[data-heat="2"]', 'the iolite');
    // Renamed, a part takes its joints along.
    $part = $job->refresh()->held()->list('parts')[1];
    $this->click('[data-readings="parts"] button[aria-pressed]:nth-of-type(2)');
    $this->type("parts.{$part['key']}.id", 'garnet collet');
    $this->saved();
    $joints = array_merge(...array_map(
        static fn (array $joint): array => $joint['parts']['value'], $job->refresh()->held()->list('joints'),
    ));
    expect($joints)->toContain('garnet collet')->not->toContain('the garnet')
        ->and(answersOf($job)->value('join.plan', 'fires'))->toEqual(2);
    signsOff($this, $job, 'join');
    $this->station($job, 'set');
    $this->reads('[aria-label="Settings"]', 'the topaz');
    $this->find('[data-testid="rounds"]');
    signsOff($this, $job, 'set');
    $this->station($job, 'finish');
    $this->reads('[data-testid="bench-order"]', 'Set 6 stones');
    $this->station($job, 'handover');
    // Band and tubes of 14k yellow, 13.1, and 0.14 g of stones.
    $metal = (float) answersOf($job)->value('strip.length', 'mass') + $volumes * 0.0131;
    $this->type('handover.piece_mass', sprintf('%.3f', $metal + 0.14));
    $this->figure('hand.over/metal_mass', sprintf('%.2f', $metal));
    $this->type('handover.size_measured', 'US 7');
    looksAndLeaves($this, $job);
    expect((float) answersOf($job)->input('hand.over')?->num('stones_carats'))->toEqualWithDelta(0.70, 1e-9);
});

it('lays a cluster with shared claws out and prints it at life size', function (): void {
    $job = Job::factory()->holding([
        'brief.title' => 'a ring of diamonds', 'brief.finger' => 'US 7', 'brief.alloy' => '18k-yellow',
        'form.width_top' => '3', 'form.thickness_top' => '2', 'stones.0.shape' => 'oval', 'stones.0.width' => '7',
        'stones.0.length' => '9', 'settings.0.style' => 'claws', 'settings.0.made' => 'apart',
        'stones.1.shape' => 'round', 'stones.1.width' => '2', 'settings.1.style' => 'shared-claws',
        'settings.1.holds' => 'cluster', 'settings.1.made' => 'apart', 'settings.1.edge_gap' => '0.9',
    ])->create();
    $this->browser()->get($this->url("/jobs/{$job->number}/stones?setting=1"));
    $this->reads('[data-result="layout.cluster/wire_total"]', '159.60');
    $this->type('settings.1.count', '16', '[data-view="stone.outline/head"]');
    $this->find('[data-finding="gap-over-claw"]');
    $this->click('[data-finding="gap-over-claw"] button');
    $this->gone('[data-finding="gap-over-claw"]');
    $this->saved();
    $file = $this->printed("/print/{$job->number}/stones");
    // Sixteen round an oval of 9 × 7, 0.9 off it: from edge to edge of the stones, as they were reckoned by themselves,
    // less the line that is drawn on either edge.
    $places = reckoned('layout.cluster', [
        'shape' => 'oval', 'length' => 9, 'width' => 7, 'stone_diameter' => 2, 'edge_gap' => 0.9, 'count' => 16,
    ])->value('positions');
    [$wide, $high] = Paper::tinted($file);
    foreach (['x_mm' => $wide, 'y_mm' => $high] as $way => $seen) {
        expect($seen)->toEqualWithDelta(
            max(array_column($places, $way)) - min(array_column($places, $way)) + 2 - 0.35, 0.2,
        );
    }
    expect(Paper::blackRun($file))->toEqualWithDelta(50.0, 0.2);
    unlink($file);
});

/** @param array<string, mixed> $input */
function reckoned(string $calculation, array $input): HotSprue\Calculation\Answer
{
    $settings = HotSprue\Workshop\WorkshopSettings::shipped();
    $fields = HotSprue\Calculations::describe($calculation)->inputs;

    return HotSprue\Calculations::named($calculation)
        ->reckon(HotSprue\Fields\Input::read($fields, $input, $settings), $settings);
}

/** Every station of a job in turn, each signed, but those that ask for metal or a weight. */
function walksThrough(BrowserCase $walk, Job $job, string ...$stations): void
{
    foreach ($stations as $station) {
        $walk->station($job, $station);
        signsOff($walk, $job, $station);
    }
}

it('walks a ring of metal clay: mandrel, cards, firing, and what it shrank', function (): void {
    $job = Job::factory()->holding([
        'brief.title' => 'clay leaf', 'brief.finger' => 'US 7', 'brief.alloy' => 'fine-silver',
        'form.profile' => 'flat', 'form.width_top' => '5', 'form.thickness_top' => '1.6', 'wax.process' => 'clay',
        'stones.0.species' => 'cubic-zirconia', 'stones.0.shape' => 'round', 'stones.0.width' => '3',
        'stones.0.in_fire' => true, 'settings.0.style' => 'flush',
    ])->create();
    $this->station($job, 'wax');
    // 1.6 ÷ 0.89 is 1.798: eight cards.
    $this->figure('clay.ring/cards', '8');
    $this->choose('wax.clay', 'bronze-clay');
    $this->figure('clay.ring/fire_at', '820');
    $this->type('wax.clay_dried', '6 h');
    $this->find('[data-finding="clay-damp"]');
    $this->click('[data-finding="clay-damp"] button');
    $this->gone('[data-finding="clay-damp"]');
    $this->tap('Plan the firing');
    $this->reads('h1', 'Firing');
    // 800 °C at 5 a minute and two hours: a burnout is in the kiln, and it waits for that.
    $this->reads('[data-kiln="next"], [data-kiln="left"]', '–');
    $this->tap('Switch the kiln on');
    $this->sees('is in the kiln');
    Run::query()->whereNotNull('started_at')->whereNull('ended_at')->update(['ended_at' => now()]);
    $this->tap('Switch the kiln on');
    $this->reads('[data-kiln="left"]', '4:');
    $this->hold('button[data-held]');
    $this->reads('[data-testid="fired-piece"]', 'Measure across its inside now');
    $this->click('[data-testid="fired-piece"] a');
    // 17.3196 ÷ 0.89 is 19.460; 17.13 fired is 12 %.
    $this->type('wax.clay_fired', '17.13');
    $this->figure('clay.ring/shrinkage_measured', '12');
    $this->tap('Reckon the next of this sort with 12.0 %');
    $this->sees('It stands in Shop now');
    $sorts = array_column((array) Workshop::the()->rulebook->settings()->value('stock.clays'), 'shrinkage', 'name');
    expect($sorts['bronze-clay'])->toEqual(0.12)->and($sorts['silver-low'])->toEqual(0.11);
    walksThrough($this, $job, 'wax', 'set', 'finish');
    $this->station($job, 'handover');
    $this->type('handover.piece_mass', '4.1');
    looksAndLeaves($this, $job);
});

it('gives a stone to the other piece of a commission, and takes that one’s casting as a part', function (): void {
    $ring = Job::factory()->holding([
        'brief.title' => 'the ring', 'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925', 'form.width_top' => '4',
        'form.thickness_top' => '2', 'stones.0.name' => 'left drop', 'stones.0.species' => 'garnet',
        'stones.0.shape' => 'round', 'stones.0.width' => '4', 'stones.1.name' => 'right drop',
        'stones.1.species' => 'garnet', 'stones.1.shape' => 'round', 'stones.1.width' => '4',
    ])->create();
    $pendant = Job::factory()->holding([
        'brief.title' => 'the pendant', 'brief.alloy' => 'sterling-925', 'castings.0.casting_mass' => '2.35',
    ])->create(['commission' => $ring->commission]);
    $this->station($ring, 'stones');
    $this->tap("give it to {$pendant->number}, the pendant");
    $this->until(fn (): bool => count($pendant->refresh()->held()->list('stones')) === 1, 'the stone did not go over');
    expect(count($ring->refresh()->held()->list('stones')))->toBe(1)
        ->and($pendant->held()->list('stones')[0]['name']['value'])->toBe('right drop');
    $this->station($ring, 'join');
    $this->tap("take the casting of {$pendant->number}, the pendant, as a part");
    $this->until(fn (): bool => count($ring->refresh()->held()->list('parts')) === 1, 'the casting was not taken');
    expect($ring->held()->list('parts')[0]['mass']['value'])->toEqual(2.35);
});
