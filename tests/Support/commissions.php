<?php

declare(strict_types=1);

use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\TypedChanges;
use HotSprue\Workshop\WorkshopSettings;

const SIX = [
    ['garnet', 4.0, 0.28], ['spinel', 3.2, 0.13], ['sapphire', 3.0, 0.12], ['peridot', 2.8, 0.08],
    ['topaz', 2.5, 0.06], ['iolite', 2.2, 0.03],
];

/** @param array<string, mixed> $more */
function pieceWith(array $more, ?string $setting = null): JobAnswers
{
    $typed = [
        'brief.finger' => '17.4 mm diameter', 'brief.alloy' => '14k-yellow', 'form.width_top' => '6.5',
        'form.thickness_top' => '2.2', ...$more,
    ];

    return JobAnswers::of(typedDocument($typed), WorkshopSettings::shipped(), setting: $setting);
}

/** @param array<string, mixed> $typed */
function typedDocument(array $typed): Document
{
    $changes = array_map(
        static fn (string $path, mixed $to): Change => new Change($path, null, $to), array_keys($typed), $typed,
    );

    return Document::blank()->with(TypedChanges::read($changes, WorkshopSettings::shipped()));
}

/** @return array<string, mixed> six unlike stones, each in a tube made apart */
function sixTubes(): array
{
    $typed = [];
    foreach (SIX as $at => [$species, $width, $carats]) {
        $typed += [
            "stones.{$at}.name" => "the {$species}", "stones.{$at}.species" => $species,
            "stones.{$at}.shape" => 'round', "stones.{$at}.width" => $width, "stones.{$at}.depth" => 0.6 * $width,
            "stones.{$at}.weighed_carats" => $carats, "settings.{$at}.style" => 'tube',
            "settings.{$at}.made" => 'apart', "settings.{$at}.angle" => 30 * $at - 60,
        ];
    }

    return $typed;
}

/** Density in g/cm³ and liquidus in °C of some metals, from the published tables. */
const METALS = [
    'sterling-925' => [10.36, 899], '14k-yellow' => [13.1, null], '18k-yellow' => [15.5, null],
    'platinum-950' => [20.7, null],
];

/** @param array<string, mixed> $typed */
function commission(array $typed): JobAnswers
{
    $changes = array_map(
        static fn (string $path, mixed $to): Change => new Change($path, null, $to), array_keys($typed), $typed,
    );

    return JobAnswers::of(
        Document::blank()->with(TypedChanges::read($changes, WorkshopSettings::shipped())),
        WorkshopSettings::shipped(),
    );
}

/** A job with something of everything in it, differently from seed to seed. */
function anyCommission(int $seed): array
{
    mt_srand($seed);
    $typed = [
        'brief.kind' => ['cast', 'cast', 'fabricated'][mt_rand(0, 2)], 'brief.finger' => 'US '.mt_rand(4, 12),
        'brief.alloy' => array_keys(METALS)[mt_rand(0, 3)], 'form.width_top' => (string) (mt_rand(20, 80) / 10),
        'form.thickness_top' => (string) (mt_rand(14, 26) / 10),
        'form.profile' => ['flat', 'half-round', 'court'][mt_rand(0, 2)],
        'wax.process' => ['carved', 'mould', 'resin', 'clay'][mt_rand(0, 3)],
        'attempts.0.wax_mass' => (mt_rand(3, 20) / 10).' g',
    ];
    foreach (range(0, mt_rand(0, 4)) as $at) {
        $wide = mt_rand(15, 65) / 10;
        $typed += [
            "stones.{$at}.shape" => ['round', 'oval', 'cushion', 'pear'][mt_rand(0, 3)],
            "stones.{$at}.width" => (string) $wide, "stones.{$at}.length" => (string) ($wide * 1.3),
            "stones.{$at}.depth" => (string) ($wide * 0.6),
            "stones.{$at}.species" => ['diamond', 'sapphire', 'opal', 'garnet'][mt_rand(0, 3)],
            "settings.{$at}.style" => ['bezel', 'tube', 'claws', 'flush', 'bead'][mt_rand(0, 4)],
            "settings.{$at}.made" => ['cast', 'apart', 'carved'][mt_rand(0, 2)],
            "settings.{$at}.angle" => (string) mt_rand(-150, 150),
        ];
    }
    foreach (array_keys($typed) as $path) {
        if (mt_rand(0, 9) === 0) {
            unset($typed[$path]);
        }
    }

    return $typed;
}

/** @return array<string, mixed> a flat band with a garnet in a bezel made apart and four small stones set flush */
function stoneSetBand(): array
{
    return [
        'brief.title' => 'band', 'brief.finger' => '17.4 mm diameter', 'brief.alloy' => 'sterling-925',
        'form.profile' => 'flat', 'form.width_top' => '5', 'form.thickness_top' => '2',
        'stones.a.species' => 'garnet', 'stones.a.shape' => 'round', 'stones.a.width' => '5', 'stones.a.price' => '40',
        'stones.b.species' => 'diamond', 'stones.b.shape' => 'round', 'stones.b.width' => '1.5',
        'stones.b.count' => '4', 'stones.b.price' => '12.5 each',
        'settings.a.style' => 'bezel', 'settings.a.made' => 'apart', 'settings.a.stone' => 'a',
        'settings.b.style' => 'flush', 'settings.b.made' => 'cast', 'settings.b.stone' => 'b',
    ];
}
