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
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
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
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(5)->by($request->string('name').'|'.$request->ip()),
            Limit::perMinute(20)->by((string) $request->ip()),
        ]);
    }
}
