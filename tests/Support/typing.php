<?php

declare(strict_types=1);

use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserCase;

/** A ring with everything in it that a station can be typed into. */
function fullJob(): Job
{
    return Job::factory()->ring()->holding([
        'brief.title' => 'band', 'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925', 'form.width_top' => '5',
        'form.thickness_top' => '2',
        'stones.0.shape' => 'round', 'stones.0.width' => '4', 'stones.0.species' => 'garnet',
        'settings.0.style' => 'bezel', 'attempts.0.note' => 'first', 'castings.0.note' => 'first',
        'parts.0.id' => 'shank', 'parts.1.id' => 'bezel', 'joints.0.id' => 'on', 'joints.0.parts' => 'shank, bezel',
    ])->create();
}

/** Answers come after a while, and not in the order in which they were asked for. */
function tangle(BrowserCase $case): void
{
    $case->browser()->executeScript(
        'const real = window.fetch; let asked = 0; const after = [420, 30, 700, 160, 520, 10]; window.fetch = '
            .'(...one) => new Promise((done, broken) => setTimeout(() => real(...one).then(done, broken), '
                .'after[asked++ % after.length]));',
    );
}

/** Types key by key, as a hand does. */
function keyed(BrowserCase $case, string $path, string $text, int $pause): void
{
    $case->click("button[data-path=\"{$path}\"]");
    $input = $case->find("[data-path=\"{$path}\"] input");
    $input->sendKeys([WebDriverKeys::CONTROL, 'a']);
    foreach (mb_str_split($text) as $letter) {
        $case->find("[data-path=\"{$path}\"] input")->sendKeys($letter);
        usleep($pause * 1000);
    }
}

function leave(BrowserCase $case): void
{
    $case->keys(WebDriverKeys::TAB);
}

/** Breaks what is asked of one route, until it is mended. */
function breaks(BrowserCase $case, string $route, string $answer): void
{
    $case->browser()->executeScript(
        'window.asked = 0; window.mended = window.mended ?? window.fetch; window.fetch = (path, options) => '
            ."String(path).includes('{$route}') ? (window.asked++, {$answer}) : window.mended(path, options);",
    );
}

function mend(BrowserCase $case): void
{
    $case->browser()->executeScript('window.fetch = window.mended');
}

function signsOff(BrowserCase $walk, Job $job, string $station): void
{
    $walk->saved();
    $walk->click('[data-testid="next"]');
    $walk->until(
        fn (): bool => ($job->refresh()->held()->map('stations')[$station]['state'] ?? '') === 'signed',
        "{$station} was not signed",
    );
}

function looksAndLeaves(BrowserCase $walk, Job $job): void
{
    foreach (['size', 'tight', 'level', 'snags', 'joints', 'photograph'] as $look) {
        $walk->click("[data-tick=\"handover.{$look}\"]");
    }
    $walk->choose('handover.mark', 'struck');
    $walk->saved();
}
