<?php

declare(strict_types=1);

namespace Tests\Support;

use Tools\Contract\ContractValidator;

/** Holds an answer against the contract. */
final class Contract
{
    /** What is wrong with an answer; nothing where it keeps the contract. */
    public static function breaks(string $schema, string $json): string
    {
        return ContractValidator::against("/components/schemas/{$schema}", $json);
    }

    /** Against a path's own answer, such as `/api/jobs`, `get`, `200`. */
    public static function breaksAt(string $path, string $verb, string $json, string $status = '200'): string
    {
        return ContractValidator::at($path, $verb, $json, $status);
    }
}
