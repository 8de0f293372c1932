<?php

declare(strict_types=1);

use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;
use Tests\BrowserCase;

require_once __DIR__.'/../Support/axe.php';
require_once __DIR__.'/../Support/solids.php';

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

it('shows wax in the colour of wax, without its stone, and says so in words', function (): void {
    $job = turnedRing();
    $this->visit("/jobs/{$job->number}/stones");
    $this->tap('Turn it in the hand');
    $gold = repainted($this);
    $this->reads('[data-testid="solid-told"]', 'Stones:');
    $this->tap('in wax');
    $wax = repainted($this, $gold);
    expect($wax['colour'][2])->toBeGreaterThan($wax['colour'][0]);
    $this->reads('[data-testid="solid-told"]', 'the wax');
    expect($this->text('[data-testid="solid-told"]'))->not->toContain('Stones:')
        ->and($this->find('[data-testid="solid"]')->getAttribute('aria-label'))->toContain('Arrow keys turn it');
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

it('cuts it open, and unites its parts into one solid', function (): void {
    $job = turnedRing();
    $this->visit("/jobs/{$job->number}/form");
    $this->tap('Turn it in the hand');
    $whole = repainted($this);
    $this->find('input[type="range"]')->sendKeys(array_fill(0, 25, WebDriverKeys::ARROW_RIGHT));
    repainted($this, $whole);
    $this->tap('one solid, STL');
    $said = $this->until(
        fn (): ?string => ($this->all('[data-testid="united"]')[0] ?? null)?->getText(), 'the parts are united',
    );
    $parts = $this->until(fn (): ?float => preg_match(
        '/its parts have (\d+)/', $this->text('[data-testid="solid-told"]'), $found,
    ) === 1 ? (float) $found[1] : null, 'their sum is told');
    preg_match('/of ([\d.]+) mm³/', $said, $found);
    // The collar's foot lies in nothing: united they have what they had one by one, less where they touch.
    expect($said)->toStartWith('One solid')->and((float) $found[1])->toEqualWithDelta($parts, 0.02 * $parts);
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

it('prints a still of the piece on its card', function (): void {
    $job = turnedRing();
    $this->visit("/print/{$job->number}/card");
    $this->until(fn (): bool => $this->browser->executeScript(
        'const i = document.querySelector("img.piece"); return !!i && i.complete && i.naturalWidth > 100',
    ) === true, 'the still is there');
});

it('is turned by the client, on the page that her link opens', function (): void {
    $job = turnedRing();
    $this->visit("/jobs/{$job->number}/wax");
    $this->sees('The piece, to be turned');
    $this->find('[aria-label="Send the link to"]')->sendKeys('her@client.invalid');
    $this->tap('Send a link');
    $link = $this->until(
        fn (): ?string => ($this->all('[data-testid="look-address"]')[0] ?? null)?->getText(), 'the link is told',
    );
    $this->visit((string) parse_url($link, PHP_URL_PATH));
    $isShown = fn (string $step): bool => $this->browser->executeScript(
        'const i = document.querySelector("img.turned"); return i.complete && i.naturalWidth === 640'
        .' && i.src.endsWith(arguments[0])', ["/{$step}.png"],
    );
    $this->until(fn (): bool => $isShown('0'), 'the piece is there');
    $this->find('input.turn')->sendKeys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT]);
    $this->until(fn (): bool => $isShown('2'), 'it turned by two steps');
    // Her choice is made by its words, not by the slide that stands above them.
    $this->click('#offered-piece + span, label[for="offered-piece"] span');
    expect($this->browser->executeScript('return document.querySelector("#offered-piece").checked'))->toBeTrue();
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

it('looks at a 3MF as at an STL, and keeps the section that its sprue is sized by', function (): void {
    $job = turnedRing(['form.thickness_top' => '1.5']);
    $path = sys_get_temp_dir().'/hot-sprue-own.3mf';
    file_put_contents($path, file_get_contents($this->url("/api/jobs/{$job->number}/solid/wax.3mf")));
    $this->visit("/jobs/{$job->number}/wax");
    $this->find('[data-testid="pattern-file"]')->sendKeys($path);
    $this->click('input[name="carries"]');
    $this->reads('[data-testid="pattern-read"]', 'Across the finger it is');
    preg_match('/modulus of ([\d.]+) mm/', explode('heaviest', $this->text('[data-testid="pattern-read"]'))[1], $found);
    expect(repainted($this)['count'])->toBeGreaterThan(200);
    $this->reads('[data-testid="thinnest"]', 'One place in a hundred');
    $this->tap('Take it for the wax');
    $this->saved();
    $this->until(fn (): bool => abs((float) $job->refresh()->held()->decision('wax.file_section') - (float) $found[1])
        < 0.006, 'the heaviest section is kept');
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

it('is open to everybody, and fits a phone: nothing that axe finds, nothing to draw sideways, nothing too small',
    function (string $scheme): void {
        $job = turnedRing();
        $this->browser()->executeScript("localStorage.setItem('hot-sprue.scheme', '{$scheme}')");
        $this->visit("/jobs/{$job->number}/wax");
        $this->tap('Turn it in the hand');
        repainted($this);
        $this->click('section[aria-label="The piece in the hand"] summary');
        expect(axeFinds($this)['wrong'])->toBe([]);
        $phone = BrowserCase::open(390, 844);
        try {
            $phone->get($this->url("/jobs/{$job->number}/form"));
            $open = 'const b = [...document.querySelectorAll("button")].find((one) => one.textContent.includes('
                .'"Turn it in the hand")); if (b) b.click(); return !!b';
            $this->until(static fn (): bool => $phone->executeScript($open) === true, 'it is opened');
            $this->until(static fn (): bool => $phone->executeScript(
                'return document.querySelector("[data-testid=solid]") !== null',
            ) === true, 'it is there');
            $small = $phone->executeScript(<<<'JS'
                const within = document.querySelector('section[aria-label="The piece in the hand"]');
                const small = [...within.querySelectorAll('button, a, input, summary')]
                    .filter((one) => one.getBoundingClientRect().height < 44).map((one) => one.outerHTML.slice(0, 90));
                const wide = document.documentElement.scrollWidth;
                return wide > window.innerWidth + 1 ? [...small, `the page is ${wide} wide`] : small;
                JS);
            expect($small)->toBe([]);
        } finally {
            $phone->quit();
            $this->browser()->executeScript("localStorage.removeItem('hot-sprue.scheme')");
        }
    })->with(['light', 'dark']);
