<?php

declare(strict_types=1);

use App\Models\Entry;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

it('keeps the last value, in one entry, typed at bench speed over a slow and tangled line', function (
    string $station, string $path, string $text, mixed $value, int $pause,
): void {
    $job = fullJob();
    $tools = new ChromeDevToolsDriver($this->browser);
    $tools->execute('Network.enable');
    $tools->execute(
        'Network.emulateNetworkConditions',
        ['offline' => false, 'latency' => 40, 'downloadThroughput' => 250_000, 'uploadThroughput' => 250_000],
    );
    try {
        $this->station($job, $station);
        tangle($this);
        keyed($this, $path, $text, $pause);
        leave($this);
        $this->until(
            fn (): bool => ($job->refresh()->held()->at($path)['typed'] ?? null) === $text, "{$path} was not kept",
        );
        $this->saved();
        expect($this->all('[data-testid="boundary"]'))->toBe([])->and($this->all('[data-testid="next"]'))->not->toBe([])
            ->and($job->refresh()->held()->at($path)['value'])->toEqual($value)
            ->and(Entry::query()->where('job_id', $job->id)->count())->toBe(1);
    } finally {
        $tools->execute(
            'Network.emulateNetworkConditions',
            ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );
    }
})->with([
    'a title' => ['brief', 'brief.title', 'grand lantern', 'grand lantern', 120],
    'a ring size' => ['brief', 'brief.finger', 'US 7 1/2', (11.63 + 0.8128 * 7.5) * M_PI, 90],
    'a dimension on the drawing' => ['form', 'form.thickness_top', '1.85', 1.85, 200],
    'a dimension, fast' => ['form', 'form.width_top', '6.35', 6.35, 60],
    'a stone' => ['stones', 'stones.0.depth', '2.75', 2.75, 120],
    'a weight of wax' => ['wax', 'attempts.0.wax_mass', '1.85', 1.85, 180],
    'a sprue' => ['tree', 'tree.sprue_length', '11.5', 11.5, 120],
    'a heat' => ['burnout', 'burnout.pour_temperature', '505', 505, 200],
    'what was melted' => ['pour', 'castings.0.charge_mass', '24.5', 24.5, 60],
    'a part' => ['join', 'parts.1.mass', '4.25', 4.25, 120],
    'how many claws' => ['set', 'settings.0.pushes', '6', 6, 120],
    'the width of an old ring' => ['sizing', 'sizing.width', '3.25', 3.25, 90],
    'a weight after finishing' => ['finish', 'finish.mass_before', '13.45', 13.45, 90],
    'a piece' => ['handover', 'handover.piece_mass', '12.95', 12.95, 200],
]);
