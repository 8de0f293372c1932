<?php

declare(strict_types=1);

namespace App\Price;

use App\Models\MetalPrice;
use App\Models\Person;
use App\Models\Rulebook;
use App\Models\Workshop;
use HotSprue\Fields\BadInput;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Support\Carbon;

/** Prices of metal by day: the newest of each is what quotes are made with. */
final class MetalPrices
{
    private const LINES = 5000;

    /** To be called in a turn. */
    public static function keep(string $metal, float $price, string $on, string $source, ?Person $by): void
    {
        MetalPrice::query()->create([
            'metal' => $metal, 'price' => $price, 'on' => $on, 'source' => $source, 'person_id' => $by?->id,
        ]);
        self::use();
    }

    /** Brings the workshop's figures up to the newest entries. */
    public static function use(): void
    {
        $workshop = Workshop::the();
        $typed = $workshop->typed;
        foreach (MetalPrice::METALS as $metal) {
            $newest = MetalPrice::query()->where('metal', $metal)->orderByDesc('on')->orderByDesc('id')->first();
            if ($newest !== null) {
                $typed["price.{$metal}"] = (float) $newest->price;
            }
        }
        $workshop->update(['typed' => $typed, 'rulebook_id' => Rulebook::of(WorkshopSettings::with($typed))->id]);
    }

    /**
     * Lines of `day,metal,price`, all of them or none.
     *
     * @return list<array{string, float, string}> metal, price and day
     *
     * @throws BadInput naming the line that cannot be read
     */
    public static function read(string $csv): array
    {
        $lines = preg_split('/\r\n|\r|\n/', trim($csv)) ?: [];
        if (count($lines) > self::LINES) {
            throw BadInput::field('file', sprintf('Up to %d lines are accepted.', self::LINES));
        }
        $rows = [];
        foreach ($lines as $at => $line) {
            $parts = array_map(
                static fn (?string $one): string => trim((string) $one), str_getcsv($line, str_contains($line,
                    ';') ? ';' : ',', '"', ''),
            );
            if ($at === 0 && strtolower($parts[0] ?? '') === 'day') {
                continue;
            }
            $rows[] = self::row($at + 1, $parts);
        }

        return $rows === [] ? throw BadInput::field('file', 'There is no price in it: day,metal,price is accepted.')
            : $rows;
    }

    /**
     * Prices of an invented market, the same for the same day: a feed that says that it is one.
     *
     * @return array<string, float>
     */
    public static function simulated(Carbon $day): array
    {
        $usual = ['gold' => 112.4, 'silver' => 1.35, 'platinum' => 48.2, 'palladium' => 41.6];
        $at = (int) $day->copy()->startOfDay()->diffInDays(Carbon::create(2020), true);

        return array_map(
            static fn (float $price): float => round($price * (1 + 0.06 * sin($at / 17) + 0.02 * sin($at / 3.1)), 4),
            $usual,
        );
    }

    /**
     * @param  array<int, string>  $parts
     * @return array{string, float, string}
     */
    private static function row(int $line, array $parts): array
    {
        $wrong = static fn (string $why): BadInput => BadInput::field('file', "Line {$line}: {$why}");
        if (count($parts) !== 3) {
            throw $wrong('day,metal,price is accepted.');
        }
        [$day, $metal, $price] = array_values($parts);
        $metal = strtolower($metal);
        $price = str_replace(',', '.', $price);

        return match (true) {
            preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $day, $on) !== 1
                || ! checkdate((int) $on[2], (int) $on[3], (int) $on[1]) => throw $wrong(
                    "“{$day}” is no day; 2026-12-01 is accepted."),
            ! in_array($metal, MetalPrice::METALS, true) => throw $wrong(
                "“{$metal}” has no price here; ".implode(', ', MetalPrice::METALS).' are accepted.'),
            ! is_numeric($price) || $price <= 0 || $price > 1e6 => throw $wrong("“{$price}” is no price."),
            default => [$metal, (float) $price, $day],
        };
    }
}
