<?php

declare(strict_types=1);

namespace App\Models;

use HotSprue\Solder\StretchLog;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property Carbon $tested_on
 * @property list<array{name: string, form: string, grade: string, start: float, broken: float, where: string}> $samples
 * @property string $note
 */
final class StretchTest extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['tested_on' => 'date', 'samples' => 'array'];
    }

    /**
     * @return list<array{form: string, grade: string, samples: int, strain: float, at_joint: int}> what all tests
     * together say of each form and grade
     */
    public static function learned(): array
    {
        return StretchLog::learned(
            array_merge(
                ...array_values(
                    self::query()->orderBy('id')->get()->map(static fn (self $test): array => $test->samples)->all(),
                ),
            ),
        );
    }
}
