<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Workshop;
use Sabre\VObject\Reader;

/** @return array<string, array{from: string, to: string, alarms: int, summary: string}> by UID,
    read by the library alone */
function events(string $text): array
{
    $events = [];
    foreach (Reader::read($text)->VEVENT ?? [] as $event) {
        $uid = (string) $event->UID;
        expect($events)->not->toHaveKey($uid);
        $events[$uid] = [
            'from' => $event->DTSTART->getDateTime()->format('Y-m-d\TH:i'),
            'to' => isset($event->DTEND) ? $event->DTEND->getDateTime()->format('Y-m-d\TH:i') : '',
            'alarms' => isset($event->VALARM) ? count($event->VALARM) : 0, 'summary' => (string) $event->SUMMARY,
        ];
    }

    return $events;
}

function calendarLink(array $whose): string
{
    return (string) parse_url(
        test()->postJson('/api/calendars', $whose)->assertCreated()->json('address'), PHP_URL_PATH,
    );
}

beforeEach(function (): void {
    Workshop::the()->update(['kilns' => [['id' => 'kiln', 'flasks' => 2, 'alone' => true]], 'timezone' => 'Europe/Oslo',
        'timezone_agreed' => true]);
    $this->job = Job::factory()->ring()->holding(['brief.due' => '2026-12-18'])->create(['due_on' => '2026-12-18']);
});

it('gives a person their steps and due days, in UTC, each under a name that stays', function (): void {
    $path = calendarLink(['person' => 'Maren']);
    $text = (string) $this->get($path)->assertOk()->getContent();
    $events = events($text);
    $number = $this->job->number;
    // Nine in UTC is ten in Oslo: the brief begins at once.
    expect($events["step-{$number}-brief-0@hot-sprue"])->toMatchArray([
        'from' => '2026-11-25T09:00', 'to' => '2026-11-25T09:30', 'summary' => "{$number} brief",
    ])->and($events["due-{$number}@hot-sprue"]['from'])->toStartWith('2026-12-18')
        ->and($text)->toContain('DTSTART:20261125T090000Z')->toContain('X-WR-TIMEZONE:Europe/Oslo');
    $this->travelTo('2026-11-26 09:00:00');
    $later = events((string) $this->get($path)->getContent());
    expect(array_keys($later))->toContain("step-{$number}-brief-0@hot-sprue")
        ->and($later["step-{$number}-brief-0@hot-sprue"]['from'])->toBe('2026-11-26T09:00');
});

it('tells a kiln’s burnouts with alarms', function (): void {
    $events = events((string) $this->get('/api/plan.ics?kiln=kiln')->assertOk()->getContent());
    $run = $events["run-{$this->job->number}@hot-sprue"];
    $pour = $events["run-{$this->job->number}-pour@hot-sprue"];
    expect($run['alarms'])->toBe(1)->and($pour['from'])->toBe($run['to'])->and($pour['alarms'])->toBe(1);
});

it('ends a link that is revoked, and tells nothing to who has none', function (): void {
    $path = calendarLink(['kiln' => 'kiln']);
    $links = $this->getJson('/api/calendars')->assertOk()->json('links');
    expect($links[0]['whose'])->toBe('kiln');
    $this->postJson("/api/calendars/{$links[0]['id']}/revoke")->assertOk()->assertJsonPath('links', []);
    $this->get($path)->assertNotFound();
    $this->get('/calendar/'.str_repeat('x', 48).'.ics')->assertNotFound();
    foreach ([[], ['person' => 'nobody'], ['kiln' => 'none'], ['person' => 'Maren', 'kiln' => 'kiln']] as $bad) {
        $this->postJson('/api/calendars', $bad)->assertStatus(422);
    }
});

it('gives the plan as a table', function (): void {
    $csv = (string) $this->get('/api/plan.csv')->assertOk()->getContent();
    expect($csv)->toStartWith("job,step,what,by,start,end,fixed\r\n")
        ->toContain("{$this->job->number},brief,brief,Maren,2026-11-25T10:00:00+01:00");
});
