<?php

declare(strict_types=1);

namespace App\Plan;

use App\Models\Job;
use App\Models\Workshop;
use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/**
 * The plan as an iCalendar: a person's steps and due days, or a kiln's burnouts. One step keeps one UID, so that a
 * calendar is brought up to date and nothing stands in it twice.
 */
final readonly class PlanCalendar
{
    /** @param array<string, mixed> $results of `time.plan` */
    private function __construct(private array $results, private string $zone) {}

    public static function ofPerson(string $name): string
    {
        return self::now()->person($name);
    }

    public static function ofKiln(string $kiln): string
    {
        return self::now()->kiln($kiln);
    }

    private static function now(): self
    {
        $answer = (new WorkshopPlan)->answer();

        return new self(
            ['placed' => $answer->value('placed'), 'runs' => $answer->value('runs')], Workshop::the()->timezone,
        );
    }

    private function person(string $name): string
    {
        $calendar = $this->empty("Plan of {$name}");
        foreach ((array) $this->results['placed'] as $step) {
            foreach ($step['by'] === $name && $step['resource'] === 'person' ? $step['pieces'] : [] as $at => $piece) {
                $this->event(
                    $calendar, "step-{$step['job']}-{$step['step']}-{$at}", "{$step['job']} {$step['what']}",
                    $piece['from'], $piece['to'],
                );
            }
        }
        foreach (Job::query()->where('state', 'open')->whereNotNull('due_on')->orderBy('number')->get() as $job) {
            $due = new VEvent($calendar, 'VEVENT', [
                'UID' => "due-{$job->number}@hot-sprue", 'SUMMARY' => "{$job->number} is due: {$job->title}",
                'DTSTAMP' => new DateTimeImmutable('now', new DateTimeZone('UTC')),
            ]);
            $due->add('DTSTART', $job->due_on?->format('Ymd') ?? '', ['VALUE' => 'DATE']);
            $calendar->add($due);
        }

        return $calendar->serialize();
    }

    private function kiln(string $kiln): string
    {
        $calendar = $this->empty("Burnouts in {$kiln}");
        foreach ((array) $this->results['runs'] as $run) {
            if ($run['kiln'] !== $kiln) {
                continue;
            }
            $jobs = implode(', ', $run['jobs']);
            // Jobs tell a burnout from another, however often it is moved.
            $name = 'run-'.implode('-', $run['jobs']);
            $on = $this->event($calendar, $name, "Burnout of {$jobs}", $run['switch_on'], $run['ready_at']);
            $on->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => '-PT15M', 'DESCRIPTION' => "Switch {$kiln} on"]);
            $pour = $this->event($calendar, "{$name}-pour", "Pour {$jobs}", $run['ready_at'],
                (new DateTimeImmutable($run['ready_at']))->modify('+1 hour')->format('c'));
            $pour->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => '-PT10M', 'DESCRIPTION' => "Pour {$jobs}"]);
        }

        return $calendar->serialize();
    }

    private function empty(string $name): VCalendar
    {
        return new VCalendar([
            'PRODID' => '-//Hot Sprue//Plan//EN', 'X-WR-CALNAME' => $name, 'X-WR-TIMEZONE' => $this->zone,
        ]);
    }

    private function event(VCalendar $calendar, string $uid, string $summary, string $from, string $to): VEvent
    {
        $utc = new DateTimeZone('UTC');
        $event = new VEvent($calendar, 'VEVENT', [
            'UID' => "{$uid}@hot-sprue", 'SUMMARY' => $summary, 'DTSTAMP' => new DateTimeImmutable('now', $utc),
            'DTSTART' => (new DateTimeImmutable($from))->setTimezone($utc),
            'DTEND' => (new DateTimeImmutable($to))->setTimezone($utc),
        ]);
        $calendar->add($event);

        return $event;
    }
}
