<?php

declare(strict_types=1);

use App\Rehearsals\HeatLesson;
use HotSprue\Heat\Node;
use PHPUnit\Framework\AssertionFailedError;
use Tests\BrowserCase;

/** Opens a lesson, takes a torch and lets it burn twice as quick. */
function atTheTorch(BrowserCase $case, string $lesson, string $torch = 'air-gas'): void
{
    $case->visit("/rehearse/{$lesson}");
    $case->find('[data-testid="heat-stage"]');
    foreach (['Torch' => $torch, 'Pace' => '2'] as $label => $value) {
        $case->click("select[aria-label=\"{$label}\"] option[value=\"{$value}\"]");
    }
}

/** Leads the pointer to a place on the piece, mm: the middle of it, or of one part. */
function leadTo(BrowserCase $case, string $lesson, ?string $part = null): void
{
    $heat = HeatLesson::named($lesson);
    $piece = $heat->piece();
    $own = array_filter($piece->nodes, static fn (Node $node): bool => $part === null || $node->part === $part);
    $mass = array_sum(array_map(static fn (Node $node): float => $node->mass, $own));
    $at = static fn (callable $of): float => array_sum(array_map(
        static fn (Node $node): float => $node->mass * $of($node), $own,
    )) / $mass;
    $points = array_merge(...array_column((array) $heat->answer()->value('outlines'), 'points'));
    [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
    $canvas = $case->find('[data-testid="heat-stage"]');
    $size = $canvas->getSize();
    // The piece lies in the middle, with six mm round it.
    $scale = min($size->getWidth() / (max($xs) - min($xs) + 12), $size->getHeight() / (max($ys) - min($ys) + 12));
    $case->browser()->executeScript('arguments[0].scrollIntoView({block: "center"})', [$canvas]);
    $case->browser()->action()->moveToElement(
        $canvas, (int) round($scale * ($at(static fn (Node $node): float => $node->x) - (max($xs) + min($xs)) / 2)),
        (int) round($scale * ($at(static fn (Node $node): float => $node->y) - (max($ys) + min($ys)) / 2)),
    )->perform();
}

/** Waits as an eye does until something is seen; `$script` says whether it is. */
function watch(BrowserCase $case, string $script, float $patience = 90.0): void
{
    $until = microtime(true) + $patience;
    while ($case->browser()->executeScript("return {$script}") !== true) {
        if (microtime(true) > $until) {
            throw new AssertionFailedError("never seen: {$script}; last ".$case->text(
                '[data-testid="seen"]',
            ));
        }
        usleep(40_000);
    }
}

const SEEN = 'document.querySelector(\'[data-testid="seen"]\')';
