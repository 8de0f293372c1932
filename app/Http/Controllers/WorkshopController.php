<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Backups;
use App\Models\Note;
use App\Models\Person;
use App\Models\Workshop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What holds for the workshop beside its figures: its name and mark, its time zone, and where its backups go. */
final class WorkshopController
{
    public function show(): JsonResponse
    {
        $workshop = Workshop::the();

        return new JsonResponse([
            'name' => $workshop->name, 'mark' => $workshop->mark, 'timezone' => $workshop->timezone,
            'timezone_agreed' => $workshop->timezone_agreed,
            'zones' => timezone_identifiers_list(),
            'backup_folder' => $workshop->backup_folder, 'backup_default' => 'storage/backups',
            'backed_up_at' => $workshop->backed_up_at?->toIso8601String(),
            'backup_trouble' => $workshop->backup_trouble,
        ]);
    }

    public function update(Request $request): JsonResponse
    {
        $asked = $request->validate([
            'timezone' => 'sometimes|required|string|timezone:all',
            'name' => 'sometimes|nullable|string|max:80', 'mark' => 'sometimes|nullable|string|max:20',
            'backup_folder' => ['sometimes', 'nullable', 'string', 'max:400', Backups::folderRule(...)],
        ], ['timezone' => 'One of the time zones listed is accepted, such as Europe/Oslo.']);
        $workshop = Workshop::the();
        $workshop->update([...$asked, ...(isset($asked['timezone']) ? ['timezone_agreed' => true] : [])]);
        Note::write('workshop changed', Person::at($request), $asked);

        return $this->show();
    }
}
