<?php

declare(strict_types=1);

use Tests\Support\BrowserCase;

/**
 * What axe finds wrong on the page that stands.
 *
 * @return array{passes: int, wrong: list<string>}
 */
function axeFinds(BrowserCase $case): array
{
    $case->browser()->executeScript(
        (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'),
    );

    return $case->browser()->executeAsyncScript(<<<'JS'
        const done = arguments[arguments.length - 1];
        axe.run(document, {
            runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'], resultTypes: ['violations'],
            // What is found is told by its HTML: to name each by a selector takes longer than to look.
            selectors: false, preload: false,
        }).then(({ violations, passes }) => done({ passes: passes.length, wrong: violations.map((one) =>
            `${one.id}: ${one.nodes.slice(0, 3).map((node) => node.html.slice(0, 120)).join(' | ')}`) }),
        (error) => done({ passes: 0, wrong: [String(error)] }));
        JS);
}
