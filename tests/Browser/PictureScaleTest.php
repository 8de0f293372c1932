<?php

declare(strict_types=1);

use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;

/** A ring of 174 pixels beside a card of 856, drawn by hand. */
function photographOfARing(): string
{
    $image = imagecreatetruecolor(1000, 700);
    imagefill($image, 0, 0, (int) imagecolorallocate($image, 240, 236, 224));
    imagefilledrectangle($image, 70, 560, 926, 660, (int) imagecolorallocate($image, 40, 90, 80));
    imageellipse($image, 500, 250, 174, 174, (int) imagecolorallocate($image, 120, 90, 20));
    $path = sys_get_temp_dir().'/hot-sprue-photograph.png';
    imagepng($image, $path);

    return $path;
}

it('measures an old ring on its photograph by a card that lies in it, by pointer and by keys', function (): void {
    $job = Job::factory()->holding(['brief.title' => 'an old ring to be copied'])->create();
    $this->visit("/jobs/{$job->number}/brief");
    $this->find('[data-testid="picture"]')->sendKeys($path = photographOfARing());
    $this->tap('measure on it');
    $svg = $this->find('[data-testid="picture-lines"]');
    $scale = 1000 / $svg->getSize()->getWidth();
    // The known line's ends onto the card's corners, the other's onto the ring.
    $put = function (string $label, float $x, float $y) use ($scale): void {
        $at = $this->browser->executeScript(
            'const c = document.querySelector(arguments[0]); return [c.cx.baseVal.value, c.cy.baseVal.value]',
            ["[aria-label^=\"{$label}\"]"],
        );
        [$right, $down] = [($x - $at[0]) / $scale, ($y - $at[1]) / $scale];
        $this->pull("[aria-label^=\"{$label}\"]", (int) round($right), (int) round($down));
        // To the pixel by keys.
        $this->browser->executeScript('document.querySelector(arguments[0]).focus()', ["[aria-label^=\"{$label}\"]"]);
        for ($time = 0; $time < 60; $time++) {
            [$nowX, $nowY] = $this->browser->executeScript(
                'const c = document.querySelector(arguments[0]); return [c.cx.baseVal.value, c.cy.baseVal.value]',
                ["[aria-label^=\"{$label}\"]"],
            );
            [$right, $down] = [$x - $nowX, $y - $nowY];
            if (abs($right) <= 0.5 && abs($down) <= 0.5) {
                break;
            }
            $this->find("[aria-label^=\"{$label}\"]")->sendKeys([match (true) {
                $right > 0.5 => WebDriverKeys::ARROW_RIGHT, $right < -0.5 => WebDriverKeys::ARROW_LEFT,
                $down > 0.5 => WebDriverKeys::ARROW_DOWN, default => WebDriverKeys::ARROW_UP,
            }]);
        }
    };
    $put('what is known, one', 70, 610);
    $put('what is known, other', 926, 610);
    $put('line 1, one', 413, 250);
    $put('line 1, other', 587, 250);
    $this->find('[aria-label="how long it is"]')->sendKeys(['85.6', WebDriverKeys::ENTER]);
    // 856 pixels are 85.6 mm: the ring's 174 are 17.4, to a pixel or so.
    $this->until(fn (): bool => preg_match('/line 1: ([\d.]+) mm to ±([\d.]+) mm/',
        $this->text('[data-testid="picture-measured"]'), $found) === 1
        && abs((float) $found[1] - 17.4) < 0.15 && (float) $found[2] < 0.4, 'the ring is measured');
    expect(axeFinds($this)['wrong'])->toBe([]);
    // It is kept with the job, and taken off again.
    $this->visit("/jobs/{$job->number}/brief");
    $this->tap('measure on it');
    $this->reads('[data-testid="picture-measured"]', 'line 1: 17.');
    $this->tap('another line');
    $this->reads('[data-testid="picture-measured"]', 'line 2:');
    $this->tap('take line 1 off');
    $this->until(
        fn (): bool => ! str_contains($this->text('[data-testid="picture-measured"]'), 'line 2'), 'one is left',
    );
    expect($job->refresh()->held()->list('pictures')[0]['lines'])->toHaveCount(1);
    $this->tap('put the picture away');
    $this->gone('[data-testid="picture-lines"]');
    unlink($path);
});

it('keeps an end where it was put last, moved by quick keys over a tangled line', function (): void {
    $job = Job::factory()->holding(['brief.title' => 'an old ring to be copied'])->create();
    $this->visit("/jobs/{$job->number}/brief");
    $this->find('[data-testid="picture"]')->sendKeys($path = photographOfARing());
    $this->tap('measure on it');
    $this->find('[data-testid="picture-lines"]');
    $this->find('[aria-label="how long it is"]')->sendKeys(['85.6', WebDriverKeys::ENTER]);
    $this->reads('[data-testid="picture-measured"]', 'line 1:');
    $kept = fn (): float => (float) $job->refresh()->held()->list('pictures')[0]['lines'][0]['to'][0];
    $before = $kept();
    tangle($this);
    $this->browser->executeScript('document.querySelector(arguments[0]).focus()', ['[aria-label^="line 1, other"]']);
    foreach (range(1, 5) as $_) {
        $this->find('[aria-label^="line 1, other"]')->sendKeys([WebDriverKeys::ARROW_RIGHT]);
    }
    $this->until(fn (): bool => $kept() === $before + 5, 'the last of them is kept');
    usleep(1_500_000);
    expect($kept())->toBe($before + 5);
    unlink($path);
});
