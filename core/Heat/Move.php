<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Stock\Torch;

/** What the hands do in a moment: where the torch points, and what the other hand lays, brushes or holds. */
final readonly class Move
{
    /** One moment, s: so much of the flame is asked for at a time. */
    public const SECONDS = 0.2;

    /** Held farther than this many times the usual distance it heats nothing. */
    private const FARTHEST = 4.0;

    /** @param list<string> $acts each `act` or `act: joint or part` */
    public function __construct(
        public float $x, public float $y, public float $spread = 1.0, public float $distance = 1.0,
        public bool $isOn = true, public array $acts = [],
    ) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('x', 'where the flame points, to the right')->between(-500, 500)
                ->allowingZero()->default(0.0),
            Field::length('y', 'where the flame points, downwards')->between(-500, 500)
                ->allowingZero()->default(0.0),
            Field::share('spread', 'how bushy it is: 0 sharp, 1 bushy')->between(0, 1)->allowingZero()->default(1.0),
            Field::number('distance', 'how far off it is held, in its usual distance')
                ->between(1, self::FARTHEST)->default(1.0),
            Field::yesNo('on', 'whether it is on the piece')->called('torch on?')->default(true),
            Field::text('acts', 'what the other hand does: '.implode(', ', Act::names()))->many()->default([]),
        ];
    }

    public static function read(Input $input): self
    {
        return new self(
            $input->num('x'), $input->num('y'), $input->num('spread'), $input->num('distance'), $input->flag('on'),
            $input->texts('acts'),
        );
    }

    /** @param array<string, mixed> $row as `row()` gave it */
    public static function kept(array $row): self
    {
        return new self(
            (float) $row['x'], (float) $row['y'], (float) $row['spread'], (float) $row['distance'],
            $row['on'] === true, array_values(array_filter((array) $row['acts'], is_string(...))),
        );
    }

    /** @return array<string, bool|float|list<string>> as it is kept */
    public function row(): array
    {
        return [
            'x' => $this->x, 'y' => $this->y, 'spread' => $this->spread, 'distance' => $this->distance,
            'on' => $this->isOn, 'acts' => $this->acts,
        ];
    }

    public function flame(Torch $torch): TorchFlame
    {
        return TorchFlame::at($torch, $this->x, $this->y, $this->spread, $this->distance, $this->isOn);
    }

    /** The piece after what the other hand did. */
    public function actedOn(Piece $piece): Piece
    {
        foreach ($this->acts as $act) {
            $piece = Act::read($act, $piece)($piece);
        }

        return $piece;
    }
}
