<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RawJson;
use App\Models\Person;
use App\Models\Rehearsal;
use App\People\Ability;
use App\Rehearsals\HeatLesson;
use App\Rehearsals\HeatPlayed;
use App\Rehearsals\Played;
use App\Rehearsals\RehearsalRecord;
use HotSprue\Fields\BadInput;
use HotSprue\Heat\Lesson;
use HotSprue\Heat\Lessons;
use HotSprue\Heat\Move;
use HotSprue\Heat\Support;
use HotSprue\Stock\Torch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Heat rehearsed: the lessons, a rehearsal that is kept, and the record of who rehearsed what. */
final class RehearsalController
{
    public function index(Request $request): JsonResponse
    {
        $person = Person::at($request);

        return new JsonResponse([
            'lessons' => array_values(array_map(static fn (Lesson $lesson): array => [
                'key' => $lesson->key, 'title' => $lesson->title, 'teaches' => $lesson->teaches,
            ], Lessons::all())),
            'record' => RehearsalRecord::of($person),
            // Whoever teaches sees how all of them come on.
            'people' => $person?->role->may(Ability::Shop) === false ? null : RehearsalRecord::ofAll(),
        ]);
    }

    public function lesson(Request $request, string $lesson): JsonResponse
    {
        $heat = self::asked($request, $lesson);

        return new JsonResponse([
            'key' => $heat->key, 'title' => $heat->title, 'teaches' => $heat->teaches,
            'torch' => $heat->torch()->value, 'job' => $heat->job?->number,
            'support' => $heat->support()->value, 'bare' => $heat->isBare(),
            'torches' => array_map(static fn (Torch $torch): array => [
                'name' => $torch->value, 'label' => Torch::sayings()[$torch->value],
                'sharpest_mm' => $torch->sharpest(), 'bushiest_mm' => $torch->bushiest(),
            ], Torch::cases()),
            ...$heat->laid(),
        ]);
    }

    /** The same lesson in a good hand: every move, to be played. */
    public function shown(Request $request, string $lesson): JsonResponse
    {
        $heat = self::asked($request, $lesson);
        $torch = Torch::tryFrom($request->string('torch')->toString()) ?? $heat->torch();
        $moves = $heat->shown($torch);
        $played = HeatPlayed::of($heat, $torch, $moves);
        $judged = $played->rehearsal->judgement();

        return new JsonResponse([
            'id' => null, 'outcome' => $judged->outcome->value, 'rank' => $judged->outcome->rank(),
            'sentence' => $judged->sentence, 'seconds' => $played->rehearsal->end->seconds, 'at' => null,
            'lesson' => $heat->key, 'title' => $heat->title,
            'moves' => array_map(static fn (Move $move): array => $move->row(), $moves), 'heat' => $played->toArray(),
        ]);
    }

    public function show(Rehearsal $rehearsal): JsonResponse
    {
        return self::kept($rehearsal, isset($rehearsal->given['laid'])
            ? HeatPlayed::again($rehearsal->given, $rehearsal->moves) : null);
    }

    /** @throws BadInput */
    public function store(Request $request): JsonResponse
    {
        $played = Played::of(RawJson::object($request->getContent()));

        return self::kept(Rehearsal::keep($played, Person::at($request)), $played->heat)->setStatusCode(201);
    }

    private static function kept(Rehearsal $rehearsal, ?HeatPlayed $heat): JsonResponse
    {
        return new JsonResponse([
            ...$rehearsal->row(), 'lesson' => $rehearsal->lesson, 'title' => $rehearsal->title,
            'moves' => $rehearsal->moves, 'heat' => $heat?->toArray(),
        ]);
    }

    /** A lesson as the request says that it lies. */
    private static function asked(Request $request, string $lesson): HeatLesson
    {
        $support = $request->query('support');

        return HeatLesson::named(
            $lesson, is_string($support) ? Support::tryFrom($support) : null, $request->boolean('bare'),
        );
    }
}
