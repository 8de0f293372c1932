<?php

declare(strict_types=1);

use App\Bench\JobAnswer;
use App\Models\Job;
use App\Models\Person;
use HotSprue\Calculations;
use HotSprue\Drawing\DxfWriter;
use HotSprue\Drawing\SvgWriter;
use HotSprue\Drawing\View;
use HotSprue\Job\InputBindings;
use HotSprue\Job\Kind;
use HotSprue\Job\Station;
use Tests\Support\OffSheet;

/** Every station that the demo's jobs pass, with the job's answers there. */
function everyPage(callable $look): int
{
    Person::query()->delete();
    demoWorkshop();
    $seen = 0;
    foreach (Job::query()->with('rulebook', 'client')->orderBy('number')->get() as $job) {
        foreach (Kind::of($job->held())->stations() as $station) {
            $look($job, $station, new JobAnswer($job, $job->held(), $station));
            $seen++;
        }
    }

    return $seen;
}

it('draws on every page only what lies on its sheet, and every figure on a drawing is one '
    .'of the job', function (): void {
        $drawn = $outside = [];
        $pages = everyPage(function (Job $job, Station $station, JobAnswer $answer) use (&$drawn, &$outside): void {
            foreach ($answer->drawings() as [$use, $view]) {
                /** @var View $view */
                $data = $view->toArray();
                $what = "{$job->number} {$station->value} {$use}/{$view->name}";
                [, , $wide, $high] = $data['box'];
                expect($wide)->toBeGreaterThan(0.0, $what)->and($high)->toBeGreaterThan(0.0, $what);
                foreach (OffSheet::shapes($data) as $shape) {
                    $outside[] = "{$what}: {$shape}";
                }
                foreach ($data['dimensions'] as $dimension) {
                    $calculation = Calculations::describe(
                        InputBindings::use($dimension['use'] ?? $use)->calculation,
                    );
                    $names = $dimension['kind'] === 'input'
                        ? array_column($calculation->inputs, 'name')
                        : array_column($calculation->results, 'name');
                    expect($names)->toContain($dimension['name'])->and($dimension['label'])->not->toBe('');
                }
                $drawn["{$use}/{$view->name}"] = $view;
            }
        });
        expect($outside)->toBe([])->and($pages)->toBeGreaterThan(400)->and(count($drawn))->toBeGreaterThan(25);
        foreach ($drawn as $name => $view) {
            expect(simplexml_load_string(SvgWriter::write($view)))->not->toBeFalse($name)
                ->and(DxfWriter::write($view))->toEndWith("ENDSEC\n  0\nEOF\n")->not->toContain('nan')
                ->not->toContain('inf');
        }
    });

it('shows at every station what the whole job says, and every remedy leads somewhere', function (): void {
    everyPage(function (Job $job, Station $station, JobAnswer $answer): void {
        if ($job->number % 6 !== 0) {
            return;
        }
        $what = "{$job->number} {$station->value}";
        [$page, $whole] = [$answer->ofStation(), $answer->toArray()];
        foreach ((array) $page['answers'] as $use => $shown) {
            expect($shown)->toEqual(((array) $whole['answers'])[$use], "{$what} {$use}");
        }
        expect($page['page'])->toEqual($whole['page'], $what);
        foreach ($page['page']['findings'] as $finding) {
            expect(trim($finding['message']))
                ->not->toBe('', $what)->and(trim($finding['remedy']))->not->toBe('', $what);
            foreach ($finding['fixes'] ?? [] as $fix) {
                expect(HotSprue\Job\TypedChanges::field($fix['path']))->not->toBeNull("{$what}: {$fix['path']}");
            }
        }
    });
});

it('names every part of every station’s drawings in its page of help', function (): void {
    $unnamed = $read = [];
    everyPage(function (Job $job, Station $station, JobAnswer $answer) use (&$unnamed, &$read): void {
        $read[$station->value] ??= (string) file_get_contents(base_path("docs/help/{$station->value}.md"));
        expect($read[$station->value])->toStartWith("# {$station->label()}\n")
            ->toContain("## On the drawing\n", "## What to do\n");
        foreach ($answer->drawings() as [, $view]) {
            foreach (array_column($view->toArray()['dimensions'], 'label') as $label) {
                str_contains($read[$station->value], "**{$label}**") ?: $unnamed["{$station->value}: {$label}"] = true;
            }
        }
    });
    expect(array_keys($unnamed))->toBe([])->and($read)->toHaveCount(count(Station::cases()));
});
