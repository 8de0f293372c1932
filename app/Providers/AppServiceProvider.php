<?php

declare(strict_types=1);

namespace App\Providers;

use App\Devices\Balance;
use App\Devices\Caliper;
use App\Devices\SimulatedBalance;
use App\Devices\SimulatedCaliper;
use App\Mailbox\Mailbox;
use App\Mailbox\SimulatedMailbox;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\ConnectionEstablished;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(Balance::class, SimulatedBalance::class);
        $this->app->bind(Caliper::class, SimulatedCaliper::class);
        $this->app->bind(Mailbox::class, SimulatedMailbox::class);
    }

    public function boot(): void
    {
        // As long as SQLite waits: then the database is busy, and says so.
        Event::listen(static function (ConnectionEstablished $made): void {
            $made->connection->getDriverName() !== 'pgsql' || $made->connection->statement("set lock_timeout = '10s'");
        });
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(5)->by(
                'name|'.(is_string($request->input('name')) ? $request->input('name') : '').'|'.$request->ip(),
            ),
            Limit::perMinute(20)->by('from|'.$request->ip()),
        ]);
        // A page with twelve photographs is one look: each kind of asking is counted by itself.
        foreach (['look-view' => 60, 'look-answer' => 12, 'look-picture' => 600] as $name => $most) {
            RateLimiter::for($name,
                static fn (Request $request): Limit => Limit::perMinute($most)->by($name.'|'.$request->ip()),
            );
        }
    }
}
