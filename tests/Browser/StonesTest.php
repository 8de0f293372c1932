<?php

declare(strict_types=1);

use App\Models\Device;
use App\Models\Job;
use Tests\Support\BrowserCase;

function lantern(): Job
{
    return Job::factory()->holding([
        'brief.title' => 'lantern ring', 'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925',
        'form.width_top' => '4', 'form.thickness_top' => '2.2',
        'stones.0.species' => 'garnet', 'stones.0.shape' => 'oval', 'stones.0.width' => '6', 'stones.0.length' => '8',
        'stones.0.depth' => '3.8', 'settings.0.style' => 'bezel',
    ])->create();
}

function reckonedMass(Job $job): float
{
    return (float) HotSprue\Job\JobAnswers::of($job->held(), $job->settings())->value('form.band', 'mass');
}

it('records a stone from nothing, and composes a halo that snaps to what fits', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'stones');
    $this->sees('To draw this, say first');
    $this->choose('stones.0.shape', 'round');
    $this->type('stones.0.width', '6.5', '[data-testid="wanted"]');
    $this->find('[data-view="stone.outline/head"]');
    $this->choose('settings.0.style', 'claws');
    $row = $this->anotherSetting('0');
    $this->choose("settings.{$row}.holds", 'halo');
    $this->type("settings.{$row}.stone_diameter", '1.3');
    // The workbook's eighteen.
    $this->figure('layout.halo/count', '18');
    $this->type("settings.{$row}.count", '19', '[data-view="stone.outline/head"]');
    $this->reads('[data-finding="too-many"]', 'Stop: ');
    $this->reads('[data-finding="too-many"] button', 'Make it 18');
    $this->click('[data-finding="too-many"] button');
    $this->gone('[data-finding="too-many"]');
    $this->figure('layout.halo/count', '18');
    $this->reads('[data-result="layout.halo/edge_gap_for_one_more"]', '0.35');
    $this->choose('stones.0.species', 'emerald');
    $this->choose('stones.after_steam', 'true');
    $this->find('[data-finding="step-harms-stone"]');
});

it('scribes a grid line by line, keeps two attempts and checks their symmetry by caliper', function (): void {
    $job = lantern();
    $this->station($job, 'wax');
    $this->click('[data-tick="ticks.grid-square"]');
    $this->click('[data-tick="ticks.grid-faces"]');
    $this->reads('[data-testid="grid-list"]', '2 of');
    $this->saved();
    $this->station($job, 'wax');
    $this->reads('[data-testid="grid-list"]', '2 of');
    $this->type('attempts.0.wax_mass', '0.9');
    $this->choose('attempts.0.verdict', 'left');
    $this->saved();
    $this->tap('carve again');
    $this->type($this->inRow('attempts', 'wax_mass'), '0.8');
    $this->find('[aria-label="what is measured"]')->sendKeys('shoulder height');
    Device::query()->updateOrCreate(
        ['name' => 'caliper'], ['state' => ['from' => 0, 'to' => 3.4, 'since' => microtime(true) - 60, 'zero' => 0]],
    );
    $this->click('[data-testid="pairs"] [aria-label="on the left, mm"] + button');
    $this->until(
        fn (): bool => $this->find('[aria-label="on the left, mm"]')->getAttribute('value') === '3.4 mm',
        'the caliper was not taken',
    );
    $this->find('[aria-label="on the right, mm"]')->sendKeys('3.1');
    $this->tap('Add this pair');
    $this->reads('[aria-label="Differences"]', 'take the left down by 0.30 mm');
    $this->choose($this->inRow('attempts', 'verdict'), 'passed');
    $this->saved();
    $attempts = $job->refresh()->held()->list('attempts');
    expect($attempts)
        ->toHaveCount(2)->and($attempts[0]['wax_mass']['value'])->toEqual(0.9)
        ->and($attempts[1]['pairs']['value'][0]['left'])->toEqual(3.4);
    // The passed one feeds the Tree and the Pour.
    $this->station($job, 'pour');
    $this->click('[data-figure="metal.charge/charge_mass"]');
    expect(
        HotSprue\Job\JobAnswers::of($job->held(), $job->settings())->input('metal.charge')->num('wax_mass'),
    )->toEqual(0.8);
});

it('sends a link that the client answers in another browser, and that ends when withdrawn', function (): void {
    $job = lantern();
    $this->station($job, 'wax');
    $this->find('[aria-label="Send the link to"]')->sendKeys('marisol@teague.invalid');
    $this->tap('Send a link');
    $address = $this->text('[data-testid="look-address"]');
    $bench = $this->browser;
    $this->browser = BrowserCase::open(800, 900);
    try {
        $this->browser->get($address);
        $this->sees('lantern ring');
        $this->find('figure svg');
        $this->fill('Your name', 'Marisol');
        $this->find('textarea')->sendKeys('a little narrower, please');
        $this->tap('I would like a change');
        $this->sees('Your word is with the workshop');
        $client = $this->browser;
        $this->browser = $bench;
        $this->reads('[data-testid="look"]', 'a little narrower, please');
        $this->reads('[data-testid="look"]', 'Marisol');
        $this->tap('withdraw it');
        $this->reads('[data-testid="look"]', 'revoked');
        $this->browser = $client;
        $this->browser->get($address);
        $this->sees('This link has ended');
    } finally {
        $this->browser->quit();
        $this->browser = $bench;
    }
});
