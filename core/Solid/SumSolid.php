<?php

declare(strict_types=1);

namespace HotSprue\Solid;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Form\FingerInput;
use HotSprue\Form\FormBand;
use HotSprue\Form\ImpossibleSection;
use HotSprue\Seats\Proportions;
use HotSprue\Stock\Alloy;
use HotSprue\Stones\StoneInput;
use HotSprue\Workshop\WorkshopSettings;

/** What a sum without a job is of, as a solid: a band, a stone in its collet or claws, or a gallery. */
final class SumSolid
{
    private const SHEETS = ['form.band', 'seat.bezel', 'seat.claw', 'seat.gallery'];

    /** What a piece is of that nobody named a metal for. */
    public const USUAL = 'sterling-925';

    public static function has(string $sheet): bool
    {
        return in_array($sheet, self::SHEETS, true);
    }

    /** @return list<Part> none where the sum has no body */
    public static function parts(string $sheet, Input $input, Answer $answer, WorkshopSettings $settings): array
    {
        $metal = static fn (): Look => Look::metal(Alloy::named(
            $sheet === 'seat.claw' ? self::USUAL : $input->textOrNull('alloy') ?? self::USUAL, $settings,
        ));
        $fineness = Fineness::Look;
        try {
            return match ($sheet) {
                'form.band' => [new Part('band', 'band', $metal(), BandSolid::of(
                    FormBand::band($input, FingerInput::read($input)->diameter()), $fineness,
                ))],
                'seat.bezel' => [
                    new Part('collar', 'bezel', $metal(), $input->text('made_from') === 'tube'
                        ? HeadSolid::tube($input, $answer, $fineness) ?? HeadSolid::bezel($input, $answer, $fineness)
                        : HeadSolid::bezel($input, $answer, $fineness)),
                    self::stone($input, $answer->num('seat_height'), $settings),
                ],
                'seat.claw' => [
                    new Part('claws', 'claws', $metal(), HeadSolid::claws($answer, $fineness)),
                    self::stone($input, $answer->num('below'), $settings),
                ],
                'seat.gallery' => [
                    new Part('gallery', 'gallery', $metal(), GallerySolid::of($input, $answer, $fineness)),
                ],
                default => [],
            };
        } catch (ImpossibleSection) {
            return [];
        }
    }

    private static function stone(Input $input, float $seat, WorkshopSettings $settings): Part
    {
        $outline = StoneInput::read($input);
        $parts = Proportions::of($input, $outline->wide, $settings);
        $isDome = ($input->values()['cut'] ?? null) === 'cabochon';
        $stone = $isDome
            ? StoneSolid::cabochon($outline, $input->numOr('depth', $outline->wide / 2), 48)
            : StoneSolid::faceted($outline, $parts->crown, $parts->girdle, $parts->pavilion);

        return new Part('stone', 'stone', Look::stone(null), $stone->placed(Frame::at(0.0, 0.0, $seat)));
    }
}
