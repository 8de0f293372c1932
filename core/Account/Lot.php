<?php

declare(strict_types=1);

namespace HotSprue\Account;

/** Metal of one alloy and one owner. Masses are whole milligrams; an owner of null is the workshop. */
final readonly class Lot
{
    public function __construct(
        public int $id,
        public string $alloy,
        public float $fineness,
        public int $mass,
        public ?int $owner = null,
        /** The client whose piece it is cast into, for a casting. */
        public ?int $pieceOf = null,
        /** Whether its fineness is known; what is not is kept apart. */
        public bool $assayed = true,
    ) {}

    public function changed(int $milligrams): self
    {
        return new self(
            $this->id, $this->alloy, $this->fineness, $this->mass + $milligrams, $this->owner, $this->pieceOf,
            $this->assayed,
        );
    }
}
