<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Backups;
use App\Models\Note;
use App\Models\Person;
use App\Models\Workshop;
use App\Plan\Team;
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
            'backup_trouble' => $workshop->backup_trouble, 'kilns' => Team::kilns(),
            'tumblers' => $workshop->tumblers, 'any_hand' => $workshop->any_hand,
            'invoice_text' => $workshop->invoice_text,
        ]);
    }

    public function update(Request $request): JsonResponse
    {
        $asked = $request->validate([
            'timezone' => 'sometimes|required|string|timezone:all',
            'name' => 'sometimes|nullable|string|max:80', 'mark' => 'sometimes|nullable|string|max:20',
            'kilns' => 'sometimes|array|max:8', 'kilns.*.id' => 'required|string|max:40|distinct',
            'kilns.*.flasks' => 'required|integer|min:1|max:40', 'kilns.*.alone' => 'required|boolean',
            'invoice_text' => 'sometimes|nullable|string|max:2000',
            'tumblers' => 'sometimes|required|integer|min:0|max:20', 'any_hand' => 'sometimes|required|boolean',
            'backup_folder' => ['sometimes', 'nullable', 'string', 'max:400', Backups::folderRule(...)],
        ], [
            'timezone' => 'One of the time zones listed is accepted, such as Europe/Oslo.',
            'kilns.*.id.required' => 'Each kiln has a name.', 'kilns.*.id.distinct' => 'Two kilns have one name.',
            'kilns.*.flasks' => 'A kiln takes 1 to 40 flasks.',
        ]);
        $workshop = Workshop::the();
        $workshop->update([...$asked, ...(isset($asked['timezone']) ? ['timezone_agreed' => true] : [])]);
        Note::write('workshop changed', Person::at($request), $asked);

        return $this->show();
    }
}
