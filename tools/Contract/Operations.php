<?php

declare(strict_types=1);

namespace Tools\Contract;

use Tools\Contract\Operations\CastingOperations;
use Tools\Contract\Operations\ClientOperations;
use Tools\Contract\Operations\HouseOperations;
use Tools\Contract\Operations\JobOperations;
use Tools\Contract\Operations\MetalOperations;
use Tools\Contract\Operations\PlanOperations;
use Tools\Contract\Operations\QuoteOperations;

/** Every route beside the sheets': what it is for, what it answers by status, and what it is sent. */
final class Operations
{
    /** Changes that keep nothing in the database, and so need no key. */
    private const UNKEPT = [
        '/api/bench', '/api/sign-in', '/api/sign-out', '/api/sums/{sheet}', '/api/jobs/{job}/reckon',
        '/api/devices/{device}/take', '/api/plan/try',
        '/api/jobs/{job}/price/try', '/api/jobs/{job}/solid', '/api/jobs/{job}/pattern',
    ];

    public static function keepsNothing(string $path): bool
    {
        return in_array($path, self::UNKEPT, true) || str_starts_with($path, '/api/reckon/');
    }

    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    public static function all(): array
    {
        return [
            ...HouseOperations::all(), ...PlanOperations::all(), ...QuoteOperations::all(), ...JobOperations::all(),
            ...ClientOperations::all(), ...CastingOperations::all(), ...MetalOperations::all(),
        ];
    }
}
