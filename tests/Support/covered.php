<?php

declare(strict_types=1);

use Tests\Support\BrowserCase;

/**
 * What the boxes of the page's drawings lie on: lines for more than 16 px, words, or a handle that is to be pulled.
 *
 * @return list<string>
 */
function covered(BrowserCase $case): array
{
    return $case->browser()->executeScript(<<<'JS'
        const found = [];
        const step = 4;
        for (const sketch of document.querySelectorAll('.sketch')) {
            const points = [];
            for (const one of sketch.querySelectorAll('svg > line, svg > circle, svg > path, svg > text')) {
                const name = one.getAttribute('class') ?? '';
                const frame = one.getBoundingClientRect();
                const [midX, midY] = [(frame.left + frame.right) / 2, (frame.top + frame.bottom) / 2];
                if (name === 'handle') points.push([midX, midY, 'a handle', 9]);
                if (one.tagName === 'text') points.push([midX, midY, `the words ${one.textContent}`, 9]);
                if (!/^(outline|cast|finished|limit|hot|bar|flask)$/.test(name) || one.tagName === 'text') continue;
                const to = one.getScreenCTM();
                const scale = Math.hypot(to.a, to.b);
                for (let at = 0; at <= one.getTotalLength(); at += step / scale) {
                    const { x, y } = one.getPointAtLength(at);
                    points.push([x * to.a + y * to.c + to.e, x * to.b + y * to.d + to.f, `a line (${name})`, 1]);
                }
            }
            for (const box of sketch.querySelectorAll('[data-dimension]')) {
                const { left, right, top, bottom, width } = box.getBoundingClientRect();
                const on = {};
                for (const [x, y, what, weight] of width ? points : []) {
                    if (x > left + 2 && x < right - 2 && y > top + 2 && y < bottom - 2) {
                        on[what] = (on[what] ?? 0) + weight;
                    }
                }
                for (const [what, count] of Object.entries(on)) {
                    if (count > 16 / step) found.push(`${sketch.dataset.view}: ${box.innerText} covers ${what}`);
                }
            }
        }
        return found;
        JS);
}
