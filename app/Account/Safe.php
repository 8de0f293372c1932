<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Job;
use App\Models\Workshop;
use HotSprue\Account\MovementKind;
use HotSprue\Drawing\FlowDrawing;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\Station;
use Illuminate\Support\Facades\DB;

/** The safe as a picture: what came and went of late, and the charges that wait for metal. */
final class Safe
{
    private const DAYS = 30;

    /** Charges shown at the most; each is reckoned. */
    private const CHARGES = 12;

    /** @return array<string, mixed> a drawing of what came in and went out in the last thirty days */
    public static function flow(): array
    {
        $since = now()->subDays(self::DAYS);
        $sums = DB::table('postings')->join('movements', 'movements.id', '=', 'postings.movement_id')
            ->where('movements.made_at', '>=', $since)->groupBy('movements.kind')
            ->selectRaw('movements.kind as kind, sum(milligrams) as mg')->pluck('mg', 'kind');
        $of = static fn (MovementKind $kind): int => (int) ($sums[$kind->value] ?? 0);
        $lost = (int) DB::table('movements')->where('made_at', '>=', $since)->sum('loss_mg');
        $corrected = $of(MovementKind::Correct);
        $view = FlowDrawing::of([
            'received' => $of(MovementKind::Receive), 'sweeps back' => $of(MovementKind::Sweeps),
            'corrected up' => max(0, $corrected),
        ], [
            'delivered' => -$of(MovementKind::Deliver), 'returned' => -$of(MovementKind::Return), 'lost' => $lost,
            'corrected down' => max(0, -$corrected),
        ]);

        return ['use' => 'metal', ...$view->toArray()];
    }

    /** @return list<array{number: int, title: string, alloy: string, wanted: ?float, client_id: ?int}> g */
    public static function charges(): array
    {
        $stations = [Station::Tree->value, Station::Burnout->value, Station::Pour->value];
        $settings = Workshop::the()->rulebook->settings();
        $charges = [];
        foreach (Job::query()->with('rulebook')->where('state', 'open')->whereIn('station', $stations)
            ->orderBy('due_on')->limit(self::CHARGES)->get() as $job) {
            $document = $job->held();
            $alloy = $document->text('brief.alloy');
            // What is cast already wants no charge.
            if ($alloy === null || $document->list('castings') !== []
                || ! in_array($alloy, $settings->names('stock.alloys'), true)) {
                continue;
            }
            $wanted = JobAnswers::of($document, $job->settings())->value('metal.charge', 'charge_mass');
            $charges[] = [
                'number' => $job->number, 'title' => $job->title, 'alloy' => $alloy,
                'wanted' => is_numeric($wanted) ? (float) $wanted : null, 'client_id' => $job->client_id,
            ];
        }

        return $charges;
    }
}
