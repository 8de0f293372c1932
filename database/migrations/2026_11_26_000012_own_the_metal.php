<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /**
     * A piece’s metal belongs to whoever’s it was that went into it, and not to the client for being her piece. No
     * posting changes.
     */
    public function up(): void
    {
        foreach (DB::table('lots')->where('kind', 'piece')->whereNotNull('client_id')->pluck('id') as $piece) {
            $owner = DB::table('postings as into')->join(
                'postings as from', 'from.movement_id', '=', 'into.movement_id',
            )
                ->join('lots', 'lots.id', '=', 'from.lot_id')
                ->where('into.lot_id', $piece)->where('into.milligrams', '>', 0)
                ->where('from.milligrams', '<', 0)->whereNotNull('lots.client_id')->value('lots.client_id');
            DB::table('lots')->where('id', $piece)->update(['client_id' => $owner]);
        }
    }

    public function down(): void
    {
        // Whose it was is told by its movements.
    }
};
