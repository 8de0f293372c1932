<?php

declare(strict_types=1);

namespace HotSprue\Sheet;

use HotSprue\Rules\Rules;

/** One calculation: a pure function from inputs to an answer. */
interface Sheet
{
    public function description(): Description;

    /** @throws BadInput when inputs that are each fine do not go together */
    public function reckon(Input $input, Rules $rules): Answer;
}
