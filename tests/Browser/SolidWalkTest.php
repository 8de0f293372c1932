<?php

declare(strict_types=1);

use App\Models\Job;
use HotSprue\Job\JobAnswers;

/** What the solid says of itself at a stage: mm across, along the finger, tall, and mm³. */
function toldSizes(): array
{
    preg_match('/([\d.]+) mm across, ([\d.]+) along the finger and ([\d.]+) tall; its parts have (\d+) mm³/',
        test()->text('[data-testid="solid-told"]'), $found);

    return array_map(floatval(...), array_slice($found, 1));
}

function atStage(string $words, string $told): array
{
    test()->tap($words);
    test()->reads('[data-testid="solid-told"]', $told);

    return toldSizes();
}

it('walks a plain ring through the solid, typed at bench speed over a tangled line, millimetre by millimetre',
    function (): void {
        $job = Job::factory()->holding([
            'brief.title' => 'plain, and walked', 'brief.finger' => '17.4 mm diameter', 'brief.alloy' => 'sterling-925',
            'form.profile' => 'flat', 'form.width_top' => '4', 'form.thickness_top' => '1.8',
        ])->create();
        $this->visit("/jobs/{$job->number}/form");
        tangle($this);
        // Pressed twice, it is open or shut, and open again.
        $this->tap('Turn it in the hand');
        $this->tap('Put it down');
        $this->tap('Turn it in the hand');
        keyed($this, 'form.width_top', '5', 120);
        leave($this);
        keyed($this, 'form.thickness_top', '2.0', 90);
        leave($this);
        $this->saved();
        // π × the mean diameter × the section: 609.47 mm³.
        $this->reads('[data-testid="solid-told"]', 'parts have 609');
        expect(toldSizes())->toEqualWithDelta([21.4, 5.0, 21.4, 609.47], 0.6);
        // Finishing and 1.5 % of shrinkage: bore 17.2, width 5.2, thickness 2.25, each ÷ 0.985.
        [$bore, $wide, $thick] = [17.2 / 0.985, 5.2 / 0.985, 2.25 / 0.985];
        $wax = M_PI * ($bore + $thick) * $thick * $wide;
        expect(atStage('in wax', 'the wax'))->toEqualWithDelta(
            [$bore + 2 * $thick, $wide, $bore + 2 * $thick, $wax], 0.6,
        )->and(atStage('as cast', 'as cast'))->toEqualWithDelta([21.7, 5.2, 21.7, $wax * 0.985 ** 3], 0.6);
        // Taken back, and done again.
        $this->browser->executeScript('document.activeElement.blur()');
        $this->keys('u');
        $this->reads('[data-testid="solid-told"]', '21.3 tall');
        $this->saved();
        $this->visit("/jobs/{$job->number}/form");
        keyed($this, 'form.thickness_top', '2.0', 60);
        leave($this);
        $this->saved();

        // Its own wax goes out as a file and comes in as somebody else's pattern.
        $path = sys_get_temp_dir().'/hot-sprue-walk.stl';
        file_put_contents($path, file_get_contents($this->url("/api/jobs/{$job->number}/solid/wax.stl")));
        $this->visit("/jobs/{$job->number}/wax");
        tangle($this);
        $this->find('[data-testid="pattern-file"]')->sendKeys($path);
        $this->click('input[name="carries"]');
        $this->reads('[data-testid="pattern-read"]', 'Across the finger it is 5.28 mm × 2.28 mm on top');
        $this->tap('Take it for the wax');
        $this->saved();
        $this->reads('[data-testid="pattern-taken"]', '748');
        unlink($path);
        $answers = JobAnswers::of($job->refresh()->held(), $job->settings());
        $section = $wide * $thick / 2 / ($wide + $thick);
        expect($answers->value('metal.charge', 'piece_mass'))->toEqualWithDelta($wax / 1000 * 10.36, 0.01)
            ->and($answers->value('sprue.size', 'diameter'))->toEqualWithDelta(4.4 * $section, 0.01);
        $this->station($job, 'tree');
        $this->tap('Turn it in the hand');
        // A ring of 22 mm, its legs and its button, in a flask.
        $this->reads('[data-testid="solid-told"]', 'flask');

        // A day later it is where it was.
        $this->visit("/jobs/{$job->number}/wax");
        $this->reads('[data-testid="pattern-taken"]', '748');
        $this->tap('go by Form again');
        $this->saved();
        $again = JobAnswers::of($job->refresh()->held(), $job->settings());
        expect($again->value('metal.charge', 'piece_mass'))->toEqualWithDelta($wax / 1000 * 10.36, 0.01)
            ->and($job->held()->decision('wax.file_section'))->toBeNull();
    });
