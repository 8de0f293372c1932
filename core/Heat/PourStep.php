<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** What is done in the minute of the pour, in its order. Source: workbook 10, the checklist. */
enum PourStep: string
{
    case Arm = 'arm';
    case Crucible = 'crucible';
    case Torch = 'torch';
    case Flux = 'flux';
    case Flask = 'flask';
    case Release = 'release';
    case TorchOff = 'torch-off';

    /** @return array<string, string> how each is said, by its name */
    public static function sayings(): array
    {
        return [
            'arm' => 'balance and wind the arm', 'crucible' => 'glaze and warm the crucible',
            'torch' => 'torch on the metal', 'flux' => 'a pinch of flux', 'flask' => 'seat the flask',
            'release' => 'release', 'torch-off' => 'torch off',
        ];
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }
}
