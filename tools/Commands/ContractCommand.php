<?php

declare(strict_types=1);

namespace Tools\Commands;

use App\Contract\Catalogue;
use HotSprue\Measures\UnitFactors;
use Illuminate\Console\Command;
use Tools\Contract\JobSchema;
use Tools\Contract\OpenApi;
use Tools\Contract\Pages;

/** Writes what is generated from the declared fields, or says that what is committed differs. */
final class ContractCommand extends Command
{
    protected $signature = 'sprue:contract {--check : Write nothing; fail where a committed file differs}';

    protected $description = 'Generates the OpenAPI file, the job file’s JSON Schema and the docs of sheets and stock';

    public function handle(): int
    {
        $differs = [];
        $this->option('check') || Catalogue::forget();
        foreach ($this->files() as $file => $text) {
            $path = base_path($file);
            if (is_file($path) && file_get_contents($path) === $text) {
                continue;
            }
            $differs[] = $file;
            if (! $this->option('check')) {
                file_put_contents($path, $text);
            }
        }
        foreach ($differs as $file) {
            $this->line(
                $this->option('check')
                    ? "{$file} differs from the code; run php artisan sprue:contract"
                    : "wrote {$file}",
            );
        }

        return $differs !== [] && $this->option('check') ? self::FAILURE : self::SUCCESS;
    }

    /** @return array<string, string> */
    private function files(): array
    {
        $json = static fn (array $data): string => json_encode(
            $data, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        )."\n";

        return [
            'docs/openapi.json' => $json(OpenApi::document()),
            'docs/job.schema.json' => $json(JobSchema::file()),
            'resources/js/api/units.json' => $json(UnitFactors::all()),
            'docs/sheets.md' => Pages::sheets(),
            'docs/stock.md' => Pages::stock(),
        ];
    }
}
