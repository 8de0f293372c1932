<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Models\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;

/** Who is at the bench: picked where the application serves this machine alone, signed in on a network. */
final class SignInController
{
    public function pick(Request $request): JsonResponse
    {
        abort_if(config('sprue.network') === true, 403, 'Sign in with your passphrase.');
        $asked = $request->validate(['id' => 'required|integer|exists:people,id']);
        $this->begin($request, Person::query()->findOrFail((int) $asked['id']));

        return new JsonResponse(BenchController::present());
    }

    public function signIn(Request $request): JsonResponse
    {
        $asked = $request->validate(['name' => 'required|string|max:80', 'passphrase' => 'required|string|max:200']);
        $person = Person::query()->where('name', $asked['name'])->first();
        // An unknown name, and one without a passphrase, take as long as a wrong passphrase.
        $known = Hash::check($asked['passphrase'], $person->passphrase ?? self::nobodys());
        if ($person === null || $person->passphrase === null || ! $known) {
            return Problem::of(['passphrase' => ['The name and passphrase do not go together.']]);
        }
        $this->begin($request, $person);

        return new JsonResponse(BenchController::present());
    }

    public function signOut(Request $request): JsonResponse
    {
        if ($request->hasSession()) {
            Auth::logout();
            $request->session()->invalidate();
        }

        return new JsonResponse(BenchController::present());
    }

    private function begin(Request $request, Person $person): void
    {
        Auth::login($person);
        $request->session()->regenerate();
    }

    /** A hash as costly as anybody's, of a passphrase that nobody has. */
    private static function nobodys(): string
    {
        return cache()->rememberForever(
            'nobodys-passphrase', static fn (): string => Hash::make(bin2hex(random_bytes(16))),
        );
    }
}
