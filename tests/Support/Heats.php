<?php

declare(strict_types=1);

namespace Tests\Support;

use HotSprue\Fields\Input;
use HotSprue\Heat\HeatPiece;
use HotSprue\Heat\Lessons;
use HotSprue\Heat\Piece;
use HotSprue\Heat\PieceBuilder;
use HotSprue\Workshop\WorkshopSettings;

/** Pieces for the fire, as tests want them. */
final class Heats
{
    /** @param array<string, mixed> $given as `heat.piece` takes it */
    public static function piece(array $given): Piece
    {
        $settings = WorkshopSettings::shipped();

        return PieceBuilder::of(Input::read(HeatPiece::fields(), $given, $settings), $settings)->piece();
    }

    public static function lesson(string $key): Piece
    {
        return self::piece(Lessons::all()[$key]->piece);
    }
}
