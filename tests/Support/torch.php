<?php

declare(strict_types=1);

use App\Rehearsals\HeatLesson;
use Facebook\WebDriver\WebDriverKeys;
use HotSprue\Heat\Node;
use PHPUnit\Framework\AssertionFailedError;
use Tests\Support\BrowserCase;

/** Opens a lesson, takes a torch and lets it burn four times as quick, or as said. */
function atTheTorch(BrowserCase $case, string $lesson, string $torch = 'air-gas', int $pace = 4): void
{
    $case->visit("/rehearse/{$lesson}");
    $case->find('[data-testid="heat-stage"]');
    foreach (['Torch' => $torch, 'Pace' => (string) $pace] as $label => $value) {
        $case->click("select[aria-label=\"{$label}\"] option[value=\"{$value}\"]");
    }
}

/** Leads the pointer to the middle of the piece, or of one part of it; so many mm aside. */
function leadTo(BrowserCase $case, string $lesson, ?string $part = null, float $aside = 0.0): void
{
    $own = array_filter(
        HeatLesson::named($lesson)->piece()->nodes,
        static fn (Node $node): bool => $part === null || $node->part === $part,
    );
    $mass = array_sum(array_map(static fn (Node $node): float => $node->mass, $own));
    $at = static fn (callable $of): float => array_sum(array_map(
        static fn (Node $node): float => $node->mass * $of($node), $own,
    )) / $mass;
    leadToPlace($case, $lesson, $at(static fn (Node $node): float => $node->x) + $aside,
        $at(static fn (Node $node): float => $node->y));
}

/** Leads the pointer to where the first joint of the heat meets. */
function leadToJoint(BrowserCase $case, string $lesson): void
{
    $piece = HeatLesson::named($lesson)->piece();
    $sides = [$piece->nodes[$piece->now()[0]->from], $piece->nodes[$piece->now()[0]->to]];
    leadToPlace($case, $lesson, ($sides[0]->x + $sides[1]->x) / 2, ($sides[0]->y + $sides[1]->y) / 2);
}

/** Leads the pointer to a place on the piece, mm. */
function leadToPlace(BrowserCase $case, string $lesson, float $x, float $y): void
{
    $points = array_merge(...array_column((array) HeatLesson::named($lesson)->answer()->value('outlines'), 'points'));
    [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
    $canvas = $case->find('[data-testid="heat-stage"]');
    $size = $canvas->getSize();
    // The piece lies in the middle, with six mm round it.
    $scale = min($size->getWidth() / (max($xs) - min($xs) + 12), $size->getHeight() / (max($ys) - min($ys) + 12));
    $case->browser()->executeScript('arguments[0].scrollIntoView({block: "center"})', [$canvas]);
    $case->browser()->action()->moveToElement(
        $canvas, (int) round($scale * ($x - (max($xs) + min($xs)) / 2)),
        (int) round($scale * ($y - (max($ys) + min($ys)) / 2)),
    )->perform();
}

/** Begins it bare: coat, flux and solder are for the other hand to see to. */
function bare(BrowserCase $case): void
{
    $case->click('select[aria-label="Begins"] option[value="bare"]');
    $case->reads('[data-testid="seen"]', 'Cold and bare: coat it, flux it and lay its solder first.');
}

/** Does with the other hand all of one kind that is offered. */
function does(BrowserCase $case, string $act): void
{
    foreach ($case->all("[data-act^=\"{$act}\"]") as $button) {
        $button->click();
    }
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

/** By keys: holds the torch as said, lights it, waits until something is seen, takes it away and is done. */
function burnUntil(BrowserCase $case, string $seen, string $held = ''): void
{
    $stage = $case->find('[data-testid="heat-stage"]');
    $stage->sendKeys("{$held} ");
    watch($case, SEEN.".{$seen}");
    $stage->sendKeys([' ', WebDriverKeys::ENTER]);
}

const SEEN = 'document.querySelector(\'[data-testid="seen"]\')';
