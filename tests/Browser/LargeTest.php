<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\Job;

/** How far a page reaches beyond its window, px. */
function overflow(Tests\Support\BrowserCase $case): int
{
    return (int) $case->browser()->executeScript(
        'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
    );
}

it('holds a title of ten thousand letters, and names that run right to left', function (): void {
    $title = str_repeat('lantern', 1_428).'ring';
    $client = Client::query()->create(['name' => 'נועה בן־דוד', 'contact' => str_repeat('x', 200)]);
    $long = Job::factory()
        ->ring()
        ->holding(
            [
                'brief.title' => $title, 'brief.finger' => 'US 7', 'form.width_top' => '5', 'form.thickness_top' => '2',
                'brief.due' => '2020-01-01',
            ],
        )
        ->create(['client_id' => $client->id]);
    $arabic = Job::factory()
        ->ring()
        ->holding(
            [
                'brief.title' => 'خاتم الفانوس', 'brief.finger' => 'US 7', 'form.width_top' => '5',
                'form.thickness_top' => '2', 'brief.due' => '2020-01-02',
            ],
        )
        ->create(['client_id' => $client->id]);
    foreach ([
        '/', '/jobs', "/jobs/{$long->number}/brief", "/jobs/{$long->number}/form", "/jobs/{$arabic->number}/form",
        '/workshop',
    ] as $page) {
        $this->visit($page);
        $this->find('h1');
        usleep(500_000);
        expect(overflow($this))->toBe(0, $page);
    }
    $this->sees('Workshop');
    Job::query()->whereKey([$long->id, $arabic->id])->delete();
});

it('asks at first start whether the machine’s hour is the workshop’s, and shows what was answered', function (): void {
    App\Models\Workshop::the()->update(['timezone' => 'Europe/Oslo', 'timezone_agreed' => false]);
    $this->visit('/');
    $this->reads('[data-testid="zone-question"]', 'Europe/Oslo');
    $this->tap('Yes, Europe/Oslo');
    $this->gone('[data-testid="zone-question"]');
    expect(App\Models\Workshop::the()->timezone_agreed)->toBeTrue();
    $this->visit('/workshop');
    $this->reads('[data-testid="journal"]', 'workshop changed');
    App\Models\Workshop::the()->update(['timezone' => 'UTC']);
});

it('lets a guest read, and says that nothing typed is saved; a client’s wish stands on Today until it '
    .'is answered', function (): void {
        $job = Job::factory()
            ->ring()
            ->holding(
                [
                    'brief.title' => 'wished for', 'brief.finger' => 'US 7', 'form.width_top' => '5',
                    'form.thickness_top' => '2',
                ],
            )
            ->create();
        app(App\Bench\JobKeeper::class)->store(
            $job,
            [
                new HotSprue\Job\Change(
                    'words.0', null,
                    [
                        'what' => 'asks', 'arrangement' => '', 'words' => 'a little narrower', 'look' => 1,
                        'by' => 'Hesper', 'at' => now()->toIso8601String(),
                    ],
                ),
            ],
            null, App\Bench\EntryKind::Client,
        );
        $this->visit('/');
        $this->reads('[data-testid="from-clients"]', 'a little narrower');
        $this->press('Answered: a little narrower');
        $answered = fn (): bool => isset($job->refresh()->held()->list('words')[0]['answered']);
        $this->until($answered, 'it was not answered');
        App\Models\Person::query()->where('id', 1)->update(['role' => 'guest']);
        try {
            $this->station($job, 'form');
            $this->reads('[data-testid="standing"]', 'may read here');
            $this->type('form.width_top', '6');
            $this->reads('[data-testid="saved"]', 'those who work at the bench');
            expect($job->refresh()->held()->decision('form.width_top'))->toEqual(5);
        } finally {
            App\Models\Person::query()->where('id', 1)->update(['role' => 'owner']);
        }
    });
