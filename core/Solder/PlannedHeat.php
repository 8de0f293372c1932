<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/** One heat of a plan. Parts are a bit set; guarded are earlier joints that this heat softens. */
final readonly class PlannedHeat
{
    /**
     * @param  list<Joint>  $joints
     * @param  list<string>  $softened  earlier joints whose solder begins to melt under this flow
     * @param  list<string>  $moving  of these, those whose solder is far past its solidus
     * @param  list<string>  $again  earlier joints whose solder flows within a step of this one
     * @param  list<string>  $close  earlier joints whose solder flows nearer above this one than a torch is read
     * @param  array{int, int}  $sides
     *   the parts that come together, on the side of the joint's first part and on the other
     */
    public function __construct(
        public array $joints,
        public Solder $solder,
        public int $piece,
        public float $margin,
        public array $softened,
        public array $moving,
        public array $again,
        public array $close,
        public array $sides,
    ) {}

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(static fn (Joint $joint): string => $joint->id, $this->joints);
    }
}
