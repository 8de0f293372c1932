<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** One calculation: a pure function from inputs to an answer. */
interface Calculation
{
    public function description(): Description;

    /** @throws BadInput when inputs that are each fine do not go together */
    public function reckon(Input $input, WorkshopSettings $settings): Answer;
}
