<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Level;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;

/** What old work that is brought in is looked at for before any flame. Source: workbook 12, coats and old work; 18. */
final class OldWork
{
    public const SEEN = ['unasked', 'clean', 'lead', 'cadmium', 'plated'];

    public const FINDINGS = [
        'old-work-unasked' => 'old work that nobody has looked at for lead, cadmium or plating',
        'lead-found' => 'lead solder on old work',
        'cadmium-found' => 'cadmium solder on old work',
        'plating-found' => 'plating or gilding on old work',
    ];

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::yesNo('old_work', 'whether it is old work, brought in')->called('old work in it?')->default(false),
            Field::choice('old_solder', self::SEEN, 'what was seen on it under the glass')->default('unasked'),
        ];
    }

    public static function judge(Input $input, AnswerBuilder $answer): void
    {
        if (! $input->flag('old_work')) {
            return;
        }
        match ($input->text('old_solder')) {
            'unasked' => $answer->find(
                Level::Stop, 'old-work-unasked', 'old_solder',
                'Nobody has looked at this old work for lead or cadmium solder, or for plating.',
                'Look under the glass for grey or yellow seams and worn gilding, and say what is there before '
                    .'any flame.',
            ),
            'lead' => $answer->find(
                Level::Stop, 'lead-found', 'old_solder',
                'Lead eats into gold and silver as soon as it is hot, and the ring falls to pieces.',
                'Scrape and file out every trace, or make the part anew; then say that it is clean.',
            ),
            'cadmium' => $answer->find(
                Level::Stop, 'cadmium-found', 'old_solder', 'Cadmium fumes when it is hot, and poisons unseen.',
                'Cut the old joint out cold; do not heat it. Then say that it is clean.',
            ),
            'plated' => $answer->find(
                Level::Caution, 'plating-found', 'old_solder',
                'Plating discolours and blisters under the flame; fire gilding gives off mercury.',
                'Tell the client that it will be lost; strip it or replate after the last fire. Old fire gilding is '
                    .'not heated at all.',
            ),
            default => null,
        };
    }
}
