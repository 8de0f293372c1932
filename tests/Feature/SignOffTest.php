<?php

declare(strict_types=1);

use App\Models\Job;
use Illuminate\Testing\TestResponse;

/** @param array<string, mixed> $typed */
function changed(Job $job, array $typed): TestResponse
{
    $held = $job->refresh()->held();
    $changes = array_map(
        static fn (string $path, mixed $to): array => ['path' => $path, 'from' => $held->at($path), 'to' => $to],
        array_keys($typed), $typed,
    );

    return test()->postJson("/api/jobs/{$job->number}/changes", ['changes' => $changes]);
}

/** @return array<string, mixed> how a station stands */
function standsAt(Job $job, string $station): array
{
    $stations = test()->getJson("/api/jobs/{$job->number}?station={$station}")->assertOk()->json('stations');

    return array_column($stations, null, 'name')[$station];
}

it('keeps the figures that were signed, dated and by whom', function (): void {
    $job = Job::factory()->ring()->create();
    $this->sign($job, 'form')->assertOk();
    $stands = standsAt($job, 'form');
    expect([$stands['state'], $stands['by'], $stands['drift']])->toBe(['signed', 'Maren', []])
        ->and($stands['at'])->toStartWith('2026-11-25T09:00')
        ->and($job->refresh()->held()->map('stations')['form']['signed']['form.band']['mass']['value'])
        ->toBeGreaterThan(0);
});

it('shows what drifted when something upstream is changed, and is never signed anew by itself', function (): void {
    $job = Job::factory()->ring()->create();
    $this->sign($job, 'form')->assertOk();
    $this->sign($job, 'wax')->assertOk();
    changed($job, ['form.width_top' => '6 mm'])->assertOk();
    $form = standsAt($job, 'form');
    $drift = array_column($form['drift'], null, 'result');
    expect($form['state'])->toBe('signed')->and($form['worst'])->toBeIn(['caution', 'stop'])
        ->and($drift['mass']['signed'])->toBeLessThan($drift['mass']['now'])->and($drift['mass']['label'])->toBe('mass')
        ->and(array_column(standsAt($job, 'wax')['drift'], 'result'))->toContain('width')->not->toContain('bore');
});

it('has nothing drifted once it is put back as it was', function (): void {
    $job = Job::factory()->ring()->create();
    $was = $job->held()->entry('form.width_top')['typed'];
    $this->sign($job, 'form')->assertOk();
    changed($job, ['form.width_top' => '6 mm'])->assertOk();
    expect(standsAt($job, 'form')['drift'])->not->toBe([]);
    changed($job, ['form.width_top' => $was])->assertOk();
    expect(standsAt($job, 'form')['drift'])->toBe([]);
});

it('drifts where the workshop’s present figures are taken', function (): void {
    $job = Job::factory()->ring()->create();
    $this->sign($job, 'wax')->assertOk();
    $this->putJson('/api/shop', ['shrinkage.carved' => '2 %'])->assertOk();
    expect(standsAt($job, 'wax')['drift'])->toBe([]);
    $differences = $this->getJson("/api/jobs/{$job->number}/figures")->assertOk()->json('differences');
    expect(array_column($differences, 'label', 'result')['bore'] ?? null)->toBe('bore');
    $this->postJson("/api/jobs/{$job->number}/figures")->assertOk();
    $bore = array_column(standsAt($job->refresh(), 'wax')['drift'], null, 'result')['bore'];
    // (D − 2 × 0.1) ÷ (1 − s), at 1.5 % and at 2 %.
    expect($bore['now'] / $bore['signed'])->toEqualWithDelta(0.985 / 0.98, 1e-9);
});

it('signs only what was seen', function (): void {
    $job = Job::factory()->ring()->create();
    $seen = $job->version;
    changed($job, ['form.width_top' => '6 mm'])->assertOk();
    $this->postJson(
        "/api/jobs/{$job->number}/stations/form", ['state' => 'signed', 'version' => $seen],
    )->assertStatus(409);
    $this->postJson("/api/jobs/{$job->number}/stations/form", ['state' => 'signed'])->assertStatus(422);
    expect(standsAt($job, 'form')['state'])->toBe('open');
});

it('refuses to sign over a stop, until it is overridden with a reason; and again when its '
    .'value changes', function (): void {
        $job = Job::factory()->ring()->create();
        changed($job, ['form.thickness_top' => '0.9 mm'])->assertOk();
        $this->sign($job, 'form')
            ->assertStatus(422)
            ->assertJsonPath(
                'errors.state.0', static fn (string $says): bool => str_contains($says, 'A stop stands open'),
            );
        $page = $this->getJson("/api/jobs/{$job->number}?station=form")->json('page.findings');
        $stop = collect($page)->firstWhere('level', 'stop');
        $given = ['use' => $stop['use'], 'code' => $stop['code'], 'about' => $stop['about'], 'value' => $stop['value']];
        $this->postJson("/api/jobs/{$job->number}/overrides", $given)->assertStatus(422);
        foreach (collect($page)->where('level', 'stop') as $one) {
            $this->postJson("/api/jobs/{$job->number}/overrides", [
                'use' => $one['use'], 'code' => $one['code'], 'about' => $one['about'], 'value' => $one['value'],
                'reason' => 'worn on a chain',
            ])->assertOk();
        }
        $this->sign($job->refresh(), 'form')->assertOk();
        changed($job, ['form.thickness_top' => '0.8 mm'])->assertOk();
        $this->postJson("/api/jobs/{$job->number}/stations/form", ['state' => 'reopened'])->assertOk();
        $this->sign($job->refresh(), 'form')->assertStatus(422);
    });

it('opens a station again, and takes it as not needed and as needed', function (): void {
    $job = Job::factory()->ring()->create();
    $say = fn (string $state): TestResponse => $this->postJson(
        "/api/jobs/{$job->number}/stations/stones", ['state' => $state],
    );
    $say('not-needed')->assertOk();
    expect(standsAt($job, 'stones')['state'])->toBe('not-needed');
    $say('open')->assertOk();
    expect(standsAt($job, 'stones')['state'])->toBe('open');
    $this->sign($job->refresh(), 'stones');
    $say('reopened')->assertOk();
    expect(standsAt($job, 'stones')['state'])->toBe('reopened');
    $say('perhaps')->assertStatus(422);
});

it('leads a job on along its kind as stations are settled', function (): void {
    $job = Job::factory()->ring()->create();
    foreach (['brief', 'form', 'stones'] as $station) {
        $this->postJson("/api/jobs/{$job->number}/stations/{$station}", ['state' => 'not-needed'])->assertOk();
    }
    expect($job->refresh()->station)->toBe('wax');
    $this->postJson("/api/jobs/{$job->number}/stations/form", ['state' => 'reopened'])->assertOk();
    expect($job->refresh()->station)->toBe('form');
});

it('answers a page alone with what it rests on, and the same figures as the '
    .'whole job', function (string $station): void {
        $job = Job::factory()->ring()->create();
        $asked = ['changes' => [], 'station' => $station];
        $page = $this->postJson("/api/jobs/{$job->number}/reckon", [...$asked, 'page' => true])->assertOk()->json();
        $whole = $this->postJson("/api/jobs/{$job->number}/reckon", ['changes' => [], 'station' => $station])
            ->assertOk()->json();
        expect($page['page'])
            ->toEqual($whole['page'])->and(count($page['answers']))->toBeLessThan(count($whole['answers']));
        foreach ($page['answers'] as $use => $answer) {
            expect($answer)->toEqual($whole['answers'][$use], $use);
        }
        expect(array_column($page['stations'], 'name'))->toBe([$station])
            ->and($page['stations'][0])->toEqual(array_column($whole['stations'], null, 'name')[$station]);
    })->with(['brief', 'form', 'wax', 'tree', 'burnout', 'pour', 'finish', 'handover']);
