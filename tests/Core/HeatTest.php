<?php

declare(strict_types=1);

use HotSprue\Fields\BadInput;
use HotSprue\Heat\Act;
use HotSprue\Heat\Contact;
use HotSprue\Heat\Fire;
use HotSprue\Heat\Flux;
use HotSprue\Heat\Glow;
use HotSprue\Heat\Link;
use HotSprue\Heat\MetalHeat;
use HotSprue\Heat\Move;
use HotSprue\Heat\Node;
use HotSprue\Heat\Piece;
use HotSprue\Heat\SolderState;
use HotSprue\Heat\TorchFlame;
use HotSprue\Stock\Alloy;
use HotSprue\Stock\Torch;
use HotSprue\Workshop\WorkshopSettings;
use Tests\Support\Heats;

/** A silver lump of 4 g and 100 mm² at a heat. */
function lump(float $celsius = 20.0, float $surface = 100.0, float $held = 0.0): Node
{
    return new Node('lump', 0.0, 0.0, 4.0, $surface, 250.0, 802.0, $held, $celsius);
}

/** @return list<float> °C of each node */
function heatsOf(Piece $piece): array
{
    return array_map(static fn (Node $node): float => $node->celsius, $piece->nodes);
}

it('brings a lump to heat as the exponential says, within half a percent', function (): void {
    // Without a glow to speak of: 0.001 mm² radiates nothing beside a grip of 0.02 W/K. dT/dt = −(T − 20) G / mc, and
    // mc = 1 J/K: after 50 s a degree over the air has become e^(−0.02 × 50).
    $piece = new Piece([lump(500.0, 0.001, 0.02)], [], []);
    $after = Fire::burn($piece, TorchFlame::off(), 50.0)->piece->nodes[0]->celsius;
    expect($after - 20)->toEqualWithDelta(480 * exp(-1), 0.005 * 480 * exp(-1));
});

it('leads heat along a bar as its series says, within one percent', function (): void {
    // A bar of 20 nodes, hot in its left half: T = ½ + Σ (2/nπ) sin(nπ/2) cos(nπx) exp(−n²π² D t), D in bars a second.
    $count = 20;
    $conducts = 0.5;
    $nodes = $links = [];
    for ($at = 0; $at < $count; $at++) {
        $nodes[] = new Node('bar', $at, 0.0, 0.2, 1e-6, 250.0, 5000.0, celsius: $at < $count / 2 ? 1020.0 : 20.0);
        $at > 0 and $links[] = new Link($at - 1, $at, $conducts);
    }
    $after = heatsOf(Fire::burn(new Piece($nodes, $links, []), TorchFlame::off(), 8.0)->piece);
    $speed = $conducts / (0.2e-3 * 250) / $count ** 2;
    foreach ($after as $at => $celsius) {
        $series = 0.5;
        for ($n = 1; $n < 60; $n++) {
            $series += 2 / ($n * M_PI) * sin($n * M_PI / 2) * cos($n * M_PI * ($at + 0.5) / $count)
                * exp(-($n * M_PI) ** 2 * $speed * 8.0);
        }
        expect($celsius - 20)->toEqualWithDelta(1000 * $series, 10.0);
    }
});

it('stores or loses every joule that the flame gives, within a thousandth', function (string $lesson): void {
    $piece = Heats::lesson($lesson);
    $flame = TorchFlame::at(Torch::AirAcetylene, 0.0, -8.0);
    for ($at = 0; $at < 20; $at++) {
        $burnt = Fire::burn($piece, $flame, 1.0);
        expect($burnt->piece->stored() - $piece->stored())
            ->toEqualWithDelta($burnt->givenInAll() - $burnt->lostInAll(), 1e-3 * $burnt->givenInAll());
        $piece = $burnt->piece;
    }
})->with(['ring-seam', 'collet-on-shank', 'wire-on-base', 'three-claws']);

it('gives a node what the flame, the air and its own glow make of it', function (): void {
    // h = 150, half of 100 mm², 1350 − 600 in; 12 × 100 mm² × 580 and 0.25 σ (873.15⁴ − 293.15⁴) × 100 mm² out.
    $given = 150 * 50e-6 * 750;
    $lost = 100e-6 * (12 * 580 + 0.25 * 5.670374e-8 * (873.15 ** 4 - 293.15 ** 4));
    $burnt = Fire::burn(new Piece([lump(600.0)], [], []), TorchFlame::at(Torch::AirGas, 0, 0), 0.001);
    expect($burnt->givenInAll() / 0.001)->toEqualWithDelta($given, 1e-3)
        ->and($burnt->lostInAll() / 0.001)->toEqualWithDelta($lost, 1e-3)
        ->and($burnt->piece->nodes[0]->celsius - 600)->toEqualWithDelta(($given - $lost) * 0.001, 1e-6);
});

it('brings the workbook’s own ring to 690 °C in half a minute, and holds it near 780', function (): void {
    $piece = Heats::lesson('ring-seam');
    $near = max(array_map(static fn (Node $node): float => $node->y, $piece->nodes));
    $flame = TorchFlame::at(Torch::AirGas, 0.0, $near);
    $half = Fire::burn($piece, $flame, 30.0)->piece;
    $stands = Fire::burn($half, $flame, 150.0)->piece;
    expect(max(heatsOf($half)))->toBeGreaterThan(665)->toBeLessThan(705)
        ->and(max(heatsOf($stands)))->toBeGreaterThan(765)->toBeLessThan(790);
});

it('is at the same end with half the step, within one percent', function (string $lesson): void {
    $flame = TorchFlame::at(Torch::AirGas, 0.0, -6.0);
    $one = Fire::burn(Heats::lesson($lesson), $flame, 25.0);
    $half = Fire::burn(Heats::lesson($lesson), $flame, 25.0, Fire::STEP / 2);
    foreach (heatsOf($one->piece) as $at => $celsius) {
        expect($celsius)->toEqualWithDelta(heatsOf($half->piece)[$at], 0.01 * $celsius);
    }
    expect($one->givenInAll())->toEqualWithDelta($half->givenInAll(), 0.01 * $half->givenInAll());
})->with(['ring-seam', 'bezel-on-plate', 'wire-on-base', 'near-a-first']);

it('stays steady for the smallest claw beside the heaviest signet', function (string $alloy): void {
    $piece = Heats::piece([
        'parts' => [
            ['id' => 'signet', 'alloy' => $alloy, 'mass' => 40, 'form' => 'plate', 'thickness' => 5],
            ['id' => 'claw', 'alloy' => $alloy, 'mass' => 0.02, 'form' => 'bar'],
        ],
        'joints' => [['id' => 'claw', 'parts' => 'signet, claw', 'solder' => 'silver-easy', 'when' => 'before'],
            ['id' => 'seam', 'parts' => 'signet, claw', 'solder' => 'silver-easy']],
    ]);
    $before = heatsOf($piece);
    for ($at = 0; $at < 100; $at++) {
        $piece = Fire::burn($piece, TorchFlame::at(Torch::OxyGas, 0.0, -8.0), 0.2)->piece;
        foreach (heatsOf($piece) as $node => $celsius) {
            // What is heated from one side climbs, and never past the flame.
            expect($celsius)->toBeGreaterThanOrEqual($before[$node] - 1e-6)->toBeLessThan(2000.0);
        }
        $before = heatsOf($piece);
    }
})->with(['sterling-925', '18k-yellow', 'platinum-950']);

it('heats less the farther off the flame is, and wider', function (): void {
    $near = TorchFlame::at(Torch::AirGas, 0, 0, spread: 0.0);
    $far = TorchFlame::at(Torch::AirGas, 0, 0, spread: 0.0, distance: 2.0);
    // Sharp air–gas: 150 W/m²K over 6 mm; twice as far a quarter over 12.
    expect($near->on(0, 0))->toEqual(150.0)->and($far->on(0, 0))->toEqual(37.5)
        ->and($near->on(6, 0))->toEqualWithDelta(150 * exp(-0.5), 1e-9)
        ->and($far->on(12, 0))->toEqualWithDelta(37.5 * exp(-0.5), 1e-9)
        ->and(TorchFlame::off()->on(0, 0))->toBe(0.0);
});

it('knows its torches', function (string $torch, float $flame, float $strength, float $sharp, float $bushy): void {
    $one = Torch::from($torch);
    expect([$one->flame(), $one->strength(), $one->sharpest(), $one->bushiest()])
        ->toBe([$flame, $strength, $sharp, $bushy]);
})->with([['air-gas', 1350.0, 150.0, 6.0, 14.0], ['air-acetylene', 1550.0, 220.0, 5.0, 12.0],
    ['oxy-gas', 2000.0, 350.0, 2.0, 6.0]]);

it('knows how each metal takes and leads heat', function (string $alloy, float $capacity, float $leads): void {
    $heat = MetalHeat::of(Alloy::named($alloy, WorkshopSettings::shipped()));
    expect([$heat->capacity, $heat->conductivity])->toBe([$capacity, $leads]);
})->with([
    ['sterling-925', 250.0, 360.0], ['9k-yellow', 200.0, 90.0], ['14k-white-nickel', 200.0, 60.0],
    ['18k-rose', 170.0, 110.0], ['22k-yellow', 140.0, 250.0], ['fine-gold', 140.0, 250.0],
    ['platinum-950', 150.0, 60.0], ['palladium-950', 250.0, 60.0], ['bronze', 380.0, 60.0],
]);

it('glows as the shade shows it, and sooner in the dark', function (float $celsius, string $shade, string $dark): void {
    expect(Glow::at($celsius)->value)->toBe($shade)->and(Glow::at($celsius, dark: true)->value)->toBe($dark);
})->with([
    [459, 'none', 'none'], [460, 'none', 'first red'], [519, 'none', 'first red'], [520, 'first red', 'first red'],
    [600, 'dull red', 'dull red'], [700, 'cherry', 'cherry'], [780, 'bright', 'bright'], [869, 'bright', 'orange'],
    [870, 'orange', 'orange'],
]);

it('glows on without a leap', function (): void {
    expect(Glow::level(519))->toBe(0.0)->and(Glow::level(560))->toEqualWithDelta(0.5, 1e-9)
        ->and(Glow::level(600))->toEqualWithDelta(1.0, 1e-9)->and(Glow::level(650))->toEqualWithDelta(1.5, 1e-9)
        ->and(Glow::level(870))->toEqualWithDelta(4.0, 1e-9)->and(Glow::level(2000))->toEqualWithDelta(5.0, 1e-9);
});

it('turns flux from wet to glass, and spends it', function (float $celsius, float $clear, Flux $looks): void {
    expect(Flux::Wet->heated($celsius, $clear))->toBe($looks);
})->with([
    [99, 0, Flux::Wet], [100, 0, Flux::Boiling], [350, 0, Flux::Crust], [599, 0, Flux::Crust], [600, 0, Flux::Clear],
    [900, 0, Flux::Clear], [900.1, 0, Flux::Spent], [700, 120, Flux::Clear], [700, 120.1, Flux::Spent],
]);

it('does not turn glass back into crust as it cools', function (): void {
    expect(Flux::Clear->heated(300, 5))->toBe(Flux::Clear)->and(Flux::None->heated(700, 0))->toBe(Flux::None);
});

/** Two lumps that meet in one joint of silver medium, 691 and 738, at these heats, with clear flux. */
function joint(float $one, float $other, array $more = []): Piece
{
    return new Piece([
        new Node('base', 0, 0, 40.0, 0.001, 250.0, 802.0, celsius: $one),
        new Node('claw', 3, 0, 40.0, 0.001, 250.0, 802.0, celsius: $other),
    ], [], [new Contact('seam', 0, 1, 1e-6, 1e-6, 738.0, 691.0, ...[
        'isNow' => true, 'isMade' => false, 'flux' => Flux::Clear, 'solder' => SolderState::Laid, ...$more,
    ])]);
}

it('draws solder as both sides come to it', function (float $one, float $other, string $solder): void {
    $after = Fire::burn(joint($one, $other), TorchFlame::off(), 0.02)->piece->contacts[0];
    expect($after->solder->value)->toBe($solder);
})->with([
    'both there' => [739, 739, 'flowed'], 'one a little under' => [745, 719, 'laid'],
    'one over 20 under' => [745, 717, 'balled'], 'neither' => [737, 737, 'laid'],
]);

it('does not flow over dull metal or spent flux', function (array $more, string $solder): void {
    expect(Fire::burn(joint(745, 745, $more), TorchFlame::off(), 0.02)->piece->contacts[0]->solder->value)
        ->toBe($solder);
})->with([
    'no flux' => [['flux' => Flux::None], 'balled'], 'spent' => [['flux' => Flux::Spent], 'balled'],
    'platinum asks for none' => [['flux' => Flux::None, 'needsFlux' => false], 'flowed'],
    'no solder' => [['solder' => SolderState::None], 'none'],
]);

it('says how far one side was ahead at the flash, and conducts as metal from then on', function (): void {
    $after = Fire::burn(joint(760, 740), TorchFlame::off(), 0.02)->piece->contacts[0];
    expect($after->ahead)->toEqualWithDelta(20.0, 0.1)->and($after->isMade)->toBeTrue()
        ->and($after->flashed)->toEqualWithDelta(0.02, 1e-9);
});

it('conducts twice as well once its flux is liquid', function (): void {
    $open = new Contact('seam', 0, 1, 5.0, 3.0, 738, 691, true, false, flux: Flux::Crust);
    expect($open->conducts())->toEqualWithDelta(0.1, 1e-12)
        ->and($open->with(['flux' => Flux::Clear])->conducts())->toEqualWithDelta(0.2, 1e-12)
        ->and($open->with(['isMade' => true])->conducts())->toBe(3.0);
});

it('pits a joint held 80 °C past its flow for over ten seconds', function (
    float $celsius, float $long, bool $pits,
): void {
    $flowed = ['isMade' => true, 'solder' => SolderState::Flowed];
    $after = Fire::burn(joint($celsius, $celsius, $flowed), TorchFlame::off(), $long)->piece->contacts[0];
    expect($after->pitted)->toBe($pits);
})->with([[818.5, 10.1, true], [818.5, 9.9, false], [817, 30.0, false]]);

it('moves and opens an earlier joint', function (float $celsius, bool $guarded, bool $moved, bool $made): void {
    $earlier = ['isNow' => false, 'isMade' => true, 'solder' => SolderState::Flowed, 'isGuarded' => $guarded];
    $after = Fire::burn(joint($celsius, $celsius, $earlier), TorchFlame::off(), 0.02)->piece->contacts[0];
    expect([$after->moved, $after->isMade])->toBe([$moved, $made]);
})->with([
    'under its solidus' => [690.5, false, false, true], 'past it' => [692.0, false, true, true],
    'past it, guarded' => [692.0, true, false, true], 'past its flow, guarded' => [739.0, true, true, false],
]);

it('slumps past the solidus of its metal', function (float $celsius, bool $slumps): void {
    $after = Fire::burn(new Piece([lump($celsius, 0.001)], [], []), TorchFlame::off(), 0.02);
    expect($after->piece->nodes[0]->slumped)->toBe($slumps);
})->with([[801.9, false], [802.5, true]]);

it('blackens bare silver in the open part of the flame, and not under a coat', function (
    float $off, bool $coated, bool $black,
): void {
    $node = new Node('plate', $off, 0, 4.0, 100.0, 250.0, 802.0, celsius: 620.0, silver: true, coated: $coated);
    $after = Fire::burn(new Piece([$node], [], []), TorchFlame::at(Torch::AirGas, 0, 0), 0.02)->piece->nodes[0];
    expect($after->black)->toBe($black)->and($after->emissivity())->toBe($black ? 0.6 : 0.25);
})->with([[20.0, false, true], [20.0, true, false], [10.0, false, false]]);

it('holds a node under 100 °C while its sink lasts', function (): void {
    $piece = new Piece([lump(20.0)], [], []);
    $piece = (new Move(0, 0, acts: ['sink']))->actedOn($piece);
    $flame = TorchFlame::at(Torch::AirAcetylene, 0, 0);
    $wet = Fire::burn($piece, $flame, Act::SINK - 0.1);
    $dry = Fire::burn($wet->piece, $flame, 5.0)->piece;
    expect($wet->piece->nodes[0]->celsius)->toEqualWithDelta(100.0, 1e-6)
        ->and($dry->nodes[0]->celsius)->toBeGreaterThan(150.0)
        ->and($wet->piece->stored())->toEqualWithDelta($wet->givenInAll() - $wet->lostInAll(), 1e-6);
});

it('loses a chip where the flux boils too fast', function (float $mass, SolderState $left): void {
    $nodes = array_map(static fn (int $at): Node => new Node(
        'part', $at, 0, $mass, 100.0, 250.0, 802.0, celsius: 90.0,
    ), [0, 1]);
    $laid = [new Contact('seam', 0, 1, 4.0, 1.0, 738, 691, true, false, flux: Flux::Wet, solder: SolderState::Laid)];
    // 350 × 50 mm² × 1900 = 33 W: 0.8 g warms at 166 °C/s, 1.2 g at 111.
    $after = Fire::burn(new Piece($nodes, [], $laid), TorchFlame::at(Torch::OxyGas, 0.5, 0), 0.4)->piece;
    expect($after->contacts[0]->solder)->toBe($left);
})->with([[0.8, SolderState::None], [1.2, SolderState::Laid]]);

it('does nothing by hand that a hot piece forbids, and feeds it when it is hot', function (): void {
    $hot = joint(500, 500, ['solder' => SolderState::None]);
    $laid = (new Move(0, 0, acts: ['lay']))->actedOn($hot);
    $fed = (new Move(0, 0, acts: ['feed: seam']))->actedOn($hot);
    $coated = (new Move(0, 0, acts: ['coat']))->actedOn($hot);
    expect($laid->contacts[0]->solder)->toBe(SolderState::None)
        ->and($fed->contacts[0]->solder)->toBe(SolderState::Laid)->and($coated->nodes[0]->coated)->toBeFalse();
});

it('says which acts it knows', function (string $act, string $words): void {
    expect(fn () => (new Move(0, 0, acts: [$act]))->actedOn(joint(20, 20)))->toThrow(BadInput::class, $words);
})->with([['hammer', 'coat, flux, lay, feed, guard, sink'], ['feed: ring', 'seam'], ['sink: ring', 'base, claw']]);
