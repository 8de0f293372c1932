<?php

declare(strict_types=1);

namespace App\ClientReview;

use App\Bench\JobAnswer;
use App\Models\Job;
use HotSprue\Drawing\View;
use HotSprue\Job\Station;

/** The drawings of a job that may be offered to its client. */
final class OfferedDrawings
{
    /** The finished piece itself, turned by whoever looks. */
    public const PIECE = 'piece';

    private const STATIONS = [Station::Stones, Station::Form, Station::Wax];

    /** What may be offered, as a client calls it. */
    private const TITLES = [
        'head' => 'The stone and its setting, from above', 'round' => 'The stones round the middle one',
        'row' => 'The row of stones', 'row-other-way' => 'The row the other way', 'ring' => 'The ring from the side',
        'letters' => 'The letters round the ring', self::PIECE => 'Your ring, to be turned',
    ];

    public static function title(string $name): string
    {
        return self::TITLES[$name] ?? 'A drawing of your ring';
    }

    /** @return array<string, View> by name */
    public static function of(Job $job): array
    {
        $views = [];
        foreach (self::STATIONS as $station) {
            foreach ((new JobAnswer($job, $job->held(), $station))->drawings() as [, $view]) {
                if (isset(self::TITLES[$view->name])) {
                    $views[$view->name] ??= $view;
                }
            }
        }

        return $views;
    }

    /** @return array<string, string> what may be offered, by name, as the bench calls it */
    public static function titles(Job $job): array
    {
        $titles = array_map(static fn (View $view): string => (string) $view->toArray()['title'], self::of($job));

        return TurnedPiece::of($job) === null ? $titles : [...$titles, self::PIECE => 'The piece, to be turned'];
    }
}
