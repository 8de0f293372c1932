<?php

declare(strict_types=1);

namespace HotSprue\Casting;

use HotSprue\Stock\Alloy;

/** What is done to a flask, in order; each is tapped when it is done. */
enum CastingStep: string
{
    case Invest = 'invest';
    case Stand = 'stand';
    case Load = 'load';
    case Burn = 'burn';
    case Pour = 'pour';
    case Cool = 'cool';
    case Quench = 'quench';
    case Clean = 'clean';

    /** The step that must be done first; none before the first. */
    public function before(): ?self
    {
        $at = array_search($this, self::cases(), true);

        return self::cases()[(int) $at - 1] ?? null;
    }

    /** What tapping it says. */
    public function done(): string
    {
        return match ($this) {
            self::Invest => 'invested', self::Stand => 'has stood', self::Load => 'in the kiln',
            self::Burn => 'burnt out',
            self::Pour => 'poured', self::Cool => 'cooled', self::Quench => 'quenched', self::Clean => 'clean',
        };
    }

    /**
     * What must be seen to before the torch is lit, by the way it is poured; of a run, whatever way. Source: workbook
     * 10.
     *
     * @return list<string>
     */
    public static function safety(?string $method = null): array
    {
        $spun = ['arm balanced', 'flask seated with its spacer', 'torch off after release'];
        $steps = [
            'arm balanced', 'crucible glazed and warm', 'a pinch of flux', 'metal clean and weighed',
            'flask seated with its spacer', 'metal rolling and bright', 'torch off after release',
            'wait, and stand clear',
        ];

        return $method === null || $method === 'spin' ? $steps : array_values(array_diff($steps, $spun));
    }

    /** When to quench. Source: workbook 10. */
    public static function quench(Alloy $alloy): string
    {
        return match (true) {
            $alloy->isRoseGold() => 'at once when black-hot, or it hardens',
            $alloy->nickel => 'slowly, over 15 min',
            default => 'when the button has lost its colour in the shade, 3 to 8 min',
        };
    }
}
