<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** Powder and water as levels in two bowls, and the working clock as a dial. */
final class InvestmentDrawing
{
    /** The bowls are drawn so wide and high, mm on the sheet. */
    private const BOWL = [34.0, 40.0];

    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        return [self::levels($input, $answer), self::dial($answer)];
    }

    private static function levels(Input $input, Answer $answer): View
    {
        [$wide, $high] = self::BOWL;
        // Loose powder weighs about a gram a millilitre: the fuller of the two fills its bowl to the mark.
        $most = max($answer->num('powder_mass'), $answer->num('water_mass'));
        $view = new View('levels', 'Powder and water', 'levels', [-10, -10, 118, $high + 24]);
        foreach (['water_mass' => 0.0, 'powder_mass' => 58.0] as $name => $x) {
            $level = $high * 0.85 * $answer->num($name) / $most;
            $style = $name === 'water_mass' ? 'fill-stone' : 'fill-invest';
            $view->rect($x, $high - $level, $wide, $level, $style)
                ->through([[$x, 0], [$x, $high], [$x + $wide, $high], [$x + $wide, 0]], 'outline', false);
        }

        return $view->result('water_mass', 'water', [$wide / 2, $high / 2])
            ->result('powder_mass', 'powder', [58 + $wide / 2, $high / 2])
            ->input('flask_diameter', 'flask across', [$wide / 2, $high + 8])
            ->input('flask_height', 'flask high', [58 + $wide / 2, $high + 8]);
    }

    /** Once round is the whole working time; each stage is a slice of it. */
    private static function dial(Answer $answer): View
    {
        $radius = 22.0;
        $view = (new View('clock', 'Working clock', 'clock', [-44, -30, 88, 60]))->circle(0, 0, $radius, 'fill-paper');
        $stages = (array) $answer->value('clock');
        $whole = (float) (end($stages)['until_min'] ?? 1.0);
        $from = 0.0;
        foreach ($stages as $at => $stage) {
            $until = (float) $stage['until_min'];
            $points = [[0.0, 0.0]];
            for ($step = 0; $step <= 24; $step++) {
                $turn = 2 * M_PI * ($from + ($until - $from) * $step / 24) / $whole;
                $points[] = [$radius * sin($turn), -$radius * cos($turn)];
            }
            $view->filled($points, $at % 2 === 0 ? 'fill-invest' : 'fill-paper', 'thin');
            $middle = M_PI * ($from + $until) / $whole;
            $x = ($radius + 3) * sin($middle);
            $view->text(
                $x, -($radius + 3) * cos($middle) + 1, sprintf('%s %s', $stage['stage'], self::clock($until)),
                $x >= 0 ? 'start' : 'end', 'small',
            );
            $from = $until;
        }

        return $view->circle(0, 0, $radius);
    }

    private static function clock(float $minutes): string
    {
        return sprintf('%d:%02d', (int) $minutes, (int) round(60 * ($minutes - (int) $minutes)));
    }
}
