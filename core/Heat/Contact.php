<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/** Where two nodes meet in a joint, with the flux and the solder that are there. */
final readonly class Contact
{
    /** Heat that passes an open joint, W/K a mm of its length; twice as much once its flux is liquid. */
    private const OPEN = 0.02;

    public function __construct(
        public string $joint,
        public int $from,
        public int $to,
        public float $length,
        public float $metal,
        public float $flow,
        public float $solidus,
        public bool $isNow,
        public bool $isMade,
        public bool $isGuarded = false,
        public bool $needsFlux = true,
        public Flux $flux = Flux::None,
        public float $clear = 0.0,
        public SolderState $solder = SolderState::None,
        public float $over = 0.0,
        public bool $pitted = false,
        public bool $moved = false,
        public ?float $flashed = null,
        public ?float $ahead = null,
    ) {}

    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::text('joint', 'the joint that it is of'),
            Field::count('from', 'place in the list of the node on one side')->allowingZero(),
            Field::count('to', 'place of the node on the other side')->allowingZero(),
            Field::length('length_mm', 'length of joint that lies here'),
            Field::number('metal_w_per_k', 'heat that passes once it is closed')->between(0, 1000),
            Field::temperature('flow_c', 'where its solder flows'),
            Field::temperature('solidus_c', 'where its solder begins to melt'),
            Field::yesNo('now', 'whether it is made in this heat'),
            Field::yesNo('made', 'whether it is closed')->default(false),
            Field::yesNo('guarded', 'whether it is guarded')->default(false),
            Field::yesNo('needs_flux', 'whether its solder asks for flux')->default(true),
            Field::choice('flux', Flux::names(), 'how its flux looks')->default(Flux::None->value),
            Field::of(Quantity::Seconds, 'clear_s', 'how long its flux has been clear')
                ->allowingZero()->default(0.0),
            Field::choice('solder', SolderState::names(), 'how its solder lies')->default(SolderState::None->value),
            Field::of(Quantity::Seconds, 'over_s', 'how long it was far past its flow')->allowingZero()->default(0.0),
            Field::yesNo('pitted', 'whether its zinc has boiled off')->default(false),
            Field::yesNo('moved', 'whether it has moved')->default(false),
            Field::of(Quantity::Seconds, 'flashed_s', 'when it flashed')->allowingZero()->optional(),
            Field::degreesApart('ahead_c', 'how far the first side was ahead at the flash')
                ->between(-5000, 5000)->allowingZero()->optional(),
        ];
    }

    /** @param array<string, mixed> $row */
    public static function read(array $row): self
    {
        return new self(
            (string) $row['joint'], (int) $row['from'], (int) $row['to'], (float) $row['length_mm'],
            (float) $row['metal_w_per_k'], (float) $row['flow_c'], (float) $row['solidus_c'], $row['now'] === true,
            $row['made'] === true, $row['guarded'] === true, $row['needs_flux'] === true,
            Flux::from((string) $row['flux']), (float) $row['clear_s'], SolderState::from((string) $row['solder']),
            (float) $row['over_s'], $row['pitted'] === true, $row['moved'] === true,
            isset($row['flashed_s']) ? (float) $row['flashed_s'] : null,
            isset($row['ahead_c']) ? (float) $row['ahead_c'] : null,
        );
    }

    /** @return array<string, float|int|bool|string|null> */
    public function row(): array
    {
        return [
            'joint' => $this->joint, 'from' => $this->from, 'to' => $this->to, 'length_mm' => $this->length,
            'metal_w_per_k' => $this->metal, 'flow_c' => $this->flow, 'solidus_c' => $this->solidus,
            'now' => $this->isNow, 'made' => $this->isMade, 'guarded' => $this->isGuarded,
            'needs_flux' => $this->needsFlux, 'flux' => $this->flux->value, 'clear_s' => round($this->clear, 2),
            'solder' => $this->solder->value, 'over_s' => round($this->over, 2),
            'pitted' => $this->pitted,
            'moved' => $this->moved, 'flashed_s' => $this->flashed,
            'ahead_c' => $this->ahead === null ? null : round($this->ahead, 1),
        ];
    }

    /** Heat that passes, W/K. */
    public function conducts(): float
    {
        return $this->isMade ? $this->metal : self::OPEN * $this->length * ($this->flux->isLiquid() ? 2 : 1);
    }

    /** @param array<string, mixed> $changes by the names of its own figures */
    public function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
