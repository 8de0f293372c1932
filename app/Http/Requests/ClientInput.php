<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Client;
use Illuminate\Http\Request;

/** The client that a request names: one known by id, a new one by name, or none. */
final class ClientInput
{
    public static function chosen(Request $request): ?Client
    {
        $asked = $request->validate([
            'client.id' => 'nullable|integer|exists:clients,id',
            'client.name' => 'nullable|string|max:120',
            'client.contact' => 'nullable|string|max:200',
            'client.note' => 'nullable|string|max:2000',
        ])['client'] ?? [];
        $details = array_filter(['contact' => $asked['contact'] ?? null, 'note' => $asked['note'] ?? null], is_string(...));
        if (isset($asked['id'])) {
            $client = Client::query()->findOrFail((int) $asked['id']);
            $client->update([...$details, ...array_filter(['name' => $asked['name'] ?? null])]);

            return $client;
        }
        $name = trim((string) ($asked['name'] ?? ''));

        return $name === '' ? null : Client::query()->firstOrCreate(['name' => $name], $details);
    }
}
