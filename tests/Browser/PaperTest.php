<?php

declare(strict_types=1);

use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Paper;

it('heads every sheet with the workshop’s name and mark, as they are kept on its page', function (): void {
    $this->visit('/workshop');
    $this->find('[aria-label="Name of the workshop"]')->sendKeys(', by the harbour');
    $this->find('[aria-label="Maker’s mark"]')->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, 'MTS']);
    $this->tap('Keep them');
    $this->until(fn (): bool => App\Models\Workshop::the()->mark === 'MTS', 'the mark was not kept');
    $job = Job::query()->where('title', 'blue oval in a ring of diamonds')->firstOrFail();
    foreach (['card', 'stones', 'handover'] as $sheet) {
        $this->visit("/print/{$job->number}/{$sheet}");
        $this->reads('.letterhead', 'by the harbour');
        $this->reads('.letterhead .mark', 'MTS');
    }
});

it('prints a label for the envelope and one for each stone, each with a code that opens the job', function (): void {
    $job = Job::query()->where('title', 'blue oval in a ring of diamonds')->firstOrFail();
    $this->visit("/print/{$job->number}/labels");
    $this->reads('.labels', '17 × round diamond');
    $this->reads('.labels', 'oval sapphire');
    expect($this->all('.label'))->toHaveCount(3);
    // A code has a square of seven by seven, a white ring and a black core in three of its corners.
    $corners = $this->browser()->executeScript(<<<'JS'
        const svg = document.querySelector('.job-code');
        const dark = new Set(svg.querySelector('path').getAttribute('d').split('M').slice(1)
            .map((one) => one.split('h')[0]));
        const size = svg.viewBox.baseVal.width - 4;
        const finder = (left, top) => [...Array(49).keys()].every((at) => {
            const [x, y] = [at % 7, Math.floor(at / 7)];
            const ring = Math.max(Math.abs(x - 3), Math.abs(y - 3));
            return dark.has(`${left + x} ${top + y}`) === (ring !== 2);
        });
        return [finder(0, 0), finder(size - 7, 0), finder(0, size - 7), finder(size - 7, size - 7)];
        JS);
    expect($corners)->toBe([true, true, true, false]);
    $this->find("[aria-label=\"Code that opens job {$job->number}\"]");
});

it('offers the sheets of its kind: a sizing has no kiln, and prints how it is done', function (): void {
    $job = Job::query()->where('title', 'her mother’s band, larger')->firstOrFail();
    $this->station($job, 'brief');
    $this->tap('This job');
    $this->sees('Print the sizing');
    $menu = $this->text('[role="menu"]');
    expect($menu)->not->toContain('kiln card')->not->toContain('casting sheet');
    $this->visit("/print/{$job->number}/sizing");
    $this->reads('.sheet-of-paper', 'How it is done');
    $this->reads('.sheet-of-paper', 'UK L');
    $this->reads('.sheet-of-paper', 'saw through');
    $this->find('.to-write');
});

it('says findings, refusals and workings in the units at hand', function (): void {
    $this->visit('/sums/form.band');
    $this->type('thickness_top', '0.9');
    $this->reads('[data-finding="crown-too-thin"]', 'mm');
    $this->browser()->executeScript(
        'localStorage.setItem("hot-sprue.units", '
            .'JSON.stringify({length: "in", mass: "g", temperature: "F", size: "us"}))',
    );
    $this->visit('/sums/form.band');
    $this->type('thickness_top', '0.9 mm');
    // 0.9 mm is 0.035 in; the limit of 0.80 mm is 0.031 in.
    $this->reads('[data-finding="crown-too-thin"]', '0.035 in finishes at');
    $this->reads('[data-finding="crown-too-thin"]', 'under 0.031 in');
    $this->visit('/sums/pour.fill');
    $this->type('flask_temperature', '150 C');
    // 150 °C is 302 °F, and 200 °C 392.
    $this->reads('[data-finding="flask-too-cold"]', 'A flask at 302 °F');
    $this->reads('[data-finding="flask-too-cold"]', 'Pour at 392 °F or above');
    $this->click('[data-result]');
    $this->find('[data-testid="working"]');
    $this->visit('/sums/size.convert');
    $this->click('[data-result="inner_diameter"]');
    $this->reads('[data-testid="working"]', ' mm = ');
    $this->browser()->executeScript('localStorage.removeItem("hot-sprue.units")');
});

it('prints every sheet of a job once, dark on white, whatever the scheme; two of them on Letter', function (): void {
    $job = Job::factory()->ring()->create();
    $stoned = Job::query()->where('title', 'blue oval in a ring of diamonds')->firstOrFail();
    $this->browser->executeScript('localStorage.setItem("hot-sprue.scheme", "dark")');
    // A4 is 595 by 842 points, Letter 612 by 792; a bar of 50 mm stands where something is at life size.
    foreach ([
        ['card', $job, 'plain band', 210.0, 297.0], ['kiln', $job, 'Switch on', 210.0, 297.0],
        ['casting', $job, 'charge to melt', 210.0, 297.0], ['handover', $job, 'How to care for it', 210.0, 297.0],
        ['template', $job, 'bar', 210.0, 297.0], ['labels', $stoned, 'oval sapphire', 210.0, 297.0],
        ['stones', $stoned, 'bar', 215.9, 279.4], ['template', $job, 'bar', 215.9, 279.4],
    ] as [$sheet, $of, $words, $wide, $high]) {
        $file = $this->printed("/print/{$of->number}/{$sheet}", $wide, $high);
        exec('pdfinfo '.escapeshellarg($file), $info);
        exec('pdftotext -layout '.escapeshellarg($file).' - 2>/dev/null', $text);
        $page = $wide > 212 ? '61[12]\.?\d* x 79[12]' : '59[45]\.?\d* x 84[12]';
        expect(implode("\n", $info))->toMatch("/Page size:\\s+{$page}/", $sheet)
            ->toMatch('/Pages:\s+[12]\n/', $sheet)
            ->and(implode("\n", $text))->not->toContain('at the bench', $sheet)
            ->and(Paper::lightShare($file))->toBeGreaterThan(0.8, $sheet);
        $words === 'bar'
            ? expect(Paper::blackRun($file))->toEqualWithDelta(50.0, 0.2, $sheet)
            : expect(implode("\n", $text))->toContain($words);
        unlink($file);
        [$info, $text] = [[], []];
    }
});
