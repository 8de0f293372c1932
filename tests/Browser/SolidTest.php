<?php

declare(strict_types=1);

use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserCase;

/** A flat band of yellow gold with a garnet in a bezel cast with it. */
function turnedRing(array $more = []): Job
{
    return Job::factory()->holding([
        'brief.title' => 'a ring to turn', 'brief.finger' => '17.4 mm diameter', 'brief.alloy' => '18k-yellow',
        'form.profile' => 'flat', 'form.width_top' => '5', 'form.thickness_top' => '2',
        'stones.0.species' => 'garnet', 'stones.0.shape' => 'round', 'stones.0.width' => '6',
        'settings.0.style' => 'bezel', 'settings.0.made' => 'cast', ...$more,
    ])->create();
}

/**
 * What of the canvas is painted: how many pixels, from which column to which, the mean red, green and blue, and how
 * many are nearly white.
 *
 * @return array{count: int, left: int, right: int, colour: list<float>, bright: int}
 */
function painted(BrowserCase $case): array
{
    return $case->browser()->executeScript(<<<'JS'
        const canvas = document.querySelector('[data-testid="solid"]');
        if (!canvas) return { count: 0, left: 0, right: 0, colour: [0, 0, 0] };
        const copy = document.createElement('canvas');
        copy.width = 180; copy.height = 90;
        const context = copy.getContext('2d');
        context.drawImage(canvas, 0, 0, 180, 90);
        const data = context.getImageData(0, 0, 180, 90).data;
        let [count, left, right, bright] = [0, 999, 0, 0]; const colour = [0, 0, 0];
        for (let at = 0; at < data.length; at += 4) if (data[at + 3] > 200) {
            const x = (at / 4) % 180; count++; left = Math.min(left, x); right = Math.max(right, x);
            for (const way of [0, 1, 2]) colour[way] += data[at + way];
            if (data[at] + data[at + 1] + data[at + 2] > 690) bright++;
        }
        return { count, left, right, colour: colour.map((sum) => sum / (count || 1)), bright };
    JS);
}

/** @return array{count: int, left: int, right: int, colour: list<float>} once it is there and is not as it was */
function repainted(BrowserCase $case, ?array $before = null): array
{
    return $case->until(static function () use ($case, $before): ?array {
        $now = painted($case);

        return $now['count'] > 200 && $now !== $before ? $now : null;
    }, 'the piece is drawn anew');
}

it('turns the ring by pointer and by keys, sets it back, and changes it with a dimension', function (): void {
    $job = turnedRing();
    $this->visit("/jobs/{$job->number}/form");
    $this->tap('Turn it in the hand');
    $stood = repainted($this);
    // It is of gold: more red than blue.
    expect($stood['colour'][0])->toBeGreaterThan($stood['colour'][2] + 25);
    $this->pull('[data-testid="solid"]', 120, 0);
    $turned = repainted($this, $stood);
    $canvas = $this->find('[data-testid="solid"]');
    $eye = $canvas->getAttribute('data-eye');
    $canvas->sendKeys([WebDriverKeys::ARROW_LEFT, WebDriverKeys::ARROW_UP]);
    $this->until(fn (): bool => $this->find('[data-testid="solid"]')->getAttribute('data-eye') !== $eye,
        'the keys turn it');
    repainted($this, $turned);
    $this->find('[data-testid="solid"]')->sendKeys([WebDriverKeys::HOME]);
    $this->until(fn (): bool => painted($this) === $stood, 'it stands as it stood');
    // From the side a wider band is no wider to the eye; from above it is.
    $this->tap('from above');
    $narrow = repainted($this, $stood);
    $this->type('form.width_top', '9');
    $wide = repainted($this, $narrow);
    expect($wide['count'])->toBeGreaterThan($narrow['count']);
    $this->reads('[data-testid="solid-told"]', '9.0 along the finger');
});

it('takes the light as it is finished: polished, satin, and with its lows darkened', function (): void {
    $job = turnedRing([
        'brief.alloy' => 'sterling-925', 'form.profile' => 'half-round', 'settings.0.style' => 'claws',
    ]);
    $this->visit("/jobs/{$job->number}/finish");
    $this->tap('Turn it in the hand');
    $polished = repainted($this);
    $this->choose('finish.finish', 'satin');
    $satin = repainted($this, $polished);
    expect($satin['bright'])->toBeLessThan($polished['bright']);
    $this->reads('[data-testid="solid-told"]', 'Satin.');
    $this->choose('finish.patina', 'true');
    $this->reads('[data-testid="solid-told"]', 'Satin, its lows darkened.');
    $this->until(fn (): bool => painted($this)['colour'][0] < $satin['colour'][0] - 1.5, 'its lows are dark');
    $this->tap('as cast');
    // Without its stone, and as grey as it came from the flask.
    $this->until(fn (): bool => painted($this)['bright'] === 0, 'what is cast has no shine');
});

it('cuts the seat of a stone that is set into the band, and says how thin it is', function (): void {
    $said = function (Job $job): array {
        $this->visit("/jobs/{$job->number}/form");
        $this->tap('Turn it in the hand');
        repainted($this);
        $this->tap('one solid, STL');
        $text = $this->until(
            fn (): ?string => ($this->all('[data-testid="united"]')[0] ?? null)?->getText(), 'the parts are united',
        );
        preg_match('/of ([\d.]+) mm³.*under ([\d.]+) mm thick/s', $text, $found);

        return [(float) $found[1], (float) $found[2]];
    };
    $band = [
        'brief.title' => 'plain', 'brief.finger' => '17.4 mm diameter', 'brief.alloy' => 'sterling-925',
        'form.profile' => 'flat', 'form.width_top' => '5', 'form.thickness_top' => '2',
    ];
    [$whole, $wall] = $said(Job::factory()->holding($band)->create());
    // Pappus: 2π × 10 mm² × (8.7 + 1); and nowhere thinner than its wall.
    expect($whole)->toEqualWithDelta(2 * M_PI * 10 * 9.7, 0.3)->and($wall)->toEqualWithDelta(2.0, 0.02);
    [$cut] = $said(Job::factory()->holding([
        ...$band, 'stones.0.species' => 'garnet', 'stones.0.shape' => 'round', 'stones.0.width' => '3',
        'settings.0.style' => 'flush', 'settings.0.hole' => '50 %',
    ])->create());
    // By hand: a way in of 3 mm, 0.54 deep; a cone to 1.5 mm, 0.645 deep; a hole of 1.5 mm through the 0.815 left.
    $out = M_PI * 1.5 ** 2 * 0.54 + M_PI * 0.645 / 3 * (1.5 ** 2 + 1.5 * 0.75 + 0.75 ** 2) + M_PI * 0.75 ** 2 * 0.815;
    expect($whole - $cut)->toEqualWithDelta($out, 0.12 * $out);
});

it('draws the parts asunder, and shows the piece at life size', function (): void {
    $job = turnedRing();
    $this->visit("/jobs/{$job->number}/form");
    $this->tap('Turn it in the hand');
    $together = repainted($this);
    $slides = $this->all('[data-testid="solid"] ~ div input[type="range"]');
    $slides[1]->sendKeys(array_fill(0, 25, WebDriverKeys::ARROW_RIGHT));
    repainted($this, $together);
    $this->tap('as it stood');
    $this->until(fn (): bool => painted($this) === $together, 'its parts are together again');
    $this->tap('from the side');
    $side = repainted($this, $together);
    $this->tap('life size');
    // Across it is 21.4 mm, and the browser takes 96 px for an inch: so many of the canvas's pixels.
    $wide = $this->browser->executeScript('return document.querySelector("[data-testid=solid]").clientWidth');
    $now = $this->until(function () use ($side): ?array {
        $seen = painted($this);

        return $seen['count'] > 50 && $seen !== $side ? $seen : null;
    }, 'it is of another size');
    expect(($now['right'] - $now['left'] + 1) / 180 * $wide)->toEqualWithDelta(21.4 / 25.4 * 96, 9.0);
});

it('takes a pattern from a file: refused where it is open, read, taken, and given up again', function (): void {
    $job = turnedRing();
    $this->visit("/jobs/{$job->number}/wax");
    $path = sys_get_temp_dir().'/hot-sprue-pattern.stl';
    $this->find('section[aria-label="A pattern from a file"]');
    expect($this->all('[data-path="wax.file_tall"]'))->toBe([]);
    file_put_contents($path, stlBytes(array_slice(cubeTriangles(20.0), 1)));
    $this->find('[data-testid="pattern-file"]')->sendKeys($path);
    $this->click('input[name="carries"]');
    $this->reads('section[aria-label="A pattern from a file"]', '3 of its edges');
    file_put_contents($path, stlBytes(cubeTriangles(20.0)));
    $this->find('[data-testid="pattern-file"]')->sendKeys($path);
    $this->reads('[data-testid="pattern-read"]', '8000');
    $this->tap('Take it for the wax');
    $this->reads('[data-testid="pattern-taken"]', '8000');
    $this->saved();
    expect($job->refresh()->held()->decision('wax.file_volume'))->toEqual(8000.0)
        ->and($job->held()->decision('wax.file_tall'))->toEqual(20.0);
    // What it measures stands with it, to be set right, and goes with it.
    $this->type('wax.file_tall', '21');
    $this->saved();
    expect($job->refresh()->held()->decision('wax.file_tall'))->toEqual(21.0);
    $this->reads('section[aria-label="A pattern from a file"]', 'go by the pattern');
    $this->tap('go by Form again');
    $this->gone('[data-testid="pattern-taken"]');
    $this->saved();
    expect($job->refresh()->held()->decision('wax.file_volume'))->toBeNull()
        ->and($job->held()->decision('wax.file_tall'))->toBeNull()
        ->and($this->all('[data-path="wax.file_tall"]'))->toBe([]);
    unlink($path);
});

it('lays the piece beside itself in another metal and width, turns them as one, and makes what was chosen so',
    function (): void {
        $job = turnedRing();
        $this->visit("/jobs/{$job->number}/wax");
        $this->sees('beside it');
        $this->browser->executeScript(
            'const s = document.querySelector("[aria-label=\'the piece in another metal\']"); s.focus();',
        );
        $this->find('[aria-label="the piece in another metal"] option[value="14k-rose"]')->click();
        $this->find('[aria-label="another width"]')->sendKeys('7');
        $this->tap('Offer that too');
        $this->sees('and the piece in 14k rose, 7 mm wide');
        $this->find('[aria-label="Send the link to"]')->sendKeys('her@client.invalid');
        $this->tap('Send a link');
        $link = $this->until(
            fn (): ?string => ($this->all('[data-testid="look-address"]')[0] ?? null)?->getText(), 'the link is told',
        );
        $this->visit((string) parse_url($link, PHP_URL_PATH));
        $steps = fn (): array => $this->browser->executeScript(
            'return [...document.querySelectorAll("img.turned")].map((i) => i.complete && i.naturalWidth === 640'
            .' ? i.src.match(/(\d+)\.png$/)[1] : "")',
        );
        $this->until(fn (): bool => $steps() === ['0', '0'], 'both stand there');
        $this->all('input.turn')[1]->sendKeys([WebDriverKeys::ARROW_RIGHT]);
        $this->until(fn (): bool => $steps() === ['1', '1'], 'both have turned');
        $this->click('#offered-piece-14k-rose-7 + span, label[for="offered-piece-14k-rose-7"] span');
        $this->find('input[name="name"]')->sendKeys('Oda');
        $this->click('button[value="picks"]');
        $this->sees('Your word is with the workshop');
        $this->visit("/jobs/{$job->number}/wax");
        $this->sees('7 mm wide');
        $this->tap('make it so');
        $this->saved();
        expect($job->refresh()->held()->text('brief.alloy'))->toBe('14k-rose')
            ->and($job->held()->decision('form.width_top'))->toEqual(7.0);
    });

it('turns a pattern that was read, names its bore beside the finger’s, and marks where it is thin', function (): void {
    $job = turnedRing(['form.thickness_top' => '1.5']);
    $path = sys_get_temp_dir().'/hot-sprue-own.stl';
    file_put_contents($path, file_get_contents($this->url("/api/jobs/{$job->number}/solid/wax.stl")));
    $this->visit("/jobs/{$job->number}/wax");
    $this->find('[data-testid="pattern-file"]')->sendKeys($path);
    $this->click('input[name="carries"]');
    $this->reads('[data-testid="pattern-read"]', 'Its bore is');
    preg_match('/Its bore is ([\d.]+) mm, the finger asks for ([\d.]+) mm/',
        $this->text('[data-testid="pattern-read"]'), $found);
    // Its own wax, read back: the bore that was asked for.
    expect((float) $found[1])->toEqualWithDelta((float) $found[2], 0.015)->and((float) $found[2])
        ->toBeGreaterThan(17.3);
    expect(repainted($this)['count'])->toBeGreaterThan(200);
    $this->reads('[data-testid="thinnest"]', 'One place in a hundred');
    unlink($path);
});

it('turns what a sum is of, without a job', function (): void {
    $this->visit('/sums/seat.bezel');
    $this->tap('Turn it in the hand');
    $before = repainted($this);
    $this->reads('[data-testid="solid-told"]', 'Stones: stone');
    $this->visit('/sums/size.convert');
    $this->sees('Sums');
    $this->find('h1');
    expect($this->all('section[aria-label="The piece in the hand"]'))->toBe([])->and($before['count'])
        ->toBeGreaterThan(200);
});
