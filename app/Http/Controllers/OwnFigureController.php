<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Note;
use App\Models\Person;
use App\Models\Rulebook;
use App\Models\Workshop;
use App\OwnFigures\FinishedJobs;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Job\LearntFigure;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What the workshop’s own jobs say of its figures: offered, taken by somebody, and given back. */
final class OwnFigureController
{
    public function index(): JsonResponse
    {
        $workshop = Workshop::the();
        $settings = $workshop->rulebook->settings();
        $samples = FinishedJobs::samples();

        return new JsonResponse(['figures' => array_map(
            static function (LearntFigure $figure) use ($samples, $settings, $workshop): array {
                $path = $figure->setting();
                $taken = $path === null ? null : ($workshop->own_figures[$path] ?? null);

                return [
                    'name' => $figure->value, 'label' => $figure->label(), 'quantity' => $figure->quantity()->value,
                    'may_be_taken' => $path !== null, 'usual' => $figure->usual(),
                    'used' => $path === null ? null : $settings->num($path), 'taken' => $taken,
                    'answer' => self::answer($figure, $samples[$figure->value])->toArray(),
                    'samples' => $samples[$figure->value],
                ];
            },
            LearntFigure::cases(),
        )]);
    }

    /** The figure becomes the workshop’s, for jobs begun from now on. */
    public function take(Request $request, string $name): JsonResponse
    {
        $figure = $this->figure($name);
        $answer = self::answer($figure, FinishedJobs::samples()[$figure->value]);
        $count = (int) $answer->num('n');
        abort_if($count === 0, 422, 'No finished job says anything of it yet.');
        $this->keep(
            $figure->value, round($answer->num('figure'), 6), ['n' => $count, 'at' => now()->toDateString()],
            Person::at($request),
        );

        return $this->index();
    }

    public function giveBack(Request $request, string $name): JsonResponse
    {
        $this->keep($this->figure($name)->value, null, null, Person::at($request));

        return $this->index();
    }

    /** Every sample, for a sheet of one’s own. */
    public function csv(): Response
    {
        $lines = ['figure,value,day,job'];
        foreach (FinishedJobs::samples() as $name => $samples) {
            foreach ($samples as $one) {
                $lines[] = sprintf('%s,%.6F,%s,%s', $name, $one['value'], $one['at'], $one['job']);
            }
        }

        return new Response(implode("\r\n", $lines)."\r\n", 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="own-figures.csv"',
        ]);
    }

    private function figure(string $name): LearntFigure
    {
        $figure = LearntFigure::tryFrom($name);
        abort_if($figure?->setting() === null, 404, 'There is no such figure to take.');

        return $figure;
    }

    /** @param list<array{value: float, at: string, job: string}> $samples */
    private static function answer(LearntFigure $figure, array $samples): Answer
    {
        return Calculations::answer('own.figure', [
            'samples' => $samples, 'default' => $figure->usual(), 'instrument_step' => $figure->step(),
            'by' => $figure->isSpread() ? 'spread' : 'middle',
        ]);
    }

    /** @param array{n: int, at: string}|null $learnt */
    private function keep(string $path, ?float $value, ?array $learnt, ?Person $by): void
    {
        Workshop::query()->increment('version');
        $workshop = Workshop::the();
        $typed = array_filter(
            [...$workshop->typed, $path => $value], static fn (mixed $one): bool => $one !== null,
        );
        $own = array_filter([...($workshop->own_figures ?? []), $path => $learnt]);
        $workshop->update([
            'typed' => $typed, 'own_figures' => $own,
            'rulebook_id' => Rulebook::of(WorkshopSettings::with($typed))->id,
        ]);
        Note::write('figures changed', $by, ['figures' => [$path => $value ?? 'the usual figure']]);
    }
}
