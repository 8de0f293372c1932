<?php

declare(strict_types=1);

// docs/developer/tour.md leads a stranger: what it names is there, and no answer takes more than four files.

it('answers ten questions, each within four files that are there', function (): void {
    $root = dirname(__DIR__, 2);
    $tour = (string) file_get_contents("{$root}/docs/developer/tour.md");
    preg_match_all('/^(\d+)\. (.+)$/m', $tour, $answers, PREG_SET_ORDER);
    expect(array_column($answers, 1))->toEqual(range(1, 10));
    foreach ($answers as [, $number, $text]) {
        preg_match_all('/\]\(\.\.\/\.\.\/([^)]+)\)/', $text, $links);
        $files = array_unique($links[1]);
        expect(count($files))->toBeGreaterThan(0, "question {$number}")->toBeLessThanOrEqual(4, "question {$number}");
        foreach ($files as $file) {
            expect(is_file("{$root}/{$file}"))->toBeTrue("question {$number}: {$file}");
        }
    }
});

it('finds there what is said to be there', function (string $file, string ...$words): void {
    $text = (string) file_get_contents(dirname(__DIR__, 2).'/'.$file);
    foreach ($words as $word) {
        expect($text)->toContain($word);
    }
})->with([
    'a limit' => ['core/Form/FormBandFindings.php', 'limits.crown_caution'],
    'its default' => ['core/Workshop/WorkshopFields.php', 'limits.crown_caution'],
    'alloys' => ['core/Stock/Alloys.php', 'function shipped', 'function columns'],
    'a shape' => ['core/Stones/Shapes/Pear.php', 'left('],
    'a station' => [
        'core/Job/Stations/Set.php', 'function uses', 'function decisions', 'function figures', 'function signOff',
    ],
    'a movement' => ['core/Account/MovementKind.php', 'case Deliver'],
    'a sheet of paper' => ['resources/js/print/sheets/index.ts', 'WaxTemplate'],
    'a column' => ['app/Models/Job.php', 'function row'],
    'a dimension' => ['core/Drawing/FormDrawing.php', "input('thickness_top'"],
    'the finger' => ['core/Job/Stations/Brief.php', 'brief.finger'],
    'the bore' => ['core/Wax/WaxDimensions.php', "'bore'"],
]);

it('names no file and no page in the docs that is not there', function (): void {
    $root = dirname(__DIR__, 2);
    foreach (['README.md', 'docs/*.md', 'docs/{goldsmith,developer,help}/*.md'] as $pages) {
        foreach (glob("{$root}/{$pages}", GLOB_BRACE) ?: [] as $page) {
            $text = (string) file_get_contents($page);
            preg_match_all('/`((?:app|core|resources|tests|tools|docs|bin)\/[A-Za-z0-9_\/.-]+)`/', $text, $named);
            preg_match_all('/\]\((?!https?:)([^)#]+)\)/', $text, $linked);
            foreach ([...array_map(static fn (string $path): string => "{$root}/{$path}", $named[1]),
                ...array_map(static fn (string $path): string => dirname($page)."/{$path}", $linked[1])] as $path) {
                expect(file_exists($path))->toBeTrue("{$page}: {$path}");
            }
        }
    }
});

it('has a README of one screen, no sentence of it over thirty words, and a page behind every question', function (
    string $page, int $most,
): void {
    $text = (string) file_get_contents(dirname(__DIR__, 2)."/{$page}");
    $prose = (string) preg_replace(['/^(?: {4}|\||#|!|\[Today).*$/m', '/\]\([^)]*\)/'], ['.', ']'], $text);
    $long = array_filter(
        preg_split('/(?<=[.:;!?])\s|\n\n|\n- |\n\d+\. /', $prose) ?: [],
        static fn (string $sentence): bool => count(preg_split('/\s+/', trim($sentence)) ?: []) > 30,
    );
    expect(array_values($long))->toBe([])->and(substr_count($text, "\n"))->toBeLessThanOrEqual($most);
})->with([['README.md', 50], ['docs/goldsmith/README.md', 60]]);
