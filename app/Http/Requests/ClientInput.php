<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Client;
use App\Models\KnownClient;
use Illuminate\Http\Request;

/** The client that a request names: one known by id, a new one by name, or none. */
final class ClientInput
{
    /** @throws KnownClient when a new name is that of a client there is */
    public static function chosen(Request $request): ?Client
    {
        $asked = $request->validate([
            'client' => 'nullable|array',
            'client.id' => 'nullable|integer|exists:clients,id',
            'client.name' => 'nullable|string|max:120',
            'client.contact' => 'nullable|string|max:200',
            'client.note' => 'nullable|string|max:2000',
        ])['client'] ?? [];
        // A detail that is there and empty is emptied; one that is not there stays.
        $details = array_map(
            static fn (mixed $detail): string => (string) $detail,
            array_intersect_key($asked, ['contact' => 1, 'note' => 1]),
        );
        $name = trim((string) ($asked['name'] ?? ''));
        $known = $name === '' ? null : Client::named($name);
        if (isset($asked['id'])) {
            $known === null || $known->id === (int) $asked['id'] ?: throw new KnownClient($known);
            $client = Client::query()->findOrFail((int) $asked['id']);
            $client->update([...$details, ...array_filter(['name' => $name])]);

            return $client;
        }
        if ($known !== null) {
            throw new KnownClient($known);
        }

        return $name === '' ? null : Client::query()->create(['name' => $name, ...$details]);
    }
}
