<?php

declare(strict_types=1);

use App\Models\Entry;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

it('keeps the last value, in one entry, typed at bench speed over a slow and tangled line', function (): void {
    $job = fullJob();
    $tools = new ChromeDevToolsDriver($this->browser);
    $line = static fn (int $latency, int $bytes): mixed => $tools->execute('Network.emulateNetworkConditions', [
        'offline' => false, 'latency' => $latency, 'downloadThroughput' => $bytes, 'uploadThroughput' => $bytes,
    ]);
    $this->station($job, 'brief');
    $tools->execute('Network.enable');
    $line(40, 250_000);
    tangle($this);
    $entries = 0;
    try {
        foreach ([
            ['brief', 'brief.title', 'grand lantern', 'grand lantern', 120],
            ['brief', 'brief.finger', 'US 7 1/2', (11.63 + 0.8128 * 7.5) * M_PI, 90],
            ['form', 'form.thickness_top', '1.85', 1.85, 200], ['form', 'form.width_top', '6.35', 6.35, 60],
            ['stones', 'stones.0.depth', '2.75', 2.75, 120], ['wax', 'attempts.0.wax_mass', '1.85', 1.85, 180],
            ['tree', 'tree.sprue_length', '11.5', 11.5, 120],
            ['burnout', 'burnout.pour_temperature', '505', 505, 200],
            ['pour', 'castings.0.charge_mass', '24.5', 24.5, 60], ['join', 'parts.1.mass', '4.25', 4.25, 120],
            ['set', 'settings.0.pushes', '6', 6, 120], ['finish', 'finish.mass_before', '13.45', 13.45, 90],
            ['handover', 'handover.piece_mass', '12.95', 12.95, 200],
        ] as [$station, $path, $text, $value, $pause]) {
            $this->station($job, $station);
            keyed($this, $path, $text, $pause);
            leave($this);
            $this->until(
                fn (): bool => ($job->refresh()->held()->at($path)['typed'] ?? null) === $text, "{$path} was not kept",
            );
            $this->saved();
            expect($this->all('[data-testid="boundary"]'))->toBe([], $path)
                ->and($job->refresh()->held()->at($path)['value'])->toEqual($value)
                ->and(Entry::query()->where('job_id', $job->id)->count())->toBe(++$entries, $path);
        }
    } finally {
        $line(0, -1);
    }
});
