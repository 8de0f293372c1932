<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** A place on the bench that a job passes, in order. It locks nobody out. */
enum Station: string
{
    case Brief = 'brief';
    case Form = 'form';
    case Sizing = 'sizing';
    case Stones = 'stones';
    case Wax = 'wax';
    case Tree = 'tree';
    case Burnout = 'burnout';
    case Pour = 'pour';
    case Join = 'join';
    case Set = 'set';
    case Finish = 'finish';
    case HandOver = 'handover';

    /** Whether what is said at a path is said here or at an earlier station. */
    public function reaches(string $path): bool
    {
        $group = explode('.', $path, 2)[0];
        $said = self::tryFrom(['cuts' => 'form', 'attempts' => 'wax', 'castings' => 'pour', 'parts' => 'join', 'joints' => 'join'][$group] ?? $group);
        $order = self::cases();

        return $said === null || array_search($said, $order, true) <= array_search($this, $order, true);
    }

    public function label(): string
    {
        return $this === self::HandOver ? 'Hand over' : ucfirst($this->value);
    }

    /** @return list<string> the uses of sheets that are answered here; the first is drawn largest */
    public function uses(): array
    {
        return match ($this) {
            self::Brief => ['size.convert', 'size.fit'],
            self::Form => ['form.band', 'strip.length', 'stock.cut', 'plate.cut', 'form.divide', 'anneal.bend', 'anneal.passes', 'inlay.fit', 'size.rounded'],
            self::Sizing => ['size.change'],
            self::Stones => ['stone.outline', 'stone.weight', 'seat.bezel', 'seat.tube', 'seat.claw', 'seat.round', 'seat.depth', 'layout.halo', 'layout.row', 'care.check'],
            self::Wax => ['wax.dimensions', 'wax.pattern', 'blank.choose', 'layout.grid', 'layout.lettering', 'layout.symmetry', 'wax.predict'],
            self::Tree => ['sprue.size', 'flask.choose', 'investment.mix'],
            self::Burnout => ['burnout.programme', 'burnout.core', 'pour.temperatures'],
            self::Pour => ['metal.charge', 'pour.fill', 'spin.balance', 'cast.check'],
            self::Join => ['join.plan'],
            self::Set => ['set.sequence', 'tools.list'],
            self::Finish => ['finish.plan', 'care.finish'],
            self::HandOver => ['hand.over', 'care.advice'],
        };
    }

    /** @return list<array{string, string, string}> use, result and words of the figures at the foot of the page */
    public function strip(): array
    {
        return match ($this) {
            self::Brief => [['size.convert', 'inner_diameter', 'inside the ring'], ['size.fit', 'inner_diameter', 'to make'], ['size.fit', 'inner_circumference', 'round, to make'], ['size.fit', 'mark', 'on the stick']],
            self::Form => [['form.band', 'ring_volume_mm3', 'volume, with its head'], ['form.band', 'mass', 'mass, with its head'], ['form.band', 'outer_height', 'outside, top to base'], ['form.band', 'least_thickness', 'thinnest, heavily worked'], ['form.band', 'section_modulus', 'section modulus'], ['strip.length', 'length', 'strip to cut'], ['strip.length', 'left_over', 'left of the stock'], ['stock.cut', 'left_over', 'left of the stock'], ['anneal.bend', 'anneals', 'annealings to bend'], ['size.rounded', 'method', 'once rounded']],
            self::Sizing => [['size.change', 'method', 'how'], ['size.change', 'insert', 'piece to let in'], ['size.change', 'edges_apart', 'edges apart'], ['size.change', 'scribe_apart', 'scribe, apart'], ['size.change', 'passes', 'passes'], ['size.change', 'strain', 'stretch'], ['size.change', 'thickness_after', 'thick afterwards'], ['size.change', 'metal_change', 'metal'], ['size.change', 'price_hint', 'price, a hint']],
            self::Stones => [['stone.weight', 'carats', 'carats'], ['stone.outline', 'perimeter', 'round the girdle'], ['seat.bezel', 'strip_length', 'strip to cut'], ['seat.claw', 'wire', 'claw wire'], ['seat.round', 'bearing', 'bearing bur'], ['layout.halo', 'count', 'round the centre'], ['layout.row', 'total_arc_deg', 'arc of the row']],
            self::Wax => [['wax.dimensions', 'bore', 'bore to carve'], ['wax.dimensions', 'bore_mark', 'on the stick'], ['blank.choose', 'slice', 'slice to cut'], ['metal.charge', 'piece_mass', 'this wax in metal'], ['wax.predict', 'inner_diameter', 'finishes at, inside']],
            self::Tree => [['sprue.size', 'stock_diameter', 'sprue wire'], ['sprue.size', 'count', 'sprues'], ['flask.choose', 'flask', 'flask'], ['investment.mix', 'powder_mass', 'powder'], ['investment.mix', 'water_mass', 'water']],
            self::Burnout => [['burnout.programme', 'start_at', 'switch on'], ['burnout.programme', 'ready_by', 'ready to pour'], ['burnout.programme', 'total_min', 'to the pour'], ['burnout.programme', 'flask_temperature', 'flask at the pour'], ['pour.temperatures', 'metal_low', 'metal, from'], ['burnout.programme', 'school', 'programme']],
            self::Pour => [['metal.charge', 'charge_mass', 'charge, button in'], ['metal.charge', 'button_mass', 'button'], ['metal.charge', 'expected_mass', 'casting should weigh'], ['cast.check', 'off_expected', 'over what was expected'], ['cast.check', 'shrinkage', 'measured shrinkage']],
            self::Join => [['join.plan', 'fires', 'heats'], ['join.plan', 'least_margin', 'nearest to melting'], ['join.plan', 'last_flow', 'last solder flows'], ['join.plan', 'safe_flow', 'safe for the piece'], ['join.plan', 'cost', 'this order costs']],
            self::Set => [['set.sequence', 'steps', 'pushes in a round'], ['set.sequence', 'pushes', 'pushes in all'], ['set.sequence', 'apart_deg', 'apart'], ['tools.list', 'needed', 'tools'], ['tools.list', 'missing', 'not owned']],
            self::Finish => [['finish.plan', 'grit_steps', 'grits'], ['finish.plan', 'greatest_step', 'greatest step'], ['finish.plan', 'tumbling', 'in the tumbler'], ['finish.plan', 'loss', 'taken off'], ['finish.plan', 'loss_share', 'of the casting']],
            self::HandOver => [['hand.over', 'metal_mass', 'metal in it'], ['hand.over', 'fine_mass', 'fine metal'], ['hand.over', 'size_off', 'over its size'], ['hand.over', 'off_expected', 'over its weight'], ['hand.over', 'client_balance', 'client’s metal left']],
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
            self::Sizing => 'Ring is sized',
            self::Join => 'Joints are closed',
            self::Set => 'Stones are tight',
            self::Finish => 'Finish is good',
            self::HandOver => 'Ready to hand over',
        };
    }
}
