<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** What shape a part has, as far as heat minds: how it is cut into nodes. */
enum PartForm: string
{
    case Ring = 'ring';
    case Loop = 'loop';
    case Bar = 'bar';
    case Plate = 'plate';

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** Usual width and thickness where nobody has said them, mm; a bar is square wire. */
    public function usual(string $what): float
    {
        return match ($this) {
            self::Ring => $what === 'width' ? 4.0 : 1.8,
            self::Loop => $what === 'width' ? 3.0 : 0.5,
            self::Bar => 1.0,
            self::Plate => $what === 'width' ? 8.0 : 0.8,
        };
    }

    /**
     * Length, width and thickness, mm, of a part of which only its volume is known, as such parts mostly are: a collet
     * a seventh as high as it is round, a claw eight times as long as it is thick.
     *
     * @param  float  $volume  mm³
     * @return array{float, float, float}
     */
    public function sizesOf(float $volume): array
    {
        [$width, $thickness] = match ($this) {
            self::Loop => [1 / 7, 1 / 40], self::Plate => [1.0, 1 / 12], self::Bar => [1 / 8, 1 / 8],
            self::Ring => [1 / 15, 1 / 33],
        };
        $length = ($volume / ($width * $thickness)) ** (1 / 3);

        return [$length, $width * $length, $thickness * $length];
    }

    public function isClosed(): bool
    {
        return $this === self::Ring || $this === self::Loop;
    }
}
