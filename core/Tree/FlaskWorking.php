<?php

declare(strict_types=1);

namespace HotSprue\Tree;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Formula;

/** How a flask out of the workshop's list is come by, as every calculation that takes one shows it. */
final class FlaskWorking
{
    /**
     * @param  array<string, mixed>  $flask  a row of the workshop’s list: inside measures, mm
     * @param  string  $fits  what the smallest in the list does, where none was chosen
     * @param  list<string>  $uses
     */
    public static function work(AnswerBuilder $answer, array $flask, bool $isChosen, string $fits, array $uses): void
    {
        [$name, $diameter, $height] = [(string) $flask['name'], (float) $flask['diameter'], (float) $flask['height']];
        $how = $isChosen ? 'as chosen' : "the smallest in the list that {$fits}";
        $answer
            ->work(
                'flask', $name, Formula::said($how, sprintf('%.1f across, %.1f tall inside', $diameter, $height)),
                uses: $uses, because: 'less investment, sooner dry',
            )
            ->work(
                'flask_diameter', $diameter, Formula::taken('the flask’s own', $diameter), uses: ['flask'],
                because: 'inside measure', source: 'the workshop’s flask list',
            )
            ->work(
                'flask_height', $height, Formula::taken('the flask’s own', $height), uses: ['flask'],
                because: 'inside measure', source: 'the workshop’s flask list',
            );
    }
}
