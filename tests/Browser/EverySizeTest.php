<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Run;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\BrowserCase;

// Every kind of page on a laptop, small ones, tablets, a phone, and at twice the size.

require_once __DIR__.'/../Support/covered.php';

/**
 * What is too small for a hand or an eye, lies over something else, or leaves the screen.
 *
 * @return list<string>
 */
function outOfHand(BrowserCase $case): array
{
    return [...$case->browser()->executeScript(<<<'JS'
        const found = [];
        const seen = 'a[href], button, select, summary, input:not([type=hidden]):not([type=file])';
        for (const one of document.querySelectorAll(seen)) {
            if (!one.checkVisibility({ checkVisibilityCSS: true }) || one.closest('svg')) continue;
            const at = one.matches('[type=checkbox], [type=radio]') ? (one.closest('label') ?? one) : one;
            const own = at.getBoundingClientRect();
            const spread = getComputedStyle(at, '::before');
            const covers = spread.content !== 'none' && spread.position === 'absolute';
            const wide = Math.max(own.width, covers ? parseFloat(spread.width) : 0);
            const high = Math.max(own.height, covers ? parseFloat(spread.height) : 0);
            if (own.width > 2 && (wide < 43.5 || high < 43.5)) {
                found.push(`${Math.round(wide)}x${Math.round(high)} ${at.innerText || at.ariaLabel}`);
            }
        }
        const boxes = [...document.querySelectorAll('[data-dimension]')].filter((box) => box.offsetWidth > 0);
        boxes.forEach((one, index) => boxes.slice(index + 1).forEach((other) => {
            if (one.closest('[data-view]') !== other.closest('[data-view]')) return;
            const [a, b] = [one.getBoundingClientRect(), other.getBoundingClientRect()];
            const across = Math.min(a.right, b.right) - Math.max(a.left, b.left);
            const down = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
            if (across > 1 && down > 1) found.push(`${one.innerText} lies over ${other.innerText}`);
        }));
        const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        while (texts.nextNode()) {
            const one = texts.currentNode.parentElement;
            if (!texts.currentNode.data.trim() || one.closest('svg, script, style, option, [hidden]')) continue;
            const size = parseFloat(getComputedStyle(one).fontSize);
            if (size < 13 && one.checkVisibility()) found.push(`${size} px: ${texts.currentNode.data.trim()}`);
        }
        const over = document.documentElement.scrollWidth - document.documentElement.clientWidth;
        if (over > 0) found.push(`${over} px wider than the screen`);
        return found;
        JS), ...covered($case)];
}

/** @return list<string> */
function pagesToWalk(): array
{
    $job = Job::factory()->ring()->create();
    $run = Run::query()->whereNotNull('started_at')->firstOrFail();

    return [
        '/', '/jobs', '/casting', "/casting/{$run->id}", '/metal', '/sums', '/shop', '/plan', '/shop/own',
        '/workshop', '/rehearse', '/rehearse/three-claws', '/rehearse/push/6', '/rehearse/pour/14k-yellow',
        "/jobs/{$job->number}/price", ...array_map(
            static fn (string $one): string => "/jobs/{$job->number}/{$one}",
            ['brief', 'form', 'stones', 'wax', 'tree', 'burnout', 'pour', 'join', 'set', 'finish'],
        ),
    ];
}

it('keeps targets at 44 px, text at 13, boxes off lines and each other, and every page within the screen', function (
    int $from,
): void {
    // The last is 1280 by 800 at twice the size.
    $sizes = [[1280, 800], [1024, 768], [820, 1180], [390, 844], [640, 400]];
    $devices = new ChromeDevToolsDriver($this->browser());
    $resize = static fn (int $wide, int $high): array => $devices->execute('Emulation.setDeviceMetricsOverride', [
        'width' => $wide, 'height' => $high, 'deviceScaleFactor' => 1, 'mobile' => false,
    ]);
    try {
        foreach (pagesToWalk() as $at => $page) {
            if ($at % count($sizes) !== $from) {
                continue;
            }
            // Each is opened at one size, of the five each has its turn, and turned and dragged to the others.
            foreach ([...array_slice($sizes, $from), ...array_slice($sizes, 0, $from)] as $turn => [$wide, $high]) {
                $resize($wide, $high);
                $turn > 0 || $this->visit($page);
                $this->find('h1');
                usleep(300_000);
                $found = outOfHand($this);
                expect($found)->toBe([], "{$page} at {$wide}: ".implode('; ', $found));
            }
        }
    } finally {
        $devices->execute('Emulation.clearDeviceMetricsOverride');
    }
})->with([0, 1, 2, 3, 4]);
