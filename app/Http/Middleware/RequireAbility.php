<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Person;
use App\People\Ability;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets through whom their role allows: `may:metal`. */
final class RequireAbility
{
    public function handle(Request $request, Closure $next, string $ability): Response
    {
        $wanted = Ability::from($ability);
        abort_unless(Person::at($request)?->role->may($wanted) === true, 403, $wanted->refusal());

        return $next($request);
    }
}
