<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** A place on the bench that a job passes, in order. It locks nobody out. */
enum Station: string
{
    case Brief = 'brief';
    case Form = 'form';
    case Stones = 'stones';
    case Wax = 'wax';
    case Tree = 'tree';
    case Burnout = 'burnout';
    case Pour = 'pour';

    /** Whether what is said at a path is said here or at an earlier station. */
    public function reaches(string $path): bool
    {
        $group = explode('.', $path, 2)[0];
        $said = self::tryFrom(['attempts' => 'wax', 'castings' => 'pour'][$group] ?? $group);
        $order = self::cases();

        return $said === null || array_search($said, $order, true) <= array_search($this, $order, true);
    }

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** @return list<string> the uses of sheets that are answered here; the first is drawn largest */
    public function uses(): array
    {
        return match ($this) {
            self::Brief => ['size.convert', 'size.fit'],
            self::Form => ['form.band'],
            self::Stones => ['stone.outline', 'stone.weight', 'seat.bezel', 'seat.tube', 'seat.claw', 'seat.round', 'seat.depth', 'layout.halo', 'layout.row', 'care.check'],
            self::Wax => ['wax.dimensions', 'wax.pattern', 'blank.choose', 'layout.grid', 'layout.lettering', 'layout.symmetry', 'wax.predict'],
            self::Tree => ['sprue.size', 'flask.choose', 'investment.mix'],
            self::Burnout => ['burnout.programme', 'burnout.core', 'pour.temperatures'],
            self::Pour => ['metal.charge', 'pour.fill', 'spin.balance', 'cast.check'],
        };
    }

    /** @return list<array{string, string, string}> use, result and words of the figures at the foot of the page */
    public function strip(): array
    {
        return match ($this) {
            self::Brief => [['size.convert', 'inner_diameter', 'inside the ring'], ['size.fit', 'inner_diameter', 'to make'], ['size.fit', 'inner_circumference', 'round, to make'], ['size.fit', 'mark', 'on the stick']],
            self::Form => [['form.band', 'volume_mm3', 'volume'], ['form.band', 'mass', 'in the job’s alloy'], ['form.band', 'outer_height', 'outside, top to base'], ['form.band', 'least_thickness', 'thinnest, heavily worked'], ['form.band', 'section_modulus', 'section modulus']],
            self::Stones => [['stone.weight', 'carats', 'carats'], ['stone.outline', 'perimeter', 'round the girdle'], ['seat.bezel', 'strip_length', 'strip to cut'], ['seat.claw', 'wire', 'claw wire'], ['seat.round', 'bearing', 'bearing bur'], ['layout.halo', 'count', 'round the centre'], ['layout.row', 'total_arc_deg', 'arc of the row']],
            self::Wax => [['wax.dimensions', 'bore', 'bore to carve'], ['wax.dimensions', 'bore_mark', 'on the stick'], ['blank.choose', 'slice', 'slice to cut'], ['metal.charge', 'piece_mass', 'this wax in metal'], ['wax.predict', 'inner_diameter', 'finishes at, inside']],
            self::Tree => [['sprue.size', 'stock_diameter', 'sprue wire'], ['sprue.size', 'count', 'sprues'], ['flask.choose', 'flask', 'flask'], ['investment.mix', 'powder_mass', 'powder'], ['investment.mix', 'water_mass', 'water']],
            self::Burnout => [['burnout.programme', 'start_at', 'switch on'], ['burnout.programme', 'ready_by', 'ready to pour'], ['burnout.programme', 'total_min', 'to the pour'], ['pour.temperatures', 'flask_temperature', 'flask at the pour'], ['pour.temperatures', 'metal_low', 'metal, from'], ['burnout.programme', 'school', 'programme']],
            self::Pour => [['metal.charge', 'charge_mass', 'charge, button in'], ['metal.charge', 'button_mass', 'button'], ['metal.charge', 'expected_mass', 'casting should weigh'], ['cast.check', 'off_expected', 'over what was expected'], ['cast.check', 'shrinkage', 'measured shrinkage']],
        };
    }

    /** What signing the station off says. */
    public function signOff(): string
    {
        return match ($this) {
            self::Brief => 'Agree this brief',
            self::Form => 'Settle this form',
            self::Stones => 'Stones are settled',
            self::Wax => 'Pass this wax',
            self::Tree => 'Flask is invested',
            self::Burnout => 'Burnout is set',
            self::Pour => 'Casting is good',
        };
    }
}
