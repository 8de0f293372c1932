<?php

declare(strict_types=1);

namespace HotSprue\Wax;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** Linear shrinkage from pattern to casting, as a share: by the process, or as typed. Source: workbook 6. */
final class Shrinkage
{
    public const PROCESSES = ['carved', 'mould', 'resin', 'clay'];

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            self::process(),
            Field::share('shrinkage', 'linear shrinkage from pattern to casting; by the process unless said')
                ->between(0, 0.3)->optional(),
        ];
    }

    public static function process(): Field
    {
        return Field::choice('process', self::PROCESSES, 'how the pattern is made')->default('carved')
            ->choosing('shrinkage.');
    }

    /** @throws BadInput when both are given */
    public static function read(Input $input, WorkshopSettings $settings): float
    {
        if ($input->has('shrinkage') && $input->isGiven('process')) {
            throw BadInput::bothGiven(['process', 'shrinkage']);
        }

        return $input->has('shrinkage') ? $input->num('shrinkage') : $settings->num(
            'shrinkage.'.$input->text('process'),
        );
    }

    /** @return list<string> */
    public static function uses(Input $input): array
    {
        return [$input->has('shrinkage') ? 'shrinkage' : 'process'];
    }

    /**
     * Shrinkage from the pattern as weighed to the casting: a moulded wax has already had the mould's part.
     *
     * @throws BadInput for metal clay, which is not cast
     */
    public static function weighedToCasting(Input $input, WorkshopSettings $settings): float
    {
        return match ($input->text('process')) {
            'mould' => $settings->num('shrinkage.mould_weighed'),
            'clay' => throw BadInput::field(
                'process', 'Metal clay is fired, not cast; carved, mould or resin is accepted.',
            ),
            default => $settings->num('shrinkage.'.$input->text('process')),
        };
    }
}
