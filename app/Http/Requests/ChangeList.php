<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use Illuminate\Foundation\Http\FormRequest;

/** A list of changes to a job: {changes: [{path, from, to}]}. The core reads each figure. */
final class ChangeList extends FormRequest
{
    private const MOST = 200;

    /** @return array<string, string> */
    public function rules(): array
    {
        return ['station' => 'sometimes|string'];
    }

    /**
     * @return list<Change>
     *
     * @throws BadInput
     */
    public function changes(): array
    {
        // Read past the framework's string trimming: what was typed is kept as it was typed.
        $raw = RawJson::object($this->getContent())['changes'] ?? [];
        if (! is_array($raw) || ! array_is_list($raw) || count($raw) > self::MOST) {
            throw BadInput::field('changes', sprintf('A list of up to %d changes is accepted.', self::MOST));
        }

        return array_map(
            static fn (mixed $change): Change => Change::fromArray(is_array($change) ? $change : []), $raw,
        );
    }
}
