<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\BackupOfTheDay;
use App\Models\Note;
use App\Models\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A backup now, because somebody asks. It is made beside this request, which holds the database meanwhile. */
final class BackupController
{
    public function __invoke(Request $request, BackupOfTheDay $backup): JsonResponse
    {
        $backup->ask();
        Note::write('backup asked for', Person::at($request));

        return new JsonResponse(['asked' => true], 202);
    }
}
