<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** A seat cut into the metal for a round stone: its drills and burs, its depth and its beads. Source: workbook 4. */
final class SeatRound implements Calculation
{
    private const SOURCE = 'workbook 4, bead, flush and shared seats';

    /** Each tool as a share of the stone, in the order of work. */
    private const TOOLS = [
        'pilot' => 'pilot drill', 'opened' => 'drill', 'ball' => 'ball or bud bur', 'bearing' => 'bearing bur',
    ];

    public function description(): Description
    {
        return new Description(
            'seat.round',
            'Seat for a round',
            'The drills, burs and beading tool for a round stone’s seat, and its depth',
            self::SOURCE,
            [
                Field::length('diameter', 'diameter of the stone'),
                ...Proportions::fields(),
                Field::choice(
                    'style', ['flush', 'bead', 'shared', 'channel'],
                    'flush, its own beads, beads shared with its neighbours, or between two rails',
                )->default('flush'),
            ],
            [
                Output::length('pilot', 'pilot drill, right through'),
                Output::length('opened', 'drill that opens it'),
                Output::length('ball', 'ball or bud bur'),
                Output::length('bearing', 'bearing bur'),
                Output::length('girdle_below', 'top of the girdle under the surface'),
                Output::length('seat_depth', 'seat under the surface'),
                Output::length(
                    'bead_from', 'a bead is raised from so far outside the edge, at the least',
                )->called('bead, from'),
                Output::length('bead_to', 'and at the most')->called('bead, to'),
                Output::length('cup', 'cup of the beading tool'),
                Output::text('tool', 'number of the nearest beading tool'),
                Output::rows('tools', 'tools in the order of work, mm'),
                Output::rows(
                    'on_band', 'its centre for the grid: along and across the outside, and diameter, mm',
                )->called('places on the band'),
            ],
            ['cup-limited' => 'the cup that the stone asks for lies outside 0.35–0.9 mm'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $d = $input->num('diameter');
        $stone = Proportions::of($input, $d, $settings);
        $flush = $input->text('style') === 'flush';
        $answer = AnswerBuilder::of($this, $input);
        $tools = [];
        foreach (self::TOOLS as $tool => $called) {
            $share = $settings->num("seats.{$tool}");
            $tools[] = ['tool' => $called, 'mm' => $share * $d];
            $answer->work(
                $tool, $share * $d,
                Formula::of(
                    '{share} × {diameter}', ['share' => $share, 'diameter' => $d],
                )->told(sprintf('%.2f × diameter', $share)),
                uses: ['diameter'], because: 'each tool leaves the next a true start',
            );
        }
        $below = $stone->girdleBelow($input->text('style'), $d, $settings);
        $answer
            ->work(
                'girdle_below', $below,
                $flush ? Formula::taken('the crown', $stone->crown) : Formula::of(
                    '{share} × {diameter}', ['share' => $settings->num('seats.bead_below'), 'diameter' => $d],
                ),
                uses: ['diameter', 'depth', 'style'],
                because: $flush
                    ? 'its table lies with the surface; up to 0.1 deeper where more is pushed over'
                    : 'its table stands',
            )
            ->work(
                'seat_depth', $below + $stone->girdle,
                Formula::of(
                    '{girdle below the surface} + {girdle}',
                    ['girdle below the surface' => $below, 'girdle' => $stone->girdle],
                ),
                uses: ['diameter', 'depth', 'girdle_height', 'style'], because: 'where the bearing bur stops',
            );
        if (in_array($input->text('style'), ['bead', 'shared'], true)) {
            $tools[] = $this->bead($answer, $settings, $d);
        }
        $answer->give('tools', $tools)->give('on_band', [['along' => 0.0, 'across' => 0.0, 'diameter' => $d]]);

        return $answer->answer();
    }

    /** @return array{tool: string, mm: float} */
    private function bead(AnswerBuilder $answer, WorkshopSettings $settings, float $d): array
    {
        $cup = min(0.9, max(0.35, $settings->num('seats.cup') * $d));
        $numbers = $settings->rows('stock.cup_tools');
        usort($numbers, static fn (array $a, array $b): int => abs($a['cup'] - $cup) <=> abs($b['cup'] - $cup));
        $answer
            ->work(
                'bead_from', 0.25 * $d, Formula::of('0.25 × {diameter}', ['diameter' => $d]), uses: ['diameter'],
                because: 'nearer tears the edge',
            )
            ->work(
                'bead_to', 0.4 * $d, Formula::of('0.4 × {diameter}', ['diameter' => $d]), uses: ['diameter'],
                because: 'farther raises too long a bead',
            )
            ->work(
                'cup', $cup,
                Formula::of(
                    'min(0.9, max(0.35, {share} × {diameter}))',
                    ['share' => $settings->num('seats.cup'), 'diameter' => $d],
                ),
                uses: ['diameter'], because: 'the bead fills the cup',
            )
            ->work(
                'tool', (string) ($numbers[0]['name'] ?? '–'),
                Formula::said(
                    'the nearest in the workshop’s own table', sprintf('a cup of %.2f mm', $numbers[0]['cup'] ?? 0.0),
                ),
                uses: ['diameter'], because: 'numbers are the maker’s own', source: 'the workshop’s tool table',
            );
        if (abs($settings->num('seats.cup') * $d - $cup) > 1e-9) {
            $answer->find(
                Level::Note, 'cup-limited', 'cup',
                sprintf(
                    'A cup of %.2f mm is taken where the stone asks for %.2f mm.', $cup,
                    $settings->num('seats.cup') * $d,
                ),
                $d > 2 ? 'Raise more beads, not larger ones.' : 'So small a bead wants a glass and a light hand.',
            );
        }

        return ['tool' => 'beading tool, cup', 'mm' => $cup];
    }
}
