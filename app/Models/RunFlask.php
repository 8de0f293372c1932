<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * A flask in a run, with the jobs whose patterns are in it and when each step was done.
 *
 * @property int $id
 * @property int $run_id
 * @property string $flask
 * @property float $diameter
 * @property float $height
 * @property string $alloy
 * @property float $pour_c
 * @property array<string, array{at: string, by: string}> $steps
 * @property array<string, bool> $ticks
 * @property Collection<int, Job> $jobs
 * @property Run $run
 */
final class RunFlask extends Model
{
    protected $fillable = ['run_id', 'flask', 'diameter', 'height', 'alloy', 'pour_c', 'steps', 'ticks'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'steps' => 'array', 'ticks' => 'array', 'diameter' => 'float', 'height' => 'float', 'pour_c' => 'float',
        ];
    }

    /** @return BelongsTo<Run, $this> */
    public function run(): BelongsTo
    {
        return $this->belongsTo(Run::class);
    }

    /** @return BelongsToMany<Job, $this> */
    public function jobs(): BelongsToMany
    {
        return $this->belongsToMany(Job::class, 'flask_jobs');
    }
}
