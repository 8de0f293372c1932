<?php

declare(strict_types=1);

use App\Models\Job;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;

it('keeps the boxes of crowded drawings off their lines, words and handles', function (): void {
    $devices = new ChromeDevToolsDriver($this->browser());
    $drawn = 0;
    $found = [];
    try {
        foreach ([
            'size.fit', 'form.band', 'seat.depth', 'seat.claw', 'seat.gallery', 'setting.place', 'layout.cluster',
            'wax.dimensions', 'sprue.size', 'tree.pack', 'strip.length', 'set.sequence',
        ] as $sum) {
            foreach ([[1280, 800], [390, 844]] as [$wide, $high]) {
                $devices->execute('Emulation.setDeviceMetricsOverride', [
                    'width' => $wide, 'height' => $high, 'deviceScaleFactor' => 1, 'mobile' => false,
                ]);
                $wide > 1000 && $this->go("/sums/{$sum}");
                $this->find(".sketch[data-view^=\"{$sum}/\"] svg");
                usleep(300_000);
                $drawn += count($this->all('[data-dimension]'));
                $found = [...$found, ...array_map(
                    static fn (string $one): string => "{$sum} at {$wide}: {$one}", covered($this),
                )];
            }
        }
    } finally {
        $devices->execute('Emulation.clearDeviceMetricsOverride');
    }
    expect($found)->toBe([])->and($drawn)->toBeGreaterThan(80);
});

it('leaves a box where it is while it is typed into, and the others where they stood', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'wax');
    $places = fn (): array => $this->browser()->executeScript(
        'return Object.fromEntries([...document.querySelectorAll("[data-view=\"wax.dimensions/wax\"] '
            .'[data-dimension]")].map((box) => { const at = box.getBoundingClientRect(); return [box.dataset.dimension,'
            .' [Math.round((at.left + at.right) / 2), Math.round((at.top + at.bottom) / 2)]]; }))',
    );
    $this->click('button[data-path="wax.finish_inside"]');
    $this->find('[data-path="wax.finish_inside"] input');
    $before = $places();
    foreach (['0', '.', '1', '2'] as $at => $letter) {
        $this->find('[data-path="wax.finish_inside"] input')
            ->sendKeys($at === 0 ? [WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, $letter] : $letter);
        usleep(400_000);
        foreach ($places() as $key => [$x, $y]) {
            // What is typed moves the ring by a tenth of a mm: nothing jumps.
            expect(hypot($x - $before[$key][0], $y - $before[$key][1]))->toBeLessThan(12.0, "{$key} after {$letter}");
        }
    }
});
