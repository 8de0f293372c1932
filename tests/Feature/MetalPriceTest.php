<?php

declare(strict_types=1);

use App\Models\MetalPrice;
use App\Models\Workshop;
use Illuminate\Http\UploadedFile;
use Tests\Support\Contract;

function priceFile(string $text): Illuminate\Testing\TestResponse
{
    $path = (string) tempnam(sys_get_temp_dir(), 'prices');
    file_put_contents($path, $text);

    return test()->post('/api/metal-prices/import', ['file' => new UploadedFile($path, 'prices.csv', null, null, true)],
        ['Accept' => 'application/json']);
}

function usedFor(string $metal): float
{
    return Workshop::the()->refresh()->rulebook->settings()->num("price.{$metal}");
}

it('quotes with the newest day, whatever was typed last', function (): void {
    $keep = fn (float $price, string $on) => $this->postJson(
        '/api/metal-prices', ['metal' => 'gold', 'price' => $price, 'on' => $on],
    )->assertOk();
    $keep(110, '2026-11-24');
    expect(usedFor('gold'))->toEqual(110);
    $answer = $keep(90, '2026-10-01');
    expect(usedFor('gold'))->toEqual(110)->and(Contract::breaks('MetalPrices',
        (string) $answer->getContent()))->toBe('');
    foreach ([['price' => 0], ['price' => 'dear'], ['metal' => 'lead'], ['on' => '2026-11-26'],
        ['on' => 'soon']] as $bad) {
        $this->postJson('/api/metal-prices', ['metal' => 'gold', 'price' => 1, 'on' => '2026-11-24', ...$bad])
            ->assertStatus(422);
    }
});

it('reads a file of prices whole, or says which line it cannot', function (): void {
    priceFile("day,metal,price\n2026-11-01,gold,108.5\n2026-11-02;silver;1,31\n")->assertOk();
    expect(usedFor('gold'))->toEqual(108.5)->and(usedFor('silver'))->toEqual(1.31)
        ->and(MetalPrice::query()->where('source', 'csv')->count())->toBe(2);
    foreach (["2026-11-03,gold,120\n2026-13-03,gold,1\n", "2026-11-03,lead,1\n", "2026-11-03,gold,-4\n",
        "2026-11-03,gold\n", ''] as $bad) {
        priceFile($bad)->assertStatus(422);
    }
    expect(usedFor('gold'))->toEqual(108.5)->and(MetalPrice::query()->count())->toBe(2);
});

it('takes prices of a feed that says it is simulated, the same for the same day', function (): void {
    $first = $this->postJson('/api/metal-prices/simulate')->assertOk()->json('prices');
    expect(array_unique(array_column($first, 'source')))->toBe(['simulated'])->and($first)->toHaveCount(4);
    $again = $this->postJson('/api/metal-prices/simulate')->json('prices');
    expect(array_slice($again, 4))->toEqual($first);
});

it('keeps a price that is typed in Shop as one of its day', function (): void {
    $this->putJson('/api/shop', ['price.gold' => 99, 'price.hour' => 60])->assertOk();
    expect($this->getJson('/api/metal-prices')->json('prices'))->toBe([
        ['metal' => 'gold', 'price' => 99, 'on' => '2026-11-25', 'source' => 'typed'],
    ]);
});
