<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RawJson;
use App\Models\Person;
use App\Models\Rehearsal;
use App\People\Ability;
use App\Rehearsals\HeatLesson;
use App\Rehearsals\Played;
use App\Rehearsals\RehearsalRecord;
use HotSprue\Calculation\Answer;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Heat\Lesson;
use HotSprue\Heat\Lessons;
use HotSprue\Heat\Move;
use HotSprue\Heat\Rehearsal as PlayedHeat;
use HotSprue\Heat\Support;
use HotSprue\Stock\Torch;
use HotSprue\Workshop\WorkshopSettings;
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
            'support' => $heat->support()->value,
            'torches' => array_map(static fn (Torch $torch): array => [
                'name' => $torch->value, 'label' => Torch::sayings()[$torch->value],
                'sharpest_mm' => $torch->sharpest(), 'bushiest_mm' => $torch->bushiest(),
            ], Torch::cases()),
            ...self::laid($heat->answer()),
        ]);
    }

    /** The same lesson in a good hand: every move, to be played. */
    public function shown(Request $request, string $lesson): JsonResponse
    {
        $heat = self::asked($request, $lesson);
        $torch = Torch::tryFrom($request->string('torch')->toString()) ?? $heat->torch();
        $moves = $heat->shown($torch);
        $played = $heat->played($torch, $moves);
        $judged = $played->judgement();

        return new JsonResponse([
            'id' => null, 'outcome' => $judged->outcome->value, 'rank' => $judged->outcome->rank(),
            'sentence' => $judged->sentence, 'seconds' => $played->end->seconds, 'at' => null, 'lesson' => $heat->key,
            'title' => $heat->title, 'moves' => array_map(static fn (Move $move): array => $move->row(), $moves),
            'heat' => self::heat($heat, $torch, $played),
        ]);
    }

    /** A lesson on what the request says that it lies on. */
    private static function asked(Request $request, string $lesson): HeatLesson
    {
        $support = $request->query('support');

        return HeatLesson::named($lesson, is_string($support) ? Support::tryFrom($support) : null);
    }

    public function show(Rehearsal $rehearsal): JsonResponse
    {
        $given = $rehearsal->given;
        $heat = is_array($given['piece'] ?? null)
            ? HeatLesson::again($rehearsal->lesson, $rehearsal->title, $given['piece']) : null;
        $torch = Torch::tryFrom(is_string($given['torch'] ?? null) ? $given['torch'] : '') ?? Torch::AirGas;

        return new JsonResponse([
            ...$rehearsal->row(), 'lesson' => $rehearsal->lesson, 'title' => $rehearsal->title,
            'moves' => $rehearsal->moves,
            'heat' => $heat === null ? null : self::heat($heat, $torch, $heat->played($torch, array_map(
                static fn (array $move): Move => Move::read(Input::read(
                    Move::fields(), $move, WorkshopSettings::shipped(),
                )), $rehearsal->moves,
            ))),
        ]);
    }

    /** @throws BadInput */
    public function store(Request $request): JsonResponse
    {
        $played = Played::of(RawJson::object($request->getContent()));
        $kept = Rehearsal::keep($played, Person::at($request));

        return $this->show($kept)->setStatusCode(201);
    }

    /** @return array<string, mixed> what no eye sees while the torch burns, and the piece to play it on again */
    private static function heat(HeatLesson $heat, Torch $torch, PlayedHeat $played): array
    {
        return [
            'torch' => $torch->value, 'support' => $heat->support()->value,
            'said' => $played->judgement()->outcome->said(), 'curve' => $played->curve, 'marks' => $played->marks,
            'lines' => $played->lines(), ...self::laid($heat->answer()),
        ];
    }

    /** @return array<string, mixed> the piece as it lies before the torch is lit */
    private static function laid(Answer $answer): array
    {
        return [
            'nodes' => $answer->value('nodes'), 'links' => $answer->value('links'),
            'contacts' => $answer->value('contacts'), 'outlines' => $answer->value('outlines'),
        ];
    }
}
