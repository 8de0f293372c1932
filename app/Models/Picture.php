<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Which job a picture's file belongs to. What is said of it stands in the job's document.
 *
 * @property int $id
 * @property int $job_id
 * @property string $file
 */
final class Picture extends Model
{
    protected $fillable = ['job_id', 'file'];
}
