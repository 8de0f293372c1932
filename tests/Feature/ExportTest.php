<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Lot;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Validator;

it('lets every job of the demo out as a file its schema knows, and takes it in as it was', function (): void {
    Person::query()->delete();
    demoWorkshop();
    $schema = json_decode((string) file_get_contents(base_path('docs/job.schema.json')));
    $validator = new Validator;
    $numbers = Job::query()->orderBy('number')->pluck('number');
    $out = fn (int $number): string => (string) $this->get("/api/jobs/{$number}/file")->assertOk()->getContent();
    $without = static function (string $json): array {
        $file = json_decode($json, true);
        unset($file['number'], $file['commission']);

        return $file;
    };
    foreach ($numbers as $at => $number) {
        $json = $out($number);
        expect($validator->validate(json_decode($json), $schema)->isValid())->toBeTrue("job {$number}");
        if ($at % 5 === 0) {
            $again = $this->import($json)->assertCreated()->json('number');
            expect($without($out($again)))->toEqual($without($json), "job {$number}");
            // It reckons to the same: what is derived comes from what went out.
            $answers = fn (int $of): TestResponse => $this->getJson("/api/jobs/{$of}?station=form")->assertOk();
            expect($answers($again)->json('answers')['form.band'] ?? null)
                ->toEqual($answers($number)->json('answers')['form.band'] ?? null);
        }
    }
    expect($numbers->count())->toBeGreaterThan(40);
});

it('writes the account as CSV that adds up, line by line and to the lots', function (): void {
    Person::query()->delete();
    demoWorkshop();
    foreach (['alloy', 'lot', 'owner'] as $by) {
        $lines = array_map(
            static fn (string $line): array => str_getcsv($line, escape: ''),
            explode("\n", trim((string) $this->get("/api/metal/statement.csv?by={$by}")->assertOk()->getContent())),
        );
        $head = array_shift($lines);
        $sum = 0.0;
        foreach ($lines as $line) {
            expect($line)->toHaveCount(count($head));
            [, , , $opening, $in, $out, $closing] = array_map(floatval(...), $line);
            // Each figure is written to the milligram.
            expect($opening + $in - $out)->toEqualWithDelta($closing, 0.0005);
            $sum += $closing;
        }
        expect($sum)->toEqualWithDelta((int) DB::table('postings')->sum('milligrams') / 1000, 0.0005)
            ->and($sum)->toEqualWithDelta((int) Lot::query()->sum('mass_mg') / 1000, 0.0005);
    }
});
