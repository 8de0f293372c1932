<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\Requests\RawJson;
use HotSprue\Calculation\UnknownCalculation;
use HotSprue\Calculations;
use HotSprue\Fields\BadInput;
use Illuminate\Console\Command;

/** Answers one sheet: JSON in, JSON out. Exit status 2 for bad input or an unknown sheet. */
final class ReckonCommand extends Command
{
    private const BAD = 2;

    protected $signature = 'sprue:reckon {sheet? : The sheet, such as wax.dimensions} {--lines : One question a line, '
        .'{"sheet": …, "input": {…}}, answered one a line} {--input= : A file with one JSON object; standard input '
            .'otherwise}';

    protected $description = 'Reckons one sheet from a JSON object';

    public function handle(): int
    {
        if ($this->option('lines') === true) {
            return $this->lines();
        }
        try {
            $file = $this->option('input');
            $sheet = $this->argument('sheet');
            $text = is_string($file) ? @file_get_contents($file) : stream_get_contents(STDIN);
            if ($text === false) {
                throw BadInput::field(
                    '_', sprintf('The file %s cannot be read.', is_string($file) ? $file : 'standard input'),
                );
            }
            $answer = Calculations::answer(is_string($sheet) ? $sheet : '', RawJson::object($text))->toArray();
        } catch (BadInput $bad) {
            return $this->refuse($bad->errors);
        } catch (UnknownCalculation $unknown) {
            return $this->refuse(['_' => [$unknown->getMessage()]]);
        }
        $this->print($answer);

        return self::SUCCESS;
    }

    /** Answers line by line, until there are no more; a line that cannot be answered says why in its place. */
    private function lines(): int
    {
        $file = $this->option('input');
        $from = is_string($file) ? @fopen($file, 'rb') : STDIN;
        if ($from === false) {
            return $this->refuse(
                ['_' => [sprintf('The file %s cannot be read.', is_string($file) ? $file : 'standard input')]],
            );
        }
        while (($line = fgets($from)) !== false) {
            if (trim($line) !== '') {
                $this->output->writeln(
                    json_encode(
                        $this->answered($line),
                        JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE
                    | JSON_PRESERVE_ZERO_FRACTION,
                    ),
                    \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
                );
            }
        }

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private function answered(string $line): array
    {
        try {
            $asked = RawJson::object($line);
            $sheet = $asked['sheet'] ?? null;
            $input = $asked['input'] ?? [];

            return Calculations::answer(
                is_string($sheet) ? $sheet : '',
                is_array($input) ? $input : throw BadInput::field('input', 'An object of named inputs is accepted.'),
            )->toArray();
        } catch (BadInput $bad) {
            return ['errors' => (object) $bad->errors];
        } catch (UnknownCalculation $unknown) {
            return ['errors' => ['_' => [$unknown->getMessage()]]];
        }
    }

    /** @param array<string, list<string>> $errors */
    private function refuse(array $errors): int
    {
        $this->print(['errors' => $errors]);

        return self::BAD;
    }

    /** @param array<string, mixed> $data */
    private function print(array $data): void
    {
        $this->output->writeln(
            json_encode(
                $data, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
            ),
            \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
        );
    }
}
