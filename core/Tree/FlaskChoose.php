<?php

declare(strict_types=1);

namespace HotSprue\Tree;

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

/** The smallest flask that holds one pattern on its axis with investment enough around it. Source: workbook 8. */
final class FlaskChoose implements Calculation
{
    public function description(): Description
    {
        return new Description(
            'flask.choose',
            'Flask',
            'The smallest flask in the list that holds the pattern',
            'workbook 8, flask',
            [
                Field::length('across', 'pattern across, standing on its sprue'),
                Field::length('deep', 'pattern from front to back; as across unless said')->optional(),
                Field::length('tall', 'pattern from the sprue’s end to its top'),
                Field::length('sprue_length', 'from the flask’s foot to the pattern')
                    ->allowingZero()->fromSetting('sprue.length'),
                Field::named('flask', 'stock.flasks', 'a flask chosen by hand')->optional(),
            ],
            [
                Output::text('flask', 'the flask'),
                Output::length('flask_diameter', 'inside diameter of the flask'),
                Output::length('flask_height', 'inside height of the flask'),
                Output::length('wall_margin', 'investment between pattern and wall'),
                Output::length('end_margin', 'investment between the top of the pattern and the end'),
            ],
            [
                'no-flask-fits' => 'no flask in the list leaves 6 mm to the wall and 12 mm to the end',
                'thin-wall' => 'the flask chosen leaves under 6 mm of investment to the wall',
                'thin-end' => 'the flask chosen leaves under 12 mm of investment to the end',
                'does-not-fit' => 'the pattern does not go into the flask chosen',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $radius = hypot($input->num('across'), $input->numOr('deep', 0.0)) / 2;
        $tall = $input->num('tall') + $input->num('sprue_length');
        [$wall, $end] = [$settings->num('flask.wall'), $settings->num('flask.end')];
        $flasks = $settings->rows('stock.flasks');
        $room = static fn (array $flask): float => $flask['diameter'] ** 2 * $flask['height'];
        usort($flasks, static fn (array $a, array $b): int => $room($a) <=> $room($b));
        $fits = array_values(
            array_filter(
                $flasks,
                static fn (array $f): bool => $f['diameter'] / 2 - $radius >= $wall - 1e-9
                    && $f['height'] - $tall >= $end - 1e-9,
            ),
        );
        $answer = AnswerBuilder::of($this, $input);
        $flask = $input->has('flask') ? $settings->row('stock.flasks', $input->text('flask')) : ($fits[0] ?? null);
        if ($flask === null) {
            return $answer->find(
                Level::Stop, 'no-flask-fits', 'tall',
                sprintf(
                    'No flask takes %.0f mm across and %.0f mm tall with %.0f mm to the wall and %.0f mm to the end.',
                    2 * $radius, $tall, $wall, $end,
                ),
                'Shorten the sprue, or add a larger flask on the Shop page.',
            )->answer();
        }
        [$wallLeft, $endLeft] = [$flask['diameter'] / 2 - $radius, $flask['height'] - $tall];
        $uses = [...array_filter(['across', 'deep'], $input->has(...)), 'flask'];
        FlaskWorking::work($answer, $flask, $input->has('flask'), 'fits', $uses);
        $answer
            ->work(
                'wall_margin', $wallLeft,
                Formula::of(
                    '({flask diameter} − √({across} ^ 2 + {depth} ^ 2)) ÷ 2',
                    [
                        'flask diameter' => $flask['diameter'], 'across' => $input->num('across'),
                        'depth' => $input->numOr('deep', 0.0),
                    ],
                ),
                uses: $uses, because: 'a single ring stands on the axis; its corner comes nearest the wall',
            )
            ->work(
                'end_margin', $endLeft,
                Formula::of(
                    '{flask height} − {sprue} − {pattern}',
                    [
                        'flask height' => $flask['height'], 'sprue' => $input->num('sprue_length'),
                        'pattern' => $input->num('tall'),
                    ],
                ),
                uses: ['tall', 'sprue_length', 'flask'], because: 'the end takes the push of the metal',
            );
        $set = $fits === [] ? [] : ['flask' => $fits[0]['name']];
        $remedy = $fits === [] ? 'No flask in the list has more; shorten the sprue.' : "Take the {$fits[0]['name']}.";
        if ($wallLeft < 0 || $endLeft < 0) {
            $answer->find(
                Level::Stop, 'does-not-fit', 'flask', 'The pattern does not go into this flask.', $remedy, $set,
            );
        } else {
            if ($wallLeft < $wall - 1e-9) {
                $answer->find(
                    Level::Caution, 'thin-wall', 'flask',
                    sprintf('%.1f mm to the wall, under %.0f mm: the investment cracks there.', $wallLeft, $wall),
                    $remedy,
                    $set,
                );
            }
            if ($endLeft < $end - 1e-9) {
                $answer->find(
                    Level::Caution, 'thin-end', 'flask',
                    sprintf('%.1f mm to the end, under %.0f mm: the metal may break through.', $endLeft, $end), $remedy,
                    $set,
                );
            }
        }

        return $answer->answer();
    }
}
