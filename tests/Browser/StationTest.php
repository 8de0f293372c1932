<?php

declare(strict_types=1);

use App\Models\Job;

// On each station a decision is changed through its dimension on the drawing alone, and what depends on it follows.

it('Brief: another finger on the drawing makes another ring', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'brief');
    $this->figure('size.fit/inner_diameter', '17.32');
    $this->type('brief.finger', 'UK O', '[data-view="size.convert/finger"]');
    $this->figure('size.convert/inner_diameter', '17.51');
    $this->saved();
    expect($job->refresh()->held()->decision('brief.finger'))->toEqual(55);
});

it('Form: a thicker top on the drawing weighs more, and its handle can be pulled', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $before = (float) $this->text('[data-figure="form.band/ring_volume_mm3"]');
    $this->type('form.thickness_top', '3 mm', '[data-view="form.band/ring"]');
    $this->reads('[data-view="form.band/ring"] [data-path="form.thickness_top"]', '3.00');
    $this->until(fn (): bool => (float) $this->text('[data-figure="form.band/ring_volume_mm3"]') > $before, 'the volume did not follow');
    $this->saved();
    $this->pull('[data-pull="thickness_top"]', 0, -20);
    $this->saved();
    $this->until(fn (): bool => $job->refresh()->held()->decision('form.thickness_top') > 3.0, 'the pull was not kept');
});

it('Wax: less finishing on the drawing carves a larger bore', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'wax');
    $this->type('wax.finish_inside', '0', '[data-view="wax.dimensions/wax"]');
    // 17.3196 ÷ 0.985
    $this->figure('wax.dimensions/bore', '17.58');
    $this->reads('[data-result="wax.dimensions/bore"]', '17.58');
});

it('Tree: three sprues on the drawing take more wax and another stem', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'tree');
    $stem = $this->text('[data-result="sprue.size/stem_diameter"]');
    $this->type('tree.count', '3', '[data-view="sprue.size/tree"]');
    $this->figure('sprue.size/count', '3');
    $this->until(fn (): bool => $this->text('[data-result="sprue.size/stem_diameter"]') !== $stem, 'the stem did not follow');
});

it('Burnout: another hour on the curve moves the switch-on', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'burnout');
    $this->figure('burnout.programme/start_at', 'Tue 1 Dec 07:59');
    $this->browser->executeScript(<<<'JS'
        const input = document.querySelector('[data-view="burnout.programme/kiln"] [data-path="burnout.ready_at"] input');
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, '2037-12-02T10:00');
        input.dispatchEvent(new Event('input', { bubbles: true }));
        JS);
    $this->figure('burnout.programme/start_at', 'Wed 2 Dec 03:59');
});

it('Pour: too little new metal on the bar is a stop, and the remedy clears it', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'pour');
    $this->type('pour.new_mass', '2', '[data-view="metal.charge/charge"]');
    $this->type('pour.reused_mass', '18', '[data-view="metal.charge/charge"]');
    $this->find('[data-finding="too-little-new-metal"]');
    $this->reads('[data-result="metal.charge/new_share"]', '10');
    $this->click('[data-finding="too-little-new-metal"] button');
    $this->gone('[data-finding="too-little-new-metal"]');
    $this->reads('[data-result="metal.charge/new_share"]', '50');
});
