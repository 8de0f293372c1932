<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Contract\Catalogue;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Console\Command;

final class SheetsCommand extends Command
{
    protected $signature = 'sprue:sheets {sheet? : Only this one} {--json : As JSON}';

    protected $description = 'Lists every sheet with its inputs, units, defaults, results and findings';

    public function handle(): int
    {
        $only = $this->argument('sheet');
        $sheets = array_values(
            array_filter(
                Catalogue::sheets(WorkshopSettings::shipped()),
                static fn (array $sheet): bool => $only === null || $sheet['name'] === $only,
            ),
        );
        if ($this->option('json')) {
            $this->line(json_encode($sheets, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE));

            return self::SUCCESS;
        }
        foreach ($sheets as $sheet) {
            $this->info("{$sheet['name']}  {$sheet['purpose']}");
            $this->table(['input', 'unit', 'default', 'accepts'], array_map(static fn (array $input): array => [
                $input['name'], $input['unit'] ?? '',
                $input['required'] ? 'required' : json_encode($input['default'], JSON_UNESCAPED_UNICODE),
                $input['choices'] === [] ? $input['meaning'] : implode(' ', $input['choices']),
            ], $sheet['inputs']));
            $this->table(
                ['result', 'unit', 'meaning'],
                array_map(
                    static fn (array $result): array => [$result['name'], $result['unit'] ?? '', $result['meaning']],
                    $sheet['results'],
                ),
            );
            foreach ((array) $sheet['findings'] as $code => $when) {
                $this->line("  {$code}: {$when}");
            }
        }

        return $sheets === [] ? 2 : self::SUCCESS;
    }
}
