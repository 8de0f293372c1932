<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Run;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Support\BrowserCase;

// Every kind of page, opened once and turned through a laptop, a small one, a tablet, a phone, and twice the size.

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

/** @return list<string> what is typed into or pressed and whose edge is drawn at less than 3:1 */
function faintEdges(BrowserCase $case): array
{
    return $case->browser()->executeScript(<<<'JS'
        const light = (rgb) => {
            const [r, g, b] = rgb.match(/[\d.]+/g).slice(0, 3).map((one) => {
                const part = one / 255;
                return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
            });
            return 0.2126 * r + 0.7152 * g + 0.0722 * b;
        };
        const behind = (element) => {
            for (let at = element.parentElement; at; at = at.parentElement) {
                const colour = getComputedStyle(at).backgroundColor;
                if (!/, 0\)$/.test(colour)) return colour;
            }
            return 'rgb(255, 255, 255)';
        };
        return [...document.querySelectorAll('main input[type=text], main input:not([type]), button.plate, select')]
            .filter((one) => one.offsetWidth > 0 && parseFloat(getComputedStyle(one).borderTopWidth) > 0)
            .flatMap((one) => {
                const [a, b] = [light(getComputedStyle(one).borderTopColor), light(behind(one))];
                const ratio = (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
                return ratio < 3 ? [`${one.getAttribute('aria-label')} ${ratio.toFixed(2)}`] : [];
            });
        JS);
}

/** @return array<string, list<string>> */
function pagesByKind(): array
{
    $ring = Job::factory()->ring()->create()->number;
    $run = Run::query()->whereNotNull('started_at')->firstOrFail()->id;
    $of = static fn (string $title): int => Job::query()->where('title', $title)->firstOrFail()->number;
    [$oval, $signet] = [$of('blue oval in a ring of diamonds'), $of('harbour-light signet')];

    return [
        'lists' => ['/', '/jobs', '/casting', "/casting/{$run}", '/metal', '/plan'],
        'the workshop' => ['/shop', '/shop/own', '/workshop', '/sums', '/sums/layout.halo', '/sums/join.plan'],
        'rehearsals' => [
            '/rehearse', '/rehearse/three-claws', '/rehearse/push/6', '/rehearse/pour/14k-yellow',
        ],
        'a job up to its wax' => array_map(
            static fn (string $one): string => "/jobs/{$ring}/{$one}", ['brief', 'form', 'stones', 'wax', 'price'],
        ),
        'a job from its tree on' => array_map(
            static fn (string $one): string => "/jobs/{$ring}/{$one}",
            ['tree', 'burnout', 'pour', 'join', 'set', 'finish', 'handover'],
        ),
        'crowded ones' => [
            "/jobs/{$oval}/stones", "/jobs/{$oval}/join", "/jobs/{$signet}/tree", "/jobs/{$signet}/pour",
            "/print/{$oval}/labels",
        ],
    ];
}

it('keeps targets, text, boxes and edges in hand at every size, and axe finds nothing wrong', function (
    string $kind,
): void {
    // The last is 1280 by 800 at twice the size; axe looks at the first in the light and at the phone in the dark.
    $sizes = ['light' => [1280, 800], [1024, 768], [820, 1180], 'dark' => [390, 844], [640, 400]];
    $devices = new ChromeDevToolsDriver($this->browser());
    $wrong = [];
    $looked = 0;
    try {
        foreach (pagesByKind()[$kind] as $page) {
            $this->go($page);
            foreach ($sizes as $scheme => [$wide, $high]) {
                $devices->execute('Emulation.setDeviceMetricsOverride', [
                    'width' => $wide, 'height' => $high, 'deviceScaleFactor' => 1, 'mobile' => false,
                ]);
                $this->find($kind === 'crowded ones' ? 'h1, .label' : 'h1');
                // A page that was opened comes to rest; one that was turned is placed anew within a few frames.
                usleep($wide === 1280 ? 250_000 : 120_000);
                // A page on paper is read by axe, and has nothing that is pressed.
                $found = str_starts_with($page, '/print') ? [] : outOfHand($this);
                if (is_string($scheme)) {
                    $this->browser()->executeScript(
                        'document.documentElement.classList.toggle("dark", arguments[0])', [$scheme === 'dark'],
                    );
                    $axe = axeFinds($this);
                    $looked += $axe['passes'] > 5 ? 1 : 0;
                    $found = [...$found, ...$axe['wrong'], ...faintEdges($this)];
                    $this->browser()->executeScript('document.documentElement.classList.remove("dark")');
                }
                $wrong = [...$wrong, ...array_map(
                    static fn (string $one): string => "{$page} at {$wide}: {$one}", $found,
                )];
            }
        }
    } finally {
        $devices->execute('Emulation.clearDeviceMetricsOverride');
    }
    expect($wrong)->toBe([])->and($looked)->toBe(2 * count(pagesByKind()[$kind]));
})->with([
    'lists', 'the workshop', 'rehearsals', 'a job up to its wax', 'a job from its tree on', 'crowded ones',
]);
