<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Client;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** The account as CSV, and lots from CSV: name, alloy, mass, owner. */
final class LotFile
{
    private const MOST_LINES = 1_000;

    private const COLUMNS = ['name', 'alloy', 'mass', 'owner'];

    /** @param list<array<string, mixed>> $rows of a statement */
    public static function write(array $rows): string
    {
        $file = fopen('php://temp', 'r+');
        if ($file === false) {
            return '';
        }
        fputcsv($file, ['of', 'alloy', 'owner', 'before g', 'in g', 'out g', 'now g', 'fine g'], escape: '');
        $grams = static fn (float|int $milligrams): string => number_format($milligrams / 1000, 3, '.', '');
        foreach ($rows as $row) {
            // A leading sign would be taken for a formula by a spreadsheet.
            $text = static fn (mixed $value): string => preg_replace('/^[=+\-@]/', "'$0", (string) $value) ?? '';
            fputcsv(
                $file,
                [
                    $text($row['of']), $text($row['alloy']), $text($row['owner']), $grams($row['before_mg']),
                    $grams($row['in_mg']), $grams($row['out_mg']), $grams($row['now_mg']), $grams($row['fine_mg']),
                ],
                escape: '',
            );
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** What a spreadsheet saves in the letters of western Europe is turned; anything else is refused. */
    private static function utf8(string $text): string
    {
        $turned = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        if (! is_string($turned) || preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]|\xC2[\x80-\x9F]/', $turned) === 1) {
            throw BadInput::field('file', 'This is not text; a CSV file in UTF-8 is accepted.');
        }

        return $turned;
    }

    /**
     * @return list<array{lot: array<string, mixed>, milligrams: int}>
     *
     * @throws BadInput naming each line that could not be taken
     */
    public static function read(string $text, WorkshopSettings $settings): array
    {
        $text = self::utf8($text);
        $lines = preg_split('/\R/', trim(preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? '')) ?: [];
        $head = array_map(
            static fn (?string $name): string => strtolower(trim((string) $name)),
            str_getcsv((string) array_shift($lines), escape: ''),
        );
        if (array_diff(['alloy', 'mass'], $head) !== [] || array_diff($head, self::COLUMNS) !== []) {
            throw BadInput::field(
                'line 1',
                'The first line names the columns: '
                    .implode(', ', self::COLUMNS).' are accepted; alloy and mass are needed.',
            );
        }
        $rows = $errors = [];
        if (count($lines) > self::MOST_LINES) {
            throw BadInput::field('file', sprintf('A file of up to %d lots is accepted.', self::MOST_LINES));
        }
        foreach ($lines as $number => $line) {
            $cells = array_pad(str_getcsv($line, escape: ''), count($head), '');
            $row = array_combine($head, array_slice($cells, 0, count($head)));
            $owner = trim((string) ($row['owner'] ?? ''));
            $client = $owner === '' ? null : Client::named($owner)?->id;
            try {
                if (! in_array($row['alloy'], $settings->names('stock.alloys'), true)) {
                    throw new NotUnderstood(
                        sprintf(
                            'The alloy “%s” is not in the workshop’s list.', mb_substr((string) $row['alloy'], 0, 40),
                        ),
                    );
                }
                if ($owner !== '' && $client === null) {
                    throw new NotUnderstood(sprintf('There is no client “%s”.', mb_substr($owner, 0, 40)));
                }
                $grams = Field::of(Quantity::Mass, 'mass', 'mass')->read($row['mass'], $settings);
                $alloy = Alloy::named((string) $row['alloy'], $settings);
                $rows[] = [
                    'lot' => [
                        'name' => mb_substr(trim((string) ($row['name'] ?? '')), 0, 80) ?: $alloy->label,
                        'kind' => 'stock', 'alloy' => $alloy->name, 'fineness' => $alloy->fineness,
                        'client_id' => $client, 'origin' => 'from a file',
                    ],
                    'milligrams' => (int) round(1000 * (is_numeric($grams) ? (float) $grams : 0)),
                ];
            } catch (NotUnderstood $not) {
                $errors[sprintf('line %d', $number + 2)][] = $not->getMessage();
            }
        }
        if ($errors !== []) {
            throw BadInput::fields($errors);
        }

        return $rows === [] ? throw BadInput::field('line 2', 'There are no lots in it.') : $rows;
    }
}
