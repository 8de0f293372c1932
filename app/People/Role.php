<?php

declare(strict_types=1);

namespace App\People;

/** What somebody is in the workshop, and so what they may do. */
enum Role: string
{
    case Owner = 'owner';
    case Goldsmith = 'goldsmith';
    case Apprentice = 'apprentice';
    case Guest = 'guest';

    /** @return list<string> */
    public function abilities(): array
    {
        return array_values(
            array_map(
                static fn (Ability $ability): string => $ability->value,
                array_filter(Ability::cases(), $this->may(...)),
            ),
        );
    }

    public function may(Ability $ability): bool
    {
        return in_array($ability, match ($this) {
            self::Owner => Ability::cases(),
            self::Goldsmith => [Ability::Read, Ability::Work, Ability::Metal, Ability::Client, Ability::Shop],
            self::Apprentice => [Ability::Read, Ability::Work],
            self::Guest => [Ability::Read],
        }, true);
    }
}
