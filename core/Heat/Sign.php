<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** Something that the eye sees happen, and at which joint or part. Source: workbook 20, what it shows. */
final readonly class Sign
{
    /** @var array<string, string> what is seen, by its name */
    public const SEEN = [
        'boils' => 'the flux boils', 'crusts' => 'a white crust', 'clears' => 'the flux is clear as glass',
        'spends' => 'the flux is spent', 'jumps' => 'a chip jumps off with the boiling flux',
        'balls' => 'the solder draws up into a ball', 'flashes' => 'the solder flashes and runs',
        'pits' => 'the solder fumes and pits', 'moves' => 'an earlier joint moves', 'opens' => 'an earlier joint opens',
        'slumps' => 'the metal slumps', 'blackens' => 'the silver blackens',
    ];

    public function __construct(public string $sign, public string $at) {}

    /** @return array{sign: string, at: string, seen: string} */
    public function row(): array
    {
        return ['sign' => $this->sign, 'at' => $this->at, 'seen' => self::SEEN[$this->sign]];
    }
}
