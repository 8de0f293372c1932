<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Note;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Who did what to the workshop: its figures, kiln, clocks, clients, tests and people. */
final class JournalController
{
    private const PAGE = 60;

    public function index(Request $request): JsonResponse
    {
        $asked = $request->validate(['page' => 'nullable|integer|min:1|max:10000']);
        $notes = Note::query()
            ->with('person')->orderByDesc('id')->simplePaginate(self::PAGE, page: (int) ($asked['page'] ?? 1));

        return new JsonResponse([
            'notes' => array_map(
                static fn (Note $note): array => [
                    'id' => $note->id, 'at' => $note->at->toIso8601String(), 'by' => $note->person?->name,
                    'what' => $note->what, 'detail' => (object) $note->detail,
                ],
                $notes->items(),
            ),
            'page' => $notes->currentPage(), 'more' => $notes->hasMorePages(),
        ]);
    }
}
