<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Fields\Input;

/** Expected and weighed side by side, to scale by mass. */
final class CastDrawing
{
    /** @return list<View> */
    public static function views(Input $input): array
    {
        if (! $input->has('expected_mass')) {
            return [];
        }
        $most = max($input->num('expected_mass'), $input->num('casting_mass'));
        $view = new View('casting', 'The casting on the balance', 'side', [0, 0, 40, 22]);
        foreach (['expected_mass' => 'expected', 'casting_mass' => 'weighed'] as $name => $label) {
            $y = $name === 'expected_mass' ? 2 : 12;
            $long = 40 * $input->num($name) / $most;
            $view->rect(0, $y, $long, 5, $name === 'expected_mass' ? 'ghost' : 'fill-metal')->text(
                0, $y + 8.2, sprintf('%s %.2f g', $label, $input->num($name)), 'start', 'small',
            );
        }

        return [$view];
    }
}
