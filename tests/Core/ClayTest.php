<?php

declare(strict_types=1);

use HotSprue\Job\Station;
use HotSprue\Job\StationPage;

it('forms a ring of clay up by its shrinkage, and a wide one farther', function (float $width, float $mandrel): void {
    $ring = reckon('clay.ring', ['inner_diameter' => 17.8, 'width' => $width, 'thickness' => 1.6]);
    expect($ring->num('mandrel'))->toEqualWithDelta($mandrel, 1e-9)
        ->and($ring->num('sizes_up'))->toEqualWithDelta(($mandrel - 17.8) / 0.8128, 1e-9)
        ->and($ring->num('width_wet'))->toEqualWithDelta($width / 0.89, 1e-9);
    // 17.8 ÷ 0.89 is 20; half a US size more from 6 mm on.
})->with([[5.99, 20.0], [6.0, 20.4064]]);

it('is about 2½ sizes up for a 7, as the workbook says', function (): void {
    $ring = reckon('clay.ring', ['scale' => 'us', 'size' => '7', 'width' => 4, 'thickness' => 1.5]);
    expect($ring->num('sizes_up'))->toBeGreaterThan(2.5)->toBeLessThan(2.75);
});

it('rolls between as many cards as its thickness asks for', function (): void {
    // 1.6 ÷ 0.89 is 1.798: eight cards of a quarter, 2.0, which fire to 1.78.
    $ring = reckon('clay.ring', ['inner_diameter' => 17.8, 'width' => 5, 'thickness' => 1.6]);
    expect($ring->num('cards'))->toEqual(8)->and($ring->num('thickness_fired'))->toEqualWithDelta(1.78, 1e-9)
        ->and(reckon('clay.ring', [
            'inner_diameter' => 17.8, 'width' => 5, 'thickness' => 1.6, 'rules' => ['clay.card' => 0.3],
        ])->num('cards'))->toEqual(6);
});

it('opens the seat for a stone that is fired in place', function (): void {
    $ring = reckon('clay.ring', ['inner_diameter' => 17.8, 'width' => 5, 'thickness' => 1.6, 'stone' => 3.56]);
    expect($ring->num('seat'))->toEqualWithDelta(4.0, 1e-9)->and($ring->num('punch'))->toEqualWithDelta(2.8, 1e-9);
});

it('fires by the sheet of its sort', function (): void {
    $ring = reckon('clay.ring', ['inner_diameter' => 17.8, 'width' => 5, 'thickness' => 1.6, 'clay' => 'bronze-clay']);
    // 800 °C at 5 a minute, and two hours.
    expect($ring->num('fire_at'))->toEqual(820)->and($ring->num('fire_min'))->toEqualWithDelta(160 + 120, 1e-9)
        ->and($ring->value('stages')[0])->toEqual(['ramp_to_c' => 820.0, 'ramp_min' => 160.0, 'hold_min' => 120.0]);
    // 840 may be climbed to at 15 a minute; a kiln that climbs 6 takes 820 ÷ 6, one that climbs 20 is held to 15.
    $silver = static fn (float $kiln): float => reckon('clay.ring', [
        'inner_diameter' => 17.8, 'width' => 5, 'thickness' => 1.6, 'clay' => 'silver-full',
        'rules' => ['burnout.climb_c_per_min' => $kiln],
    ])->num('fire_min');
    expect($silver(6.0))->toEqualWithDelta(820 / 6 + 120, 1e-9)
        ->and($silver(20.0))->toEqualWithDelta(820 / 15 + 120, 1e-9);
});

it('measures how far it shrank', function (): void {
    $ring = reckon('clay.ring', [
        'inner_diameter' => 17.8, 'width' => 5, 'thickness' => 1.6, 'fired_diameter' => 17.5,
    ]);
    expect($ring->num('shrinkage_measured'))->toEqualWithDelta(0.125, 1e-9);
});

it('reckons a job of clay by its own sheet, with the stones that go into the kiln', function (): void {
    $job = pieceWith([
        'wax.process' => 'clay', 'wax.clay' => 'silver-full', 'stones.0.species' => 'peridot',
        'stones.0.shape' => 'round',
        'stones.0.width' => '3', 'stones.0.in_fire' => true, 'wax.clay_dried' => '10 h',
    ]);
    expect($job->value('clay.ring', 'fire_at'))->toEqual(840)
        ->and($job->answer('clay.ring')?->finding('stone-in-kiln'))->not->toBeNull()
        ->and($job->answer('clay.ring')?->finding('clay-damp'))->not->toBeNull()
        ->and($job->value('clay.ring', 'seat'))->toEqualWithDelta(3 / 0.89, 1e-9)
        ->and(pieceWith([])->answer('clay.ring'))->toBeNull();
});

it('says at the foot of Wax what clay is formed on, and nothing of a bore to carve', function (): void {
    $said = static fn (string $process): array => array_column(
        (new StationPage(Station::Wax, pieceWith([
            'wax.process' => $process, ...($process === 'clay' ? ['wax.clay' => 'silver-low'] : []),
        ])))->figures(), 'value', 'label',
    );
    $clay = $said('clay');
    expect(array_keys($clay))->toContain('mandrel', 'form on', 'cards')->not->toContain('bore to carve', 'slice to cut')
        // 17.4 ÷ 0.89, and half a US size for a band of 6.5.
        ->and($clay['mandrel'])->toEqualWithDelta(17.4 / 0.89 + 0.4064, 1e-9)
        ->and(array_keys($said('carved')))->toContain('bore to carve')->not->toContain('mandrel');
});
