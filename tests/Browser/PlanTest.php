<?php

declare(strict_types=1);

use App\Models\FixedStep;
use App\Models\Job;
use App\Models\Person;
use App\Models\WorkedStep;
use Facebook\WebDriver\WebDriverKeys;

beforeEach(function (): void {
    $this->job = Job::query()->where('title', 'garnet, low in the band')->firstOrFail();
    $this->bar = "[data-bar=\"{$this->job->number} handover\"]";
});

afterEach(function (): void {
    FixedStep::query()->delete();
    WorkedStep::query()->delete();
    Person::query()->update(['hours' => null]);
});

/** Somebody is at the bench whenever the tests are run: in the evening too there is a step of today’s. */
function workedRoundTheClock(): void
{
    Person::query()->get()->each(static fn (Person $person): bool => $person->update(['hours' => array_map(
        static fn (string $day): array => ['day' => $day, 'from' => '0:00', 'to' => '24:00'],
        ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'],
    )]));
}

it('shows what a day later costs by keys, lays it there, and lets it go free', function (): void {
    $this->visit('/plan');
    $bar = $this->find($this->bar);
    $this->browser->executeScript('arguments[0].focus()', [$bar]);
    $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ARROW_RIGHT);
    $this->reads('[data-testid="cost"]', "hand over of {$this->job->number}");
    $this->find('[data-testid="ghost"]');
    $this->reads('[data-testid="cost"]', 'at another hour');
    // Left alone, nothing is kept.
    $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
    $this->until(fn (): bool => $this->all('[data-testid="cost"]') === [], 'Escape leaves it');
    expect(FixedStep::query()->count())->toBe(0);
    $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ARROW_RIGHT);
    $this->reads('[data-testid="cost"]', 'at another hour');
    $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
    $this->find("{$this->bar}[data-fixed]");
    expect(FixedStep::query()->where('job_id', $this->job->id)->count())->toBe(1);
    $this->browser->executeScript('arguments[0].focus()', [$this->find($this->bar)]);
    $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
    $this->reads('[data-testid="step-panel"]', 'it is fixed');
    $this->tap('Let it go free');
    $this->until(fn (): bool => $this->all("{$this->bar}[data-fixed]") === [], 'it is free again');
    expect(FixedStep::query()->count())->toBe(0);
});

it('is dragged to another hand, and says who does it then', function (): void {
    $this->visit('/plan');
    $bar = $this->find($this->bar);
    $own = (string) $this->browser->executeScript('return arguments[0].closest("[data-lane]").dataset.lane', [$bar]);
    $other = $own === 'Maren' ? 'Tobit' : 'Maren';
    $lane = $this->find("[data-lane=\"{$other}\"]");
    $from = $bar->getLocation();
    $to = $lane->getLocation();
    $this->pull($this->bar, 60, $to->getY() - $from->getY());
    $this->reads('[data-testid="cost"]', $other);
    $this->tap('Lay it there');
    $this->find("[data-lane=\"{$other}\"] {$this->bar}[data-fixed]");
    expect(FixedStep::query()->firstOrFail()->person?->name)->toBe($other);
});

it('starts a step on Today, pauses it and ends it, and learns its minutes', function (): void {
    workedRoundTheClock();
    $this->visit('/');
    $this->find('[data-testid="matters"]');
    $line = "[data-testid=\"today-plan\"] [data-step=\"{$this->job->number} handover\"]";
    $this->reads($line, 'hand over');
    $this->click("{$line} [aria-label=\"Start hand over of {$this->job->number}\"]");
    $this->click("{$line} [aria-label=\"Pause hand over of {$this->job->number}\"]");
    $this->reads($line, 'spent');
    $this->reads($line, 'Go on');
    $this->click("{$line} [aria-label=\"hand over of {$this->job->number} is done\"]");
    $this->until(fn (): bool => $this->all($line) === [], 'what is done is gone');
    expect(WorkedStep::query()->where(['job_id' => $this->job->id, 'done' => true])->count())->toBe(1);
});

it('goes from a day to a quarter and back, and prints a week', function (): void {
    $this->visit('/plan');
    $this->find($this->bar);
    foreach (['90' => 'quarter', '30' => 'month', '1' => 'day', '7' => 'week'] as $days => $_) {
        $this->click("[aria-label=\"How much is shown\"] option[value=\"{$days}\"]");
        $this->find('[data-testid="lanes"] [data-bar]');
    }
    $this->tap('Print the week');
    $this->reads('.sheet-of-paper', 'The week from');
    $this->reads('.sheet-of-paper', 'Tobit');
});

it('promises a day at Brief, which is agreed on by one tap', function (): void {
    $job = Job::query()->where('title', 'wave-edged band')->firstOrFail();
    $due = $job->due_on?->toDateString();
    $this->station($job, 'brief');
    $this->reads('[data-testid="promise"]', 'Can be promised for');
    $this->reads('[data-testid="promise"]', 'the client thinks it over');
    $this->click('[data-testid="promise"] button');
    $this->saved();
    $agreed = Job::query()->whereKey($job->id)->firstOrFail()->due_on?->toDateString();
    expect($agreed)->not->toBe($due);
    // The day is said as the workshop says days, however the browser writes it.
    $this->reads('main', (new DateTimeImmutable((string) $agreed))->format('D j M'));
    $this->until(
        fn (): bool => ! str_contains($this->text('[data-testid="promise"]'), 'Agree on'), 'it is agreed on',
    );
});
