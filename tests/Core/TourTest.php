<?php

declare(strict_types=1);

// docs/tour.md leads a stranger: what it names is there, and no answer takes more than four files.

it('answers ten questions, each within four files that are there', function (): void {
    $root = dirname(__DIR__, 2);
    preg_match_all('/^(\d+)\. (.+)$/m', (string) file_get_contents("{$root}/docs/tour.md"), $answers, PREG_SET_ORDER);
    expect(array_column($answers, 1))->toEqual(range(1, 10));
    foreach ($answers as [, $number, $text]) {
        preg_match_all('/\]\(\.\.\/([^)]+)\)/', $text, $links);
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

it('names no file in the README or the decisions that is not there', function (string $page): void {
    $root = dirname(__DIR__, 2);
    $text = (string) file_get_contents("{$root}/{$page}");
    preg_match_all('/`((?:app|core|resources|tests|docs|bin|database)\/[A-Za-z0-9_\/.-]+)`/', $text, $named);
    preg_match_all('/\]\(((?:docs|\.)[^)#]+)\)/', $text, $linked);
    foreach ($named[1] as $path) {
        expect(file_exists("{$root}/{$path}"))->toBeTrue("{$page}: {$path}");
    }
    foreach ($linked[1] as $path) {
        expect(file_exists(dirname("{$root}/{$page}").'/'.$path))->toBeTrue("{$page}: {$path}");
    }
})->with(['README.md', 'docs/decisions.md', 'docs/deploy.md']);
