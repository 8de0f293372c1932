<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** A whole job's answers, by use of a sheet. */
final readonly class JobAnswers
{
    /**
     * @param  array<string, Answer>  $answers
     * @param  array<string, Input>  $inputs
     * @param  array<string, array<string, string>>  $paths  use => input => the path it came from
     * @param  array<string, list<string>>  $wants  use => paths that are still to be given
     * @param  array<string, array<string, list<string>>>  $errors  use => input => what is wrong
     */
    public function __construct(
        public array $answers,
        public array $inputs,
        public array $paths,
        public array $wants,
        public array $errors,
    ) {}

    public function value(string $use, string $result): mixed
    {
        return isset($this->answers[$use]) ? $this->answers[$use]->value($result) : null;
    }

    /**
     * The inputs of a use as the screen shows them: value, origin, and the path that a tap edits.
     *
     * @return array<string, array{value: mixed, origin: string, path: ?string}>
     */
    public function shownInputs(string $use): array
    {
        if (! isset($this->inputs[$use])) {
            return [];
        }
        $shown = [];
        foreach ($this->inputs[$use]->values() as $name => $value) {
            $shown[$name] = [
                'value' => $value,
                'origin' => $this->inputs[$use]->origin($name)->value,
                'path' => $this->editable($use, $name),
            ];
        }

        return $shown;
    }

    /** The path that an edit of this input changes: where it came from, else the decision that could feed it. */
    public function editable(string $use, string $input): ?string
    {
        return $this->paths[$use][$input] ?? InputBindings::decisionFor($use, $input);
    }
}
