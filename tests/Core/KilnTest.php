<?php

declare(strict_types=1);

use HotSprue\Casting\CastingStep;
use HotSprue\Casting\Sharing;
use HotSprue\Drawing\RunDrawing;
use HotSprue\Kiln\KilnFault;
use HotSprue\Kiln\KilnWatch;
use HotSprue\Kiln\SimulatedKiln;
use HotSprue\Stock\Alloy;
use HotSprue\Stock\Alloys;
use HotSprue\Workshop\WorkshopSettings;

const STAGES = [
    ['to' => 149.0, 'minutes' => 60.0], ['to' => 371.0, 'minutes' => 60.0], ['to' => 732.0, 'minutes' => 125.0],
    ['to' => 540.0, 'minutes' => 120.0],
];

/** @return list<array{min: float, kiln_c: ?float, planned_c: float}> */
function kilnLog(SimulatedKiln $kiln, int $to): array
{
    $minutes = array_map(floatval(...), range(0, $to));

    return array_map(
        static fn (float $minute, ?float $c): array => [
            'min' => $minute, 'kiln_c' => $c, 'planned_c' => $kiln->planned($minute),
        ],
        $minutes, $kiln->readings($minutes),
    );
}

it('plans by its climb and fall, stage by stage', function (): void {
    $kiln = new SimulatedKiln(STAGES);
    // 20 + 6 × 10; 149 after 21.5; 149 + 6 × 20; 732 at the end of the third; 732 − 3 × 30.
    expect(
        [
            $kiln->planned(10), $kiln->planned(40), $kiln->planned(80), $kiln->planned(245), $kiln->planned(275),
            $kiln->planned(9999),
        ],
    )
        ->toEqualWithDelta([80, 149, 269, 732, 642, 540], 1e-9)->and($kiln->length())->toEqual(365);
});

it('is the same whenever it is asked, and follows its programme', function (): void {
    $kiln = new SimulatedKiln(STAGES, [new KilnFault('door', 100, 103)]);
    expect($kiln->reading(200.0))->toEqualWithDelta($kiln->readings([50.0, 120.0, 200.0])[2], 1e-6);
    foreach (kilnLog(new SimulatedKiln(STAGES), 365) as $point) {
        expect(abs($point['kiln_c'] - $point['planned_c']))->toBeLessThan(20.0);
    }
});

it('fares as a kiln with a fault does, and raises the alarm that fits', function (
    string $kind, string $code, ?float $to,
): void {
    $well = new SimulatedKiln(STAGES);
    $ill = new SimulatedKiln(STAGES, [new KilnFault($kind, 130.0, $to)]);
    expect(KilnWatch::alarms(kilnLog($well, 365), WorkshopSettings::shipped()))->toBe([]);
    $alarms = KilnWatch::alarms(kilnLog($ill, 200), WorkshopSettings::shipped());
    expect(array_keys($alarms))
        ->toContain($code)->and($alarms[$code]['min'])->toBeGreaterThanOrEqual(130.0)->and($alarms[$code]['message'])
        ->not->toBe('')
        ->and($ill->reading(129.0))->toEqualWithDelta($well->reading(129.0), 1e-9);
})->with(
    [
        ['power', 'behind', null], ['element', 'behind', null], ['thermocouple', 'thermocouple-lost', 131.0],
        ['door', 'behind', null],
    ],
);

it('cries over 732 and the hunting of a thermocouple, and not under it', function (): void {
    $at = static fn (float $c): array => KilnWatch::alarms(
        [['min' => 1.0, 'kiln_c' => $c, 'planned_c' => 732.0]], WorkshopSettings::shipped(),
    );
    expect($at(744.1))->toHaveKey('too-hot')->and($at(744.0))->toBe([]);
});

it('lets jobs of one alloy and one heat share a flask, and says why others do not', function (): void {
    $job = static fn (int $number, string $alloy, float $pour): array => [
        'number' => $number, 'alloy' => $alloy, 'pour_c' => $pour, 'across' => 20.0, 'deep' => 4.0,
    ];
    $sharing = Sharing::propose(
        [
            $job(1, 'sterling-925', 480), $job(2, '18k-yellow', 540), $job(3, 'sterling-925', 480),
            $job(4, 'sterling-925', 440),
        ],
    );
    expect($sharing['flasks'])
        ->toBe([[1, 3], [2], [4]])->and(implode(' ', array_column($sharing['apart'], 'why')))->toContain('18k yellow')
        ->toContain('wants the flask at 480 °C and 4 at 440');
});

it('quenches as the metal wants it, by its colour and not by its name', function (): void {
    $own = [
        'name' => '18k-red', 'label' => '18k red', 'metal' => 'gold', 'fineness' => 0.75, 'density' => 15.0,
        'solidus_c' => 880, 'liquidus_c' => 900,
    ];
    $settings = WorkshopSettings::with(
        ['stock.alloys' => [...Alloys::shipped(), [...$own, 'colour' => 'rose'], [...$own, 'name' => 'primrose']]],
    );
    $quench = static fn (string $alloy): string => CastingStep::quench(Alloy::named($alloy, $settings));
    expect($quench('14k-rose'))
        ->toContain('at once')->and($quench('14k-white-nickel'))->toContain('over 15 min')->and($quench('sterling-925'))
        ->toContain('3 to 8 min')
        ->and($quench('18k-red'))->toContain('at once')->and($quench('primrose'))->toContain('3 to 8 min');
});

it('draws the flasks in the kiln to one scale, and what is poured as gone', function (): void {
    $flask = ['flask' => '2½×2½', 'diameter' => 63.5, 'height' => 63.5, 'patterns' => 3, 'poured' => false];
    $shapes = RunDrawing::chamber(
        [$flask, [...$flask, 'diameter' => 76.2, 'height' => 101.6, 'patterns' => 1], [...$flask, 'poured' => true]],
    )->toArray()['shapes'];
    $sizes = static function (string $style) use ($shapes): array {
        $found = [];
        foreach ($shapes as $shape) {
            if ($shape['style'] === $style && preg_match('/h([\d.]+) v([\d.]+)/', $shape['d'] ?? '', $size) === 1) {
                $found[] = [(float) $size[1], (float) $size[2]];
            }
        }

        return $found;
    };
    // A ring is two circles, its outside and its bore; the poured flask shows none.
    expect($sizes('fill-invest'))->toBe([[63.5, 63.5], [76.2, 101.6]])->and($sizes('ghost'))->toBe([[63.5, 63.5]])
        ->and(array_filter($shapes, static fn (array $shape): bool => $shape['kind'] === 'circle'))
        ->toHaveCount(2 * (3 + 1));
});
