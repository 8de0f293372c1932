<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Lot;
use App\Models\Movement;
use App\Models\Run;

it('receives metal, charges a job from its lot through the screen, and takes a movement back', function (): void {
    $this->visit('/metal');
    $this->find('[aria-label="Statement"]');
    $this->find('[aria-label="alloy received"] option[value="bronze"]')->click();
    $this->find('[aria-label="mass received"]')->sendKeys('1 ozt');
    $this->find('[aria-label="what it is called"]')->sendKeys('bell metal');
    $this->tap('Receive it');
    $this->sees('bell metal');
    $lot = Lot::query()->where('name', 'bell metal')->firstOrFail();
    expect($lot->mass_mg)->toBe(31103);
    $job = Job::factory()->holding(['brief.title' => 'bronze band', 'brief.finger' => 'US 7', 'brief.alloy' => 'bronze', 'form.width_top' => '4', 'form.thickness_top' => '2'])->create();
    $this->station($job, 'pour');
    $this->find("[aria-label=\"from lot {$lot->id}\"]")->sendKeys('12');
    $this->find('[data-testid="charge-lots"] [aria-label="casting"]')->sendKeys('6.9');
    $this->find('[data-testid="charge-lots"] [aria-label="button"]')->sendKeys('5.05');
    $this->tap('Write this charge');
    // 12 − 6.9 − 5.05
    $this->until(fn (): bool => (Movement::query()->where('job_id', $job->id)->first()?->loss_mg) === 50, 'the charge was not written');
    $this->reads('button[data-path="castings.0.casting_mass"]', '6.90');
    $this->visit('/metal');
    $this->sees("button of job {$job->number}");
    $movement = Movement::query()->where('job_id', $job->id)->firstOrFail();
    $this->click("[data-movement=\"{$movement->id}\"] button");
    $this->find("[data-movement=\"{$movement->id}\"] input")->sendKeys('the wrong lot');
    $this->tap('take it back');
    $this->reads("[data-movement=\"{$movement->id}\"]", 'reversed');
    expect($lot->refresh()->mass_mg)->toBe(31103);
});

it('plans a burnout, switches it on, sees it fail, answers the alarm, and pours its flask', function (): void {
    Run::query()->update(['ended_at' => now()]);
    $job = Job::factory()->ring()->create();
    Job::query()->whereKeyNot($job->id)->update(['station' => 'brief']);
    $job->update(['station' => 'tree']);
    $this->visit('/casting');
    $this->sees('Ready to invest');
    $this->sees((string) $job->number);
    $this->tap('Plan this burnout');
    $this->tap('Switch the kiln on');
    $this->find('[data-testid="kiln-now"]');
    $run = Run::query()->orderByDesc('id')->firstOrFail();
    $this->tap('300 ×');
    $this->until(fn (): bool => $run->refresh()->minute() > 12, 'the kiln does not go');
    $this->click('[data-befall="thermocouple"]');
    // The watcher that bin/start runs looks every two seconds.
    $this->until(function (): bool {
        $this->artisan('sprue:kiln', ['--once' => true]);

        return $this->all('[data-alarm="thermocouple-lost"]') !== [];
    }, 'no alarm was raised');
    $this->reads('[data-testid="kiln-now"]', 'alarm');
    $this->click('[data-alarm="thermocouple-lost"] button');
    $this->gone('[data-alarm="thermocouple-lost"]');
    $this->click('[data-befall="thermocouple"]');
    foreach (['invested', 'has stood', 'in the kiln', 'burnt out'] as $step) {
        $this->tap($step);
        $this->reads('[data-flask="1"] table', $step);
    }
    $this->tap('not burnt out after all');
    $this->until(fn (): bool => ! str_contains($this->text('[data-flask="1"] table'), 'burnt out'), 'the step was not taken back');
    $this->tap('burnt out');
    $this->sees('Before the torch is lit');
    $this->tap('poured');
    $this->sees('Tick the safety list');
    foreach (range(0, 7) as $index) {
        $this->until(function () use ($index): bool {
            $box = $this->all('[data-flask="1"] input[type="checkbox"]')[$index];
            $box->isSelected() || $box->click();
            usleep(250_000);

            return $this->all('[data-flask="1"] input[type="checkbox"]')[$index]->isSelected();
        }, 'a tick does not hold');
    }
    $this->tap('poured');
    $this->reads('[data-flask="1"] table', 'poured');
    $this->tap('Switch it off');
    $this->gone('[data-testid="kiln-now"]');
});
