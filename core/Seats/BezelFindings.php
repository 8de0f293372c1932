<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Level;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** What is found of a bezel or a tube. Source: workbook 4, bezel. */
final class BezelFindings
{
    public static function judge(
        AnswerBuilder $answer, Input $input, WorkshopSettings $settings, ?TubeStock $tube,
    ): void
    {
        if ($tube === null && $input->num('wall') < $settings->num('seats.tube_wall') - 1e-9) {
            $answer->find(Level::Caution, 'wall-thin', 'wall',
                sprintf('A wall of %.2f mm tears when it is pushed over, and wears through.', $input->num('wall')),
                'Take 0.3 mm or more.', ['wall' => $settings->num('seats.tube_wall')]);
        }
    }
}
